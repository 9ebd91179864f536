<?php

declare(strict_types=1);

namespace Kindred\Exchange\Svg;

use Kindred\Document\Layer;
use Kindred\Document\Style\BlendMode;
use Kindred\Document\Style\Paint\Solid;
use Kindred\Document\Style\StrokeCap;
use Kindred\Document\Style\StrokeJoin;
use Kindred\Geometry\Box;
use Kindred\Geometry\PathData;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Type\FaceBook;
use Kindred\Type\Passage;
use Kindred\Type\Run;
use Kindred\Type\TextDecoration;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;

/**
 * Reads SVG into layers, by an allow-list: groups, shapes, paths, words, pictures inside the file, and uses of
 * these. Nothing of the file is kept as it stands. What was left out or made simpler is told.
 *
 * Shapes that are only moved or enlarged stay boxes, ellipses and lines; what is turned or slanted becomes paths.
 *
 * @phpstan-type LayerData array<string, mixed>
 */
final class SvgReader
{
    public const MAX_BYTES = 4 * 1024 * 1024;

    /** Drawn ones, those of what is used again counted each time. */
    public const MAX_ELEMENTS = 2000;

    /** Tags and comments of the file, which are counted before it is parsed. */
    private const MAX_TAGS = 40_000;

    private const MAX_ATTRIBUTES_OF_TAG = 200;

    /** Bytes of paths, words and other attributes, but for pictures; what is used again is counted again. */
    private const MAX_DRAWN = 1_500_000;

    /** Bytes of style rules. */
    private const MAX_RULES = 200_000;

    private const MAX_DEPTH = 24;

    /** @var array<string, int> how often what was left out */
    private array $left = [];

    private StyleSheet $rules;

    private Gradients $gradients;

    private FilterReader $filters;

    /** @var array<string, \DOMElement> */
    private array $named = [];

    private int $count = 0;

    /** Bytes drawn so far. */
    private int $drawn = 0;

    /** @var array<string, string|null> hashes of the pictures taken in, by where they come from */
    private array $pictures = [];

    /** @param  \Closure(string): ?string  $picture  takes the bytes of a picture in, and gives its hash; null where it is none */
    private function __construct(private readonly Typesetter $typesetter, private readonly \Closure $picture)
    {
    }

    /**
     * @param  \Closure(string): ?string  $picture
     * @return array{layers: list<LayerData>, width: float, height: float, left: list<string>} px; sentences on what was left out
     *
     * @throws InvalidInput when it is no SVG, or too large
     */
    public static function read(string $svg, Typesetter $typesetter, \Closure $picture): array
    {
        $root = self::root($svg);
        $self = new self($typesetter, $picture);
        $all = $root->ownerDocument === null ? false : (new \DOMXPath($root->ownerDocument))->query('//*');
        $css = '';
        foreach ($all === false ? [] : $all as $element) {
            if ($element instanceof \DOMElement && $element->getAttribute('id') !== '') {
                $self->named[$element->getAttribute('id')] = $element;
            }
            if ($element instanceof \DOMElement && $element->localName === 'style') {
                $css .= $element->textContent."\n";
            }
        }
        if (strlen($css) > self::MAX_RULES) {
            throw new InvalidInput('svg', 'The SVG has more than '.number_format(self::MAX_RULES).' characters of style rules. Nothing was added.');
        }
        $self->rules = StyleSheet::of($css, $root);
        $self->gradients = new Gradients($self->named, $self->rules);
        $self->filters = new FilterReader($self->named, $self->rules);
        [$matrix, $width, $height] = self::frame($root);
        $layers = $self->inside($root, $matrix, Style::initial()->of($root, $self->rules), 0);
        self::mustBeNear($layers);
        if ($layers === []) {
            throw new InvalidInput('svg', 'There is nothing in the SVG that can be drawn. Nothing was added.');
        }

        return ['layers' => $layers, 'width' => $width, 'height' => $height, 'left' => $self->told()];
    }

