<?php

declare(strict_types=1);

use Kindred\Document\Rank;

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
