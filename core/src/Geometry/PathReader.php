<?php

declare(strict_types=1);

namespace Kindred\Geometry;

use Kindred\Input\InvalidInput;

/**
 * Reads the tokens of path data, keeping the pen and the last control point.
 *
 * @phpstan-import-type Segment from PathData
 */
final class PathReader
{
    private int $at = 0;

    private float $x = 0.0;

    private float $y = 0.0;

    private float $startX = 0.0;

    private float $startY = 0.0;

    /** The last control point, and the letter of the curve that it belongs to. */
    private float $controlX = 0.0;

    private float $controlY = 0.0;

    private string $control = '';

    /** @var list<Segment> */
    private array $out = [];

    /** @param  array<int, string>  $tokens  letters, numbers, and whatever else stands there */
    public function __construct(private array $tokens, private readonly string $place)
    {
    }

    public function read(): PathData
    {
        $letter = '';
        $count = count($this->tokens);
        while ($this->at < $count) {
            $token = $this->tokens[$this->at];
            if (ctype_alpha($token)) {
                if (! str_contains('MmLlHhVvCcSsQqTtAaZz', $token)) {
                    throw new InvalidInput($this->place, "“{$token}” is not expected in path data");
                }
                $letter = $token;
                $this->at++;
                if ($letter === 'Z' || $letter === 'z') {
                    $this->close();

                    continue;
                }
            } elseif ($letter === '' || ! is_numeric($token)) {
                throw new InvalidInput($this->place, "“{$token}” is not expected in path data");
            }
            if ($this->out === [] && strtoupper($letter) !== 'M') {
                throw new InvalidInput($this->place, 'path data begins with a move');
            }
            $this->segment($letter);
            // Further points after a move are lines.
            $letter = match ($letter) {
                'M' => 'L', 'm' => 'l', default => $letter
            };
        }

        $path = PathData::of($this->out);

        return $path->isNear() ? $path : throw new InvalidInput($this->place, 'the path reaches further than '.number_format(PathData::FURTHEST).' px');
    }

    private function segment(string $letter): void
    {
        $relative = $letter === strtolower($letter);
        [$ox, $oy] = $relative ? [$this->x, $this->y] : [0.0, 0.0];
        $previous = $this->control;
        $this->control = '';
        switch (strtoupper($letter)) {
            case 'M':
                $this->moveTo($this->number() + $ox, $this->number() + $oy);
                break;
            case 'L':
                $this->lineTo($this->number() + $ox, $this->number() + $oy);
                break;
            case 'H':
                $this->lineTo($this->number() + $ox, $this->y);
                break;
            case 'V':
                $this->lineTo($this->x, $this->number() + $oy);
                break;
            case 'C':
                $this->curveTo($this->number() + $ox, $this->number() + $oy, $this->number() + $ox, $this->number() + $oy, $this->number() + $ox, $this->number() + $oy);
                break;
            case 'S':
                [$x1, $y1] = $this->mirrored($previous === 'C');
                $this->curveTo($x1, $y1, $this->number() + $ox, $this->number() + $oy, $this->number() + $ox, $this->number() + $oy);
                break;
            case 'Q':
                $this->quadTo($this->number() + $ox, $this->number() + $oy, $this->number() + $ox, $this->number() + $oy);
                break;
            case 'T':
                [$x1, $y1] = $this->mirrored($previous === 'Q');
                $this->quadTo($x1, $y1, $this->number() + $ox, $this->number() + $oy);
                break;
            default:
                $this->arcTo($this->number(), $this->number(), $this->number(), $this->flag(), $this->flag(), $this->number() + $ox, $this->number() + $oy);
        }
    }

    private function moveTo(float $x, float $y): void
    {
        $this->out[] = ['M', [$x, $y]];
        [$this->x, $this->y, $this->startX, $this->startY] = [$x, $y, $x, $y];
    }

    private function lineTo(float $x, float $y): void
    {
        $this->out[] = ['L', [$x, $y]];
        [$this->x, $this->y] = [$x, $y];
    }

    private function curveTo(float $x1, float $y1, float $x2, float $y2, float $x, float $y): void
    {
        $this->out[] = ['C', [$x1, $y1, $x2, $y2, $x, $y]];
        [$this->x, $this->y, $this->controlX, $this->controlY, $this->control] = [$x, $y, $x2, $y2, 'C'];
    }

