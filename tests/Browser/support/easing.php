<?php

declare(strict_types=1);

/* Reads {curves, times, reversed}, writes the value of every curve, or of every curve reversed, at every time. */

use Kindred\Document\Cue\Easing;

require __DIR__.'/../../../vendor/autoload.php';

['curves' => $curves, 'times' => $times, 'reversed' => $reversed] = json_decode((string) stream_get_contents(STDIN), true);
$played = fn (Easing $easing): Easing => $reversed ? $easing->reversed() : $easing;
echo json_encode(array_map(fn (string $curve): array => array_map($played(Easing::parse($curve))->at(...), $times), $curves));
