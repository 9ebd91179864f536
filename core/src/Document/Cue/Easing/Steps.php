<?php

declare(strict_types=1);

namespace Kindred\Document\Cue\Easing;

use Kindred\Document\Cue\EasingFunction;

/** So many steps (CSS Easing Functions 1, section 2.3). */
final readonly class Steps implements EasingFunction
{
    public const MAX = 100;

    private const POSITIONS = ['start', 'end', 'none', 'both'];

    /** @param  string  $jump  where it jumps: at the `start` of each, at its `end`, at neither end of all, at `both` */
    private function __construct(public int $count, public string $jump)
    {
    }

    /** Null where it is none. */
    public static function parse(string $text): ?self
    {
        $text = ['step-start' => 'steps(1, start)', 'step-end' => 'steps(1)'][$text] ?? $text;
        if (preg_match('/^steps\(\s*(\d{1,3})\s*(?:,\s*(?:jump-)?('.implode('|', self::POSITIONS).')\s*)?\)$/D', $text, $match) !== 1) {
            return null;
        }
        $jump = $match[2] ?? 'end';
        $count = (int) $match[1];

        return $count >= ($jump === 'none' ? 2 : 1) && $count <= self::MAX ? new self($count, $jump) : null;
    }

    public function text(): string
    {
        $jump = ['end' => '', 'start' => ', start'][$this->jump] ?? ", jump-{$this->jump}";

        return "steps({$this->count}{$jump})";
    }

    public function css(): string
    {
        return $this->text();
    }

    public function at(float $progress): float
    {
        $progress = max(0.0, min(1.0, $progress));
        $step = floor($progress * $this->count) + ($this->jump === 'start' || $this->jump === 'both' ? 1 : 0);
        $jumps = $this->count + match ($this->jump) {
            'none' => -1,
            'both' => 1,
            default => 0,
        };

        return max(0.0, min((float) $jumps, $step)) / $jumps;
    }

    public function reversed(): self
    {
        return new self($this->count, ['start' => 'end', 'end' => 'start'][$this->jump] ?? $this->jump);
    }

    public function settles(): null
    {
        return null;
    }
}
