<?php

declare(strict_types=1);

use Kindred\Check\Checker;
use Kindred\Check\Elsewhere;
use Kindred\Check\Report;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\ScreenCondition;
use Kindred\Document\Thing;
use Kindred\Document\Tree;
use Kindred\Tests\Check\Faults;
use Kindred\Tests\Check\FlowFaults;
use Kindred\Tests\Check\Planted;
use Kindred\Tests\Sample;

/** @return array<string, Closure(Tree): Tree> what changes beside a screen */
function besides(): array
{
    $without = fn (Entity $kind): Closure => fn (Tree $tree): Tree => $tree->without($kind, ...array_map(fn (Thing $one): string => $one->id, array_values($tree->things($kind))));
    $entries = fn (Closure $of): Closure => fn (Tree $tree): Tree => Sample::after($tree, ...array_map(fn (Screen $one): array => ['type' => 'put-entry', 'entry' => ['id' => "new{$one->id}", 'title' => $one->name] + $of($tree, $one)], array_values($tree->screens)));

    return [
        'no tokens' => $without(Entity::Token),
        'tokens of what is there, and of what would do' => fn (Tree $tree): Tree => Sample::after($tree, ['type' => 'put-tokens', 'tokens' => [
            ['id' => 'pale', 'name' => 'pale', 'kind' => 'color', 'value' => '#dddddd'], ['id' => 'deep', 'name' => 'deep', 'kind' => 'color', 'value' => '#3a3a3a'], ['id' => 'gap1', 'name' => 'space.s', 'kind' => 'dimension', 'value' => 13],
            ['id' => 'word', 'name' => 'words', 'kind' => 'color', 'value' => '#727272'], ['id' => 'tick', 'name' => 'ticks', 'kind' => 'color', 'value' => '#8e8e8e'],
        ]]),
        'another theme' => fn (Tree $tree): Tree => Sample::after($tree, ['type' => 'put-theme', 'id' => 'night', 'name' => 'Night']),
        'other names' => fn (Tree $tree): Tree => $tree->withScreens(...array_map(fn (Screen $one): Screen => $one->with(name: "The {$one->name}"), array_values($tree->screens))),
        'no brief' => $without(Entity::Entry),
        'a plan' => $entries(fn (Tree $tree, Screen $one): array => ['part' => 'plan', 'screen' => $one->id, 'conditions' => ['loading']]),
        'requirements' => $entries(fn (Tree $tree, Screen $one): array => ['part' => 'requirement', 'ties' => array_map(fn (Layer $layer): array => ['kind' => 'layer', 'id' => $layer->id, 'name' => ''], array_slice(array_values($tree->layersOf($one->id)), -2, 1))]),
        'a version for a situation' => fn (Tree $tree): Tree => $tree->withScreens(array_values($tree->screens)[count($tree->screens) - 1]->with(condition: ScreenCondition::Error, conditionOf: array_key_first($tree->screens))),
        'nothing' => fn (Tree $tree): Tree => $tree,
    ];
}

it('knows by which rules a screen is to be looked at again, whatever has changed elsewhere', function (Planted $planted, string $what): void {
    $before = $planted->tree();
    $after = besides()[$what]($before);
    $checker = new Checker(Planted::eyes());
    $plain = fn (Report $report): array => [$report->findings, $report->facts, $report->ways];
    $again = 0;
    foreach ($before->hung() as $screen) {
        // What others have is changed; the screen is as it was.
        $now = $after->withScreens($screen);
        $known = $checker->screen($before, $screen->id);
        $rules = (new Elsewhere($now))->changed($screen, (new Elsewhere($before))->of($screen, $known));
        expect($plain($checker->screen($now, $screen->id, true, $known, $rules)))->toEqual($plain($checker->screen($now, $screen->id)), $screen->name);
        $again += count($rules);
    }
    expect($again)->toBeLessThanOrEqual($what === 'nothing' ? 0 : 4 * count($before->hung()));
})->with(['all together' => [Faults::all()], 'ways' => [FlowFaults::all()]])->with(array_keys(besides()));
