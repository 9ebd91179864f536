<?php

declare(strict_types=1);

use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Flow\Map\Drawing;
use Kindred\Flow\Map\Graph;
use Kindred\Flow\Map\Layered;
use Kindred\Render\Svg;
use Kindred\Tests\Sample;

/* The graph of a flow, and the map that is drawn of it. */

/**
 * Screens that are linked by name: `home>kilns` shows, `home^menu` lays over, `kilns<` returns.
 */
function flowing(string ...$links): Tree
{
    $names = array_values(array_unique(array_merge([], ...array_map(fn (string $link): array => array_filter(preg_split('/[>^<]/', $link) ?: []), $links))));
    $tree = Sample::after(Sample::tree(), ['type' => 'delete-screens', 'screens' => ['next']]);
    $commands = [];
    foreach ($names as $i => $name) {
        $commands[] = $name === 'home' ? ['type' => 'set-entry', 'screen' => 'home'] : ['type' => 'create-screen', 'screen' => ['id' => $name, 'name' => ucfirst($name), 'device' => 'phone', 'x' => 500 * ($i + 1), 'y' => 0, 'width' => 390, 'height' => 844]];
    }
    foreach ($links as $i => $link) {
        [$from, $to] = [strtok($link, '>^<'), substr($link, (int) strcspn($link, '>^<') + 1)];
        $action = match ($link[strlen($from)]) {
            '^' => ['kind' => 'lay-over', 'screen' => $to],
            '<' => ['kind' => 'return'],
            default => ['kind' => 'show', 'screen' => $to],
        };
        $commands[] = ['type' => 'create-layers', 'screen' => $from, 'seed' => "l{$i}", 'layers' => [['id' => "layer{$i}x", 'kind' => 'box', 'name' => "To {$to}", 'x' => 20, 'y' => 100 + 60 * $i, 'width' => 200, 'height' => 44, 'cues' => [['id' => "cue{$i}x", 'trigger' => ['kind' => 'tap'], 'actions' => [$action]]]]]];
    }

    return Sample::after($tree, ...$commands);
}

function graph(Tree $tree): Graph
{
    return Graph::of($tree, Sample::expansion(), Sample::kit());
}

it('counts the fewest steps from where people begin', function (): void {
    $graph = graph(flowing('home>kilns', 'kilns>glazes', 'home>glazes', 'glazes>pieces', 'pieces>home', 'glazes<', 'home^menu', 'alone>kilns'));

    expect($graph->ranks)->toEqual(['home' => 0, 'kilns' => 1, 'glazes' => 1, 'menu' => 1, 'pieces' => 2])
        ->and($graph->first['pieces']->called)->toBe('To pieces')
        ->and($graph->beginnings())->toBe(['home', 'alone'])
        ->and(count($graph->from['glazes']))->toBe(2);
});

it('finds the steps in instances and arrays, where they come to lie', function (): void {
    $tree = Sample::everything()->tree;
    $sheet = array_values(array_filter($tree->screens, fn (Screen $one): bool => $one->component !== null))[0];
    $tree = Sample::after($tree, ['type' => 'put-cue', 'screen' => $sheet->id, 'layer' => (string) $sheet->component->root, 'cue' => ['id' => 'tagcue', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'show', 'screen' => 'next']]]]);
    $steps = array_values(array_filter(graph($tree)->from['home'], fn ($one): bool => $one->cue->id === 'tagcue'));
    $places = array_map(fn ($one): array => [round($one->target->x), round($one->target->y)], $steps);

    expect(count($steps))->toBeGreaterThan(1)->and(array_unique($places, SORT_REGULAR))->toBe($places);
});

/**
 * Pairs of edges that cross, by their places, each pair looked at.
 *
 * @param  list<list<string>>  $columns
 * @param  list<array{string, string}>  $edges
 */
function crossed(array $columns, array $edges): int
{
    $place = [];
    foreach ($columns as $column) {
        $place += array_flip($column);
    }
    $crossed = 0;
    foreach ($edges as $i => [$a, $b]) {
        foreach (array_slice($edges, $i + 1) as [$c, $d]) {
            $same = array_filter($columns, fn (array $one): bool => in_array($a, $one, true) && in_array($c, $one, true)) !== [];
            $crossed += $same && ($place[$a] - $place[$c]) * ($place[$b] - $place[$d]) < 0 ? 1 : 0;
        }
    }

    return $crossed;
}

/** @return list<list<int>> every order of so many */
function orders(int $count): array
{
    if ($count === 0) {
        return [[]];
    }

    return array_merge(...array_map(fn (array $rest): array => array_map(fn (int $at): array => [...array_slice($rest, 0, $at), $count - 1, ...array_slice($rest, $at)], range(0, $count - 1)), orders($count - 1)));
}

