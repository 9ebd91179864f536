<?php

declare(strict_types=1);

namespace Kindred\Flow;

use Kindred\Signal\Writing;

/**
 * The values of signals while a programme runs: what presses and typing do to them, what words hold, which rules are kept.
 *
 * @phpstan-import-type WidgetRow from Programme
 * @phpstan-import-type SignalRow from Programme
 * @phpstan-import-type Test from CueRows
 * @phpstan-import-type Deed from CueRows
 * @phpstan-import-type Placeholder from \Kindred\Signal\Template
 *
 * @phpstan-type Value bool|int|float|string|list<int>|null
 */
final class Values
{
    /** @var array<string, Value> by signal */
    private array $values = [];

    /** @var array<string, int> the first day of the month that a calendar shows, by signal */
    private array $months = [];

    /** @var array<string, true> the widgets whose mistakes are told */
    private array $told = [];

    private int $serial = 0;

    /**
     * @param  array{signals: array<string, SignalRow>, widgets: array<string, WidgetRow>, words: array<string, list<string|Placeholder>>, ...}  $table  of a programme
     * @param  int  $seed  of the generated number, from 1 to 2^31 - 2
     * @param  int  $today  days since 1 January 1970
     */
    public function __construct(private readonly array $table, private int $seed, private readonly int $today)
    {
        $this->restart();
    }

    public function restart(): void
    {
        // Park and Miller, “Random number generators: good ones are hard to find” (1988), with the multiplier of 1993.
        $this->seed = $this->seed * 48_271 % 2_147_483_647;
        $this->serial = 100_000 + $this->seed % 900_000;
        $this->values = array_map(fn (array $row): bool|int|float|string|array|null => $row['start'], $this->table['signals']);
        $this->months = array_map(fn (array $row): int => $row['month'] ?? self::monthOf($this->today, 0), $this->table['signals']);
        $this->told = [];
    }

    /** @return array<string, Value> */
    public function all(): array
    {
        return $this->values;
    }

    public function press(string $widget, string $press, int $item): void
    {
        $row = $this->table['widgets'][$widget] ?? null;
        if ($row === null) {
            return;
        }
        $name = $row['signal'];
        $signal = $this->table['signals'][$name];
        $value = $this->values[$name];
        $this->values[$name] = match ($signal['kind'].' '.$press) {
            'on toggle' => $value !== true,
            'one item' => isset($signal['labels'][$item]) ? $item : $value,
            'several item' => isset($signal['labels'][$item]) ? self::flipped(is_array($value) ? $value : [], $item) : $value,
            'number item' => self::stepped($signal, $item + 1),
            'number less' => self::stepped($signal, (is_numeric($value) ? $value : 0) - $signal['step']),
            'number more' => self::stepped($signal, (is_numeric($value) ? $value : 0) + $signal['step']),
            'text clear' => '',
            'date item' => $this->day($this->months[$name], $item) ?? $value,
            default => $value,
        };
        if ($press === 'earlier' || $press === 'later') {
            $this->months[$name] = self::monthOf($this->months[$name], $press === 'earlier' ? -1 : 1);
        }
    }

    public function enter(string $widget, string|int|float $value): void
    {
        $name = $this->table['widgets'][$widget]['signal'] ?? null;
        $signal = $name === null ? null : $this->table['signals'][$name];
        if ($name !== null && $signal !== null && $signal['kind'] === 'text' && is_string($value)) {
            $this->values[$name] = $value;
        } elseif ($name !== null && $signal !== null && $signal['kind'] === 'number' && ! is_string($value)) {
            $this->values[$name] = self::stepped($signal, $value);
        }
    }

    /**
     * Gives a signal a value: one that is named, one further by so much, or what a formula gives.
     *
     * @param  Deed  $deed
     */
    public function set(array $deed): void
    {
        $name = $deed['signal'] ?? '';
        $signal = $this->table['signals'][$name] ?? null;
        if ($signal === null) {
            return;
        }
        if (array_key_exists('value', $deed)) {
            $this->values[$name] = $signal['kind'] === 'number' && (is_int($deed['value']) || is_float($deed['value'])) ? self::stepped($signal, $deed['value']) : $deed['value'];

            return;
        }
        $by = $deed['by'] ?? null;
        $value = $this->values[$name];
        if ($by === null) {
            $this->become($name, $signal, $this->result($deed['steps'] ?? []));
        } elseif ($signal['kind'] === 'on') {
            $this->values[$name] = ($value === true) !== ((float) $by !== 0.0);
        } elseif ($signal['kind'] === 'one') {
            $this->values[$name] = $signal['labels'] === [] ? -1 : max(0, min(count($signal['labels']) - 1, (is_int($value) ? $value : -1) + (int) floor($by + 0.5)));
        } else {
            $this->become($name, $signal, (Writing::number($this->read($name, '')) ?? 0.0) + $by);
        }
    }

