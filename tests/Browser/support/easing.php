<?php

declare(strict_types=1);

/* Reads {curves, times}, writes the value of every curve at every time. */

use Kindred\Document\Cue\Easing;
use Kindred\Motion\CubicBezier;

require __DIR__.'/../../../vendor/autoload.php';

['curves' => $curves, 'times' => $times] = json_decode((string) stream_get_contents(STDIN), true);
echo json_encode(array_map(fn (string $curve): array => array_map((new CubicBezier(Easing::parse($curve)))->at(...), $times), $curves));
