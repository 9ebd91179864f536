<?php

declare(strict_types=1);

namespace Kindred\Layout;

use Kindred\Document\Layer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Tree;
use Kindred\Geometry\Point;
use Kindred\Type\Line;
use Kindred\Type\Typesetter;

/**
 * Every layer's computed box in px from the corner of its screen, each parent before its children.
 * What is turned is given by its unturned box about the middle that it has.
 *
 * @phpstan-type Measured array{screen: string, id: string, name: string, x: float, y: float, width: float, height: float, lines?: list<string>}
 */
final readonly class Measurement
{
    public function __construct(private Typesetter $typesetter)
    {
    }

    /** @return list<Measured> */
    public function of(Tree $tree, string $screen): array
    {
        $out = [];
        foreach ($tree->layersOf($screen) as $layer) {
            $middle = $layer->box->centre();
            foreach ($tree->ancestors($layer) as $parent) {
                $half = new Point($parent->box->width / 2, $parent->box->height / 2);
                $middle = $middle->minus($half)->turned($parent->rotation)->plus($parent->box->centre());
            }
            $out[] = [
                'screen' => $screen,
                'id' => $layer->id,
                'name' => $layer->name,
                'x' => round($middle->x - $layer->box->width / 2, 3),
                'y' => round($middle->y - $layer->box->height / 2, 3),
                'width' => $layer->box->width,
                'height' => $layer->box->height,
            ] + ($layer->content instanceof Text ? ['lines' => $this->lines($layer, $layer->content)] : []);
        }

        return $out;
    }

    /** @return list<string> */
    private function lines(Layer $layer, Text $text): array
    {
        $laid = $this->typesetter->lay($text->words, $text->style, $text->wrapped ? $layer->box->width : null);

        return array_map(fn (Line $line): string => $line->text, $laid->lines);
    }
}
