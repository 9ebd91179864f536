<?php

declare(strict_types=1);

namespace Kindred\Flow\Time;

/** Something done, how long that takes, in seconds, and what it is about. */
final readonly class Timed
{
    public function __construct(public Operator $operator, public float $seconds, public string $about = '', public int $times = 1)
    {
    }

    /** So many of one operator. */
    public static function of(Operator $operator, string $about = '', int $times = 1): self
    {
        return new self($operator, ($operator->seconds() ?? 0.0) * $times, $about, $times);
    }

    public static function waiting(float $seconds, string $about): self
    {
        return new self(Operator::Wait, $seconds, $about);
    }

    /** @param  list<self>  $all */
    public static function total(array $all): float
    {
        return array_sum(array_map(fn (self $one): float => $one->seconds, $all));
    }

    /**
     * What is written as the model writes it, `M 3K P`, with the average times.
     *
     * @param  array<string, float>  $instead  s of operators that are otherwise, by their letters
     * @return list<self>
     */
    public static function written(string $method, array $instead = []): array
    {
        preg_match_all('/(\d*)([A-Z])/', $method, $found, PREG_SET_ORDER);

        return array_map(function (array $one) use ($instead): self {
            $operator = Operator::from($one[2]);
            $times = $one[1] === '' ? 1 : (int) $one[1];

            return new self($operator, ($instead[$one[2]] ?? $operator->seconds() ?? 0.0) * $times, times: $times);
        }, $found);
    }
}
