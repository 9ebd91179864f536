<?php

declare(strict_types=1);

namespace Kindred\Stress;

use Kindred\Device\Catalogue;
use Kindred\Device\Device;
use Kindred\Document\Tree;

/** The register of strains. */
final class Strains
{
    /** Families of devices that a screen is not made for unless it says so. */
    private const SPECIAL = ['Watch', 'Panel'];

    /** @return list<Strain> those that a screen is put under, in their order */
    public static function for(Tree $tree, string $screen): array
    {
        return [
            new Strain\LongWords,
            new Strain\Translated('german', 'German', 35, true),
            new Strain\Translated('finnish', 'Finnish', 30, true),
            new Strain\Translated('french', 'French', 20, false),
            new Strain\Translated('spanish', 'Spanish', 25, false),
            new Strain\RightToLeft,
            new Strain\LargeText,
            new Strain\Rows('empty', 0),
            new Strain\Rows('many', 4),
            ...self::devices($tree, $screen),
        ];
    }

    public static function find(Tree $tree, string $screen, string $key): ?Strain
    {
        foreach (self::for($tree, $screen) as $strain) {
            if ($strain->key() === $key) {
                return $strain;
            }
        }

        return null;
    }

    /** @return list<Strain> the devices that people may have instead */
    private static function devices(Tree $tree, string $screen): array
    {
        $own = $tree->screen($screen);
        $made = Catalogue::for($own->device, $own->box->width, $own->view);
        $others = array_filter(Catalogue::all(), fn (Device $one): bool => $one->key !== $made->key && $one->pointing === $made->pointing && ($one->family === $made->family || ! in_array($one->family, self::SPECIAL, true)) && (! in_array($made->family, self::SPECIAL, true) || $one->family === $made->family));

        return array_map(fn (Device $one): Strain => new Strain\OtherDevice($one), array_values($others));
    }
}
