<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Placed;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layer\Widget;
use Kindred\Type\LaidLine;

/** All words are seen: no line is left out, none reaches over its box, no word is broken where it may not be, and widgets have room for theirs. */
final class CutText implements OnScreen
{
    /** px over a box that count as nothing. */
    private const SLOP = 1.0;

    public static function key(): string
    {
        return 'cut-text';
    }

    public static function label(): string
    {
        return 'text that is cut or reaches over its box';
    }

    public static function group(): Group
    {
        return Group::Reading;
    }

    public static function source(): string
    {
        return 'WCAG 2.2, success criterion 1.4.12: no loss of content; CSS Overflow 3';
    }

    public static function limit(): ?Limit
    {
        return null;
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        foreach ($scene->seen as $layer) {
            $content = $layer->layer->content;
            if ($content instanceof Text && trim($content->words) !== '') {
                $found = self::ofText($scene, $layer, $content);
            } else {
                $found = $content instanceof Widget ? self::ofWidget($scene, $layer) : null;
            }
            if ($found !== null) {
                yield $found;
            }
        }
    }

    private static function ofText(Scene $scene, Placed $layer, Text $text): ?Finding
    {
        $laid = $layer->laid;
        if ($laid === null) {
            return null;
        }
        $title = Text::title($text->words);
        $set = fn (string $field, string $value): array => ['type' => 'set-field', ...$scene->named($layer), 'field' => $field, 'value' => $value];
        $box = $layer->layer->box;
        if ($laid->cut) {
            return Finding::of(self::class, $scene->screen->id, "“{$title}” is cut after ".($text->maxLines === 1 ? 'one line' : "{$text->maxLines} lines").'; the rest of its words is not seen.', [$layer->address], new Fix('Show all lines', [$set('maxLines', '')]));
        }
        $over = max(0.0, ...array_map(fn (LaidLine $line): float => max($line->bottom - $box->height, $line->width + $line->x - $box->width - ($text->wrapped ? 0 : 1e6)), $laid->lines));
        if ($text->keepsHeight() && $over > self::SLOP) {
            return Finding::of(self::class, $scene->screen->id, "“{$title}” reaches over its box by ".round($over, 1).' px.', [$layer->address], new Fix('Make the box as high as its lines', [$set('fixed', 'false')]));
        }
        $broken = $text->wrapped ? self::broken($text, $laid->lines) : null;

        return $broken === null ? null : Finding::of(self::class, $scene->screen->id, "The word “{$broken}” is wider than its box and is broken inside.", [$layer->address]);
    }

    /**
     * A word that goes on in the next line without a hyphen.
     *
     * @param  list<LaidLine>  $lines
     */
    private static function broken(Text $text, array $lines): ?string
    {
        $at = 0;
        foreach ($lines as $i => $line) {
            $said = trim($line->text);
            $found = $said === '' ? false : mb_strpos($text->words, $said, $at);
            if ($found === false) {
                continue;
            }
            $at = $found + mb_strlen($said);
            $before = mb_substr($text->words, max(0, $at - 1), 1);
            $after = mb_substr($text->words, $at, 1);
            if ($i < count($lines) - 1 && preg_match('/^[\p{Latin}\p{Cyrillic}\p{Greek}\p{N}]$/u', $before) === 1 && preg_match('/^[\p{Latin}\p{Cyrillic}\p{Greek}\p{N}]$/u', $after) === 1) {
                preg_match('/[\p{L}\p{N}]+$/u', mb_substr($text->words, 0, $at), $head);
                preg_match('/^[\p{L}\p{N}]+/u', mb_substr($text->words, $at), $tail);

                return ($head[0] ?? '').($tail[0] ?? '');
            }
        }

        return null;
    }

    private static function ofWidget(Scene $scene, Placed $layer): ?Finding
    {
        foreach ($scene->kit()->plain($layer->layer) as $part) {
            $drawn = $part->layer->content;
            if ($drawn instanceof Text && $part->template !== '' && $part->live === null && str_ends_with($drawn->words, '…') && ! str_ends_with($part->template, '…')) {
                return Finding::of(self::class, $scene->screen->id, "{$layer->called()} has no room for “".Text::title($part->template).'”.', [$layer->address]);
            }
        }
        [$shown, $all] = $scene->kit()->shown($layer->layer);

        return $shown >= $all ? null : Finding::of(self::class, $scene->screen->id, "{$layer->called()} shows {$shown} of its {$all} entries; there is no room for the others.", [$layer->address]);
    }
}
