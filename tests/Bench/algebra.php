<?php

declare(strict_types=1);

/* Times the union of two shapes of many curves, whose points are given as JSON on standard input: prints milliseconds and points as JSON. */

use Kindred\Geometry\Algebra\Algebra;
use Kindred\Geometry\Algebra\Operand;
use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\PathData;

require __DIR__.'/../../bootstrap/autoload.php';

$shapes = [];
foreach ((array) json_decode((string) stream_get_contents(STDIN), true) as $ring) {
    $segments = [['M', $ring[0]]];
    // Each side is a curve that bulges a little.
    foreach ($ring as $i => [$x, $y]) {
        [$toX, $toY] = $ring[($i + 1) % count($ring)];
        $handle = [($x + $toX) / 2 + ($toX - $x) * 0.1, ($y + $toY) / 2];
        $segments[] = ['C', [...$handle, ...$handle, $toX, $toY]];
    }
    $shapes[] = new Operand(Curves::of(PathData::of([...$segments, ['Z', []]])));
}
$times = [];
$points = 0;
for ($i = 0; $i < 15; $i++) {
    $begun = hrtime(true);
    $union = Algebra::of($shapes);
    $times[] = (hrtime(true) - $begun) / 1e6;
    $points = array_sum(array_map(fn ($subpath): int => count($subpath->nodes), $union->subpaths));
}
$times = array_slice($times, 5);
sort($times);
echo json_encode(['median' => $times[5], 'points' => $points]);
