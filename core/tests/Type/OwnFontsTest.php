<?php

declare(strict_types=1);

use Kindred\Command\Runner;
use Kindred\Document\Difference;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Kit\Kit;
use Kindred\Layout\Consequences;
use Kindred\Layout\Relayout;
use Kindred\Layout\Shapes;
use Kindred\Tests\Sample;
use Kindred\Type\CompiledFaces;
use Kindred\Type\FaceBook;
use Kindred\Type\OwnFace;
use Kindred\Type\OwnFonts;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;

/** Fonts that came from outside: a face of the build under another name. */
function kilnHand(): OwnFonts
{
    return new class implements OwnFonts
    {
        public function metrics(string $asset): ?array
        {
            return $asset === str_repeat('f', 64) ? null : (new CompiledFaces(Sample::compiled()))->metrics('Noto Sans Cyrillic', $asset === str_repeat('b', 64) ? 700 : 400, false);
        }

        public function font(string $asset): string
        {
            return (string) (new CompiledFaces(Sample::compiled()))->font('Noto Sans Cyrillic', $asset === str_repeat('b', 64) ? 700 : 400, false);
        }

        public function file(string $asset): string
        {
            return "wOF2{$asset}";
        }
    };
}

function ownFace(int $weight, string $asset, bool $italic = false, string $family = 'Kiln Hand'): OwnFace
{
    return new OwnFace($family, $weight, $italic, str_repeat($asset, 64));
}

it('sets words in fonts of the project, of their nearest weight and slope', function (): void {
    $faces = new FaceBook(new CompiledFaces(Sample::compiled()), fonts: kilnHand());
    $shipped = $faces->width('Печь', new TextStyle('Kiln Hand', 400, 100));
    $faces->own([ownFace(400, 'a'), ownFace(700, 'b'), ownFace(400, 'f', family: 'Nowhere')]);
    $regular = $faces->width('Печь', new TextStyle('Kiln Hand', 400, 100));
    expect($faces->families()['Kiln Hand'])->toBe([400, 700])->and($faces->families())->toHaveKey('Lora')->not->toHaveKey('Nowhere')
        ->and($faces->nearest('Kiln Hand', 600))->toBe(['Kiln Hand', 700])
        ->and($regular)->toBeGreaterThan(0)
        ->and($faces->width('Печь', new TextStyle('Kiln Hand', 700, 100)))->toBeGreaterThan($regular)
        ->and($shipped)->toEqual($faces->width('Печь', new TextStyle('Nowhere', 400, 100)))
        // What it lacks stands in from others: it has no Arabic.
        ->and($faces->pieces('фخ', new TextStyle('Kiln Hand'))[1]->face->family())->toBe('Noto Sans Arabic')
        ->and($faces->path('Печь', new TextStyle('Kiln Hand', 700, 100), 0, 0))->toContain('M')
        ->and($faces->file('Kiln Hand', 690))->toBe('wOF2'.str_repeat('b', 64))
        ->and([$faces->isThere('Kiln Hand', 700, false), $faces->isThere('Kiln Hand', 500, false), $faces->isThere('Kiln Hand', 400, true), $faces->isThere('Lora', 700, true), $faces->isThere('Gone', 400, false)])->toBe([true, false, false, true, false]);
    $faces->own([]);
    expect($faces->families())->not->toHaveKey('Kiln Hand');
});

