<?php

declare(strict_types=1);

use Database\Demo\FernhollowPottery;
use Database\Demo\GlazeShop;
use Database\Demo\KilnShelf;
use Database\Demo\StudioParts;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Tests\Sample;

it('reads back exactly what it wrote', function (string $json): void {
    $once = ProjectFile::read($json);
    $written = Sample::written($once);
    $again = ProjectFile::read($written);
    expect($again->write())->toBe($written)
        ->and($again->tree->layers)->toEqual($once->tree->layers)
        ->and($again->tree->screens)->toEqual($once->tree->screens)
        ->and($again->pictures)->toBe($once->pictures);
})->with([
    'a small one' => fn (): string => (string) json_encode(Sample::file()),
    'the demo' => fn (): string => FernhollowPottery::file(),
    'the other demo' => fn (): string => KilnShelf::file(),
    'the demo of a flow' => fn (): string => GlazeShop::file(),
    'the demo of components' => fn (): string => StudioParts::file(Sample::runner()),
    'an empty one' => fn (): string => '{"format":"kindred-canvas","version":1,"name":"Empty"}',
]);

it('finds every picture that an edit brings, wherever it shows', function (string $field, mixed $value, string $layer, array $more = []): void {
    $tree = Sample::everything()->tree;
    $hash = str_repeat('c', 64);
    $after = Sample::after($tree, ['type' => 'put-field', 'screen' => $tree->layer(explode('.', $layer)[0])->screen, 'layers' => [$layer], 'field' => $field, 'value' => $value] + $more);
    expect(ProjectFile::newHashes($tree, $after))->toBe([$hash])->and(ProjectFile::newHashes($after, $after))->toBe([])
        // An export without it is refused: whoever writes one is asked for just these.
        ->and(fn () => ProjectFile::read(Sample::written(new ProjectFile($after, Sample::everything()->pictures))))->toThrow(InvalidInput::class, 'is missing');
})->with([
    'a fill' => ['fills', [['colour' => '#ffffff'], ['kind' => 'picture', 'asset' => str_repeat('c', 64)]], 'dish'],
    'a stroke' => ['strokes', [['kind' => 'picture', 'asset' => str_repeat('c', 64), 'width' => 3]], 'dish'],
    'a mask' => ['masks', [['kind' => 'picture', 'asset' => str_repeat('c', 64)]], 'dish'],
    'a fill of one cell' => ['fills', [['kind' => 'picture', 'asset' => str_repeat('c', 64)]], 'dish.row1', ['apart' => true]],
    'a mask of one cell' => ['masks', [['kind' => 'picture', 'asset' => str_repeat('c', 64)]], 'dish.row1', ['apart' => true]],
]);

it('takes the pictures along that only states of a component show', function (): void {
    [$usual, $other] = [str_repeat('b', 64), str_repeat('c', 64)];
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'sign', 'layers' => [['kind' => 'picture', 'name' => 'Sign', 'x' => 0, 'y' => 0, 'width' => 40, 'height' => 40, 'asset' => $usual]]]);
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'home', 'layers' => [(string) array_key_last($tree->layers)], 'seed' => 'component']);
    $sheet = array_values($tree->sheets())[0];
    $tree = Sample::after($tree, ['type' => 'add-state', 'component' => $sheet->id, 'name' => 'Closed', 'seed' => 'state']);
    $shown = array_values(array_filter($tree->layersOf($sheet->id), fn (Layer $layer): bool => $layer->content instanceof Instance))[0]->id;
    $after = Sample::after($tree, ['type' => 'put-field', 'screen' => $sheet->id, 'layers' => ["{$tree->component($sheet->id)?->root}.{$shown}"], 'field' => 'fills', 'value' => [['kind' => 'picture', 'asset' => $other]]]);
    expect(ProjectFile::newHashes($tree, $after))->toBe([$other]);
    $asked = [];
    $pictures = function (array $hashes) use (&$asked): array {
        array_push($asked, ...$hashes);

        return [];
    };
    expect(iterator_to_array(ProjectFile::pieces($after->project, $after->screensInOrder(), fn (): Tree => $after, $after, [], $pictures), false))->not->toBe([])
        ->and($asked)->toContain($usual, $other);
});

it('keeps a document through a file after edits', function (): void {
    $tree = Sample::after(Sample::tree(),
        ['type' => 'group-layers', 'screen' => 'home', 'layers' => ['boxa', 'group'], 'seed' => 'a'],
        ['type' => 'put-cue', 'screen' => 'home', 'layer' => 'icon', 'cue' => ['id' => 'cue1', 'trigger' => ['kind' => 'delay', 'delay' => 900], 'action' => ['kind' => 'return']]],
        ['type' => 'set-field', 'screen' => 'home', 'layers' => ['words'], 'field' => 'style.letterSpacing', 'value' => '0.05'],
        ['type' => 'transfer-layers', 'screen' => 'home', 'to' => null, 'layers' => ['icon'], 'dx' => 5, 'dy' => 900],
    );
    $back = ProjectFile::read(Sample::written(new ProjectFile($tree)))->tree;
    $shape = fn (Tree $tree): array => array_map(fn ($layer): array => ['parent' => $layer->parent] + $layer->properties(), array_replace(array_fill_keys(array_keys($back->layers), null), $tree->layers));
    expect($shape($back))->toEqual($shape($tree));
});

