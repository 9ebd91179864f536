<?php

declare(strict_types=1);

/* Reads [{table, events, seed, today}], runs each in the simulator, writes where each ends and what it shows. */

use Kindred\Flow\Simulator;

require __DIR__.'/../../../vendor/autoload.php';

$ends = [];
foreach (json_decode((string) stream_get_contents(STDIN), true) as $run) {
    $simulator = new Simulator($run['table'], $run['seed'] ?? 1, $run['today'] ?? 0);
    foreach ($run['events'] as $event) {
        $simulator->send($event);
    }
    $ends[] = $simulator->stand() + [
        'over' => $simulator->over(),
        'done' => $simulator->done,
        'turns' => (object) $simulator->turns,
        'values' => (object) $simulator->values->all(),
        'words' => array_map($simulator->values->words(...), array_map(strval(...), array_keys($run['table']['words']))),
        'messages' => array_map($simulator->values->message(...), array_map(strval(...), array_keys($run['table']['widgets']))),
    ];
}
echo json_encode($ends, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
