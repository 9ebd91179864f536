<?php

declare(strict_types=1);

namespace Kindred\Device;

enum Pointing: string
{
    case Touch = 'touch';
    case Pointer = 'pointer';
}
