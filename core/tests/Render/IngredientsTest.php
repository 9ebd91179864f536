<?php

declare(strict_types=1);

use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Geometry\Point;
use Kindred\Render\Ingredient;
use Kindred\Render\Ingredients;
use Kindred\Render\Share;
use Kindred\Tests\Sample;

$tree = fn (array ...$layers): Tree => ProjectFile::read((string) json_encode(['format' => 'kindred-canvas', 'version' => 3, 'name' => 'Look', 'screens' => [
    ['id' => 'home', 'name' => 'Home', 'device' => 'custom', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 200, 'ground' => '#f4efe6', 'layers' => $layers],
]]))->tree;

/** @return list<string> what makes up the colour at a point, from front to back */
function ingredients(Tree $tree, float $x, float $y, string ...$off): array
{
    $found = (new Ingredients(Sample::renderer(), Sample::expansion()))->at($tree, $tree->screen('home'), new Point($x, $y), Sample::rendering()->with(alone: true), array_values($off));

    return array_map(fn (Ingredient $one): string => trim("{$one->name} {$one->what} ".($one->switch ?? '-').($one->off ? ' off' : '')), $found);
}

it('names all that is painted at a point, from front to back, with what switches it', function () use ($tree): void {
    $layers = $tree(
        ['id' => 'back', 'kind' => 'box', 'name' => 'Back', 'x' => 0, 'y' => 0, 'width' => 150, 'height' => 150, 'fills' => [['colour' => '#17594f80'], ['colour' => '#a94c31', 'hidden' => true]], 'strokes' => [['colour' => '#000000', 'width' => 2]],
            'effects' => [['colour' => '#00000080', 'blur' => 10], ['colour' => '#ffffff80', 'inner' => true], ['kind' => 'blur', 'radius' => 2]]],
        ['id' => 'pair', 'kind' => 'group', 'name' => 'Pair', 'x' => 20, 'y' => 20, 'width' => 60, 'height' => 60, 'opacity' => 0.5, 'effects' => [['colour' => '#00000080', 'blur' => 10]], 'children' => [
            ['id' => 'front', 'kind' => 'text', 'name' => 'Front', 'words' => 'Clay', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4], 'x' => 0, 'y' => 0, 'width' => 60, 'height' => 60, 'masks' => [['kind' => 'linear', 'stops' => []]]],
            ['id' => 'hole', 'kind' => 'ellipse', 'name' => 'Hole', 'masking' => true, 'x' => 0, 'y' => 0, 'width' => 60, 'height' => 60],
        ]],
    );
    $back = ['Back stroke strokes.0.hidden', 'Back inner shadow effects.1.hidden', 'Back fill fills.0.hidden', 'Back shadow effects.0.hidden', 'Back blur effects.2.hidden', 'Home background -'];
    expect(ingredients($layers, 50, 50))->toBe(['Front words', 'Front mask masks.0.hidden', 'Pair shadow effects.0.hidden', 'Hole masks this', 'Pair opacity -', ...$back])
        // What was switched off just now stays, to be switched on again.
        ->and(ingredients($layers, 50, 50, 'back fills.1.hidden', 'left'))->toContain('Back fill fills.1.hidden off')
        ->and(ingredients($layers, 50, 50, 'back fills.0.hidden'))->toContain('Back fill fills.0.hidden');
});

it('finds what lies in the cells of an array, and calls it by its address', function () use ($tree): void {
    $card = ['id' => 'card', 'kind' => 'box', 'name' => 'Card', 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 40, 'fills' => [['colour' => '#17594f']]];
    $array = ['id' => 'cards', 'kind' => 'array', 'name' => 'Cards', 'x' => 10, 'y' => 10, 'width' => 40, 'height' => 90, 'columns' => 1, 'rowGap' => 10, 'sheet' => ['columns' => [], 'rows' => [['id' => 'row1'], ['id' => 'row2']]], 'children' => [$card]];
    $laid = Sample::relayout()->after(new Tree($tree()->project), $tree($array));
    $found = (new Ingredients(Sample::renderer(), Sample::expansion()))->at($laid, $laid->screen('home'), new Point(20, 80), Sample::rendering()->with(alone: true));
    $cards = array_values(array_filter($found, fn (Ingredient $one): bool => $one->name === 'Card'));
    expect(array_map(fn (Ingredient $one): string => (string) $one->layer, $cards))->toBe(['card.row2', 'card.row1']);
});

it('shares out what is seen by how much each lets through', function (): void {
    $one = fn (string $name, int $drawings = 1, ?int $over = null, bool $off = false): Ingredient => new Ingredient(null, $name, 'fill', '', null, $off, array_fill(0, $drawings, ''), $over);
    $shares = Ingredients::shares(
        [$one('glass'), $one('frost', 0, 1), $one('hidden', off: true), $one('shade', 2), $one('nothing'), $one('idle', 0, 1), $one('ground')],
        [[255, 255, 255, 0.25], [0, 0, 0, 1.0], [0, 0, 0, 0.6], [0, 0, 0, 0.2], [0, 0, 0, 0.0], [10, 20, 30, 1.0]],
    );
    // A shadow that makes 0.6 of 0.2 covers half of what is left.
    expect(array_map(fn (Share $share): array => [$share->ingredient->name, $share->share === null ? null : round($share->share, 4)], $shares))
        ->toBe([['glass', 0.25], ['frost', null], ['hidden', null], ['shade', 0.375], ['ground', 0.375]])
        ->and(array_sum(array_map(fn (Share $share): float => $share->share ?? 0.0, $shares)))->toBe(1.0);
});
