<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Document\Layer;
use Kindred\Document\Token\Value\DimensionToken;
use Kindred\Document\Token\Value\NumberToken;
use Kindred\Property\Path;
use Kindred\Property\Property;

/** Which properties of layers are worth binding to tokens, and which token each has the very value of. */
final class Offers
{
    private const ENTRY = '(fills|strokes)\.\d+';

    /** What is worth it, as a field shows it. */
    private const WORTH = '/^(corners|opacity|rowGap|columnGap|padding|rounding|style\.(family|weight|size|lineHeight)|cues\.\d+\.(actions|otherwise)\.\d+\.transition\.(duration|easing)|strokes\.\d+\.width|'.self::ENTRY.'\.(paint|opacity)|(fills|strokes|effects)\.\d+\.(stops\.\d+\.)?colour|effects\.\d+\.(effect|blur|radius))$/D';

    /** What is shown by a field of its own beside one that is offered already: the colour of a paint, parts of a shadow. */
    private const PARTS = '/\.(colour|blur|radius)$|^'.self::ENTRY.'\.opacity$/D';

    /** What a length or a number is for, as its token's name says it: by chance many have the same value. */
    private const MEANT = [
        '/^(corners|rounding)$/' => 'radi|corner|round', '/^style\.size$/' => 'size|type|font|text', '/^style\.lineHeight$/' => 'line|leading',
        '/\.width$/' => 'stroke|border|line', '/^opacity$/' => 'opacity|alpha', '/Gap$|^padding$/' => 'spac|gap|pad|inset',
    ];

    public static function isWorth(string $path): bool
    {
        return preg_match(self::WORTH, $path) === 1;
    }

    /**
     * The tokens whose value layers have alike, and are not bound to.
     *
     * @param  list<Layer>  $layers
     * @param  list<string>  $paths  of properties that are the same in all of them
     * @param  array<string, Token>  $tokens
     * @return array<string, Token> by path
     */
    public static function of(array $layers, array $paths, array $tokens): array
    {
        $bound = array_merge([], ...array_map(Bindings::of(...), $layers));
        $offers = [];
        foreach ($tokens === [] || $layers === [] ? [] : $paths as $path) {
            $property = self::isWorth($path) && preg_match(self::PARTS, $path) !== 1 ? Path::of($path)->property($layers[0]) : null;
            $has = $property === null ? null : Path::of($path)->value($layers[0]);
            if ($property !== null && $has !== null && $has !== $property->default() && ! isset($bound[$path]) && ! isset($bound[str_replace('.paint', '.colour', $path)])) {
                $offers[$path] = self::withValue($property, $has, $path, $tokens);
            }
        }

        return array_filter($offers, fn (?Token $token): bool => $token !== null);
    }

    /**
     * @param  Property<mixed>  $property
     * @param  array<string, Token>  $tokens
     */
    private static function withValue(Property $property, mixed $has, string $path, array $tokens): ?Token
    {
        $plain = $property->plain($has);
        foreach ($tokens as $token) {
            $own = self::isMeantFor($token, $path) ? $token->value->valueOf($property, $has) : null;
            if ($own !== null && $property->plain($own) === $plain) {
                return $token;
            }
        }

        return null;
    }

    /** Whether a token of a length or a number is for a property, as its name says it. */
    public static function isMeantFor(Token $token, string $path): bool
    {
        foreach ($token->value instanceof DimensionToken || $token->value instanceof NumberToken ? self::MEANT : [] as $pattern => $words) {
            if (preg_match($pattern, $path) === 1) {
                return preg_match("/{$words}/i", $token->name) === 1;
            }
        }

        return true;
    }
}
