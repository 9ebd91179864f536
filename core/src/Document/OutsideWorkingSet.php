<?php

declare(strict_types=1);

namespace Kindred\Document;

/** A command looked at a part of the tree that it had not declared: a mistake in the command. */
final class OutsideWorkingSet extends \LogicException
{
}
