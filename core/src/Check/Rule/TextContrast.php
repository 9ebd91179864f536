<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Elsewhere;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\FixesBeyond;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\Measured;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Text;
use Kindred\Document\Screen;
use Kindred\Geometry\Box;
use Kindred\Geometry\Point;
use Kindred\Type\LaidRun;
use Kindred\Type\Paragraph;
use Kindred\Type\Run;
use Kindred\Type\TextStyle;

/** Words stand out against what lies behind them. Where colours change behind them, the places where they stand out least count. */
final class TextContrast implements FixesBeyond, OnScreen
{
    use Contrasts;

    public static function key(): string
    {
        return 'contrast';
    }

    public static function label(): string
    {
        return 'contrast of text';
    }

    public static function group(): Group
    {
        return Group::Reading;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criteria 1.4.3 (4.5:1, large text 3:1) and 1.4.6 (7:1, large text 4.5:1)';
    }

    public static function limit(): Limit
    {
        return new Limit('Contrast of text that is not large', 4.5, 3, 21, ':1');
    }

    /** The ratio that words need where small ones need one. */
    public static function needed(TextStyle $style, float $small): float
    {
        return match (true) {
            ! $style->isLarge() => $small,
            $small >= 7 => 4.5,
            default => min(3.0, $small),
        };
    }

    public static function beyond(Elsewhere $elsewhere, Screen $screen): string
    {
        return $elsewhere->tokens();
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        foreach ($scene->seen as $layer) {
            foreach ($layer->layer->content instanceof Text ? [$layer] : array_filter($layer->children, fn (Placed $part): bool => $part->isPart) as $words) {
                if ($words->layer->content instanceof Text && $words->laid !== null) {
                    yield from self::ofWords($scene, $layer, $words, $words->layer->content, $limit ?? 4.5);
                }
            }
        }
    }

    /** @return iterable<Finding> the worst of it, once */
    private static function ofWords(Scene $scene, Placed $layer, Placed $words, Text $text, float $limit): iterable
    {
        $worst = null;
        foreach ($words->laid->lines ?? [] as $line) {
            foreach ($line->runs($text->style) as $run) {
                $colour = $run->setting->colour ?? $words->layer->colour();
                if ($colour === null || $colour->alpha === 0.0 || trim($run->text) === '') {
                    continue;
                }
                $needed = self::needed($run->setting->style, $limit);
                $contrast = self::measured($scene, $words, $colour, self::points($words, $run, $line->baseline, $run->setting->style->size));
                if ($contrast !== null && $contrast->ratio < $needed && ($worst === null || $contrast->ratio / $needed < $worst[0]->ratio / $worst[1])) {
                    $worst = [$contrast, $needed, $run];
                }
            }
        }
        if ($worst === null) {
            return;
        }
        [$contrast, $needed, $run] = $worst;
        $said = Text::title($run->text);
        $fix = $words === $layer ? self::fixed($scene, $layer, $text, $run, $contrast, $needed) : null;
        yield Finding::of(self::class, $scene->screen->id, sprintf('“%s” has a contrast of %s:1 with %s; it needs %s:1.', $said, self::ratio($contrast->ratio), self::behind($contrast), self::ratio($needed)), [$layer->address], $fix);
    }

    private static function fixed(Scene $scene, Placed $layer, Text $text, LaidRun $run, Measured $contrast, float $needed): ?Fix
    {
        $veil = self::veil($layer);
        $own = $run->setting->colour;
        if ($veil !== null) {
            return $contrast->against()->worst($own ?? $layer->layer->colour() ?? $contrast->seen) < $needed ? null
                : new Fix("Show {$veil->called()} in full", [['type' => 'set-field', ...$scene->setting($veil, 'opacity'), 'field' => 'opacity', 'value' => '100%']]);
        }
        if ($own === null) {
            return self::recoloured($scene, $layer, $contrast, $needed);
        }
        $nearest = $contrast->against()->nearest($own, $needed);
        if ($nearest === null) {
            return null;
        }
        $runs = array_map(fn (Run $one): array => ($one->colour?->toHex() === $own->toHex() ? $one->with(colour: $nearest->withAlpha(1)) : $one)->toArray(), $text->runs);
        $named = $scene->setting($layer, 'runs');

        return new Fix("Take {$nearest->opaqueHex()}", [['type' => 'set-words', 'screen' => $named['screen'], 'layer' => $named['layers'][0], 'apart' => isset($named['apart']), 'words' => $text->words, 'runs' => $runs, 'paragraphs' => array_map(fn (Paragraph $one): array => $one->toArray(), $text->paragraphs)]]);
    }

    /** @return non-empty-list<Point> over the words, as densely as colours can change behind them */
    private static function points(Placed $words, LaidRun $run, float $baseline, float $size): array
    {
        $box = new Box($run->x, $baseline - 0.6 * $size, max(1.0, $run->width), 0.5 * $size);

        return self::spread($words, $box, max(2, min(9, (int) ($run->width / 24))), 2);
    }
}
