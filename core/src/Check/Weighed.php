<?php

declare(strict_types=1);

namespace Kindred\Check;

use Kindred\Paint\Oklab;

/** How much something pulls the eye, and by what. */
final readonly class Weighed
{
    /**
     * @param  float  $pull  by its own parts, without what lies elsewhere
     * @param  Oklab  $colour  of its strongest part
     * @param  float  $area  that is painted, as a share of the screen
     * @param  float  $contrast  of lightness, of its strongest part with what lies around it, 0 to 1
     * @param  float  $chroma  how far the colour of that part is from what lies around it, lightness apart
     * @param  float  $apart  how far its colour is from those of all other things, 0 to about 1
     */
    public function __construct(public Placed $thing, public float $pull, public Oklab $colour, public float $area, public float $contrast, public float $chroma, public float $apart = 0.0)
    {
    }

    /**
     * @param  list<array{Oklab, int}>  $colours  those of all things, its own too, and how many have each
     * @param  int  $things  how many there are
     */
    public function among(array $colours, int $things): self
    {
        $away = 0.0;
        foreach ($colours as [$colour, $many]) {
            $away += $many * $this->colour->distance($colour);
        }

        return new self($this->thing, $this->pull, $this->colour, $this->area, $this->contrast, $this->chroma, $away / max(1, $things - 1));
    }

    public function prominence(): float
    {
        return $this->pull * (1 + $this->apart);
    }

    /** By what it pulls more than another, as a sentence goes on: "it is larger". */
    public function by(self $other): string
    {
        $more = [
            'it is larger' => ($this->area / max(1e-6, $other->area)) ** 0.35,
            'it stands out more from what lies behind it' => $this->contrast / max(0.02, $other->contrast),
            'its colour is stronger' => $this->chroma / max(0.02, $other->chroma),
            'its colour is found nowhere else' => (1 + $this->apart) / (1 + $other->apart),
        ];
        arsort($more);

        return array_key_first($more);
    }
}
