<?php

declare(strict_types=1);

namespace Kindred\Brief;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Screen;
use Kindred\Document\ScreenCondition;
use Kindred\Document\Tree;

/** The screen plan against what hangs on the wall, and the sketch of what leads to what. */
final readonly class Plan
{
    /** Width and height of a card, px. */
    public const CARD = [150.0, 44.0];

    /** Cards in a line at most. */
    private const BESIDE = 3;

    /** Between cards beside and below each other, px. */
    public const GAP = [28.0, 46.0];

    /** So far from the cards runs what leads back, and so far from each other, px. */
    private const ASIDE = 22.0;

    private const APART = 9.0;

    /** @var list<Entry> */
    public array $rows;

    public function __construct(private Tree $tree)
    {
        $this->rows = $tree->part(Part::Plan);
    }

    /** The screen that a row was turned into, as long as it is there. */
    public function screen(Entry $row): ?Screen
    {
        $screen = $row->screen === null ? null : ($this->tree->screens[$row->screen] ?? null);

        return $screen?->hangs() === true ? $screen : null;
    }

    /** @return list<ScreenCondition> that the row needs and that no version of its screen is for */
    public function missing(Entry $row): array
    {
        $screen = $this->screen($row);
        $made = array_map(
            fn (Screen $one): ?ScreenCondition => $one->condition,
            $screen === null ? [] : array_filter($this->tree->reel(), fn (Screen $one): bool => $one->id === $screen->id || $one->conditionOf === $screen->id),
        );

        return array_values(array_filter($row->conditions, fn (ScreenCondition $condition): bool => ! in_array($condition, $made, true)));
    }

    /** @return list<string> what is wrong with the plan, in sentences: twice the same, not made, not planned */
    public function findings(): array
    {
        $by = [];
        foreach ($this->rows as $row) {
            $by[self::plain($row->title)][] = $row;
        }
        $findings = [];
        foreach ($by as $name => $rows) {
            if ($name === '') {
                $findings[] = count($rows) === 1 ? 'One planned screen has no name.' : count($rows).' planned screens have no name.';
            } elseif (count($rows) > 1) {
                $findings[] = "“{$rows[0]->title}” is planned ".(count($rows) === 2 ? 'twice' : count($rows).' times').'.';
            }
        }
        $missing = array_filter($this->rows, fn (Entry $row): bool => $row->title !== '' && $this->screen($row) === null);
        if ($missing !== []) {
            $findings[] = 'Not made yet: '.implode(', ', array_map(fn (Entry $row): string => "“{$row->title}”", $missing)).'.';
        }
        $planned = array_filter(array_map(fn (Entry $row): ?string => $this->screen($row)?->id, $this->rows), is_string(...));
        $more = array_filter($this->tree->reel(), fn (Screen $screen): bool => ! in_array($screen->id, $planned, true) && ! in_array($screen->conditionOf, $planned, true));
        if ($more !== [] && $this->rows !== []) {
            $findings[] = 'On the wall but not in the plan: '.implode(', ', array_map(fn (Screen $screen): string => "“{$screen->name}”", $more)).'.';
        }
        foreach ($this->rows as $row) {
            $missing = $this->screen($row) === null ? [] : $this->missing($row);
            if ($missing !== []) {
                $findings[] = "“{$row->title}” has no version for ".implode(', ', array_map(fn (ScreenCondition $one): string => $one->label(), $missing)).'.';
            }
        }

        return $findings;
    }

    /**
     * Cards in lines by how many steps they are from the first, and what leads where.
     *
     * @return array{width: float, height: float, cards: list<array{row: Entry, x: float, y: float, made: bool}>, arrows: list<array{from: Entry, to: Entry, path: string, x: float, y: float, back: bool}>}
     */
    public function sketch(): array
    {
        $steps = $this->steps();
        $lines = $at = $rows = $cards = [];
        foreach ($this->rows as $row) {
            $lines[$steps[$row->id]][] = $row;
            $rows[$row->id] = $row;
        }
        ksort($lines);
        // What neither leads anywhere nor is led to is no part of the flow: it stands below.
        $links = array_map(fn (Entry $row): array => array_values(array_filter($row->leadsTo, fn (string $id): bool => isset($rows[$id]) && $id !== $row->id)), $rows);
        $led = array_fill_keys(array_merge(...array_values($links)), true);
        $alone = fn (Entry $row): bool => $links[$row->id] === [] && ! isset($led[$row->id]);
        $lines = [...array_map(fn (array $line): array => array_values(array_filter($line, fn (Entry $row): bool => ! $alone($row))), $lines), array_values(array_filter($this->rows, $alone))];
        // Many of one step take several lines, or the sketch would be wider than what stands beside it.
        $lines = array_merge(...array_map(fn (array $line): array => array_chunk($line, self::BESIDE), $lines));
        foreach ($lines as $line => $beside) {
            foreach ($beside as $column => $row) {
                $at[$row->id] = [$column * (self::CARD[0] + self::GAP[0]), $line * (self::CARD[1] + self::GAP[1])];
                $cards[] = ['row' => $row, 'x' => $at[$row->id][0], 'y' => $at[$row->id][1], 'made' => $this->screen($row) !== null];
            }
        }
        $right = $cards === [] ? 0.0 : max(array_column($cards, 'x')) + self::CARD[0];
        $arrows = [];
        $backs = 0;
        foreach ($links as $id => $targets) {
            foreach ($targets as $target) {
                $back = $at[$target][1] < $at[$id][1];
                $arrows[] = ['from' => $rows[$id], 'to' => $rows[$target]] + ($back
                    ? self::back($at[$id], $at[$target], $right + self::ASIDE + $backs++ * self::APART, fn (array $place): bool => in_array([$place[0] + self::CARD[0] + self::GAP[0], $place[1]], $at, true))
                    : self::arrow($at[$id], $at[$target]));
            }
        }

        return [
            'width' => $lines === [] ? 0.0 : $right + self::ASIDE + max(0, $backs - 1) * self::APART,
            'height' => $lines === [] ? 0.0 : count($lines) * (self::CARD[1] + self::GAP[1]) - self::GAP[1],
            'cards' => $cards,
            'arrows' => $arrows,
        ];
    }

    /** @return array<string, int> how many steps a row is from the first; rows that nothing leads to begin anew in the first column */
    private function steps(): array
    {
        $rows = array_column(array_map(fn (Entry $row): array => [$row->id, $row], $this->rows), 1, 0);
        $led = [];
        foreach ($this->rows as $row) {
            $led += array_fill_keys(array_filter($row->leadsTo, fn (string $id): bool => $id !== $row->id), true);
        }
        $steps = [];
        // First the rows that nothing leads to, then what lies in circles that nothing leads into.
        foreach ([array_filter($rows, fn (Entry $row): bool => ! isset($led[$row->id])), $rows] as $starts) {
            foreach (array_keys($starts) as $id) {
                if (isset($steps[$id])) {
                    continue;
                }
                $steps[$id] = 0;
                $open = [$id];
                while ($open !== []) {
                    $one = array_shift($open);
                    foreach ($rows[$one]->leadsTo as $next) {
                        if (isset($rows[$next]) && ! isset($steps[$next])) {
                            $steps[$next] = $steps[$one] + 1;
                            $open[] = $next;
                        }
                    }
                }
            }
        }

        return $steps;
    }

    /**
     * From the foot of one card to the head of another that comes later; along a line from side to side, back below what leads
     * on. `x` and `y` are in the middle of it.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return array{path: string, x: float, y: float, back: bool}
     */
    private static function arrow(array $from, array $to): array
    {
        [$width, $height] = self::CARD;
        if ($to[1] > $from[1]) {
            [$x1, $y1, $x2, $y2] = [$from[0] + $width / 2, $from[1] + $height, $to[0] + $width / 2, $to[1]];
            // Past the lines between, beside the cards that stand there.
            $aside = $y2 - $y1 > self::GAP[1] + 1 ? $width * 0.62 : 0.0;
            $bend = $aside === 0.0 ? ($y2 - $y1) / 2 : ($y2 - $y1) * 0.4;
            $path = "M{$x1} {$y1}C".($x1 - $aside).' '.($y1 + $bend).' '.($x2 - $aside).' '.($y2 - $bend)." {$x2} {$y2}";

            return ['path' => $path, 'x' => ($x1 + $x2) / 2 - $aside * 0.75, 'y' => ($y1 + $y2) / 2, 'back' => false];
        }
        $on = $to[0] > $from[0];
        [$x1, $x2] = $on ? [$from[0] + $width, $to[0]] : [$from[0], $to[0] + $width];
        $y = $from[1] + $height * ($on ? 0.35 : 0.65);
        // Around the cards between: above on the way, below on the way back.
        $rise = abs($x2 - $x1) > self::GAP[0] + 1 ? ($on ? -34.0 : 34.0) : 0.0;
        $reach = $on ? 14 : -14;
        $path = "M{$x1} {$y}C".($x1 + $reach).' '.($y + $rise).' '.($x2 - $reach).' '.($y + $rise)." {$x2} {$y}";

        return ['path' => $path, 'x' => ($x1 + $x2) / 2, 'y' => $y + $rise * 0.75, 'back' => ! $on];
    }

    /**
     * Back to an earlier line, up beside all cards; past those that stand right of it in its own line below them.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @param  float  $far  where it runs up
     * @param  \Closure(array{float, float}): bool  $hasNext  whether another card stands right of one
     * @return array{path: string, x: float, y: float, back: bool}
     */
    private static function back(array $from, array $to, float $far, \Closure $hasNext): array
    {
        $points = [...self::aside($from, $far, $hasNext($from)), ...array_reverse(self::aside($to, $far, $hasNext($to)))];

        return [
            'path' => 'M'.implode('L', array_map(fn (array $point): string => implode(' ', $point), $points)),
            'x' => $far, 'y' => ($from[1] + $to[1] + self::CARD[1]) / 2, 'back' => true,
        ];
    }

    /**
     * The points from a card to what runs up beside all cards.
     *
     * @param  array{float, float}  $place
     * @return list<array{float, float}>
     */
    private static function aside(array $place, float $far, bool $past): array
    {
        [$x, $y] = [$place[0] + self::CARD[0], $place[1] + self::CARD[1] * 0.65];
        [$turn, $below] = [$x + self::GAP[0] / 4, $place[1] + self::CARD[1] + self::GAP[1] / 4];

        return $past ? [[$x, $y], [$turn, $y], [$turn, $below], [$far, $below]] : [[$x, $y], [$far, $y]];
    }

    private static function plain(string $title): string
    {
        return (string) preg_replace('/[^\pL\pN]+/u', ' ', mb_strtolower(trim($title)));
    }
}
