<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Compare\Measures;
use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\IconBook;
use Kindred\Document\Layer\IconNames;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Layout\Inference;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Style\Concentric;
use Kindred\Document\Style\Effect;
use Kindred\Document\Style\Effect\Adjust;
use Kindred\Document\Style\Effect\Adjustment;
use Kindred\Document\Style\Effect\Backdrop;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Mask;
use Kindred\Document\Style\Paint\ConicGradient;
use Kindred\Document\Style\Paint\Gradient;
use Kindred\Document\Style\Paint\LinearGradient;
use Kindred\Document\Style\Paint\Paint;
use Kindred\Document\Style\Paint\PicturePaint;
use Kindred\Document\Style\Paint\RadialGradient;
use Kindred\Document\Style\Paint\Stop;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Flow\Signals;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Kit\Kit;
use Kindred\Layout\Computed;
use Kindred\Layout\Expansion;
use Kindred\Layout\Shapes;
use Kindred\Property\Path;
use Kindred\Property\Properties;
use Kindred\Signal\Template;
use Kindred\Type\FaceBook;
use Kindred\Type\FontVariant;
use Kindred\Type\Pairing;
use Kindred\Type\Partner;
use Kindred\Type\Run;
use Kindred\Type\TextStyle;

/** What the facets say of a selection: one value where all agree, "mixed" where they differ. */
final readonly class Facets
{
    /** What the views lay out by themselves, by the property of the layer or its kind. */
    private const BY_HAND = [
        'kind', 'x', 'y', 'width', 'height', 'rotation', 'opacity', 'fills', 'strokes', 'corners', 'effects', 'masks', 'masking', 'isolation', 'blend', 'adjustment', 'style', 'wrapped', 'fixed', 'extent', 'verticalAlign', 'maxLines', 'icon', 'line', 'optical', 'startAngle', 'sweep', 'hole', 'ends', 'points', 'innerRadius', 'rounding', 'asset', 'fit', 'zoom', 'positionX', 'positionY',
        'rising', 'evenOdd', 'direction', 'wrap', 'rowGap', 'columnGap', 'padding', 'justifyContent', 'alignItems', 'alignContent', 'scroll', 'position', 'columns', 'minWidth', 'cellHeight', 'sizing', 'pins', 'operation',
        'form', 'ink', 'grid', 'across', 'together', 'curve', 'lineWidth', 'dots', 'areaOpacity', 'gap', 'spacing', 'thickness', 'min', 'max', 'logarithmic', 'steps', 'gridLines', 'scaleLabels', 'pointLabels', 'valueLabels', 'legend', 'goal', 'before', 'after', 'decimals',
    ];

    /** How wide a well is that shows a paint, px. */
    private const WELL = 26.0;

    /** A mask that fades out downwards. */
    private const FADE = ['kind' => 'linear', 'angle' => 180, 'stops' => [['colour' => '#000000', 'at' => 0], ['colour' => '#00000000', 'at' => 1]]];

    /** The most ways to a screen that are shown. */
    public const WAYS = 12;

    /** The most that are looked at for these. */
    private const LOOKED = 200;

    public function __construct(private TreeLoader $store, private References $references, private FaceBook $faces, private Expansion $expansion, private Kit $kit, private IconBook $icons, private HouseStyle $style, private ComponentFacets $components, private CueFacets $cues)
    {
    }

    /**
     * Whether what the layers lie in is scrolled: their screen, or a container.
     *
     * @param  list<Layer>  $layers
     */
    private static function isScrolled(Tree $tree, array $layers): bool
    {
        $in = function (Layer $layer) use ($tree): bool {
            $screen = $tree->screens[$layer->screen ?? ''] ?? null;

            return ($screen !== null && $screen->box->height > $screen->view) || array_filter($tree->ancestors($layer), fn (Layer $around): bool => $around->scrolls()) !== [];
        };

        return $layers !== [] && array_filter($layers, $in) === $layers;
    }

    /**
     * @param  list<string>  $names  the addresses of layers
     * @param  list<string>  $screens  where several are selected
     * @return array<string, mixed> for the view
     */
    public function of(Project $project, ?string $screen, array $names, array $screens = []): array
    {
        $named = array_map(Address::of(...), $names);
        $tree = $this->store->load($project, new WorkingSet(layers: Address::named($named), reel: true));
        $layers = array_values(array_filter(array_map(fn (Address $one): ?Layer => $this->expansion->at($tree, $one), $named)));
        $only = count($layers) === 1 ? $layers[0] : null;
        $values = [];
        foreach ([...Field::all(), ...Field::wholes()] as $path => $field) {
            $values[$path] = $this->shared($field, $layers, $tree);
        }
        if ($only?->content instanceof Widget && ! $this->kit->showsColour($only)) {
            $values[Field::FILL]['applies'] = false;
        }
        $own = self::ownOfRuns($layers);
        foreach (array_intersect($own, array_keys(get_class_vars(TextStyle::class))) as $property) {
            $values["style.{$property}"] = ['value' => '', 'mixed' => true] + $values["style.{$property}"];
        }
        foreach ($layers === [] ? [] : array_intersect(...array_map(fn (Layer $layer): array => Computed::fixed($tree, $layer), $layers)) as $field) {
            $values[$field]['fixed'] = true;
        }

        $coats = $this->coats($layers, $tree, $values);
        $effects = $this->effects($layers, $tree, $values);

        $tokens = TokenFacets::in($project, $this->style, $tree, $layers[0] ?? null);
        foreach ($tokens->names($layers, array_keys($values)) as $path => $name) {
            $values[$path]['token'] = $name;
        }

        return [
            'project' => $project,
            'tree' => $tree,
            'bound' => $tokens->bound($layers),
            'offered' => $tokens->offered($layers, array_keys(array_filter($values, fn (array $value): bool => ($value['mixed'] ?? true) === false))),
            'themes' => $layers === [] ? $this->style->themes($project)->all() : [],
            'groundToken' => $layers === [] ? $tokens->ground(array_values(array_intersect_key($tree->screens, array_flip($screens !== [] ? $screens : [$screen ?? ''])))) : '',
            'screen' => $screen === null ? null : ($tree->screens[$screen] ?? null),
            'screens' => array_values(array_intersect_key($tree->screens, array_flip($screens))),
            'layers' => $layers,
            'values' => $values,
            'further' => $this->further($values),
            'coats' => $coats,
            'effects' => $effects,
            'numbers' => array_map(fn (array $rows): int => count(array_filter($rows, fn (array $row): bool => $row['there'])), $coats),
            'fresh' => ['fills' => ['colour' => '#ffffff', 'opacity' => 0.5], 'strokes' => ['colour' => Stroke::INK, 'width' => 1], 'masks' => self::FADE],
            'freshEffects' => self::freshEffects(),
            'kinds' => ['fills' => Paint::ALL, 'strokes' => Paint::ALL, 'masks' => [LinearGradient::class, RadialGradient::class, ConicGradient::class, PicturePaint::class]],
            'masks' => $only === null ? [] : self::masks($tree, $only),
            'concentric' => $only === null || $only->screen === null ? null : Concentric::of($only, $this->store->beneath($project, $only), $only->parent === null ? null : ($tree->layers[$only->parent] ?? null)),
            'edged' => $layers !== [] && array_filter($layers, Shapes::isOne(...)) === $layers,
            'combines' => count($layers) > 1 && array_filter($layers, Shapes::has(...)) === $layers && count(array_unique(array_map(fn (Layer $layer): string => Place::of($layer)->key(), $layers))) === 1,
            'adjusted' => $only?->content instanceof Picture ? self::says($only->content->adjustment) : '',
            'path' => $only?->content instanceof PathLayer ? $only->content->d : null,
            'cell' => $this->cell($tree, $named),
            'use' => $this->components->use($tree, $named),
            'sheet' => $layers === [] && count($screens) <= 1 ? $this->components->sheet($project, $tree, $screens[0] ?? $screen) : null,
            'shown' => $only?->content instanceof Widget ? $this->kit->shown($only) : [0, 0],
            'placeholders' => $this->placeholders($project, $layers),
            'inference' => $this->inference($layers),
            'pages' => $this->cues->pages($project, $layers),
            'scrolled' => self::isScrolled($tree, $layers),
            'owner' => $owner = count($screens) > 1 ? null : $this->owner($tree, $layers, $screen),
            'cueTokens' => $tokens->of($owner),
            'cueing' => $owner === null ? null : $this->cues->of($project, $tree, $owner),
            'others' => array_values(array_filter($tree->reel(), fn (Screen $one): bool => $one->id !== ($owner instanceof Layer ? $owner->screen : $owner?->id))),
            'ownRuns' => in_array('colour', $own, true) || in_array('link', $own, true) ? 'Some of the words have a colour or a link of their own: press Enter to write in them.' : '',
            'partners' => $only?->content instanceof Text ? $this->partners($only->content->style) : [],
            'families' => $this->faces->families(),
            'weights' => $this->weights($layers),
            'missingFaces' => $this->missingFaces($layers),
            'missingIcons' => $this->missingIcons($layers),
            'forms' => $this->forms($layers),
            'ways' => $layers === [] && $screen !== null && count($screens) <= 1 ? $this->ways($project, $tree, $screen) : [],
        ];
    }

    /** @return array<string, array{string, array<string, mixed>}> what can be added beside fills, strokes and shadows, by what it does: the list, and the entry */
    private static function freshEffects(): array
    {
        return [
            'blur' => ['effects', ['kind' => 'blur', 'radius' => 4]],
            'adjustment: other colours' => ['effects', ['kind' => 'adjust', 'adjustment' => ['saturate' => 0.5]]],
            'backdrop: what lies behind' => ['effects', ['kind' => 'backdrop', 'adjustment' => ['blur' => 12]]],
            'mask: a gradient that fades' => ['masks', self::FADE],
        ];
    }

    /** @return list<Layer> what masks a layer's content, or the layer itself, where it masks others */
    private static function masks(Tree $tree, Layer $layer): array
    {
        return $layer->masking ? [$layer] : $tree->masking($layer);
    }

    /** An adjustment in a few words. */
    private static function says(Adjustment $adjustment): string
    {
        $said = [];
        foreach (Properties::of(Adjustment::class)->write($adjustment) as $name => $value) {
            $property = Properties::of(Adjustment::class)->all[$name];
            $said[] = "{$property->label()} {$property->shown(Path::of($name)->value($adjustment))}";
        }

        return $said === [] ? 'not at all' : implode(', ', $said);
    }

    /**
     * What leads to a screen: layers and screens with cues that show it.
     *
     * @return list<array{screen: Screen|null, layer: Layer|null}> one more than are shown, where there are more
     */
    private function ways(Project $project, Tree $tree, string $screen): array
    {
        $from = $this->references->to($project, Entity::Screen, [$screen], 'cues', self::LOOKED);
        // Several cues of one thing are one way.
        $from = array_values(array_combine(array_map(fn (array $one): string => "{$one['entity']->value} {$one['id']}", $from), $from));
        $ids = array_column(array_filter($from, fn (array $one): bool => $one['entity'] === Entity::Layer), 'id');
        $layers = $ids === [] ? [] : $this->store->load($project, new WorkingSet(layers: $ids))->layers;
        $ways = array_map(function (array $one) use ($tree, $layers): array {
            $layer = $one['entity'] === Entity::Layer ? ($layers[$one['id']] ?? null) : null;

            return ['screen' => $tree->screens[$layer === null ? $one['id'] : $layer->screen ?? ''] ?? null, 'layer' => $layer];
        }, $from);

        // Takes that do not hang lead nowhere yet.
        return array_slice(array_values(array_filter($ways, fn (array $way): bool => $way['screen']?->hangs() === true)), 0, self::WAYS + 1);
    }

    /**
     * What layers are painted with, by list, front to back, and one that is not there yet where there is none; the values of their fields
     * are added to the others.
     *
     * @param  list<Layer>  $layers
     * @param  array<string, array<string, mixed>>  $values
     * @return array<string, list<array{there: bool, kind: string, paint: array<string, mixed>, shows: string, hidden: bool, stops: list<int>, line: array<string, mixed>|null}>>
     */
    private function coats(array $layers, Tree $tree, array &$values): array
    {
        $coats = [];
        foreach (['fills', 'strokes', 'masks'] as $list) {
            $has = array_map(fn (Layer $layer): array => $layer->{$list}, array_filter($layers, fn (Layer $layer): bool => $list === 'masks' || isset($layer->content->paint()[$list])));
            $number = $has === [] ? 0 : max(array_map(count(...), $has));
            $coats[$list] = [];
            for ($i = 0; $i < max($has === [] || $list === 'masks' ? 0 : 1, $number); $i++) {
                $here = array_values(array_filter(array_map(fn (array $all): Fill|Stroke|Mask|null => $all[$i] ?? null, $has)));
                $stops = max([0, ...array_map(fn (Fill|Stroke|Mask $coat): int => $coat->paint instanceof Gradient ? count($coat->paint->stops()) : 0, $here)]);
                foreach ($this->paths($list, $i, $stops) as $path) {
                    $values[$path] ??= $this->shared(Field::find($path), $layers, $tree);
                }
                $kinds = array_unique(array_map(fn (Fill|Stroke|Mask $coat): string => $coat->paint::kind(), $here));
                if (count($layers) === 1 && $here !== []) {
                    $values["{$list}.{$i}.paint"]['value'] = $here[0]->paint->css($layers[0]->box->width);
                }
                $coats[$list][] = [
                    'there' => $here !== [],
                    'kind' => count($kinds) === 1 ? $kinds[0] : '',
                    'paint' => $values["{$list}.{$i}.paint"],
                    'shows' => $here === [] ? '' : ($here[0]->paint instanceof Gradient ? $here[0]->paint->css(self::WELL) : $here[0]->paint->colour()->toHex()),
                    'hidden' => $here !== [] && array_filter($here, fn (Fill|Stroke|Mask $coat): bool => ! $coat->hidden) === [],
                    'stops' => $stops === 0 ? [] : range(0, $stops - 1),
                    'line' => count($layers) === 1 && ($here[0]->paint ?? null) instanceof Gradient && ! ($here[0] instanceof Stroke && $here[0]->running() !== null) ? self::line("{$list}.{$i}", $here[0]->paint, $layers[0]->box) : null,
                ];
            }
        }

        return $coats;
    }

    /** @return array<string, mixed> the line of a gradient and the stops on it, for the wall */
    private static function line(string $path, Gradient $gradient, Box $box): array
    {
        $point = fn (?Point $point): ?array => $point === null ? null : ['x' => round($point->x, 3), 'y' => round($point->y, 3)];
        $spine = $gradient->spine($box->width, $box->height);

        return [
            'paint' => $path, 'kind' => $gradient::kind(), 'from' => $point($spine['from']), 'to' => $point($spine['to']), 'across' => $point($spine['across']),
            'places' => $spine['places'], 'stops' => array_map(fn (Stop $stop): array => $stop->toArray(), $gradient->stops()),
        ];
    }

    /**
     * The effects of layers, the front one first; the values of their fields are added to the others.
     *
     * @param  list<Layer>  $layers
     * @param  array<string, array<string, mixed>>  $values
     * @return list<array{kind: string, label: string, hidden: bool, shows: string, says: string}>
     */
    private function effects(array $layers, Tree $tree, array &$values): array
    {
        $rows = [];
        for ($i = 0; $i < max([0, ...array_map(fn (Layer $layer): int => count($layer->effects), $layers)]); $i++) {
            $here = array_values(array_filter(array_map(fn (Layer $layer): ?Effect => $layer->effects[$i] ?? null, $layers)));
            foreach ($this->paths('effects', $i, 0) as $path) {
                $values[$path] ??= $this->shared(Field::find($path), $layers, $tree);
            }
            $effect = $here[0]->effect;
            $rows[] = [
                'kind' => $effect::kind(),
                'label' => $effect instanceof Shadow && $effect->inner ? 'Inner shadow' : $effect::label(),
                'hidden' => array_filter($here, fn (Effect $one): bool => ! $one->hidden) === [],
                'shows' => $effect instanceof Shadow ? $effect->colour->toHex() : '',
                'says' => $effect instanceof Adjust || $effect instanceof Backdrop ? self::says($effect->adjustment) : '',
            ];
        }

        return $rows;
    }

    /** @return list<string> the paths of all fields of one fill or stroke */
    private function paths(string $list, int $at, int $stops): array
    {
        $paths = [$list === 'effects' ? "{$list}.{$at}.effect" : "{$list}.{$at}.paint"];
        foreach (array_keys(Field::all()) as $path) {
            if (str_starts_with($path, "{$list}.0.")) {
                $own = "{$list}.{$at}.".substr($path, strlen("{$list}.0."));
                array_push($paths, ...(str_contains($own, '.stops.0.') ? array_map(fn (int $stop): string => str_replace('.stops.0.', ".stops.{$stop}.", $own), $stops === 0 ? [] : range(0, $stops - 1)) : [$own]));
            }
        }

        return $paths;
    }

    /**
     * The fields that the views do not lay out by hand, by facet and path: with the choices that there are, in words.
     *
     * @param  array<string, array<string, mixed>>  $values
     * @return array<string, array<string, array{label: string, options: array<array-key, string>|null, colour: bool}>>
     */
    private function further(array $values): array
    {
        $further = [];
        foreach (Field::all() as $path => $field) {
            if ($values[$path]['applies'] && ! $field->isShorthand() && ! in_array($field->root(), self::BY_HAND, true)) {
                $further[$field->facet()][$path] = ['label' => ucfirst($field->label()), 'options' => $field->options(), 'colour' => $field->isColour()];
            }
        }

        return $further;
    }

    /**
     * What is wrong with the placeholders in the words of the one selected layer, in sentences.
     *
     * @param  list<Layer>  $layers
     * @return list<string>
     */
    private function placeholders(Project $project, array $layers): array
    {
        $texts = count($layers) === 1 ? Measures::texts($layers[0]) : [];
        $holding = array_filter($texts, Template::hasPlaceholders(...));
        if ($holding === []) {
            return [];
        }
        $signals = (new Signals($this->store->widgets($project)))->kinds;

        return array_values(array_unique(array_merge(...array_map(fn (string $words): array => Template::problems($words, $signals), array_values($holding)))));
    }

    /**
     * What layers that have a field have in common in it.
     *
     * @param  list<Layer>  $layers
     * @return array{applies: bool, value: string, mixed: bool}
     */
    private function shared(?Field $field, array $layers, Tree $tree): array
    {
        $shared = null;
        foreach ($layers as $layer) {
            $value = $field?->of($layer, $tree);
            if ($shared !== null && $value !== null && $value !== $shared) {
                return ['applies' => true, 'value' => '', 'mixed' => true];
            }
            $shared ??= $value;
        }

        return ['applies' => $shared !== null, 'value' => $shared ?? '', 'mixed' => false];
    }

    /**
     * The copies that the selection lies in, the outermost first: what shows them, and how they are called; and the fields in which
     * the one selected layer is otherwise there.
     *
     * @param  list<Address>  $named
     * @return array{cells: list<array{around: Layer, says: string, sheet: bool}>, overridden: list<string>, address: string, only: string, state: string}|null
     */
    private function cell(Tree $tree, array $named): ?array
    {
        $layer = $named === [] ? null : ($tree->layers[$named[0]->layer] ?? null);
        $showing = $layer === null || $named[0]->copies === [] || ! Address::areTogether($named) ? null : $tree->showing($named[0]);
        if ($layer === null || $showing === null) {
            return null;
        }
        $cells = $overridden = [];
        foreach ($showing as $i => $around) {
            $copy = $named[0]->copies[$i];
            $content = $around->content;
            if (! $content instanceof Expanding) {
                return null;
            }
            $number = $content instanceof Instance ? 0 : array_search($copy, $content->copies($around->id), true) + 1;
            $cells[] = ['around' => $around, 'says' => $content instanceof Instance ? $around->name : "cell {$number}", 'sheet' => ! $content instanceof Instance];
            array_push($overridden, ...$content->overridden($copy, new Address($layer->id, array_slice($named[0]->copies, $i + 1))));
        }
        $outer = $showing[0];
        $only = match (true) {
            ! $outer->content instanceof Instance => 'this cell only',
            $outer->screen === $outer->component() => 'here only',
            default => 'this instance only',
        };

        return ['cells' => $cells, 'overridden' => count($named) === 1 ? array_values(array_unique($overridden)) : [], 'address' => (string) $named[0], 'only' => $only, 'state' => self::state($tree, $showing[count($showing) - 1])];
    }

    /** The states that an instance is in, which a change of what it shows is one of; empty where that is one of the design. */
    private static function state(Tree $tree, Layer $around): string
    {
        return $around->content instanceof Instance ? $tree->component($around->component())?->says($around->content->states) ?? '' : '';
    }

    /**
     * What runs have that is other than in their text, by property.
     *
     * @param  list<Layer>  $layers
     * @return list<string>
     */
    private static function ownOfRuns(array $layers): array
    {
        $own = [];
        foreach ($layers as $layer) {
            foreach ($layer->content instanceof Text ? $layer->content->runs : [] as $run) {
                $own += array_diff_key(Properties::of(Run::class)->write($run), ['from' => true, 'to' => true]);
            }
        }

        return array_keys($own);
    }

    /**
     * The stack that the selection lies in already, as it were.
     *
     * @param  list<Layer>  $layers
     */
    private function inference(array $layers): ?Inference
    {
        $places = array_unique(array_map(fn (Layer $layer): string => Place::of($layer)->key(), $layers));

        return count($layers) > 1 && count($places) === 1 ? Inference::of($layers) : null;
    }

    /**
     * What cues in the facet belong to: the one selected layer on a screen, or the screen itself.
     *
     * @param  list<Layer>  $layers
     */
    private function owner(Tree $tree, array $layers, ?string $screen): Layer|Screen|null
    {
        return match (true) {
            // Of a compound it is the whole that has cues.
            count($layers) === 1 => $layers[0]->screen === null || $tree->compounds($layers[0]) !== [] ? null : $layers[0],
            // The sheet of a component is shown by itself to nobody.
            $layers === [] && $screen !== null => $tree->component($screen) === null ? $tree->screens[$screen] ?? null : null,
            default => null,
        };
    }

    /** @return array<array-key, list<Partner>> what can stand beside words, by the ratio of a scale */
    private function partners(TextStyle $style): array
    {
        [$family] = $this->faces->nearest($style->family, $style->weight);
        $weights = $this->faces->families()[$family];

        return array_map(fn (string $ratio): array => Pairing::of($style, $weights, (float) $ratio), array_combine($ratios = array_map(strval(...), array_keys(Pairing::RATIOS)), $ratios));
    }

    /**
     * The forms of figures and letters that the faces of all texts of a selection have, or that are asked for, and whether each is on in all.
     *
     * @param  list<Layer>  $layers
     * @return array<string, bool>
     */
    private function forms(array $layers): array
    {
        $styles = array_merge([], ...array_map(fn (Layer $layer): array => array_slice(self::styles($layer), 0, 1), $layers));
        if ($styles === []) {
            return [];
        }
        $has = array_map(fn (TextStyle $style): array => $this->faces->face($style->family, $style->weight, $style->italic)->variants(), $styles);
        $forms = [];
        foreach (array_keys(FontVariant::FEATURES) as $form) {
            $on = array_filter($styles, fn (TextStyle $style): bool => ! in_array($form, $style->variant->words, true)) === [];
            if (in_array($form, array_intersect(...$has), true) || $on) {
                $forms[$form] = $on;
            }
        }

        return $forms;
    }

    /**
     * What stands in for faces that words ask for and that are not there, in sentences.
     *
     * @param  list<Layer>  $layers
     * @return list<string>
     */
    private function missingFaces(array $layers): array
    {
        $said = [];
        foreach ($layers as $layer) {
            foreach (self::styles($layer) as $style) {
                if (! $this->faces->isThere($style->family, $style->weight, $style->italic)) {
                    $said[self::missing($this->faces, $style)] = true;
                }
            }
        }

        return array_slice(array_map(strval(...), array_keys($said)), 0, 4);
    }

    /**
     * Icons that are neither in the library nor in the project, in sentences.
     *
     * @param  list<Layer>  $layers
     * @return list<string>
     */
    private function missingIcons(array $layers): array
    {
        $missing = array_filter(IconNames::in(...$layers), fn (string $name): bool => $this->icons->nodes($name) === null);

        return array_map(fn (string $name): string => "“{$name}” is not here: a circle stands in. Choose another, or bring it in.", array_slice(array_values($missing), 0, 4));
    }

    /** @return list<TextStyle> how the words of a layer are set, that of all first; none where it has none */
    private static function styles(Layer $layer): array
    {
        $content = $layer->content;

        return match (true) {
            $content instanceof Text => [$content->style, ...array_map(fn (Run $run): TextStyle => $run->setting($content->style)->style, $content->runs)],
            $content instanceof Chart => [$content->style->text()],
            default => [],
        };
    }

    private static function missing(FaceBook $faces, TextStyle $style): string
    {
        [$family, $weight] = $faces->nearest($style->family, $style->weight);

        return match (true) {
            $family !== $style->family => "“{$style->family}” is not here: {$family} stands in.",
            $weight !== $style->weight => "{$family} has no weight {$style->weight}: {$weight} stands in.",
            default => "{$family} has no italic of {$style->weight}: a slanted or another one stands in.",
        };
    }

    /**
     * The weights that every family in the selection has.
     *
     * @param  list<Layer>  $layers
     * @return list<int>
     */
    private function weights(array $layers): array
    {
        $families = $this->faces->families();
        $weights = null;
        foreach ($layers as $layer) {
            foreach (array_slice(self::styles($layer), 0, 1) as $style) {
                [$family] = $this->faces->nearest($style->family, 400);
                $weights = $weights === null ? $families[$family] : array_values(array_intersect($weights, $families[$family]));
            }
        }

        return $weights ?? [];
    }
}
