<?php

declare(strict_types=1);

namespace Kindred\Tests\Check;

/** Faults in the ways between screens, beside what looks like one and is none. */
final class FlowFaults
{
    /** @var int of the next thing that can be pressed, by screen */
    private static int $count = 0;

    public static function all(): Planted
    {
        self::$count = 0;
        $start = array_map(fn (string $to, int $i): array => self::box("Go to {$to}", $i, [self::tap([self::show($to)])]), $to = ['hall', 'cellar', 'attic', 'wrong', 'itemlist', 'covered', 'clash', 'tick', 'slides', 'shelf', 'asked', 'tabseach', 'tabstwice', 'tabsgone', 'reached', 'second'], array_keys($to));
        $planted = (new Planted)->flowing()->screen('start', [...$start, self::box('Open the notice', 16, [self::tap([self::over('notice')])]), self::box('Open the menu', 17, [self::tap([self::over('menu')])]), self::box('Open the poster', 18, [self::tap([self::over('poster')])]), ...array_map(fn (string $to, int $i): array => self::box("Open the {$to}", $i, [self::tap([self::over($to)])]), $over = ['curtain', 'sheetdown', 'floating'], array_map(fn (int $i): int => 19 + $i, array_keys($over)))]);

        // Nothing leads there; or only from where nothing leads.
        $planted = $planted->screen('island', [self::box('From the island', 0, [self::tap([self::show('start')])]), self::box('Farther', 1, [self::tap([self::show('islet')])])], ['name' => 'unreached: island'])
            ->screen('islet', [self::box('Back', 0, [self::tap([self::back()])])], ['name' => 'unreached: islet'])
            // Of another device it is the first, and people begin there.
            ->screen('panel', [self::box('On', 0, [self::tap([self::show('panelon')])])], ['device' => 'tablet', 'width' => 820, 'height' => 1180, 'view' => 1180])
            ->screen('panelon', [self::box('Off', 0, [self::tap([self::back()])])], ['device' => 'tablet', 'width' => 820, 'height' => 1180, 'view' => 1180])
            // Where nothing is linked, nothing is said.
            ->screen('desk', [], ['device' => 'desktop', 'width' => 1440, 'height' => 900, 'view' => 900])->screen('desktwo', [], ['device' => 'desktop', 'width' => 1440, 'height' => 900, 'view' => 900]);

        $planted = $planted->screen('hall', [], ['name' => 'dead-end: hall'])
            ->screen('poster', [], ['height' => 600, 'view' => 600])
            ->screen('cellar', [self::box('Down', 0, [self::tap([self::show('deeper')])])], ['name' => 'no-way-back: cellar'])
            ->screen('deeper', [self::box('Round', 0, [self::tap([self::show('cellar', 'right')])])])
            ->screen('attic', [self::box('Up', 0, [self::tap([self::show('roof')])])])
            ->screen('roof', [], ['cues' => [self::cue(['kind' => 'swipe', 'direction' => 'right'], [['kind' => 'return', 'first' => true]])]]);

        $planted = $planted->screen('wrong', [
            self::box('wrong-way: back', 0, [self::tap([self::back('left')])]), self::box('Right way', 1, [self::tap([self::back('right')])]), self::box('As it came', 2, [self::tap([self::back()])]), self::box('Home', 3, [self::tap([['kind' => 'return', 'first' => true, 'transition' => self::push('up')]])]),
        ])
            ->screen('itemlist', [self::box('To the detail', 0, [self::tap([self::show('detail')])]), self::box('To the other', 1, [self::tap([self::show('other')])]), self::box('Leave', 2, [self::tap([self::back()])])])
            ->screen('detail', [self::box('wrong-way: to the list', 0, [self::tap([self::show('itemlist')])])])
            ->screen('other', [self::box('To the list', 0, [self::tap([self::show('itemlist', 'right')])])]);

        $planted = $planted->screen('notice', [], ['name' => 'stuck-overlay: notice', 'height' => 300, 'view' => 300, 'over' => ['place' => 'bottom', 'scrim' => '#00000066', 'outside' => false]])
            // All that lies below is covered: there is nothing beside it to tap.
            ->screen('curtain', [], ['name' => 'stuck-overlay: curtain', 'height' => 300, 'view' => 300, 'over' => ['place' => 'bottom', 'scrim' => '#00000066', 'outside' => true, 'width' => 'whole', 'height' => 'whole']])
            ->screen('sheetdown', [], ['height' => 300, 'view' => 300, 'over' => ['place' => 'bottom', 'scrim' => '#00000066', 'outside' => true, 'dragged' => true, 'width' => 'whole', 'height' => 'whole']])
            ->screen('floating', [], ['height' => 300, 'view' => 300, 'over' => ['place' => 'bottom', 'scrim' => '#00000066', 'outside' => true, 'width' => 'whole', 'height' => 'whole', 'margin' => 16]])
            ->screen('menu', [self::box('Close', 0, [self::tap([['kind' => 'take-off']])])], ['height' => 300, 'view' => 300, 'over' => ['place' => 'bottom', 'scrim' => '#00000066', 'outside' => false]]);

        $planted = $planted->screen('covered', [
            self::box('covered-cue: under', 0, [self::tap([self::back()])], ['x' => 40, 'width' => 100]), self::box('Above', 0, [self::tap([self::back()])], ['fills' => []]),
            // Half of it can be pressed.
            self::box('Half under', 2, [self::tap([self::back()])], ['width' => 240]), self::box('Half above', 2, [self::tap([self::back()])], ['fills' => []]),
            // What lies in it is a part of it.
            Planted::group('Card', 24, 400, 200, 48, [self::box('Part', 0, [self::tap([self::back()])], ['x' => 0, 'y' => 0, 'width' => 200])], ['cues' => [self::tap([self::back()])]]),
        ])
            ->screen('clash', [
                self::box('conflicting-cues: twice', 0, [self::tap([self::back()]), self::tap([self::show('start', 'right')])]),
                self::box('conflicting-cues: drag', 1, [self::cue(['kind' => 'drag', 'direction' => 'left', 'distance' => 100], [self::back()]), self::cue(['kind' => 'swipe', 'direction' => 'left'], [self::show('start', 'right')])]),
                self::box('By turns', 2, [self::cue(['kind' => 'tap'], [self::back()], [['kind' => 'fields']]), self::tap([self::show('start', 'right')])]),
                self::box('Both ways', 3, [self::cue(['kind' => 'drag', 'direction' => 'left', 'distance' => 100], [self::back()]), self::cue(['kind' => 'swipe', 'direction' => 'right'], [self::show('start', 'right')])]),
            ]);

        $widget = fn (string $kind, string $label, int $row, array $more): array => ['kind' => 'widget', 'widget' => $kind, 'name' => $label, 'label' => $label, 'x' => 24, 'y' => 24 + 80 * $row, 'width' => 342, 'height' => 48] + $more;
        $when = fn (string $name, int $row, array ...$conditions): array => self::box($name, $row, [self::cue(['kind' => 'tap'], [self::back()], array_map(fn (array $one): array => ['kind' => 'signal'] + $one, array_values($conditions)))], ['x' => 24 + 176 * ($row % 2), 'y' => 420 + 56 * intdiv($row, 2), 'width' => 160]);
        // Each entry of a bar has cues of its own, and those of one can keep each other from happening as well.
        $tabs = fn (string $name, string ...$entries): array => ['kind' => 'widget', 'widget' => 'bottom-bar', 'name' => $name, 'x' => 0, 'y' => 760, 'width' => 390, 'height' => 84, 'items' => [['label' => 'Kiln', 'on' => true], ['label' => 'Glazes'], ['label' => 'Shop']],
            'cues' => array_map(fn (string $entry): array => self::tap([self::show('start', 'right')]) + ['entry' => $entry], array_values($entries))];
        foreach (['each' => $tabs('Each its own', 'Kiln', 'Glazes', 'Shop'), 'twice' => $tabs('conflicting-cues: one entry', 'Glazes', 'Shop', 'Glazes'), 'gone' => $tabs('covered-cue: an entry that is gone', 'Kiln', 'Prices')] as $id => $bar) {
            $planted = $planted->screen("tabs{$id}", [$bar]);
        }
        $planted = $planted->screen('asked', [
            $widget('stepper', 'Pieces', 0, ['value' => 2, 'min' => 0, 'max' => 10, 'step' => 1]), $widget('segmented-choice', 'Shelf', 2, ['items' => [['label' => 'Top', 'on' => true], ['label' => 'Low']]]),
            $when('impossible-condition: gone', 0, ['signal' => 'glaze', 'value' => 'Moss']), $when('impossible-condition: far', 1, ['signal' => 'pieces', 'compare' => 'over', 'value' => '10']), $when('impossible-condition: label', 2, ['signal' => 'shelf', 'value' => 'Middle']),
            $when('impossible-condition: both', 3, ['signal' => 'shelf', 'value' => 'Top'], ['signal' => 'shelf', 'value' => 'Low']), $when('Either', 4, ['signal' => 'shelf', 'value' => 'Top'], ['signal' => 'shelf', 'value' => 'Low', 'or' => true]),
            $when('Just so', 5, ['signal' => 'pieces', 'compare' => 'at-least', 'value' => '10']), $when('Some day', 6, ['signal' => 'today', 'compare' => 'over', 'value' => '2026-01-01']), $when('Not that', 7, ['signal' => 'shelf', 'compare' => 'is-not', 'value' => 'Middle']),
        ]);

        // A value that nothing gives is never reached.
        $planted = $planted->screen('reached', [self::box('Off again', 0, [self::tap([self::back()])])], ['name' => 'impossible-condition: reached', 'cues' => [self::cue(['kind' => 'signal', 'reaches' => ['signal' => 'glaze', 'value' => 'Moss']], [self::show('start', 'right')])]]);

        $planted = self::more($planted);

        return $planted->screen('tick', [], ['name' => 'loop: tick', 'cues' => [self::cue(['kind' => 'open'], [self::show('tock')])]])
            ->screen('tock', [self::box('Stop', 0, [self::tap([self::show('start', 'right')])])], ['cues' => [self::cue(['kind' => 'delay', 'delay' => 0], [self::show('tick', 'right')])]])
            ->screen('slides', [self::box('Stop the slides', 0, [self::tap([self::back()])])], ['cues' => [self::cue(['kind' => 'delay', 'delay' => 3000], [self::show('slidestwo')])]])
            ->screen('slidestwo', [self::box('Stop them', 0, [self::tap([self::back()])])], ['cues' => [self::cue(['kind' => 'delay', 'delay' => 3000], [self::show('slides', 'right')])]])
            ->screen('shelf', [self::box('Leave the shelf', 0, [self::tap([self::back()])]), self::box('Empty it', 1, [self::tap([self::show('shelfempty')])])])
            ->screen('shelfempty', [self::box('Leave it', 0, [self::tap([self::back()])])], ['name' => 'Shelf empty', 'condition' => 'empty', 'conditionOf' => 'shelf'])
            ->screen('shelfwrong', [self::box('Leave it so', 0, [self::tap([self::back()])])], ['name' => 'no-way-in: shelf error', 'condition' => 'error', 'conditionOf' => 'shelf']);
    }