    /**
     * What a formula gives, as the signal holds it: of choices the row, counted from 1, or what is called so.
     *
     * @param  SignalRow  $signal
     */
    private function become(string $name, array $signal, float|string|bool|null $result): void
    {
        $number = Writing::number($result);
        $row = is_string($result) ? array_search($result, $signal['labels'], true) : false;
        $this->values[$name] = match ($signal['kind']) {
            'on' => $number !== null && $number !== 0.0,
            'one' => is_int($row) ? $row : ($number !== null && isset($signal['labels'][(int) floor($number) - 1]) ? (int) floor($number) - 1 : -1),
            'several' => is_int($row) ? [$row] : [],
            'number' => $number === null ? $this->values[$name] : self::stepped($signal, $number),
            'date' => $number === null ? null : (int) floor($number),
            default => Writing::write($result, null),
        };
    }

    /**
     * Whether what a signal holds compares as it should; never where there is no such signal.
     *
     * @param  Test  $test
     */
    public function holds(array $test): bool
    {
        $name = $test['signal'] ?? '';
        if (! isset($this->table['signals'][$name]) && ! isset(Signals::BUILT_IN[$name])) {
            return false;
        }
        $held = $this->read($name, $test['part'] ?? '');
        $to = $test['to'] ?? '';
        $against = $to !== '' ? $this->read($to, '') : $test['value'] ?? '';
        [$a, $b] = [Writing::number($held), Writing::number($against)];

        return match ($test['compare'] ?? '') {
            'filled' => ! self::isNothing($held),
            'empty' => self::isNothing($held),
            'is' => self::isSame($held, $against),
            'is-not' => ! self::isSame($held, $against),
            'has' => $this->has($name, $held, self::text($against)),
            'has-not' => ! $this->has($name, $held, self::text($against)),
            'over' => $a !== null && $b !== null && $a > $b,
            'at-least' => $a !== null && $b !== null && $a >= $b,
            'under' => $a !== null && $b !== null && $a < $b,
            default => $a !== null && $b !== null && $a <= $b,
        };
    }

    private static function isNothing(float|string|bool|null $held): bool
    {
        return $held === null || $held === false || (is_string($held) && trim($held) === '');
    }

    private static function isSame(float|string|bool|null $held, float|string|bool|null $against): bool
    {
        return match (true) {
            is_bool($held) => $held === (is_bool($against) ? $against : in_array(self::text($against), ['on', 'yes', 'true', '1'], true)),
            is_float($held) => $held === Writing::number($against),
            default => self::text($held) === self::text($against),
        };
    }

    private static function text(float|string|bool|null $value): string
    {
        return is_string($value) ? trim($value) : Writing::write($value, null);
    }

    /** Of several choices, whether one of them is called so; of words, whether they are in them. */
    private function has(string $name, float|string|bool|null $held, string $words): bool
    {
        $signal = $this->table['signals'][$name] ?? null;
        $items = $this->values[$name] ?? null;
        if ($signal !== null && $signal['kind'] === 'several' && is_array($items)) {
            return array_filter($items, fn (int $item): bool => trim($signal['labels'][$item] ?? '') === $words) !== [];
        }

        return $words !== '' && str_contains(self::text($held), $words);
    }

    /** From now on the widget shows its errors. */
    public function tell(string $widget): void
    {
        $this->told[$widget] = true;
    }

    /** The error message that a widget shows; empty where its value is valid, or the error is not shown yet. */
    public function message(string $widget): string
    {
        return isset($this->told[$widget]) ? $this->wrong($widget) : '';
    }

    /** The message of the first rule that the widget's value breaks. */
    public function wrong(string $widget): string
    {
        $row = $this->table['widgets'][$widget] ?? null;
        $value = $row === null ? null : $this->values[$row['signal']];
        $words = is_string($value) ? trim($value) : null;
        $empty = in_array($words ?? $value, ['', -1, [], null, false], true);
        foreach ($row['rules'] ?? [] as $rule) {
            $number = $words === null ? null : Writing::number($words);
            $broken = match ($rule['kind']) {
                'required' => $empty,
                'matches' => ! $empty && preg_match("\x01".($rule['pattern'] ?? '')."\x01Du", (string) $words) !== 1,
                'number' => ! $empty && $number === null,
                'range' => $number !== null && ($number < ($rule['min'] ?? 0) || $number > ($rule['max'] ?? 0)),
                default => $this->written($this->table['widgets'][$widget]['signal']) !== $this->written($rule['to'] ?? ''),
            };
            if ($broken) {
                return $rule['says'];
            }
        }

        return '';
    }

