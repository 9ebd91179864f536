<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Geometry\PathData;
use Kindred\Input\Reader;
use Kindred\Property\Schema;
use Kindred\Property\Words;

/** SVG path data, kept as absolute moves, lines and cubic curves. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class PathText extends Words
{
    public function schema(Schema $schema): array
    {
        return parent::schema($schema) + ['examples' => ['M0 0L24 12Z']];
    }

    public function value(Reader $in): string
    {
        return $in->orElse(fn (): string => $this->absolute($in), 'M0 0');
    }

    /** In absolute segments a path can be longer than it was given. */
    private function absolute(Reader $in): string
    {
        $given = parent::value($in);
        $text = $given === '' ? '' : PathData::parse($given, $in->at($this->name))->text();

        return strlen($text) <= $this->max ? $text : $in->fail($this->name, 'the path has too many segments; written out it is longer than '.number_format($this->max).' characters');
    }
}
