<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Property\Kinded;
use Kindred\Property\Property;

/** What a token stands for. A further type is a class here and a line in the register; kinds are called as the format for design tokens calls its types. */
interface TokenValue extends Kinded
{
    /** @var non-empty-list<class-string<self>> */
    public const ALL = [
        Value\ColourToken::class, Value\DimensionToken::class, Value\NumberToken::class, Value\FontFamilyToken::class, Value\FontWeightToken::class,
        Value\TypographyToken::class, Value\GradientToken::class, Value\ShadowToken::class, Value\DurationToken::class, Value\CubicBezierToken::class, Value\OtherToken::class,
    ];

    /** As people call the type. */
    public static function label(): string;

    /** As CSS writes it. */
    public function css(): string;

    /**
     * Another one of the type, as it is typed: mostly as CSS writes it.
     *
     * @throws \Kindred\Input\InvalidInput where it is none
     */
    public static function typed(string $text): self;

    /**
     * One that a property has.
     *
     * @param  Property<mixed>  $property
     * @return static|null null where it cannot be one of this type
     */
    public static function from(Property $property, mixed $value): ?self;

    /**
     * The value of a property that is bound to it.
     *
     * @param  Property<mixed>  $property
     * @param  mixed  $has  the value that there is
     * @return mixed null where it is no value of such a property
     */
    public function valueOf(Property $property, mixed $has): mixed;
}
