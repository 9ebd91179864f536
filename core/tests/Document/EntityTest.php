<?php

declare(strict_types=1);

use Kindred\Document\Brief\Entry;
use Kindred\Document\Change;
use Kindred\Document\Check\Aside;
use Kindred\Document\Check\RuleSetting;
use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Library\Library;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Thing;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Theme;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\TokenGroup;
use Kindred\Document\Token\Value\ColourToken;
use Kindred\Document\Tree;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;
use Kindred\Property\Properties;
use Kindred\Tests\Sample;

/** A document with one of each kind, a deleted screen among them. */
function oneOfEach(): Tree
{
    return Sample::after(Sample::tree(),
        ['type' => 'put-entry', 'entry' => ['id' => 'goal1', 'part' => 'goal', 'title' => 'Calm']],
        ['type' => 'create-screen', 'screen' => ['id' => 'spare', 'name' => 'Spare', 'device' => 'phone', 'x' => 900, 'y' => 0, 'width' => 390, 'height' => 844]],
        ['type' => 'delete-screens', 'screens' => ['spare']],
        ['type' => 'put-tokens', 'tokens' => [['id' => 'clay', 'name' => 'clay', 'kind' => 'color', 'value' => '#b4472e']], 'groups' => [['id' => 'base', 'name' => 'base', 'more' => '{}']]],
        ['type' => 'put-theme', 'id' => 'dark', 'name' => 'Dark'],
        ['type' => 'put-theme-values', 'theme' => 'dark', 'values' => [['token' => 'clay', 'text' => '#e08a6f']]],
        ['type' => 'set-rule', 'rule' => 'contrast', 'on' => true, 'limit' => 7],
        ['type' => 'put-library', 'id' => 'parts', 'name' => 'Studio parts', 'project' => '7', 'taken' => [['kind' => 'token', 'id' => 'clay', 'there' => 'a1']]],
        ['type' => 'put-aside', 'findings' => [['rule' => 'contrast', 'about' => 'boxa']], 'reason' => 'Nobody has to read it.'],
    );
}

/** The same with something of one kind changed. */
function changedIn(Tree $tree, Entity $entity): Tree
{
    return match ($entity) {
        Entity::Project => $tree->put($entity, $tree->project->with(name: 'Other')),
        Entity::Screen => $tree->put($entity, $tree->screen('home')->with(name: 'Other')),
        Entity::Layer => $tree->put($entity, $tree->layer('boxa')->with(opacity: 0.5)),
        Entity::Entry => $tree->put($entity, $tree->entry('goal1')->with(title: 'Other')),
        Entity::Token => $tree->put($entity, Bindings::tokens($tree)['clay']->with(name: 'Other')),
        Entity::TokenGroup => $tree->put($entity, new TokenGroup('base', 'm', 'Other', '{}')),
        Entity::Theme => $tree->put($entity, new Theme('dark', 'm', 'Other')),
        Entity::ThemeValue => $tree->put($entity, new ThemeValue(ThemeValue::idOf('dark', 'clay'), 'm', 'dark', 'clay', new ColourToken(Colour::parse('teal')))),
        Entity::RuleSetting => $tree->put($entity, new RuleSetting(RuleSetting::idOf('contrast'), 'm', 'contrast', false)),
        Entity::Library => $tree->put($entity, new Library('parts', 'm', 'Other')),
        Entity::Aside => $tree->put($entity, new Aside(Aside::idOf('contrast', 'boxa'), 'm', 'contrast', 'boxa', 'Other')),
    };
}

it('keeps every kind of thing in a document by its id', function (Entity $entity): void {
    $tree = oneOfEach();
    $all = $entity->of($tree);
    expect($all)->not->toBe([]);
    foreach ($all as $id => $thing) {
        expect($thing)->toBeInstanceOf($entity->kept()->class)
            ->and($entity->kept()->class::kept($thing->parts()))->toEqual($thing)
            ->and($thing->called())->not->toBe('')
            ->and($entity === Entity::Project ? '' : $thing->toArray()['id'])->toBe((string) $id);
    }
    $first = (string) array_key_first($all);
    $without = $tree->without($entity, $first);
    expect(isset($entity->of($without)[$first]))->toBe($entity === Entity::Project)
        ->and($entity->of($without->put($entity, $all[$first])))->toHaveCount(count($all));
})->with(Entity::cases());

it('tells a change of every kind, takes it back, and makes it again', function (Entity $entity): void {
    $tree = oneOfEach();
    $changed = changedIn($tree, $entity);
    $difference = Difference::between($tree, $changed);
    $read = Difference::read(Reader::kept(json_decode((string) json_encode($difference->toArray()), true)));
    expect(array_map(fn (Change $change): Entity => $change->entity, $difference->changes))->toBe([$entity])
        ->and($difference->entities())->toBe([$entity])
        ->and(Difference::between($tree, $read->inverse()->applyTo($changed))->isEmpty())->toBeTrue()
        ->and(Difference::between($changed, $read->applyTo($tree))->isEmpty())->toBeTrue();
})->with(Entity::cases());

it('adds and removes things of every kind but the project', function (Entity $entity): void {
    $tree = oneOfEach();
    $id = ['screen' => 'next', 'layer' => 'icon', 'entry' => 'goal1'][$entity->value];
    $removed = Difference::between($tree, $less = $tree->without($entity, $id));
    expect(array_map(fn (Change $change): bool => $change->isRemoval() && $change->id === $id, $removed->changes))->toBe([true])
        ->and($entity->isThere($tree, $id))->toBeTrue()->and($entity->isThere($less, $id))->toBeFalse()
        ->and(Difference::between($tree, $removed->inverse()->applyTo($less))->isEmpty())->toBeTrue();
})->with([Entity::Screen, Entity::Layer, Entity::Entry]);

it('takes a deleted screen for one that can be brought back, and is there for nothing else', function (): void {
    $tree = oneOfEach();
    $screen = $tree->gone['spare'];
    expect(Entity::Screen->isThere($tree, 'spare'))->toBeFalse()->and(Entity::Screen->of($tree))->toHaveKey('spare')
        ->and(Entity::Screen->found($tree, new Change(Entity::Screen, 'spare', ['name' => 'Spare'], ['name' => 'Other'])))->toBeNull()
        ->and(Entity::Screen->found($tree, new Change(Entity::Screen, 'spare', ['gone' => true], ['gone' => false])))->toBe($screen);
});

it('refuses a thing of another kind', function (): void {
    $tree = oneOfEach();
    expect(fn (): Tree => $tree->put(Entity::Entry, $tree->screen('home')))->toThrow(LogicException::class, 'A entry is expected here');
});

it('has for every kind a class that is a thing, and a limit', function (Entity $entity): void {
    $kept = $entity->kept();
    expect(is_a($kept->class, Thing::class, true))->toBeTrue()->and($kept->max)->toBeGreaterThan(0)
        ->and(Properties::of($kept->class)->all)->not->toBe([])
        ->and($entity->isPlain())->toBe(! in_array($kept->class, [Project::class, Screen::class, Layer::class], true))
        ->and($entity !== Entity::Entry || $kept->class === Entry::class)->toBeTrue();
})->with(Entity::cases());
