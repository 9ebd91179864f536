<?php

declare(strict_types=1);

/* Times the layout of about 10,000 nested boxes, built anew each time: prints milliseconds as JSON. */

use Kindred\Document\Layer\Stack;
use Kindred\Document\Layout\FlexDirection;
use Kindred\Document\Layout\Padding;
use Kindred\Document\Layout\Size;
use Kindred\Layout\Flex\FlexLayout;
use Kindred\Layout\Flex\FlexNode;

require __DIR__.'/../../bootstrap/autoload.php';

$count = 0;
$styles = array_map(
    fn (FlexDirection $direction): Stack => new Stack($direction, rowGap: 4, columnGap: 4, padding: Padding::all(3)),
    [FlexDirection::Column, FlexDirection::Row],
);
$make = function (int $depth) use (&$make, &$count, $styles): FlexNode {
    $number = $count++;
    if ($depth === 4) {
        return new FlexNode(Size::Length, Size::Length, 10.0 + $number % 7, 8.0 + $number % 5);
    }
    $children = [];
    for ($i = 0; $i < 10; $i++) {
        $children[] = $make($depth + 1);
    }

    return new FlexNode(Size::Content, Size::Content, 0.0, 0.0, null, $styles[$depth % 2], $children);
};
$read = function (FlexNode $node) use (&$read): float {
    $sum = $node->x + $node->w;
    foreach ($node->children as $child) {
        $sum += $read($child);
    }

    return $sum;
};
$times = [];
// The first runs are compiled while they run, as in a process that has just started.
for ($run = -10; $run < 31; $run++) {
    $count = 0;
    $start = hrtime(true);
    $root = $make(0);
    (new FlexLayout)->lay($root);
    $sum = $read($root);
    if ($run >= 0) {
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    $size = [$root->w, $root->h];
    // Freed between the runs, as the reference is.
    unset($root);
}
sort($times);
echo json_encode(['nodes' => $count, 'median' => $times[15], 'sum' => $sum, 'width' => $size[0], 'height' => $size[1]]);