it('crosses no more than a little above the least that can be, and counts what crosses', function (int $seed): void {
    mt_srand($seed);
    [$left, $right] = [['aa', 'ab', 'ac', 'ad', 'ae'], ['ba', 'bb', 'bc', 'bd', 'be']];
    $edges = [];
    for ($i = 0; $i < 9; $i++) {
        $edges[] = [$left[mt_rand(0, 4)], $right[mt_rand(0, 4)]];
    }
    $edges = array_values(array_unique($edges, SORT_REGULAR));
    $layout = Layered::of(array_fill_keys($left, 0) + array_fill_keys($right, 1), array_fill_keys([...$left, ...$right], 100.0), $edges);
    $min = INF;
    foreach (orders(5) as $one) {
        foreach (orders(5) as $other) {
            $min = min($min, crossed([array_map(fn (int $i): string => $left[$i], $one), array_map(fn (int $i): string => $right[$i], $other)], $edges));
            if ($min === 0) {
                break 2;
            }
        }
        // Half of them are the others upside down.
        if ($one[0] === 3) {
            break;
        }
    }

    expect($layout->crossings())->toBe(crossed($layout->order(), $edges))
        ->and($layout->crossings())->toBeLessThanOrEqual($min + 1);
})->with([1, 2, 3]);

it('lets nothing overlap, and leads edges through the columns between', function (int $seed): void {
    mt_srand($seed);
    $names = array_map(fn (int $i): string => "node{$i}", range(0, 39));
    $ranks = array_combine($names, array_map(fn (int $i): int => $i === 0 ? 0 : mt_rand(1, 5), range(0, 39)));
    $heights = array_combine($names, array_map(fn (): float => (float) mt_rand(60, 200), $names));
    $edges = array_map(fn (): array => [$names[mt_rand(0, 39)], $names[mt_rand(0, 39)]], range(1, 120));
    $layout = Layered::of($ranks, $heights, $edges);
    $middles = $layout->middles();
    foreach ($layout->order() as $column) {
        for ($i = 1; $i < count($column); $i++) {
            [$upper, $lower] = [$column[$i - 1], $column[$i]];
            expect($middles[$lower] - $middles[$upper])->toBeGreaterThanOrEqual(($heights[$upper] + $heights[$lower]) / 2 + 36 - 0.001);
        }
    }
    foreach ($edges as [$from, $to]) {
        if ($from === $to) {
            continue;
        }
        $passing = $layout->passing($from, $to);
        expect($passing)->toHaveCount(max(0, abs($ranks[$from] - $ranks[$to]) - 1));
        $step = $ranks[$from] < $ranks[$to] ? 1 : -1;
        foreach ($passing as $i => $at) {
            foreach ($names as $name) {
                if ($ranks[$name] === $ranks[$from] + $step * ($i + 1)) {
                    expect(abs($at - $middles[$name]))->toBeGreaterThanOrEqual($heights[$name] / 2);
                }
            }
        }
    }
    expect(min(array_map(fn (string $name): float => $middles[$name] - $heights[$name] / 2, $names)))->toBeGreaterThanOrEqual(-0.001);
})->with([1, 2]);

it('draws a card for each screen and a thread for each step, and reads them in order', function (): void {
    $graph = graph(flowing('home>kilns', 'home>glazes', 'home^menu', 'kilns>home', 'glazes<', 'menu>glazes', 'alone>kilns'));
    $picture = fn (Screen $screen, float $width, float $height): string => Svg::element('rect', ['width' => $width, 'height' => $height, 'fill' => '#ffffff']);
    [$map, $site] = [new Drawing($graph), new Drawing($graph, true)];
    $read = function (Drawing $drawing) use ($picture): SimpleXMLElement {
        $svg = simplexml_load_string($drawing->svg($picture)) ?: throw new RuntimeException('No SVG.');
        $svg->registerXPathNamespace('svg', 'http://www.w3.org/2000/svg');

        return $svg;
    };
    $threads = fn (SimpleXMLElement $svg): array => array_map(fn (SimpleXMLElement $one): string => "{$one['data-from']}>{$one['data-to']}", $svg->xpath('//svg:g[@data-from]') ?: []);

    expect($threads($read($map)))->toEqualCanonicalizing(['home>kilns', 'home>glazes', 'home>menu', 'kilns>home', 'menu>glazes', 'alone>kilns'])
        ->and($threads($read($site)))->toEqualCanonicalizing(['home>kilns', 'home>glazes', 'home>menu'])
        ->and($read($map)->xpath('//svg:g[@data-screen]'))->toHaveCount(5)
        ->and($map->order())->toEqualCanonicalizing(['home', 'alone', 'kilns', 'glazes', 'menu'])
        ->and(array_slice($map->order(), 0, 2))->toEqualCanonicalizing(['home', 'alone'])
        ->and((string) $read($map)->asXML())->toContain('To kilns. Tap: show Kilns');
});

it('draws a project without screens, and one without cues', function (): void {
    $none = Sample::after(Sample::tree(), ['type' => 'delete-screens', 'screens' => ['home', 'next']]);
    foreach ([$none, Sample::tree()] as $tree) {
        expect((new Drawing(graph($tree)))->svg(fn (): string => ''))->toContain('<svg');
    }
});
