<?php

declare(strict_types=1);

namespace Kindred\Motion;

/** Which of the two screens of a transition is meant. */
enum Subject: string
{
    case Arriving = 'arriving';
    case Leaving = 'leaving';
}
