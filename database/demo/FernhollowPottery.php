<?php

declare(strict_types=1);

namespace Database\Demo;

/**
 * The demo: Fernhollow Pottery, a made-up community studio. Members book wheels on a phone, the
 * manager works at a desk. Everybody and everything in it is invented; the pictures are drawn by us.
 *
 * @phpstan-type LayerData array<string, mixed>
 */
final class FernhollowPottery
{
    private const INK = '#2a2622';

    private const SOFT = '#6b6259';

    private const FAINT = '#7a6f62';

    private const CREAM = '#f6efe6';

    private const CLAY = '#a94c31';

    private const FERN = '#2f4a3c';

    private const OCHRE = '#d9a441';

    private const LINE = '#e2d6c6';

    private const CARD = '#ffffff';

    private const BAR = '#fffcf8d9';

    private const DESK = '#fbf8f3';

    private const HEAD = '#f3eadd';

    private const CHOSEN = '#fdf4ea';

    /** Stands for white words and icons on clay and fern. */
    private const ON = 'on';

    /** Stands for words on ochre, which are dark in every theme. */
    private const ON_OCHRE = 'onochre';

    /** The colours of the house style, with what they are for. */
    private const COLOURS = [
        'ink' => [self::INK, 'Words'], 'soft' => [self::SOFT, 'Words that stand back'], 'faint' => [self::FAINT, 'Words of what cannot be chosen'], 'cream' => [self::CREAM, 'The background of screens'], 'clay' => [self::CLAY, 'The colour of the studio'],
        'fern' => [self::FERN, 'What is done, and the desk'], 'ochre' => [self::OCHRE, 'What is warm: kilns, warnings'], 'line' => [self::LINE, 'Edges'],
        'card' => [self::CARD, 'What lies on the background'], 'bar' => [self::BAR, 'What lies over what scrolls'], 'desk' => [self::DESK, 'The background of the desk'],
        'head' => [self::HEAD, 'The head of a table, and its lines'], 'chosen' => [self::CHOSEN, 'What is chosen'], 'on' => [self::CARD, 'Words and icons on clay and fern'], 'onochre' => [self::INK, 'Words on ochre'],
    ];

    /** What the same colours are in the dark. */
    private const DARK = [
        'ink' => '#efe6da', 'soft' => '#a89c8e', 'faint' => '#978b7d', 'cream' => '#18130d', 'clay' => '#d96f4f', 'fern' => '#82bc9e', 'line' => '#3a332b',
        'card' => '#261f18', 'bar' => '#1f1913d9', 'desk' => '#1c1712', 'head' => '#2e261e', 'chosen' => '#35241b', 'on' => '#18130d',
    ];

    /** @var array<string, string> */
    private array $pictures = [];

    private int $count = 0;