    private static function root(string $svg): \DOMElement
    {
        if (strlen($svg) > self::MAX_BYTES) {
            throw new InvalidInput('svg', 'The SVG is larger than '.(self::MAX_BYTES >> 20).' MB.');
        }
        self::mustBeShort($svg);
        if (stripos($svg, '<!DOCTYPE') !== false || stripos($svg, '<!ENTITY') !== false) {
            // Entities could grow without end, or name files; drawings do well without a document type.
            $svg = (string) preg_replace('/<!DOCTYPE[^>\[]*>/i', '', $svg);
            if (stripos($svg, '<!DOCTYPE') !== false || stripos($svg, '<!ENTITY') !== false) {
                throw new InvalidInput('svg', 'The SVG declares entities, which are not read. Save it as plain SVG, and bring that in.');
            }
        }
        $document = new \DOMDocument;
        $before = libxml_use_internal_errors(true);
        $loaded = trim($svg) !== '' && $document->loadXML($svg, LIBXML_NONET | LIBXML_COMPACT);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $root = $document->documentElement;
        if (! $loaded || $root === null || $root->localName !== 'svg') {
            throw new InvalidInput('svg', 'This is not an SVG. Nothing was added.');
        }

        return $root;
    }

    /** Parsing alone takes long where there is much of it, so it is counted first. A `<` stands nowhere else than before a tag. */
    private static function mustBeShort(string $svg): void
    {
        if (substr_count($svg, '<') > self::MAX_TAGS) {
            throw new InvalidInput('svg', 'The SVG has more than '.number_format(self::MAX_TAGS).' tags. Bring it in in parts. Nothing was added.');
        }
        foreach (explode('<', $svg) as $tag) {
            if (strlen($tag) > self::MAX_ATTRIBUTES_OF_TAG && preg_match_all('/=\s*["\']/', $tag) > self::MAX_ATTRIBUTES_OF_TAG) {
                throw new InvalidInput('svg', 'An element of the SVG has more than '.self::MAX_ATTRIBUTES_OF_TAG.' attributes. Nothing was added.');
            }
        }
    }

    /** @param  list<LayerData>  $layers */
    private static function mustBeNear(array $layers): void
    {
        foreach ($layers as $layer) {
            foreach (['x', 'y', 'width', 'height'] as $key) {
                // Also false for what is not a number.
                if (! (abs(self::number($layer, $key)) <= Reader::LIMIT)) {
                    throw new InvalidInput('svg', 'The SVG draws further away than '.number_format(Reader::LIMIT).' px. Nothing was added.');
                }
            }
            /** @var list<LayerData> $children */
            $children = $layer['children'] ?? [];
            self::mustBeNear($children);
        }
    }

    private function count(\DOMElement $element, int $depth): void
    {
        if (++$this->count > self::MAX_ELEMENTS || $depth > self::MAX_DEPTH) {
            throw new InvalidInput('svg', 'The SVG has more than '.number_format(self::MAX_ELEMENTS).' elements, or they lie more than '.self::MAX_DEPTH.' deep in each other. Nothing was added.');
        }
        foreach ($element->attributes as $attribute) {
            $this->drawn += $attribute->localName === 'href' ? 0 : strlen($attribute->nodeValue ?? '');
        }
        $this->drawn += $element->localName === 'text' ? strlen($element->textContent) : 0;
        if ($this->drawn > self::MAX_DRAWN) {
            throw new InvalidInput('svg', 'The SVG draws more than 1.5 MB, what it uses again counted each time. Bring it in in parts. Nothing was added.');
        }
    }

    /** @return array{Matrix, float, float} from the user space to px, and the size in px (SVG 2, section 8) */
    private static function frame(\DOMElement $root): array
    {
        $box = array_map(self::length(...), array_filter((array) preg_split('/[\s,]+/', trim($root->getAttribute('viewBox'))), fn (mixed $part): bool => is_numeric($part)));
        [$x, $y, $w, $h] = count($box) === 4 && $box[2] > 0 && $box[3] > 0 ? $box : [0.0, 0.0, 0.0, 0.0];
        $size = fn (string $name, float $otherwise): float => is_numeric(rtrim($root->getAttribute($name), 'px')) ? self::length($root->getAttribute($name)) : $otherwise;
        $width = $size('width', $w > 0 ? $w : 300);
        $height = $size('height', $h > 0 ? $h : 150);
        $scale = $w > 0 ? min($width / $w, $height / $h) : 1.0;

        return [new Matrix($scale, 0, 0, $scale, ($width - $w * $scale) / 2 * ($w > 0 ? 1 : 0) - $x * $scale, ($height - $h * $scale) / 2 * ($w > 0 ? 1 : 0) - $y * $scale), $width, $height];
    }

