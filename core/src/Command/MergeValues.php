<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\OverrideValues;
use Kindred\Document\Layer\Text;
use Kindred\Document\Missing;
use Kindred\Document\Screen;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\TokenValue;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Path;
use Kindred\Style\Aspect;
use Kindred\Style\Inventory;
use Kindred\Style\Written;

/**
 * Puts one value in the place of several that are nearly the same, in the whole project: that value as it is, a token that is there, or a
 * new token of it. What is bound to a token already is left alone. Locked layers follow, too, and what copies and states have for themselves.
 *
 * @phpstan-import-type Values from OverrideValues
 */
final readonly class MergeValues implements Command
{
    private const MAX = 200;

    /**
     * @param  class-string<Aspect>  $aspect
     * @param  array<string, mixed>  $from  plain values by their identity
     * @param  mixed  $to  a plain value
     * @param  string|null  $token  that is bound in its place: one that is there, or with a name a new one
     */
    private function __construct(private string $aspect, private array $from, private mixed $to, private ?string $token, private ?string $name)
    {
    }

    public static function type(): string
    {
        return 'merge-values';
    }

    public static function read(Reader $in): self
    {
        $key = $in->string('aspect', 20);
        $aspect = array_values(array_filter(Aspect::ALL, fn (string $one): bool => $one::key() === $key))[0] ?? $in->fail('aspect', 'there is no such part of the look');
        $given = $in->raw()['from'] ?? null;
        if (! is_array($given) || $given === [] || count($given) > self::MAX) {
            $in->fail('from', 'between one and '.self::MAX.' values are expected');
        }
        $from = [];
        foreach ($given as $plain) {
            $aspect::value($plain);
            $from[Inventory::id($plain)] = $plain;
        }
        $to = $in->raw()['to'] ?? $in->fail('to', 'a value is expected');
        $aspect::value($to);

        return new self($aspect, $from, $to, $in->optionalId('token'), $in->has('name') ? trim($in->string('name', 200, false)) : null);
    }

    public function workingSet(): WorkingSet
    {
        $traces = [];
        foreach ($this->replaced() as $plain) {
            $traces[$trace = $this->aspect::trace($plain)] = $trace;
        }

        return new WorkingSet(reel: true, things: Themes::HOUSE, written: array_values($traces));
    }

    /** @return array<string, mixed> the values that are replaced; what becomes a new token is bound where it is that already */
    private function replaced(): array
    {
        return $this->from + ($this->name === null ? [] : [Inventory::id($this->to) => $this->to]);
    }

    public function apply(Tree $tree): Tree
    {
        $token = null;
        if ($this->token !== null) {
            if ($this->name !== null && ! isset(Bindings::tokens($tree)[$this->token])) {
                $value = $this->aspect::value($this->to);
                $tree = PutTokens::read(Reader::of(['tokens' => [['id' => $this->token, 'name' => $this->name, 'kind' => $value::kind()] + $value->toArray()]]))->apply($tree);
            }
            $token = Bindings::tokens($tree)[$this->token] ?? throw Missing::thing('token');
        }
        $value = $token->value ?? $this->aspect::value($this->to);
        $layers = $screens = [];
        foreach ($tree->layers as $layer) {
            $new = $this->merged($layer, $value, $token)[0];
            $new = $new !== $layer && $new->content instanceof Text ? $new->with(content: $new->content->tidied()) : $new;
            $to = $new->content instanceof Expanding && ! $new->content::followsTokens() ? null : $token;
            $new = OverrideValues::ofLayer($new, fn (array $values): array => $this->overrides($tree, $values, $value, $to));
            $layers = $new === $layer ? $layers : [...$layers, $new];
        }
        foreach ($tree->screens as $screen) {
            // The ground of a sheet is not counted, for nobody sees it but where it is worked on; it follows what is seen.
            $new = OverrideValues::ofSheet($this->merged($screen, $value, $token)[0], fn (array $values): array => $this->overrides($tree, $values, $value, $token));
            $screens = $new === $screen ? $screens : [...$screens, $new];
        }
        if ($layers === [] && $screens === []) {
            throw new InvalidInput('from', 'Nothing has these values any more. Nothing was changed.');
        }

        return $tree->withLayers(...$layers)->withScreens(...$screens);
    }

    /**
     * @template T of Layer|Screen
     *
     * @param  T  $thing
     * @param  (\Closure(string): bool)|null  $if  which paths are meant; null for all
     * @return array{T, list<string>} with the paths that have another value now
     */
    private function merged(Layer|Screen $thing, TokenValue $value, ?Token $token, ?\Closure $if = null): array
    {
        $written = $thing->toArray();
        $bound = Written::bound($written);
        $from = $this->replaced();
        $new = $thing;
        $paths = [];
        foreach ($this->aspect::in($written) as $path => $plain) {
            if (! array_key_exists(Inventory::id($plain), $from) || Inventory::isBound($path, $bound) || $if?->__invoke($path) === false) {
                continue;
            }
            $way = Path::of($path);
            $property = $way->property($new);
            $put = $property === null ? null : $value->valueOf($property, $way->value($new));
            if ($property !== null && $put !== null) {
                $new = $way->put($new, $property->plain($put));
                // Single words have no tokens of their own.
                $new = $token === null || str_starts_with($path, 'runs.') ? $new : Bindings::bind($new, $path, $token->id);
                $paths[] = $path;
            }
        }

        return [$new, $paths];
    }

    /**
     * The same in what copies and states have for themselves.
     *
     * @param  Values  $values
     * @return Values
     */
    private function overrides(Tree $tree, array $values, TokenValue $value, ?Token $token): array
    {
        return InOverrides::changed($tree, $values, fn (Layer $shown, \Closure $isOwn): array => $this->merged($shown, $value, $token, $isOwn));
    }

    /** The type of tokens that could take the place of the values. */
    public function kind(): string
    {
        return $this->aspect::value($this->to)::kind();
    }

    public function label(Tree $before): string
    {
        $existing = $this->token !== null && $this->name === null ? Bindings::tokens($before)[$this->token] ?? null : null;
        $others = array_values(array_filter($this->from, fn (mixed $plain): bool => $existing === null ? Inventory::id($plain) !== Inventory::id($this->to) : $this->aspect::value($plain)->toArray() !== $existing->value->toArray()));
        $into = $this->token === null ? $this->aspect::shown($this->to) : '“'.($this->name ?? $existing->name ?? 'a token').'”';

        return match (count($others)) {
            0 => "Bind all of {$this->aspect::shown(array_values($this->from)[0])} to {$into}",
            1 => "Put {$into} in the place of {$this->aspect::shown($others[0])}",
            default => 'Merge '.count($others).' '.mb_strtolower($this->aspect::label())." into {$into}",
        };
    }
}
