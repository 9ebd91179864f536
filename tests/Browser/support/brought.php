<?php

declare(strict_types=1);

/* Reads drawings of one size, writes what became of them as SVG, and what was left out. */

use Kindred\Exchange\ProjectFile;
use Kindred\Exchange\Svg\SvgReader;
use Kindred\Render\PaintClasses;
use Kindred\Render\Rendering;
use Kindred\Render\TextMode;
use Kindred\Tests\Sample;
use Kindred\Type\Typesetter;

require __DIR__.'/../../../vendor/autoload.php';

/** @return array{page: string, left: list<string>} */
function brought(string $svg, float $width, float $height): array
{
    $read = SvgReader::read($svg, new Typesetter(Sample::faces()), fn (): ?string => null);
    $number = 0;
    $named = function (array $layer) use (&$named, &$number): array {
        return ['id' => 'layer'.++$number] + (isset($layer['children']) ? ['children' => array_map($named, $layer['children'])] : []) + $layer;
    };
    $screen = ['id' => 'home', 'name' => 'Home', 'device' => 'custom', 'x' => 0, 'y' => 0, 'width' => $width, 'height' => $height, 'layers' => array_map($named, $read['layers'])];
    $tree = ProjectFile::read((string) json_encode(['format' => 'kindred-canvas', 'version' => 3, 'name' => 'Brought', 'screens' => [$screen]]))->tree;

    return ['page' => Sample::renderer()->screen($tree, $tree->screen('home'), new Rendering(TextMode::Outlines, fn (string $hash): string => '')), 'left' => $read['left']];
}

['width' => $width, 'height' => $height, 'drawings' => $drawings] = json_decode((string) stream_get_contents(STDIN), true);
echo json_encode(['css' => PaintClasses::css(), 'brought' => array_map(fn (string $svg): array => brought($svg, $width, $height), $drawings)]);
