<?php

declare(strict_types=1);

use Kindred\Document\Difference;
use Kindred\Document\Missing;
use Kindred\Document\Overtaken;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Tests\AnyCommand;
use Kindred\Tests\Sample;

it('restores the tree exactly after any sequence of commands', function (int $seed): void {
    mt_srand($seed);
    $tree = $start = Sample::tree();
    $done = [];
    for ($step = 0; $step < 60; $step++) {
        $data = AnyCommand::on($tree, $step);
        try {
            $after = Sample::after($tree, $data);
        } catch (InvalidInput|Missing) {
            continue;
        }
        // As the log keeps it: written to JSON and read back.
        $difference = Difference::between($tree, $after);
        $done[] = Difference::read(Reader::of(json_decode((string) json_encode($difference->toArray(), JSON_PRESERVE_ZERO_FRACTION), true)));
        $tree = $after;
    }
    $end = Sample::plain($tree);
    foreach (array_reverse($done) as $difference) {
        $tree = $difference->inverse()->applyTo($tree);
    }
    expect(Sample::plain($tree))->toEqual(Sample::plain($start))->and(count($done))->toBeGreaterThan(10);
    foreach ($done as $difference) {
        $tree = $difference->applyTo($tree);
    }
    expect(Sample::plain($tree))->toEqual($end);
})->with(range(1, 60));

it('does not take back what has been changed since', function (): void {
    $before = Sample::tree();
    $moved = Sample::after($before, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['boxa'], 'dx' => 5, 'dy' => 0]);
    $again = Sample::after($moved, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['boxa'], 'dx' => 5, 'dy' => 0]);
    Difference::between($before, $moved)->inverse()->applyTo($again);
})->throws(Overtaken::class, 'Box');

it('takes back one property though another has changed since', function (): void {
    $before = Sample::tree();
    $moved = Sample::after($before, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['boxa'], 'dx' => 5, 'dy' => 0]);
    $painted = Sample::after($moved, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'fill', 'value' => '#123456']);
    $undone = Difference::between($before, $moved)->inverse()->applyTo($painted);
    expect($undone->layer('boxa')->box->x)->toBe(20.0)->and($undone->layer('boxa')->fills[0]->colour->toHex())->toBe('#123456');
});

it('does not remove a group into which something was put since', function (): void {
    $before = Sample::tree();
    $grouped = Sample::after($before, ['type' => 'group-layers', 'screen' => 'home', 'layers' => ['boxa', 'icon'], 'seed' => 'seed']);
    $group = $grouped->layer('boxa')->parent;
    $filled = Sample::after($grouped, ['type' => 'reorder-layers', 'screen' => 'home', 'parent' => $group, 'layers' => ['words'], 'above' => null]);
    Difference::between($before, $grouped)->inverse()->applyTo($filled);
})->throws(Overtaken::class);
