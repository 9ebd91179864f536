<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Component\Axis;
use Kindred\Document\Component\Component;
use Kindred\Document\Component\State;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Makes instances those of another component. What they fill in comes along where a slot there is called the same, their states where
 * axis and state are, and what else they have for themselves where a layer of the same kind is called the same.
 */
final readonly class ExchangeInstances implements Command
{
    use OnInstances;
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private string $component, private InCopies $copies)
    {
    }

    public static function type(): string
    {
        return 'exchange-instances';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->id('component'), InCopies::read($in, Address::all($in, 'layers')));
    }

    public function workingSet(): WorkingSet
    {
        return WorkingSet::join($this->copies->workingSet($this->screen, $this->layers), new WorkingSet(components: [$this->component], still: $this->named($this->screen)));
    }

    public function apply(Tree $tree): Tree
    {
        self::component($tree, $this->component);
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            self::instance($layer);
            $tree = $this->copies->areIn($layer)
                ? $this->copies->put($tree, $layer, OverrideValues::COMPONENT, fn (Layer $own): Layer => $own->with(content: self::instance($own)->with(component: $this->component)))
                : $tree->withLayers(self::exchanged($tree, $layer, $this->component));
        }

        return $tree;
    }

    /** An instance of another component, with all that has a place there, called like that where it was called like its own. */
    public static function exchanged(Tree $tree, Layer $layer, string $component): Layer
    {
        $instance = self::instance($layer);
        [$old, $new] = [$tree->component($instance->component), $tree->component($component) ?? throw new InvalidInput('component', 'That component is not there.')];
        $named = $layer->name === ($tree->screens[$instance->component] ?? null)?->name;
        $overrides = [];
        foreach ($instance->overrides as $written => $values) {
            foreach ($values as $path => $value) {
                $to = self::matching($tree, $old, $new, $component, Address::of((string) $written), (string) $path);
                $overrides = $to === null ? $overrides : OverrideValues::with($overrides, $to, (string) $path, $value);
            }
        }

        return $layer->with(name: $named ? $tree->screen($component)->name : $layer->name, content: new Instance($component, self::states($old, $new, $instance->states), $overrides));
    }

    /** Where a property of a layer of one component is to be found in another. */
    private static function matching(Tree $tree, ?Component $old, Component $new, string $component, Address $layer, string $path): ?Address
    {
        $slot = $old?->slotOf($layer, $path);
        if ($slot !== null) {
            foreach ($new->slots as $other) {
                if ($other->name === $slot->name && $other->path === $path) {
                    return Address::of($other->layer);
                }
            }
        }
        $was = $layer->copies === [] ? $tree->layers[$layer->layer] ?? null : null;
        if ($was !== null) {
            foreach ($tree->design($component) as $other) {
                // What is a slot there takes only what was one.
                if ($other->name === $was->name && $other->kind() === $was->kind() && $new->slotOf(new Address($other->id), $path) === null) {
                    return new Address($other->id);
                }
            }
        }

        return null;
    }

    /**
     * @param  array<string, string>  $states  by axis
     * @return array<string, string>
     */
    private static function states(?Component $old, Component $new, array $states): array
    {
        $found = [];
        foreach ($old?->otherStates($states) ?? [] as $axis => $state) {
            $was = $old?->axis($axis);
            $same = array_values(array_filter($new->axes, fn (Axis $one): bool => $one->name === $was?->name))[0] ?? null;
            $to = array_values(array_filter($same->states ?? [], fn (State $one): bool => $one->name === $was?->state($state)?->name))[0] ?? null;
            if ($same !== null && $to !== null) {
                $found[$same->id] = $to->id;
            }
        }

        return $new->otherStates($found);
    }

    public function label(Tree $before): string
    {
        return 'Exchange '.$this->naming($before, $this->layers).' for '.($before->screens[$this->component]->name ?? 'another component');
    }
}
