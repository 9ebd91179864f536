<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Address;
use Kindred\Input\InvalidInput;

/**
 * What shows layers in copies, each with values of its own: an array what lies in it, an instance those of its component. The
 * copies have names, which are part of the `Address` of a layer in one of them. How copies are laid out is said by an expander
 * in `Layout\Cells`.
 *
 * @phpstan-import-type Values from OverrideValues
 */
interface Expanding extends LayerContent
{
    /**
     * @param  string  $id  of the layer that shows them
     * @return list<string> the names of the copies, in their order
     */
    public function copies(string $id): array;

    /**
     * With a property of a layer set in one copy alone.
     *
     * @param  Address  $layer  as it is called within the copy
     * @param  string  $path  of the property
     */
    public function overriding(string $copy, Address $layer, string $path, mixed $value): static;

    /** With the property of a layer following what all copies show again. */
    public function following(string $copy, Address $layer, string $path): static;

    /** @return list<string> the paths of the properties that a layer has for itself in one copy */
    public function overridden(string $copy, Address $layer): array;

    /** @return list<Values> what layers have otherwise in its copies */
    public function overrides(): array;

    /**
     * With what layers have otherwise in its copies said in another way.
     *
     * @param  \Closure(Values): Values  $by
     */
    public function withOverrides(\Closure $by): static;

    /**
     * With a value written where one copy takes this property of a layer from; null where it takes it from nowhere else.
     *
     * @param  string  $layer  its address within the copy
     *
     * @throws InvalidInput where there is no such copy
     */
    public function feeding(string $copy, string $layer, string $path, string $value): ?static;

    /**
     * With the ids of layers in it replaced by new ones.
     *
     * @param  array<string, string>  $ids  new by old
     */
    public function renamed(array $ids): static;

    /** @return list<string> words that copies show, beside those of the layers in it */
    public function words(): array;

    /** @return list<string> the hashes of the pictures that copies show, beside those of the layers in it */
    public function pictures(): array;

    /** @return list<string> the components that copies show: its own, and those shown instead of what lies in their design */
    public function components(): array;

    /** Whether what a layer has for itself in one copy can follow a token. */
    public static function followsTokens(): bool;

    /** How many layers lie right in it at most: what is repeated is one. */
    public static function maxChildren(): int;
}