    /** @return list<LayerData> */
    private function inside(\DOMElement $parent, Matrix $matrix, Style $style, int $depth): array
    {
        $layers = [];
        foreach ($parent->childNodes as $child) {
            if ($child instanceof \DOMElement) {
                array_push($layers, ...$this->element($child, $matrix, $style, $depth));
            }
        }

        return $layers;
    }

    /** @return list<LayerData> */
    private function element(\DOMElement $element, Matrix $matrix, Style $inherited, int $depth): array
    {
        $this->count($element, $depth);
        $style = $inherited->of($element, $this->rules);
        if ($style->isHidden()) {
            return [];
        }
        $matrix = $matrix->times(Matrix::parse($element->getAttribute('transform')));
        $layers = match ($element->localName) {
            'g', 'a', 'svg', 'switch' => $this->group($element, $this->inside($element, $matrix, $style, $depth + 1), $style),
            'use' => $this->used($element, $matrix, $style, $depth),
            'rect', 'circle', 'ellipse', 'line', 'polyline', 'polygon', 'path' => $this->shape($element, $matrix, $style),
            'text' => $this->words($element, $matrix, $style),
            'image' => $this->image($element, $matrix, $style),
            'title', 'desc', 'defs', 'style', 'metadata', 'symbol', 'linearGradient', 'radialGradient', 'clipPath', 'mask', 'pattern', 'filter', 'marker', 'namedview' => [],
            default => $this->leave("“{$element->localName}” element was left out", "“{$element->localName}” elements were left out"),
        };

        return $layers === [] ? [] : $this->changed($element, $layers, $matrix, $style, $depth);
    }

    /**
     * With what is done to all of an element: filtered, masked, mixed with what lies behind, in this order (SVG 2, section 3.6).
     *
     * @param  non-empty-list<LayerData>  $layers
     * @return non-empty-list<LayerData>
     */
    private function changed(\DOMElement $element, array $layers, Matrix $matrix, Style $style, int $depth): array
    {
        $effects = $this->filters->effects($style->get('filter'), $matrix->scale());
        if ($effects === null) {
            $this->leave('filter that has no equal here was left out', 'filters that have no equal here were left out');
        } elseif ($effects !== []) {
            $layers = [$this->whole($element, $layers, ['effects'])];
            if (count($effects) > Layer::MAX_EFFECTS) {
                $this->leave('filter has lost some of its effects', 'filters have lost some of their effects');
            }
            $layers[0]['effects'] = array_slice($effects, 0, Layer::MAX_EFFECTS);
        }
        foreach (['clip-path', 'mask'] as $kind) {
            $mask = $this->cutter($kind, $style->get($kind), $layers, $matrix, $depth);
            if ($mask !== null) {
                $layers = [$this->together([...$layers, $mask], self::nameOf($element, 'Masked'), $mask)];
            }
        }
        $blend = BlendMode::tryFrom($style->get('mix-blend-mode')) ?? BlendMode::Normal;
        $isolated = $style->get('isolation') === 'isolate' && count($layers) === 1 && $layers[0]['kind'] === 'group';
        if ($blend !== BlendMode::Normal) {
            $layers = [['blend' => $blend->value] + $this->whole($element, $layers, ['blend'])];
        }

        return $isolated ? [['isolation' => 'isolate'] + $layers[0]] : $layers;
    }

    /**
     * One layer of several, or of one that has such a property already.
     *
     * @param  non-empty-list<LayerData>  $layers
     * @param  list<string>  $without
     * @return LayerData
     */
    private function whole(\DOMElement $element, array $layers, array $without): array
    {
        return count($layers) === 1 && array_intersect_key($layers[0], array_flip($without)) === [] ? $layers[0] : $this->together($layers, self::nameOf($element, 'Group'));
    }

