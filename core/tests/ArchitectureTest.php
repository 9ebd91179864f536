<?php

declare(strict_types=1);

arch('the core knows nothing of the application')->expect('Kindred')
    ->not->toUse(['App', 'Illuminate', 'Database', 'Symfony'])
    // Selectors of style sheets are read by a library of their own.
    ->ignoring(['Kindred\Tests', 'Symfony\Component\CssSelector']);

/** The rooms of the core, each above those that it may use. */
const ROOMS = ['Input', 'Geometry', 'Signal', 'Property', 'Paint', 'Device', 'Type', 'Document', 'Style', 'Chart', 'Kit', 'Layout', 'Check', 'Command', 'Stress', 'Render', 'Motion', 'Flow', 'Compare', 'Library', 'Brief', 'Exchange'];

it('has an order of rooms, in which none uses one above it', function (): void {
    $src = dirname(__DIR__).'/src';
    $rooms = array_map(basename(...), glob("{$src}/*", GLOB_ONLYDIR) ?: []);
    expect(ROOMS)->toEqualCanonicalizing($rooms);
    $wrong = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($src, FilesystemIterator::SKIP_DOTS)) as $file) {
        $path = substr((string) $file, strlen($src) + 1);
        $own = array_search(strtok($path, '/'), ROOMS, true);
        preg_match_all('/Kindred\\\\(\w+)\\\\/', (string) file_get_contents((string) $file), $named);
        foreach (array_unique($named[1]) as $room) {
            if (array_search($room, ROOMS, true) > $own) {
                $wrong[] = "{$path} uses {$room}";
            }
        }
    }
    expect($wrong)->toBe([]);
});

arch('every file is strict')->expect(['Kindred', 'App'])->toUseStrictTypes();

arch('no debugging is left behind')->expect(['dd', 'dump', 'var_dump', 'print_r', 'ray'])->not->toBeUsed();
