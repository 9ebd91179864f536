<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\TokenValue;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Path;

/** Makes a token of the value that a property of layers has, and binds them to it; layers of other screens are bound to the one that is there by then. */
final readonly class MakeToken implements Command
{
    use OnLayers;

    /** @param  list<string>  $layers */
    private function __construct(private ?string $screen, private array $layers, private string $field, private string $id, private string $name, private InCopies $copies, private BindToken $bind)
    {
    }

    public static function type(): string
    {
        return 'make-token';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->string('field', 80, false), $id = $in->id('id'), $in->string('name', 200, false),
            InCopies::read($in, Address::all($in, 'layers')), BindToken::read(Reader::of(['token' => $id] + $in->raw())));
    }

    public function workingSet(): WorkingSet
    {
        return $this->bind->workingSet();
    }

    public function apply(Tree $tree): Tree
    {
        if (isset(Bindings::tokens($tree)[$this->id])) {
            return $this->bind->apply($tree);
        }
        $layer = $this->copies->named($tree, $this->selected($tree, $this->screen, $this->layers)[0]);
        $way = Path::of($this->field);
        $property = $way->property($layer);
        $value = null;
        foreach ($property === null ? [] : TokenValue::ALL as $kind) {
            $value ??= $kind::from($property, $way->value($layer));
        }
        if ($value === null) {
            throw new InvalidInput('field', "“{$layer->name}” has nothing there that a token can be made of. Nothing was changed.");
        }
        $put = Reader::of(['tokens' => [['id' => $this->id, 'name' => $this->name, 'kind' => $value::kind()] + $value->toArray()]]);

        return $this->bind->apply(PutTokens::read($put)->apply($tree));
    }

    public function label(Tree $before): string
    {
        return "Make token “{$this->name}” of ".$this->naming($before, $this->layers);
    }
}
