<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Edit\Field;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Text;
use Kindred\Document\Sheet\Filling;
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
     * The tree with one property of a layer changed. A copy is changed from what it has itself, its own values and those of its row.
     *
     * @param  Layer  $layer  as all copies show it
     * @param  \Closure(Tree, Layer): ?Tree  $change  of a layer as it is in a tree; null where it stays as it is
     *
     * @throws InvalidInput where no copy alone can be so, or one is not there
     */
    public function change(Tree $tree, Layer $layer, Field $field, \Closure $change): Tree
    {
        if ($this->areApart($layer) && ! $field->isOverridable()) {
            throw new InvalidInput('value', 'One cell cannot be laid out in another way than the rest; change every cell instead.');
        }
        $changed = $this->inCopies($tree, $layer, function (Tree $tree, Address $address) use ($layer, $field, $change): ?Tree {
            $copy = self::filled($tree, $layer, $address);
            $own = $copy->layer($layer->id);
            $set = $change($copy, $own)?->layer($layer->id);

            return $set === null ? $tree : $this->at($tree, $layer, $address, ...self::said($field, $own, $set));
        });

        return $changed ?? $change($tree, $layer) ?? $tree;
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

    /** The words of a text where it is named: those of a copy, or those that all copies show. */
    public function words(Tree $tree, Layer $layer): ?string
    {
        $address = $this->addresses[$layer->id][0] ?? null;
        $there = $address === null || $address->copies === [] ? $layer : self::filled($tree, $layer, $address)->layer($layer->id);

        return $there->content instanceof Text ? $there->content->words : null;
    }

    /** The tree with the words of a text in the copies; null where they are what all copies show. */
    public function saying(Tree $tree, Layer $layer, string $words): ?Tree
    {
        return $this->inCopies($tree, $layer, fn (Tree $tree, Address $address): ?Tree => $this->at($tree, $layer, $address, Slot::Words->path(), $words));
    }

    /** How words are set that copies have alone, where it is otherwise than it would follow from what all copies show; what they have no longer alone is dropped. */
    public function setting(Tree $tree, Layer $layer, Text $followed, Text $set): Tree
    {
        foreach ($this->addresses[$layer->id] ?? [] as $address) {
            foreach (['runs', 'paragraphs'] as $path) {
                $own = Path::of($path)->plain($layer->with(content: $set));
                $tree = $own === Path::of($path)->plain($layer->with(content: $followed))
                    ? self::outermost($tree, $layer, $address, fn (Expanding $content): Expanding => $content->following($address->copies[0], $address->within(), $path))
                    : self::apart($tree, $layer, $address, $path, $own);
            }
        }

        return $tree;
    }

    /** Whether a layer is named in copies, and what changes is for them alone. */
    public function areApart(Layer $layer): bool
    {
        return $this->apart && array_filter($this->addresses[$layer->id] ?? [], fn (Address $one): bool => $one->copies !== []) !== [];
    }

    /**
     * The tree after all copies, one after another; null where one of them is not changed by itself, or the layer is named in its own place.
     *
     * @param  \Closure(Tree, Address): ?Tree  $at
     */
    private function inCopies(Tree $tree, Layer $layer, \Closure $at): ?Tree
    {
        $addresses = $this->addresses[$layer->id] ?? [];
        foreach ($addresses as $address) {
            $tree = $address->copies === [] ? null : $at($tree, $address);
            if ($tree === null) {
                return null;
            }
        }

        return $addresses === [] ? null : $tree;
    }

    /** What a copy shows, with the values of its row and its own in it, and so for each copy in a copy; not laid out. */
    private static function filled(Tree $tree, Layer $layer, Address $address): Tree
    {
        foreach (array_reverse(self::expanding($tree, $layer, $address)) as $i => [$around]) {
            $tree = Filling::copy($tree, $tree->layer($around->id), $address->copies[$i]);
        }

        return $tree;
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
        return self::outermost($tree, $layer, $address, fn (Expanding $content): Expanding => $content->overriding($address->copies[0], $address->within(), $path, $value));
    }

    /** @param  \Closure(Expanding): Expanding  $with  another content of what shows the outermost of the copies, which holds all that they have alone */
    private static function outermost(Tree $tree, Layer $layer, Address $address, \Closure $with): Tree
    {
        $expanding = self::expanding($tree, $layer, $address);
        [$around, $content] = $expanding[count($expanding) - 1];

        return $tree->withLayers($around->with(content: $with($content)));
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
