<?php

declare(strict_types=1);

namespace Kindred\Property;

/** A value between which and another of its class there are others, such as a colour. */
interface Interpolable
{
}
