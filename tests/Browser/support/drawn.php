<?php

declare(strict_types=1);

/* Reads words with their style and the width that they wrap at; writes them drawn live and as outlines, as SVG. */

use Kindred\Document\Finish;
use Kindred\Render\TextMode;
use Kindred\Tests\Sample;

require __DIR__.'/../../../vendor/autoload.php';

['words' => $words, 'style' => $style, 'width' => $width] = json_decode((string) stream_get_contents(STDIN), true);
$tree = Sample::after(Sample::tree(), ['type' => 'create-layers', 'screen' => 'home', 'seed' => 'w', 'layers' => [
    ['kind' => 'text', 'words' => $words, 'style' => $style, 'wrapped' => true, 'x' => 10, 'y' => 10, 'width' => $width, 'height' => 20, 'fills' => [['colour' => '#000000']]],
]]);
$layer = $tree->layers[array_key_last($tree->layers)];
echo json_encode(array_map(
    fn (TextMode $mode): string => '<svg xmlns="http://www.w3.org/2000/svg" width="460" height="640">'.Sample::renderer()->layer($tree, $layer, Sample::rendering(text: $mode)->with(finish: Finish::Dressed)).'</svg>',
    [TextMode::Live, TextMode::Outlines],
));
