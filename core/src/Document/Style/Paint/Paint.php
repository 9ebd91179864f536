<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Paint\Colour;
use Kindred\Property\Kinded;

/** What an area or a line is painted with. A further kind is a class here and a line in the register. */
interface Paint extends Kinded
{
    /** @var non-empty-list<class-string<self>> the first needs no name in what is written */
    public const ALL = [Solid::class, LinearGradient::class, RadialGradient::class, ConicGradient::class, PicturePaint::class, Noise::class];

    /** As people choose it. */
    public static function label(): string;

    /** One that has just been chosen in the place of another; null where more must be chosen first. */
    public static function instead(self $of): ?self;

    /** The one colour that stands for it, where only one can be shown or said. */
    public function colour(): Colour;

    /**
     * As CSS writes it; in words where CSS has nothing like it.
     *
     * @param  float|null  $width  of the box, px, where it is known: CSS gives the radius of a circle in px alone
     */
    public function css(?float $width = null): string;
}
