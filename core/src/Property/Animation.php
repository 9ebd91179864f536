<?php

declare(strict_types=1);

namespace Kindred\Property;

/** How a property goes from one value to another over time (Web Animations 1, section 5.2, animation type). */
enum Animation: string
{
    /** Not at all: nothing of it is seen. */
    case None = 'no';

    /** At once, halfway. */
    case Discrete = 'at once';

    /** Through the values between them. */
    case ByValue = 'by value';
}
