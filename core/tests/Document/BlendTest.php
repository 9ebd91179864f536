<?php

declare(strict_types=1);

use Kindred\Compare\Comparison;
use Kindred\Compare\Remark;
use Kindred\Document\Edit\Field;
use Kindred\Document\Edit\Look;
use Kindred\Document\Edit\Trials;
use Kindred\Document\Finish;
use Kindred\Document\Screen;
use Kindred\Document\Style\BlendMode;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Render\PaintClasses;
use Kindred\Tests\Sample;

function blended(string $mode): Tree
{
    return Sample::after(Sample::tree(), ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'blend', 'value' => $mode]);
}

it('is set, kept in files, and left out where nothing is said', function (): void {
    $tree = blended('multiply');
    $file = Sample::written(new ProjectFile($tree));
    expect($tree->layer('boxa')->blend)->toBe(BlendMode::Multiply)
        ->and(ProjectFile::read($file)->tree->layer('boxa')->blend)->toBe(BlendMode::Multiply)
        ->and(substr_count($file, '"blend"'))->toBe(1)
        ->and(fn (): Tree => blended('melt'))->toThrow(InvalidInput::class, 'one of these is expected: normal, multiply');
});

it('is drawn in every finish, by a class whose rule a picture that stands alone brings along', function (Finish $finish): void {
    $tree = Sample::after(blended('color-dodge'), ['type' => 'set-finish', 'finish' => $finish->value]);
    $draw = fn (bool $alone): string => Sample::renderer()->screen($tree, $tree->screen('home'), Sample::rendering()->with(alone: $alone));
    expect($draw(true))->toContain('<g data-layer="boxa" class="blend-color-dodge"')->toContain('.blend-color-dodge { mix-blend-mode: color-dodge; }')
        ->and($draw(false))->toContain('class="blend-color-dodge"')->not->toContain('<style>')
        ->and(Sample::renderer()->screen(Sample::tree(), Sample::tree()->screen('home'), Sample::rendering()->with(alone: true)))->not->toContain('<style>')
        ->and(substr_count(PaintClasses::css(), 'mix-blend-mode'))->toBe(15);
})->with(Finish::cases());

it('is told, tried, copied with the look, and what layers are alike in', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'make-take', 'screen' => 'home', 'seed' => 'one'], ['type' => 'set-field', 'screen' => 'home', 'layers' => ['boxa'], 'field' => 'blend', 'value' => 'screen']);
    [$kept] = array_values(array_filter($tree->takes('home'), fn (Screen $take): bool => $take->id !== 'home'));
    $remarks = Comparison::between($tree, $kept, $tree->screen('home'))->remarks;
    expect(array_map(fn (Remark $remark): string => $remark->sentence, $remarks))->toBe(['The box has another blend mode (normal → screen).'])
        ->and(array_map(fn (Field $field): string => $field->path, Trials::fields($tree->layer('boxa'))))->toContain('blend')
        ->and(Look::of($tree->layer('boxa'))['blend'])->toBe('screen')
        ->and(Sample::after($tree, ['type' => 'set-style', 'screen' => 'home', 'layers' => ['icon'], 'style' => Look::of($tree->layer('boxa'))])->layer('icon')->blend)->toBe(BlendMode::Screen);
});