    /** The same faults in other shapes: other triggers, further actions, in otherwise branches, in groups, on screens as a whole. */
    private static function more(Planted $planted): Planted
    {
        $to = ['dead', 'deadkey', 'deadvalue', 'deadset', 'noway', 'wrongkey', 'wrongnamed', 'wrongnext', 'undergroup', 'undericon', 'undertext', 'clashkey', 'clashhold', 'clashtwice', 'clashscreen', 'clashother', 'askedmore', 'states', 'setting', 'showing', 'loopthree', 'looplater', 'ghosts'];
        $over = ['stuckcard', 'stuckside', 'stuckkey', 'stucktwo'];
        $planted = $planted->screen('second', [
            ...array_map(fn (string $id, int $i): array => self::box("On to {$id}", $i, [self::tap([self::show($id)])]), $to, array_keys($to)),
            ...array_map(fn (string $id, int $i): array => Planted::box("Over with {$id}", 24 + 90 * $i, 780, 80, 48, '#555555', ['cues' => [self::tap([self::over($id)])]]), $over, array_keys($over)),
            Planted::box('Back from the second', 200, 700, 160, 48, '#555555', ['cues' => [self::tap([self::back()])]]),
        ]);

        // Nothing leads there: only what is hidden does, what waits for what can never be, or what returns.
        foreach (['lost', 'stray', 'cellarshelf', 'sideroom', 'backyard'] as $id) {
            $planted = $planted->screen($id, [self::box("Out of {$id}", 0, [self::tap([self::show('start', 'right')])])], ['name' => "unreached: {$id}"]);
        }
        $planted = $planted->screen('ghosts', [self::box('hidden-layer: the only way', 0, [self::tap([self::show('lost')])], ['hidden' => true]), self::box('Out of ghosts', 1, [self::tap([self::back()])])]);

        // From here nothing leads on, whatever is set, said or pressed.
        $planted = $planted->screen('dead', [Planted::text('Words alone', 'Nothing here can be pressed', 24, 40, 300)], ['name' => 'dead-end: words'])
            ->screen('deadkey', [], ['name' => 'dead-end: an address', 'cues' => [self::cue(['kind' => 'key', 'key' => 'A'], [['kind' => 'address', 'address' => 'https://fernhollow.example']])]])
            ->screen('deadvalue', [self::box('Scrolls', 0, [self::tap([['kind' => 'scroll', 'layer' => 'none']])])], ['name' => 'dead-end: scrolls']);
        $planted = $planted->screen('deadset', [self::box('Sets', 0, [self::tap([['kind' => 'value', 'signal' => 'pieces', 'how' => 'by', 'value' => '1']])])], ['name' => 'dead-end: sets']);

        // One can go on, and never come back to where one began.
        $planted = $planted->screen('noway', [self::box('Further in', 0, [self::tap([self::show('nowaytwo')])])], ['name' => 'no-way-back: three'])
            ->screen('nowaytwo', [self::box('Still further', 0, [self::tap([self::show('nowaythree')])])])
            ->screen('nowaythree', [self::box('Round again', 0, [self::tap([self::show('noway', 'right')])])]);

        // What returns moves on as going does.
        $planted = $planted->screen('wrongkey', [self::box('Leave by a tap', 0, [self::tap([self::back()])])], ['name' => 'wrong-way: by a key', 'cues' => [self::cue(['kind' => 'key', 'key' => 'B'], [self::back('left')])]])
            ->screen('wrongnamed', [self::box('wrong-way: to the second', 0, [self::tap([['kind' => 'return', 'to' => 'second', 'transition' => self::push('left')]])])])
            ->screen('wrongnext', [self::box('wrong-way: after a value', 0, [self::tap([['kind' => 'value', 'signal' => 'pieces', 'how' => 'to', 'value' => '3'], self::back('left')])])]);

        // What lies over cannot be taken off.
        $stuck = fn (string $place): array => ['height' => 300, 'view' => 300, 'over' => ['place' => $place, 'scrim' => '#00000066', 'outside' => false]];
        $planted = $planted->screen('stuckcard', [self::box('Only looks so', 0, [])], ['name' => 'stuck-overlay: card'] + $stuck('middle'))
            ->screen('stuckside', [self::box('Sets the pieces', 0, [self::tap([['kind' => 'value', 'signal' => 'pieces', 'how' => 'to', 'value' => '1']])])], ['name' => 'stuck-overlay: side'] + $stuck('right'))
            ->screen('stuckkey', [], ['name' => 'stuck-overlay: by itself', 'cues' => [self::cue(['kind' => 'open'], [['kind' => 'value', 'signal' => 'pieces', 'how' => 'to', 'value' => '2']])]] + $stuck('top'))
            ->screen('stucktwo', [self::box('Opens the other', 0, [self::tap([['kind' => 'address', 'address' => 'https://fernhollow.example']])])], ['name' => 'stuck-overlay: leads out'] + $stuck('top-left'));

        // What has a cue lies under something else that answers.
        $above = fn (array $more): array => self::box('On top', 1, [self::tap([self::back()])], ['fills' => []] + $more);
        $planted = $planted->screen('undergroup', [Planted::group('covered-cue: group', 24, 80, 160, 48, [Planted::box('Inside', 0, 0, 160, 48, '#555555')], ['cues' => [self::tap([self::back()])]]), $above([])])
            ->screen('undericon', [self::box('covered-cue: held', 1, [self::cue(['kind' => 'long-press', 'press' => 500], [self::back()])]), $above([])])
            ->screen('undertext', [self::box('covered-cue: twice', 1, [self::cue(['kind' => 'double-tap'], [self::back()])]), $above([])]);

        // Of two that wait for the same only one happens.
        $planted = $planted->screen('clashkey', [self::box('Leave the keys', 0, [self::tap([self::back()])])], ['name' => 'conflicting-cues: keys', 'cues' => [self::cue(['kind' => 'key', 'key' => 'K'], [self::back()]), self::cue(['kind' => 'key', 'key' => 'K'], [self::show('start', 'right')])]])
            ->screen('clashhold', [self::box('conflicting-cues: held', 0, [self::cue(['kind' => 'long-press', 'press' => 400], [self::back()]), self::cue(['kind' => 'long-press', 'press' => 400], [self::show('start', 'right')])])])
            ->screen('clashtwice', [self::box('conflicting-cues: double', 0, [self::cue(['kind' => 'double-tap'], [self::back()]), self::cue(['kind' => 'double-tap'], [self::show('start', 'right')])])])
            ->screen('clashscreen', [self::box('Leave the swipes', 0, [self::tap([self::back()])])], ['name' => 'conflicting-cues: swipes', 'cues' => [self::cue(['kind' => 'swipe', 'direction' => 'up'], [self::back()]), self::cue(['kind' => 'swipe', 'direction' => 'up'], [self::show('start', 'down')])]])
            ->screen('clashother', [self::box('conflicting-cues: swiped', 0, [self::cue(['kind' => 'swipe', 'direction' => 'left'], [self::back()]), self::cue(['kind' => 'swipe', 'direction' => 'left'], [self::show('start', 'right')])]), self::box('Apart', 1, [self::cue(['kind' => 'swipe', 'direction' => 'left'], [self::back()]), self::cue(['kind' => 'swipe', 'direction' => 'down'], [self::show('start', 'right')])])]);

        $widget = fn (string $kind, string $label, int $row, array $more): array => ['kind' => 'widget', 'widget' => $kind, 'name' => $label, 'label' => $label, 'x' => 24, 'y' => 24 + 80 * $row, 'width' => 342, 'height' => 48] + $more;
        $when = fn (string $name, int $row, array ...$conditions): array => self::box($name, $row, [self::cue(['kind' => 'tap'], [self::back()], array_map(fn (array $one): array => ['kind' => 'signal'] + $one, array_values($conditions)))], ['x' => 24 + 176 * ($row % 2), 'y' => 340 + 56 * intdiv($row, 2), 'width' => 160]);
        $planted = $planted->screen('askedmore', [
            $widget('slider', 'Heat', 0, ['value' => 600, 'min' => 0, 'max' => 1300, 'step' => 10]), $widget('switch', 'Lit', 1, ['on' => false]),
            $when('impossible-condition: too low', 0, ['signal' => 'heat', 'compare' => 'under', 'value' => '0']), $when('impossible-condition: too far', 1, ['signal' => 'heat', 'compare' => 'at-least', 'value' => '1400']),
            $when('impossible-condition: neither', 2, ['signal' => 'lit', 'value' => 'perhaps']), $when('impossible-condition: between', 3, ['signal' => 'heat', 'compare' => 'over', 'value' => '900'], ['signal' => 'heat', 'compare' => 'under', 'value' => '800']),
            $when('impossible-condition: on and off', 4, ['signal' => 'lit', 'value' => 'on'], ['signal' => 'lit', 'value' => 'off']), $when('In between', 5, ['signal' => 'heat', 'compare' => 'over', 'value' => '800'], ['signal' => 'heat', 'compare' => 'under', 'value' => '900']),
            self::box('Leave what is asked', 0, [self::tap([self::back()])], ['y' => 700]),
        ]);
        $planted = $planted->screen('states', [self::box('impossible-condition: no such state', 0, [self::cue(['kind' => 'tap'], [self::back()], [['kind' => 'state', 'axis' => 'none', 'state' => 'none', 'instance' => 'nothere']])]), self::box('Leave the states', 1, [self::tap([self::back()])])]);

        // Values that nothing holds.
        $planted = $planted->screen('setting', [
            self::box('never-set: sets what is gone', 0, [self::tap([['kind' => 'value', 'signal' => 'moisture', 'how' => 'to', 'value' => '3'], self::back()])]),
            self::box('never-set: nothing chosen', 1, [self::tap([['kind' => 'value', 'signal' => '', 'how' => 'to', 'value' => ''], self::back()])]),
            self::box('Sets what is there', 2, [self::tap([['kind' => 'value', 'signal' => 'heat', 'how' => 'by', 'value' => '10'], self::back()])]),
        ]);
        $planted = $planted->screen('showing', [
            Planted::text('never-set: shows what is gone', 'It is {moisture} wet', 24, 40, 300), Planted::text('never-set: in a formula', '{heat + draught as 0.0} degrees', 24, 80, 300),
            Planted::text('Shows what is there', '{heat} degrees on {today}', 24, 120, 300), Planted::text('No formula', 'A set {of three', 24, 160, 300),
            ['kind' => 'widget', 'widget' => 'list-row', 'name' => 'never-set: a row that shows what is gone', 'label' => 'It dries', 'text' => '{moisture} wet', 'x' => 0, 'y' => 200, 'width' => 390, 'height' => 72],
            ['kind' => 'widget', 'widget' => 'list-row', 'name' => 'A row that shows what is there', 'label' => 'It fires', 'text' => '{heat} degrees', 'x' => 0, 'y' => 280, 'width' => 390, 'height' => 72],
            self::box('Leave what is shown', 5, [self::tap([self::back()])]),
        ]);

        // Round and round, in more than two, and where one of them waits for nothing.
        $planted = $planted->screen('loopthree', [], ['name' => 'loop: three', 'cues' => [self::cue(['kind' => 'delay', 'delay' => 0], [self::show('looptwo')])]])
            ->screen('looptwo', [], ['cues' => [self::cue(['kind' => 'open'], [self::show('loopone')])]])
            ->screen('loopone', [self::box('Out of the loop', 0, [self::tap([self::show('start', 'right')])])], ['cues' => [self::cue(['kind' => 'open'], [self::show('loopthree', 'right')])]])
            ->screen('looplater', [self::box('Out of this one', 0, [self::tap([self::back()])])], ['name' => 'loop: itself', 'cues' => [self::cue(['kind' => 'open'], [self::show('looplater')])]]);

        // Versions of a screen that are never come to.
        foreach (['loading', 'filled', 'first-use'] as $condition) {
            $id = 'noin'.str_replace('-', '', $condition);
            $planted = $planted->screen($id, [self::box("Leave {$id}", 0, [self::tap([self::back()])])], ['name' => "no-way-in: {$condition}", 'condition' => $condition, 'conditionOf' => 'shelf']);
        }

        return $planted;
    }

