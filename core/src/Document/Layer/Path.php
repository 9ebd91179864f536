<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Withers;
use Kindred\Geometry\PathData;
use Kindred\Input\Reader;

/** A free shape: SVG path data of absolute moves, lines and cubic curves in px from the box's corner. `evenOdd` is its `fill-rule`. */
final readonly class Path implements LayerContent
{
    use Withers;

    public function __construct(public string $d, public bool $evenOdd = false)
    {
    }

    public static function kind(): string
    {
        return 'path';
    }

    public static function read(Reader $in): self
    {
        return new self($in->orElse(fn (): string => self::parsed($in), 'M0 0'), $in->boolean('evenOdd', false));
    }

    /** Written out in absolute segments it can be longer than it came. */
    private static function parsed(Reader $in): string
    {
        $text = PathData::parse($in->string('d', PathData::MAX_LENGTH, false), $in->at('d'))->text();

        return strlen($text) <= PathData::MAX_LENGTH ? $text : $in->fail('d', 'the path has too many segments; written out it is longer than '.number_format(PathData::MAX_LENGTH).' characters');
    }

    public function toArray(): array
    {
        return ['d' => $this->d, 'evenOdd' => $this->evenOdd];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this->with(d: PathData::parse($this->d)->mapped($horizontally, 0, 0, $vertically, 0, 0)->text());
    }
}
