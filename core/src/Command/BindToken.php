<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Missing;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Path;

/** Binds a property of layers to a token, whose value it takes; or to none, and it keeps the value that it has. */
final readonly class BindToken implements Command
{
    use OnLayers;

    /** Where a layer lies and how large it is is its own. */
    private const PLACE = ['x', 'y', 'width', 'height'];

    /**
     * @param  list<string>  $layers
     * @param  string  $field  the path of the property
     */
    private function __construct(private ?string $screen, private array $layers, private string $field, private ?string $token, private InCopies $copies)
    {
    }

    public static function type(): string
    {
        return 'bind-token';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layers($in), $in->string('field', 80, false), $in->optionalId('token'), InCopies::read($in, Address::all($in, 'layers')));
    }

    public function workingSet(): WorkingSet
    {
        return WorkingSet::join($this->copies->workingSet($this->screen, $this->layers), new WorkingSet(things: Themes::HOUSE));
    }

    public function apply(Tree $tree): Tree
    {
        $token = $this->token === null ? null : Bindings::tokens($tree)[$this->token] ?? throw Missing::thing('token');
        foreach ($this->selected($tree, $this->screen, $this->layers) as $layer) {
            $tree = $this->copies->bound($tree, $layer, $this->field, fn (Tree $in, Layer $own): Layer => $token === null ? $this->detached($tree, $own) : $this->bound($own, $token));
        }

        return $tree;
    }

    private function bound(Layer $layer, Token $token): Layer
    {
        $way = Path::of($this->field);
        $property = $way->property($layer);
        $value = $property !== null && ! in_array($this->field, self::PLACE, true) ? $token->value->valueOf($property, $way->value($layer)) : null;
        if ($property === null || $value === null) {
            throw new InvalidInput('token', "“{$token->name}” is no value of ".($property?->label() ?? "“{$this->field}”")." of “{$layer->name}”. Nothing was changed.");
        }
        $bound = Bindings::bind($way->put($layer, $property->plain($value)), $this->field, $token->id);

        return $bound->content instanceof Text ? $bound->with(content: $bound->content->tidied()) : $bound;
    }

    /** It keeps the value that it shows. */
    private function detached(Tree $tree, Layer $layer): Layer
    {
        return Bindings::bind(Bindings::resolved($layer, Themes::of($tree)->tokensOf($layer)), $this->field, null);
    }

    public function label(Tree $before): string
    {
        $token = $this->token === null ? null : (Bindings::tokens($before)[$this->token] ?? null)->name ?? 'a token';

        return $token === null ? 'Detach '.$this->naming($before, $this->layers).' from its token' : "Bind “{$token}” to ".$this->naming($before, $this->layers);
    }
}
