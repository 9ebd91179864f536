<?php

declare(strict_types=1);

use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Geometry\Box;
use Kindred\Paint\Colour;

it('always finds a rank between two, in byte order', function (): void {
    mt_srand(7);
    $ranks = [];
    for ($i = 0; $i < 2000; $i++) {
        $at = mt_rand(0, count($ranks));
        $rank = Rank::between($ranks[$at - 1] ?? null, $ranks[$at] ?? null);
        array_splice($ranks, $at, 0, [$rank]);
    }
    $sorted = $ranks;
    sort($sorted, SORT_STRING);
    expect($ranks)->toBe($sorted)
        ->and(count(array_unique($ranks)))->toBe(2000)
        ->and(max(array_map(strlen(...), $ranks)))->toBeLessThan(40);
});

it('stays short when layers are only ever put on top', function (): void {
    $ranks = Rank::spread(null, null, 20_000);
    $sorted = $ranks;
    sort($sorted, SORT_STRING);
    expect($ranks)->toBe($sorted)->and(max(array_map(strlen(...), $ranks)))->toBeLessThanOrEqual(4);
});

it('finds room before the first again and again', function (): void {
    $first = 'i';
    for ($i = 0; $i < 200; $i++) {
        $next = Rank::between(null, $first);
        expect(strcmp($next, $first))->toBeLessThan(0);
        $first = $next;
    }
});

it('sorts by text where ranks look like numbers', function (): void {
    $screens = array_map(fn (string $rank): Screen => new Screen('some', $rank, 'Name', 'phone', new Box(0, 0, 20, 20), 20, Colour::rgb(0, 0, 0)), ['9001', '90009', '1e3', '2', '10', 'i']);
    usort($screens, Rank::compare(...));
    expect(array_map(fn (Screen $screen): string => $screen->rank, $screens))->toBe(['10', '1e3', '2', '90009', '9001', 'i']);
});
