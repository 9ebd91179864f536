<?php

declare(strict_types=1);

use Kindred\Brief\Coverage;
use Kindred\Brief\Covered;
use Kindred\Brief\Plan;
use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Difference;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

/** @param  array<string, mixed>  $more */
function entry(string $id, string $part, string $title, array $more = []): array
{
    return ['type' => 'put-entry', 'entry' => ['id' => $id, 'part' => $part, 'title' => $title] + $more];
}

/** @param  list<array{string, string}>  $ties */
function need(string $id, array $ties): array
{
    return entry($id, 'requirement', $id, ['ties' => array_map(fn (array $tie): array => ['kind' => $tie[0], 'id' => $tie[1]], $ties)]);
}

/** The sample with a way from the first screen to the second. */
function linked(): Tree
{
    return Sample::after(Sample::tree(), ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'boxa', 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'tap'], 'action' => ['kind' => 'show', 'screen' => 'next']]]);
}

/** @return array<string, array{string, list<string>}> */
function standing(Tree $tree): array
{
    $out = [];
    foreach ((new Coverage($tree))->requirements as $one) {
        $out[$one->requirement->id] = [$one->status->value, $one->problems];
    }

    return $out;
}

it('counts a requirement as covered when all that is tied to it is there, shows, and can be reached', function (): void {
    $tree = Sample::after(
        linked(),
        need('none', []),
        need('layer', [['layer', 'words'], ['layer', 'left']]),
        need('screen', [['screen', 'next']]),
        need('cued', [['cue', 'cue1']]),
        need('gone', [['layer', 'words'], ['layer', 'nothing']]),
        ['type' => 'create-layers', 'screen' => null, 'seed' => 'l', 'layers' => [['kind' => 'box', 'id' => 'loose', 'x' => 0, 'y' => 0, 'width' => 9, 'height' => 9]]],
    );
    expect(standing($tree))->toBe([
        'none' => ['missing', []],
        'layer' => ['covered', []],
        'screen' => ['covered', []],
        'cued' => ['covered', []],
        'gone' => ['partly', ['“nothing” is gone.']],
    ]);
    $hidden = Sample::after($tree, ['type' => 'mark-layers', 'screen' => 'home', 'layers' => ['group'], 'hidden' => true]);
    expect(standing($hidden)['layer'])->toBe(['partly', ['“Left” is hidden.']]);
    $away = Sample::after($tree, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['words'], 'dx' => 500, 'dy' => 0]);
    expect(standing($away)['layer'])->toBe(['partly', ['“Words” lies outside “Home”.']]);
    $cut = Sample::after($tree, ['type' => 'remove-cue', 'screen' => 'home', 'layer' => 'boxa', 'cue' => 'cue1']);
    expect(standing($cut)['screen'])->toBe(['partly', ['“Next” cannot be reached from where a rehearsal starts.']])
        ->and(standing($cut)['cued'])->toBe(['partly', ['“cue1” is gone.']]);
    $gone = Sample::after($tree, ['type' => 'delete-screens', 'screens' => ['next']]);
    expect(standing($gone)['cued'])->toBe(['partly', ['The cue of “Box” leads to a screen that is gone.']]);
});

it('follows what is tied from take to take', function (): void {
    $tree = Sample::after(linked(), need('need', [['layer', 'words']]), ['type' => 'make-take', 'screen' => 'home', 'seed' => 't']);
    $first = array_values(array_filter($tree->takes('home'), fn (Screen $take): bool => ! $take->hangs()))[0];
    $switched = Sample::after($tree, ['type' => 'switch-take', 'screen' => 'home', 'take' => $first->id]);
    expect($switched->layer('words')->screen)->toBe($first->id)->and(standing($switched)['need'])->toBe(['covered', []]);
    $without = Sample::after($tree, ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['words']]);
    expect(standing($without)['need'][0])->toBe('partly');
});

