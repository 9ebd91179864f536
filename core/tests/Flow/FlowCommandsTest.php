<?php

declare(strict_types=1);

use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Pair;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Difference;
use Kindred\Document\Missing;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

/* Commands about the flow: the order of the reel, pairs of a match, cues that are given to other layers. */

/** @return list<string> */
function reelOf(Tree $tree): array
{
    return array_column($tree->reel(), 'id');
}

/** The sample with more screens, in this order. */
function reeled(string ...$ids): Tree
{
    return Sample::after(Sample::tree(), ...array_map(fn (string $id, int $i): array => ['type' => 'create-screen', 'screen' => ['id' => $id, 'name' => ucfirst($id), 'device' => 'phone', 'x' => 1000 + 500 * $i, 'y' => 0, 'width' => 390, 'height' => 844]], array_values($ids), array_keys(array_values($ids))));
}

/** @return array<string, mixed> */
function ordered(string ...$ids): array
{
    return ['type' => 'order-screens', 'screens' => array_values($ids)];
}

/** A tap on the box of the home screen, which matches the next screen. */
function matched(Tree $tree, array $pairs = [], string $list = 'actions'): Tree
{
    $show = [['kind' => 'show', 'screen' => 'next', 'transition' => ['kind' => 'match', 'duration' => 300, 'pairs' => $pairs]]];

    return Sample::after($tree, ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'boxa', 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'conditions' => $list === 'otherwise' ? [['kind' => 'fields']] : [], 'actions' => $list === 'actions' ? $show : [['kind' => 'return']], 'otherwise' => $list === 'otherwise' ? $show : []]]);
}

/** @return array<string, mixed> */
function pairOf(string $from, string $to, array $more = []): array
{
    return $more + ['type' => 'pair-match', 'screen' => 'home', 'layer' => 'boxa', 'cue' => 'cue1', 'act' => 'actions.0', 'from' => $from, 'to' => $to];
}

/** @return list<string> what is said of pairs: `from>to+delay` */
function said(Tree $tree, string $list = 'actions'): array
{
    $cue = $tree->layer('boxa')->cues[0];
    $act = $list === 'actions' ? $cue->actions[0] : $cue->otherwise[0];

    return array_map(fn (Pair $one): string => "{$one->from}>{$one->to}".($one->delay === 0 ? '' : "+{$one->delay}"), $act->transition->pairs ?? []);
}

it('puts the screens of the reel into any order, and only these', function (array $order, array $reel): void {
    expect(reelOf(Sample::after(reeled('third', 'fourth'), ordered(...$order))))->toBe($reel);
})->with([
    'all, the other way round' => [['fourth', 'third', 'next', 'home'], ['fourth', 'third', 'next', 'home']],
    'some: the others come after, as they were' => [['fourth', 'next'], ['fourth', 'next', 'home', 'third']],
    'one' => [['third'], ['third', 'home', 'next', 'fourth']],
    'some that are not there' => [['gone1', 'third', 'gone2', 'home'], ['third', 'home', 'next', 'fourth']],
    'as it is' => [['home', 'next', 'third', 'fourth'], ['home', 'next', 'third', 'fourth']],
    'one twice: where it is named first' => [['third', 'home', 'third'], ['third', 'home', 'next', 'fourth']],
]);

it('changes nothing but the places in the reel, and nothing at all where they are so already', function (): void {
    $tree = reeled('third', 'fourth');
    $after = Sample::after($tree, ordered('fourth', 'home'));
    $difference = Difference::between($tree, $after);
    expect(Difference::between($after, Sample::after($after, ordered('fourth', 'home')))->isEmpty())->toBeTrue()
        ->and(array_map(fn (Screen $one): array => ['rank' => ''] + $one->toArray(), $after->screens))->toEqual(array_map(fn (Screen $one): array => ['rank' => ''] + $one->toArray(), $tree->screens))
        ->and(Sample::plain(Sample::consequences()->replayed($after, $difference->inverse())))->toEqual(Sample::plain($tree))
        ->and(reelOf(ProjectFile::read(Sample::written(new ProjectFile($after)))->tree))->toBe(['fourth', 'home', 'next', 'third']);
});

it('leaves takes, sheets and what was thrown away where they are', function (): void {
    $tree = reeled('third');
    $tree = Sample::after($tree, ['type' => 'make-take', 'screen' => 'home', 'seed' => 'take'], ['type' => 'make-component', 'screen' => 'home', 'layers' => ['boxa'], 'seed' => 'c'], ['type' => 'delete-screens', 'screens' => ['next']]);
    $aside = array_diff_key($tree->screens, array_flip(reelOf($tree)));
    $after = Sample::after($tree, ordered('third', ...array_keys($aside)));
    expect(count($aside))->toBeGreaterThanOrEqual(2)->and(reelOf($after)[0])->toBe('third')->and(array_intersect_key($after->screens, $aside))->toEqual($aside);
});

