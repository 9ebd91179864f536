<?php

declare(strict_types=1);

/* Writes the programmes of the booking demo, and of a project with every working widget twice and words on all of them. */

use Database\Demo\KilnShelf;
use Kindred\Exchange\ProjectFile;
use Kindred\Flow\Programme;
use Kindred\Flow\Signals;
use Kindred\Kit\Interactive;
use Kindred\Kit\Kit;

require __DIR__.'/../../../vendor/autoload.php';

$kinds = array_values(array_filter(array_map(fn (string $class) => new $class, Kit::ALL), fn (object $kind): bool => $kind instanceof Interactive));
$screen = fn (string $id, array $layers): array => ['id' => $id, 'name' => $id, 'device' => 'phone', 'x' => 0, 'y' => 0, 'width' => 390, 'height' => 844, 'view' => 844, 'ground' => '#ffffff', 'layers' => $layers];
$project = fn (array $words): string => json_encode(['format' => 'kindred-canvas', 'version' => 2, 'name' => 'All', 'entry' => 'first', 'screens' => array_map(
    fn (string $id): array => $screen($id, [
        ...array_map(fn (Interactive $kind, int $i): array => ['id' => sprintf('%s%03d', $id, $i), 'x' => 0, 'y' => 0, 'required' => $i % 3 === 0, 'accepts' => ['text', 'email', 'number'][$i % 3], 'equals' => $i % 4 === 0 ? 'text_field' : '', 'signal' => $i % 5 === 0 ? 'shared' : ''] + Kit::fresh($kind), $kinds, array_keys($kinds)),
        ...array_map(fn (string $one, int $i): array => ['id' => sprintf('%swords%03d', $id, $i), 'kind' => 'text', 'name' => 'Words', 'x' => 0, 'y' => 0, 'words' => $one, 'style' => ['family' => 'Hanken Grotesk', 'weight' => 400, 'size' => 16, 'lineHeight' => 1.4]], $words, array_keys($words)),
    ]),
    ['first', 'second'],
)], JSON_THROW_ON_ERROR);
$signals = array_keys((new Signals(ProjectFile::read($project([]))->tree))->kinds);
$words = ['{today + 40}', '{serial / 7 as #,##0.0##}', '{stepper * 1.5 - slider / stepper}', '{table.opens}, {table.value * 2}'];
foreach ($signals as $i => $name) {
    array_push($words, "{{$name}}", "{{$name}.value} {{$name}.count}", "{-{$name} * ({$signals[($i + 3) % count($signals)]} + 2) as ".['0.00', 'uppercase', 'd MMM y', '#,##0'][$i % 4].'}', "{{$name} as ".['EEEE d', '0', 'capitalize'][$i % 3].'}');
}
echo json_encode([Programme::compile(ProjectFile::read(KilnShelf::file())->tree), Programme::compile(ProjectFile::read($project($words))->tree)], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
