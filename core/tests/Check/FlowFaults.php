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
        $start = array_map(fn (string $to, int $i): array => self::box("Go to {$to}", $i, [self::tap([self::show($to)])]), $to = ['hall', 'cellar', 'attic', 'wrong', 'itemlist', 'covered', 'clash', 'tick', 'slides', 'shelf', 'asked', 'tabseach', 'tabstwice', 'tabsgone', 'reached'], array_keys($to));
        $planted = (new Planted)->flowing()->screen('start', [...$start, self::box('Open the notice', 15, [self::tap([self::over('notice')])]), self::box('Open the menu', 16, [self::tap([self::over('menu')])]), self::box('Open the poster', 17, [self::tap([self::over('poster')])])]);

        // Nothing leads there; or only from where nothing leads.
        $planted = $planted->screen('island', [self::box('From the island', 0, [self::tap([self::show('start')])]), self::box('Farther', 1, [self::tap([self::show('islet')])])], ['name' => 'unreached: island'])
            ->screen('islet', [self::box('Back', 0, [self::tap([self::back()])])], ['name' => 'unreached: islet'])
            // Of another device it is the first, and people begin there.
            ->screen('panel', [self::box('On', 0, [self::tap([self::show('panelon')])])], ['device' => 'tablet', 'width' => 820, 'height' => 1180, 'view' => 1180])
            ->screen('panelon', [self::box('Off', 0, [self::tap([self::back()])])], ['device' => 'tablet', 'width' => 820, 'height' => 1180, 'view' => 1180])
            // Where nothing is linked, nothing is said.
            ->screen('desk', [], ['device' => 'desktop', 'width' => 1440, 'height' => 900, 'view' => 900])->screen('desktwo', [], ['device' => 'desktop', 'width' => 1440, 'height' => 900, 'view' => 900]);

        $planted = $planted->screen('hall', [], ['name' => 'dead-end: hall'])
            ->screen('poster', [])
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

        return $planted->screen('tick', [], ['name' => 'loop: tick', 'cues' => [self::cue(['kind' => 'open'], [self::show('tock')])]])
            ->screen('tock', [self::box('Stop', 0, [self::tap([self::show('start', 'right')])])], ['cues' => [self::cue(['kind' => 'delay', 'delay' => 0], [self::show('tick', 'right')])]])
            ->screen('slides', [self::box('Stop the slides', 0, [self::tap([self::back()])])], ['cues' => [self::cue(['kind' => 'delay', 'delay' => 3000], [self::show('slidestwo')])]])
            ->screen('slidestwo', [self::box('Stop them', 0, [self::tap([self::back()])])], ['cues' => [self::cue(['kind' => 'delay', 'delay' => 3000], [self::show('slides', 'right')])]])
            ->screen('shelf', [self::box('Leave the shelf', 0, [self::tap([self::back()])]), self::box('Empty it', 1, [self::tap([self::show('shelfempty')])])])
            ->screen('shelfempty', [self::box('Leave it', 0, [self::tap([self::back()])])], ['name' => 'Shelf empty', 'condition' => 'empty', 'conditionOf' => 'shelf'])
            ->screen('shelfwrong', [self::box('Leave it so', 0, [self::tap([self::back()])])], ['name' => 'no-way-in: shelf error', 'condition' => 'error', 'conditionOf' => 'shelf']);
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
