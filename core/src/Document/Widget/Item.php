<?php

declare(strict_types=1);

namespace Kindred\Document\Widget;

use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** One entry of a widget: a tab, a choice, a row of a table (whose further cells stand beside its label), an entry of a menu. */
final readonly class Item implements Stored
{
    use Declared;

    /** Characters of a label or a cell. */
    public const MAX_LENGTH = 500;

    /** Cells of a row beside the first, which is its label. */
    public const MAX_CELLS = 2000;

    /**
     * @param  list<string>  $cells  beside the label
     * @param  string  $icon  of the library, or none
     * @param  string  $key  that chooses it, as it is written in a menu
     */
    public function __construct(
        #[Is\Words(self::MAX_LENGTH, absent: [''])] public string $label,
        #[Is\Strings(self::MAX_LENGTH, self::MAX_CELLS, empty: true, sparse: true)] public array $cells = [],
        #[Is\Flag(sparse: true)] public bool $on = false,
        #[Is\Words(60, sparse: true)] public string $icon = '',
        #[Is\Words(40, sparse: true)] public string $key = '',
        #[Is\Flag(sparse: true)] public bool $separator = false,
    ) {
    }
}
