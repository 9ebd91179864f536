<?php

declare(strict_types=1);

use Kindred\Document\Brief\Entry;
use Kindred\Document\Difference;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Document\Upgrade\Upgrades;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Tests\Sample;

it('reads the files of earlier versions, and writes them as they are today', function (string $name, int $version = 1): void {
    $file = ProjectFile::read(Sample::before($name, $version));
    $today = Sample::written($file);
    expect(json_decode($today)->version)->toBe(Upgrades::VERSION)
        ->and(ProjectFile::read($today)->tree->layers)->toEqual($file->tree->layers)->and(ProjectFile::read($today)->write())->toBe($today);
})->with([['fernhollow.kindred.json'], ['kiln-shelf.kindred.json'], ['everything.kindred.json'], ['everything.kindred.json', 2], ['everything.kindred.json', 3], ['states.kindred.json', 4]]);

it('reads of version 2 what it reads of version 1', function (): void {
    expect(ProjectFile::read(Sample::before('everything.kindred.json', 2))->tree)->toBeDocument(ProjectFile::read(Sample::before('everything.kindred.json'))->tree);
});

it('brings what has another form today to it, and leaves the rest', function (): void {
    $tree = ProjectFile::read(Sample::before('everything.kindred.json'))->tree;
    [$slide, $pots] = [$tree->layer('slide')->content, $tree->layer('pots')->content];
    expect(array_column($tree->layer('right')->toArray()['fills'], 'colour'))->toBe(['#010203', '#ddeeff', '#aabbcc'])
        ->and($slide instanceof Widget ? [$slide->min, $slide->value, $slide->max] : null)->toBe([-20.0, 40.0, 80.0])
        ->and($pots instanceof ArrayLayer ? json_decode((string) json_encode($pots->overrides), true) : null)->toEqual([
            'row2' => [
                'label' => ['fills.0.colour' => '#b4472e', 'words' => 'Odd', 'style.size' => 21, 'style.weight' => 700, 'style.italic' => true, 'style.lineHeight' => 1.5, 'style.letterSpacing' => 0.1, 'style.align' => 'center', 'style.family' => 'Spectral'],
                // What is a share of what lies around it stays as it was typed.
                'dish' => ['x' => '50%', 'width' => 60, 'opacity' => 0.4, 'corners' => array_fill_keys(['topLeft', 'topRight', 'bottomRight', 'bottomLeft'], 8), 'corners.topLeft' => 2, 'strokes.0.colour' => '#123456', 'strokes.0.width' => 2.5, 'strokes.0.position' => 'outside', 'rotation' => 90],
            ],
            'row3' => [
                'dish' => ['fills.0.colour' => null, 'strokes.0.width' => null, 'height' => 20],
                'face' => ['asset' => hash('sha256', 'a picture'), 'fit' => 'fill', 'zoom' => 1.5, 'positionX' => 0.25],
                'mark' => ['icon' => 'leaf', 'line' => 1.5, 'optical' => true],
            ],
        ]);
});

it('lays out cells with overrides of version 1 as that did', function (): void {
    $tree = ProjectFile::read(Sample::before('everything.kindred.json'))->tree;
    $cells = Sample::cells()->of($tree, $tree->layer('pots'));
    $of = fn (int $cell, string $part): Layer => $cells[$cell]->tree->layer($part);
    expect([$of(1, 'dish')->box->x, $of(1, 'dish')->box->width, $of(1, 'dish')->opacity, $of(1, 'dish')->rotation, $of(1, 'dish')->corners->radii()])->toEqual([81.5, 60, 0.4, 90, [2, 8, 8, 8]])
        ->and([$of(1, 'dish')->strokes[0]->width, $of(1, 'dish')->strokes[0]->position?->value, $of(2, 'dish')->strokes, $of(2, 'dish')->fills, $of(2, 'dish')->box->height])->toEqual([2.5, 'outside', [], [], 20])
        ->and($of(1, 'label')->content->toArray())->toMatchArray(['words' => 'Odd'])->and($of(0, 'dish')->fills[0]->colour()->toHex())->toBe('#a94c31');
});

/**
 * @return array{Tree, list<Difference>} how a history of an earlier version ends, and its steps
 */
