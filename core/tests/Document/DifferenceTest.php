<?php

declare(strict_types=1);

use Kindred\Document\Change;
use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Overtaken;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Tests\AnyCommand;
use Kindred\Tests\Sample;

function change(array ...$commands): Difference
{
    return Difference::between(Sample::tree(), Sample::after(Sample::tree(), ...$commands));
}

const MOVE = ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['boxa'], 'dx' => 5, 'dy' => 0];

it('holds the changed properties only, earlier and later', function (): void {
    expect(change(MOVE)->toArray()['changes'])->toBe([['entity' => 'layer', 'id' => 'boxa', 'before' => ['x' => 20.0], 'after' => ['x' => 25.0]]]);
});

it('holds everything of what is added or removed', function (): void {
    $removed = change(['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['boxa']])->changes[0];
    expect($removed->isRemoval())->toBeTrue()->and($removed->before)->toEqual(Sample::tree()->layer('boxa')->toArray());
    $added = $removed->inverse();
    expect($added->isAddition())->toBeTrue()->and($added->after)->toBe($removed->before);
});

it('is empty where nothing changed', function (): void {
    expect(Difference::between(Sample::tree(), Sample::tree())->isEmpty())->toBeTrue()
        ->and(change(['dx' => 0] + MOVE)->isEmpty())->toBeTrue();
});

it('names project, screens and layers apart', function (): void {
    $all = change(MOVE, ['type' => 'set-entry', 'screen' => 'next'], ['type' => 'move-screens', 'screens' => ['next'], 'dx' => 3, 'dy' => 0]);
    expect(array_map(fn (Change $change): Entity => $change->entity, $all->changes))->toBe([Entity::Project, Entity::Screen, Entity::Layer])
        ->and($all->screens())->toBe(['next'])->and($all->layers())->toBe(['boxa'])
        ->and($all->changes[1]->touches('x'))->toBeTrue()->and($all->changes[1]->touches('y', 'name'))->toBeFalse();
});

it('comes back from its JSON as it went, after anything', function (int $seed): void {
    mt_srand($seed);
    $tree = Sample::tree();
    for ($step = 0; $step < 25; $step++) {
        try {
            $after = Sample::after($tree, AnyCommand::on($tree, $step));
        } catch (InvalidInput|Kindred\Document\Missing) {
            continue;
        }
        $difference = Difference::between($tree, $after);
        $again = Difference::read(Reader::of(json_decode((string) json_encode($difference->toArray(), JSON_PRESERVE_ZERO_FRACTION), true)));
        expect($again->applyTo($tree))->toBeDocument($after)
            ->and($again->inverse()->applyTo($after))->toBeDocument($tree);
        $tree = $after;
    }
})->with(range(1, 6));

it('says by name what stands in its way', function (array $first, array $since, array $names): void {
    $before = Sample::tree();
    $after = Sample::after($before, $first);
    $later = Sample::after($after, $since);
    try {
        Difference::between($before, $after)->inverse()->applyTo($later);
        $this->fail('It was taken back over what came since.');
    } catch (Overtaken $overtaken) {
        expect($overtaken->names)->toBe($names);
    }
})->with([
    'the same property' => [MOVE, ['dx' => 9] + MOVE, ['Box']],
    'something that is gone' => [MOVE, ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['boxa']], ['a layer that was deleted']],
    'a screen that is gone' => [['type' => 'move-screens', 'screens' => ['next'], 'dx' => 3, 'dy' => 0], ['type' => 'delete-screens', 'screens' => ['next']], ['a screen that was deleted']],
]);

it('does not put a layer back onto a screen that is gone', function (): void {
    $before = Sample::tree();
    $after = Sample::after($before, ['type' => 'delete-layers', 'screen' => 'home', 'layers' => ['boxa']]);
    $later = $after->withoutScreens('home');
    expect(fn (): Tree => Difference::between($before, $after)->inverse()->applyTo($later))->toThrow(Overtaken::class, 'Box');
});