it('does not take what was duplicated onto another screen for what is tied', function (): void {
    $tree = Sample::after(linked(), need('need', [['layer', 'words']]), ['type' => 'duplicate-screen', 'screen' => 'home', 'seed' => 'd'], ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['words']]);
    expect(array_filter($tree->layers, fn ($one): bool => $one->lineage === 'words'))->toHaveCount(1)
        ->and(standing($tree)['need'])->toBe(['partly', ['“words” is gone.']]);
});

it('names what no requirement asks for', function (array $needs, array $unasked): void {
    $coverage = new Coverage(Sample::after(linked(), ...$needs));
    expect(array_map(fn (array $one): array => [$one['screen']->name, $one['layers'] === null ? null : array_column($one['layers'], 'name')], $coverage->unasked()))->toBe($unasked);
})->with([
    'nothing asked' => [[need('none', [])], [['Home', null], ['Next', null]]],
    'layers of one, the other as a whole' => [[need('some', [['layer', 'left'], ['layer', 'boxa'], ['screen', 'next']])], [['Home', ['Words', 'Tick']]]],
    'a requirement of a screen' => [[entry('ofnext', 'requirement', 'Of', ['screen' => 'next'])], [['Home', null]]],
]);

it('lists for a screen what speaks of it, and what nothing is tied to yet', function (): void {
    $coverage = new Coverage(Sample::after(linked(), need('here', [['layer', 'left']]), need('there', [['screen', 'next']]), need('open', [])));
    expect(array_map(fn (Covered $one): string => $one->requirement->id, $coverage->on('home')))->toBe(['here', 'open']);
});

it('ties and unties, and takes every step back', function (): void {
    $before = Sample::after(linked(), need('need', [['layer', 'words']]));
    $tied = Sample::after($before, ['type' => 'tie-entry', 'entry' => 'need', 'ties' => [['kind' => 'screen', 'id' => 'next', 'name' => 'Next'], ['kind' => 'layer', 'id' => 'words']]]);
    expect($tied->entry('need')->ties)->toHaveCount(2)
        ->and(Sample::after($tied, ['type' => 'tie-entry', 'entry' => 'need', 'tied' => false, 'ties' => [['kind' => 'layer', 'id' => 'words']]])->entry('need')->ties)->toHaveCount(1)
        ->and(Difference::between($before, $tied)->inverse()->applyTo($tied)->entries())->toEqual($before->entries())
        ->and(fn () => Sample::after($before, entry('goal', 'goal', 'A goal'), ['type' => 'tie-entry', 'entry' => 'goal', 'ties' => [['kind' => 'layer', 'id' => 'words']]]))->toThrow(InvalidInput::class);
});

it('keeps entries in their order, and what is not given as it was', function (): void {
    $tree = Sample::after(Sample::tree(), entry('one1', 'goal', 'One', ['words' => 'Some']), entry('two2', 'goal', 'Two'), entry('three', 'goal', 'Three'), entry('who1', 'person', 'Maren'));
    $titles = fn (Tree $tree): array => array_map(fn (Entry $entry): string => $entry->title, $tree->part(Part::Goal));
    expect($titles(Sample::after($tree, ['type' => 'move-entry', 'entry' => 'three', 'after' => 'one1'])))->toBe(['One', 'Three', 'Two'])
        ->and($titles(Sample::after($tree, ['type' => 'move-entry', 'entry' => 'two2'])))->toBe(['Two', 'One', 'Three'])
        ->and(Sample::after($tree, entry('one1', 'goal', 'First'))->entry('one1')->words)->toBe('Some')
        ->and(fn () => Sample::after($tree, entry('one1', 'person', 'First')))->toThrow(InvalidInput::class)
        ->and(fn () => Sample::after($tree, entry('long', 'goal', str_repeat('x', Entry::MAX_TITLE + 1))))->toThrow(InvalidInput::class, 'longer')
        ->and($tree->entry('one1')->holds('ONE som'))->toBeTrue()->and($tree->entry('one1')->holds('one other'))->toBeFalse();
    $file = new ProjectFile($tree);
    expect(ProjectFile::read(Sample::written($file))->write())->toBe($file->write());
});

