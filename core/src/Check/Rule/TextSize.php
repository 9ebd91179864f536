<?php

declare(strict_types=1);

namespace Kindred\Check\Rule;

use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Group;
use Kindred\Check\Limit;
use Kindred\Check\OnScreen;
use Kindred\Check\Scene;
use Kindred\Document\Layer\Text;

/** Words are large enough to be read. */
final class TextSize implements OnScreen
{
    public const USUAL = 12.0;

    public static function key(): string
    {
        return 'text-size';
    }

    public static function label(): string
    {
        return 'size of text';
    }

    public static function group(): Group
    {
        return Group::Reading;
    }

    public static function source(): string
    {
        return 'ISO 9241-303: characters at least 16 minutes of arc high, which is about 12 px in the hand';
    }

    public static function limit(): Limit
    {
        return new Limit('Least size of text', self::USUAL, 6, 40);
    }

    public static function on(Scene $scene, ?float $limit): iterable
    {
        $min = $limit ?? self::USUAL;
        foreach ([...$scene->seen, ...$scene->away] as $layer) {
            $text = $layer->layer->content;
            if (! $text instanceof Text || trim($text->words) === '') {
                continue;
            }
            $size = $text->style->size;
            foreach ($layer->laid->lines ?? [] as $line) {
                foreach ($line->runs as $run) {
                    $size = min($size, $run->setting->style->size);
                }
            }
            if ($size < $min) {
                $fix = $text->style->size < $min ? new Fix("Set it in {$min} px", [['type' => 'set-field', ...$scene->setting($layer, 'style.size'), 'field' => 'style.size', 'value' => (string) $min]]) : null;
                yield Finding::of(self::class, $scene->screen->id, sprintf('“%s” is set in %s px; less than %s px is hard to read.', Text::title($text->words), round($size, 2), $min), [$layer->address], $fix);
            }
        }
    }
}