    /** The project file, as JSON. */
    public static function file(): string
    {
        $self = new self;

        return json_encode([
            'format' => 'kindred-canvas',
            'version' => 3,
            'name' => 'Fernhollow Pottery',
            'entry' => 'welcome',
            'tokens' => self::tokens(),
            'look' => self::look(),
            'themes' => [['id' => 'themedark', 'name' => 'Dark']],
            'themeValues' => array_map(fn (string $name, string $colour): array => ['id' => "dark{$name}", 'theme' => 'themedark', 'token' => "colour{$name}", 'kind' => 'color', 'value' => $colour], array_keys(self::DARK), self::DARK),
            'screens' => [
                $self->phone('welcome', 'Welcome', 0, self::CREAM, $self->welcome()),
                $self->phone('today', 'Today', 1, self::CREAM, $self->today()),
                $self->phone('wheel', 'Book a wheel', 2, self::CREAM, $self->wheel()),
                $self->phone('booked', 'Booked', 3, self::FERN, $self->booked()),
                $self->phone('kiln', 'Kiln status', 4, '#211d1a', $self->kiln()),
                ['height' => 1240] + $self->phone('glazes', 'Glaze library', 5, self::CREAM, $self->glazes()),
                ['id' => 'desk', 'name' => 'Desk: bookings', 'device' => 'desktop', 'x' => 0, 'y' => 1360, 'width' => 1440, 'height' => 900, 'view' => 900, 'ground' => self::DESK] + self::grounded(self::DESK) + ['layers' => array_map(self::bound(...), $self->desk())],
            ],
            'loose' => array_map(self::bound(...), $self->palette()),
            'pictures' => array_map(base64_encode(...), $self->pictures),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES);
    }

    /**
     * @param  list<LayerData>  $layers
     * @return array<string, mixed>
     */
    private function phone(string $id, string $name, int $place, string $ground, array $layers): array
    {
        return ['id' => $id, 'name' => $name, 'device' => 'phone', 'x' => $place * 480, 'y' => 0, 'width' => 390, 'height' => 844, 'view' => 844, 'ground' => $ground] + self::grounded($ground) + ['layers' => array_map(fn (array $layer): array => self::bound($this->held($layer, 390, 844)), $layers)];
    }

    /** @return list<array<string, mixed>> the house style */
    private static function tokens(): array
    {
        $tokens = [];
        foreach (self::COLOURS as $name => [$colour, $description]) {
            $tokens[] = ['id' => "colour{$name}", 'name' => "colour.{$name}", 'kind' => 'color', 'value' => $colour, 'description' => $description];
        }
        $style = fn (string $family, int $weight, float $size, float $lineHeight): array => ['kind' => 'typography', 'style' => ['family' => $family, 'weight' => $weight, 'size' => $size, 'lineHeight' => $lineHeight]];

        return [
            ...$tokens,
            ['id' => 'colouraction', 'name' => 'action.fill', 'kind' => 'color', 'value' => self::CLAY, 'bound' => ['value' => 'colourclay'], 'description' => 'What is pressed first on a screen'],
            ['id' => 'typetitle', 'name' => 'type.title', 'description' => 'The title of a screen'] + $style('Lora', 600, 28, 1.2),
            ['id' => 'typetext', 'name' => 'type.text', 'description' => 'What is read'] + $style('Hanken Grotesk', 400, 15, 1.45),
            ['id' => 'radiuscard', 'name' => 'radius.card', 'kind' => 'dimension', 'value' => 14],
            ['id' => 'spacem', 'name' => 'space.m', 'kind' => 'dimension', 'value' => 16],
            ['id' => 'shadowlift', 'name' => 'shadow.lift', 'kind' => 'shadow', 'shadows' => [['colour' => '#2a26221f', 'offsetY' => 4, 'blur' => 16]]],
            ['id' => 'motionquick', 'name' => 'motion.quick', 'kind' => 'duration', 'value' => 180],
        ];
    }

    /** @return array<string, mixed> how widgets are dressed */
    private static function look(): array
    {
        $colours = ['accent' => 'clay', 'ink' => 'ink', 'soft' => 'soft', 'edge' => 'line', 'paper' => 'card', 'ground' => 'head', 'shade' => 'line'];

        return array_map(fn (string $name): string => self::COLOURS[$name][0], $colours) + ['radius' => 14, 'bound' => ['radius' => 'radiuscard'] + array_map(fn (string $name): string => "colour{$name}", $colours)];
    }

    /** @return array<string, array<string, string>> the token of a background */
    private static function grounded(string $ground): array
    {
        $name = array_search($ground, array_map(fn (array $one): string => $one[0], self::COLOURS), true);

        return $name === false ? [] : ['bound' => ['ground' => "colour{$name}"]];
    }

    /**
     * A layer, and what lies in it, with the colours of the house style bound to their tokens.
     *
     * @param  LayerData  $layer
     * @return LayerData
     */
    private static function bound(array $layer): array
    {
        foreach (['fills', 'strokes'] as $list) {
            foreach (is_array($layer[$list] ?? null) ? $layer[$list] : [] as $i => $coat) {
                $colour = is_array($coat) ? $coat['colour'] ?? null : null;
                $name = is_string($colour) && isset(self::COLOURS[$colour]) ? $colour : array_search($colour, array_map(fn (array $one): string => $one[0], self::COLOURS), true);
                // Words on what is always dark stay white, and what is dark by itself stays dark.
                if ($name !== false && $name !== (in_array($layer['kind'], ['text', 'icon'], true) ? 'card' : 'ink')) {
                    $layer[$list][$i] = ['colour' => self::COLOURS[$name][0]] + (array) $coat + ['bound' => ['paint' => "colour{$name}"]];
                }
            }
        }
        if (($layer['corners'] ?? null) == array_fill_keys(['topLeft', 'topRight', 'bottomRight', 'bottomLeft'], 14)) {
            $layer['bound'] = ['corners' => 'radiuscard'];
        }
        if (($layer['rowGap'] ?? null) === 16) {
            $layer['bound'] = ['rowGap' => 'spacem'];
        }
        if (is_array($layer['children'] ?? null)) {
            $layer['children'] = array_map(fn (mixed $child): mixed => is_array($child) ? self::bound($child) : $child, $layer['children']);
        }

        return $layer;
    }

    /**
     * A layer, and what lies in it, pinned as a phone's layout holds together on other devices: what spans the width to
     * both sides, as long words do, what is centred to the middle, what stands at the right to that side, what stands at the foot there.
     *
     * @param  LayerData  $layer
     * @return LayerData
     */
    private function held(array $layer, float $width, float $height): array
    {
        if (isset($layer['pins'])) {
            return $layer;
        }
        [$left, $right] = [$layer['x'], $width - $layer['x'] - $layer['width']];
        $spans = (abs($left - $right) < 2 || $layer['kind'] === 'text') && $layer['width'] > $width / 2;
        $foot = $height > 400 && $layer['y'] > $height - 90;
        $pins = ['left' => $spans || $left < $right - 2, 'right' => $spans || $right < $left - 2, 'top' => ! $foot, 'bottom' => $foot];
        $inside = array_map(fn (array $child): array => $this->held($child, $layer['width'], $layer['height']), $layer['kind'] === 'group' ? $layer['children'] : []);

        return ['pins' => $pins] + ($inside === [] ? [] : ['children' => $inside]) + $layer;
    }

    /** @return list<LayerData> */
    private function welcome(): array
    {
        return [
            // The picture runs out into the paper that the words stand on.
            ['masks' => [self::gradient(180, ['#000000' => 0.72, '#00000000' => 1])]] + $this->picture('Studio', 'studio', 0, 0, 390, 430),
            $this->text('Hands in clay by Thursday', 24, 462, 342, 38, 600, self::INK, 'Spectral', 1.08),
            $this->text('Fernhollow is the studio at the end of the lane: twelve wheels, two kilns, and somebody who shows you how.', 24, 562, 330, 16, 400, self::SOFT),
            $this->button('Book a wheel', 24, 680, 342, self::CLAY, self::ON, $this->show('wheel', 'left')),
            ['cues' => [$this->show('today', 'left', 'dissolve')]] + $this->group('I am a member', [
                $this->box('Room', 24, 752, 342, 52, self::CREAM, 12),
                $this->text('I am a member already', 24, 766, 342, 16, 600, self::FERN, align: 'center'),
            ]),
        ];
    }

    /** @return list<LayerData> */
    private function today(): array
    {
        return [
            ...$this->status(self::INK),
            $this->text('Good morning, Tilda', 24, 72, 342, 30, 600, self::INK, 'Spectral', 1.15),
            $this->text('Monday, 23 November', 24, 110, 342, 15, 400, self::SOFT),
            ['cues' => [$this->show('kiln', 'up', 'cover')]] + $this->group('Kiln card', [
                ['effects' => [['colour' => '#2a262266', 'offsetY' => 10, 'blur' => 24, 'spread' => -8]]] + $this->box('Card', 24, 156, 342, 188, '#2a2622', 20),
                // It darkens into the card below, so that the words need no line above them.
                ['masks' => [self::gradient(180, ['#000000' => 0.55, '#00000000' => 1])], 'adjustment' => ['contrast' => 1.1]] + $this->picture('Kiln', 'kiln', 24, 156, 342, 120, [20, 20, 0, 0]),
                $this->text('Big kiln', 44, 282, 160, 17, 600, '#ffffff'),
                $this->text('Glaze firing, cooling down', 44, 306, 220, 14, 400, '#d8cdbf'),
                $this->text('612 °C', 240, 280, 106, 28, 600, self::OCHRE, 'Spectral', 1.2, 'right'),
            ]),
            $this->text('Coming up', 24, 376, 200, 20, 600, self::INK, 'Spectral'),
            ...$this->row('Wheel 4', 'Today, 18:00 to 20:00', 'disc-3', 416, self::CLAY),
            ...$this->row('Trimming evening with Odo', 'Wednesday, 19:00', 'users', 492, self::FERN),
            ...$this->row('Two bowls to collect', 'Shelf C, since Saturday', 'package-check', 568, '#5b7f95'),
            $this->button('Book a wheel', 24, 660, 342, self::CLAY, self::ON, $this->show('wheel', 'left')),
            ...$this->tabs('today'),
        ];
    }

    /** @return list<LayerData> */
    private function wheel(): array
    {
        $days = [];
        foreach (['Mon 23', 'Tue 24', 'Wed 25', 'Thu 26', 'Fri 27'] as $i => $day) {
            [$name, $number] = explode(' ', $day);
            $on = $i === 3;
            $days[] = ['pins' => ['top' => true, 'horizontal' => 'proportion']] + $this->group("Day {$day}", [
                ($on ? ['fills' => [self::gradient(180, ['#41604f' => 0, self::FERN => 1])], 'effects' => self::raised('#2f4a3c66')] : []) + $this->box('Chip', 24 + $i * 70, 176, 62, 72, '#ffffff', 16, $on ? null : self::LINE),
                $this->text($name, 24 + $i * 70, 188, 62, 13, 500, $on ? '#cfe0dc' : self::SOFT, align: 'center'),
                $this->text($number, 24 + $i * 70, 208, 62, 22, 600, $on ? '#ffffff' : self::INK, 'Spectral', 1.2, 'center'),
            ]);
        }
        $slots = [];
        foreach ([['10:00', '9 free'], ['14:00', '4 free'], ['18:00', '2 free'], ['20:00', 'full']] as $i => [$hour, $free]) {
            $on = $i === 2;
            $y = 320 + $i * 64;
            $slots[] = $this->group("Slot {$hour}", [
                ($on ? ['effects' => [['colour' => '#a94c3140', 'offsetY' => 0, 'blur' => 14]]] : []) + $this->box('Slot', 24, $y, 342, 56, $on ? self::CHOSEN : self::CARD, 14, $on ? self::CLAY : self::LINE, $on ? 2 : 1),
                $this->text($hour, 44, $y + 16, 90, 17, 600, $free === 'full' ? self::FAINT : self::INK),
                $this->text($free, 226, $y + 17, 120, 15, 400, $free === 'full' ? self::FAINT : self::SOFT, align: 'right'),
            ]);
        }

        return [
            ...$this->status(self::INK),
            $this->back(self::INK),
            $this->text('Book a wheel', 24, 108, 342, 32, 600, self::INK, 'Spectral', 1.15),
            ...$days,
            $this->text('Two hours from', 24, 282, 200, 16, 600, self::INK),
            ...$slots,
            // The price stands on a panel that lies over the hours: round and in shadow only where it meets them.
            ['effects' => [['colour' => '#5a3e2a33', 'offsetY' => -3, 'blur' => 20, 'right' => false, 'bottom' => false, 'left' => false]], 'pins' => ['left' => true, 'right' => true, 'top' => true, 'bottom' => true]] + $this->box('Panel', 0, 640, 390, 204, '#ffffff', [24, 24, 0, 0]),
            $this->text('Thursday, 18:00, wheel 4', 24, 670, 240, 15, 500, self::INK),
            $this->text('14.00', 266, 664, 100, 24, 600, self::INK, 'Spectral', 1.2, 'right'),
            $this->text('Clay is in the price, firing is not.', 24, 694, 342, 14, 400, self::SOFT),
            $this->button('Book it', 24, 756, 342, self::CLAY, self::ON, $this->show('booked', 'up', 'cover')),
        ];
    }

    /** @return list<LayerData> */
    private function booked(): array
    {
        return [
            // Light from above, and the grain of unglazed clay.
            ['id' => 'b90002', 'locked' => true, 'fills' => [['kind' => 'noise', 'seed' => 26, 'scale' => 1.5, 'strength' => 0.6, 'opacity' => 0.12, 'blend' => 'multiply'], ['kind' => 'radial', 'centreY' => 0.3, 'space' => 'oklab', 'stops' => [['colour' => '#476b58', 'at' => 0], ['colour' => self::FERN, 'at' => 0.55], ['colour' => '#22382d', 'at' => 1]]]],
                'pins' => ['left' => true, 'right' => true, 'top' => true, 'bottom' => true]] + $this->plain('Ground', 0, 0, 390, 844),
            ...$this->status('#ffffff'),
            ['fills' => [self::gradient(160, ['#6f9580' => 0, '#3d5f4e' => 1])], 'effects' => [['colour' => '#00000047', 'offsetY' => 8, 'blur' => 22], ['colour' => '#ffffff59', 'inner' => true, 'offsetY' => 1, 'blur' => 1]]] + $this->ellipse('Ring', 135, 190, 120, 120, '#3d5f4e'),
            $this->icon('Tick', 'check', 165, 220, 60, '#ffffff'),
            $this->text('The wheel is yours', 24, 344, 342, 34, 600, '#ffffff', 'Spectral', 1.15, 'center'),
            $this->text('Thursday, 26 November, 18:00 to 20:00, wheel 4. Bring an apron and short nails.', 48, 398, 294, 16, 400, '#d3e0d7', align: 'center'),
            $this->group('Number', [
                // A ticket: seen through, with a line to tear along.
                ['fills' => [['colour' => '#ffffff1f']], 'effects' => [['kind' => 'backdrop', 'adjustment' => ['brightness' => 0.8, 'blur' => 8]], ['colour' => '#ffffff40', 'inner' => true, 'offsetY' => 1, 'blur' => 0]], 'strokes' => [['colour' => '#b9cdbf', 'width' => 1.5, 'dash' => [0, 5], 'cap' => 'round']]] + $this->box('Card', 95, 490, 200, 76, '#294236', 16),
                $this->text('BOOKING NUMBER', 95, 504, 200, 12, 500, '#d3e0d7', align: 'center', tracking: 0.08),
                $this->text('FH-2741', 95, 524, 200, 24, 500, '#ffffff', 'JetBrains Mono', 1.3, 'center'),
            ]),
            $this->button('Back to today', 24, 680, 342, '#ffffff', self::FERN, $this->show('today', 'down', 'reveal')),
            ['cues' => [['id' => $this->id('c'), 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'return']]]] + $this->group('Change', [
                $this->box('Room', 24, 752, 342, 52, '#ffffff00', 12),
                $this->text('Change the booking', 24, 766, 342, 16, 600, '#ffffff', align: 'center'),
            ]),
        ];
    }

