<?php

declare(strict_types=1);

/* Makes a project for measuring: php fill.php SCREENS LAYERS-ON-FIRST LAYERS-ON-OTHERS. Prints its number. */

use App\Canvas\Projects;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;

require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

[, $screens, $first, $others] = array_map(intval(...), $argv);
$words = ['Wheel', 'Kiln shelf', 'Glaze of the week', 'Thursday evening', 'Two bowls to collect'];
$file = ['format' => 'kindred-canvas', 'version' => 1, 'name' => "Bench {$screens}", 'entry' => 'screen0', 'screens' => []];
for ($s = 0; $s < $screens; $s++) {
    $layers = [];
    for ($i = 0, $count = $s === 0 ? $first : $others; $i < $count; $i++) {
        $place = ['id' => "l{$s}x{$i}", 'x' => ($i % 10) * 38, 'y' => intdiv($i, 10) % 80 * 10, 'width' => 34, 'height' => 9];
        $layers[] = match ($i % 4) {
            0, 1 => ['kind' => 'box', 'fills' => [['colour' => sprintf('#%06x', $i * 7919 % 0xFFFFFF)]], 'corners' => ['topLeft' => 3, 'topRight' => 3, 'bottomRight' => 3, 'bottomLeft' => 3]] + $place,
            2 => ['kind' => 'text', 'words' => $words[$i % 5], 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 8, 'lineHeight' => 1.2]] + $place,
            default => ['kind' => 'ellipse', 'fills' => [['colour' => '#a94c31']]] + $place,
        };
    }
    $file['screens'][] = ['id' => "screen{$s}", 'name' => "Screen {$s}", 'device' => 'phone', 'x' => $s % 10 * 470, 'y' => intdiv($s, 10) * 940, 'width' => 390, 'height' => 844, 'view' => 844, 'layers' => $layers];
}
echo app(Projects::class)->import(User::query()->firstOrFail(), (string) json_encode($file))->id;
