<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Copies;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Text;
use Kindred\Document\Sheet\Filling;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Makes a component of copies, wherever they lie: the first is its design, the others become instances that keep all in which they
 * differ from it.
 *
 * @phpstan-import-type Values from OverrideValues
 */
final readonly class GatherInstances implements Command
{
    use OnInstances;

    /** What differs in the outermost layers of copies that their instances have themselves. */
    private const INSTANCES = ['shown', 'rotation'];

    /** @param  non-empty-list<string>  $layers  the copies, the model first */
    private function __construct(private array $layers, private string $seed, private ?string $name)
    {
    }

    public static function type(): string
    {
        return 'gather-instances';
    }

    public static function read(Reader $in): self
    {
        return new self(Address::layers($in, max: 2000), $in->string('seed', 64, false), $in->has('name') ? $in->name('name') : null);
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(layers: $this->layers, reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        $layers = array_map($tree->layer(...), $this->layers);
        foreach ($layers as $layer) {
            if ($layer->locked) {
                throw new InvalidInput('layers', "“{$layer->name}” is locked; unlock it first.");
            }
            MakeComponent::refuseParts($tree, $layer);
        }
        $copies = Copies::of(self::only($tree, $layers), $layers[0]->with(parent: null));
        if (count($layers) < 2 || $copies === null || count($copies->parts) !== count($layers)) {
            throw new InvalidInput('layers', 'These are not copies of each other: their parts differ. Nothing was changed.');
        }
        $made = MakeComponent::read(Reader::of(['screen' => $layers[0]->screen, 'layers' => [$layers[0]->id], 'seed' => $this->seed] + ($this->name === null ? [] : ['name' => $this->name])))->apply($tree);
        $sheet = $made->sheets()[count($made->sheets()) - 1];
        foreach (array_slice($copies->parts, 1, null, true) as $at => $parts) {
            $made = self::exchanged($made, $tree->layer($parts[0]->id), $parts, $copies, $at, $sheet->id, $sheet->name);
        }

        return $made;
    }

    public function label(Tree $before): string
    {
        return 'Make a component of '.count($this->layers).' copies';
    }

    /**
     * An instance in the place of a copy.
     *
     * @param  list<Layer>  $parts  of the copy
     * @param  int  $at  which of the copies it is
     */
    private static function exchanged(Tree $tree, Layer $copy, array $parts, Copies $copies, int $at, string $component, string $name): Tree
    {
        $overrides = [];
        $model = $copies->parts[0];
        foreach ($copies->differences as $i => $fields) {
            foreach ($fields as $field => $values) {
                if ($values[$at] !== $values[0] && ! ($i === 0 && in_array($field, self::INSTANCES, true))) {
                    $overrides = self::differing($overrides, $model[$i], $parts[$i], $field);
                }
            }
        }
        foreach ($parts as $i => $part) {
            if ($part->content instanceof Text && $model[$i]->content instanceof Text && [$part->content->runs, $part->content->paragraphs] != [$model[$i]->content->runs, $model[$i]->content->paragraphs]) { // @phpstan-ignore notEqual.notAllowed (their values count)
                $plain = $part->content->toArray();
                $overrides = OverrideValues::with($overrides, new Address($model[$i]->id), 'runs', $plain['runs'] ?? []);
                $overrides = OverrideValues::with($overrides, new Address($model[$i]->id), 'paragraphs', $plain['paragraphs'] ?? []);
            }
        }
        foreach ($parts as $i => $part) {
            // What an instance in a copy has for itself, that in the component has in this use of it.
            foreach ($part->content instanceof Instance ? $part->content->overrides : [] as $written => $values) {
                $overrides[(string) Address::of((string) $written)->inInstance(new Address($model[$i]->id))] = $values;
            }
        }
        $overrides = self::completed($tree, $model, $parts, $overrides, $tree->component($component)->root ?? '', $component);
        $root = $parts[0];
        $sizing = MakeComponent::laid($copy);
        $use = new Layer($copy->id, $copy->screen, $copy->parent, $copy->rank, $copy->name === $model[0]->name ? $name : $copy->name, $copy->box, new Instance($component, [], OverrideValues::renamed($overrides, [$model[0]->id => $tree->component($component)->root ?? ''])),
            rotation: $copy->rotation, hidden: $copy->hidden, cues: $root->cues, sizing: $sizing, pins: $copy->pins, lineage: $copy->lineage);

        return $tree->withoutLayers(...array_map(fn (Layer $one): string => $one->id, $parts))->withLayers($use);
    }

    /**
     * @param  Values  $overrides
     * @return Values
     */
    private static function differing(array $overrides, Layer $model, Layer $part, string $field): array
    {
        $at = new Address($model->id);

        return match (true) {
            $field === 'words' && $part->content instanceof Text => OverrideValues::with($overrides, $at, 'words', $part->content->words),
            $field === 'shown' => OverrideValues::with($overrides, $at, 'hidden', $part->hidden),
            default => ($property = Field::find($field)) === null ? $overrides : OverrideValues::with($overrides, $at, $field, $property->plain($part)),
        };
    }

    /**
     * With all in which a copy differs apart from single fields, such as a second fill.
     *
     * @param  list<Layer>  $model
     * @param  list<Layer>  $parts
     * @param  Values  $overrides
     * @return Values
     *
     * @throws InvalidInput where an instance cannot be as the copy is
     */
    private static function completed(Tree $tree, array $model, array $parts, array $overrides, string $root, string $component): array
    {
        $ids = [...array_combine(array_column($parts, 'id'), array_column($model, 'id')), $parts[0]->id => $root];
        $differing = function (Tree $shown, int $i) use ($model, $parts, $ids): array {
            $design = $shown->layer($ids[$parts[$i]->id]);

            // In the component parts are pinned of which nothing was said: copies that say nothing of it either are so, too.
            return self::unlike($design, $parts[$i]->pins === null && $model[$i]->pins === null ? $parts[$i]->with(pins: $design->pins) : $parts[$i], $i === 0, $ids);
        };
        $before = self::shown($tree, $component, $overrides, [$model[0]->id => $root]);
        foreach ($parts as $i => $part) {
            foreach ($differing($before, $i) as $name => $value) {
                $at = new Address($model[$i]->id);
                foreach (OverrideValues::paths($overrides, $at) as $path) {
                    $overrides = str_starts_with($path, "{$name}.") ? OverrideValues::without($overrides, $at, $path) : $overrides;
                }
                $overrides = OverrideValues::with($overrides, $at, $name, $value);
            }
        }
        $after = self::shown($tree, $component, $overrides, [$model[0]->id => $root]);
        foreach ($parts as $i => $part) {
            $name = array_key_first($differing($after, $i));
            if ($name !== null) {
                $what = match ($name) {
                    'bound' => 'tokens',
                    'overrides' => 'what an instance in it has for itself',
                    default => Field::find($name)?->label() ?? $name,
                };
                throw new InvalidInput('layers', "“{$part->name}” of one copy differs from that of the first in what an instance cannot have for itself: {$what}. Make them alike first. Nothing was changed.");
            }
        }

        return $overrides;
    }

    /**
     * @param  Values  $overrides
     * @param  array<string, string>  $ids
     */
    private static function shown(Tree $tree, string $component, array $overrides, array $ids): Tree
    {
        return Filling::instance($tree, new Instance($component, [], OverrideValues::renamed($overrides, $ids)));
    }

    /**
     * In what a part of an instance is otherwise than one of a copy.
     *
     * @param  array<string, string>  $ids  of the parts of the component by those of the copy
     * @return array<string, mixed> the values of the copy by the property as a whole
     */
    private static function unlike(Layer $shown, Layer $part, bool $outermost, array $ids): array
    {
        $passed = ['id', 'screen', 'parent', 'rank', 'name', 'locked', 'lineage', 'x', 'y', 'width', 'height', ...($outermost ? ['hidden', 'rotation', 'masking', 'operation', 'pins', 'sizing', 'cues'] : [])];
        $plain = fn (Layer $layer): array => array_diff_key($layer->toArray(), array_flip($passed));
        $told = fn (mixed $value): mixed => json_decode(strtr((string) preg_replace('/"id":"[^"]*"(,|(?=}))/', '', json_encode($value, JSON_THROW_ON_ERROR)), $ids), true);
        [$had, $wanted] = [$plain($shown), $plain($part)];

        return array_filter(array_replace(array_fill_keys(array_keys($had), null), $wanted), fn (mixed $value, string $name): bool => $told($value) != $told($had[$name] ?? null), ARRAY_FILTER_USE_BOTH); // @phpstan-ignore notEqual.notAllowed (in whatever order)
    }

    /** @param  list<Layer>  $layers */
    private static function only(Tree $tree, array $layers): Tree
    {
        $parts = [];
        foreach ($layers as $layer) {
            foreach ($tree->subtree($layer->id) as $part) {
                $parts[] = $part->id === $layer->id ? $part->with(parent: null) : $part;
            }
        }

        return (new Tree($tree->project, $tree->screens))->withLayers(...$parts);
    }
}
