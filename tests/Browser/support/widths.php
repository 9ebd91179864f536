<?php

declare(strict_types=1);

/* Reads {lines, size, tracking}, writes the width of every line in every shipped face, in px. */

use Kindred\Tests\Sample;

require __DIR__.'/../../../vendor/autoload.php';

['lines' => $lines, 'size' => $size, 'tracking' => $tracking] = json_decode((string) stream_get_contents(STDIN), true);
$widths = [];
foreach (Sample::faces()->families() as $family => $weights) {
    foreach ($weights as $weight) {
        $face = Sample::faces()->face($family, $weight);
        $widths[] = ['family' => $family, 'weight' => $weight, 'widths' => array_map(fn (string $line): float => $face->width($line, $tracking) * $size, $lines)];
    }
}
echo json_encode($widths);