    /** @return list<LayerData> */
    private function kiln(): array
    {
        $bars = [];
        foreach ([20, 34, 52, 78, 104, 132, 140, 128, 110, 92, 74] as $i => $height) {
            $bars[] = ['fills' => [$i < 10 ? self::gradient(180, ['#8f5a3c' => 0, '#4a3327' => 1]) : self::gradient(180, ['#f0c877' => 0, '#c8862c' => 1])], 'effects' => $i < 10 ? [] : [['colour' => '#d9a44180', 'offsetY' => 0, 'blur' => 14]]] + $this->box('Hour '.($i + 8), 24 + $i * 31.5, 620 - $height, 22, $height, self::OCHRE, 6);
        }

        return [
            ...$this->status('#ffffff'),
            $this->back('#ffffff'),
            $this->text('Big kiln', 24, 108, 342, 32, 600, '#ffffff', 'Spectral', 1.15),
            $this->text('Glaze firing, cooling down', 24, 148, 342, 15, 400, '#cbbfb1'),
            // What heat is left glows behind the dial, whose ring is as far round as it is hot.
            ['fills' => [['kind' => 'radial', 'extent' => 'closest-side', 'space' => 'oklab', 'stops' => [['colour' => '#c4562f73', 'at' => 0.35], ['colour' => '#c4562f00', 'at' => 1]]]], 'id' => 'e90001', 'kind' => 'ellipse', 'name' => 'Glow', 'x' => 15, 'y' => 136, 'width' => 360, 'height' => 360],
            ['strokes' => [['kind' => 'conic', 'angle' => 200, 'space' => 'oklab', 'width' => 18, 'stops' => [['colour' => '#6b3a2a', 'at' => 0], ['colour' => self::CLAY, 'at' => 0.3, 'bound' => ['colour' => 'colouraction']], ['colour' => self::OCHRE, 'at' => 0.52], ['colour' => '#3a332d', 'at' => 0.52], ['colour' => '#3a332d', 'at' => 1]]]]] + $this->ellipse('Dial', 85, 206, 220, 220, '#221d19'),
            ['strokes' => [['colour' => self::OCHRE, 'width' => 2]]] + $this->ellipse('Dial edge', 79, 200, 232, 232, null),
            $this->text('612', 85, 272, 220, 64, 600, '#ffffff', 'Spectral', 1.1, 'center'),
            $this->text('degrees Celsius', 85, 344, 220, 14, 400, '#cbbfb1', align: 'center'),
            ['pins' => ['left' => true, 'right' => true, 'top' => true]] + $this->group('Curve', $bars),
            $this->text('08:00', 24, 634, 60, 12, 400, '#a89c8e'),
            $this->text('now', 306, 634, 60, 12, 400, '#a89c8e', align: 'right'),
            $this->group('Opening', [
                ['effects' => [['colour' => '#ffffff1f', 'inner' => true, 'offsetY' => 1, 'blur' => 0], ['colour' => '#00000066', 'offsetY' => 6, 'blur' => 16]]] + $this->box('Card', 24, 672, 342, 64, '#2f2924', 16),
                $this->icon('Door', 'door-open', 42, 692, 24, self::OCHRE),
                $this->text('Opens at about 06:30 tomorrow', 80, 692, 270, 16, 500, '#ffffff'),
            ]),
            $this->button('Tell me when it opens', 24, 756, 342, self::OCHRE, self::ON_OCHRE, null),
        ];
    }

