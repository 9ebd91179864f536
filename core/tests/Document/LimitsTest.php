<?php

declare(strict_types=1);

use Kindred\Command\Commands;
use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Missing;
use Kindred\Document\Screen;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Tests\AnyCommand;
use Kindred\Tests\Sample;

it('never leads to a document that cannot be read, exported, brought in again or undone', function (int $seed): void {
    mt_srand($seed);
    $tree = $start = $seed % 4 === 0 ? Sample::everything()->tree : Sample::tree();
    $done = [];
    for ($step = 0; $step < 50; $step++) {
        $data = $step % 3 === 0 ? AnyCommand::on($tree, $step) : AnyCommand::extreme($tree, $step);
        try {
            $after = Sample::after($tree, $data);
        } catch (InvalidInput|Missing $refused) {
            expect($refused->getMessage())->not->toBe('');

            continue;
        }
        $done[] = Difference::read(Reader::kept(json_decode((string) json_encode(Difference::between($tree, $after)->toArray(), JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR), true)));
        // What a step left as it was has been read already.
        foreach (array_filter($after->layers, fn (Layer $layer): bool => ($tree->layers[$layer->id] ?? null) !== $layer) as $layer) {
            expect(Layer::read(Reader::of($layer->toArray()))->toArray())->toEqual($layer->toArray());
        }
        foreach (array_filter($after->screens, fn (Screen $screen): bool => ($tree->screens[$screen->id] ?? null) !== $screen) as $screen) {
            expect(Screen::read(Reader::of($screen->toArray()))->toArray())->toEqual($screen->toArray());
        }
        $tree = $after;
    }
    $again = ProjectFile::read(Sample::written(new ProjectFile($tree, [AnyCommand::asset() => AnyCommand::PICTURE, AnyCommand::font() => AnyCommand::FONT])))->tree;
    expect(count($again->layers))->toBe(count($tree->layers))->and(count($again->screens))->toBe(count($tree->screens));
    foreach (array_reverse($done) as $difference) {
        $tree = $difference->inverse()->applyTo($tree);
    }
    expect($tree)->toBeDocument($start)->and(count($done))->toBeGreaterThan(5);
})->with(range(1, 80));

it('tries every registered command', function (): void {
    $tried = array_unique(array_column(AnyCommand::all(Sample::tree(), 1), 'type'));
    $registered = array_map(fn (string $class): string => $class::type(), Commands::ALL);
    expect(array_values(array_diff($registered, $tried)))->toBe([]);
});

it('finds something to change for every registered command', function (): void {
    mt_srand(7);
    $icons = array_map(fn (string $name): array => ['name' => $name, 'lines' => 'M4 4L20 20'], ['pug-mill', 'cone']);
    $start = Sample::after(Sample::everything()->tree, ['type' => 'put-icons', 'icons' => $icons], ['type' => 'put-fonts', 'fonts' => [['family' => 'Kiln Hand', 'weight' => 400, 'italic' => false, 'asset' => AnyCommand::font()]]], ['type' => 'put-tokens', 'tokens' => array_map(fn (string $id): array => ['id' => $id, 'name' => $id, 'kind' => 'dimension', 'value' => strlen($id)], ['small', 'larger'])], ['type' => 'put-tokens', 'tokens' => [['id' => 'spruce', 'name' => 'spruce', 'kind' => 'color', 'value' => '#17594f']]], ['type' => 'put-theme', 'id' => 'dusk', 'name' => 'Dusk', 'opposite' => true], ['type' => 'make-component', 'screen' => 'home', 'layers' => ['boxa'], 'seed' => 'second'], ['type' => 'put-library', 'id' => 'parts', 'name' => 'Parts', 'project' => '', 'taken' => []],
        ...array_map(fn (string $layer): array => ['type' => 'put-cue', 'screen' => 'home', 'layer' => $layer, 'cue' => ['id' => "match{$layer}", 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'next', 'transition' => ['kind' => 'match']]]]], ['boxa', 'words', 'icon']));
    $tree = $start;
    $changing = [];
    for ($step = 0; $step < 1000 && count($changing) < count(Commands::ALL); $step++) {
        // Now and then from the start, before too much is gone.
        $tree = $step % 20 === 0 ? $start : $tree;
        $all = AnyCommand::all($tree, $step);
        foreach ($all as $data) {
            try {
                if (! isset($changing[$data['type']]) && Difference::between($tree, Sample::after($tree, $data))->changes !== []) {
                    $changing[$data['type']] = true;
                }
            } catch (InvalidInput|Missing) {
                // Not on this tree.
            }
        }
        try {
            $tree = Sample::after($tree, $all[mt_rand(0, count($all) - 1)]);
        } catch (InvalidInput|Missing) {
            // Another one comes next.
        }
    }
    expect(array_values(array_diff(array_map(fn (string $class): string => $class::type(), Commands::ALL), array_keys($changing))))->toBe([]);
});

