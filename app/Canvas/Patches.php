<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Document\Change;
use Kindred\Document\Component\Uses;
use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Container;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\HasSheet;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Overlay;
use Kindred\Document\Place;
use Kindred\Document\Project as ProjectThing;
use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Property\Properties;
use Kindred\Render\DeviceFrame;
use Kindred\Render\GridRenderer;
use Kindred\Render\Renderer;

/**
 * A Difference as the picture on the wall needs it.
 *
 * A layer's patch holds its SVG and, when it is new or has gone elsewhere, what it stands in and
 * above. A group that was there already is sent as a shell: its own attributes, not its content.
 */
final readonly class Patches
{
    public function __construct(private Renderer $renderer, private Pictures $pictures, private TreeLoader $store, private CellPatches $cells)
    {
    }

    /**
     * @param  Tree|null  $before  where it is at hand: of an array only the cells that changed are drawn then
     * @param  list<string>  $named  layers that may be shown elsewhere already: where what they lie in has changed instead of them, they are said again
     * @return list<array<string, mixed>>
     */
    public function of(Project $project, Difference $difference, Tree $after, ?Tree $before = null, array $named = []): array
    {
        $added = $this->added($difference) + $this->opened($difference, $after);
        $redrawn = [];
        $patches = [];
        $brought = $this->brought($difference, $after);
        $following = $this->following($difference, $after);
        // Cells are compared by their design, and not by the components that are used in it.
        $before = $following === [] ? $before : null;
        $lower = $this->lower($difference, $after);
        foreach ($difference->changes as $change) {
            if ($change->entity !== Entity::Layer || ! $this->isHung($change, $after)) {
                continue;
            }
            $now = isset($after->layers[$change->id]) ? $this->expandingAround($after, $after->layers[$change->id]->parent) : null;
            foreach ([$now, $this->expandingAround($after, $change->before['parent'] ?? null)] as $around) {
                $redrawn += $around === null ? [] : [$around => true];
            }
            // A layer that has moved into a copy is drawn only there.
            if ($now !== null && $change->touches('parent', 'screen') && ! $change->isAddition()) {
                $patches[] = ['layer' => $change->id, 'removed' => true];
            }
        }
        foreach ($difference->changes as $change) {
            $patch = match ($change->entity) {
                Entity::Project => ['project' => array_diff_key($after->project->toArray(), ['fonts' => 1, 'icons' => 1, 'look' => 1]), 'redraw' => $change->touches('finish', 'look') || $change->touchesAny(ProjectThing::FONT, ProjectThing::ICON), 'fonts' => $change->touchesAny(ProjectThing::FONT)],
                Entity::Screen => $this->screen($change, $after, isset($brought[$change->id])),
                Entity::Layer => $this->isHung($change, $after) ? $this->layer($project, $change, $after, $before, $added, $redrawn, $lower) : $this->parked($change),
                Entity::Entry => ['brief' => $change->id],
                Entity::RuleSetting, Entity::Aside => ['checks' => $change->id],
                Entity::Library => ['library' => $change->id],
                Entity::Token, Entity::TokenGroup, Entity::Theme, Entity::ThemeValue => ['token' => $change->id],
            };
            if ($patch !== null) {
                $patches[] = $patch;
            }
            if ($change->entity === Entity::Layer) {
                unset($redrawn[$change->id]);
            }
        }
        $around = array_fill_keys(array_map(fn (Change $change): string => $change->id, $difference->changes), true);
        $still = array_filter(array_intersect_key($after->layers, array_flip($named)), fn (Layer $layer): bool => ! isset($around[$layer->id]) && isset($around[$layer->parent ?? '']) && $this->expandingAround($after, $layer->parent) === null);
        foreach (array_diff_key($this->masked($difference, $after) + $still + $following, array_column($patches, null, 'layer')) as $layer) {
            $patches[] = ['layer' => $layer->id, 'rank' => $layer->rank, 'at' => $layer->screen] + $this->drawing($project, $layer, $after, null, isset($following[$layer->id]) || ! $layer->isContainer());
        }
        foreach (array_keys($redrawn) as $id) {
            $layer = $after->layer((string) $id);
            $patches[] = ['layer' => $layer->id, 'rank' => $layer->rank, 'at' => $layer->screen] + $this->drawing($project, $layer, $after, $before, true);
        }
        if ($this->fills($difference, $after)) {
            $patches[] = ['samples' => true];
        }
        // Lower layers first, so that each finds the one that it stands above.
        $ranks = array_map(fn (array $patch): string => isset($patch['layer']) ? ' '.($patch['rank'] ?? '') : '', $patches);
        asort($ranks, SORT_STRING);

        return array_map(fn (int $i): array => $patches[$i], array_keys($ranks));
    }

    /** @return array<string, Layer> what lies in which shows otherwise, by id: a layer that masks that has changed, or begun or ceased to */
    private function masked(Difference $difference, Tree $after): array
    {
        $masked = [];
        foreach ($difference->changes as $change) {
            if ($change->entity !== Entity::Layer) {
                continue;
            }
            $now = $after->layers[$change->id] ?? null;
            $parents = [...($now?->masking === true ? [$now->parent] : []), ...(($change->before['masking'] ?? false) === true || $now?->masking === true ? [$change->before['parent'] ?? $now?->parent] : [])];
            foreach ($parents as $parent) {
                $layer = is_string($parent) ? $after->layers[$parent] ?? null : null;
                if ($layer !== null && $this->expandingAround($after, $layer->id) === null && $this->isShown($layer, $after)) {
                    $masked[$layer->id] = $layer;
                }
            }
        }

        return $masked;
    }

    /** @return array<string, Layer> what shows a component that has changed, by id: an instance, or the array in whose cells one lies */
    private function following(Difference $difference, Tree $after): array
    {
        $found = [];
        foreach (Uses::following($difference, $after) as $use) {
            $layer = $after->layer($this->expandingAround($after, $use->parent) ?? $use->id);
            $found += $this->isShown($layer, $after) ? [$layer->id => $layer] : [];
        }

        return $found;
    }

    private function isShown(Layer $layer, Tree $after): bool
    {
        return $layer->screen === null || ($after->screens[$layer->screen] ?? null)?->hangs() !== false;
    }

    /** Whether words elsewhere may change: a widget's value has changed, or a widget was added or removed. */
    private function fills(Difference $difference, Tree $after): bool
    {
        $fields = array_keys(Properties::of(Widget::class)->all);
        foreach ($difference->changes as $change) {
            if ($change->entity !== Entity::Layer) {
                continue;
            }
            $was = ($change->before['kind'] ?? null) === Widget::kind();
            if ($was || (($after->layers[$change->id] ?? null)?->content instanceof Widget && $change->touches('kind', ...$fields))) {
                return true;
            }
        }

        return false;
    }

    /** Whether a layer can be seen on the wall, and could be before. */
    private function isHung(Change $change, Tree $after): bool
    {
        $hangs = fn (mixed $screen): bool => ! is_string($screen) || ($after->screens[$screen] ?? null)?->hangs() !== false;

        return $hangs(($after->layers[$change->id] ?? null)?->screen) && $hangs($change->before['screen'] ?? null);
    }

    /**
     * What came to lie right above something that came there in the same step: that much is known without asking.
     *
     * @return array<string, string> the layer right below, by id
     */
    private function lower(Difference $difference, Tree $after): array
    {
        $placed = $places = [];
        foreach ($difference->changes as $change) {
            if ($change->entity === Entity::Layer && $change->touches('rank', 'parent', 'screen') && isset($after->layers[$change->id])) {
                $placed[$change->id] = true;
                $places[Place::of($after->layers[$change->id])->key()] = [];
            }
        }
        if (count($placed) < 2) {
            return [];
        }
        foreach ($after->layers as $layer) {
            $key = Place::of($layer)->key();
            if (isset($places[$key])) {
                $places[$key][] = $layer;
            }
        }
        $lower = [];
        foreach ($places as $siblings) {
            usort($siblings, Rank::compare(...));
            foreach ($siblings as $i => $layer) {
                $below = $siblings[$i - 1] ?? null;
                if ($below !== null && isset($placed[$layer->id], $placed[$below->id])) {
                    $lower[$layer->id] = $below->id;
                }
            }
        }

        return $lower;
    }

    /** @return array<string, true> screens onto which layers came from a take that did not hang on the wall */
    private function brought(Difference $difference, Tree $after): array
    {
        $brought = [];
        foreach ($difference->changes as $change) {
            $to = ($after->layers[$change->id] ?? null)?->screen;
            if ($change->entity === Entity::Layer && $to !== null && $change->before !== null && $change->touches('screen') && ! $this->isHung($change, $after)) {
                $brought[$to] = true;
            }
        }

        return $brought;
    }

    /**
     * A layer of a take that does not hang on the wall: nothing is to be seen of it there. What comes from there onto a
     * screen comes with all of that screen's picture.
     *
     * @return array<string, mixed>|null
     */
    private function parked(Change $change): ?array
    {
        return $change->touches('screen') && ! $change->isAddition() && ! $change->isRemoval() ? ['layer' => $change->id, 'removed' => true] : null;
    }

    /** The outermost layer that shows what lies right in a parent several times: its copies are drawn again when it changes. */
    private function expandingAround(Tree $tree, mixed $parent): ?string
    {
        $layer = is_string($parent) ? $tree->layers[$parent] ?? null : null;
        $around = $layer === null ? [] : [...($layer->content instanceof Expanding ? [$layer] : []), ...$tree->expanding($layer)];

        return $around === [] ? null : end($around)->id;
    }

    /** Whether a layer's content is gone from the picture: the layer was removed, or its cells are redrawn. */
    private function isGone(mixed $parent, Tree $after): bool
    {
        return is_string($parent) && (! isset($after->layers[$parent]) || $this->expandingAround($after, $parent) !== null);
    }

    /** @return list<string> what was added, the outermost of it; what came with a component is not meant */
    public function roots(Difference $difference, Tree $after): array
    {
        $added = $this->added($difference);
        $sheets = array_fill_keys(array_map(fn (Change $change): string => $change->id, array_filter($difference->changes, fn (Change $change): bool => $change->entity === Entity::Screen && $change->isAddition() && $after->component($change->id) !== null)), true);
        // What was one layer and holds others again stands for them.
        foreach ($difference->changes as $change) {
            if ($change->entity === Entity::Layer && ! $change->isAddition() && $change->touches('kind') && ($after->layers[$change->id] ?? null)?->isContainer() === true) {
                $added[$change->id] = true;
            }
        }
        $roots = array_filter(
            array_map(fn (string $id): Layer => $after->layer($id), array_map(strval(...), array_keys($added))),
            fn (Layer $layer): bool => ! isset($added[$layer->parent ?? '']) && ! isset($sheets[$layer->screen ?? '']),
        );
        usort($roots, Rank::compare(...));

        return array_map(fn (Layer $layer): string => $layer->id, $roots);
    }

    /** @return array<string, true> what held no layers and does now, an instance that was released: it is drawn with them */
    private function opened(Difference $difference, Tree $after): array
    {
        $opened = [];
        foreach ($difference->changes as $change) {
            $was = $change->entity === Entity::Layer && $change->before !== null && $change->touches('kind') ? Kinds::find($change->before['kind'] ?? null) : null;
            if ($was !== null && ! is_a($was, Container::class, true) && ($after->layers[$change->id] ?? null)?->isContainer() === true) {
                $opened[$change->id] = true;
            }
        }

        return $opened;
    }

    /** @return array<string, true> */
    private function added(Difference $difference): array
    {
        $added = [];
        foreach ($difference->changes as $change) {
            if ($change->entity === Entity::Layer && $change->isAddition()) {
                $added[$change->id] = true;
            }
        }

        return $added;
    }

    /** @return array<string, mixed> */
    private function screen(Change $change, Tree $after, bool $brought): array
    {
        $screen = $after->screens[$change->id] ?? null;
        if ($change->isRemoval() || $screen?->hangs() !== true) {
            return ['screen' => $change->id, 'removed' => true];
        }
        $ground = $after->finish($screen->id) === Finish::Dressed ? $screen->ground : $screen->ground->grey();
        // A restored screen comes back with all its layers, which no patch holds.
        $redraw = $brought || (! $change->isAddition() && $change->touches('finish', 'tracing', 'gone', 'look'));

        return ['ground' => $ground->toHex(), 'screen' => $screen->id, 'added' => $change->isAddition() || $change->touches('gone'), 'redraw' => $redraw] + self::describe($screen);
    }

    /** How it lies over others: the place, px right and down of one that was placed by hand, width, height and margin. */
    private static function over(Screen $screen): string
    {
        $over = $screen->over ?? Overlay::usual();

        return "{$over->place->value} {$over->x} {$over->y} {$over->width->value} {$over->height->value} {$over->margin}";
    }

    /** @return array<string, mixed> what the wall knows of a screen */
    public static function describe(Screen $screen): array
    {
        $frame = new DeviceFrame($screen);
        $around = $frame->box();

        return [
            'name' => $screen->name,
            'component' => $screen->component !== null,
            'box' => [$screen->box->x, $screen->box->y, $screen->box->width, $screen->box->height],
            'view' => $screen->view,
            'ground' => $screen->ground->toHex(),
            'cues' => Renderer::threads($screen->cues),
            'said' => Renderer::said($screen->cues),
            'over' => self::over($screen),
            'grid' => GridRenderer::draw($screen),
            'frame' => $frame->draw(),
            'framing' => [$frame->corner(), $around->x, $around->y, $around->width, $around->height],
            'guides' => implode(' ', $screen->guides->x).'|'.implode(' ', $screen->guides->y),
        ];
    }

    /**
     * @param  array<string, true>  $added
     * @param  array<array-key, true>  $redrawn  arrays whose cells changed
     * @param  array<string, string>  $lower  the layer right below some, by id
     * @return array<string, mixed>|null
     */
    private function layer(Project $project, Change $change, Tree $after, ?Tree $before, array $added, array $redrawn, array $lower): ?array
    {
        if ($change->isRemoval()) {
            return ['layer' => $change->id, 'removed' => true, 'at' => $change->before['screen'] ?? null];
        }
        $layer = $after->layer($change->id);
        if ($this->expandingAround($after, $layer->parent) !== null) {
            return null;
        }
        // A new layer is drawn with its content; layers that moved into it are removed from where they were.
        if (isset($added[$layer->parent ?? ''])) {
            return $change->isAddition() ? null : ['layer' => $change->id, 'removed' => true];
        }
        $whole = ! $layer->isContainer() || isset($added[$layer->id]) || ($change->touches('parent') && $this->isGone($change->before['parent'] ?? null, $after));
        $cells = isset($redrawn[$layer->id]) || ($layer->content instanceof HasSheet && $change->touches('width', ...array_keys($layer->content->parts())));
        $patch = ['layer' => $layer->id, 'rank' => $layer->rank, 'at' => $layer->screen] + $this->drawing($project, $layer, $after, $whole ? null : $before, $whole || $cells);

        return $change->touches('rank', 'parent', 'screen')
            ? $patch + ['screen' => $layer->screen, 'parent' => $layer->parent, 'above' => $lower[$layer->id] ?? $this->store->below($project, $layer)]
            : $patch;
    }

    /**
     * A layer with all that it holds, or as a shell; of the cells of an array, where it is known how they were, what changed.
     *
     * @param  bool  $inside  whether what it holds has to be drawn too
     * @return array{shell: bool, svg: string, cells?: array<string, mixed>}
     */
    private function drawing(Project $project, Layer $layer, Tree $after, ?Tree $before, bool $inside): array
    {
        $around = $layer->screen === null || isset($after->screens[$layer->screen]) ? $after : $this->store->load($project, new WorkingSet(screens: [$layer->screen]));
        $rendering = $this->pictures->editable($project)->on($around, $layer->screen);
        if (! $inside) {
            // What masks its content says the shell, too: where only its place has changed that is not at hand.
            $tree = $after->holds(new Place($layer->screen, $layer->id)) ? $after : $this->store->load($project, new WorkingSet(layers: [$layer->id]));

            return ['shell' => true, 'svg' => $this->renderer->shell($tree, $layer, $rendering)];
        }
        $cells = $before === null ? null : $this->cells->between($before, $after, $layer->id, $rendering);

        return $cells === null
            ? ['shell' => false, 'svg' => $this->renderer->layer($after, $layer, $rendering)]
            : ['shell' => true, 'svg' => $this->renderer->shell($after, $layer, $rendering), 'cells' => $cells];
    }
}
