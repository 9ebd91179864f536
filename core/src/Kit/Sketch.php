<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Document\Layer;
use Kindred\Document\Layer\BoxLayer;
use Kindred\Document\Layer\Ellipse;
use Kindred\Document\Layer\Icon;
use Kindred\Document\Layer\LayerContent;
use Kindred\Document\Layer\PathLayer;
use Kindred\Document\Layer\Text;
use Kindred\Document\Style\Corners;
use Kindred\Document\Style\Fill;
use Kindred\Document\Style\Stroke;
use Kindred\Document\Widget\WidgetLook;
use Kindred\Geometry\Box;
use Kindred\Paint\Colour;
use Kindred\Type\FaceBook;
use Kindred\Type\TextAlign;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;

/**
 * What a widget is drawn from: plain layers, placed from its corner in px. Every finish of a widget is that of these
 * layers, and a widget that is opened becomes them.
 */
final class Sketch
{
    /** What may stick out of the widget, px. */
    private const SLACK = 1.0;

    /** @var list<WidgetPart> */
    private array $parts = [];

    /** @var list<Area> */
    private array $areas = [];

    /** The item whose parts are being drawn. */
    private ?int $item = null;

    private ?Live $live = null;

    /** How far right the parts being drawn move from the minimum value to the maximum, px; null where they stand. */
    private ?float $slide = null;

    private bool $filling = false;

    private bool $showsValidity = false;

    /** The words as they were given, before they were cut to what there is room for. */
    private string $template = '';

    /** @var array<string, int> how many parts of each kind there are */
    private array $counts = [];

    /**
     * @param  string  $id  what the ids of its layers begin with
     * @param  Colour|null  $accent  in the place of the usual one
     * @param  bool  $wrong  whether the value breaks a rule
     * @param  Corners  $corners  of the widget, for what stands for a picture
     * @param  WidgetLook  $look  how it is dressed
     * @param  bool|null  $chosen  whether all items are drawn as chosen, or none; null where they are drawn as they are
     */
    public function __construct(
        public readonly float $width,
        public readonly float $height,
        private readonly Typesetter $typesetter,
        private readonly string $id,
        private readonly ?Colour $accent,
        private readonly bool $wrong = false,
        public readonly ?bool $chosen = null,
        public readonly Corners $corners = new Corners,
        private readonly WidgetLook $look = new WidgetLook,
    ) {
    }

    /** @return list<Layer> */
    public function layers(): array
    {
        return array_map(fn (WidgetPart $part): Layer => $part->layer, $this->parts);
    }

    /** @return list<WidgetPart> */
    public function parts(): array
    {
        return $this->parts;
    }

    /** @return list<Area> */
    public function areas(): array
    {
        return $this->areas;
    }

    /** Whether the value breaks a rule, which is to be seen. */
    public function wrong(): bool
    {
        $this->showsValidity = true;

        return $this->wrong;
    }

    /** Whether the drawing depends on whether what it holds is valid. */
    public function showsValidity(): bool
    {
        return $this->showsValidity;
    }

    /** For what has no line in which it could be said. */
    public function warn(float $radius = 4): void
    {
        if ($this->wrong()) {
            $this->box(0, 0, $this->width, $this->height, null, $radius, Tone::Warning, 2);
            $this->box($this->width - 100, 4, 96, 22, Tone::Warning, 4);
            $this->live(Live::Message, fn () => $this->words('', $this->width - 98, 4, 92, 22, 12, 600, Tone::Paper, TextAlign::Center));
        }
    }

    /** A place that answers to a press in a rehearsal. */
    public function area(Press $press, float $x, float $y, float $width, float $height, ?int $item = null, string $label = ''): void
    {
        if ($width > 0 && $height > 0) {
            $this->areas[] = new Area($press, $item, new Box(round($x, 2), round($y, 2), round($width, 2), round($height, 2)), $label);
        }
    }

    /** What is drawn belongs to an item, which answers to a press in a box. */
    public function item(int $item, string $label, float $x, float $y, float $width, float $height, \Closure $draw): void
    {
        $this->area(Press::Item, $x, $y, $width, $height, $item, $label);
        $this->item = $item;
        $draw();
        $this->item = null;
    }

    /** The words that are drawn change with the value in a rehearsal. */
    public function live(Live $live, \Closure $draw): void
    {
        $this->live = $live;
        $draw();
        $this->live = null;
    }

    /** What is drawn moves with the value, over this distance from the minimum to the maximum, px. */
    public function slide(float $distance, \Closure $draw): void
    {
        $this->slide = $distance;
        $draw();
        $this->slide = null;
    }

    /** What is drawn for the maximum is shown as far as the value goes. */
    public function filling(float $distance, \Closure $draw): void
    {
        $this->filling = true;
        $this->slide($distance, $draw);
        $this->filling = false;
    }

    public function box(float $x, float $y, float $width, float $height, ?Tone $fill, float $radius = 0, ?Tone $line = null, float $lineWidth = 1): void
    {
        $this->add('Box', $x, $y, $width, $height, new BoxLayer, $fill, $line, $lineWidth, Corners::all($this->radius($radius, min($width, $height) / 2)));
    }

    /** Half circles stay such, and nothing becomes rounder than one. */
    private function radius(float $own, float $max): float
    {
        return $own > $max - 0.01 ? $own : min($max, $this->look->rounded($own));
    }

    /** The room between parts, or between them and the edge, as dense as the widget is dressed. */
    public function space(float $own): float
    {
        return $this->look->spaced($own);
    }

    public function ellipse(float $x, float $y, float $width, float $height, ?Tone $fill, ?Tone $line = null, float $lineWidth = 1): void
    {
        $this->add('Ellipse', $x, $y, $width, $height, new Ellipse, $fill, $line, $lineWidth);
    }