    /** Words with their placeholders filled in. */
    public function words(string $template): string
    {
        return implode('', array_map(fn (string|array $piece): string => is_string($piece) ? $piece : Writing::write($this->result($piece['steps']), $piece['pattern']), $this->table['words'][$template] ?? [$template]));
    }

    private function written(string $signal): string
    {
        $value = $this->read($signal, '');

        return is_string($value) ? trim($value) : Writing::write($value, null);
    }

    /** @param  list<array{do: string, number?: float, signal?: string, part?: string}>  $steps */
    private function result(array $steps): float|string|bool|null
    {
        if (count($steps) === 1 && $steps[0]['do'] === 'read') {
            return $this->read($steps[0]['signal'] ?? '', $steps[0]['part'] ?? '');
        }
        $stack = [];
        foreach ($steps as $step) {
            if ($step['do'] === 'put') {
                $stack[] = (float) ($step['number'] ?? 0);

                continue;
            }
            if ($step['do'] === 'read') {
                $stack[] = Writing::number($this->read($step['signal'] ?? '', $step['part'] ?? ''));

                continue;
            }
            $right = array_pop($stack);
            $left = $step['do'] === 'negate' ? 0.0 : array_pop($stack);
            $stack[] = $left === null || $right === null ? null : match ($step['do']) {
                'add' => $left + $right,
                'multiply' => $left * $right,
                'divide' => $right === 0.0 ? null : $left / $right,
                default => $left - $right,
            };
        }

        return $stack[0] ?? null;
    }

    private function read(string $name, string $part): float|string|bool|null
    {
        if ($name === 'serial' || $name === 'today') {
            return (float) ($name === 'serial' ? $this->serial : $this->today);
        }
        $value = $this->values[$name] ?? null;
        $signal = $this->table['signals'][$name] ?? null;
        if ($signal === null || $value === null) {
            return null;
        }
        $items = $signal['kind'] === 'one' ? [$value] : $value;
        if (! is_array($items) || ! in_array($signal['kind'], ['one', 'several'], true)) {
            return is_int($value) ? (float) $value : (is_array($value) ? null : $value);
        }
        $chosen = array_values(array_filter($items, fn (mixed $item): bool => is_int($item) && isset($signal['labels'][$item])));
        if ($part === 'count') {
            return (float) count($chosen);
        }
        if ($part === 'value' && $signal['kind'] === 'several') {
            return array_sum(array_map(fn (int $item): float => Writing::number($signal['parts']['value'][$item] ?? '') ?? 0.0, $chosen));
        }
        $of = $part === '' ? $signal['labels'] : $signal['parts'][$part] ?? [];

        return implode(', ', array_map(fn (int $item): string => $of[$item] ?? '', $chosen));
    }

    /**
     * @param  list<int>  $items
     * @return list<int>
     */
    private static function flipped(array $items, int $item): array
    {
        $items = in_array($item, $items, true) ? array_values(array_diff($items, [$item])) : [...$items, $item];
        sort($items);

        return $items;
    }

    /** @param  SignalRow  $signal */
    private static function stepped(array $signal, float $value): float
    {
        $steps = floor(($value - $signal['min']) / $signal['step'] + 0.5);
        $value = floor(($signal['min'] + $steps * $signal['step']) * 1e6 + 0.5) / 1e6;

        return max($signal['min'], min($signal['max'], $value));
    }

    /** The day in a cell of a month, in weeks from Monday; null where there is none. */
    private function day(int $first, int $cell): ?int
    {
        $day = $first + $cell - self::before($first);

        return $day >= $first && $day < self::monthOf($first, 1) ? $day : null;
    }

    /** The first day of a month, so many months after the one that a day lies in. */
    private static function monthOf(int $day, int $months): int
    {
        $date = new \DateTimeImmutable('@'.$day * 86_400);
        $first = gmmktime(0, 0, 0, (int) $date->format('n') + $months, 1, (int) $date->format('Y'));

        return intdiv((int) $first, 86_400);
    }

    /** How many cells of the first week come before a month: the days from Monday to its first. 1 January 1970 was a Thursday. */
    private static function before(int $first): int
    {
        return (($first + 3) % 7 + 7) % 7;
    }
}
