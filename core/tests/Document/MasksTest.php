<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Style\Concentric;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

/** A screen with these layers. */
function masked(array ...$layers): Tree
{
    return ProjectFile::read((string) json_encode(['format' => 'kindred-canvas', 'version' => 3, 'name' => 'Masks', 'screens' => [
        ['id' => 'home', 'name' => 'Home', 'device' => 'custom', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 200, 'layers' => $layers],
    ]]))->tree;
}

/** A box of a size somewhere. */
function boxAt(string $id, float $x, float $y, float $width, float $height, array $more = []): array
{
    return $more + ['id' => $id, 'kind' => 'box', 'name' => ucfirst($id), 'x' => $x, 'y' => $y, 'width' => $width, 'height' => $height, 'fills' => [['colour' => '#a94c31']]];
}

/** @return list<float> */
function lies(Layer $layer): array
{
    return [$layer->box->x, $layer->box->y, $layer->box->width, $layer->box->height];
}

$two = fn (): Tree => masked(boxAt('photo', 0, 0, 160, 120), boxAt('hole', 20, 30, 50, 40));
$mask = ['type' => 'mask-layers', 'screen' => 'home', 'layers' => ['hole', 'photo'], 'seed' => 's'];
$group = fn (Tree $tree): Layer => $tree->layer((string) $tree->layer('hole')->parent);

it('masks with the topmost, in a group as large as that, and releases it again', function () use ($two, $mask, $group): void {
    $before = $two();
    $tree = Sample::after($before, $mask);
    expect(lies($group($tree)))->toBe([20.0, 30.0, 50.0, 40.0])->and($group($tree)->name)->toBe('Photo, masked')
        ->and($tree->layer('hole')->masks())->toBeTrue()->and($tree->layer('photo')->masks())->toBeFalse()
        ->and(lies($tree->layer('photo')))->toBe([-20.0, -30.0, 160.0, 120.0]);

    $released = Sample::after($tree, ['type' => 'release-masks', 'screen' => 'home', 'layers' => [$group($tree)->id]]);
    expect(lies($group($released)))->toBe([0.0, 0.0, 160.0, 120.0])->and($released->layer('hole')->masks())->toBeFalse();
    $apart = Sample::after($tree, ['type' => 'ungroup-layers', 'screen' => 'home', 'layers' => [$group($tree)->id]]);
    expect(lies($apart->layer('photo')))->toBe([0.0, 0.0, 160.0, 120.0])->and($apart->layer('hole')->masking)->toBeFalse();
});

it('keeps a group as large as its mask while what is masked, or the mask, is moved', function () use ($two, $mask, $group): void {
    $tree = Sample::after($two(), $mask);
    $moved = Sample::after($tree, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['photo'], 'dx' => 9, 'dy' => 9]);
    expect(lies($group($moved)))->toBe([20.0, 30.0, 50.0, 40.0]);
    $moved = Sample::after($tree, ['type' => 'move-layers', 'screen' => 'home', 'layers' => ['hole'], 'dx' => 9, 'dy' => 4]);
    expect(lies($group($moved)))->toBe([29.0, 34.0, 50.0, 40.0])->and(lies($moved->layer('photo')))->toBe([-29.0, -34.0, 160.0, 120.0]);
    // A mask that is hidden masks nothing, and what it masked counts again.
    $hidden = Sample::after($tree, ['type' => 'mark-layers', 'screen' => 'home', 'layers' => ['hole'], 'hidden' => true]);
    expect(lies($group($hidden)))->toBe([0.0, 0.0, 160.0, 120.0]);
});

it('says why nothing is masked', function (array $command, string $problem) use ($two): void {
    $tree = Sample::after($two(), ['type' => 'group-layers', 'screen' => 'home', 'layers' => ['photo'], 'seed' => 'g']);
    expect(fn () => Sample::after($tree, $command + ['screen' => 'home', 'seed' => 'm']))->toThrow(InvalidInput::class, $problem);
})->with([
    [['type' => 'mask-layers', 'layers' => ['hole']], 'Select what is to be masked'],
    [['type' => 'release-masks', 'layers' => ['hole']], 'Nothing is masked here'],
    [['type' => 'mask-layers', 'layers' => ['hole', 'photo']], 'lie in different groups'],
]);

