<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Shows instances in another state of one axis; those in other components, or in cells, there alone or in all of them. */
final readonly class SetStates implements Command
{
    use OnInstances;
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private string $axis, private string $state, private InCopies $copies)
    {
    }

    public static function type(): string
    {
        return 'set-states';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->id('axis'), $in->id('state'), InCopies::read($in, Address::all($in, 'layers')));
    }

    public function workingSet(): WorkingSet
    {
        return $this->copies->workingSet($this->screen, $this->layers);
    }

    public function apply(Tree $tree): Tree
    {
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            $tree = $this->copies->put($tree, $layer, 'states', function (Layer $own) use ($tree): Layer {
                $instance = self::instance($own);
                $component = self::component($tree, $instance->component);
                if ($component->axis($this->axis)?->state($this->state) === null) {
                    throw new InvalidInput('state', 'That state is not there; it may have been removed in another window.');
                }

                return $own->with(content: $instance->with(states: $component->otherStates([...$instance->states, $this->axis => $this->state])));
            });
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        $content = ($before->layers[$this->layers[0] ?? ''] ?? null)?->component();
        $state = $before->component($content)?->axis($this->axis)?->state($this->state);

        return 'Show '.$this->naming($before, $this->layers).($state === null ? ' in another state' : " as “{$state->name}”");
    }
}
