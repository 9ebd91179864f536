<?php

declare(strict_types=1);

/** The rooms of the core, each above those that it may use. */
const ROOMS = ['Input', 'Geometry', 'Signal', 'Property', 'Paint', 'Device', 'Type', 'Document', 'Style', 'Chart', 'Kit', 'Layout', 'Check', 'Command', 'Stress', 'Render', 'Motion', 'Flow', 'Compare', 'Library', 'Brief', 'Exchange'];

/** @return array<string, string> what stands in the files of some folders, by path */
function sources(string ...$folders): array
{
    $root = dirname(__DIR__, 2);
    $files = [];
    foreach ($folders as $folder) {
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file instanceof SplFileInfo && $file->getExtension() === 'php') {
                $files[substr((string) $file, strlen($root) + 1)] = (string) file_get_contents((string) $file);
            }
        }
    }

    return $files;
}

it('knows nothing of the application', function (): void {
    // Selectors of style sheets are read by a library of their own.
    expect(array_keys(array_filter(sources('core/src'), fn (string $code): bool => preg_match('/(?<![\w\\\\])\\\\?(App|Illuminate|Database|Symfony(?!\\\\Component\\\\CssSelector))\\\\/', $code) === 1)))->toBe([]);
});

it('has an order of rooms, in which none uses one above it', function (): void {
    expect(ROOMS)->toEqualCanonicalizing(array_map(basename(...), glob(dirname(__DIR__).'/src/*', GLOB_ONLYDIR) ?: []));
    $wrong = [];
    foreach (sources('core/src') as $path => $code) {
        $own = array_search(explode('/', $path)[2], ROOMS, true);
        preg_match_all('/Kindred\\\\(\w+)\\\\/', $code, $named);
        foreach (array_unique($named[1]) as $room) {
            if (array_search($room, ROOMS, true) > $own) {
                $wrong[] = "{$path} uses {$room}";
            }
        }
    }
    expect($wrong)->toBe([]);
});

it('is strict in every file', function (): void {
    expect(array_keys(array_filter(sources('core/src', 'core/tests', 'app'), fn (string $code): bool => ! str_contains($code, "\ndeclare(strict_types=1);\n"))))->toBe([]);
});

it('leaves no debugging behind', function (): void {
    expect(array_keys(array_filter(sources('core/src', 'core/tests', 'app', 'database', 'routes', 'tests'), fn (string $code): bool => preg_match('/(?<![\w>:$])(dd|dump|var_dump|print_r|ray)\(/', $code) === 1)))->toBe([]);
});
