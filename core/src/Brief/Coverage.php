<?php

declare(strict_types=1);

namespace Kindred\Brief;

use Kindred\Document\Bounds;
use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Brief\Tie;
use Kindred\Document\Brief\TieKind;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Layer;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Flow\Programme;
use Kindred\Flow\Reach;
use Kindred\Geometry\Box;

/**
 * Which requirements a project meets, and what in it no requirement asks for.
 *
 * A requirement is covered when everything tied to it is there, shows, and can be reached from where a rehearsal starts;
 * partly when some of that fails; missing when nothing is tied to it. What was tied on one take of a screen counts on the
 * take that hangs on the wall, as far as it is there too.
 */
final readonly class Coverage
{
    /** @var array<string, true> */
    private array $reached;

    /** @var array<string, string> layers on screens that hang on the wall, by where they come from */
    private array $descents;

    /** @var array<string, array{Layer|Screen, Cue}> */
    private array $cues;

    /** @var list<Covered> */
    public array $requirements;

    public function __construct(private Tree $tree)
    {
        $this->reached = Reach::of(Programme::compile($tree));
        $descents = $cues = [];
        $versions = [];
        foreach ($tree->reel() as $screen) {
            $versions += $screen->take === null ? [] : [$screen->id => true];
            $versions += $screen->conditionOf === null ? [] : [$screen->id => true, $screen->conditionOf => true];
        }
        foreach ($tree->layers as $layer) {
            if ($tree->isHung($layer)) {
                // A copy on another screen is there for something else.
                $descents += isset($versions[$layer->screen ?? '']) ? [$layer->descent() => $layer->id] : [];
                foreach ($layer->cues as $cue) {
                    $cues[$cue->id] = [$layer, $cue];
                }
            }
        }
        foreach ($tree->reel() as $screen) {
            foreach ($screen->cues as $cue) {
                $cues[$cue->id] = [$screen, $cue];
            }
        }
        $this->descents = $descents;
        $this->cues = $cues;
        $this->requirements = array_map($this->covered(...), $tree->part(Part::Requirement));
    }

    /** @return list<Covered> those that speak of a screen, and those of no screen at all */
    public function on(string $screen): array
    {
        return array_values(array_filter($this->requirements, fn (Covered $one): bool => $one->speaksOf($screen) || ($one->requirement->screen === null && $one->ties === [])));
    }

    /**
     * The screens that no requirement asks for, and on the others the outermost layers that none does.
     *
     * @return list<array{screen: Screen, layers: list<Layer>|null}> layers null: the screen as a whole
     */
    public function unasked(): array
    {
        $screens = $layers = [];
        foreach ($this->requirements as $one) {
            foreach ($one->ties as $tie) {
                if ($tie['screen'] !== null) {
                    $screens[$tie['screen']] = ($screens[$tie['screen']] ?? false) || $tie['layer'] === null;
                }
                if ($tie['layer'] !== null) {
                    $layers[$tie['layer']] = true;
                }
            }
            if ($one->requirement->screen !== null) {
                $screens[$one->requirement->screen] ??= false;
            }
        }
        $out = [];
        foreach ($this->tree->reel() as $screen) {
            if (! isset($screens[$screen->id])) {
                $out[] = ['screen' => $screen, 'layers' => null];
            } elseif (! $screens[$screen->id]) {
                $left = array_values(array_filter(
                    $this->tree->children(new Place($screen->id)),
                    fn (Layer $layer): bool => ! $layer->hidden && array_filter($this->tree->subtree($layer->id), fn (Layer $one): bool => isset($layers[$one->id])) === [],
                ));
                if ($left !== []) {
                    $out[] = ['screen' => $screen, 'layers' => $left];
                }
            }
        }

        return $out;
    }

    private function covered(Entry $requirement): Covered
    {
        $ties = array_map($this->tied(...), $requirement->ties);
        $problems = array_values(array_filter(array_column($ties, 'problem'), is_string(...)));
        $status = match (true) {
            $ties === [] => Status::Missing,
            $problems !== [] => Status::Partly,
            default => Status::Covered,
        };

        return new Covered($requirement, $status, $problems, $ties);
    }

    /** @return array{tie: Tie, name: string, layer: ?string, screen: ?string, problem: ?string} */
    private function tied(Tie $tie): array
    {
        $found = match ($tie->kind) {
            TieKind::Layer => $this->layer($tie->id),
            TieKind::Screen => $this->screen($tie->id),
            TieKind::Cue => $this->cues[$tie->id][0] ?? null,
        };
        $name = $found === null ? ($tie->name === '' ? $tie->id : $tie->name) : $found->name;
        $problem = match (true) {
            $found === null => "“{$name}” is gone.",
            $found instanceof Screen => $this->failing($found),
            default => $this->failingLayer($found),
        };
        if ($problem === null && $tie->kind === TieKind::Cue) {
            $problem = $this->failingCue($this->cues[$tie->id][1], $name);
        }

        return [
            'tie' => $tie,
            'name' => $tie->kind === TieKind::Cue ? "cue of {$name}" : $name,
            'layer' => $found instanceof Layer ? $found->id : null,
            'screen' => $found instanceof Layer ? $found->screen : $found?->id,
            'problem' => $problem,
        ];
    }

    private function layer(string $id): ?Layer
    {
        $layer = $this->tree->layers[$id] ?? null;
        if ($layer !== null && $this->tree->isHung($layer)) {
            return $layer;
        }
        $other = $this->descents[$layer === null ? $id : $layer->descent()] ?? null;

        return $other === null ? null : $this->tree->layers[$other];
    }

    private function screen(string $id): ?Screen
    {
        $screen = $this->tree->screens[$id] ?? null;

        return $screen?->take?->of === null ? $screen : ($this->tree->screens[$screen->take->of] ?? null);
    }

    private function failing(Screen $screen): ?string
    {
        return isset($this->reached[$screen->id]) ? null : "“{$screen->name}” cannot be reached from where a rehearsal starts.";
    }

    /** A layer of a component is seen where that is used. */
    private function failingUses(Layer $layer, string $component): ?string
    {
        $on = $this->tree->usedOn($component);

        return match (true) {
            $on === [] => "“{$layer->name}” lies in a component that is not used.",
            array_intersect($on, array_map(strval(...), array_keys($this->reached))) === [] => "“{$layer->name}” lies in a component that is used only where a rehearsal does not come.",
            default => null,
        };
    }

    private function failingLayer(Layer $layer): ?string
    {
        if ($this->tree->component($layer->screen) !== null) {
            return $this->failingUses($layer, $layer->screen ?? '');
        }
        $screen = $layer->screen === null ? null : $this->tree->screen($layer->screen);
        $unseen = array_filter([$layer, ...$this->tree->ancestors($layer)], fn (Layer $one): bool => $one->hidden || $one->opacity <= 0.0);
        $box = Bounds::of($this->tree, $layer);

        return match (true) {
            $screen === null => "“{$layer->name}” lies beside the screens.",
            $unseen !== [] => "“{$layer->name}” is hidden.",
            Box::between(max(0.0, $box->x), max(0.0, $box->y), min($screen->box->width, $box->right()), min($screen->box->height, $box->bottom())) === null && ! $layer->isGroup() => "“{$layer->name}” lies outside “{$screen->name}”.",
            default => $this->failing($screen),
        };
    }

    private function failingCue(Cue $cue, string $name): ?string
    {
        $gone = array_filter($cue->targets(), fn (string $target): bool => ! isset($this->tree->screens[$target]));

        return $gone !== [] ? "The cue of “{$name}” leads to a screen that is gone." : null;
    }
}
