<?php

declare(strict_types=1);

use Kindred\Document\Brief\Entry;
use Kindred\Document\Edit\FieldList;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Layer\Plain;
use Kindred\Document\LayerNest;
use Kindred\Document\Screen;
use Kindred\Document\Sheet\Row;
use Kindred\Exchange\FileNote;
use Kindred\Exchange\ProjectSchema;
use Kindred\Input\Reader;
use Kindred\Property\Declared;
use Kindred\Property\Properties;
use Kindred\Property\Stored;
use Kindred\Render\PaintClasses;
use Kindred\Tests\Property\Made;
use Kindred\Tests\Sample;

/** Values that each for itself is allowed, with those that have to go together. */
function together(mixed $data): mixed
{
    $data = is_array($data) ? array_map(together(...), $data) : $data;
    // Fills have kinds, too, but no ids.
    if (is_array($data) && isset($data['id']) && Kinds::find($data['kind'] ?? null) !== null) {
        // A size is left out only where it follows from something.
        $data += ['width' => 30.0, 'height' => 20.0];
    }
    switch (is_array($data) ? $data['kind'] ?? null : null) {
        case 'widget':
            $range = [$data['min'] ?? 0.0, $data['value'] ?? 0.0, $data['max'] ?? 100.0];
            sort($range);
            [$data['min'], $data['value'], $data['max']] = $range;
            break;
        case 'chart':
            if (isset($data['min'], $data['max'])) {
                [$data['min'], $data['max']] = $data['min'] === $data['max'] ? [-1.5, 2.5] : [min($data['min'], $data['max']), max($data['min'], $data['max'])];
            }
            break;
        case 'array':
            $data['children'] = [];
            break;
        case 'text':
            // Runs lie in the words, one after another, and say something; each paragraph is there.
            $data['words'] = "Wedge the clay\nCentre it\nOpen it\nLift";
            $data['runs'] = array_map(fn (int $i, array|stdClass $run): array => ['from' => 6 * $i, 'to' => 6 * $i + 4, 'link' => "https://fernhollow.example/{$i}"] + array_diff_assoc(array_filter((array) $run, is_scalar(...)), (array) ($data['style'] ?? []) + ['decoration' => 'none', 'variant' => 'normal']), array_keys($data['runs'] ?? []), $data['runs'] ?? []);
            $data['paragraphs'] = array_map(fn (array|stdClass $one): array => ['list' => 'bullet'] + (array) $one, $data['paragraphs'] ?? []);
            break;
        case 'squares': case 'dots': case 'paper': case 'baseline':
            $data['size'] ??= 8.0;
            break;
    }

    return $data;
}

/** @return list<string> what was said and is not said again, or otherwise, by its place */
function lost(mixed $said, mixed $again, string $at = ''): array
{
    if (! is_array($said) && ! $said instanceof stdClass) {
        return $said === $again || (is_numeric($said) && is_numeric($again) && (float) $said === (float) $again) ? [] : ["{$at}: ".json_encode($said).' became '.json_encode($again)];
    }
    $lost = [];
    foreach ((array) $said as $key => $value) {
        // What has its default may be left out, and so may what holds nothing else.
        array_push($lost, ...match (true) {
            array_key_exists($key, (array) $again) => lost($value, ((array) $again)[$key], "{$at}.{$key}"),
            is_array($value) => lost($value, [], "{$at}.{$key}"),
            default => in_array($value, [null, false, '', 1.0, 0.5], true) ? [] : ["{$at}.{$key} is not there"],
        });
    }

    return $lost;
}

it('reads and writes again whatever the schema allows', function (string $definition, Closure $again): void {
    $schema = ProjectSchema::of();
    $made = new Made($schema, 7);
    for ($i = 0; $i < 150; $i++) {
        $said = array_diff_key(together($made->of($definition)), ['layers' => 1]);
        $text = fn (mixed $data): string => json_encode($data, JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
        $written = $text($again(json_decode($text($said), true)));
        expect(lost($said, json_decode($written, true)))->toBe([])
            ->and($text($again(json_decode($written, true))))->toBe($written)
            ->and(Sample::faults(json_decode($written), $schema['$defs'][$definition], $schema))->toBe([]);
    }
})->with([
    'layers' => ['layer', fn (array $data): array => LayerNest::read(Reader::of($data))->toArray()],
    'screens' => ['screen', fn (array $data): array => ['id' => $data['id']] + Screen::read(Reader::of($data), 'm')->properties()],
    'entries' => ['entry', fn (array $data): array => ['id' => $data['id']] + Entry::read(Reader::of($data), 'm')->properties()],
    'notes' => ['note', fn (array $data): array => FileNote::read(Reader::of($data))->toArray()],
]);

it('has every property of what is stored declared', function (): void {
    $stored = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/src', FilesystemIterator::SKIP_DOTS)) as $file) {
        $class = 'Kindred\\'.str_replace(['/', '.php'], ['\\', ''], substr((string) $file, strlen(dirname(__DIR__, 2).'/src/')));
        // The rows of a data sheet are read and written as text by themselves.
        if (is_a($class, Stored::class, true) && ! interface_exists($class) && $class !== Row::class) {
            $stored[] = $class;
            // A parameter without a declaration is refused here.
            expect(array_keys(Properties::of($class)->all))->toBe(array_map(fn (ReflectionParameter $one): string => $one->getName(), (new ReflectionClass($class))->getConstructor()?->getParameters() ?? []))
                ->and(array_intersect([Declared::class, Plain::class], class_uses($class)))->not->toBe([], "{$class} reads itself");
        }
    }
    expect(count($stored))->toBeGreaterThan(30);
});

it('stands as it is in the repository', function (): void {
    $root = dirname(__DIR__, 3);
    expect(file_get_contents("{$root}/docs/project.schema.json"))->toBe(ProjectSchema::json(), 'write it anew: php artisan kindred:declared')
        ->and(file_get_contents("{$root}/docs/properties.md"))->toBe(FieldList::markdown(), 'write it anew: php artisan kindred:declared')
        ->and(file_get_contents("{$root}/resources/css/paint.css"))->toBe(PaintClasses::css(), 'write it anew: php artisan kindred:declared');
});
