<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Finish;

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
     * @param  Finish  $finish  of the screen that the layers lie on
     * @param  bool  $working  whether widgets show all of their states, and words what they are filled with, for a rehearsal
     */
    public function __construct(
        public TextMode $text,
        public \Closure $asset,
        public bool $editable = false,
        public string $prefix = '',
        public ?string $row = null,
        public bool $threads = true,
        public Finish $finish = Finish::Dressed,
        public bool $working = false,
    ) {
    }

    /**
     * The same for a cell of an array, where layers are called by their id and that of their row, `label.row1`:
     * only the wall tells cells apart, and draws the threads of the first.
     */
    public function inCell(string $row, bool $first): self
    {
        return new self($this->text, $this->asset, $this->editable, "{$this->prefix}{$row}-", $row, $first, $this->finish, $this->working);
    }

    /** The same without handles: for what is drawn as part of a layer. */
    public function still(): self
    {
        return new self($this->text, $this->asset, false, $this->prefix, $this->row, false, $this->finish, $this->working);
    }

    public function in(Finish $finish): self
    {
        return $finish === $this->finish ? $this : new self($this->text, $this->asset, $this->editable, $this->prefix, $this->row, $this->threads, $finish, $this->working);
    }

    /** The colour of words and icons that have none: ink, which is a little blue, or its grey. */
    public function ink(): string
    {
        return $this->finish === Finish::Dressed ? '#1e2223' : '#222222';
    }
}
