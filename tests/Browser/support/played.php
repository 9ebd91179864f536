<?php

declare(strict_types=1);

/* Reads {curves, times}, writes of every curve how browsers play it, and its values at every time. */

use Kindred\Document\Cue\Easing;

require __DIR__.'/../../../vendor/autoload.php';

['curves' => $curves, 'times' => $times] = json_decode((string) stream_get_contents(STDIN), true);
echo json_encode(array_map(fn (string $curve): array => ['css' => Easing::parse($curve)->css(), 'at' => array_map(Easing::parse($curve)->at(...), $times)], $curves));