it('masks with what is seen, within what is masked already, and within a cell', function () use ($two, $mask, $group): void {
    // What is hidden masks nothing.
    $tree = Sample::after(masked(boxAt('photo', 0, 0, 160, 120), boxAt('hole', 20, 30, 50, 40), boxAt('gone', 0, 0, 10, 10, ['hidden' => true])), ['layers' => ['hole', 'photo', 'gone']] + $mask);
    expect($tree->layer('hole')->masks())->toBeTrue()->and($tree->layer('gone')->masking)->toBeFalse()
        ->and(fn () => Sample::after(masked(boxAt('photo', 0, 0, 9, 9, ['hidden' => true]), boxAt('hole', 0, 0, 9, 9, ['hidden' => true])), $mask))->toThrow(InvalidInput::class, 'None of these can mask');
    // What masks may be masked in its turn, and masks no more where it is taken into another group.
    $once = Sample::after($two(), $mask);
    $tree = Sample::after($once, ['seed' => 'again'] + $mask);
    expect($tree->layer('hole')->masks())->toBeTrue()->and(lies($tree->layer($group($once)->id)))->toBe([20.0, 30.0, 50.0, 40.0])->and(lies($group($tree)))->toBe([0.0, 0.0, 50.0, 40.0])
        ->and($group($tree)->parent)->toBe($group($once)->id);
    $free = Sample::after($tree, ['type' => 'release-masks', 'screen' => 'home', 'layers' => [$group($tree)->id]]);
    expect(array_filter($free->layers, fn (Layer $layer): bool => $layer->masking))->toBe([])
        ->and(fn () => Sample::after($free, ['type' => 'release-masks', 'screen' => 'home', 'layers' => [$group($tree)->id]]))->toThrow(InvalidInput::class, 'Nothing is masked here');
    // The name stays one that can be kept.
    $long = Sample::after(masked(boxAt('photo', 0, 0, 160, 120, ['name' => str_repeat('Ton ', 30)]), boxAt('hole', 20, 30, 50, 40)), $mask);
    expect(mb_strlen($group($long)->name))->toBeLessThanOrEqual(Kindred\Input\Reader::MAX_NAME)->and($group($long)->name)->toEndWith('…');
    // In the design of an array: in every cell.
    $shelves = Sample::everything()->tree;
    $masked = Sample::after($shelves, ['type' => 'mask-layers', 'screen' => $shelves->layer('pots')->screen, 'layers' => ['face.row1', 'dish.row1', 'label.row1'], 'seed' => 'm']);
    expect($masked->layer('face')->parent)->toBe($masked->layer('dish')->parent)->not->toBe('card');
});

it('draws what is masked only within the mask, and the mask only as that', function () use ($two, $mask): void {
    $draw = fn (Tree $tree, bool $editable = false): string => Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering($editable));
    $tree = Sample::after($two(), $mask);
    $plain = $draw($tree);
    // Its outline says all.
    expect($plain)->toContain('<clipPath id="hole-masks-clip"')->toContain('clip-path="url(#hole-masks-clip)"')->not->toContain('<mask')
        ->and(substr_count($plain, '#a94c31'))->toBe(1);
    $faded = Sample::after($tree, ['type' => 'set-field', 'screen' => 'home', 'layers' => ['hole'], 'field' => 'fills.0.paint', 'value' => 'linear-gradient(#000, #0000)']);
    expect($draw($faded))->toContain('<mask id="hole-masks-mask" mask-type="alpha"')->toContain('clip-path="url(#hole-masks-clip)" mask="url(#hole-masks-mask)"');
    // On the wall it is taken hold of at its edge.
    expect($draw($tree, true))->toMatch('/data-masking=""[^>]*><rect[^>]*pointer-events="stroke"/');
});

it('offers corners that run parallel to those around', function (array $inner, ?array $radii): void {
    $tree = masked(boxAt('card', 10, 10, 120, 80, ['corners' => ['topLeft' => 20, 'topRight' => 20, 'bottomRight' => 8, 'bottomLeft' => 0]]), boxAt('photo', ...$inner));
    $found = Concentric::of($tree->layer('photo'), [$tree->layer('card')], null);
    expect($found?->corners->radii())->toBe($radii);
})->with([
    'equally far inside' => [[16, 16, 108, 68], [14.0, 14.0, 2.0, 0.0]],
    'further inside than it is round' => [[40, 40, 40, 20], null],
    'closer to one side' => [[16, 12, 108, 30], null],
    'in one corner' => [[14, 14, 40, 30], [16.0, 0.0, 0.0, 0.0]],
    'reaching out' => [[16, 16, 200, 20], null],
    'right on it' => [[10, 10, 120, 80], [20.0, 20.0, 8.0, 0.0]],
]);
