<?php

declare(strict_types=1);

namespace Kindred\Compare;

/** What of a screen a difference is about, and what a next take could try. */
enum Aspect: string
{
    case Layout = 'layout';
    case Order = 'order';
    case Emphasis = 'emphasis';
    case Wording = 'wording';
    case Density = 'density';
}
