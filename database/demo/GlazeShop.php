<?php

declare(strict_types=1);

namespace Database\Demo;

use Kindred\Document\Check\Aside;

/**
 * The fourth demo: the studio sells its glazes. What scrolls, what stays in the window, what is pulled down, what lies
 * over others, and glazes that grow into their own page.
 *
 * @phpstan-type LayerData array<string, mixed>
 */
final class GlazeShop
{
    private const INK = '#2a2622';

    private const SOFT = '#6a5f55';

    private const CLAY = '#a94c31';

    private const PAPER = '#f6efe6';

    /** Name, colour, price in euros. */
    private const GLAZES = [
        ['Fern', '#55785f', '9.50'], ['Harbour', '#6f97ab', '9.50'], ['Rust', '#c96d4c', '11.00'], ['Oat', '#e0cfb6', '8.00'],
        ['Plum', '#80556b', '11.00'], ['Celadon', '#a9c4b0', '9.50'], ['Slate', '#68707a', '8.00'], ['Ochre', '#d9a441', '8.00'],
    ];

    private int $count = 0;

    /** The project file, as JSON. */
    public static function file(): string
    {
        $self = new self;

        return json_encode([
            'format' => 'kindred-canvas', 'version' => 4, 'name' => 'Glaze shop', 'entry' => 'shop',
            'screens' => [
                $self->screen('shop', 'Glazes', 0, 1420, $self->shop()) + ['cues' => [self::cue('pulled', ['kind' => 'pull', 'distance' => 90], self::over('fetched'))]],
                $self->screen('glaze', 'Glaze', 1, 844, $self->glaze()),
                $self->screen('basket', 'Basket', 2, 380, $self->basket()) + ['over' => ['place' => 'bottom', 'scrim' => '#2a262266', 'outside' => true, 'dragged' => true]],
                $self->screen('fetched', 'Fetched', 3, 64, $self->fetched()) + [
                    'over' => ['place' => 'top', 'scrim' => '#00000000', 'outside' => true],
                    'cues' => [self::cue('goes', ['kind' => 'delay', 'delay' => 1600], ['kind' => 'take-off'])],
                ],
            ],
            'asides' => [['id' => Aside::idOf('target-size', 'shopdots'), 'rule' => 'target-size', 'about' => 'shopdots', 'reason' => 'The cards are swiped; the dots tell where one is.']],
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
    }

    /** @return list<LayerData> */
    private function shop(): array
    {
        $cards = array_map(fn (array $news): array => $this->group($news[0], 0, 0, 300, 168, [
            $this->box('Card', 0, 0, 300, 168, $news[1], 16),
            $this->text('Heading', $news[0], 20, 96, 260, 22, 600, '#ffffff', 'Lora'),
            $this->text('About', $news[2], 20, 128, 260, 14, 500, '#ffffff'),
        ]), [['Wood-ash week', '#2f5d50', 'Three glazes from one stove'], ['Seconds, half price', '#8c4028', 'Good jars with crooked labels'], ['Mix your own', '#3d5166', 'Saturday at ten, with Odo']]);
        $cell = ['cues' => [self::cue('opens', ['kind' => 'tap'], ['kind' => 'show', 'screen' => 'glaze', 'transition' => ['kind' => 'match', 'duration' => 420, 'easing' => 'cubic-bezier(0.2, 0, 0, 1)']])]] + $this->group('Glaze', 0, 0, 163, 208, [
            ['effects' => [['colour' => '#5a3e2a24', 'offsetY' => 3, 'blur' => 12]]] + $this->box('Card', 0, 0, 163, 208, '#ffffff', 16),
            ['id' => 'shoptile'] + $this->box('Tile', 10, 10, 143, 120, self::GLAZES[0][1], 10),
            ['id' => 'shopname'] + $this->text('Name', self::GLAZES[0][0], 14, 142, 130, 17, 600, self::INK, 'Lora'),
            ['id' => 'shopprice'] + $this->text('Price', self::GLAZES[0][2].' €', 14, 172, 130, 14, 500, self::SOFT),
        ]);

        return [
            $this->text('Heading', 'New this month', 24, 124, 342, 20, 600, self::INK, 'Lora'),
            ['kind' => 'stack', 'columnGap' => 12, 'padding' => ['top' => 0, 'right' => 24, 'bottom' => 0, 'left' => 24], 'scroll' => ['axes' => 'across', 'snap' => 'center', 'overscroll' => 'bounce', 'pages' => 'news'], 'children' => $cards] + $this->at('News', 0, 164, 390, 168),
            ['id' => 'shopdots', 'kind' => 'widget', 'widget' => 'page-dots', 'signal' => 'news', 'value' => 1, 'min' => 1, 'max' => 3] + $this->at('Dots', 159, 348, 72, 16),
            $this->text('All', 'On the shelf', 24, 388, 342, 20, 600, self::INK, 'Lora'),
            ['kind' => 'array', 'columns' => 2, 'columnGap' => 16, 'rowGap' => 16, 'children' => [$cell], 'sheet' => [
                'columns' => [['id' => 'names', 'name' => 'Name', 'slot' => 'words', 'layer' => 'shopname'], ['id' => 'tones', 'name' => 'Colour', 'slot' => 'colour', 'layer' => 'shoptile'], ['id' => 'prices', 'name' => 'Price', 'slot' => 'words', 'layer' => 'shopprice']],
                'rows' => array_map(fn (array $glaze): array => ['id' => 'row'.strtolower($glaze[0]), 'cells' => ['names' => $glaze[0], 'tones' => $glaze[1], 'prices' => "{$glaze[2]} €"]], self::GLAZES),
            ]] + $this->at('Shelf', 24, 428, 342, 880),
            ['position' => 'fixed'] + $this->group('Head', 0, 0, 390, 104, [
                ['effects' => [['colour' => '#5a3e2a1f', 'offsetY' => 2, 'blur' => 10]]] + $this->box('Bar', 0, 0, 390, 104, self::PAPER),
                $this->text('Title', 'Glazes', 24, 56, 220, 28, 600, self::INK, 'Lora'),
                ['cues' => [self::cue('looks', ['kind' => 'tap'], self::over('basket'))]] + $this->group('Basket', 330, 48, 48, 48, [
                    $this->box('Room', 0, 0, 48, 48, '#ffffff00'), $this->icon('shopping-basket', 12, 12, self::INK),
                ]),
            ]),
        ];
    }

    /** @return list<LayerData> */
    private function glaze(): array
    {
        return [
            $this->box('Card', 0, 0, 390, 844, '#ffffff'),
            $this->box('Tile', 0, 0, 390, 400, self::GLAZES[2][1]),
            $this->text('Name', self::GLAZES[2][0], 24, 428, 342, 34, 600, self::INK, 'Lora'),
            $this->text('Price', self::GLAZES[2][2].' €', 24, 482, 342, 17, 600, self::SOFT),
            $this->text('About', 'Brush it on in three coats and leave the foot free. It breaks lighter over edges, and runs a little where it lies thick.', 24, 526, 342, 16, 400, self::INK, lines: 4),
            $this->text('Cone', 'Stoneware, cone 6, oxidation. A jar covers about twelve mugs.', 24, 630, 342, 14, 400, self::SOFT, lines: 2),
            ['cues' => [self::cue('puts', ['kind' => 'tap'], self::over('basket'))]] + $this->button('Put in the basket', 748),
            ['cues' => [self::cue('backs', ['kind' => 'tap'], ['kind' => 'return'])]] + $this->group('Back', 16, 52, 48, 48, [
                $this->box('Disc', 0, 0, 48, 48, '#ffffffe6', 24), $this->icon('arrow-left', 12, 12, self::INK),
            ]),
        ];
    }

    /** @return list<LayerData> */
    private function basket(): array
    {
        return [
            $this->box('Sheet', 0, 0, 390, 400, '#ffffff', 24),
            $this->box('Handle', 171, 10, 48, 4, '#cfc4b6', 2),
            $this->text('Title', 'In the basket', 24, 40, 342, 24, 600, self::INK, 'Lora'),
            $this->text('Line', 'Jars of Rust', 24, 104, 180, 17, 500, self::INK),
            ['kind' => 'widget', 'widget' => 'stepper', 'signal' => 'jars', 'value' => 1, 'min' => 0, 'max' => 12] + $this->at('Jars', 222, 94, 144, 44),
            $this->text('Sum', '{jars * 11 as 0.00} €', 24, 172, 342, 28, 600, self::INK, 'Lora'),
            $this->text('Where', 'To be fetched from the studio, Mondays to Saturdays', 24, 222, 342, 14, 400, self::SOFT),
            ['cues' => [self::cue('keeps', ['kind' => 'tap'], ['kind' => 'take-off'])]] + $this->button('Keep looking', 288),
        ];
    }

    /** @return list<LayerData> */
    private function fetched(): array
    {
        return [$this->box('Bar', 0, 0, 390, 64, self::INK), $this->text('Says', 'The shelf is as of now', 24, 21.5, 342, 15, 500, '#ffffff')];
    }

    /**
     * @param  list<LayerData>  $layers
     * @return array<string, mixed>
     */
    private function screen(string $id, string $name, int $place, int $height, array $layers): array
    {
        return ['id' => $id, 'name' => $name, 'device' => 'phone', 'x' => $place * 480, 'y' => 0, 'width' => 390, 'height' => $height, 'view' => min(844, $height), 'ground' => self::PAPER, 'layers' => $layers];
    }

    /**
     * @param  array<string, mixed>  $trigger
     * @param  array<string, mixed>  $action
     * @return array<string, mixed>
     */
    private static function cue(string $id, array $trigger, array $action): array
    {
        return ['id' => "shop{$id}", 'trigger' => $trigger, 'actions' => [$action]];
    }

    /** @return array<string, mixed> */
    private static function over(string $screen): array
    {
        return ['kind' => 'lay-over', 'screen' => $screen];
    }

    /** @return LayerData */
    private function at(string $name, float $x, float $y, float $width, float $height): array
    {
        return ['id' => sprintf('shop%03d', ++$this->count), 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height];
    }

    /** @return LayerData */
    private function box(string $name, float $x, float $y, float $width, float $height, string $colour, float $radius = 0): array
    {
        return ['kind' => 'box', 'fills' => [['colour' => $colour]], 'corners' => array_fill_keys(['topLeft', 'topRight', 'bottomRight', 'bottomLeft'], $radius)] + $this->at($name, $x, $y, $width, $height);
    }

    /** @return LayerData */
    private function text(string $name, string $words, float $x, float $y, float $width, float $size, int $weight, string $colour, string $family = 'Hanken Grotesk', int $lines = 1): array
    {
        return ['kind' => 'text', 'words' => $words, 'wrapped' => true, 'style' => ['family' => $family, 'weight' => $weight, 'size' => $size, 'lineHeight' => 1.4], 'fills' => [['colour' => $colour]]] + $this->at($name, $x, $y, $width, $size * 1.4 * $lines);
    }

    /** @return LayerData */
    private function icon(string $icon, float $x, float $y, string $colour): array
    {
        return ['kind' => 'icon', 'icon' => $icon, 'fills' => [['colour' => $colour]]] + $this->at($icon, $x, $y, 24, 24);
    }

    /** @return LayerData */
    private function button(string $label, float $y): array
    {
        return $this->group($label, 24, $y, 342, 52, [$this->box('Button', 0, 0, 342, 52, self::CLAY, 14), ['style' => ['family' => 'Hanken Grotesk', 'weight' => 600, 'size' => 16, 'lineHeight' => 1.4, 'align' => 'center']] + $this->text('Words', $label, 0, 15, 342, 16, 600, '#ffffff')]);
    }

    /**
     * @param  list<LayerData>  $children
     * @return LayerData
     */
    private function group(string $name, float $x, float $y, float $width, float $height, array $children): array
    {
        return ['kind' => 'group', 'children' => $children] + $this->at($name, $x, $y, $width, $height);
    }
}
