<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Sheet\Column;
use Kindred\Document\Sheet\Sheet;

/** A kind that shows what stands in a data sheet. */
interface HasSheet extends InParts
{
    public function sheet(): Sheet;

    /** The same about another sheet: nothing of it is dropped. */
    public function holding(Sheet $sheet): static;

    /** With another sheet, and without what was said of rows that it no longer has. */
    public function withSheet(Sheet $sheet): static;

    /**
     * A new column of the sheet, as what it is likely to be.
     *
     * @param  list<string>  $values  that it is to hold
     */
    public function column(string $id, string $name, array $values): Column;
}