it('lays out anew what is set in a family that came, went or was exchanged, and takes that back', function (): void {
    $faces = new FaceBook(new CompiledFaces(Sample::compiled()), fonts: kilnHand());
    [$typesetter, $shapes] = [new Typesetter($faces), new Shapes(new Typesetter($faces), Sample::icons())];
    $consequences = new Consequences(new Relayout($typesetter, Relayout::cells($typesetter, $shapes), $shapes));
    $run = fn (Tree $tree, array $command): Tree => (new Runner($consequences, new Kit($typesetter), $shapes))->run($tree, Sample::command($command));
    $label = ['kind' => 'text', 'x' => 10, 'y' => 10, 'words' => 'Печь горит', 'style' => ['family' => 'Kiln Hand', 'weight' => 400, 'size' => 40, 'lineHeight' => 1.4]];
    $before = $run(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 's', 'layers' => [$label, ['words' => 'Lora here', 'y' => 80, 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4]] + $label]]);
    [$own, $other] = array_slice(array_map(strval(...), array_keys($before->layers)), -2);
    $put = fn (string $asset): array => ['type' => 'put-fonts', 'fonts' => [ownFace(400, $asset)->toArray()]];
    $after = $run($before, $put('b'));
    expect($after->layer($own)->box->width)->toBeGreaterThan($before->layer($own)->box->width)->and($after->layer($other))->toBe($before->layer($other));
    // Another file of the same weight takes its place.
    $light = $run($after, $put('a'));
    expect($light->layer($own)->box->width)->toBeLessThan($after->layer($own)->box->width)->and($light->project->fonts)->toHaveCount(1);
    $undone = $consequences->replayed($light, Difference::between($after, $light)->inverse());
    expect($undone->layer($own)->box)->toEqual($after->layer($own)->box)->and($undone->project)->toEqual($after->project);
    $gone = $run($undone, ['type' => 'remove-fonts', 'family' => 'Kiln Hand']);
    expect($gone->layer($own)->box)->toEqual($before->layer($own)->box)->and($gone->layer($own)->content->style->family)->toBe('Kiln Hand')
        ->and(fn (): Tree => $run($gone, ['type' => 'remove-fonts', 'family' => 'Kiln Hand']))->toThrow(InvalidInput::class, '“Kiln Hand” is no font of this project');
});

it('lays out copies anew that are set in a family of their own, or in that of a state', function (): void {
    $faces = new FaceBook(new CompiledFaces(Sample::compiled()), fonts: kilnHand());
    [$typesetter, $shapes] = [new Typesetter($faces), new Shapes(new Typesetter($faces), Sample::icons())];
    $consequences = new Consequences(new Relayout($typesetter, Relayout::cells($typesetter, $shapes), $shapes));
    $run = fn (Tree $tree, array $command): Tree => (new Runner($consequences, new Kit($typesetter), $shapes))->run($tree, Sample::command($command));
    $label = ['kind' => 'text', 'id' => 'sign', 'wrapped' => false, 'x' => 10, 'y' => 10, 'words' => 'Печь горит', 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 40, 'lineHeight' => 1.4]];
    $tree = $run(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 's', 'layers' => [['kind' => 'stack', 'id' => 'plate', 'name' => 'Plate', 'x' => 0, 'y' => 0, 'width' => 0, 'height' => 0, 'sizing' => ['width' => 'content', 'height' => 'content'], 'children' => [$label]]]]);
    $plate = array_values(array_filter($tree->layers, fn ($one): bool => $one->name === 'Plate'))[0]->id;
    $tree = $run($tree, ['type' => 'make-component', 'screen' => 'home', 'layers' => [$plate], 'seed' => 'c']);
    $sheet = array_values($tree->sheets())[0]->id;
    $sign = $tree->subtree($tree->component($sheet)->root ?? '')[1]->id;
    $tree = $run($tree, ['type' => 'add-state', 'component' => $sheet, 'name' => 'Hand', 'seed' => 'a']);
    $axis = $tree->component($sheet)->axes[0];
    $use = ['kind' => 'instance', 'component' => $sheet, 'x' => 0, 'y' => 200];
    $tree = $run($tree, ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'u', 'layers' => [['name' => 'As designed'] + $use, ['name' => 'Of its own', 'overrides' => [$sign => ['style.family' => 'Kiln Hand']]] + $use, ['name' => 'In a state', 'states' => [$axis->id => $axis->states[1]->id]] + $use]]);
    [$design, $own, $state] = array_slice(array_map(strval(...), array_keys($tree->layers)), -3);
    $tree = $run($tree, ['type' => 'set-field', 'screen' => $sheet, 'layers' => ["{$sign}.{$state}"], 'field' => 'style.family', 'value' => 'Kiln Hand']);
    expect($tree->component($sheet)->ownOf([$axis->id => $axis->states[1]->id])[$sign])->toBe(['style.family' => 'Kiln Hand']);
    $wide = fn (Tree $of, string $id): float => $of->layer($id)->box->width;
    $after = $run($tree, ['type' => 'put-fonts', 'fonts' => [ownFace(400, 'b')->toArray()]]);
    expect($wide($after, $design))->toBe($wide($tree, $design))
        ->and($wide($after, $own))->not->toBe($wide($tree, $own))
        ->and($wide($after, $state))->toBe($wide($after, $own));
    $gone = $run($after, ['type' => 'remove-fonts', 'family' => 'Kiln Hand']);
    expect($wide($gone, $own))->toBe($wide($tree, $own))->and($wide($gone, $state))->toBe($wide($tree, $state));
});