    /**
     * What masks layers, as a layer; null where nothing does, or nothing that can be kept.
     *
     * @param  non-empty-list<LayerData>  $layers
     * @return LayerData|null
     */
    private function cutter(string $kind, string $value, array $layers, Matrix $matrix, int $depth): ?array
    {
        if (trim($value) === '' || trim($value) === 'none') {
            return null;
        }
        $target = preg_match('/^url\(\s*["\']?#([^"\')]+)["\']?\s*\)/', trim($value), $found) === 1 ? $this->named[$found[1]] ?? null : null;
        $mask = null;
        if ($target !== null && $target->localName === ($kind === 'mask' ? 'mask' : 'clipPath')) {
            $units = $target->getAttribute($kind === 'mask' ? 'maskContentUnits' : 'clipPathUnits');
            $around = self::around($layers);
            // In shares of what it cuts, which is upright in px by now.
            $space = $units === 'objectBoundingBox' ? new Matrix($around->width, 0, 0, $around->height, $around->x, $around->y) : $matrix;
            $style = Style::initial()->of($target, $this->rules);
            $inside = $this->inside($target, $space->times(Matrix::parse($target->getAttribute('transform'))), $style, $depth + 1);
            $mask = $inside === [] ? null : ($kind === 'mask' ? Masks::mask($inside, $style->get('mask-type') !== 'alpha') : Masks::clip($inside));
        }
        if ($mask === null) {
            $word = $kind === 'mask' ? 'mask' : 'clip';
            $this->leave("{$word} that is not one shape was left out", "{$word}s that are not one shape were left out");
        }

        return $mask;
    }

    /** @param  non-empty-list<LayerData>  $layers */
    private static function around(array $layers): Box
    {
        return Box::around(...array_map(fn (array $one): Box => new Box(self::number($one, 'x'), self::number($one, 'y'), self::number($one, 'width'), self::number($one, 'height')), $layers)) ?? new Box(0, 0, 0, 0);
    }

    /**
     * A group of layers.
     *
     * @param  non-empty-list<LayerData>  $layers
     * @param  LayerData|null  $by  what masks the others: the group is as large as that
     * @return LayerData
     */
    private function together(array $layers, string $name, ?array $by = null): array
    {
        $box = self::around($by === null ? $layers : [$by]);

        return [
            'kind' => 'group', 'name' => $name, 'x' => $box->x, 'y' => $box->y, 'width' => $box->width, 'height' => $box->height,
            'children' => array_map(fn (array $one): array => ['x' => self::number($one, 'x') - $box->x, 'y' => self::number($one, 'y') - $box->y] + $one, $layers),
        ];
    }

    /**
     * @param  list<LayerData>  $children
     * @return list<LayerData>
     */
    private function group(\DOMElement $element, array $children, Style $style): array
    {
        $opacity = max(0.0, min(1.0, $style->number('opacity', 1)));
        if ($children === [] || (count($children) === 1 && $opacity >= 1)) {
            return $children;
        }

        return [['opacity' => $opacity] + $this->together($children, self::nameOf($element, 'Group'))];
    }

    /** @return list<LayerData> */
    private function used(\DOMElement $element, Matrix $matrix, Style $style, int $depth): array
    {
        $target = $this->named[ltrim(self::first($element->getAttribute('href'), $element->getAttribute('xlink:href')), '#')] ?? null;
        if ($target === null) {
            return $this->leave('use of something outside the file was left out', 'uses of something outside the file were left out');
        }
        $moved = $matrix->times(new Matrix(e: self::length($element->getAttribute('x')), f: self::length($element->getAttribute('y'))));

        return $target->localName === 'symbol'
            ? $this->group($target, $this->inside($target, $moved, $style->of($target, $this->rules), $depth + 1), $style)
            : $this->element($target, $moved, $style, $depth + 1);
    }