    private function quadTo(float $x1, float $y1, float $x, float $y): void
    {
        $this->curveTo($this->x + 2 / 3 * ($x1 - $this->x), $this->y + 2 / 3 * ($y1 - $this->y), $x + 2 / 3 * ($x1 - $x), $y + 2 / 3 * ($y1 - $y), $x, $y);
        [$this->controlX, $this->controlY, $this->control] = [$x1, $y1, 'Q'];
    }

    private function close(): void
    {
        if ($this->out !== []) {
            $this->out[] = ['Z', []];
        }
        [$this->x, $this->y, $this->control] = [$this->startX, $this->startY, ''];
    }

    /** @return array{float, float} the last control point seen from the pen, or the pen itself */
    private function mirrored(bool $continues): array
    {
        return $continues ? [2 * $this->x - $this->controlX, 2 * $this->y - $this->controlY] : [$this->x, $this->y];
    }

    private function arcTo(float $rx, float $ry, float $degrees, bool $large, bool $sweep, float $x, float $y): void
    {
        [$rx, $ry] = [abs($rx), abs($ry)];
        if ($rx < 1e-9 || $ry < 1e-9 || hypot($x - $this->x, $y - $this->y) < 1e-9) {
            $this->lineTo($x, $y);

            return;
        }
        $phi = deg2rad($degrees);
        [$cos, $sin] = [cos($phi), sin($phi)];
        [$dx, $dy] = [($this->x - $x) / 2, ($this->y - $y) / 2];
        [$px, $py] = [$cos * $dx + $sin * $dy, -$sin * $dx + $cos * $dy];
        $scale = sqrt(max(1.0, $px * $px / ($rx * $rx) + $py * $py / ($ry * $ry)));
        [$rx, $ry] = [$rx * $scale, $ry * $scale];
        $under = $rx * $rx * $ry * $ry - $rx * $rx * $py * $py - $ry * $ry * $px * $px;
        $root = sqrt(max(0.0, $under / ($rx * $rx * $py * $py + $ry * $ry * $px * $px))) * ($large === $sweep ? -1 : 1);
        [$qx, $qy] = [$root * $rx * $py / $ry, -$root * $ry * $px / $rx];
        [$cx, $cy] = [$cos * $qx - $sin * $qy + ($this->x + $x) / 2, $sin * $qx + $cos * $qy + ($this->y + $y) / 2];
        $from = atan2(($py - $qy) / $ry, ($px - $qx) / $rx);
        $turn = atan2((-$py - $qy) / $ry, (-$px - $qx) / $rx) - $from;
        $turn += $sweep && $turn < 0 ? 2 * M_PI : (! $sweep && $turn > 0 ? -2 * M_PI : 0);
        $pieces = max(1, (int) ceil(abs($turn) / (M_PI / 2) - 1e-9));
        $step = $turn / $pieces;
        $handle = 4 / 3 * tan($step / 4);
        $on = fn (float $u, float $v): array => [$cx + $cos * $rx * $u - $sin * $ry * $v, $cy + $sin * $rx * $u + $cos * $ry * $v];
        for ($i = 0; $i < $pieces; $i++) {
            [$a, $b] = [$from + $i * $step, $from + ($i + 1) * $step];
            [$x1, $y1] = $on(cos($a) - $handle * sin($a), sin($a) + $handle * cos($a));
            [$x2, $y2] = $on(cos($b) + $handle * sin($b), sin($b) - $handle * cos($b));
            [$ex, $ey] = $i === $pieces - 1 ? [$x, $y] : $on(cos($b), sin($b));
            $this->curveTo($x1, $y1, $x2, $y2, $ex, $ey);
        }
        $this->control = '';
    }

    private function number(): float
    {
        $number = $this->tokens[$this->at] ?? '';
        if (! is_numeric($number)) {
            throw new InvalidInput($this->place, 'a number is missing in path data');
        }
        $this->at++;

        return (float) $number;
    }

    /** Flags may stand together, `11` for 1 1, and before a number, `01.5`. */
    private function flag(): bool
    {
        $number = $this->tokens[$this->at] ?? '';
        $flag = substr($number, 0, 1);
        if ($flag !== '0' && $flag !== '1') {
            throw new InvalidInput($this->place, 'a flag of an arc is 0 or 1');
        }
        if (strlen($number) === 1) {
            $this->at++;
        } else {
            $this->tokens[$this->at] = substr($number, 1);
        }

        return $flag === '1';
    }
}
