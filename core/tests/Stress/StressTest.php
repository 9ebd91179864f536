<?php

declare(strict_types=1);

use Kindred\Command\Commands;
use Kindred\Command\Runner;
use Kindred\Document\Tree;
use Kindred\Input\Reader;
use Kindred\Kit\Kit;
use Kindred\Stress\Broken;
use Kindred\Stress\Strains;
use Kindred\Stress\Stress;
use Kindred\Tests\Check\Planted;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

function underStress(): Stress
{
    return new Stress(Planted::eyes(), Sample::relayout(), new Runner(Sample::consequences(), new Kit(new Typesetter(Sample::faces())), Sample::shapes()));
}

/** What breaks, and how it would hold, by strain. */
function breaking(Tree $tree, string $strain): array
{
    $strained = underStress()->under($tree, 'notice', Strains::find($tree, 'notice', $strain) ?? throw new LogicException($strain));

    return $strained === null ? ['nothing to strain'] : array_map(fn (Broken $one): array => [$tree->layer($one->finding->places[0]->layer)->name, $one->finding->rule::key(), $one->fix?->label], $strained->broken);
}

/** A notice whose parts hold as they are: a title with a line below it, a button, a stack, a list. */
function notice(): Tree
{
    $cell = ['id' => 'cell', 'kind' => 'stack', 'name' => 'Cell', 'x' => 0, 'y' => 0, 'width' => 342, 'direction' => 'row', 'sizing' => ['width' => 'stretch', 'height' => 'content'], 'children' => [Planted::text('Pot', 'Bowl', 0, 0, 100, more: ['id' => 'potname', 'sizing' => ['width' => 'stretch']])]];

    return (new Planted)->screen('notice', [
        Planted::text('Title', 'Glaze firing today', 24, 40, 180, 20),
        Planted::text('Below', 'Shelf two', 24, 72, 150),
        Planted::group('Button', 24, 120, 130, 44, [Planted::box('Ground', 0, 0, 130, 44, '#17594f'), Planted::text('Says', 'Book now', 16, 10.8, 98, 16, '#ffffff')]),
        ['kind' => 'stack', 'name' => 'Row', 'x' => 24, 'y' => 200, 'width' => 200, 'height' => 24, 'direction' => 'row', 'sizing' => ['width' => 'length', 'height' => 'content'], 'children' => [Planted::text('Free words', 'Two bowls to collect', 0, 0, more: ['wrapped' => false])]],
        ['id' => 'list1', 'kind' => 'array', 'name' => 'List', 'x' => 24, 'y' => 300, 'width' => 342, 'height' => 100, 'columns' => 1, 'rowGap' => 8, 'children' => [$cell],
            'sheet' => ['columns' => [['id' => 'pot1', 'name' => 'Pot', 'slot' => 'words', 'layer' => 'potname']], 'rows' => array_map(fn (int $i): array => ['id' => "row{$i}", 'cells' => ['pot1' => "Bowl {$i}"]], range(1, 8))]],
        ['kind' => 'widget', 'name' => 'Next', 'widget' => 'button', 'label' => 'Next', 'x' => 24, 'y' => 770, 'width' => 342, 'height' => 48],
    ])->tree();
}

it('says what breaks in other languages, at 200 % and on other devices, and what would hold', function (): void {
    $tree = notice();
    expect(breaking($tree, 'german'))->toContain(['Below', 'collision', 'Make “Title” wider'], ['Says', 'leaves-container', 'Let “Button” grow with “Says”'], ['Free words', 'leaves-container', 'Stretch “Free words”'])
        ->and(breaking($tree, 'large-text'))->toContain(['Below', 'collision', 'Stack “Title” and “Below”'], ['Free words', 'leaves-container', 'Stretch “Free words”'])
        ->and(breaking($tree, 'on-phone-small'))->toBe([['Next', 'off-screen', 'Pin “Next” to the bottom and both sides']])
        ->and(breaking($tree, 'on-tablet'))->toBe([])
        ->and(breaking($tree, 'many'))->toContain(['Cell', 'off-screen', null])
        ->and(breaking($tree, 'empty'))->toBe([])
        ->and(breaking($tree, 'right-to-left'))->toBe([]);
});

it('offers only what holds', function (): void {
    $tree = notice();
    $offered = 0;
    foreach (Strains::for($tree, 'notice') as $strain) {
        foreach (underStress()->under($tree, 'notice', $strain)->broken ?? [] as $one) {
            if ($one->fix === null) {
                continue;
            }
            $mended = Sample::after($tree, ...$one->fix->commands);
            $left = array_map(fn (Broken $still): string => $still->finding->id(), underStress()->under($mended, 'notice', $strain)->broken ?? []);
            expect($left)->not->toContain($one->finding->id(), "{$strain->label()}: {$one->fix->label}")
                ->and(array_map(fn ($data) => Commands::read(Reader::of($data))->label($tree), $one->fix->commands))->not->toContain('');
            $offered++;
        }
    }
    expect($offered)->toBeGreaterThan(8);
});

it('leaves placeholders alone, and mirrors what stands at the left', function (): void {
    $tree = (new Planted)->screen('notice', [Planted::text('Price', '{pieces} pieces', 24, 40, 150), Planted::text('Kiln', 'Kiln', 24, 80, 100)])->tree();
    $german = underStress()->under($tree, 'notice', Strains::find($tree, 'notice', 'german') ?? throw new LogicException);
    $hebrew = underStress()->under($tree, 'notice', Strains::find($tree, 'notice', 'right-to-left') ?? throw new LogicException);
    $named = fn (Tree $of, string $name) => array_values(array_filter($of->layers, fn ($layer): bool => $layer->name === $name))[0];
    expect($named($german->tree, 'Price')->content->words)->toBe('{pieces} pieces')
        ->and(mb_strlen($named($german->tree, 'Kiln')->content->words))->toBe(10)
        ->and($named($hebrew->tree, 'Kiln')->content->words)->toBe('קילנ')->and($named($hebrew->tree, 'Kiln')->box->x)->toBe(390.0 - 24 - 100);
});
