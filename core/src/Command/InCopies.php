<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Text;
use Kindred\Document\Sheet\Slot;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Path;

/**
 * The copies in which a change was made, such as cells of an array, by the addresses of the layers that a command names,
 * and whether it is for them alone.
 *
 * What is for a copy alone is set there apart from what all copies show. Otherwise it is changed where the copy takes it
 * from, such as the row of a data sheet, and only where it takes it from nowhere in what all of them show.
 */
final readonly class InCopies
{
    /** @param  array<string, list<Address>>  $addresses  by layer */
    private function __construct(private array $addresses, private bool $apart)
    {
    }

    /** @param  list<Address>  $named  the layers that the command names */
    public static function read(Reader $in, array $named): self
    {
        if ($in->has('row')) {
            $in->fail('row', 'This page is older than the application. Load it again');
        }
        $addresses = [];
        foreach ($named as $address) {
            $addresses[$address->layer][] = $address;
        }

        return new self($addresses, $in->boolean('apart', false));
    }

    /**
     * The tree with the change made in the copies; null where it is one of what all copies show.
     *
     * @param  Layer  $layer  as all copies show it
     * @param  Layer  $set  the same as it would be
     *
     * @throws InvalidInput where no copy alone can be so, or one is not there
     */
    public function instead(Tree $tree, Layer $layer, Field $field, Layer $set): ?Tree
    {
        if ($this->apart && $this->isInCopies($layer) && ! $field->isOverridable()) {
            throw new InvalidInput('value', 'One cell cannot be laid out in another way than the rest; change every cell instead.');
        }

        [$path, $value] = self::said($field, $layer, $set);

        return $this->written($tree, $layer, $path, $value);
    }

    /**
     * A colour in the place of a colour is said as one, which is what the rows of a data sheet hold.
     *
     * @return array{string, mixed} the path of a property, and its value as it is written
     */
    private static function said(Field $field, Layer $layer, Layer $set): array
    {
        $front = [$layer->fills[0] ?? null, $set->fills[0] ?? null];
        $plain = $field->path === Field::PAINT_OF_FILL && $front[1]?->paint instanceof Solid && ($front[0] === null || $front[0]->paint instanceof Solid);
        $said = $plain ? Field::find(Field::FILL) ?? $field : $field;

        return [$said->path, $said->plain($set)];
    }

    /** The same for the words of a text. */
    public function saying(Tree $tree, Layer $layer, string $words): ?Tree
    {
        return $this->written($tree, $layer, Slot::Words->path(), $words);
    }

    /** How words are set that copies have alone, where it is otherwise than it would follow from what all copies show. */
    public function setting(Tree $tree, Layer $layer, Text $followed, Text $set): Tree
    {
        foreach ($this->addresses[$layer->id] ?? [] as $address) {
            foreach (['runs', 'paragraphs'] as $path) {
                $own = Path::of($path)->plain($layer->with(content: $set));
                if ($own !== Path::of($path)->plain($layer->with(content: $followed))) {
                    $tree = self::apart($tree, $layer, $address, $path, $own);
                }
            }
        }

        return $tree;
    }

    private function isInCopies(Layer $layer): bool
    {
        return array_filter($this->addresses[$layer->id] ?? [], fn (Address $one): bool => $one->copies !== []) !== [];
    }

    private function written(Tree $tree, Layer $layer, string $path, mixed $value): ?Tree
    {
        $written = null;
        foreach ($this->addresses[$layer->id] ?? [] as $address) {
            $written = $address->copies === [] ? null : $this->at($written ?? $tree, $layer, $address, $path, $value);
            if ($written === null) {
                return null;
            }
        }

        return $written;
    }

    private function at(Tree $tree, Layer $layer, Address $address, string $path, mixed $value): ?Tree
    {
        $expanding = self::expanding($tree, $layer, $address);
        if ($this->apart) {
            return self::apart($tree, $layer, $address, $path, $value);
        }
        foreach ($expanding as $i => [$around, $content]) {
            $fed = $content->feeding($address->copies[count($address->copies) - 1 - $i], $layer->id, $path, is_scalar($value) ? (string) $value : '');
            if ($fed !== null) {
                return $tree->withLayers($around->with(content: $fed));
            }
        }

        return null;
    }

    private static function apart(Tree $tree, Layer $layer, Address $address, string $path, mixed $value): Tree
    {
        $expanding = self::expanding($tree, $layer, $address);
        [$around, $content] = $expanding[count($expanding) - 1];

        return $tree->withLayers($around->with(content: $content->overriding($address->copies[0], $address->within(), $path, $value)));
    }

    /**
     * What shows the copies of an address, innermost first.
     *
     * @return non-empty-list<array{Layer, Expanding}>
     */
    private static function expanding(Tree $tree, Layer $layer, Address $address): array
    {
        $expanding = [];
        $names = array_reverse($address->copies);
        foreach ($tree->expanding($layer) as $i => $around) {
            if ($around->content instanceof Expanding && in_array($names[$i] ?? null, $around->content->copies(), true)) {
                $expanding[] = [$around, $around->content];
            }
        }

        return $expanding === [] || count($expanding) !== count($names)
            ? throw new InvalidInput('layers', "“{$layer->name}” no longer lies in that cell; it may have been removed in another window.")
            : $expanding;
    }
}