it('refuses what would be too large and says what', function (array $commands, string $message): void {
    expect(fn () => Sample::after(Sample::tree(), ...$commands))->toThrow(InvalidInput::class, $message);
})->with(function (): array {
    $on = ['screen' => 'home'];
    $words = fn (string $words): array => ['type' => 'set-words', 'layer' => 'words', 'words' => $words] + $on;
    $field = fn (string $layer, string $field, string $value): array => ['type' => 'set-field', 'layers' => [$layer], 'field' => $field, 'value' => $value] + $on;
    $move = fn (string $layer, float $dx): array => ['type' => 'move-layers', 'layers' => [$layer], 'dx' => $dx, 'dy' => 0] + $on;
    $hang = ['type' => 'move-screens', 'screens' => ['home'], 'dx' => 90_000, 'dy' => 0];
    $create = fn (array $layer): array => ['type' => 'create-layers', 'seed' => 'p', 'layers' => [$layer + ['x' => 0, 'y' => 0, 'width' => 1, 'height' => 1]]] + $on;
    $ids = Kindred\Document\Id::beside('rows');

    return [
        'a paragraph of large letters' => [[$words(str_repeat('fern ', 70)), $field('words', 'width', '300'), $field('words', 'style.size', '1000')], '“Words” would be 392,000 px high; a layer can be at most 100,000 px. Nothing was changed.'],
        'words that no longer wrap' => [[$words(str_repeat('w', 3000)), $field('words', 'style.size', '200')], 'px wide; a layer can be at most 100,000 px. Nothing was changed.'],
        'moved twice' => [[$move('boxa', 90_000), $move('boxa', 90_000)], '“Box” would lie at 180,020 px; places go from -100,000 to 100,000 px'],
        'a screen moved twice' => [[$hang, $hang], '“Home” would hang at 180,000 px'],
        'a group of what lies far apart' => [[$move('boxa', 90_000), $move('icon', -90_000), ['type' => 'group-layers', 'layers' => ['boxa', 'icon'], 'seed' => 'far'] + $on], 'Nothing was changed.'],
        'a guide past the end' => [[['type' => 'set-screen-field', 'field' => 'guides.x', 'value' => '99999+99999'] + $on], 'A guide lies between -100,000 and 100,000 px; this one would lie at 199,998 px'],
        'far into a group' => [[$move('boxa', -90_000), $field('group', 'x', '90000'), ['type' => 'reorder-layers', 'parent' => 'group', 'layers' => ['boxa'], 'above' => null] + $on], 'Nothing was changed.'],
        'padding of a stack' => [[['type' => 'stack-layers', 'layers' => ['boxa', 'icon'], 'seed' => 'pad'] + $on, $field(Kindred\Document\Id::beside('pad')->next(), 'sizing.width', 'content'), $field(Kindred\Document\Id::beside('pad')->next(), 'padding', '90000')], 'px wide; a layer can be at most'],
        'rows of a high cell' => [[['type' => 'array-layers', 'layers' => ['boxa'], 'seed' => 'rows'] + $on, $field(Kindred\Document\Id::beside('rows')->next(), 'columns', '1'), ['type' => 'add-rows', 'layer' => $ids->next(), 'count' => 1990, 'seed' => 'more'] + $on], '“Array” would be'],
        'too many cells in cells' => [[$field('boxa', 'height', '1'), ['type' => 'array-layers', 'layers' => ['boxa'], 'seed' => 'rows'] + $on, $field(Kindred\Document\Id::beside('rows')->next(), 'rowGap', '0'), ['type' => 'array-layers', 'layers' => [Kindred\Document\Id::beside('rows')->next(), 'icon'], 'seed' => 'two'] + $on,
            ...array_map(fn (string $seed, int $count): array => ['type' => 'add-rows', 'layer' => Kindred\Document\Id::beside($seed)->next(), 'count' => $count, 'seed' => $seed] + $on, ['rows', 'two'], [97, 100])], '“Array” would show 10,300 cells, in all the cells that it lies in; at most 10,000 can be shown. Nothing was changed.'],
        'a path without an end' => [[$create(['kind' => 'path', 'd' => 'M0 0h1e999'])], 'the path reaches further than 1,000,000 px'],
        'a path of too many pieces' => [[$create(['kind' => 'path', 'd' => 'M0 0'.str_repeat('a9 9 0 1 0 1 1', 12_000)])], 'too many segments'],
        'layers in a text' => [[['parent' => 'words'] + $create(['kind' => 'box'])], 'nothing can lie in it'],
    ];
});