    /** @return list<LayerData> */
    private function shape(\DOMElement $element, Matrix $matrix, Style $style): array
    {
        $n = fn (string $name, float $otherwise = 0.0): float => is_numeric(rtrim($element->getAttribute($name), 'px')) ? self::length($element->getAttribute($name)) : $otherwise;
        $kind = (string) $element->localName;
        $open = $kind === 'line' || $kind === 'polyline';
        $name = self::nameOf($element, ucfirst($kind === 'rect' ? 'box' : $kind));
        $place = fn (float $x, float $y, float $w, float $h): array => ['x' => round($matrix->a * $x + $matrix->e, 3), 'y' => round($matrix->d * $y + $matrix->f, 3), 'width' => round($w * $matrix->a, 3), 'height' => round($h * $matrix->a, 3)];
        if ($matrix->isPlain()) {
            if ($kind === 'rect') {
                $radius = min($n('rx', $n('ry')) * $matrix->a, 100_000);

                return [$this->painted(['kind' => 'box', 'name' => $name, 'corners' => array_fill_keys(['topLeft', 'topRight', 'bottomRight', 'bottomLeft'], max(0.0, $radius))] + $place($n('x'), $n('y'), $n('width'), $n('height')), $style, $matrix, $open)];
            }
            if ($kind === 'circle' || $kind === 'ellipse') {
                [$rx, $ry] = $kind === 'circle' ? [$n('r'), $n('r')] : [$n('rx'), $n('ry')];

                return [$this->painted(['kind' => 'ellipse', 'name' => $name] + $place($n('cx') - $rx, $n('cy') - $ry, 2 * $rx, 2 * $ry), $style, $matrix, $open)];
            }
            if ($kind === 'line') {
                [$x1, $y1, $x2, $y2] = [$n('x1'), $n('y1'), $n('x2'), $n('y2')];

                return [$this->painted(['kind' => 'line', 'name' => $name, 'rising' => ($x2 - $x1) * ($y2 - $y1) < 0] + $place(min($x1, $x2), min($y1, $y2), abs($x2 - $x1), abs($y2 - $y1)), $style, $matrix, $open)];
            }
        }

        return $this->path($this->outline($element, $kind, $n), $matrix, $name, $style, $open);
    }

    /** @param  \Closure(string, float=): float  $n */
    private function outline(\DOMElement $element, string $kind, \Closure $n): string
    {
        if ($kind === 'circle' || $kind === 'ellipse') {
            [$rx, $ry] = $kind === 'circle' ? [$n('r'), $n('r')] : [$n('rx'), $n('ry')];

            return 'M'.($n('cx') - $rx)." {$n('cy')}a{$rx} {$ry} 0 1 1 ".(2 * $rx)." 0a{$rx} {$ry} 0 1 1 ".(-2 * $rx).' 0z';
        }

        return match ($kind) {
            'path' => $element->getAttribute('d'),
            'polyline', 'polygon' => $element->getAttribute('points') === '' ? '' : 'M'.$element->getAttribute('points').($kind === 'polygon' ? 'z' : ''),
            'line' => "M{$n('x1')} {$n('y1')}L{$n('x2')} {$n('y2')}",
            default => "M{$n('x')} {$n('y')}h{$n('width')}v{$n('height')}h".-$n('width').'z',
        };
    }

    /** @return list<LayerData> */
    private function path(string $data, Matrix $matrix, string $name, Style $style, bool $open): array
    {
        try {
            $drawn = PathData::parse($data);
            $path = $drawn->mapped($matrix->a, $matrix->b, $matrix->c, $matrix->d, $matrix->e, $matrix->f);
        } catch (InvalidInput) {
            return $this->leave('broken path was left out', 'broken paths were left out');
        }
        if (! $path->isNear()) {
            return $this->leave('path that reaches too far was left out', 'paths that reach too far were left out');
        }
        $bounds = $path->bounds();
        if ($bounds === null) {
            return [];
        }
        $text = $path->mapped(1, 0, 0, 1, -$bounds->x, -$bounds->y)->text();
        if (strlen($text) > PathData::MAX_LENGTH) {
            return $this->leave('path that is too long was left out', 'paths that are too long were left out');
        }

        $rule = $style->get('clip-rule') !== '' && $style->get('fill-rule') === '' ? $style->get('clip-rule') : $style->get('fill-rule');

        return [$this->painted([
            'kind' => 'path', 'name' => $name, 'x' => round($bounds->x, 3), 'y' => round($bounds->y, 3), 'width' => round($bounds->width, 3), 'height' => round($bounds->height, 3),
            'd' => $text, 'evenOdd' => $rule === 'evenodd',
        ], $style, $matrix, $open, $drawn->bounds())];
    }

