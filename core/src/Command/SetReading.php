<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Missing;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Says in which order layers of a screen are meant to be met; none for the order of the requirements that are tied to them. */
final readonly class SetReading implements Command
{
    /** @param  list<Address>  $layers */
    private function __construct(private string $screen, private array $layers)
    {
    }

    public static function type(): string
    {
        return 'set-reading';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), ($in->raw()['layers'] ?? null) === [] ? [] : Address::all($in, 'layers', Screen::MAX_READING));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen], layers: Address::named($this->layers));
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $tree->screen($this->screen);
        foreach ($this->layers as $address) {
            $showing = $tree->showing($address);
            $layer = $tree->layers[$address->layer] ?? null;
            if ($layer === null || $showing === null || (($showing[0] ?? $layer)->screen !== $screen->id)) {
                throw $layer === null ? Missing::layer($address->layer) : new InvalidInput('layers', "“{$layer->name}” does not show on “{$screen->name}”. Nothing was changed.");
            }
        }

        return $tree->withScreens($screen->with(reading: array_values(array_unique(array_map(strval(...), $this->layers)))));
    }

    public function label(Tree $before): string
    {
        $name = ($before->screens[$this->screen] ?? null)->name ?? 'gone';

        return $this->layers === [] ? "Read “{$name}” as its requirements come" : "Set what is read first on “{$name}”";
    }
}