    /** @return list<LayerData> */
    private function glazes(): array
    {
        $both = ['pins' => ['left' => true, 'right' => true, 'top' => true]];
        $near = ['pins' => ['left' => true, 'top' => true]];
        $cell = $this->group('Glaze', [
            ['effects' => [['colour' => '#5a3e2a1f', 'offsetY' => 4, 'blur' => 14, 'spread' => -4]]] + $both + $this->box('Card', 0, 0, 165, 220, '#ffffff', 18, self::LINE),
            // A glaze shines where the light meets its upper edge.
            $tile = ['effects' => [['colour' => '#ffffff73', 'inner' => true, 'offsetY' => 14, 'blur' => 22, 'right' => false, 'bottom' => false, 'left' => false]]] + $both + $this->box('Tile', 10, 10, 145, 128, '#55785f', 12),
            $drip = ['effects' => [['colour' => '#ffffff4d', 'inner' => true, 'offsetY' => 2, 'blur' => 3, 'right' => false, 'bottom' => false, 'left' => false], ['colour' => '#00000033', 'offsetY' => -1, 'blur' => 6, 'right' => false, 'bottom' => false, 'left' => false]]] + $both + $this->box('Drip', 10, 98, 145, 40, '#2f4a3c', 12),
            $name = $near + $this->text('Fern', 14, 150, 140, 18, 600, self::INK, 'Spectral'),
            $firing = $near + $this->text('Cone 6, glossy', 14, 178, 140, 13, 400, self::SOFT),
        ]);
        $column = fn (string $id, string $name, string $slot, array $layer): array => ['id' => $id, 'name' => $name, 'slot' => $slot, 'layer' => $layer['id']];
        $glazes = [['Fern', '#55785f', '#2f4a3c'], ['Harbour', '#6f97ab', '#3d5a6b'], ['Rust', '#c96d4c', '#8e3f2a'], ['Oat', '#e8dccb', '#cdb89b'],
            ['Ochre', '#d9a441', '#b5802a'], ['Slate', '#68707a', '#444a52'], ['Plum', '#80556b', '#573648'], ['Celadon', '#a9c4b0', '#7fa08a']];
        $shelf = ['id' => $this->id('a'), 'kind' => 'array', 'name' => 'Glazes', 'x' => 24, 'y' => 240, 'width' => 342, 'height' => 928, 'columns' => 2, 'rowGap' => 16, 'columnGap' => 12, 'children' => [$cell], 'sheet' => [
            'columns' => [$column('name', 'Name', 'words', $name), $column('firing', 'Firing', 'words', $firing), $column('tone', 'Tone', 'colour', $tile), $column('drip', 'Drip', 'colour', $drip)],
            'rows' => array_map(fn (int $i, array $glaze): array => ['id' => "glaze{$i}", 'cells' => ['name' => $glaze[0], 'firing' => ['Cone 6, glossy', 'Cone 6, satin', 'Cone 10, matt'][$i % 3], 'tone' => $glaze[1], 'drip' => $glaze[2]]], array_keys($glazes), $glazes),
        ]];

        return [
            ...$this->status(self::INK),
            $this->text('Glaze library', 24, 72, 342, 32, 600, self::INK, 'Spectral', 1.15),
            $this->group('Search', [
                $this->box('Field', 24, 124, 342, 48, '#ffffff', 14, self::LINE),
                $this->icon('Search', 'search', 40, 138, 20, self::SOFT),
                $this->text('A colour, a cone, a name', 70, 137, 260, 16, 400, self::FAINT),
            ]),
            $this->text('8 glazes on the shelf today', 24, 194, 342, 15, 400, self::SOFT),
            $shelf,
            ...$this->tabs('glazes', 1152),
        ];
    }