it('names the place of what is wrong', function (callable $spoil, string $message): void {
    $file = Sample::file();
    $spoil($file);
    expect(fn () => ProjectFile::read((string) json_encode($file)))->toThrow(InvalidInput::class, $message);
})->with([
    [fn (array &$file) => $file['format'] = 'other', 'format: this is not a Kindred Canvas project file'],
    [fn (array &$file) => $file['version'] = 99, 'version: the file is of version 99'],
    [fn (array &$file) => $file['name'] = ' ', 'name: this cannot be empty'],
    [fn (array &$file) => $file['entry'] = 'nowhere', 'entry: there is no screen with that id'],
    [fn (array &$file) => $file['screens'][1]['id'] = 'home', 'screens[1].id: the id “home” stands for another screen'],
    [fn (array &$file) => $file['screens'][0]['width'] = 5, 'screens[0].width: the number must lie between 16 and 20000'],
    [fn (array &$file) => $file['screens'][0]['layers'][1]['id'] = 'boxa', 'the id “boxa” stands for another layer already'],
    [fn (array &$file) => $file['screens'][0]['layers'][0]['fills'][0]['colour'] = 'x', 'screens[0].layers[0].fills[0].colour'],
    [fn (array &$file) => $file['screens'][0]['layers'][3]['children'][1]['height'] = -1, 'screens[0].layers[3].children[1].height'],
    [fn (array &$file) => $file['screens'][0]['layers'][0]['children'] = [$file['screens'][0]['layers'][2]], 'screens[0].layers[0].children: only a group, a stack or an array has children'],
    [fn (array &$file) => $file['screens'][0]['layers'][1]['style']['align'] = 'up', 'screens[0].layers[1].style.align: one of these'],
    [fn (array &$file) => $file['screens'][0]['layers'][2] = ['kind' => 'picture', 'asset' => str_repeat('a', 64)] + $file['screens'][0]['layers'][2], 'pictures: the picture of layer “Tick”'],
    [fn (array &$file) => $file['screens'][0]['layers'][3]['children'][1] = ['kind' => 'widget', 'widget' => 'check-box', 'id' => 'boxes', 'name' => 'Boxes', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 80], 'screens[0].layers[3].children[1].widget: there is no widget “check-box”; is check-boxes meant?'],
    [fn (array &$file) => $file['screens'][0]['layers'][] = ['kind' => 'widget', 'widget' => 'hologram', 'id' => 'boxes', 'name' => 'Boxes', 'x' => 0, 'y' => 0, 'width' => 200, 'height' => 80], '.widget: there is no widget “hologram”; the kit lists those that there are'],
    [function (array &$file): void {
        unset($file['format']);
    }, 'format: this is not a Kindred Canvas project file'],
    [fn (array &$file) => $file['screens'] = 'two', 'screens: a list is expected here'],
    [fn (array &$file) => $file['screens'][1] = 'next', 'screens[1]: an object is expected here'],
    [fn (array &$file) => $file['pictures'] = 'none', 'pictures: an object is expected here'],
    [function (array &$file): void {
        unset($file['screens'][0]['layers'][0]['id']);
    }, 'screens[0].layers[0]'],
    [fn (array &$file) => $file['screens'][0]['layers'] = array_map(fn (int $i): array => ['id' => "many{$i}", 'kind' => 'box', 'name' => 'Box', 'x' => 0, 'y' => 0, 'width' => 1, 'height' => 1], range(0, 20_000)), 'screens[0].layers: between 0 and 20000 entries'],
    [fn (array &$file) => $file['screens'][1]['take'] = ['of' => 'nowhere', 'name' => 'A'], 'screens: “Next” is a take of a screen that is not there'],
    [fn (array &$file) => $file['tokens'] = [['id' => 'clay', 'name' => 'clay', 'kind' => 'color', 'value' => '#b4472e'], ['id' => 'clay', 'name' => 'sand', 'kind' => 'color', 'value' => '#dcc8a0']], 'tokens[1].id: the id “clay” stands for something else already'],
    [fn (array &$file) => $file['pictures'] = [str_repeat('b', 64) => base64_encode('x')], 'do not match their SHA-256'],
    [fn (array &$file) => $file['pictures'] = [str_repeat('b', 64) => '***'], 'base64'],
    [fn (array &$file) => $file['screens'] = [$file['screens'][0], ...array_map(fn (int $i): array => ['id' => "take{$i}", 'layers' => [], 'take' => ['of' => 'home', 'name' => "Take {$i}"]] + $file['screens'][1], range(0, 39))], 'the screen “home” has 40 takes; at most 26 can be kept'],
    [fn (array &$file) => $file['screens'] = array_map(fn (int $i): array => ['id' => "screen{$i}", 'layers' => []] + $file['screens'][1], range(0, 500)), 'screens: between 0 and 500'],
]);

it('refuses what is no JSON, too deep, or a list', function (string $json): void {
    ProjectFile::read($json);
})->with(['', '{', '[]', '"text"', 'null', '<xml/>', str_repeat('[', 300).str_repeat(']', 300), "\xff\xfe"])->throws(InvalidInput::class);

it('limits how deep groups lie in each other', function (int $depth, bool $fine): void {
    $file = Sample::file();
    $layer = ['id' => 'deepest', 'kind' => 'box', 'x' => 0, 'y' => 0, 'width' => 1, 'height' => 1];
    for ($i = 0; $i < $depth; $i++) {
        $layer = ['id' => "deep{$i}", 'kind' => 'group', 'x' => 0, 'y' => 0, 'width' => 1, 'height' => 1, 'children' => [$layer]];
    }
    $file['screens'][1]['layers'] = [$layer];
    $read = fn () => ProjectFile::read((string) json_encode($file));
    $fine ? expect($read()->tree->layers)->toHaveCount(6 + $depth + 1) : expect($read)->toThrow(InvalidInput::class, 'more than 32 deep');
})->with([[32, true], [33, false]]);
