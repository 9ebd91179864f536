<?php

declare(strict_types=1);

namespace Kindred\Document\Chart;

use Kindred\Document\Layer\Chart;
use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Sheet\Slot;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;

/** What a data sheet says of the points of a chart; all lists have one entry a point. */
final readonly class Points
{
    /** How many points a gauge and progress show at most. */
    public const MAX = 60;

    /**
     * @param  list<string>  $ids
     * @param  list<string>  $labels
     * @param  list<Series>  $series
     * @param  list<Colour|null>  $colours
     * @param  list<float|null>  $goals
     * @param  list<string>  $unread  what stands where numbers are expected and is none
     */
    private function __construct(public array $ids, public array $labels, public array $series, public array $colours, public array $goals, private array $unread)
    {
    }

    public static function of(Sheet $sheet): self
    {
        $rows = array_map(fn (Row $row): array => $row->cells(), $sheet->rows);
        $texts = fn (Column $column): array => array_map(fn (array $cells): string => $cells[$column->id] ?? '', $rows);
        $labels = array_fill(0, count($rows), '');
        $series = $unread = [];
        $colours = $goals = array_fill(0, count($rows), null);
        foreach ($sheet->columns as $column) {
            if ($column->slot === Slot::Value || $column->slot === Slot::Goal) {
                array_push($unread, ...array_values(array_filter(array_map(trim(...), $texts($column)), fn (string $text): bool => $text !== '' && self::number($text) === null)));
            }
            match ($column->slot) {
                Slot::Label => $labels = array_map(fn (string $text): string => trim((string) preg_replace('/\s+/u', ' ', mb_substr($text, 0, 200))), $texts($column)),
                Slot::Value => $series[] = new Series($column->id, $column->name, array_map(self::number(...), $texts($column))),
                Slot::Goal => $goals = array_map(self::number(...), $texts($column)),
                Slot::Colour => $colours = array_map(self::colour(...), $texts($column)),
                default => null,
            };
        }

        return new self(array_column($sheet->rows, 'id'), $labels, $series, $colours, $goals, $unread);
    }

    /** Whether any point is called something. */
    public function isLabelled(): bool
    {
        return implode('', $this->labels) !== '';
    }

    public function count(): int
    {
        return count($this->ids);
    }

    /** @return list<float> */
    public function values(): array
    {
        return array_merge([], ...array_map(fn (Series $one): array => array_values($one->known()), $this->series));
    }

    /** The first of them, no more than so many. */
    public function first(int $max): self
    {
        return $this->count() <= $max ? $this : $this->picked(range(0, $max - 1));
    }

    /**
     * No more than so many, where more could not be told apart: of as many that follow each other as it takes two stand for all, with the least
     * and the most of each series, in the order in which these come.
     */
    public function thinned(int $max): self
    {
        $each = (int) ceil($this->count() / max(1.0, $max / 2));
        if ($each <= 2) {
            return $this;
        }
        $at = [];
        for ($from = 0; $from < $this->count(); $from += $each) {
            array_push($at, $from, min($this->count() - 1, $from + intdiv($each, 2)));
        }
        $series = array_map(function (Series $one) use ($each): Series {
            $values = [];
            foreach (array_chunk($one->values, $each) as $group) {
                $known = array_filter($group, fn (?float $value): bool => $value !== null);
                asort($known);
                $ends = $known === [] ? [null, null] : [array_key_first($known), array_key_last($known)];
                sort($ends);
                array_push($values, $ends[0] === null ? null : $group[$ends[0]], $ends[1] === null ? null : $group[$ends[1]]);
            }

            return new Series($one->id, $one->name, $values);
        }, $this->series);

        return $this->picked($at, $series);
    }

    /**
     * @param  list<int>  $at  the numbers of points
     * @param  list<Series>|null  $series  what they are like; null for as they are
     */
    private function picked(array $at, ?array $series = null): self
    {
        return new self(
            array_map(fn (int $i): string => $this->ids[$i], $at),
            array_map(fn (int $i): string => $this->labels[$i], $at),
            $series ?? array_map(fn (Series $one): Series => new Series($one->id, $one->name, array_map(fn (int $i): ?float => $one->values[$i], $at)), $this->series),
            array_map(fn (int $i): ?Colour => $this->colours[$i], $at),
            array_map(fn (int $i): ?float => $this->goals[$i], $at),
            $this->unread,
        );
    }

    /** @return list<string> what of the sheet a form does not show, in sentences */
    public function leftOut(ChartForm $form): array
    {
        $one = $form === ChartForm::Gauge || $form === ChartForm::Progress;
        $below = $form === ChartForm::Ring ? count(array_filter($this->values(), fn (float $value): bool => $value < 0.0)) : 0;

        return array_values(array_filter([
            $this->series === [] ? 'No column of the data sheet holds values.' : '',
            $one && count($this->series) > 1 ? 'It shows the first series alone.' : '',
            $one && $this->count() > self::MAX ? 'It shows the first '.self::MAX.' points.' : '',
            $below > 0 ? ($below === 1 ? 'A value' : "{$below} values").' below nought '.($below === 1 ? 'has' : 'have').' no share of a ring.' : '',
            $this->unread === [] ? '' : '“'.mb_strimwidth($this->unread[0], 0, 30, '…').'” is no number'.(count($this->unread) > 1 ? ', nor '.(count($this->unread) === 2 ? 'is another' : 'are '.(count($this->unread) - 1).' others') : '').': left out.',
        ], fn (string $said): bool => $said !== ''));
    }

    /**
     * The one number in a text, as people and programs write it: `€1,234.50`, `1.234,5`, `12 %`, `-3e4`. A comma before three digits parts
     * thousands, any other one decimals; of both the last one does. Null where there is none, or more than one.
     */
    public static function number(string $text): ?float
    {
        $text = strtr(trim($text), ['−' => '-', '–' => '-', "\u{a0}" => ' ', "\u{202f}" => ' ', "\u{2009}" => ' ']);
        if (preg_match('/^([+-]?)[^\d.,+-]*([+-]?)(\d[\d.,\' ]*|[.,]\d+)(e[+-]?\d{1,3})?[^\d]*$/iDu', $text, $match) !== 1 || ($match[1] !== '' && $match[2] !== '')) {
            return null;
        }
        $digits = rtrim(str_replace(["'", ' '], '', $match[3]), '.,');
        [$point, $comma] = [strrpos($digits, '.'), strrpos($digits, ',')];
        $decimal = match (true) {
            $point !== false && $comma !== false => $point > $comma ? '.' : ',',
            $comma !== false => preg_match('/^(?!0,)\d{1,3}(,\d{3})+$/D', $digits) === 1 ? '' : ',',
            default => substr_count($digits, '.') > 1 ? '' : '.',
        };
        if ($decimal !== '' && substr_count($digits, $decimal) > 1) {
            return null;
        }
        $plain = strtr($digits, $decimal === ',' ? ['.' => '', ',' => '.'] : ($decimal === '' ? ['.' => '', ',' => ''] : [',' => '']));
        $number = (float) (($match[1].$match[2] === '-' ? '-' : '').$plain.($match[4] ?? ''));

        return is_finite($number) && abs($number) <= Chart::MAX ? $number : null;
    }

    /**
     * All numbers in a text, apart by room, semicolons or commas with room after them: `12 18 15`, `1,5; 2,7`.
     *
     * @return list<float>|null null where one of them is no number
     */
    public static function numbers(string $text): ?array
    {
        $parts = preg_split('/(?:[;\s]|,(?=\s))+/u', trim($text), flags: PREG_SPLIT_NO_EMPTY);
        $numbers = array_map(self::number(...), $parts === false ? [] : $parts);

        return $numbers === [] || in_array(null, $numbers, true) ? null : array_values(array_filter($numbers, is_float(...)));
    }

    private static function colour(string $text): ?Colour
    {
        try {
            return trim($text) === '' ? null : Colour::parse($text);
        } catch (InvalidInput) {
            return null;
        }
    }
}
