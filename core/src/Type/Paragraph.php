<?php

declare(strict_types=1);

namespace Kindred\Type;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * How a paragraph is set apart from others: the room before and after it in px, of which the greater holds between two
 * (CSS 2, collapsing margins) and which nothing has at the edges of its text; and its place in a list.
 */
final readonly class Paragraph implements Stored
{
    use Declared;

    public const DEEPEST = 8;

    /** How far the words of a list stand in for each level, and how far from them its marker ends, em of the text. */
    private const INDENT = 1.5;

    private const GAP = 0.5;

    public function __construct(
        #[Is\Number(0, 1000, sparse: true)] public float $before = 0,
        #[Is\Number(0, 1000, sparse: true)] public float $after = 0,
        #[Is\Choice] public ListMarker $list = ListMarker::None,
        #[Is\Whole(0, self::DEEPEST, sparse: true)] public int $level = 0,
    ) {
    }

    public function isPlain(): bool
    {
        return $this->before === 0.0 && $this->after === 0.0 && $this->list === ListMarker::None;
    }

    /** How far its words stand in, px. */
    public function indent(float $size): float
    {
        return $this->list === ListMarker::None ? 0.0 : ($this->level + 1) * self::INDENT * $size;
    }

    /** How far left of the words a marker of a width begins, px. */
    public static function hangs(float $size, float $width): float
    {
        return $width + self::GAP * $size;
    }

    /** The room between two paragraphs, px. */
    public static function between(self $upper, self $lower): float
    {
        return max($upper->after, $lower->before);
    }

    /**
     * The markers of paragraphs that follow each other. Numbers count on over deeper paragraphs, and begin anew after
     * one that is none of the list.
     *
     * @param  list<self>  $paragraphs
     * @return list<string>
     */
    public static function markers(array $paragraphs): array
    {
        $counts = [];
        $markers = [];
        foreach ($paragraphs as $one) {
            $level = $one->list === ListMarker::None ? -1 : $one->level;
            $counts = array_filter($counts, fn (int $of): bool => $of <= $level, ARRAY_FILTER_USE_KEY);
            if ($one->list === ListMarker::Number) {
                $counts[$level] = ($counts[$level] ?? 0) + 1;
            } else {
                unset($counts[$level]);
            }
            $markers[] = $one->list->text($one->level, $counts[$level] ?? 1);
        }

        return $markers;
    }
}
