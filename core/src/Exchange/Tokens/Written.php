<?php

declare(strict_types=1);

namespace Kindred\Exchange\Tokens;

use Kindred\Document\Cue\Easing;
use Kindred\Document\Cue\Easing\CubicBezier;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Style\Paint\Stop;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\Value\ColourToken;
use Kindred\Document\Token\Value\CubicBezierToken;
use Kindred\Document\Token\Value\DimensionToken;
use Kindred\Document\Token\Value\DurationToken;
use Kindred\Document\Token\Value\FontFamilyToken;
use Kindred\Document\Token\Value\FontWeightToken;
use Kindred\Document\Token\Value\GradientToken;
use Kindred\Document\Token\Value\NumberToken;
use Kindred\Document\Token\Value\OtherToken;
use Kindred\Document\Token\Value\ShadowToken;
use Kindred\Document\Token\Value\TypographyToken;
use Kindred\Paint\Colour;

/** Writes tokens as the Design Tokens Format Module 2025.10 wants them. */
final class Written
{
    /** What a file may say of a gradient beside its stops, which is all that the format has. */
    public const OWN = 'app.kindred-canvas';

    /** The type of a token, as the format calls it. */
    public static function type(Token $token): string
    {
        return $token->value instanceof OtherToken ? $token->value->type : $token->value::kind();
    }

    /**
     * @param  array<string, Token>  $tokens  by id
     * @return array<string, mixed>
     */
    public static function token(Token $token, array $tokens): array
    {
        $node = ['$type' => self::type($token), '$value' => self::source($token, $tokens) ?? self::value($token, $tokens)];
        $node += $token->description === '' ? [] : ['$description' => $token->description];
        foreach ((array) json_decode($token->more === '' ? '{}' : $token->more) as $key => $value) {
            $node[(string) $key] = $value;
        }
        $paint = $token->value instanceof GradientToken && ! isset($token->bound[Token::WHOLE]) ? $token->value->css() : '';
        if ($paint !== '' && ! str_starts_with($paint, 'linear-gradient(#')) {
            $node['$extensions'] = [self::OWN => ['css' => $paint]] + (array) ($node['$extensions'] ?? []);
        }

        return $node;
    }

    /**
     * @param  array<string, Token>  $tokens  by id
     */
    public static function value(Token $token, array $tokens): mixed
    {
        $value = $token->value;
        $bound = Bindings::of($token);
        $named = fn (string $path, mixed $otherwise): mixed => isset($bound[$path], $tokens[$bound[$path]]) ? '{'.$tokens[$bound[$path]]->name.'}' : $otherwise;

        return $named(Token::WHOLE, match (true) {
            $value instanceof ColourToken => self::colour($value->value),
            $value instanceof DimensionToken => ['value' => self::number($value->value), 'unit' => $value->unit->value],
            $value instanceof NumberToken => self::number($value->value),
            $value instanceof FontFamilyToken => count($value->value) === 1 ? $value->value[0] : $value->value,
            $value instanceof FontWeightToken => $value->value,
            $value instanceof DurationToken => ['value' => self::number($value->value), 'unit' => 'ms'],
            $value instanceof CubicBezierToken => self::easing($value->value),
            $value instanceof TypographyToken => [
                'fontFamily' => $named('style.family', $value->style->family),
                'fontSize' => $named('style.size', self::px($value->style->size)),
                'fontWeight' => $named('style.weight', $value->style->weight),
                'letterSpacing' => self::px(round($value->style->letterSpacing * $value->style->size, 4)),
                'lineHeight' => $named('style.lineHeight', self::number($value->style->lineHeight)),
            ],
            $value instanceof GradientToken => array_map(fn (Stop $stop, int $i): array => [
                'color' => $named("paint.stops.{$i}.colour", self::colour($stop->colour)), 'position' => self::number(max(0.0, min(1.0, $stop->at))),
            ], $value->paint->stops(), array_keys($value->paint->stops())),
            $value instanceof ShadowToken => self::shadows($value->shadows, $named),
            default => $value instanceof OtherToken ? self::other($value, $bound, $named) : null,
        });
    }

    /**
     * Of a type of which nothing more is known, with the names that its parts have now.
     *
     * @param  array<string, string>  $bound
     * @param  \Closure(string, mixed): mixed  $named
     */
    private static function other(OtherToken $value, array $bound, \Closure $named): mixed
    {
        $out = json_decode($value->value, true);
        foreach (array_keys($bound) as $path) {
            $place = &$out;
            foreach (array_slice(explode('.', $path), 1) as $step) {
                if (! is_array($place)) {
                    continue 2;
                }
                $place = &$place[$step];
            }
            $place = $named($path, $place);
            unset($place);
        }

        return $out;
    }

    /**
     * As the file had it, where it would still be read as the same.
     *
     * @param  array<string, Token>  $tokens  by id
     */
    private static function source(Token $token, array $tokens): mixed
    {
        if ($token->source === '') {
            return null;
        }
        preg_match_all('/"\{([^{}"]+)\}"/', $token->source, $named);
        $names = array_map(fn (string $id): string => ($tokens[$id] ?? null)->name ?? '', Bindings::of($token));
        $known = array_column($tokens, 'name');

        return array_diff($named[1], $known) === [] && array_diff($names, $named[1]) === [] ? json_decode($token->source) : null;
    }

    /**
     * @param  list<Shadow>  $shadows
     * @param  \Closure(string, mixed): mixed  $named
     * @return array<array-key, mixed>
     */
    private static function shadows(array $shadows, \Closure $named): array
    {
        $out = [];
        foreach ($shadows as $i => $one) {
            $out[] = [
                'color' => $named("shadows.{$i}.colour", self::colour($one->colour)),
                'offsetX' => $named("shadows.{$i}.offsetX", self::px($one->offsetX)),
                'offsetY' => $named("shadows.{$i}.offsetY", self::px($one->offsetY)),
                'blur' => $named("shadows.{$i}.blur", self::px($one->blur)),
                'spread' => $named("shadows.{$i}.spread", self::px($one->spread)),
            ] + ($one->inner ? ['inset' => true] : []);
        }

        return count($out) === 1 ? $out[0] : $out;
    }

    /** @return array<string, mixed> */
    public static function colour(Colour $colour): array
    {
        $channel = fn (int $of): float|int => self::number(round($of / 255, 4));

        return ['colorSpace' => 'srgb', 'components' => [$channel($colour->red), $channel($colour->green), $channel($colour->blue)]]
            + ($colour->alpha < 1 ? ['alpha' => self::number(round($colour->alpha, 3))] : []) + ['hex' => $colour->opaqueHex()];
    }

    /** @return array{value: float|int, unit: string} */
    private static function px(float $length): array
    {
        return ['value' => self::number($length), 'unit' => 'px'];
    }

    private static function number(float $number): float|int
    {
        return floor($number) === $number ? (int) $number : $number;
    }

    /** @return list<float|int> */
    private static function easing(Easing $easing): array
    {
        $curve = $easing->function instanceof CubicBezier ? $easing->function : new CubicBezier(0.0, 0.0, 1.0, 1.0);

        return array_map(self::number(...), [$curve->x1, $curve->y1, $curve->x2, $curve->y2]);
    }
}
