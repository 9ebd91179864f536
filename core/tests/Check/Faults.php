<?php

declare(strict_types=1);

namespace Kindred\Tests\Check;

/** Screens with faults, each beside what looks like one and is none. */
final class Faults
{
    /** Reading: words and icons against grounds, small words, cut words. */
    public static function reading(Planted $planted): Planted
    {
        $gradient = ['fills' => [['kind' => 'linear', 'angle' => 90, 'stops' => [['colour' => '#111111', 'at' => 0], ['colour' => '#dddddd', 'at' => 1]]]]];

        return $planted->screen('reading', [
            Planted::text('contrast: grey on white', 'Kiln is warm', 24, 24, colour: '#999999'),
            Planted::text('Large grey on white', 'Kiln is warm', 24, 60, size: 26, colour: '#8a8a8a'),
            Planted::text('Dark enough', 'Kiln is warm', 24, 110, colour: '#757575'),
            Planted::box('Card', 24, 140, 342, 60, '#17594f'),
            Planted::text('contrast: green on green', 'Opens at nine', 40, 158.8, 200, colour: '#3c8f7f'),
            Planted::text('White on green', 'Today', 260, 158.8, 90, colour: '#ffffff'),
            Planted::box('Fading', 24, 210, 342, 60, '', $gradient),
            Planted::text('contrast: white runs into the light', 'White words across all of a gradient', 40, 228.8, 320, colour: '#ffffff'),
            Planted::group('Veiled', 24, 280, 342, 40, [
                Planted::text('contrast: seen through', 'Half of it', 0, 8, 150, colour: '#444444'),
            ], ['opacity' => 0.5]),
            Planted::text('contrast: pale run', 'Open until nine', 200, 288, 160, more: ['runs' => [['from' => 5, 'to' => 10, 'colour' => '#bbbbbb']]]),
            Planted::icon('graphic-contrast: pale tick', 24, 330, colour: '#bbbbbb'),
            Planted::icon('Tick', 60, 330, colour: '#777777'),
            Planted::bars('graphic-contrast: visits', 210, 560, ['Guests' => '#17594f', 'Members' => '#e8c9a0', 'Both' => '#d5d9d0']),
            Planted::bars('Visits that are seen', 210, 660, ['Guests' => '#17594f', 'Members' => '#a94c31']),
            Planted::text('text-size: fine print', 'Glazes are sold by weight', 24, 370, size: 10),
            Planted::text('Small but read', 'Glazes are sold by weight', 24, 390, size: 12),
            Planted::text('cut-text: after two lines', 'Bring an apron and short nails, a towel, a notebook, and whatever you made last week', 24, 420, 160, more: ['maxLines' => 2]),
            Planted::text('All of its lines', 'Bring an apron', 200, 420, 160, more: ['maxLines' => 2]),
            Planted::text('cut-text: box is too low', 'Bring an apron and short nails, a towel, a notebook, and whatever you made last week', 24, 490, 160, more: ['fixed' => true, 'height' => 40]),
            Planted::text('cut-text: broken word', 'Wheelthrowing', 24, 640, 60),
            ['kind' => 'widget', 'name' => 'cut-text: no room for its label', 'widget' => 'button', 'label' => 'Book a wheel for Thursday', 'x' => 24, 'y' => 750, 'width' => 120, 'height' => 48],
            ['kind' => 'widget', 'name' => 'Room for its label', 'widget' => 'button', 'label' => 'Book', 'x' => 200, 'y' => 750, 'width' => 120, 'height' => 48],
            Planted::text('Broken where it may be', 'Wheel-throwing for all', 120, 640, 72),
            Planted::text('Heading', 'What there is in the studio', 24, 801, 342, 28),
        ]);
    }

