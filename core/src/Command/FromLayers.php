<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** What commands share that make one new layer of a selection; the ids of what is new grow from the seed. */
trait FromLayers
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(
        private readonly ?string $screen,
        private readonly array $layers,
        private readonly string $seed,
    ) {
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->string('seed', 64, false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: $this->layers);
    }
}
