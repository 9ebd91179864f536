<?php

declare(strict_types=1);

namespace Kindred\Render\Drawing;

use Kindred\Document\Style\Fill;
use Kindred\Type\LaidText;
use Kindred\Type\TextStyle;

/** Words that are laid out. */
final readonly class Words implements Drawn
{
    /** @param  list<Fill>  $fills  the front one first */
    public function __construct(public LaidText $laid, public TextStyle $style, public array $fills)
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
}