function history(int $version): array
{
    ['end' => $end, 'log' => $log] = json_decode(Sample::before('history.json', $version), true);
    $layer = fn (array $data): Layer => Layer::read(Reader::kept(Upgrades::layer($data, $version)));
    $screen = fn (array $data): Screen => Screen::read(Reader::kept(Upgrades::screen($data)));
    $by = fn (array $all, Closure $read): array => array_column(array_map($read, $all), null, 'id');
    $tree = new Tree(Project::read(Reader::kept($end['project'])), $by($end['screens'], $screen), $by($end['layers'], $layer), null, ['entry' => $by($end['entries'] ?? [], fn (array $data): Entry => Entry::kept($data)), 'token' => $by($end['tokens'] ?? [], fn (array $data): Token => Token::kept($data))], $by($end['gone'] ?? [], $screen));

    return [$tree, array_map(fn (array $difference): Difference => Difference::read(Reader::kept(Upgrades::difference($difference, $version))), $log)];
}

it('takes back and makes again every step of a history of an earlier version', function (int $version): void {
    [$tree, $steps] = history($version);
    $last = $tree;
    foreach (array_reverse($steps) as $step) {
        $tree = $step->inverse()->applyTo($tree);
    }
    $first = ProjectFile::read(Sample::before('everything.kindred.json'))->tree;
    expect(array_keys($tree->layers))->toEqualCanonicalizing(array_keys($first->layers));
    foreach ($tree->layers as $id => $layer) {
        expect($layer->properties())->toEqual($first->layer($id)->properties());
    }
    foreach ($steps as $step) {
        $tree = $step->applyTo($tree);
    }
    expect($tree)->toBeDocument($last)->and(count($steps))->toBe(160);
})->with([1, 2]);

it('takes back and makes again what was done to cues when each did one thing', function (): void {
    [$tree, $steps] = history(3);
    $last = $tree;
    foreach (array_reverse($steps) as $step) {
        $tree = $step->inverse()->applyTo($tree);
    }
    $cues = fn (Tree $of): array => array_merge(...array_map(fn (Layer|Screen $one): array => $one->cues, [...array_values($of->layers), ...array_values($of->screens)]));
    expect($cues($tree))->toEqual($cues(ProjectFile::read(Sample::before('everything.kindred.json', 3))->tree));
    foreach ($steps as $step) {
        $tree = $step->applyTo($tree);
    }
    expect($tree)->toBeDocument($last);
    $screen = array_values(array_filter($tree->reel(), fn (Screen $one): bool => $one->cue('cuea') !== null))[0];
    $tap = array_values(array_filter($tree->layersOf($screen->id), fn (Layer $one): bool => $one->cue('cueb') !== null))[0]->cue('cueb')->toArray();
    expect($screen->cue('cuea')->toArray())->toEqual(['id' => 'cuea', 'trigger' => ['kind' => 'delay', 'delay' => 900], 'actions' => [['kind' => 'return', 'transition' => null]]])
        ->and($tap['conditions'])->toBe([['kind' => 'fields']])->and($tap['actions'][0]['transition']['duration'])->toBe(120);
});

it('takes back and makes again what was done to the states of a component when that was called otherwise', function (): void {
    [$tree, $steps] = history(4);
    $last = $tree;
    foreach (array_reverse($steps) as $step) {
        $tree = $step->inverse()->applyTo($tree);
    }
    $first = ProjectFile::read(Sample::before('states.kindred.json', 4))->tree;
    $component = $first->sheets()[0]->component;
    expect($component->overrides)->toHaveCount(1)->and($tree->sheets()[0]->component->toArray())->toEqual($component->toArray());
    foreach ($steps as $i => $step) {
        $tree = $step->applyTo($tree);
        // The pressed state is painted, and bound to a token two steps later.
        if ($i === 2) {
            $pressed = $tree->sheets()[0]->component->layersIn([$component->axes[0]->id => $component->axes[0]->states[1]->id]);
            expect($pressed[0][$component->root])->toBe(['fills.0.colour' => '#d9a441', 'fills.0.bound' => ['paint' => 'sand']]);
        }
    }
    expect($tree)->toBeDocument($last)->and(count($steps))->toBe(7);
});

it('reads a file whose version comes after its screens as one of version 1, and as no other', function (int $version, bool $fine): void {
    $file = json_decode(Sample::before('everything.kindred.json'), true);
    unset($file['version']);
    $json = (string) json_encode([...$file, 'version' => $version]);
    $fine ? expect(ProjectFile::read($json)->tree->layer('right')->fills[0]->colour()->toHex())->toBe('#010203')
        : expect(fn () => ProjectFile::read($json))->toThrow(InvalidInput::class, 'the version stands before the screens');
})->with([[1, true], [2, false]]);