    /**
     * @param  list<array<string, mixed>>  $cues
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>
     */
    private static function box(string $name, int $row, array $cues, array $more = []): array
    {
        return Planted::box($name, 24 + 176 * intdiv($row, 13), 24 + 56 * ($row % 13), 160, 48, '#555555', $more + ['cues' => $cues]);
    }

    /**
     * @param  list<array<string, mixed>>  $actions
     * @return array<string, mixed>
     */
    private static function tap(array $actions): array
    {
        return self::cue(['kind' => 'tap'], $actions);
    }

    /**
     * @param  array<string, mixed>  $trigger
     * @param  list<array<string, mixed>>  $actions
     * @param  list<array<string, mixed>>  $conditions
     * @return array<string, mixed>
     */
    private static function cue(array $trigger, array $actions, array $conditions = []): array
    {
        return ['id' => 'flow'.++self::$count, 'trigger' => $trigger, 'conditions' => $conditions, 'actions' => $actions];
    }

    /** @return array<string, mixed> */
    private static function show(string $to, string $direction = 'left'): array
    {
        return ['kind' => 'show', 'screen' => $to, 'transition' => self::push($direction)];
    }

    /** @return array<string, mixed> */
    private static function over(string $screen): array
    {
        return ['kind' => 'lay-over', 'screen' => $screen];
    }

    /** @return array<string, mixed> */
    private static function back(?string $direction = null): array
    {
        return ['kind' => 'return', 'transition' => $direction === null ? null : self::push($direction)];
    }

    /** @return array<string, mixed> */
    private static function push(string $direction): array
    {
        return ['kind' => 'push', 'direction' => $direction, 'duration' => 300];
    }
}
