<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Kindred\Document\Tree;
use Kindred\Tests\Sample;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature', 'Hostile');

/** That a document is what another is; place by place, which takes long, they are compared only where they are not the very same. */
expect()->extend('toBeDocument', function (Tree $other, float $delta = 0.0, string $message = '') {
    [$has, $wanted] = [Sample::plain($this->value), Sample::plain($other)];
    expect($has === $wanted ? [] : $has)->toEqualWithDelta($has === $wanted ? [] : $wanted, $delta, $message);

    return $this;
});

/** A font file of the build, as somebody might bring it. */
function fontFile(string $path, ?string $name = null): UploadedFile
{
    return UploadedFile::fake()->createWithContent($name ?? basename($path), (string) file_get_contents(base_path("node_modules/@fontsource/{$path}")));
}

/** Seconds of computing so far, of the processes that were started too. */
function computed(): float
{
    $seconds = 0.0;
    foreach ([0, 1] as $of) {
        $usage = getrusage($of) ?: [];
        foreach (['utime', 'stime'] as $kind) {
            $seconds += ($usage["ru_{$kind}.tv_sec"] ?? 0) + ($usage["ru_{$kind}.tv_usec"] ?? 0) / 1_000_000;
        }
    }

    return $seconds;
}
