<?php

declare(strict_types=1);

/*
 * Makes a project for measuring: php fill.php SCREENS LAYERS-ON-FIRST LAYERS-ON-OTHERS [CELLS [PAINTED]]. Prints its number.
 * With cells the first screen also has an array of so many, of five layers each, below its other layers. Painted, a third of all
 * layers have gradients and shadows, and the first one a blur and three shadows.
 */

use App\Canvas\Projects;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;

require __DIR__.'/../../bootstrap/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

[, $screens, $first, $others, $cells, $painted] = array_map(intval(...), [...$argv, '0', '0']);
$words = ['Wheel', 'Kiln shelf', 'Glaze of the week', 'Thursday evening', 'Two bowls to collect'];
$file = ['format' => 'kindred-canvas', 'version' => 2, 'name' => "Bench {$screens}", 'entry' => 'screen0', 'screens' => []];
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
    if ($painted > 0) {
        foreach ($layers as $i => $layer) {
            $stops = [['colour' => sprintf('#%06x', $i * 7919 % 0xFFFFFF), 'at' => 0], ['colour' => '#f6efe6', 'at' => 0.6], ['colour' => '#2f4a3c', 'at' => 1]];
            $paint = [['kind' => 'linear', 'angle' => $i * 40 % 360, 'stops' => $stops], ['kind' => 'radial', 'stops' => $stops, 'space' => 'oklab'], ['kind' => 'linear', 'angle' => 90, 'stops' => $stops]][intdiv($i, 3) % 3];
            $layers[$i] = $i % 3 === 0 ? ['fills' => [$paint], 'effects' => [['colour' => '#00000040', 'offsetY' => 1, 'blur' => 3]]] + $layer : $layer;
        }
        $shadow = fn (int $y, string $colour): array => ['colour' => $colour, 'offsetY' => $y, 'blur' => 3 * $y];
        $layers[0] = ['effects' => [$shadow(2, '#00000040'), $shadow(6, '#a94c3140'), ['inner' => true] + $shadow(1, '#ffffff80'), ['kind' => 'blur', 'radius' => 2]]] + $layers[0];
    }
    if ($s === 0 && $cells > 0) {
        $style = ['family' => 'Hanken Grotesk', 'weight' => 500, 'size' => 8, 'lineHeight' => 1.2];
        $design = ['id' => 'cell', 'kind' => 'stack', 'direction' => 'column', 'width' => 60, 'rowGap' => 2, 'padding' => ['top' => 2, 'right' => 2, 'bottom' => 2, 'left' => 2], 'sizing' => ['height' => 'content'], 'fills' => [['colour' => '#eae4d8']], 'children' => [
            ['id' => 'picture', 'kind' => 'box', 'height' => 20, 'sizing' => ['width' => 'stretch'], 'fills' => [['colour' => '#a94c31']]],
            ['id' => 'name', 'kind' => 'text', 'words' => 'Name', 'wrapped' => true, 'sizing' => ['width' => 'stretch'], 'style' => $style],
            ['id' => 'price', 'kind' => 'text', 'words' => '0', 'style' => $style],
            ['id' => 'mark', 'kind' => 'ellipse', 'width' => 6, 'height' => 6, 'fills' => [['colour' => '#3f5d4a']]],
        ]];
        array_unshift($layers, ['id' => 'pots', 'kind' => 'array', 'x' => 0, 'y' => 0, 'width' => 390, 'columns' => 5, 'rowGap' => 4, 'columnGap' => 4, 'children' => [$design], 'sheet' => [
            'columns' => [['id' => 'called', 'name' => 'Name', 'slot' => 'words', 'layer' => 'name'], ['id' => 'costs', 'name' => 'Price', 'slot' => 'words', 'layer' => 'price']],
            'rows' => array_map(fn (int $row): array => ['id' => "row{$row}", 'cells' => ['called' => $words[$row % 5], 'costs' => (string) ($row * 7 % 90)]], range(1, $cells)),
        ]]);
    }
    $file['screens'][] = ['id' => "screen{$s}", 'name' => "Screen {$s}", 'device' => 'phone', 'x' => $s % 10 * 470, 'y' => intdiv($s, 10) * 940, 'width' => 390, 'height' => 844, 'view' => 844, 'layers' => $layers];
}
echo app(Projects::class)->import(User::query()->firstOrFail(), (string) json_encode($file))->id;
