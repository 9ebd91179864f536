<?php

declare(strict_types=1);

namespace Kindred\Document;

enum Entity: string
{
    case Project = 'project';
    case Screen = 'screen';
    case Layer = 'layer';
    case Entry = 'entry';
}
