<?php

declare(strict_types=1);

namespace Kindred\Document\Sheet;

/** Made-up values for a column, the same for the same seed. */
enum Sample: string
{
    case Names = 'names';
    case Prices = 'prices';
    case Dates = 'dates';
    case Sentences = 'sentences';

    private const FIRST = ['Ada', 'Bela', 'Corin', 'Dilys', 'Emeka', 'Fenna', 'Gwil', 'Hana', 'Ines', 'Jory', 'Kaito', 'Lumi', 'Maren', 'Nuru', 'Odile', 'Pascoe', 'Runa', 'Siv', 'Tamsin', 'Yusra'];

    private const LAST = ['Alderfen', 'Brackwell', 'Cindermoor', 'Dunhollow', 'Ebbsworth', 'Fenwick-Rey', 'Greystile', 'Harrowby', 'Inglemere', 'Kestrelow', 'Larkhill', 'Mossgrove', 'Northolme', 'Oxbarrow', 'Quillan', 'Rushmere', 'Silverdale-Oh', 'Thornbeck', 'Underwood-Vey', 'Wexley'];

    private const WHAT = ['The blue bowl', 'Your mug', 'A tall vase', 'The shared kiln', 'The teapot lid', 'Shelf two', 'The test tile', 'The big platter'];

    private const DOES = ['is ready to collect', 'comes out of the kiln on Thursday', 'needs one more coat of glaze', 'was moved to the drying rack', 'is waiting for its first firing', 'turned out greener than planned', 'has a hairline crack near the foot', 'fits under the lamp in the window'];

    /** @return list<string> */
    public function values(string $seed, int $count): array
    {
        $random = new Seeded("{$seed}:{$this->value}");
        $values = [];
        for ($i = 0; $i < $count; $i++) {
            $values[] = match ($this) {
                self::Names => $random->one(self::FIRST).' '.$random->one(self::LAST),
                self::Prices => '€'.(3 + $random->below(90)).'.'.$random->one(['00', '50', '90']),
                self::Dates => gmdate('j F Y', (int) gmmktime(0, 0, 0, 1, 1 + $random->below(365), 2027)),
                self::Sentences => $random->one(self::WHAT).' '.$random->one(self::DOES).'.',
            };
        }

        return $values;
    }
}
