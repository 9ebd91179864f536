<?php

declare(strict_types=1);

namespace Kindred\Check;

/** A rule that looks beyond the screen only for how what it has found is mended: where it has found nothing, nothing is to be looked at again. */
interface FixesBeyond extends Beyond
{
}
