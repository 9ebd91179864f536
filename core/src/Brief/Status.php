<?php

declare(strict_types=1);

namespace Kindred\Brief;

enum Status: string
{
    case Covered = 'covered';
    case Partly = 'partly';
    case Missing = 'missing';
}
