<?php

declare(strict_types=1);

/* Reads [{table, events}], runs each in the simulator, writes where each ends. */

use Kindred\Flow\Simulator;

require __DIR__.'/../../../vendor/autoload.php';

$ends = [];
foreach (json_decode((string) stream_get_contents(STDIN), true) as ['table' => $table, 'events' => $events]) {
    $simulator = new Simulator($table);
    foreach ($events as $event) {
        $simulator->send($event);
    }
    $ends[] = $simulator->stand();
}
echo json_encode($ends);
