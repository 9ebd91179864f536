<?php

declare(strict_types=1);

use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Flow\Samples;
use Kindred\Kit\Kit;
use Kindred\Render\FilledWords;
use Kindred\Tests\Sample;

/** @param  array<string, mixed>  $more */
function entering(string $widget, array $more): array
{
    return ['type' => 'create-layers', 'screen' => 'next', 'seed' => "w{$widget}", 'layers' => [$more + ['x' => 20, 'y' => 40] + Kit::fresh(Kit::find($widget) ?? throw new LogicException($widget))]];
}

function bookable(): Tree
{
    return Sample::after(Sample::tree(),
        entering('stepper', ['label' => 'Pieces', 'value' => 3, 'min' => 0, 'max' => 9]),
        entering('text-field', ['label' => 'Your name', 'hint' => 'Ines Calloway', 'text' => '']),
        entering('select', ['label' => 'Firing', 'items' => [['label' => 'Bisque', 'cells' => ['€ 1.50']], ['label' => 'Glaze', 'cells' => ['€ 2.00']]]]),
    );
}

it('fills placeholders with what widgets start with, or a sample of what they take', function (string $words, string $shown): void {
    expect((new Samples(bookable(), 20_000))->words($words))->toBe($shown);
})->with([
    ['{pieces} pieces', '3 pieces'],
    ['{pieces * firing.value as 0.00}', '4.50'],
    ['For {your_name}', 'For Ines Calloway'],
    ['{firing}', 'Bisque'],
    ['{nothing} and {pieces +}', '{nothing} and {pieces +}'],
    ['no placeholders', 'no placeholders'],
]);

it('fills those of widgets too, and says when what it fills with is another', function (): void {
    $tree = bookable();
    $samples = new Samples($tree, 20_000);
    $button = $samples->widget(new Widget('button', label: 'Book {pieces}', items: [new Kindred\Document\Widget\Item('{firing}', cells: ['{pieces}'])]));
    expect([$button->label, $button->items[0]->label, $button->items[0]->cells])->toBe(['Book 3', 'Bisque', ['3']]);
    $stepper = array_values(array_filter($tree->layers, fn ($layer): bool => $layer->content instanceof Widget && $layer->content->widget === 'stepper'))[0];
    $later = Sample::after($tree, ['type' => 'set-widget', 'screen' => 'next', 'layers' => [$stepper->id], 'field' => 'value', 'value' => '5']);
    $moved = Sample::after($tree, ['type' => 'move-layers', 'screen' => 'next', 'layers' => [$stepper->id], 'dx' => 5, 'dy' => 0]);
    expect((new Samples($later, 20_000))->key())->not->toBe($samples->key())->and((new Samples($moved, 20_000))->key())->toBe($samples->key());
});

it('shows them on the wall, where the words are kept as they are written', function (): void {
    $tree = Sample::after(bookable(), ['type' => 'set-words', 'screen' => 'home', 'layer' => 'words', 'words' => '{pieces} pieces']);
    $rendering = Sample::rendering(true)->with(fill: fn (): FilledWords => new Samples($tree, 20_000));
    $svg = Sample::renderer()->layer($tree, $tree->layer('words'), $rendering);
    expect($svg)->toContain('>3 pieces<')->toContain('data-words="{pieces} pieces"')->toContain('data-placeholders')
        ->and(Sample::renderer()->layer($tree, $tree->layer('words'), Sample::rendering(true)))->toContain('>{pieces} pieces<');
});
