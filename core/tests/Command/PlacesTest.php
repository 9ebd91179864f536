<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Input\InvalidInput;
use Kindred\Kit\Kit;
use Kindred\Tests\Sample;

/** @return array<string, mixed> what the kit gives, where it was let go */
function barOf(string $widget, float $x = 100, float $y = 200): array
{
    return ['x' => $x, 'y' => $y] + Kit::fresh(Kit::find($widget) ?? throw new LogicException);
}

/** @param  list<array<string, mixed>>  $layers */
function docked(Tree $tree, string $seed, array $layers, bool $docked = true): Tree
{
    return Sample::after($tree, ['type' => 'create-layers', 'screen' => 'next', 'seed' => $seed, 'layers' => $layers, 'docked' => $docked]);
}

/** @return array<string, list<float>> boxes by name */
function lying(Tree $tree): array
{
    return array_column(array_map(fn (Layer $layer): array => [$layer->name, [$layer->box->x, $layer->box->y, $layer->box->width, $layer->box->height]], $tree->layersOf('next')), 1, 0);
}

it('lays bars to their edges, as wide as the screen, one beside the other', function (): void {
    $tree = docked(docked(Sample::tree(), 'one', [barOf('status-bar')]), 'two', [barOf('top-bar'), barOf('bottom-bar')]);
    [$status, $top, $bottom] = array_values(lying($tree));
    expect($status)->toBe([0.0, 0.0, 390.0, $status[3]])
        ->and($top)->toBe([0.0, $status[3], 390.0, $top[3]])
        ->and($bottom)->toBe([0.0, 844.0 - $bottom[3], 390.0, $bottom[3]])
        // What is as wide but does not lie at the edge is no bar of it; what is no bar is as far below them as it was to be below the top.
        ->and(lying(docked($tree, 'three', [['kind' => 'box', 'name' => 'Shot', 'x' => 20, 'y' => 12, 'width' => 30, 'height' => 40]]))['Shot'])->toBe([20.0, $status[3] + $top[3] + 12, 30.0, 40.0])
        ->and(lying(docked($tree, 'four', [['name' => 'Free'] + barOf('top-bar')], false))['Free'])->toBe([100.0, 200.0, $top[2] === 390.0 ? (float) Kit::fresh(Kit::find('top-bar') ?? throw new LogicException)['width'] : 0.0, $top[3]]);
});

it('hangs a new screen to the right of all others, under the next number that is free', function (): void {
    $add = fn (Tree $tree, string $id, array $more = []): Tree => Sample::after($tree, ['type' => 'create-screen', 'screen' => ['id' => $id, 'device' => 'phone', 'width' => 390, 'height' => 844, 'view' => 844] + $more]);
    $tree = Sample::tree();
    $right = max(array_map(fn (Screen $screen): float => $screen->box->right(), $tree->reel()));
    $count = count($tree->reel());
    $one = $add($tree, 'newone');
    expect([$one->screen('newone')->name, $one->screen('newone')->box->x])->toBe(['Screen '.($count + 1), $right + 80])
        ->and($add($add($tree, 'taken', ['name' => 'Screen '.($count + 2)]), 'newtwo')->screen('newtwo')->name)->toBe('Screen '.($count + 3))
        ->and($add($tree, 'placed', ['x' => 5, 'y' => 6, 'name' => 'Here'])->screen('placed')->box->x)->toBe(5.0)
        // Half a place is none, and is not passed over.
        ->and(fn () => $add($tree, 'half', ['x' => 5]))->toThrow(InvalidInput::class, 'screen.y');
});

it('moves a section with all that begins below it, and lengthens the screen that holds it no more', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'mark-layers', 'screen' => 'home', 'layers' => ['icon'], 'locked' => true]);
    $y = fn (Tree $tree): array => array_map(fn (string $id): float => $tree->layer($id)->box->y, ['boxa', 'words', 'icon', 'group']);
    $moved = Sample::after($tree, ['type' => 'move-section', 'screen' => 'home', 'layers' => ['words'], 'dy' => 30]);
    expect([$y($moved), $moved->screen('home')->box->height])->toEqual([[30, 130, 30, 230], 844]);
    // From the top on; what is locked stays.
    expect($y(Sample::after($tree, ['type' => 'move-section', 'screen' => 'home', 'layers' => ['boxa'], 'dy' => -10])))->toEqual([20, 90, 30, 190]);
    $long = Sample::after($tree, ['type' => 'move-section', 'screen' => 'home', 'layers' => ['group'], 'dy' => 700.5]);
    expect([$y($long), $long->screen('home')->box->height, $long->screen('home')->view])->toEqual([[30, 100, 30, 900.5], 941, 844]);
    // In a group nothing is lengthened.
    $inside = Sample::after($tree, ['type' => 'move-section', 'screen' => 'home', 'layers' => ['right'], 'dy' => 900]);
    expect($inside->screen('home')->box->height)->toEqual(844)
        ->and(fn () => Sample::after($tree, ['type' => 'move-section', 'screen' => 'home', 'layers' => ['boxa', 'right'], 'dy' => 1]))->toThrow(InvalidInput::class, 'lie in different groups');
});
