<?php

declare(strict_types=1);

namespace Kindred\Brief;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Condition;
use Kindred\Document\Screen;
use Kindred\Document\Tree;

/** The screen plan against what hangs on the wall, and the sketch of what leads to what. */
final readonly class Plan
{
    public const CARD = [150.0, 56.0];

    private const GAP = [56.0, 20.0];

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

    /** @return list<Condition> that the row needs and that no version of its screen is for */
    public function missing(Entry $row): array
    {
        $screen = $this->screen($row);
        $made = array_map(
            fn (Screen $one): ?Condition => $one->condition,
            $screen === null ? [] : array_filter($this->tree->reel(), fn (Screen $one): bool => $one->id === $screen->id || $one->conditionOf === $screen->id),
        );

        return array_values(array_filter($row->conditions, fn (Condition $condition): bool => ! in_array($condition, $made, true)));
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
                $findings[] = "“{$row->title}” has no version for ".implode(', ', array_map(fn (Condition $one): string => $one->label(), $missing)).'.';
            }
        }

        return $findings;
    }

    /**
     * Cards in columns by how many steps they are from the first, and what leads where.
     *
     * @return array{width: float, height: float, cards: list<array{row: Entry, x: float, y: float, made: bool}>, arrows: list<array{path: string, back: bool}>}
     */
    public function sketch(): array
    {
        $steps = $this->steps();
        $at = $filled = [];
        $cards = [];
        foreach ($this->rows as $row) {
            $column = $steps[$row->id];
            $line = $filled[$column] = ($filled[$column] ?? -1) + 1;
            $at[$row->id] = [$column * (self::CARD[0] + self::GAP[0]), $line * (self::CARD[1] + self::GAP[1])];
            $cards[] = ['row' => $row, 'x' => $at[$row->id][0], 'y' => $at[$row->id][1], 'made' => $this->screen($row) !== null];
        }
        $arrows = [];
        foreach ($this->rows as $row) {
            foreach ($row->leadsTo as $target) {
                if (isset($at[$target]) && $target !== $row->id) {
                    $arrows[] = self::arrow($at[$row->id], $at[$target]);
                }
            }
        }

        return [
            'width' => $steps === [] ? 0.0 : (max($steps) + 1) * (self::CARD[0] + self::GAP[0]) - self::GAP[0],
            'height' => $filled === [] ? 0.0 : (max($filled) + 1) * (self::CARD[1] + self::GAP[1]) - self::GAP[1],
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
     * From the right side of one card to the left of the other; back and within a column, around below.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return array{path: string, back: bool}
     */
    private static function arrow(array $from, array $to): array
    {
        [$width, $height] = self::CARD;
        if ($to[0] > $from[0]) {
            $x1 = $from[0] + $width;
            $y1 = $from[1] + $height / 2;
            $x2 = $to[0];
            $y2 = $to[1] + $height / 2;
            $bend = ($x2 - $x1) / 2;

            return ['path' => "M{$x1} {$y1}C".($x1 + $bend)." {$y1} ".($x2 - $bend)." {$y2} {$x2} {$y2}", 'back' => false];
        }
        $x1 = $from[0] + $width / 2;
        $x2 = $to[0] + $width / 2 + ($to[0] === $from[0] ? 16 : 0);
        $down = $to[1] > $from[1] && $to[0] === $from[0];
        $y1 = $from[1] + ($down ? $height : 0);
        $y2 = $to[1] + ($down ? 0 : ($to[0] === $from[0] ? $height : 0));
        $rise = $to[0] === $from[0] ? ($y2 - $y1) / 2 : -24.0;

        return ['path' => "M{$x1} {$y1}C{$x1} ".($y1 + $rise)." {$x2} ".($to[0] === $from[0] ? $y2 - $rise : $y2 + $rise)." {$x2} {$y2}", 'back' => true];
    }

    private static function plain(string $title): string
    {
        return (string) preg_replace('/[^\pL\pN]+/u', ' ', mb_strtolower(trim($title)));
    }
}
