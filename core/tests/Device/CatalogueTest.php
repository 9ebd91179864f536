<?php

declare(strict_types=1);

use Kindred\Device\Catalogue;
use Kindred\Device\Device;
use Kindred\Device\Pointing;

it('has what designers ask for first', function (string $family, int $min): void {
    expect(count(array_filter(Catalogue::all(), fn (Device $device): bool => $device->family === $family)))->toBeGreaterThanOrEqual($min);
})->with([['Phone', 4], ['Tablet', 2], ['Watch', 1], ['Desktop', 3], ['Panel', 2]]);

it('describes every device completely and within reason', function (Device $device): void {
    [$top, $right, $bottom, $left] = $device->safe;
    expect($device->width)->toBeBetween(100, 4000)
        ->and($device->height)->toBeBetween(100, 4000)
        ->and($device->pixelRatio)->toBeBetween(1.0, 4.0)
        ->and($top + $bottom)->toBeLessThan($device->height / 2)
        ->and($left + $right)->toBeLessThan($device->width / 2)
        ->and($device->corner * 2)->toBeLessThan(min($device->width, $device->height))
        ->and($device->target)->toBeBetween(24, 80)
        ->and($device->targetSource)->toContain((string) ($device->family === 'Panel' ? '9.2 mm' : "{$device->target} px"))
        ->and(Catalogue::find($device->key))->toEqual($device);
})->with(fn () => array_map(fn (Device $device): array => [$device], array_combine(array_map(fn (Device $device): string => $device->key, Catalogue::all()), Catalogue::all())));

it('names every device once', function (): void {
    $keys = array_map(fn (Device $device): string => $device->key, Catalogue::all());
    $names = array_map(fn (Device $device): string => $device->name, Catalogue::all());
    expect(array_unique($keys))->toHaveCount(count($keys))->and(array_unique($names))->toHaveCount(count($names));
});

it('takes a custom size for touched up to 1024 px wide, for pointed at beyond', function (float $width, Pointing $pointing, int $target): void {
    $device = Catalogue::for(Catalogue::CUSTOM, $width, 500);
    expect([$device->pointing, $device->target, $device->width, $device->key])->toBe([$pointing, $target, (int) $width, Catalogue::CUSTOM]);
})->with([[320, Pointing::Touch, 44], [1024, Pointing::Touch, 44], [1025, Pointing::Pointer, 24]]);

it('falls back to the size where a file names a device that nobody knows', function (): void {
    expect(Catalogue::for('typewriter', 640, 480)->key)->toBe(Catalogue::CUSTOM)->and(Catalogue::find('typewriter'))->toBeNull();
});