    /**
     * With its fill, stroke and opacity.
     *
     * @param  LayerData  $layer
     * @param  Box|null  $around  of it in its user space; null where that follows from its box
     * @return LayerData
     */
    private function painted(array $layer, Style $style, Matrix $matrix, bool $open, ?Box $around = null): array
    {
        $fill = $open ? null : $this->paint($layer, $style, 'fill', 'black', $matrix, $around);
        $stroke = $this->paint($layer, $style, 'stroke', 'none', $matrix, $around);
        $scale = $matrix->scale();
        foreach (['marker-start', 'marker-mid', 'marker-end'] as $marker) {
            if (in_array($layer['kind'] ?? '', ['path', 'line'], true) && str_starts_with($style->get($marker), 'url(')) {
                $this->leave('mark on a stroke was left out', 'marks on strokes were left out');
            }
        }
        $width = $style->number('stroke-width', 1) * $scale;
        preg_match_all('/[\d.]+/', preg_match('/^[\d.\s,px]+$/', $style->get('stroke-dasharray')) === 1 ? $style->get('stroke-dasharray') : '', $lengths);
        $dash = array_slice(array_map(fn (string $length): float => round(min(1000.0, (float) $length * $scale), 3), $lengths[0]), 0, 12);
        $line = ['width' => round(min(200, $width), 3), 'position' => 'centre'] + ($dash === [] ? [] : ['dash' => $dash])
            + (StrokeCap::tryFrom($style->get('stroke-linecap')) === null ? [] : ['cap' => $style->get('stroke-linecap')])
            + (StrokeJoin::tryFrom($style->get('stroke-linejoin')) === null ? [] : ['join' => $style->get('stroke-linejoin')]);

        return $layer + [
            'fills' => $fill === null ? [] : [$fill],
            'strokes' => $stroke === null || $width < 0.1 ? [] : [$stroke + $line],
            'opacity' => max(0.0, min(1.0, $style->number('opacity', 1))),
        ];
    }

    /**
     * A colour or a gradient, as a file has it.
     *
     * @param  LayerData  $layer
     * @return array<string, mixed>|null null for none
     */
    private function paint(array $layer, Style $style, string $property, string $otherwise, Matrix $matrix, ?Box $around): ?array
    {
        try {
            $paint = $style->paint($property, $otherwise);
        } catch (InvalidInput) {
            $this->leave('colour that is none was left out', 'colours that are none were left out');

            return null;
        }
        if (! is_string($paint)) {
            return $paint === null ? null : ['colour' => $paint->toHex()];
        }
        $box = new Box(self::number($layer, 'x'), self::number($layer, 'y'), self::number($layer, 'width'), self::number($layer, 'height'));
        $scale = max(1e-9, $matrix->scale());
        $around ??= new Box(($box->x - $matrix->e) / $scale, ($box->y - $matrix->f) / $scale, $box->width / $scale, $box->height / $scale);
        $left = [];
        $gradient = $this->gradients->paint($paint, $around, $matrix, $box, $left);
        foreach ($left as $one) {
            $this->leave(...explode('|', $one, 2));
        }
        if ($gradient === null) {
            return ['colour' => $this->instead($paint)->toHex()];
        }
        $opacity = max(0.0, min(1.0, $style->number("{$property}-opacity", 1)));

        return ($gradient instanceof Solid ? [] : ['kind' => $gradient::kind()]) + $gradient->toArray() + ($opacity < 1 ? ['opacity' => $opacity] : []);
    }

    /** One colour in the stead of what paints with something else. */
    private function instead(string $id): Colour
    {
        $this->leave('pattern became one colour', 'patterns became one colour');
        foreach (isset($this->named[$id]) ? $this->named[$id]->getElementsByTagName('*') : [] as $one) {
            $style = Style::initial()->of($one, $this->rules);
            try {
                $colour = $style->paint('fill', 'none');
            } catch (InvalidInput) {
                continue;
            }
            if ($colour instanceof Colour) {
                return $colour;
            }
        }

        return Colour::rgb(128, 128, 128);
    }

