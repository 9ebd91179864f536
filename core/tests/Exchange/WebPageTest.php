<?php

declare(strict_types=1);

use Kindred\Document\Layer;
use Kindred\Document\Tree;
use Kindred\Exchange\WebPage;
use Kindred\Tests\Sample;

function page(Tree $tree): string
{
    return (new WebPage(Sample::renderer(), Sample::faces(), Sample::expansion(), Sample::relayout(), Sample::shapes(), 'document.title;', 'body{margin:0}'))->write($tree, fn (string $hash): string => 'data:image/png;base64,AAAA');
}

function dom(string $page): DOMXPath
{
    $document = new DOMDocument;
    libxml_use_internal_errors(true);
    $document->loadHTML('<?xml encoding="utf-8">'.$page);

    return new DOMXPath($document);
}

it('lets nothing run or load but what it holds', function (): void {
    $page = page(Sample::tree());
    preg_match("/script-src 'sha256-([^']+)'/", $page, $script);
    preg_match("/style-src 'sha256-([^']+)'/", $page, $style);
    preg_match('#<style>(.*?)</style>#s', $page, $styles);
    expect(base64_decode($script[1]))->toBe(hash('sha256', 'document.title;', true))
        ->and(base64_decode($style[1]))->toBe(hash('sha256', $styles[1], true))
        ->and($page)->toContain("default-src 'none'")->not->toContain('src="http')->not->toContain('href="http');
});

it('holds one sheet for each screen, in the order of the reel, and the programme', function (): void {
    $tree = Sample::after(Sample::tree(), ['type' => 'reorder-screen', 'screen' => 'next', 'after' => null]);
    $dom = dom(page($tree));
    $screens = array_map(fn (DOMNode $node): string => $node->nodeValue ?? '', iterator_to_array($dom->query('//template/@data-screen')));
    $programme = json_decode($dom->query('//script[@id="programme"]')->item(0)->textContent, true);
    expect($screens)->toBe(['next', 'home'])->and($programme['entry'])->toBe('home')->and(array_column($programme['states'], 'name'))->toBe(['Next', 'Home']);
});

it('carries each face that its texts need, once, and no other', function (): void {
    $words = fn (string $id, string $family, int $weight, bool $italic = false): array => ['kind' => 'text', 'name' => $id, 'x' => 0, 'y' => 0, 'width' => 1, 'height' => 1, 'words' => $id, 'style' => ['family' => $family, 'weight' => $weight, 'size' => 16, 'lineHeight' => 1.2, 'italic' => $italic]];
    $tree = Sample::after(Sample::tree(),
        ['type' => 'create-layers', 'screen' => 'next', 'seed' => 'a', 'layers' => [$words('one', 'Spectral', 600), $words('two', 'Spectral', 600), $words('three', 'Nobody Sans', 400), $words('four', 'Spectral', 600, true), $words('five', 'Caveat', 700), $words('six', 'Caveat', 700, true)]],
        // A loose text is not part of the prototype.
        ['type' => 'create-layers', 'screen' => null, 'seed' => 'b', 'layers' => [$words('loose', 'Lora', 700)]],
    );
    preg_match_all('/@font-face\{font-family:"([^"]+)";font-weight:(\d+);(?:font-style:(italic);)?src:url\(data:font\/woff2;base64,(?<file>[^)]+)\)/', page($tree), $faces, PREG_SET_ORDER);
    expect(array_map(fn (array $face): string => trim("{$face[1]} {$face[2]} {$face[3]}"), $faces))
        ->toBe(['Caveat 700', 'Hanken Grotesk 400', 'Spectral 600', 'Spectral 600 italic'])
        ->and(array_unique(array_column($faces, 'file')))->toHaveCount(4);
    foreach ($faces as $face) {
        expect(substr(base64_decode($face['file']), 0, 4))->toBe('wOF2');
    }
});

it('carries the faces of the states, too, that something turns to while it is played, and of no others', function (): void {
    $words = ['kind' => 'text', 'name' => 'Says', 'x' => 0, 'y' => 0, 'words' => 'Open', 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.2]];
    $tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'says', 'layers' => [$words]]);
    $tree = Sample::after($tree, ['type' => 'make-component', 'screen' => 'home', 'layers' => [(string) array_key_last($tree->layers)], 'seed' => 'component']);
    $sheet = array_values($tree->sheets())[0]->id;
    $root = (string) $tree->component($sheet)?->root;
    $tree = Sample::after($tree, ['type' => 'add-state', 'component' => $sheet, 'name' => 'Closed', 'seed' => 'state']);
    $axis = $tree->component($sheet)?->axes[0] ?? throw new LogicException('It has no states.');
    $closed = array_values(array_filter($tree->layersOf($sheet), fn (Layer $layer): bool => $layer->component() === $sheet))[0]->id;
    $still = Sample::after($tree, ['type' => 'set-field', 'screen' => $sheet, 'layers' => ["{$root}.{$closed}"], 'field' => 'style.family', 'value' => 'Spectral']);
    $turned = Sample::after($still, ['type' => 'put-cue', 'screen' => $sheet, 'layer' => $root, 'cue' => ['id' => 'turn1', 'trigger' => ['kind' => 'tap'], 'actions' => [['kind' => 'state', 'axis' => $axis->id]]]]);
    $has = fn (Tree $of): bool => str_contains(page($of), '@font-face{font-family:"Spectral";font-weight:400');
    expect([$has($tree), $has($still), $has($turned)])->toBe([false, false, true]);
});

it('lets no name or word out of its place', function (string $typed): void {
    $tree = Sample::after(Sample::tree(),
        ['type' => 'set-words', 'screen' => 'home', 'layer' => 'words', 'words' => $typed],
        ['type' => 'set-screen-field', 'screen' => 'home', 'field' => 'name', 'value' => $typed],
        ['type' => 'rename-layer', 'layer' => 'boxa', 'name' => $typed],
    );
    $tree = $tree->withProject($tree->project->with(name: $typed));
    $count = fn (string $page): int => (int) dom($page)->query('//*[not(self::tspan)]')->length;
    $dom = dom(page($tree));
    expect($count(page($tree)))->toBe($count(page(Sample::tree())))
        ->and($dom->query('//title')->item(0)->textContent)->toBe($typed)
        ->and(json_decode($dom->query('//script[@id="programme"]')->item(0)->textContent, true)['states'][0]['name'])->toBe($typed);
})->with(['</title><script>alert(1)</script>', '</script><!-- x', '"><img src=x onerror=alert(1)>', "it's & <b>", '</template></svg>']);
