<?php

declare(strict_types=1);

use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action;
use Kindred\Document\Cue\Action\GoBack;
use Kindred\Document\Cue\Action\Show;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Trigger\Tap;
use Kindred\Document\Entity;
use Kindred\Document\Reference;
use Kindred\Input\Reader;
use Kindred\Tests\Sample;

/** @return list<string> */
function names(Kindred\Document\Thing $thing): array
{
    return array_map(fn (Reference $one): string => "{$one->path} {$one->kind} {$one->id}", Reference::of($thing));
}

it('finds what a thing names by how its properties are declared', function (): void {
    $tree = Sample::tree();
    $cue = fn (string $id, Action $action): Cue => new Cue($id, new Tap, actions: [new Act($action)]);
    $layer = $tree->layer('boxa')->with(lineage: 'other', cues: [$cue('cue1', new GoBack), $cue('cue2', new Show('next'))]);
    expect(names($layer))->toBe(['cues.1.actions.0.action.screen screen next', 'lineage layer other'])
        ->and(names($tree->layer('group')))->toBe([])
        ->and(names($tree->project))->toBe(['entry screen home']);
    $screen = Kindred\Document\Screen::read(Reader::of(['take' => ['of' => 'home', 'name' => 'B'], 'conditionOf' => 'next'] + $tree->screen('home')->toArray()));
    expect(names($screen))->toBe(['take.of screen home', 'conditionOf screen next']);
    $entry = Kindred\Document\Brief\Entry::read(Reader::of(['id' => 'plan1', 'part' => 'plan', 'rank' => 'm', 'screen' => 'home', 'leadsTo' => ['plan2', 'plan3'], 'ties' => [['kind' => 'layer', 'id' => 'boxa'], ['kind' => 'cue', 'id' => 'cue1']]]));
    expect(names($entry))->toBe(['screen screen home', 'leadsTo.0 entry plan2', 'leadsTo.1 entry plan3', 'ties.0.id layer boxa', 'ties.1.id cue cue1']);
});

it('knows in which properties of a kind of thing something can be named', function (): void {
    expect(array_map(Reference::where(...), array_column(Entity::cases(), null, 'value')))
        ->toBe(['project' => ['entry', 'theme', 'look'], 'screen' => ['cues', 'take', 'conditionOf', 'bound', 'theme', 'look', 'component', 'over'], 'layer' => ['overrides', 'component', 'fills', 'strokes', 'cues', 'lineage', 'effects', 'masks', 'bound'], 'entry' => ['screen', 'leadsTo', 'ties'], 'token' => ['paint', 'bound'], 'tokengroup' => [], 'theme' => [], 'themevalue' => ['theme', 'token', 'paint', 'bound'], 'rulesetting' => [], 'aside' => [], 'library' => []]);
});
