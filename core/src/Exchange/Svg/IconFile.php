<?php

declare(strict_types=1);

namespace Kindred\Exchange\Svg;

use Kindred\Document\Id;
use Kindred\Document\Layer\OwnIcon;
use Kindred\Document\LayerNest;
use Kindred\Document\Place;
use Kindred\Document\Project;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Layout\IconShapes;
use Kindred\Layout\Shapes;
use Kindred\Type\Typesetter;

/** An icon from an SVG file: its shapes on the grid of icons, in one colour. Scripts, pictures and all else that is no shape are left out. */
final class IconFile
{
    /** @throws InvalidInput where it is no SVG, or nothing in it is drawn in lines or filled */
    public static function read(string $svg, string $name, Typesetter $typesetter, Shapes $shapes): OwnIcon
    {
        ['layers' => $layers, 'width' => $width, 'height' => $height] = SvgReader::read($svg, $typesetter, fn (string $bytes): ?string => null);
        $nests = Reader::of(['layers' => $layers])->list('layers', LayerNest::read(...));
        $place = new Place(null);
        $tree = new Tree(new Project('Icon'));
        $ids = Id::in($tree, 'icon');
        foreach (Rank::spread(null, null, count($nests)) as $i => $rank) {
            $tree = $tree->withLayers(...$nests[$i]->layers($place, $rank, $ids));
        }

        return (new IconShapes($shapes))->of($tree, $tree->children($place), $name, $width > 0 && $height > 0 ? new Box(0, 0, $width, $height) : null);
    }
}
