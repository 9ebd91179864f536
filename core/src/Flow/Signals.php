<?php

declare(strict_types=1);

namespace Kindred\Flow;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Kit\Interactive;
use Kindred\Kit\Kit;
use Kindred\Signal\Kind;

/**
 * The signals of a project: what its widgets are called, and what they hold.
 *
 * A widget's signal is the name that it was given, or one made of its label or its layer's name. Widgets that were given
 * the same name share a value if they hold the same kind of it; made names are counted up.
 */
final class Signals
{
    /** Signals that need no widget: a number generated for each rehearsal, and the day on which it is played. */
    public const BUILT_IN = ['serial' => Kind::Number, 'today' => Kind::Date];

    /** @var array<string, Kind> by name */
    public array $kinds = self::BUILT_IN;

    /** @var array<string, string> the signal of a widget, by its address */
    public array $of = [];

    /** @var array<string, Widget> what the widgets hold, by the same */
    public array $widgets = [];

    /** @var array<string, list<string>> the widgets of each screen, by its id */
    public array $on = [];

    public function __construct(private readonly Tree $tree)
    {
        $found = [];
        foreach ($tree->reel() as $screen) {
            $this->on[$screen->id] = [];
            foreach ($tree->layersOf($screen->id) as $layer) {
                foreach ($this->keys($layer) as $key) {
                    $found[] = [$key, $layer];
                    $this->on[$screen->id][] = $key;
                }
            }
        }
        foreach ($tree->sheets() as $sheet) {
            foreach ($tree->design($sheet->id) as $layer) {
                foreach ($this->keys($layer) as $key) {
                    $on = ($tree->showing(Address::of($key))[0] ?? null)?->screen;
                    if ($on !== null && isset($this->on[$on])) {
                        $found[] = [$key, $layer];
                        $this->on[$on][] = $key;
                    }
                }
            }
        }
        // Given names come first, so that no made one takes them.
        foreach ([true, false] as $given) {
            foreach ($found as [$key, $layer]) {
                $content = $layer->content;
                if ($content instanceof Widget && ($content->signal !== '') === $given) {
                    $this->add($key, $layer, $content);
                }
            }
        }
    }

    /** What a signal is called where people read it: the label of its widget. */
    public function label(string $signal): string
    {
        $key = array_search($signal, $this->of, true);
        $label = $key === false ? '' : $this->widgets[$key]->label;

        return $label === '' ? $signal : $label;
    }

    private function add(string $key, Layer $layer, Widget $content): void
    {
        $kind = Kit::find($content->widget);
        if (! $kind instanceof Interactive) {
            return;
        }
        $base = $content->signal === '' ? Kit::made($layer) : $content->signal;
        $name = $base;
        for ($number = 2; isset($this->kinds[$name]) && ($content->signal === '' || $this->kinds[$name] !== $kind->signal() || isset(self::BUILT_IN[$name])); $number++) {
            $name = "{$base}_{$number}";
        }
        $this->kinds[$name] = $kind->signal();
        $this->of[$key] = $name;
        $this->widgets[$key] = Kit::paged($content);
    }

    /** @return list<string> what a layer's widget is called: its address wherever it is shown */
    private function keys(Layer $layer): array
    {
        if (! $layer->content instanceof Widget || ! Kit::find($layer->content->widget) instanceof Interactive) {
            return [];
        }

        return array_map(strval(...), $this->tree->addresses($layer));
    }
}