it('turns a plan into screens, and names what is planned twice, not made, or not planned', function (): void {
    $tree = Sample::after(
        Sample::tree(),
        entry('plan1', 'plan', 'Start', ['leadsTo' => ['plan2', 'plan3'], 'conditions' => ['empty', 'error']]),
        entry('plan2', 'plan', 'Kiln', ['device' => 'tablet', 'leadsTo' => ['plan1']]),
        entry('plan3', 'plan', 'kiln ', ['leadsTo' => []]),
        entry('plan4', 'plan', ''),
    );
    expect((new Plan($tree))->findings())->toBe([
        '“Kiln” is planned twice.', 'One planned screen has no name.', 'Not made yet: “Start”, “Kiln”, “kiln ”.', 'On the wall but not in the plan: “Home”, “Next”.',
    ]);
    $hung = Sample::after($tree, ['type' => 'hang-plan', 'entries' => ['plan1', 'plan2'], 'device' => 'phone', 'seed' => 's']);
    [, , $start, $kiln] = $hung->reel();
    expect([$start->name, $start->device, $kiln->name, $kiln->device])->toBe(['Start', 'phone', 'Kiln', 'tablet'])
        ->and([$start->box->x, $kiln->box->x])->toBe([470.0 + 390 + 80, 470.0 + 390 + 80 + 390 + 80])
        ->and((new Plan($hung))->screen($hung->entry('plan1'))?->id)->toBe($start->id)
        ->and((new Plan($hung))->findings())->toContain('“Start” has no version for empty, error.', 'Not made yet: “kiln ”.')
        ->and(fn () => Sample::after($hung, ['type' => 'hang-plan', 'entries' => ['plan1'], 'device' => 'phone', 'seed' => 't']))->toThrow(InvalidInput::class, 'already');
    $made = Sample::after($hung, ['type' => 'make-condition', 'screen' => $start->id, 'condition' => 'empty', 'seed' => 'e']);
    expect((new Plan($made))->findings())->toContain('“Start” has no version for error.');
    // Nothing leads to a removed row any more.
    expect(Sample::after($made, ['type' => 'remove-entry', 'entry' => 'plan3'])->entry('plan1')->leadsTo)->toBe(['plan2']);
});

it('sketches the plan in lines by the steps from the first', function (): void {
    $tree = Sample::after(
        Sample::tree(),
        entry('plan1', 'plan', 'Start', ['leadsTo' => ['plan2', 'plan3', 'nowhere']]), entry('plan2', 'plan', 'Two', ['leadsTo' => ['plan4']]), entry('plan3', 'plan', 'Three', ['leadsTo' => ['plan1']]),
        entry('plan4', 'plan', 'Four'), entry('plan5', 'plan', 'Alone'),
    );
    $sketch = (new Plan($tree))->sketch();
    $place = fn (array $card): array => [$card['row']->title, $card['x'] / (Plan::CARD[0] + Plan::GAP[0]), $card['y'] / (Plan::CARD[1] + Plan::GAP[1])];
    expect(array_map($place, $sketch['cards']))->toBe([['Start', 0.0, 0.0], ['Two', 0.0, 1.0], ['Three', 1.0, 1.0], ['Four', 0.0, 2.0], ['Alone', 0.0, 3.0]])
        ->and(array_map(fn (array $arrow): array => [$arrow['from']->title, $arrow['to']->title, $arrow['back']], $sketch['arrows']))->toBe([['Start', 'Two', false], ['Start', 'Three', false], ['Two', 'Four', false], ['Three', 'Start', true]])
        ->and([$sketch['width'], $sketch['height']])->toBe([2 * Plan::CARD[0] + Plan::GAP[0] + 22, 4 * Plan::CARD[1] + 3 * Plan::GAP[1]]);
    // What leads back runs up beside all cards, each by itself.
    $more = (new Plan(Sample::after($tree, entry('plan4', 'plan', 'Four', ['leadsTo' => ['plan1', 'plan2']]))))->sketch();
    expect(array_column(array_filter($more['arrows'], fn (array $arrow): bool => $arrow['back']), 'x'))->toBe([350.0, 359.0, 368.0])->and($more['width'])->toBe(368.0);
    // What nothing leads to stands beside each other, three in a line.
    $loose = (new Plan(Sample::after(Sample::tree(), ...array_map(fn (int $n): array => entry("plan{$n}", 'plan', "Screen {$n}"), range(1, 5)))))->sketch();
    expect(array_map($place, $loose['cards'])[3])->toBe(['Screen 4', 0.0, 1.0]);
});

