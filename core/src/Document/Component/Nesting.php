<?php

declare(strict_types=1);

namespace Kindred\Document\Component;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;

/** How components lie in each other: in no circle, and never so many that one could not be drawn. */
final class Nesting
{
    /** Layers that an instance shows at most, those of instances in it and in all cells too. */
    public const MAX_SHOWN = 2_000;

    /** @var array<string, int> by component, those that are being counted as -1 */
    private array $counts = [];

    private function __construct(private readonly Tree $tree)
    {
    }

    /**
     * @throws InvalidInput where a component would lie in itself, or show too much
     */
    public static function held(Tree $before, Tree $after): void
    {
        if (! self::mayDiffer($before, $after)) {
            return;
        }
        $nesting = new self($after);
        foreach ($after->sheets() as $sheet) {
            $nesting->count($sheet->id);
        }
    }

    private static function mayDiffer(Tree $before, Tree $after): bool
    {
        if ($before->screens !== $after->screens && array_filter($after->screens, fn (Screen $screen): bool => $screen->component !== ($before->screens[$screen->id] ?? null)?->component) !== []) {
            return true;
        }
        foreach ($before->layers === $after->layers ? [] : $after->layers as $id => $layer) {
            if ($layer !== ($before->layers[$id] ?? null) && $after->component($layer->screen) !== null) {
                return true;
            }
        }

        return false;
    }

    /** How many layers an instance of a component shows. */
    private function count(string $component): int
    {
        if (($this->counts[$component] ?? 0) === -1) {
            throw new InvalidInput('layers', "“{$this->tree->screen($component)->name}” would lie in itself: a component cannot show itself, nor what shows it. Nothing was changed.");
        }
        if (isset($this->counts[$component])) {
            return $this->counts[$component];
        }
        $this->counts[$component] = -1;
        $shown = 0;
        foreach ($this->tree->design($component) as $layer) {
            $around = array_map(fn (Layer $one): int => $one->content instanceof Expanding ? max(1, count($one->content->copies($one->id))) : 1, $this->tree->expanding($layer));
            $shown += (int) array_product($around) * (1 + max([0, ...array_map($this->count(...), $layer->components())]));
        }
        foreach ($this->tree->component($component)?->components() ?? [] as $other) {
            $this->count($other);
        }
        if ($shown > self::MAX_SHOWN) {
            throw new InvalidInput('layers', "Each instance of “{$this->tree->screen($component)->name}” would show ".number_format($shown).' layers, those in it in all their copies; at most '.number_format(self::MAX_SHOWN).' can be shown. Nothing was changed.');
        }

        return $this->counts[$component] = $shown;
    }
}