    /**
     * A text a line of words: those of its spans that are set at a place of their own are lines of their own.
     *
     * @return list<LayerData>
     */
    private function words(\DOMElement $element, Matrix $matrix, Style $style): array
    {
        $layers = [];
        [$x, $y] = [self::length($element->getAttribute('x')), self::length($element->getAttribute('y'))];
        /** @var list<array{string, Style}> $said */
        $said = [];
        $flush = function (Style $style) use (&$said, &$x, &$y, &$layers, $matrix): void {
            $spans = self::collapsed($said);
            $said = [];
            if ($spans !== []) {
                $layers[] = $this->line($spans, $x, $y, $matrix, count($spans) === 1 ? $spans[0][1] : $style);
            }
        };
        foreach ($element->childNodes as $child) {
            if ($child instanceof \DOMElement && $child->localName === 'tspan') {
                $this->count($child, 0);
                $own = $style->of($child, $this->rules);
                if ($child->hasAttribute('x') || $child->hasAttribute('y') || $child->hasAttribute('dy')) {
                    $flush($style);
                    $x = $child->hasAttribute('x') ? self::length($child->getAttribute('x')) : $x;
                    $dy = $child->getAttribute('dy');
                    $y = ($child->hasAttribute('y') ? self::length($child->getAttribute('y')) : $y) + self::length($dy) * (str_ends_with($dy, 'em') ? $own->number('font-size', 16) : 1);
                }
                $said[] = [$child->textContent, $own];
                if ($child->hasAttribute('x') || $child->hasAttribute('y')) {
                    $flush($own);
                }
            } elseif ($child instanceof \DOMText) {
                $said[] = [$child->textContent, $style];
            }
        }
        $flush($style);

        return $this->group($element, $layers, Style::initial());
    }

    /**
     * Words with one space where there were several or others, and none at their ends.
     *
     * @param  list<array{string, Style}>  $said
     * @return list<array{string, Style}>
     */
    private static function collapsed(array $said): array
    {
        $spans = [];
        $open = true;
        foreach ($said as [$text, $style]) {
            $text = (string) preg_replace('/\s+/u', ' ', $text);
            $text = $open ? ltrim($text, ' ') : $text;
            if ($text !== '') {
                $open = str_ends_with($text, ' ');
                $spans[] = [$text, $style];
            }
        }
        while ($spans !== [] && rtrim($spans[count($spans) - 1][0], ' ') === '') {
            array_pop($spans);
        }
        $last = array_pop($spans);

        return $last === null ? [] : [...$spans, [rtrim($last[0], ' '), $last[1]]];
    }

    /**
     * @param  non-empty-list<array{string, Style}>  $spans
     * @return LayerData
     */
    private function line(array $spans, float $x, float $y, Matrix $matrix, Style $style): array
    {
        $words = implode('', array_column($spans, 0));
        $text = $this->typeOf($style, $matrix);
        $runs = [];
        $at = 0;
        foreach ($spans as [$part, $own]) {
            $end = $at + mb_strlen($part);
            $set = $own === $style ? $text : $this->typeOf($own, $matrix);
            try {
                $fill = $own->get('fill') === $style->get('fill') ? null : $own->paint('fill', 'black');
            } catch (InvalidInput) {
                $fill = null;
            }
            $colour = $fill instanceof Colour ? $fill : null;
            $runs[] = new Run($at, $end, $set->family, $set->weight, $set->italic, $set->size, $set->letterSpacing, decoration: $set->decoration, colour: $colour);
            $at = $end;
        }
        $passage = (new Passage($words, $text, $runs))->tidied();
        $laid = $this->typesetter->set($passage, null);
        $share = match ($style->get('text-anchor')) {
            'middle' => 0.5, 'end' => 1.0, default => 0.0
        };

        $layer = [
            'kind' => 'text', 'name' => mb_strimwidth($words, 0, 32, '…'), 'words' => $words, 'wrapped' => false, 'style' => $text->toArray(),
            'x' => round($matrix->a * $x + $matrix->c * $y + $matrix->e - $laid->width * $share, 3),
            'y' => round($matrix->b * $x + $matrix->d * $y + $matrix->f - $laid->lines[0]->baseline, 3),
            'width' => $laid->room(), 'height' => round($laid->height, 2), 'rotation' => round(rad2deg(atan2($matrix->b, $matrix->a)), 2),
        ] + ($passage->runs === [] ? [] : ['runs' => array_map(fn (Run $run): array => $run->toArray(), $passage->runs)]);

        return $layer + ['fills' => [$this->paint($layer, $style, 'fill', 'black', $matrix, null) ?? ['colour' => '#00000000']], 'opacity' => max(0.0, min(1.0, $style->number('opacity', 1)))];
    }

