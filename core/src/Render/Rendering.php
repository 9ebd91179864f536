<?php

declare(strict_types=1);

namespace Kindred\Render;

use Kindred\Document\Address;
use Kindred\Document\CopyWith;
use Kindred\Document\Finish;
use Kindred\Document\Tree;
use Kindred\Document\Widget\WidgetLook;

/**
 * How a picture is wanted.
 *
 * With `editable`, every layer carries what the wall needs to select it: its id, kind, box,
 * angle and whether it is locked. Hidden layers are drawn only then, and not shown.
 */
final readonly class Rendering
{
    use CopyWith;

    /**
     * @param  \Closure(string): string  $asset  gives the address of a picture, by its hash
     * @param  string  $prefix  before every id inside the picture, where one page shows a screen twice
     * @param  list<string>  $copies  in which this is drawn, by their names, the outermost first
     * @param  bool  $threads  whether the cues of layers are told
     * @param  Finish  $finish  of the screen that the layers lie on
     * @param  \Closure(string): (array{int, int}|null)|null  $size  gives the width and height of a picture in px, by its hash, as far as they are known
     * @param  \Closure(): FilledWords|null  $fill  gives what fills the placeholders in words; null where they are shown as they are written
     * @param  (\Closure(): string)|null  $behind  draws what lies behind, in the coordinates of what is drawn, for what is seen through
     * @param  Until|null  $until  where drawing ends; null for at the last layer
     * @param  Allowance  $again  for drawing again what is seen through something
     * @param  WidgetLook|null  $look  how widgets are dressed; null for as they come
     * @param  bool  $part  whether this is a part of a compound, which is not seen by itself
     * @param  bool  $alone  whether the picture stands alone, with no page around it that has the rules of its classes
     * @param  array<string, true>  $turning  the axes along which instances change their states, for a rehearsal
     * @param  bool  $told  whether what is shown several times says which of these it is, for matches
     * @param  bool  $working  whether widgets show all of their states, and words what they are filled with, for a rehearsal
     */
    public function __construct(
        public TextMode $text,
        public \Closure $asset,
        public bool $editable = false,
        public string $prefix = '',
        public array $copies = [],
        public bool $threads = true,
        public Finish $finish = Finish::Dressed,
        public bool $working = false,
        public ?\Closure $size = null,
        public ?\Closure $fill = null,
        public bool $alone = false,
        public ?\Closure $behind = null,
        public ?Until $until = null,
        public Allowance $again = new Allowance,
        public bool $part = false,
        public ?WidgetLook $look = null,
        public array $turning = [],
        public bool $told = false,
    ) {
    }

    /** The same within a copy of what is shown several times: only the first has the threads. */
    public function inCopy(string $name, bool $first): self
    {
        return $this->with(prefix: "{$this->prefix}{$name}-", copies: [...$this->copies, $name], threads: $this->threads && $first);
    }

    /** What a layer is called where this is drawn. */
    public function address(string $layer): string
    {
        return (string) new Address($layer, $this->copies);
    }

    /** The same without handles: for what is drawn as part of a layer. */
    public function still(): self
    {
        return $this->with(editable: false, threads: false);
    }

    public function in(Finish $finish): self
    {
        return $finish === $this->finish ? $this : $this->with(finish: $finish);
    }

    /** As a screen is drawn, or what lies loose on the wall (null). */
    public function on(Tree $tree, ?string $screen): self
    {
        $look = $tree->look($screen);
        $look = $look->isPlain() ? null : $look;
        $in = $this->in($tree->finish($screen));

        return $look === $this->look ? $in : $in->with(look: $look);
    }

    /** Words as they are shown, their placeholders filled in. */
    public function filled(string $words): string
    {
        return $this->fill === null || ! str_contains($words, '{') ? $words : ($this->fill)()->words($words);
    }

    /** The colour of words and icons that have none: ink, which is a little blue, or its grey. */
    public function ink(): string
    {
        return $this->finish === Finish::Dressed ? '#1e2223' : '#222222';
    }
}
