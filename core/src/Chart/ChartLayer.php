<?php

declare(strict_types=1);

namespace Kindred\Chart;

use Kindred\Document\Layer;

/** A plain layer of which a chart is drawn, and what of the chart it belongs to: a series, the scale. */
final readonly class ChartLayer
{
    public function __construct(public string $section, public Layer $layer)
    {
    }
}