    private function typeOf(Style $style, Matrix $matrix): TextStyle
    {
        $families = $this->typesetter->faces->families();
        $asked = trim(explode(',', $style->get('font-family'))[0], " \"'");
        $weight = match ($style->get('font-weight', '400')) {
            'bold', 'bolder' => 700, 'normal', 'lighter' => 400, default => (int) $style->number('font-weight', 400)
        };
        if ($asked !== '' && ! isset($families[$asked])) {
            $this->leave('face that is not here was replaced', 'faces that are not here were replaced');
        }
        $lines = $style->get('text-decoration-line') === '' ? $style->get('text-decoration') : $style->get('text-decoration-line');

        return new TextStyle(
            isset($families[$asked]) ? $asked : FaceBook::DEFAULT_FAMILY, max(1, min(1000, $weight)), round(TextStyle::fitted($style->number('font-size', 16) * $matrix->scale()), 2), 1.2,
            letterSpacing: max(-0.5, min(2.0, round($style->number('letter-spacing', 0) / max(1.0, $style->number('font-size', 16)), 4))),
            italic: preg_match('/^(italic|oblique)\b/i', $style->get('font-style')) === 1,
            decoration: match ([str_contains($lines, 'underline'), str_contains($lines, 'line-through')]) {
                [true, true] => TextDecoration::Both,
                [true, false] => TextDecoration::Underline,
                [false, true] => TextDecoration::LineThrough,
                default => TextDecoration::None,
            },
        );
    }

    /** @return list<LayerData> */
    private function image(\DOMElement $element, Matrix $matrix, Style $style): array
    {
        $address = self::first($element->getAttribute('href'), $element->getAttribute('xlink:href'));
        $bytes = preg_match('#^data:image/[a-z]+;base64,(.+)$#s', $address, $found) === 1 ? base64_decode($found[1], true) : false;
        $hash = $bytes === false ? null : ($this->pictures[md5($bytes)] ??= ($this->picture)($bytes));
        if ($hash === null) {
            return $this->leave('picture that is not in the file was left out', 'pictures that are not in the file were left out');
        }
        $n = fn (string $name): float => self::length($element->getAttribute($name));

        return [[
            'kind' => 'picture', 'name' => self::nameOf($element, 'Picture'), 'asset' => $hash, 'fit' => 'contain', 'opacity' => max(0.0, min(1.0, $style->number('opacity', 1))),
            'x' => round($matrix->a * $n('x') + $matrix->e, 3), 'y' => round($matrix->d * $n('y') + $matrix->f, 3), 'width' => round($n('width') * $matrix->scale(), 3), 'height' => round($n('height') * $matrix->scale(), 3),
        ]];
    }

    /** @return array{} */
    private function leave(string $one, string $many): array
    {
        $this->left["{$one}|{$many}"] = ($this->left["{$one}|{$many}"] ?? 0) + 1;

        return [];
    }

    /** @return list<string> */
    private function told(): array
    {
        return array_map(fn (string $what, int $count): string => $count === 1 ? 'One '.explode('|', $what)[0] : "{$count} ".explode('|', $what)[1], array_keys($this->left), $this->left);
    }

    private static function nameOf(\DOMElement $element, string $otherwise): string
    {
        $name = trim((string) preg_replace('/[\p{Cc}\s_]+/u', ' ', self::first($element->getAttribute('aria-label'), $element->getAttribute('id'))));

        return $name === '' ? $otherwise : mb_substr($name, 0, 60);
    }

    /** The first of these that is not empty. */
    private static function first(string ...$values): string
    {
        return array_values(array_filter($values, fn (string $value): bool => $value !== ''))[0] ?? '';
    }

    /** A length as far as it begins with a number; what is beyond all bounds is none. */
    private static function length(mixed $text): float
    {
        $length = is_scalar($text) ? (float) $text : 0.0;

        return abs($length) <= 1e7 ? $length : 0.0;
    }

    /** @param  LayerData  $layer */
    private static function number(array $layer, string $key): float
    {
        return is_numeric($layer[$key] ?? null) ? (float) $layer[$key] : 0.0;
    }
}
