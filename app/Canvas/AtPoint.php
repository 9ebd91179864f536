<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Geometry\Point;
use Kindred\Render\Ingredient;
use Kindred\Render\Ingredients;
use Kindred\Render\Share;
use RuntimeException;

/** What makes up the colour at a point of a screen, each thing drawn alone and looked at. */
final readonly class AtPoint
{
    public function __construct(private TreeLoader $store, private Pictures $pictures, private Ingredients $ingredients, private Raster $raster)
    {
    }

    /**
     * From front to back.
     *
     * @param  list<string>  $off  what was switched off just now and is told all the same
     * @return list<Share>|null null where there is no such screen
     */
    public function of(Project $project, string $screen, Point $point, array $off): ?array
    {
        $tree = $this->store->withLayersOf($project, [$screen]);
        if (! isset($tree->screens[$screen])) {
            return null;
        }
        $found = $this->ingredients->at($tree, $tree->screen($screen), $point, $this->pictures->standalone($project), $off);
        $many = array_sum(array_map(fn (Ingredient $one): int => count($one->drawn), $found));

        return Ingredients::shares($found, $this->pixels($this->raster->png(Ingredients::sheet($found, $point), 1), $many));
    }

    /** @return list<array{int, int, int, float}> red, green, blue and alpha in the middle of each square */
    private function pixels(string $png, int $many): array
    {
        $image = imagecreatefromstring($png);
        if ($image === false) {
            throw new RuntimeException('The picture could not be read back.');
        }
        imagepalettetotruecolor($image);
        $pixels = [];
        for ($i = 0; $i < $many; $i++) {
            $colour = imagecolorat($image, $i * Ingredients::SIDE + intdiv(Ingredients::SIDE, 2), intdiv(Ingredients::SIDE, 2));
            $pixels[] = [($colour >> 16) & 255, ($colour >> 8) & 255, $colour & 255, 1 - (($colour >> 24) & 127) / 127];
        }

        return $pixels;
    }
}