it('is undone though somebody has added and moved screens since', function (): void {
    $tree = reeled('third', 'fourth');
    $after = Sample::after($tree, ordered('fourth', 'third', 'next', 'home'));
    $back = Difference::between($tree, $after)->inverse();
    $added = Sample::after($after, ['type' => 'create-screen', 'screen' => ['id' => 'fifth', 'name' => 'Fifth', 'device' => 'phone', 'x' => 9000, 'y' => 0, 'width' => 390, 'height' => 844]], ['type' => 'set-screen-field', 'screen' => 'third', 'field' => 'name', 'value' => 'Renamed']);
    $undone = Sample::consequences()->replayed($added, $back);
    expect(array_values(array_diff(reelOf($undone), ['fifth'])))->toBe(['home', 'next', 'third', 'fourth'])->and(reelOf($undone))->toContain('fifth')->and($undone->screen('third')->name)->toBe('Renamed');
});

it('orders as many screens as a project has', function (): void {
    $tree = Sample::tree();
    $tree = $tree->withScreens(...array_map(fn (int $i): Screen => $tree->screen('next')->with(id: "screen{$i}", rank: 'n'.str_pad((string) $i, 4, '0', STR_PAD_LEFT).'a'), range(1, 498)));
    $reversed = array_reverse(reelOf($tree));
    expect($reversed)->toHaveCount(500)->and(reelOf(Sample::after($tree, ordered(...$reversed))))->toBe($reversed);
});

it('says what becomes what, once for each layer, and lets it be found again', function (array $commands, array $pairs): void {
    expect(said(Sample::after(matched(Sample::tree(), [['from' => 'boxa', 'to' => 'hero'], ['from' => 'words', 'to' => 'title', 'delay' => 40]]), ...$commands)))->toBe($pairs);
})->with([
    'another pair' => [[pairOf('icon', 'sign')], ['boxa>hero', 'words>title+40', 'icon>sign']],
    'a layer of it becomes another' => [[pairOf('boxa', 'other')], ['words>title+40', 'boxa>other']],
    'another becomes it' => [[pairOf('icon', 'hero')], ['words>title+40', 'icon>hero']],
    'both were in others' => [[pairOf('boxa', 'title')], ['boxa>title']],
    'a later beginning of the same' => [[pairOf('boxa', 'hero', ['delay' => 120])], ['words>title+40', 'boxa>hero+120']],
    'one is left alone' => [[pairOf('boxa', '')], ['words>title+40', 'boxa>']],
    'what comes is left alone' => [[pairOf('', 'title')], ['boxa>hero', '>title']],
    'one left alone becomes something after all' => [[pairOf('boxa', ''), pairOf('boxa', 'hero')], ['words>title+40', 'boxa>hero']],
    'is found again' => [[pairOf('boxa', 'hero', ['found' => true])], ['words>title+40']],
    'of one side only' => [[pairOf('', 'title', ['found' => true])], ['boxa>hero']],
    'of nothing that was said' => [[pairOf('icon', 'sign', ['found' => true])], ['boxa>hero', 'words>title+40']],
    'in a cell of an array' => [[pairOf('label.row1', 'title.row2.size3')], ['boxa>hero', 'words>title+40', 'label.row1>title.row2.size3']],
]);

it('says it of what is done otherwise, too', function (): void {
    $tree = Sample::after(matched(Sample::tree(), [], 'otherwise'), pairOf('boxa', 'hero', ['act' => 'otherwise.0']));
    expect(said($tree, 'otherwise'))->toBe(['boxa>hero'])
        ->and(fn () => Sample::after($tree, pairOf('boxa', 'hero')))->toThrow(InvalidInput::class, 'no match any more');
});

it('names what is wrong with a pair, and changes nothing', function (array $command, string $says): void {
    expect(fn () => Sample::after(matched(Sample::tree()), $command))->toThrow(InvalidInput::class, $says);
})->with([
    'of nothing' => [pairOf('', ''), 'one layer at least is needed'],
    'of no action' => [pairOf('boxa', 'hero', ['act' => 'conditions.0']), 'what a cue does is named by'],
    'of an action that is not there' => [pairOf('boxa', 'hero', ['act' => 'actions.1']), 'no match any more'],
    'of a cue that is gone' => [pairOf('boxa', 'hero', ['cue' => 'gone1']), 'The cue is no longer there'],
    'later than can be' => [pairOf('boxa', 'hero', ['delay' => Pair::MAX_DELAY + 1]), 'delay'],
    'no id' => [pairOf('a b', 'hero'), 'from'],
]);

it('says that the layer of a cue has gone', function (): void {
    expect(fn () => Sample::after(matched(Sample::tree()), pairOf('boxa', 'hero', ['layer' => 'gone1'])))->toThrow(Missing::class);
});

