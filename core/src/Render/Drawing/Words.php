<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Fill;
use Kindred\Type\LaidRun;
use Kindred\Type\LaidText;
use Kindred\Type\TextStyle;

/** Words that are laid out. */
final readonly class Words implements Drawn
{
    /**
     * @param  list<Fill>  $fills  the front one first
     * @param  bool  $coloured  whether runs that have a colour of their own are painted with it
     */
    public function __construct(public LaidText $laid, public TextStyle $style, public array $fills, public bool $coloured = true)
    {
    }

    public function paintedBy(Painter $painter): string
    {
        return $painter->words($this);
    }

    public function reach(): float
    {
        return 0.0;
    }

    /**
     * What is drawn of it, by what it is painted with: the fills of the text, or a colour of its own.
     *
     * @return list<array{list<Fill>, non-empty-list<array{LaidRun, float}>}> runs with their baselines, px
     */
    public function painted(): array
    {
        $groups = [];
        foreach ($this->laid->lines as $line) {
            foreach ($line->drawn($this->style) as $run) {
                if (trim($run->text) !== '') {
                    $colour = $this->coloured ? $run->setting->colour : null;
                    $groups[$colour?->text() ?? ''] ??= [$colour === null ? $this->fills : [Fill::solid($colour)], []];
                    $groups[$colour?->text() ?? ''][1][] = [$run, $line->baseline];
                }
            }
        }

        return array_values($groups);
    }
}
