<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\IconNames;
use Kindred\Document\Layer\OwnIcon;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\LayerNest;
use Kindred\Document\Place;
use Kindred\Document\Project;
use Kindred\Document\Rank;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Kit\Bars;
use Kindred\Kit\Kit;
use Kindred\Type\OwnFace;

/**
 * Adds layers, drawn or pasted, on top of a place. Their ids are derived from the seed. Those that are `docked` go on a screen
 * where its bars let them: a bar beside the others, anything else below those at the head.
 */
final readonly class CreateLayers implements Command, NamesStep
{
    /** Numbers that a hand draws in one go at most. */
    private const MAX_SAMPLES = 200_000;

    /**
     * @param  list<LayerNest>  $nests
     * @param  list<OwnIcon>  $icons  that layers of another project show, and this one may not have
     * @param  list<OwnFace>  $fonts  in which words of another project are set, the same
     */
    private function __construct(
        private Place $place,
        private array $nests,
        private array $icons,
        private array $fonts,
        private string $seed,
        private ?string $step,
        private bool $docked,
    ) {
    }

    public static function type(): string
    {
        return 'create-layers';
    }

    public static function read(Reader $in): self
    {
        return new self(
            new Place($in->optionalId('screen'), Address::optionalLayer($in, 'parent')),
            $in->list('layers', fn (Reader $one): LayerNest => Kit::known(LayerNest::read(self::sized($one)), $one->at('')), 1, 2000),
            $in->list('icons', OwnIcon::read(...), 0, Project::MAX_ICONS),
            $in->list('fonts', OwnFace::read(...), 0, Project::MAX_FONTS),
            $in->string('seed', 64, false),
            $in->has('step') ? $in->name('step') : null,
            $in->boolean('docked', false),
        );
    }

    /** A path that comes without a size is as large as it is drawn, and lies where it is drawn from its place; one that comes as samples goes through them. */
    private static function sized(Reader $in): Reader
    {
        $data = $in->raw();
        if (($data['kind'] ?? null) !== PathLayer::kind() || isset($data['width'])) {
            return $in;
        }
        $content = isset($data['samples']) && ! isset($data['d']) ? self::byHand($in) : new PathLayer($in->string('d', PathData::MAX_LENGTH));
        $path = PathData::parse($content->d, $in->at('d'));
        $around = $path->bounds() ?? new Box(0, 0, 0, 0);

        return Reader::of([
            ...$content->moved(-$around->x, -$around->y)->toArray(),
            'x' => $in->number('x') + $around->x, 'y' => $in->number('y') + $around->y, 'width' => $around->width, 'height' => $around->height,
        ] + $data, $in->at(''));
    }

    /** What a hand drew: `samples`, x and y in turn, to be followed with a `tolerance`; `closed` where it came back to where it began. */
    private static function byHand(Reader $in): PathLayer
    {
        $points = array_map(fn (array $one): Point => new Point($one[0], $one[1] ?? 0.0), array_chunk($in->numbers('samples', self::MAX_SAMPLES), 2));

        return PathLayer::drawn($points, $in->numberOr('tolerance', 2.0, 0.1, 100), $in->boolean('closed', false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(
            screens: $this->place->screen === null ? [] : [$this->place->screen],
            layers: $this->place->parent === null ? [] : [$this->place->parent],
            siblings: $this->docked ? [$this->place] : [],
            tops: [$this->place],
            // What is bound to tokens has the values that they have where it comes to.
            things: array_filter($this->nests, fn (LayerNest $nest): bool => $nest->any(fn (Layer $layer): bool => Bindings::of($layer) !== [])) === [] ? [] : Themes::HOUSE,
            families: array_values(array_unique(array_map(fn (OwnFace $face): string => $face->family, $this->fonts))),
            components: array_values(array_unique(array_merge([], ...array_map(fn (LayerNest $nest): array => $nest->components(), $this->nests)))),
        );
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $this->place->screen === null ? null : $tree->screen($this->place->screen);
        $this->mustShow($tree);
        $nests = $this->docked && $screen !== null && $this->place->parent === null ? Bars::docked($this->nests, $screen, $tree->children($this->place)) : $this->nests;
        [$tree, $nests] = $this->withIcons($this->withFonts($tree), $nests);
        $ids = Id::in($tree, $this->seed);
        foreach (Rank::spread($tree->topRank($this->place), null, count($nests)) as $i => $rank) {
            $tree = $tree->withLayers(...$nests[$i]->layers($this->place, $rank, $ids));
        }

        return $tree;
    }

    /** The fonts that the layers bring along, but for those that this project has others of. */
    private function withFonts(Tree $tree): Tree
    {
        $here = array_map(fn (OwnFace $face): string => $face->cut(), $tree->project->fonts);
        $new = array_values(array_filter($this->fonts, fn (OwnFace $face): bool => ! in_array($face->cut(), $here, true)));

        return $new === [] ? $tree : PutFonts::with($tree, ...$new);
    }

    /**
     * The icons that the layers bring along; one that is called like another here comes under a name of its own.
     *
     * @param  list<LayerNest>  $nests
     * @return array{Tree, list<LayerNest>}
     */
    private function withIcons(Tree $tree, array $nests): array
    {
        $here = array_column($tree->project->icons, null, 'name');
        $names = $added = [];
        foreach ($this->icons as $icon) {
            $name = $icon->name;
            for ($i = 2; isset($here[$name]) && $here[$name]->with(name: '') != $icon->with(name: ''); $i++) { // @phpstan-ignore notEqual.notAllowed (their values count)
                $name = "{$icon->name}-{$i}";
            }
            $names[$icon->name] = $name;
            if (! isset($here[$name])) {
                $here[$name] = $added[] = $icon->with(name: $name);
            }
        }
        $changed = array_filter($names, fn (string $name, string $was): bool => $name !== $was, ARRAY_FILTER_USE_BOTH);

        return [
            $added === [] ? $tree : PutIcons::with($tree, ...$added),
            $changed === [] ? $nests : array_map(fn (LayerNest $nest): LayerNest => $nest->mapped(fn (Layer $layer): Layer => IconNames::renamed($layer, fn (string $name): string => $changed[$name] ?? $name)), $nests),
        ];
    }

    /** @throws InvalidInput where something shows a component that is not in the project: it would be there and not seen */
    private function mustShow(Tree $tree): void
    {
        foreach ($this->nests as $nest) {
            foreach ($nest->components() as $component) {
                if ($tree->component($component) === null) {
                    throw new InvalidInput('layers', "“{$nest->layer->name}” shows a component that is not in this project. Nothing was changed.");
                }
            }
        }
    }

    public function step(): ?string
    {
        return $this->step;
    }

    public function label(Tree $before): string
    {
        return $this->step ?? 'Add '.(count($this->nests) === 1 ? $this->nests[0]->layer->name : count($this->nests).' layers');
    }
}
