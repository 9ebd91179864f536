<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Document\Edit\Field;
use Kindred\Document\Edit\LayoutField;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\Line;
use Kindred\Document\Layer\Path;
use Kindred\Document\Layer\Picture;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Inference;
use Kindred\Document\Place;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Number;
use Kindred\Layout\Relayout;
use Kindred\Type\FaceBook;
use Kindred\Type\TextStyle;

/** What the facets say of a selection: one value where all agree, "mixed" where they differ. */
final readonly class Facets
{
    public function __construct(private TreeStore $store, private FaceBook $faces, private Relayout $relayout)
    {
    }

    /**
     * @param  list<string>  $names  of layers as the wall calls them
     * @return array<string, mixed> for the view
     */
    public function of(Project $project, ?string $screen, array $names): array
    {
        $named = array_map(CellName::of(...), $names);
        $tree = $this->store->load($project, new WorkingSet(layers: array_values(array_unique(array_map(fn (CellName $name): string => $name->layer, $named))), reel: true));
        $layers = array_values(array_filter(array_map(fn (CellName $name): ?Layer => $this->shown($tree, $name), $named)));
        $values = [];
        foreach (Field::cases() as $field) {
            $values[$field->value] = $this->shared(array_map(fn (Layer $layer): ?string => $this->value($layer, $field), $layers));
        }
        foreach (LayoutField::cases() as $field) {
            $values[$field->value] = $this->shared(array_map(fn (Layer $layer): ?string => $field->of($tree, $layer), $layers));
        }

        return [
            'project' => $project,
            'tree' => $tree,
            'screen' => $screen === null ? null : ($tree->screens[$screen] ?? null),
            'layers' => $layers,
            'values' => $values,
            'cell' => $this->cell($tree, $named),
            'inference' => $this->inference($layers),
            'owner' => $this->owner($tree, $layers, $screen),
            'families' => $this->faces->families(),
            'weights' => $this->weights($layers),
        ];
    }

    /**
     * @param  list<string|null>  $values  null where a layer has no such facet
     * @return array{applies: bool, value: string, mixed: bool}
     */
    private function shared(array $values): array
    {
        $values = array_filter($values, fn (?string $value): bool => $value !== null);
        $distinct = array_values(array_unique($values));

        return ['applies' => $values !== [], 'value' => count($distinct) === 1 ? $distinct[0] : '', 'mixed' => count($distinct) > 1];
    }

    /** The facet of one layer as its field shows it; null where the layer has no such facet. */
    private function value(Layer $layer, Field $field): ?string
    {
        $content = $layer->content;
        $shape = ! $layer->isGroup() && ! $content instanceof Text && ! $content instanceof Icon;
        $boxed = $shape && ! $content instanceof Line && ! $content instanceof Path;

        return match ($field) {
            Field::X => Number::text($layer->box->x),
            Field::Y => Number::text($layer->box->y),
            Field::Width => Number::text($layer->box->width),
            Field::Height => Number::text($layer->box->height),
            Field::Rotation => Number::text($layer->rotation),
            Field::Opacity => Number::text($layer->opacity * 100).'%',
            Field::Fill => $layer->isGroup() || $content instanceof Line ? null : ($layer->fills === [] ? '' : $layer->fills[count($layer->fills) - 1]->colour->toHex()),
            Field::StrokeColour => $shape ? ($layer->stroke?->colour->toHex() ?? '') : null,
            Field::StrokeWidth => $shape ? Number::text($layer->stroke->width ?? 0) : null,
            Field::StrokePosition => $boxed && $layer->stroke !== null ? $layer->stroke->position->value : null,
            Field::Radius => $this->corner($layer, $layer->corners->same() === null ? '' : Number::text($layer->corners->topLeft)),
            Field::RadiusTopLeft => $this->corner($layer, Number::text($layer->corners->topLeft)),
            Field::RadiusTopRight => $this->corner($layer, Number::text($layer->corners->topRight)),
            Field::RadiusBottomRight => $this->corner($layer, Number::text($layer->corners->bottomRight)),
            Field::RadiusBottomLeft => $this->corner($layer, Number::text($layer->corners->bottomLeft)),
            Field::Icon => $content instanceof Icon ? $content->icon : null,
            Field::IconLine => $content instanceof Icon ? Number::text($content->line) : null,
            Field::Optical => $content instanceof Icon ? ($content->optical ? 'true' : 'false') : null,
            Field::Fit => $content instanceof Picture ? $content->fit->value : null,
            Field::Asset => $content instanceof Picture ? $content->asset : null,
            Field::Rising => $content instanceof Line ? ($content->rising ? 'true' : 'false') : null,
            Field::Trim => $content instanceof Text ? ($content->style->trim ? 'true' : 'false') : null,
            Field::Wrapped => $content instanceof Text ? ($content->wrapped ? 'true' : 'false') : null,
            default => $content instanceof Text ? $this->type($content->style, $field) : null,
        };
    }

    private function corner(Layer $layer, string $value): ?string
    {
        return in_array($layer->kind(), ['box', 'picture', 'stack', 'array'], true) ? $value : null;
    }

    private function type(TextStyle $style, Field $field): ?string
    {
        $value = $style->toArray()[$field->value] ?? null;

        return is_float($value) ? Number::text($value) : ($value === null ? null : (string) $value);
    }

    /** The layer as it is, or as it is in its cell. */
    private function shown(Tree $tree, CellName $name): ?Layer
    {
        $layer = $tree->layers[$name->layer] ?? null;
        $in = $name->row === null ? null : $name->cell($tree, $this->relayout)?->tree->layers[$name->layer] ?? null;

        return $layer === null || $in === null ? $layer : $in->with(screen: $layer->screen, parent: $layer->parent);
    }

    /**
     * The cell that the selection lies in: its array, its row, and the fields in which the one selected layer departs there.
     *
     * @param  list<CellName>  $named
     * @return array{array: Layer, row: string, number: int, departs: list<string>}|null
     */
    private function cell(Tree $tree, array $named): ?array
    {
        $rows = array_unique(array_map(fn (CellName $name): ?string => $name->row, $named));
        $array = $named === [] ? null : $named[0]->array($tree);
        if (count($rows) !== 1 || $rows[0] === null || $array === null || ! $array->content instanceof ArrayLayer) {
            return null;
        }
        $departs = count($named) === 1 ? array_keys($array->content->departures[$rows[0]][$named[0]->layer] ?? []) : [];

        return ['array' => $array, 'row' => $rows[0], 'number' => $array->content->sheet->indexOf($rows[0]) + 1, 'departs' => $departs];
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
            count($layers) === 1 => $layers[0]->screen === null ? null : $layers[0],
            $layers === [] && $screen !== null => $tree->screens[$screen] ?? null,
            default => null,
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
            if ($layer->content instanceof Text) {
                [$family] = $this->faces->nearest($layer->content->style->family, 400);
                $weights = $weights === null ? $families[$family] : array_values(array_intersect($weights, $families[$family]));
            }
        }

        return $weights ?? [];
    }
}
