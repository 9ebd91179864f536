<?php

declare(strict_types=1);

namespace Kindred\Property;

/** What a change of a property has a say in. */
enum Affects
{
    /** Where things lie and how large they are, and so also what is painted. */
    case Layout;

    /** What is painted, but not where. */
    case Paint;

    /** Neither: names, locks, what leads where. */
    case Nothing;
}
