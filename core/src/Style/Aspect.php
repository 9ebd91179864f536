<?php

declare(strict_types=1);

namespace Kindred\Style;

use Kindred\Document\Token\TokenValue;

/**
 * Something of the look of which a project should have few different values: colours, sizes, gaps. A further one is a class in `Aspect`
 * and a line in the register.
 *
 * Values are plain, as layers and screens are written, so that many layers are looked through without reading each.
 */
interface Aspect
{
    /** @var non-empty-list<class-string<self>> */
    public const ALL = [
        Aspect\Colours::class, Aspect\Gradients::class, Aspect\TypeStyles::class, Aspect\Sizes::class, Aspect\Weights::class,
        Aspect\Radii::class, Aspect\StrokeWidths::class, Aspect\Shadows::class, Aspect\Gaps::class,
    ];

    /** Its name in requests. */
    public static function key(): string;

    /** As people call it, in the plural. */
    public static function label(): string;

    /** What counts as nearly the same, in a sentence. */
    public static function nearness(): string;

    /**
     * What a layer, or a screen, has of it.
     *
     * @param  array<array-key, mixed>  $written  as it is written
     * @return array<string, mixed> plain values by the paths of their properties
     */
    public static function in(array $written): array;

    /**
     * A plain value as that of a token.
     *
     * @throws \Kindred\Input\InvalidInput where it is none
     */
    public static function value(mixed $plain): TokenValue;

    /** As a person reads it. */
    public static function shown(mixed $plain): string;

    /** How far two plain values lie apart: up to 1 they are nearly the same. */
    public static function distance(mixed $one, mixed $other): float;

    /** A piece of JSON that whatever has a value holds as it is stored, by itself or as the end of a longer path. */
    public static function trace(mixed $plain): string;
}