    /** @return list<LayerData> */
    private function desk(): array
    {
        $rows = [];
        $bookings = [
            ['18:00', 'Tilda Maybrook', 'Wheel 4', 'Paid', '#dfeae0', '#2e4a3c'], ['18:00', 'Anselm Pryde', 'Wheel 7', 'Paid', '#dfeae0', '#2e4a3c'],
            ['18:30', 'Wren Alder', 'Hand building', 'At the desk', '#f8ead0', '#74510f'], ['19:00', 'Odo Fennimore', 'Trimming evening', 'Host', '#dde7ec', '#2c4a5a'],
            ['19:00', 'Pia Lindqvist-Ray', 'Trimming evening', 'Paid', '#dfeae0', '#2e4a3c'], ['20:00', 'Juno Ashdown', 'Wheel 2', 'Waiting', '#f6ddd5', '#8a3620'],
            ['20:00', 'Basil Thorne', 'Wheel 9', 'Paid', '#dfeae0', '#2e4a3c'],
        ];
        foreach ($bookings as $i => [$time, $who, $what, $state, $ground, $ink]) {
            $y = 268 + $i * 60;
            $rows[] = $this->group("Booking {$who}", [
                // The one that is shown beside the list has a mark at its side.
                ($i === 0 ? ['strokes' => [['colour' => self::CLAY, 'width' => 4, 'sides' => ['top' => 0, 'right' => 0, 'bottom' => 0, 'left' => 4]]]] : []) + $this->box('Row', 272, $y, 760, 60, $i === 0 ? '#fdf4ea' : '#ffffff'),
                $this->box('Rule', 272, $y + 59, 760, 1, self::HEAD),
                $this->text($time, 296, $y + 20, 60, 14, 500, self::SOFT, 'JetBrains Mono'),
                $this->ellipse('Portrait', 372, $y + 14, 32, 32, ['#b35a3b', '#527a8e', '#55785f', '#8f6a1c', '#80556b'][$i % 5]),
                $this->text(mb_substr($who, 0, 1), 372, $y + 20, 32, 14, 600, '#ffffff', align: 'center'),
                $this->text($who, 420, $y + 19, 220, 15, 600, self::INK),
                $this->text($what, 650, $y + 19, 200, 15, 400, self::SOFT),
                $this->box('State', 902, $y + 17, 106, 26, $ground, 13),
                $this->text($state, 902, $y + 21, 106, 13, 600, $ink, align: 'center'),
            ]);
        }
        $menu = [];
        foreach ([['calendar-days', 'Bookings'], ['flame', 'Kiln schedule'], ['palette', 'Glazes'], ['package', 'Stock'], ['users', 'Members']] as $i => [$icon, $word]) {
            $menu[] = $this->group($word, [
                ...($i === 0 ? [$this->box('Entry', 16, 120, 208, 44, '#ffffff1f', 10)] : []),
                $this->icon('Icon', $icon, 32, 132 + $i * 52, 20, '#ffffff'),
                $this->text($word, 64, 131 + $i * 52, 150, 15, $i === 0 ? 600 : 400, '#ffffff'),
            ]);
        }

        return [
            ['fills' => [['kind' => 'noise', 'seed' => 26, 'scale' => 1.5, 'strength' => 0.6, 'opacity' => 0.1, 'blend' => 'multiply'], self::gradient(180, ['#38594a' => 0, '#26392f' => 1])]] + $this->box('Side', 0, 0, 240, 900, self::FERN),
            $this->text('Fernhollow', 32, 40, 180, 26, 600, '#ffffff', 'Spectral'),
            $this->group('Menu', $menu),
            $this->text('Bookings', 272, 44, 300, 36, 600, self::INK, 'Spectral', 1.15),
            $this->text('Thursday, 26 November: 7 people, 9 of 12 wheels taken', 272, 92, 500, 16, 400, self::SOFT),
            $this->button('New booking', 872, 52, 160, self::CLAY, self::ON, null, 44),
            $this->group('Table head', [
                $this->box('Head', 272, 216, 760, 52, self::HEAD, [14, 14, 0, 0]),
                $this->text('Time', 296, 232, 60, 13, 600, self::SOFT),
                $this->text('Who', 420, 232, 100, 13, 600, self::SOFT),
                $this->text('What', 650, 232, 100, 13, 600, self::SOFT),
                $this->text('State', 902, 232, 106, 13, 600, self::SOFT, align: 'center'),
            ]),
            $this->group('Filters', [
                $this->box('All', 272, 148, 76, 40, self::INK, 20), $this->text('All', 272, 158, 76, 14, 600, '#ffffff', align: 'center'),
                $this->box('Wheels', 360, 148, 104, 40, '#ffffff', 20, self::LINE), $this->text('Wheels', 360, 158, 104, 14, 500, self::INK, align: 'center'),
                $this->box('Evenings', 476, 148, 112, 40, '#ffffff', 20, self::LINE), $this->text('Evenings', 476, 158, 112, 14, 500, self::INK, align: 'center'),
            ]),
            $this->group('Bookings', $rows),
            $this->group('Selected', [
                ['effects' => [['colour' => '#5a3e2a29', 'offsetY' => 12, 'blur' => 32, 'spread' => -10]]] + $this->box('Panel', 1064, 148, 344, 540, '#ffffff', 18, self::LINE),
                $this->picture('Last piece', 'bowl', 1064, 148, 344, 200, [18, 18, 0, 0]),
                $this->text('Tilda Maybrook', 1088, 372, 296, 24, 600, self::INK, 'Spectral'),
                $this->text('Member since 2021. Last piece: a bowl in Harbour, waiting on shelf C.', 1088, 412, 290, 15, 400, self::SOFT),
                $this->box('Rule', 1088, 476, 296, 1, self::LINE),
                $this->text('Wheel 4, 18:00 to 20:00', 1088, 494, 296, 15, 600, self::INK),
                $this->text('Booked on the phone, paid 14.00', 1088, 518, 296, 14, 400, self::SOFT),
                $this->button('Check in', 1088, 612, 140, self::FERN, self::ON, null, 48),
                $this->group('Move', [$this->box('Button', 1244, 612, 140, 48, '#ffffff', 12, self::LINE), $this->text('Move', 1244, 625, 140, 15, 600, self::INK, align: 'center')]),
            ]),
        ];
    }

