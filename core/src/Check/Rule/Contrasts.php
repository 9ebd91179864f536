<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Fix;
use Kindred\Check\Measured;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Style\Fill;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\Value\ColourToken;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Paint\Colour;
use Kindred\Paint\Contrast;
use Kindred\Paint\Oklab;

/** How something stands out, and the nearest colour in which it does so enough. */
trait Contrasts
{
    /** A token of another lightness is a better colour, one that is further away in hue and chroma another (OKLab, a and b). */
    private const SAME_HUE = 0.025;

    /** By so much more than it must the lightness of a token may differ (OKLab). */
    private const FURTHER = 0.2;

    /** @param  list<Point>  $points  where it is painted */
    private static function measured(Scene $scene, Placed $one, Colour $colour, array $points): ?Measured
    {
        $pairs = $scene->sampling()->of($one, $colour, $points);
        if ($pairs !== null) {
            $worst = null;
            $pixels = [];
            foreach ($pairs as [$ground, $seen]) {
                $key = "{$ground->red} {$ground->green} {$ground->blue} {$seen->red} {$seen->green} {$seen->blue}";
                if (! isset($pixels[$key])) {
                    $pixels[$key] = [$ground->red, $ground->green, $ground->blue, 0];
                    $ratio = $seen->contrastRatio($ground);
                    $worst = $worst === null || $ratio < $worst[0] ? [$ratio, $ground, $seen] : $worst;
                }
                $pixels[$key][3]++;
            }

            return $worst === null ? null : new Measured($worst[0], $worst[1], $worst[2], array_values($pixels));
        }
        $pixels = $one->isPart ? [] : $scene->eyes->backdrops->behind($scene, $one);
        if ($pixels === []) {
            return null;
        }

        // Of a picture half of which is darker it is not the darkest pixel that decides.
        return new Measured(Contrast::against($pixels)->typical($colour), null, $colour, $pixels);
    }

    /**
     * Points of a box of a layer, on the screen.
     *
     * @param  Box  $box  in the layer's own coordinates
     * @param  int  $across  so many in a row
     * @return non-empty-list<Point>
     */
    private static function spread(Placed $one, Box $box, int $across, int $down): array
    {
        $points = [];
        for ($i = 0; $i < $across; $i++) {
            for ($j = 0; $j < $down; $j++) {
                $points[] = $one->outward(new Point($box->x + $box->width * ($i + 0.5) / $across, $box->y + $box->height * ($j + 0.5) / $down));
            }
        }

        return $points === [] ? [$one->centre] : $points;
    }

    /**
     * The nearest colour that stands out enough; a token of such a colour before any other.
     *
     * @param  int|null  $fill  whose colour it is; that of the uppermost fill that is seen where null
     */
    private static function recoloured(Scene $scene, Placed $layer, Measured $measured, float $needed, ?int $fill = null): ?Fix
    {
        $fill ??= array_key_first(array_filter($layer->layer->fills, fn (Fill $one): bool => ! $one->hidden)) ?? 0;
        $has = ($layer->layer->fills[$fill] ?? null)?->colour() ?? $layer->layer->colour();
        if ($has === null || self::veil($layer) !== null) {
            return null;
        }
        $seen = $has->withAlpha($has->alpha * $layer->layer->opacity);
        $against = $measured->against();
        $nearest = $against->nearest($seen, $needed);
        if ($nearest !== null && ($own = self::ownOfTheme($scene, $layer, $fill, $nearest->withAlpha($has->alpha))) !== null) {
            return $own;
        }
        $token = $nearest === null || ! $scene->canFollow($layer->address, "fills.{$fill}.paint") ? null : self::token($scene, $has, abs(Oklab::of($nearest)->lightness - Oklab::of($has)->lightness) + self::FURTHER, fn (Colour $colour): bool => $against->worst($colour->withAlpha($colour->alpha * $layer->layer->opacity)) >= $needed);
        if ($token !== null) {
            return new Fix("Take the token {$token->name}", [['type' => 'bind-token', ...$scene->setting($layer, "fills.{$fill}.paint"), 'field' => "fills.{$fill}.paint", 'token' => $token->id]]);
        }
        if ($nearest === null) {
            return null;
        }
        // A colour that is seen through hardly ever stands out enough: it is as dark as it can be then, or opaque.
        $hex = substr($nearest->toHex(), 0, 7);

        return new Fix("Take {$hex}", [['type' => 'set-field', ...$scene->setting($layer, "fills.{$fill}.colour"), 'field' => "fills.{$fill}.colour", 'value' => $hex]]);
    }

    /**
     * Another value, in the theme that the screen shows, of the token that the colour follows: what is bound to another token would be otherwise
     * in all themes.
     */
    private static function ownOfTheme(Scene $scene, Placed $layer, int $fill, Colour $colour): ?Fix
    {
        $themes = Themes::of($scene->tree);
        $theme = $themes->all()[$themes->at($scene->screen)] ?? null;
        $bound = Bindings::of($layer->layer);
        $token = $scene->tokens()[$bound["fills.{$fill}.paint"] ?? $bound["fills.{$fill}.colour"] ?? ''] ?? null;

        return $theme === null || $token === null ? null
            : new Fix("Make {$token->name} {$colour->toHex()} in {$theme->name}", [['type' => 'put-theme-values', 'theme' => $theme->id, 'values' => [['token' => $token->id, 'text' => $colour->toHex()]]]]);
    }

    /**
     * The nearest of those that do, of about the same hue and chroma; one that words or icons of the screen follow before any other.
     *
     * @param  float  $near  as far away in lightness as it may be (OKLab)
     * @param  \Closure(Colour): bool  $does
     */
    private static function token(Scene $scene, Colour $has, float $near, \Closure $does): ?Token
    {
        $found = null;
        $own = Oklab::of($has);
        $inks = $scene->inks();
        foreach ($scene->tokens() as $token) {
            if (! $token->value instanceof ColourToken) {
                continue;
            }
            $colour = Oklab::of($token->value->value);
            $away = abs($colour->lightness - $own->lightness) + (isset($inks[$token->id]) ? 0.0 : 1.0);
            if (hypot($colour->a - $own->a, $colour->b - $own->b) <= self::SAME_HUE && abs($colour->lightness - $own->lightness) < $near && ($found === null || $away < $found[1]) && $does($token->value->value)) {
                $found = [$token, $away];
            }
        }

        return $found[0] ?? null;
    }

    /** What it lies in that is seen through, the innermost of several; null where there is none. */
    private static function veil(Placed $layer): ?Placed
    {
        for ($around = $layer->parent; $around !== null; $around = $around->parent) {
            if ($around->layer->opacity < 1) {
                return $around;
            }
        }

        return null;
    }

    private static function behind(Measured $measured): string
    {
        return $measured->ground === null ? 'half of what lies behind it' : "the {$measured->ground->opaqueHex()} behind it";
    }

    /** Cut, not rounded: what is just too little must not read as enough. */
    private static function ratio(float $ratio): string
    {
        return (string) (floor($ratio * 100) / 100);
    }
}
