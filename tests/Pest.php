<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature', 'Hostile');

/** A font file of the build, as somebody might bring it. */
function fontFile(string $path, ?string $name = null): UploadedFile
{
    return UploadedFile::fake()->createWithContent($name ?? basename($path), (string) file_get_contents(base_path("node_modules/@fontsource/{$path}")));
}
