<?php

declare(strict_types=1);

namespace Kindred\Render;

/**
 * How a picture is wanted.
 *
 * With `editable`, every layer carries what the wall needs to select it: its id, kind, box,
 * angle and whether it is locked. Hidden layers are drawn only then, and not shown.
 */
final readonly class Rendering
{
    /**
     * @param  \Closure(string): string  $asset  gives the address of a picture, by its hash
     * @param  string  $prefix  before every id inside the picture, where one page shows a screen twice
     * @param  string|null  $row  of the array in whose cell this is drawn
     * @param  bool  $threads  whether the cues of layers are told
     */
    public function __construct(
        public TextMode $text,
        public \Closure $asset,
        public bool $editable = false,
        public string $prefix = '',
        public ?string $row = null,
        public bool $threads = true,
    ) {
    }

    /**
     * The same for a cell of an array, where layers are called by their id and that of their row, `label.row1`:
     * only the wall tells cells apart, and draws the threads of the first.
     */
    public function inCell(string $row, bool $first): self
    {
        return new self($this->text, $this->asset, $this->editable, "{$this->prefix}{$row}-", $row, $first);
    }
}
