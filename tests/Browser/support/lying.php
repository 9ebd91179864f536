<?php

declare(strict_types=1);

/* How large screens are over others and where they lie, as the core has it: a list of cases as JSON on standard input, the answers on standard output. */

use Kindred\Document\Anchor;
use Kindred\Document\Overlay;
use Kindred\Document\Span;
use Kindred\Geometry\Box;
use Kindred\Render\PlayedScreens;

require __DIR__.'/../../../vendor/autoload.php';

/** @var list<array{place: string, x: float, y: float, across: string, down: string, margin: float, seen: array{float, float}, own: array{float, float}, beside: array{float, float, float, float}|null}> $cases */
$cases = json_decode((string) stream_get_contents(STDIN), true, 512, JSON_THROW_ON_ERROR);
echo json_encode(array_map(function (array $one): array {
    $over = Overlay::usual()->with(place: Anchor::from($one['place']), x: (float) $one['x'], y: (float) $one['y'], width: Span::from($one['across']), height: Span::from($one['down']), margin: (float) $one['margin']);
    [$width, $height] = $over->size(...$one['seen'], ...$one['own']);
    $box = $over->box($one['seen'][0], $one['seen'][1], new Box(0, 0, $width, $height), $one['beside'] === null ? null : new Box(...$one['beside']));

    return [$box->x, $box->y, $width, $height, PlayedScreens::called($width, $height)];
}, $cases), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