it('groups things in each other as deep as a file can be read, and no deeper', function (): void {
    $tree = Sample::tree();
    $inner = 'boxa';
    for ($depth = 1; $depth <= 32; $depth++) {
        $tree = Sample::after($tree, ['type' => 'group-layers', 'screen' => 'home', 'layers' => [$inner], 'seed' => "deep{$depth}"]);
        $inner = Kindred\Document\Id::beside("deep{$depth}")->next();
    }
    expect(ProjectFile::read(Sample::written(new ProjectFile($tree)))->tree->ancestors($tree->layer('boxa')))->toHaveCount(32);
    Sample::after($tree, ['type' => 'group-layers', 'screen' => 'home', 'layers' => [$inner], 'seed' => 'deeper']);
})->throws(InvalidInput::class, 'more than 32 groups deep');

it('reads what was stored past the limits as the nearest that is allowed, and lets it be worked on and taken back', function (): void {
    $tree = Sample::tree();
    $words = $tree->layer('words');
    $stored = ['height' => 140_000.0, 'x' => INF, 'name' => '', 'words' => str_repeat('fern ', 5000), 'fills' => [['colour' => 'none']]] + $words->toArray();
    $kept = Layer::read(Reader::kept($stored));
    expect([$kept->box->height, $kept->box->x, $kept->name, $kept->fills])->toBe([100_000.0, 100_000.0, 'Untitled', []])
        ->and(Layer::read(Reader::of($kept->toArray()))->toArray())->toEqual($kept->toArray());

    $large = $tree->withLayers($kept->with(box: $kept->box->sized(300, 100_000)));
    $after = Sample::after($large, ['type' => 'rename-layer', 'layer' => 'words', 'name' => 'Long']);
    expect($after->layer('words')->name)->toBe('Long');

    // The log of that time still says the height that was stored.
    $then = Difference::read(Reader::kept(['changes' => [['entity' => 'layer', 'id' => 'words', 'before' => ['height' => 22.4], 'after' => ['height' => 140_000.0]]]]));
    expect($then->inverse()->applyTo($large)->layer('words')->box->height)->toBe(22.4);
});

it('keeps ranks short however often something is put between the same two', function (): void {
    $tree = Sample::tree();
    for ($i = 0; $i < 400; $i++) {
        $tree = Sample::after($tree, ['type' => 'reorder-layers', 'screen' => 'home', 'layers' => [$i % 2 === 0 ? 'icon' : 'boxa'], 'above' => 'words']);
        $tree = Sample::after($tree, ['type' => 'reorder-screen', 'screen' => ['home', 'next'][$i % 2], 'after' => null]);
    }
    $longest = max(array_map(fn (Layer|Screen $one): int => strlen($one->rank), [...array_values($tree->layers), ...array_values($tree->screens)]));
    expect($longest)->toBeLessThanOrEqual(40)
        ->and(array_map(fn (Layer $layer): string => $layer->id, $tree->children(new Kindred\Document\Place('home'))))->toBe(['words', 'boxa', 'icon', 'group'])
        ->and($tree->reel()[0]->id)->toBe('next')
        ->and(max(array_map(strlen(...), Kindred\Document\Rank::spread('a', 'b', 5000))))->toBeLessThan(12);
});