    /** Targets, and what lies where. */
    public static function touching(Planted $planted): Planted
    {
        return $planted->screen('touching', [
            Planted::box('graphic-contrast: pale spot', 300, 60, 48, 48, '#dddddd', Planted::tap('reading')),
            Planted::box('Pale in a dark edge', 300, 120, 48, 48, '#eeeeee', Planted::tap('reading') + ['strokes' => [['colour' => '#555555', 'width' => 2]]]),
            Planted::box('Pale under words', 24, 700, 160, 48, '#eeeeee', Planted::tap('reading')),
            Planted::text('On it', 'Shelves', 40, 712),
            Planted::box('target-size: low', 24, 24, 120, 30, '#777777', Planted::tap('reading')),
            Planted::box('Large enough', 160, 24, 120, 44, '#777777', Planted::tap('reading')),
            Planted::group('Small in a large one', 24, 90, 200, 48, [
                Planted::box('Room', 0, 0, 200, 48, ''),
                Planted::box('Part', 8, 12, 24, 24, '#777777', Planted::tap('reading')),
            ], Planted::tap('reading')),
            Planted::box('target-size: dot one', 24, 160, 16, 48, '#777777', Planted::tap('reading')),
            Planted::box('target-spacing: dot two', 42, 160, 44, 48, '#777777', Planted::tap('reading')),
            Planted::box('One', 150, 160, 60, 48, '#777777', Planted::tap('reading')),
            Planted::box('target-spacing: over the other', 190, 180, 80, 48, '#777777', Planted::tap('reading')),
            Planted::text('Lower words', 'Which wheel do you want?', 24, 260),
            Planted::text('collision: upper words', 'The one by the window', 60, 268),
            Planted::text('First line', 'Which wheel do you want?', 24, 300),
            Planted::text('Next line', 'The one by the window', 24, 324),
            Planted::icon('Bell', 300, 300, 28),
            ['kind' => 'ellipse', 'name' => 'Badge', 'x' => 314, 'y' => 294, 'width' => 20, 'height' => 20, 'fills' => [['colour' => '#17594f']]],
            Planted::text('Number on a badge', '3', 314, 296, 20, 12, '#ffffff', ['style' => ['family' => 'Hanken Grotesk', 'weight' => 600, 'size' => 12, 'lineHeight' => 1.4, 'align' => 'center']]),
            ['kind' => 'stack', 'name' => 'Row', 'x' => 24, 'y' => 360, 'width' => 120, 'height' => 48, 'direction' => 'row', 'columnGap' => 8, 'sizing' => ['width' => 'length', 'height' => 'length'], 'children' => [
                Planted::box('First', 0, 0, 80, 40, '#dddddd', ['sizing' => ['shrink' => 0]]), Planted::box('leaves-container: second', 0, 0, 80, 40, '#cccccc', ['sizing' => ['shrink' => 0]]),
            ]],
            Planted::box('Chip', 24, 420, 100, 36, '#dddddd'),
            Planted::text('leaves-container: longer than its chip', 'Glaze firing today', 40, 426, 120, more: ['wrapped' => false]),
            Planted::box('Wide chip', 200, 420, 160, 36, '#dddddd'),
            Planted::text('In its chip', 'Glaze firing', 200, 426.8, 160, more: ['style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4, 'align' => 'center']]),
            Planted::text('off-screen: over the edge', 'Glaze library', 330, 480, 120, more: ['wrapped' => false]),
            Planted::box('off-screen: beside it', 420, 500, 60, 60),
            ['kind' => 'ellipse', 'name' => 'Glow that bleeds off', 'x' => -60, 'y' => 700, 'width' => 200, 'height' => 200, 'fills' => [['colour' => '#f3eadd']]],
            Planted::box('hidden-layer: nobody looks', 200, 520, 60, 60, more: ['hidden' => true]),
            Planted::box('hidden-layer: covered', 24, 520, 40, 40, '#dddddd'),
            Planted::box('Cover', 20, 516, 60, 60, '#cccccc'),
            Planted::box('empty-layer: paints nothing', 100, 520, 60, 60, ''),
            Planted::box('Spot', 100, 600, 60, 60, '', Planted::tap('reading') + ['name' => 'Open the reading']),
            Planted::text('empty-layer: no words', ' ', 200, 600),
            Planted::box('Original', 24, 600, 60, 60, '#dddddd'),
            Planted::box('duplicate-layer: pasted once more', 24, 600, 60, 60, '#dddddd'),
            Planted::box('tap-name: ', 200, 640, 60, 60, '#777777', ['name' => 'Box 3'] + Planted::tap('reading')),
        ]);
    }

    /** What is nearly right. */
    public static function nearly(Planted $planted): Planted
    {
        return $planted->screen('nearly', [
            Planted::group('Column', 24, 24, 120, 250, [
                Planted::box('A', 0, 0, 120, 40), Planted::box('B', 0, 50, 120, 40), Planted::box('C', 0, 100, 120, 40),
                Planted::box('alignment: two to the right', 2, 170, 90, 30), Planted::box('Indented', 12, 220, 83, 30),
            ]),
            Planted::group('Switch in a room', 330, 24, 60, 100, [
                Planted::box('Room', 0, 0, 52, 60), Planted::box('Track', 0, 14, 52, 32, '#3f5d4a'), Planted::box('Knob, 3 px inside', 3, 17, 26, 26, '#ffffff'),
            ]),
            Planted::group('Even column', 200, 24, 120, 190, [
                Planted::box('A', 0, 0, 120, 40), Planted::box('B', 0, 48, 120, 40), Planted::box('C', 0, 96, 120, 40), Planted::box('uneven-gap: two too low', 0, 146, 120, 40),
            ]),
            Planted::group('Uneven row', 24, 640, 300, 40, [
                Planted::box('A', 0, 0, 60, 40), Planted::box('B', 70, 0, 60, 40), Planted::box('uneven-gap: one too far', 141, 0, 60, 40), Planted::box('D', 211, 0, 60, 40),
            ]),
            Planted::group('Two groups of a column', 200, 230, 120, 200, [
                Planted::box('A', 0, 0, 120, 40), Planted::box('B', 0, 48, 120, 40), Planted::box('C', 0, 112, 120, 40), Planted::box('D', 0, 160, 120, 40),
            ]),
            Planted::group('Button', 24, 300, 140, 48, [
                Planted::box('Ground', 0, 0, 140, 48, '#17594f'),
                Planted::text('off-centre: two to the left', 'Book', -2, 12.8, 140, 16, '#ffffff', ['style' => ['family' => 'Hanken Grotesk', 'weight' => 600, 'size' => 16, 'lineHeight' => 1.4, 'align' => 'center']]),
            ]),
            Planted::group('Label at the left', 24, 360, 140, 48, [
                Planted::box('Ground', 0, 0, 140, 48, '#17594f'), Planted::text('Words at the left', 'Book', 16, 12.8, 100, 16, '#ffffff'),
            ]),
            Planted::box('Card', 24, 430, 160, 100, '#eeeeee', ['corners' => ['topLeft' => 24, 'topRight' => 24, 'bottomRight' => 24, 'bottomLeft' => 24]]),
            Planted::box('corners: inner', 32, 438, 144, 84, '#dddddd', ['corners' => ['topLeft' => 13, 'topRight' => 13, 'bottomRight' => 13, 'bottomLeft' => 13]]),
            Planted::box('Other card', 200, 450, 160, 100, '#eeeeee', ['corners' => ['topLeft' => 24, 'topRight' => 24, 'bottomRight' => 24, 'bottomLeft' => 24]]),
            Planted::box('Parallel', 208, 458, 144, 84, '#dddddd', ['corners' => ['topLeft' => 16, 'topRight' => 16, 'bottomRight' => 16, 'bottomLeft' => 16]]),
            Planted::group('Tiles', 24, 560, 342, 60, [
                Planted::box('A', 0, 0, 60, 60), Planted::box('B', 80, 0, 60, 60), Planted::box('near-size: C', 160, 0, 62, 60), Planted::box('Another thing', 260, 0, 80, 60),
            ]),
        ]);
    }

    /** @return list<array<string, mixed>> what lies on each of the sisters, but for what is said otherwise of it */
    public static function sister(array $bar = [], array $title = [], array $tabs = []): array
    {
        $order = $tabs['order'] ?? ['Today', 'Glazes', 'Kiln'];

        return [
            $bar + Planted::box('Bar', 0, 0, 390, 64, '#f3eadd'),
            $title + Planted::text('Title', 'Studio', 24, 20, 200),
            Planted::group($tabs['name'] ?? 'Tabs', 0, 780, 390, 64, array_map(fn (string $name, int $i): array => Planted::group($name, $i * 130, 0, 130, 64, [
                Planted::box("{$name} room", 0, 0, 130, 64, '#f3eadd'), Planted::text("{$name} word", $name, 40, 20, 80),
            ]), $order, array_keys($order))),
        ];
    }

    public static function sisters(Planted $planted): Planted
    {
        return $planted
            ->screen('first', self::sister(['id' => 'bar1'], ['id' => 'title1']))
            ->screen('second', self::sister(['lineage' => 'bar1'], ['lineage' => 'title1']))
            ->screen('third', self::sister(['lineage' => 'bar1', 'name' => 'painted: bar', 'fills' => [['colour' => '#f3eae0']]], ['lineage' => 'title1', 'name' => 'moved: title', 'x' => 27]))
            ->screen('fourth', self::sister(['lineage' => 'bar1', 'name' => 'sized: bar', 'height' => 62], ['lineage' => 'title1'], ['order' => ['Glazes', 'Today', 'Kiln']]))
            ->screen('fifth', [
                Planted::box('To the library', 24, 24, 200, 60, '#eeeeee'),
                Planted::group('Into', 24, 120, 342, 48, [Planted::box('Ground', 0, 0, 342, 48, '#eeeeee'), Planted::text('Opens', 'Sign in', 16, 12, 300)], Planted::tap('first')),
                Planted::group('Back', 24, 200, 342, 48, [Planted::box('Ground', 0, 0, 342, 48, '#eeeeee'), Planted::text('Goes back', 'Back', 16, 12, 300)], Planted::tap()),
            ])
            ->screen('sixth', [
                Planted::group('Into', 24, 120, 342, 48, [Planted::box('Ground', 0, 0, 342, 48, '#eeeeee'), Planted::text('wording: other hyphen', 'Sign-In', 16, 12, 300)], Planted::tap('first')),
                Planted::group('Back', 24, 200, 342, 48, [Planted::box('Ground', 0, 0, 342, 48, '#eeeeee'), Planted::text('Goes back', 'Back', 16, 12, 300)], Planted::tap()),
            ])
            ->screen('seven', [
                Planted::group('Return', 24, 260, 342, 48, [Planted::box('Ground', 0, 0, 342, 48, '#eeeeee'), Planted::text('wording: other word', 'Return', 16, 12, 300)], Planted::tap()),
                Planted::group('Elsewhere', 24, 330, 342, 48, [Planted::box('Ground', 0, 0, 342, 48, '#eeeeee'), Planted::text('Leads elsewhere', 'Log in', 16, 12, 300)], Planted::tap('second')),
            ]);
    }

    /** A plan that asks for what is not there, and for what is. */
    public static function planned(Planted $planted): Planted
    {
        return $planted->with(['brief' => [
            ['id' => 'plan1', 'part' => 'plan', 'title' => 'Shelf', 'screen' => 'shelf', 'conditions' => ['empty', 'error']],
        ]])->screen('shelf', [], ['name' => 'missing-condition: shelf'])->screen('bare', [], ['name' => 'Nothing on the shelf', 'condition' => 'empty', 'conditionOf' => 'shelf']);
    }

    /** What is meant to be met first, and what is. */
    public static function met(Planted $planted): Planted
    {
        return $planted->screen('metfirst', [
            Planted::text('Heading', 'Open evening on Thursday', 24, 40, 342, 30, '#222222', ['id' => 'heading', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 700, 'size' => 30, 'lineHeight' => 1.2]]),
            Planted::text('Time', 'From six to nine', 24, 130, 342, 20, '#333333', ['id' => 'hours1']),
            ['kind' => 'ellipse', 'name' => 'reading-order: shouts', 'x' => 230, 'y' => 200, 'width' => 120, 'height' => 120, 'fills' => [['colour' => '#e0241b']]],
            Planted::text('reading-order: lost', 'Come in by the yard', 24, 400, 200, 12, '#767676', ['id' => 'lost1']),
            Planted::text('Nobody has to see it', 'Clay is washed off at the door', 24, 440, 240, 12, '#767676'),
        ], ['reading' => ['heading', 'hours1', 'gone1', 'lost1']]);
    }

    /** Headings, of which one cannot be told from what stands below it. */
    public static function headed(Planted $planted): Planted
    {
        $rows = fn (): array => array_map(fn (int $i): array => Planted::text("Row {$i}", 'Clay is washed off at the door', 24, 360 + 40 * $i, 240, 14), range(0, 5));
        $light = ['style' => ['family' => 'Hanken Grotesk', 'weight' => 300, 'size' => 24, 'lineHeight' => 1.2]];

        return $planted
            ->screen('headlost', [Planted::text('reading-order: pale heading', 'Kiln', 24, 40, 342, 24, '#949494', $light), ['kind' => 'ellipse', 'name' => 'Sun', 'x' => 60, 'y' => 90, 'width' => 260, 'height' => 240, 'fills' => [['colour' => '#e0241b']]], ...$rows()])
            ->screen('headseen', [Planted::text('Heading', 'Open evening on Thursday', 24, 40, 342, 28, '#222222'), Planted::box('Picture', 24, 110, 342, 200, '#d9a441'), ...$rows()]);
    }

    /** What a convention settles: bars, margins, and where what returns stands. */
    public static function settled(Planted $planted): Planted
    {
        $limits = ['top-bar-height' => 56, 'foot-bar-height' => 64, 'margin' => 16, 'back-place' => 96];

        return $planted->with(['rules' => array_map(fn (string $rule, int $limit): array => ['id' => "rule{$limit}", 'rule' => $rule, 'limit' => $limit], array_keys($limits), $limits)])->screen('settled', [
            Planted::box('top-bar-height: low', 0, 0, 390, 50, '#eeeeee'),
            Planted::text('Words off the edge', 'Kiln', 16, 100, 200),
            Planted::text('margin: close to the edge', 'Kiln', 10, 140, 200),
            Planted::box('back-place: at the foot', 24, 600, 120, 48, '#777777', Planted::tap()),
            Planted::box('foot-bar-height: high', 0, 774, 390, 70, '#eeeeee'),
        ])->screen('settledtoo', [
            Planted::box('Bar', 0, 0, 390, 56, '#eeeeee'), Planted::box('Return here', 24, 64, 48, 48, '#777777', Planted::tap()), Planted::box('Foot', 0, 780, 390, 64, '#eeeeee'),
        ]);
    }

    /** All of them in one project. */
    public static function all(): Planted
    {
        return self::headed(self::met(self::planned(self::houseStyle(self::sisters(self::nearly(self::touching(self::reading(new Planted))))))));
    }

    public static function houseStyle(Planted $planted): Planted
    {
        return $planted->with(['tokens' => [
            ['id' => 'clay', 'name' => 'colour.clay', 'kind' => 'color', 'value' => '#b4472e'],
            ['id' => 'oncl', 'name' => 'colour.on', 'kind' => 'color', 'value' => '#fff8f0'],
            ['id' => 'round', 'name' => 'radius.card', 'kind' => 'dimension', 'value' => 14],
            ['id' => 'spacem', 'name' => 'space.m', 'kind' => 'dimension', 'value' => 16],
        ]])->screen('house', [
            Planted::box('Follows', 24, 24, 100, 60, '', ['fills' => [['colour' => '#b4472e', 'bound' => ['paint' => 'clay']]]]),
            Planted::box('raw-value: clay', 150, 24, 80, 60, '#b4472e'),
            Planted::box('Other ground', 24, 110, 342, 60, '#17594f'),
            Planted::text('Words that follow', 'Follow', 40, 128, 100, 16, '#fff8f0', ['fills' => [['colour' => '#fff8f0', 'bound' => ['paint' => 'oncl']]]]),
            Planted::box('Same as words by chance', 24, 200, 342, 60, '#fff8f0'),
            ['kind' => 'stack', 'name' => 'off-scale: nearly the middle step', 'x' => 24, 'y' => 400, 'width' => 300, 'height' => 40, 'direction' => 'row', 'columnGap' => 15, 'sizing' => ['width' => 'length', 'height' => 'length'], 'children' => [Planted::box('A', 0, 0, 60, 40), Planted::box('B', 0, 0, 60, 40)]],
            ['kind' => 'stack', 'name' => 'A gap of its own', 'x' => 24, 'y' => 460, 'width' => 300, 'height' => 40, 'direction' => 'row', 'columnGap' => 4, 'sizing' => ['width' => 'length', 'height' => 'length'], 'children' => [Planted::box('A', 0, 0, 60, 40), Planted::box('B', 0, 0, 60, 40)]],
            Planted::box('raw-value: rounded', 24, 290, 200, 80, '#dddddd', ['corners' => ['topLeft' => 14, 'topRight' => 14, 'bottomRight' => 14, 'bottomLeft' => 14]]),
        ]);
    }
}
