<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Document\Address;
use Kindred\Document\Component\Called;
use Kindred\Document\Component\Component;
use Kindred\Document\Component\Slot;
use Kindred\Document\Edit\Field;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Text;
use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Sheet\Fed;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Layout\Expansion;

/** What the facets say of instances, and of the sheets of components. */
final readonly class ComponentFacets
{
    /** The most places in which a component is used that are shown. */
    private const USES = 30;

    public function __construct(private TreeLoader $store, private References $references, private Expansion $expansion)
    {
    }

    /**
     * What the selected instances of one component have in common, and what a single one fills in and has for itself.
     *
     * @param  list<Address>  $named
     * @return array{component: Screen|null, axes: list<array{id: string, name: string, states: array<string, string>, value: string|null}>, slots: list<array{slot: Slot, address: string, value: string, label: string, own: bool}>, overrides: list<array{address: string, path: string, says: string}>, others: list<Screen>}|null
     */
    public function use(Tree $tree, array $named): ?array
    {
        $uses = array_values(array_filter(array_map(fn (Address $one): ?Layer => $this->expansion->at($tree, $one), $named)));
        $components = array_unique(array_map(fn (Layer $layer): ?string => $layer->component(), $uses));
        $id = $components[0] ?? null;
        if ($uses === [] || count($components) !== 1 || $id === null) {
            return null;
        }
        $sheet = $tree->screens[$id] ?? null;
        $component = $sheet?->component;
        $only = count($uses) === 1 && $component !== null ? $uses[0] : null;

        return [
            'component' => $sheet,
            'axes' => $component === null ? [] : $this->axes($component, $uses),
            'slots' => $only === null ? [] : $this->slots($tree, $component, $only, $named[0]),
            'overrides' => $only === null ? [] : $this->overrides($tree, $component, $only, $named[0]),
            'others' => array_values(array_filter($tree->sheets(), fn (Screen $one): bool => $one->id !== $id)),
        ];
    }

    /**
     * What the sheet of a component says of it.
     *
     * @return array{screen: Screen, component: Component, uses: list<array{screen: Screen|null, layer: Layer, called: string}>, more: bool, offers: list<array{layer: string, path: string, name: string, says: string}>, others: list<Screen>}|null null where it is none
     */
    public function sheet(Project $project, Tree $tree, ?string $screen): ?array
    {
        $sheet = $tree->screens[$screen ?? ''] ?? null;
        if ($sheet?->component === null) {
            return null;
        }
        $named = $this->references->to($project, Entity::Screen, [$sheet->id], 'content', self::USES + 1);
        $ids = array_values(array_unique(array_column($named, 'id')));
        $layers = $ids === [] ? [] : array_intersect_key($this->store->load($project, new WorkingSet(layers: $ids))->layers, array_flip($ids));
        $uses = array_values(array_filter($layers, fn (Layer $layer): bool => $layer->screen !== $sheet->id));
        usort($uses, fn (Layer $a, Layer $b): int => strcmp($tree->screens[$a->screen ?? '']->rank ?? '', $tree->screens[$b->screen ?? '']->rank ?? '') ?: Rank::compare($a, $b));
        $whole = $this->store->load($project, new WorkingSet(components: [$sheet->id]));

        return [
            'screen' => $sheet,
            'component' => $sheet->component,
            'uses' => array_map(fn (Layer $layer): array => ['screen' => $tree->screens[$layer->screen ?? ''] ?? null, 'layer' => $layer, 'called' => Called::of($whole, $layer)], array_slice($uses, 0, self::USES)),
            'more' => count($named) > self::USES,
            'offers' => $this->offers($whole, $sheet->component, $sheet->id),
            'others' => array_values(array_filter($tree->sheets(), fn (Screen $one): bool => $one->id !== $sheet->id)),
        ];
    }

    /**
     * @param  list<Layer>  $uses
     * @return list<array{id: string, name: string, states: array<string, string>, value: string|null}> the value is null where they differ
     */
    private function axes(Component $component, array $uses): array
    {
        $axes = [];
        foreach ($component->axes as $axis) {
            $values = array_unique(array_map(fn (Layer $layer): string => $layer->content instanceof Instance ? $component->otherStates($layer->content->states)[$axis->id] ?? $axis->state0()->id ?? '' : '', $uses));
            $axes[] = ['id' => $axis->id, 'name' => $axis->name, 'states' => array_column($axis->states, 'name', 'id'), 'value' => count($values) === 1 ? $values[0] : null];
        }

        return $axes;
    }

    /** @return list<array{slot: Slot, address: string, value: string, label: string, own: bool}> */
    private function slots(Tree $tree, Component $component, Layer $use, Address $at): array
    {
        $slots = [];
        foreach ($component->slots as $slot) {
            $address = Address::of($slot->layer)->inInstance($at);
            $layer = $this->expansion->at($tree, $address);
            if ($layer !== null && isset($tree->layers[$address->layer])) {
                $slots[] = [
                    'slot' => $slot, 'address' => (string) $address, 'value' => self::value($layer, $slot->path), 'label' => self::called($slot->path),
                    'own' => $use->content instanceof Instance && in_array($slot->path, OverrideValues::paths($use->content->overrides, Address::of($slot->layer)), true),
                ];
            }
        }

        return $slots;
    }

    /** @return list<array{address: string, path: string, says: string}> what an instance has otherwise, apart from its slots */
    private function overrides(Tree $tree, Component $component, Layer $use, Address $at): array
    {
        $own = [];
        foreach ($use->content instanceof Instance ? $use->content->overrides : [] as $written => $values) {
            $within = Address::of((string) $written);
            foreach (array_keys($values) as $path) {
                if ($component->slotOf($within, (string) $path) === null) {
                    $own[] = ['address' => (string) $within->inInstance($at), 'path' => (string) $path, 'says' => ($tree->layers[$within->layer]->name ?? 'a layer that is not there').': '.self::called((string) $path)];
                }
            }
        }

        return $own;
    }

    /** @return list<array{layer: string, path: string, name: string, says: string}> what could be a slot, and is none yet */
    private function offers(Tree $tree, Component $component, string $sheet): array
    {
        $offers = [];
        $parts = array_column($tree->design($sheet), null, 'id');
        $names = Fed::names($parts);
        foreach ($parts as $layer) {
            foreach (Slot::offered($layer, $layer->id === $component->root) as $path) {
                if ($component->slotOf(new Address($layer->id), $path) === null) {
                    $offers[] = ['layer' => $layer->id, 'path' => $path, 'name' => $names[$layer->id], 'says' => "{$names[$layer->id]}: ".self::called($path)];
                }
            }
        }

        return $offers;
    }

    public static function called(string $path): string
    {
        return match ($path) {
            'words' => 'text', 'asset' => 'picture', 'icon' => 'icon', 'hidden' => 'visibility', OverrideValues::COMPONENT => 'component', 'states' => 'state', 'runs', 'paragraphs' => 'setting of text',
            default => Field::find($path)?->label() ?? $path,
        };
    }

    private static function value(Layer $layer, string $path): string
    {
        return match (true) {
            $path === 'words' && $layer->content instanceof Text => $layer->content->words,
            $path === 'hidden' => $layer->hidden ? 'no' : 'yes',
            $path === OverrideValues::COMPONENT => $layer->component() ?? '',
            default => Field::find($path)?->of($layer) ?? '',
        };
    }
}