it('sketches any plan with cards apart from each other, and each link from card to card', function (int $seed): void {
    mt_srand($seed);
    $count = 1 + $seed % 14;
    $names = fn (): array => array_map(fn (): string => 'plan'.mt_rand(1, $count + 2), range(1, mt_rand(1, 4)));
    $rows = array_map(fn (int $n): array => entry("plan{$n}", 'plan', "Screen {$n}", mt_rand(0, 3) === 0 ? [] : ['leadsTo' => array_values(array_unique($names()))]), range(1, $count));
    $plan = new Plan(Sample::after(Sample::tree(), ...$rows));
    ['cards' => $cards, 'arrows' => $arrows, 'width' => $width, 'height' => $height] = $plan->sketch();
    $boxes = [];
    foreach ($cards as $card) {
        $boxes[$card['row']->id] = new Box($card['x'], $card['y'], ...Plan::CARD);
        expect($card['x'] + Plan::CARD[0])->toBeLessThanOrEqual($width)->and($card['y'] + Plan::CARD[1])->toBeLessThanOrEqual($height);
    }
    expect($boxes)->toHaveCount($count)->and(array_unique(array_map(fn (Box $box): string => "{$box->x} {$box->y}", $boxes)))->toHaveCount($count);
    $links = [];
    foreach ($plan->rows as $row) {
        foreach ($row->leadsTo as $target) {
            isset($boxes[$target]) && $target !== $row->id && $links[] = "{$row->id} {$target}";
        }
    }
    expect(array_map(fn (array $arrow): string => "{$arrow['from']->id} {$arrow['to']->id}", $arrows))->toBe($links);
    $onEdge = fn (Box $box, float $x, float $y): bool => ($x === $box->x || $x === $box->right() || $y === $box->y || $y === $box->bottom()) && $x >= $box->x && $x <= $box->right() && $y >= $box->y && $y <= $box->bottom();
    foreach ($arrows as $arrow) {
        preg_match_all('/-?[\d.]+/', $arrow['path'], $found);
        $at = array_map(floatval(...), $found[0]);
        expect($onEdge($boxes[$arrow['from']->id], $at[0], $at[1]))->toBeTrue()
            ->and($onEdge($boxes[$arrow['to']->id], $at[count($at) - 2], $at[count($at) - 1]))->toBeTrue()
            // What lies earlier is led back to, and only that.
            ->and($arrow['back'])->toBe([$boxes[$arrow['to']->id]->y, $boxes[$arrow['to']->id]->x] <= [$boxes[$arrow['from']->id]->y, $boxes[$arrow['from']->id]->x]);
    }
})->with(range(1, 28));

it('puts a new row right after another, in one step', function (): void {
    $tree = Sample::after(Sample::tree(), entry('plan1', 'plan', 'One'), entry('plan2', 'plan', 'Two'), ['after' => 'plan1'] + entry('plan3', 'plan', 'Between'), ['after' => 'plan1'] + entry('plan2', 'plan', 'Two again'));
    expect(array_map(fn ($row): string => $row->title, (new Plan($tree))->rows))->toBe(['One', 'Between', 'Two again']);
});
