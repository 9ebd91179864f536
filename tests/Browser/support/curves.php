<?php

declare(strict_types=1);

use Kindred\Geometry\Curve\Curves;
use Kindred\Geometry\Curve\Handle;
use Kindred\Geometry\Curve\Node;
use Kindred\Geometry\PathData;
use Kindred\Geometry\Point;

require dirname(__DIR__, 3).'/vendor/autoload.php';

/** Paths as the core changes them: read and written, a curve bent, a handle pulled. */
$asked = json_decode((string) stream_get_contents(STDIN), true);
echo json_encode(array_map(function (array $one): array {
    $path = Curves::of(PathData::parse($one['d']));
    [$after, $t, $by, $to] = [$one['after'], $one['t'], new Point(...$one['by']), new Point(...$one['to'])];
    $subpath = $path->subpaths[0];
    $bent = $subpath->curve($after)->bent($t, $by);
    $next = ($after + 1) % count($subpath->nodes);
    $bending = $path->changed([[0, $after]], fn (Node $node): Node => $node->pulled(Handle::Out, $bent->b, false))->changed([[0, $next]], fn (Node $node): Node => $node->pulled(Handle::In, $bent->c, false));

    return [
        'read' => $path->path()->text(), 'bent' => $bending->path()->text(),
        'pulled' => $path->changed([[0, $after]], fn (Node $node): Node => $node->pulled(Handle::Out, $to, $one['apart']))->path()->text(),
        'smooth' => array_map(fn (Node $node): bool => $node->isSmooth(), $subpath->nodes),
    ];
}, $asked));
