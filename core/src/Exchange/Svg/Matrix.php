<?php

declare(strict_types=1);

namespace Kindred\Exchange\Svg;

use Kindred\Geometry\Point;

/** An affine map: (x, y) to (ax + cy + e, bx + dy + f). */
final readonly class Matrix
{
    public function __construct(
        public float $a = 1,
        public float $b = 0,
        public float $c = 0,
        public float $d = 1,
        public float $e = 0,
        public float $f = 0,
    ) {
    }

    /** An SVG `transform` list (CSS Transforms 1, section 8); what it does not know does nothing. */
    public static function parse(string $transform): self
    {
        $matrix = new self;
        preg_match_all('/([a-zA-Z]+)\s*\(([^)]*)\)/', $transform, $found, PREG_SET_ORDER);
        foreach ($found as [, $name, $list]) {
            preg_match_all('/[-+]?(?:\d+\.?\d*|\.\d+)(?:[eE][-+]?\d+)?/', $list, $numbers);
            $matrix = $matrix->times(self::named($name, array_map(floatval(...), $numbers[0])));
        }

        return $matrix;
    }

    /** What the other does first, then this. */
    public function times(self $o): self
    {
        return new self(
            $this->a * $o->a + $this->c * $o->b, $this->b * $o->a + $this->d * $o->b,
            $this->a * $o->c + $this->c * $o->d, $this->b * $o->c + $this->d * $o->d,
            $this->a * $o->e + $this->c * $o->f + $this->e, $this->b * $o->e + $this->d * $o->f + $this->f,
        );
    }

    public function map(Point $point): Point
    {
        return new Point($this->a * $point->x + $this->c * $point->y + $this->e, $this->b * $point->x + $this->d * $point->y + $this->f);
    }

    /** By how much it enlarges, on the whole. */
    public function scale(): float
    {
        return sqrt(abs($this->a * $this->d - $this->b * $this->c));
    }

    /** Whether upright things stay upright, and neither mirrored nor squeezed. */
    public function isPlain(): bool
    {
        return abs($this->b) < 1e-6 && abs($this->c) < 1e-6 && $this->a > 0 && abs($this->a - $this->d) < 1e-6;
    }

    /** @param  list<float>  $n */
    private static function named(string $name, array $n): self
    {
        $turn = deg2rad($n[0] ?? 0);

        return match ($name) {
            'matrix' => count($n) === 6 ? new self(...$n) : new self,
            'translate' => new self(e: $n[0] ?? 0, f: $n[1] ?? 0),
            'scale' => new self($n[0] ?? 1, 0, 0, $n[1] ?? $n[0] ?? 1),
            'rotate' => (new self(e: $n[1] ?? 0, f: $n[2] ?? 0))->times(new self(cos($turn), sin($turn), -sin($turn), cos($turn)))->times(new self(e: -($n[1] ?? 0), f: -($n[2] ?? 0))),
            'skewX' => new self(c: tan($turn)),
            'skewY' => new self(b: tan($turn)),
            default => new self,
        };
    }
}