it('takes as many pairs as a match may have, and one that takes the place of another', function (): void {
    $pairs = array_map(fn (int $i): array => ['from' => "from{$i}", 'to' => "onto{$i}"], range(1, Transition::MAX_PAIRS));
    $full = matched(Sample::tree(), $pairs);
    expect(fn () => Sample::after($full, pairOf('boxa', 'hero')))->toThrow(InvalidInput::class, 'At most '.Transition::MAX_PAIRS.' pairs')
        ->and(said(Sample::after($full, pairOf('from7', 'hero'))))->toHaveCount(Transition::MAX_PAIRS)->toContain('from7>hero')->not->toContain('from7>onto7')
        ->and(said(Sample::after($full, pairOf('from7', '', ['found' => true]))))->toHaveCount(Transition::MAX_PAIRS - 1)
        ->and(said(ProjectFile::read(Sample::written(new ProjectFile($full)))->tree))->toBe(said($full))
        ->and(fn () => matched(Sample::tree(), [...$pairs, ['from' => 'more1', 'to' => 'more2']]))->toThrow(InvalidInput::class, 'pairs');
});

it('gives cues that do something there, each once', function (): void {
    $tree = Sample::after(reeled('third'), ['type' => 'create-layers', 'screen' => 'third', 'seed' => 't', 'layers' => [['kind' => 'box', 'name' => 'There', 'x' => 0, 'y' => 0, 'width' => 90, 'height' => 40], ['kind' => 'box', 'name' => 'Too', 'x' => 0, 'y' => 80, 'width' => 90, 'height' => 40]]]);
    [$there, $too] = array_column($tree->layersOf('third'), 'id');
    $cues = [
        ['id' => 'copied1', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'next']]],
        // Of two things it does only one makes sense there: the other shows the screen that it is on, or scrolls to what is elsewhere.
        ['id' => 'copied2', 'trigger' => ['kind' => 'swipe', 'direction' => 'left'], 'actions' => [['kind' => 'show', 'screen' => 'third'], ['kind' => 'return']]],
        ['id' => 'copied3', 'trigger' => ['kind' => 'double-tap'], 'actions' => [['kind' => 'scroll', 'layer' => 'words']]],
        // Of an entry that nothing there has.
        ['id' => 'copied4', 'entry' => 'Kilns', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'return']]],
    ];
    $give = ['type' => 'give-cues', 'screen' => 'third', 'layers' => [$there, $too], 'cues' => $cues, 'seed' => 'given'];
    $after = Sample::after($tree, $give);
    foreach ([$there, $too] as $id) {
        $has = $after->layer($id)->cues;
        expect(array_map(fn (Cue $one): string => $one->trigger::kind(), $has))->toBe(['tap', 'swipe'])->and(array_map(fn (Cue $one): array => array_map(fn ($act): string => $act->action::kind(), $one->actions), $has))->toBe([['show'], ['return']])
            ->and(array_intersect(array_column($has, 'id'), ['copied1', 'copied2']))->toBe([]);
    }
    $ids = array_merge(...array_map(fn (string $id): array => array_column($after->layer($id)->cues, 'id'), [$there, $too]));
    expect(array_unique($ids))->toHaveCount(4)->and(fn () => Sample::after($after, ['seed' => 'again'] + $give))->toThrow(InvalidInput::class, 'Nothing was given');
    // One of two has them already: the other is given them.
    $one = Sample::after($tree, ['layers' => [$there]] + $give);
    expect(array_map(fn (string $id): int => count(Sample::after($one, $give)->layer($id)->cues), [$there, $too]))->toBe([2, 2]);
});

it('gives at most fifty at once, and none to a part of a compound', function (): void {
    $cue = fn (int $i): array => ['id' => "copied{$i}", 'trigger' => ['kind' => 'key', 'key' => chr(65 + $i % 26)], 'actions' => [['kind' => 'value', 'signal' => "kiln{$i}", 'how' => 'to', 'value' => '1']]];
    $give = fn (int $many): array => ['type' => 'give-cues', 'screen' => 'home', 'layers' => ['boxa'], 'cues' => array_map($cue, range(1, $many)), 'seed' => 'g'];
    expect(fn () => Sample::after(Sample::tree(), $give(51)))->toThrow(InvalidInput::class, 'cues')
        ->and(fn () => Sample::after(Sample::tree(), $give(1), ['type' => 'give-cues', 'screen' => 'home', 'layers' => [], 'cues' => [$cue(1)], 'seed' => 'g']))->toThrow(InvalidInput::class, 'layers');
    $tree = Sample::after(Sample::tree(), ['type' => 'combine-layers', 'screen' => 'home', 'layers' => ['left', 'right'], 'operation' => 'union', 'seed' => 'c']);
    expect(fn () => Sample::after($tree, ['layers' => ['left']] + $give(1)))->toThrow(InvalidInput::class, 'part of a compound');
});
