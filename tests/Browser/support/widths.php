<?php

declare(strict_types=1);

/* Reads {lines, size, tracking}, writes the width of every line in every shipped face, in px. */

use Kindred\Tests\Sample;

require __DIR__.'/../../../vendor/autoload.php';

['lines' => $lines, 'size' => $size, 'tracking' => $tracking] = json_decode((string) stream_get_contents(STDIN), true);
$widths = [];
foreach (Sample::faces()->families() as $family => $weights) {
    foreach ($weights as $weight) {
        foreach (['normal' => false, 'italic' => true] as $style => $italic) {
            $face = Sample::faces()->face($family, $weight, $italic);
            $widths[] = ['family' => $family, 'weight' => $weight, 'style' => $style, 'widths' => array_map(fn (string $line): float => $face->width($line, $tracking) * $size, $lines)];
        }
    }
}
echo json_encode($widths);
