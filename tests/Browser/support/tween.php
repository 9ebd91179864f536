<?php

declare(strict_types=1);

/* What lies between two attributes of SVG, as the core has it: a list of cases as JSON on standard input, the answers on standard output. */

use Kindred\Motion\Tween;

require __DIR__.'/../../../vendor/autoload.php';

/** @var list<array{string, string, float}> $cases */
$cases = json_decode((string) stream_get_contents(STDIN), true, 512, JSON_THROW_ON_ERROR);
echo json_encode(array_map(fn (array $one): ?string => Tween::text($one[0], $one[1], (float) $one[2]), $cases), JSON_THROW_ON_ERROR);