it('replaces a family everywhere, in runs too', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 's', 'layers' => [
        ['kind' => 'text', 'x' => 0, 'y' => 0, 'words' => 'Kiln log', 'style' => ['family' => 'Lora', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4], 'runs' => [['from' => 0, 'to' => 4, 'family' => 'Gone', 'weight' => 700]]],
    ]]);
    $id = (string) array_key_last($tree->layers);
    $after = Sample::after($tree, ['type' => 'replace-family', 'family' => 'Gone', 'by' => 'Archivo'])->layer($id)->content;
    expect($after->runs[0]->family)->toBe('Archivo')->and($after->runs[0]->weight)->toBe(700)->and($after->style->family)->toBe('Lora')
        ->and(fn (): Tree => Sample::after($tree, ['type' => 'replace-family', 'family' => 'Nobody', 'by' => 'Lora']))->toThrow(InvalidInput::class, 'No words are set in “Nobody”');
});

it('takes no names that CSS could stumble over', function (string $family): void {
    expect(fn () => Sample::command(['type' => 'put-fonts', 'fonts' => [['family' => $family, 'weight' => 400, 'italic' => false, 'asset' => str_repeat('a', 64)]]]))->toThrow(InvalidInput::class, 'a family is named by');
})->with(['"', "O'Kiln", 'a"; } body { display: none', 'Kiln, serif', '-kiln', 'Kiln\\']);

it('holds at most two hundred fonts', function (): void {
    $fonts = fn (int $from, int $count): array => array_map(fn (int $weight): array => ownFace($weight, 'a')->toArray(), range($from, $from + $count - 1));
    $full = Sample::after(Sample::tree(), ['type' => 'put-fonts', 'fonts' => $fonts(1, 200)]);
    expect($full->project->fonts)->toHaveCount(200)
        ->and(fn (): Tree => Sample::after($full, ['type' => 'put-fonts', 'fonts' => $fonts(500, 1)]))->toThrow(InvalidInput::class, 'at most 200 fonts');
});

it('carries the fonts in the project file, before what is set in them', function (): void {
    $bytes = 'wOF2 a font';
    $face = new OwnFace('Kiln Hand', 400, true, hash('sha256', $bytes));
    $tree = Sample::tree()->withProject(Sample::tree()->project->with(fonts: [$face]));
    $json = (new ProjectFile($tree, [$face->asset => $bytes]))->write();
    $again = ProjectFile::read($json);
    expect($again->tree->project->fonts)->toEqual([$face])->and($again->pictures[$face->asset])->toBe($bytes)
        ->and(strpos($json, '"fontFiles"'))->toBeLessThan(strpos($json, '"screens"'))
        ->and(fn () => ProjectFile::read(str_replace(base64_encode($bytes), base64_encode('another'), $json)))->toThrow(InvalidInput::class, 'the bytes do not match')
        ->and(fn () => ProjectFile::read((string) preg_replace('/"fontFiles": \{[^}]*\}/', '"fontFiles": {}', $json)))->toThrow(InvalidInput::class, 'the file of this font is missing');
});
