<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

/** What layers are brought into line with: each other, what they lie in, or the one picked last, which stays. */
enum AlignTo: string
{
    case Each = 'each';
    case Parent = 'parent';
    case Last = 'last';
}