    /** @return list<LayerData> colours kept beside the screens */
    private function palette(): array
    {
        $loose = [$this->text('Studio colours', 1560, 1360, 220, 18, 600, '#1e2223', wrapped: false)];
        foreach ([self::CLAY, self::FERN, self::OCHRE, '#5b7f95', self::CREAM, self::INK] as $i => $colour) {
            $loose[] = $this->box(['Clay', 'Fern', 'Ochre', 'Harbour', 'Cream', 'Ink'][$i], 1560 + ($i % 3) * 96, 1400 + intdiv($i, 3) * 96, 84, 84, $colour, 42);
        }

        return $loose;
    }

    /** @return list<LayerData> */
    private function status(string $colour): array
    {
        return [
            $this->text('17:20', 28, 16, 60, 15, 600, $colour),
            $this->icon('Signal', 'signal', 300, 16, 18, $colour),
            $this->icon('Battery', 'battery-full', 334, 14, 22, $colour),
        ];
    }

    /** @return LayerData */
    private function back(string $colour): array
    {
        return ['cues' => [['id' => $this->id('c'), 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'return']]]]
            + $this->icon('Return', 'arrow-left', 20, 58, 44, $colour, 1.2);
    }

    /** @return list<LayerData> */
    private function row(string $title, string $text, string $icon, float $y, string $colour): array
    {
        return [$this->group($title, [
            ['effects' => [['colour' => '#5a3e2a24', 'offsetY' => 3, 'blur' => 12, 'spread' => -2]]] + $this->box('Card', 24, $y, 342, 64, '#ffffff', 16),
            $this->box('Mark', 36, $y + 10, 44, 44, $colour, 12),
            $this->icon('Icon', $icon, 47, $y + 21, 22, self::ON),
            $this->text($title, 94, $y + 11, 250, 16, 600, self::INK),
            $this->text($text, 94, $y + 35, 250, 13, 400, self::SOFT),
        ])];
    }

    /** @return list<LayerData> */
    private function tabs(string $current, float $y = 756): array
    {
        // What scrolls under it shines through; it throws its shadow only upwards.
        $out = [['effects' => [['colour' => '#5a3e2a2e', 'offsetY' => -2, 'blur' => 14, 'right' => false, 'bottom' => false, 'left' => false], ['kind' => 'backdrop', 'adjustment' => ['blur' => 14, 'saturate' => 1.4]]]] + $this->box('Tab bar', 0, $y, 390, 88, self::BAR), $this->box('Rule', 0, $y, 390, 1, self::LINE)];
        foreach ([['today', 'house', 'Today'], ['glazes', 'palette', 'Glazes'], ['kiln', 'flame', 'Kiln']] as $i => [$screen, $icon, $word]) {
            $colour = $screen === $current ? self::CLAY : self::SOFT;
            $tab = $this->held($this->group($word, [
                $this->box('Room', $i * 130, $y + 1, 130, 60, '#ffffff00'),
                $this->icon('Icon', $icon, $i * 130 + 53, $y + 10, 24, $colour),
                $this->text($word, $i * 130, $y + 37, 130, 12, $screen === $current ? 600 : 500, $colour, align: 'center'),
            ]), 130, 60);
            $out[] = ['pins' => ['bottom' => true, 'horizontal' => 'proportion'], 'cues' => $screen === $current ? [] : [$this->show($screen, 'left', 'dissolve')]] + $tab;
        }

        return $out;
    }

    /**
     * @param  array<string, mixed>|null  $cue
     * @return LayerData
     */
    private function button(string $words, float $x, float $y, float $width, string $ground, string $ink, ?array $cue, float $height = 56): array
    {
        return ['cues' => $cue === null ? [] : [$cue]] + $this->group($words, [
            // It stands out from the page as far as a press pushes it in.
            ['effects' => self::raised($ground === '#ffffff' ? '#00000040' : $ground.'59')] + $this->box('Button', $x, $y, $width, $height, $ground, 14),
            $this->text($words, $x, $y + $height / 2 - 12, $width, 17, 600, $ink, align: 'center'),
        ]);
    }

    /**
     * @param  array<string, float|int>  $stops  places by colour
     * @return array<string, mixed>
     */
    private static function gradient(float $angle, array $stops): array
    {
        return ['kind' => 'linear', 'angle' => $angle, 'space' => 'oklab', 'stops' => array_map(fn (string $colour, float $at): array => ['colour' => $colour, 'at' => $at], array_keys($stops), array_map(floatval(...), $stops))];
    }

    /** @return list<array<string, mixed>> light on the upper edge, shade on the lower one, and a shadow of the same colour below */
    private static function raised(string $shadow): array
    {
        return [['colour' => '#ffffff47', 'inner' => true, 'offsetY' => 1, 'blur' => 1], ['colour' => '#00000033', 'inner' => true, 'offsetY' => -2, 'blur' => 2], ['colour' => $shadow, 'offsetY' => 4, 'blur' => 10, 'spread' => -2]];
    }

    /** @return array<string, mixed> a cue that shows a screen on a tap */
    private function show(string $screen, string $direction, string $kind = 'push'): array
    {
        return ['id' => $this->id('c'), 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => $screen],
            'transition' => ['kind' => $kind, 'direction' => $direction, 'duration' => 320, 'delay' => 0, 'easing' => 'ease-out']];
    }

    /**
     * A group around layers that are given in the screen's coordinates.
     *
     * @param  non-empty-list<LayerData>  $children
     * @return LayerData
     */
    private function group(string $name, array $children): array
    {
        $x = min(array_map(fn (array $child): float => $child['x'], $children));
        $y = min(array_map(fn (array $child): float => $child['y'], $children));
        $right = max(array_map(fn (array $child): float => $child['x'] + $child['width'], $children));
        $bottom = max(array_map(fn (array $child): float => $child['y'] + $child['height'], $children));
        $moved = array_map(fn (array $child): array => ['x' => $child['x'] - $x, 'y' => $child['y'] - $y] + $child, $children);

        return ['id' => $this->id('g'), 'kind' => 'group', 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $right - $x, 'height' => $bottom - $y, 'children' => $moved];
    }

    /**
     * @param  float|list<float>  $radius
     * @return LayerData
     */
    private function box(string $name, float $x, float $y, float $width, float $height, string $colour, float|array $radius = 0, ?string $stroke = null, float $line = 1): array
    {
        return ['id' => $this->id('b'), 'kind' => 'box', 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, 'fills' => [['colour' => $colour]],
            'corners' => $this->corners($radius), 'strokes' => $stroke === null ? [] : [['colour' => $stroke, 'width' => $line]]];
    }

    /** @return LayerData a box without paint; its id is given beside it */
    private function plain(string $name, float $x, float $y, float $width, float $height): array
    {
        return ['kind' => 'box', 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height];
    }

    /** @return LayerData */
    private function ellipse(string $name, float $x, float $y, float $width, float $height, ?string $colour): array
    {
        return ['id' => $this->id('e'), 'kind' => 'ellipse', 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, 'fills' => $colour === null ? [] : [['colour' => $colour]]];
    }

    /** @return LayerData */
    private function text(string $words, float $x, float $y, float $width, float $size, int $weight, string $colour, string $family = 'Hanken Grotesk', float $lineHeight = 1.4, string $align = 'left', float $tracking = 0, bool $wrapped = true): array
    {
        return ['id' => $this->id('t'), 'kind' => 'text', 'name' => mb_strimwidth($words, 0, 32, '…'), 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $size * $lineHeight, 'words' => $words, 'wrapped' => $wrapped,
            'style' => ['family' => $family, 'weight' => $weight, 'size' => $size, 'lineHeight' => $lineHeight, 'letterSpacing' => $tracking, 'align' => $align], 'fills' => [['colour' => $colour]]];
    }

    /** @return LayerData */
    private function icon(string $name, string $icon, float $x, float $y, float $side, string $colour, float $line = 2): array
    {
        return ['id' => $this->id('i'), 'kind' => 'icon', 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $side, 'height' => $side, 'icon' => $icon, 'line' => $line, 'fills' => [['colour' => $colour]]];
    }

    /**
     * @param  float|list<float>  $radius
     * @return LayerData
     */
    private function picture(string $name, string $file, float $x, float $y, float $width, float $height, float|array $radius = 0): array
    {
        $bytes = (string) file_get_contents(__DIR__."/pictures/{$file}.png");
        $hash = hash('sha256', $bytes);
        $this->pictures[$hash] = $bytes;

        return ['id' => $this->id('p'), 'kind' => 'picture', 'name' => $name, 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, 'asset' => $hash, 'corners' => $this->corners($radius)];
    }

    /**
     * @param  float|list<float>  $radius
     * @return array<string, float>
     */
    private function corners(float|array $radius): array
    {
        return array_combine(['topLeft', 'topRight', 'bottomRight', 'bottomLeft'], is_array($radius) ? $radius : array_fill(0, 4, $radius));
    }

    private function id(string $letter): string
    {
        return $letter.str_pad((string) ++$this->count, 5, '0', STR_PAD_LEFT);
    }
}
