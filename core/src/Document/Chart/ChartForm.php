<?php

declare(strict_types=1);

namespace Kindred\Document\Chart;

/** What the points of a chart are drawn as; `Chart\Plotter` has a class for each. */
enum ChartForm: string
{
    case Bars = 'bars';
    case Lines = 'lines';
    case Areas = 'areas';
    case Ring = 'ring';
    case Gauge = 'gauge';
    case Progress = 'progress';
    case Sparkline = 'sparkline';

    /** What all that have a scale across or up use of the properties of a chart. */
    private const AXES = ['min', 'max', 'logarithmic', 'steps', 'gridLines', 'scaleLabels', 'pointLabels', 'legend', 'goal', 'grid'];

    /** What words of all forms are set by. */
    private const WORDS = ['form', 'sheet', 'style', 'ink', 'valueLabels', 'before', 'after', 'decimals'];

    private const LINE = ['curve', 'lineWidth', 'dots'];

    private const ROUND = ['hole', 'startAngle', 'sweep', 'gap', 'rounding'];

    /** @return list<string> the properties of a chart that this form has a use for */
    public function uses(): array
    {
        return [...self::WORDS, ...match ($this) {
            self::Bars => [...self::AXES, 'across', 'together', 'gap', 'spacing', 'rounding'],
            self::Lines => [...self::AXES, ...self::LINE],
            self::Areas => [...self::AXES, ...self::LINE, 'together', 'areaOpacity'],
            self::Ring => [...self::ROUND, 'spacing', 'legend'],
            self::Gauge => [...self::ROUND, 'min', 'max', 'logarithmic', 'steps', 'gridLines', 'scaleLabels', 'pointLabels', 'legend', 'goal', 'grid'],
            self::Progress => ['gap', 'rounding', 'thickness', 'min', 'max', 'pointLabels', 'goal', 'grid'],
            self::Sparkline => [...self::LINE, 'areaOpacity', 'min', 'max', 'goal'],
        }];
    }

    /** Whether lengths from nought show how much something is, so that nought belongs to the scale. */
    public function isFromNought(): bool
    {
        return $this !== self::Lines && $this !== self::Sparkline;
    }
}
