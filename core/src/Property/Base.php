<?php

declare(strict_types=1);

namespace Kindred\Property;

/** What 100% of a length stands for, where it is typed. */
enum Base
{
    /** What the property has. */
    case Own;

    /** One: percent are hundredths. */
    case One;

    /** The width of what the thing lies in. */
    case Width;

    /** The height of what the thing lies in. */
    case Height;

    /** The width of the thing itself. */
    case OwnWidth;

    /** The height of the thing itself. */
    case OwnHeight;

    /** The shorter side of the thing itself. */
    case Side;
}
