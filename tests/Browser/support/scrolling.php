<?php

declare(strict_types=1);

/* How what is scrolled moves, as the core has it: a list of cases as JSON on standard input, the answers on standard output. */

use Kindred\Flow\Scrolling;

require __DIR__.'/../../../vendor/autoload.php';

/** @var list<array{at: float, speed: float, far: float, seen: float, stops: list<float>, bounce: bool, momentum: bool, ms: float}> $cases */
$cases = json_decode((string) stream_get_contents(STDIN), true, 512, JSON_THROW_ON_ERROR);
echo json_encode(array_map(function (array $one): array {
    $to = Scrolling::rest($one['at'], $one['speed'], $one['far'], $one['stops'], $one['momentum']);
    $glides = Scrolling::glides($one['at'], $to, $one['far'], $one['stops'] !== []);

    return [Scrolling::held($one['at'], $one['far'], $one['seen'], $one['bounce']), $to, $glides, Scrolling::after($one['ms'], $one['at'], $to, $glides), $one['stops'] === [] ? 0 : Scrolling::page($one['at'], $one['stops']), Scrolling::stuck($one['at'], $one['seen'], $one['far'])];
}, $cases), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