    /** A rule along or down. */
    public function rule(float $x, float $y, float $length, bool $down = false, Tone $tone = Tone::Edge): void
    {
        $this->add('Rule', $x, $y, $down ? 1 : $length, $down ? $length : 1, new BoxLayer, $tone);
    }

    /** Path data in px from the corner of the box that is given. */
    public function path(string $d, float $x, float $y, float $width, float $height, ?Tone $fill, ?Tone $line = null, float $lineWidth = 1): void
    {
        $this->add('Path', $x, $y, $width, $height, new PathLayer($d), $fill, $line, $lineWidth);
    }

    public function icon(string $icon, float $x, float $y, float $side, Tone $tone = Tone::Ink, float $line = 2): void
    {
        if ($icon !== '') {
            $this->add('Icon', $x, $y, $side, $side, new Icon($icon, $line), $tone);
        }
    }

    /** One line in the middle of a box, cut with an ellipsis where it does not fit. */
    public function words(string $words, float $x, float $y, float $width, float $height, float $size = 14, int $weight = 400, Tone $tone = Tone::Ink, TextAlign $align = TextAlign::Left): void
    {
        $size = $this->look->sized($size);
        $style = $this->style($size, $weight)->with(lineHeight: 1.3, align: $align);
        $words = $this->template = (string) preg_replace('/\s+/u', ' ', $words);
        $words = $this->typesetter->oneLine($words, $style, $width);
        $line = $size * 1.3;
        if (($words !== '' || $this->live !== null) && $width > 0 && $height > $size * 0.5) {
            $this->add($words, $x, $y + ($height - $line) / 2, $width, $line, new Text($words, $style, true), $tone);
        }
    }

    /** As many whole lines as fit a box, from its top; returns the height that they take up. */
    public function paragraph(string $words, float $x, float $y, float $width, float $height, float $size = 14, int $weight = 400, Tone $tone = Tone::Ink, TextAlign $align = TextAlign::Left): float
    {
        $size = $this->look->sized($size);
        $style = $this->style($size, $weight)->with(lineHeight: 1.4, align: $align);
        $this->template = $words;
        $room = (int) floor(($height + 0.01) / ($size * 1.4));
        if (($words === '' && $this->live === null) || $width <= 0 || $room < 1) {
            return 0.0;
        }

        $lines = array_map(fn ($line): string => $line->text, $this->typesetter->lay(mb_substr($words, 0, 4000), $style, $width)->lines);
        if (count($lines) > $room) {
            $lines = array_slice($lines, 0, $room);
            $lines[$room - 1] = $this->typesetter->oneLine($lines[$room - 1].' …', $style, $width);
        }
        $taken = count($lines) * $size * 1.4;
        $this->add($lines[0], $x, $y, $width, $this->live === null ? $taken : $height, new Text(implode("\n", $lines), $style, true), $tone);

        return $taken;
    }

    /** The width in px of one line. */
    public function measure(string $words, float $size, int $weight = 400): float
    {
        return $this->typesetter->lay($words, $this->style($this->look->sized($size), $weight), null)->width;
    }

    private function style(float $size, int $weight): TextStyle
    {
        return new TextStyle(family: $this->look->text->family ?? FaceBook::DEFAULT_FAMILY, weight: $weight, size: $size);
    }

    /** A box that stands for a picture: grey, with a cross. */
    public function photo(float $x, float $y, float $width, float $height, Corners $corners = new Corners): void
    {
        if ($width <= 0 || $height <= 0) {
            return;
        }
        $this->add('Box', $x, $y, $width, $height, new BoxLayer, Tone::Shade, corners: $corners);
        $this->path($corners->cross(new Box(0, 0, $width, $height)), $x, $y, $width, $height, null, Tone::Edge);
    }

    /** The part of a box that fits; anything else fits whole or not at all. */
    private function inside(Box $box, LayerContent $content): ?Box
    {
        $cut = Box::between(max(0.0, $box->x), max(0.0, $box->y), min($this->width, $box->right()), min($this->height, $box->bottom()));
        if ($cut === null || $content instanceof BoxLayer) {
            return $cut;
        }
        // The lines of words are higher than the words.
        $slack = $content instanceof Text ? $content->style->size * 0.35 : self::SLACK;

        return max($cut->x - $box->x, $cut->y - $box->y, $box->right() - $cut->right(), $box->bottom() - $cut->bottom()) > $slack ? null : $box;
    }

    private function add(string $name, float $x, float $y, float $width, float $height, LayerContent $content, ?Tone $fill, ?Tone $line = null, float $lineWidth = 1, Corners $corners = new Corners): void
    {
        $box = $this->inside(new Box(round($x, 2), round($y, 2), round($width, 2), round($height, 2)), $content);
        if ($box === null) {
            return;
        }
        // Parts are numbered by item and kind, so that one keeps its id, and with it its rough strokes, when the state changes.
        $kind = $this->item.$content::kind()[0];
        $number = $this->counts[$kind] = ($this->counts[$kind] ?? -1) + 1;
        $this->parts[] = new WidgetPart(new Layer(
            id: "{$this->id}p{$kind}{$number}",
            screen: null,
            parent: null,
            rank: sprintf('a%04d', count($this->parts)),
            name: mb_strimwidth($name, 0, 32, '…'),
            box: $box,
            content: $content,
            fills: $fill === null ? [] : [Fill::solid($fill->colour($this->accent, $this->look))],
            strokes: $line === null ? [] : [Stroke::solid($line->colour($this->accent, $this->look), $lineWidth)],
            corners: $corners,
        ), $this->item, $this->live, $this->slide, $this->filling, template: $content instanceof Text ? $this->template : '');
    }
}
