<?php

declare(strict_types=1);

/* Reads the layers of a screen with its size, writes the screen as SVG: as pages have it, with their rules, and standing alone. */

use Kindred\Exchange\ProjectFile;
use Kindred\Render\PaintClasses;
use Kindred\Render\Rendering;
use Kindred\Render\TextMode;
use Kindred\Tests\Sample;

require __DIR__.'/../../../vendor/autoload.php';

['width' => $width, 'height' => $height, 'layers' => $layers] = json_decode((string) stream_get_contents(STDIN), true);
$screen = ['id' => 'home', 'name' => 'Home', 'device' => 'custom', 'x' => 0, 'y' => 0, 'width' => $width, 'height' => $height, 'layers' => $layers];
$tree = ProjectFile::read((string) json_encode(['format' => 'kindred-canvas', 'version' => 3, 'name' => 'Paint', 'screens' => [$screen]]))->tree;
$drawn = fn (bool $alone): string => Sample::renderer()->screen($tree, $tree->screen('home'), new Rendering(TextMode::Outlines, fn (string $hash): string => '', alone: $alone));
echo json_encode(['page' => $drawn(false), 'alone' => $drawn(true), 'css' => PaintClasses::css()]);
