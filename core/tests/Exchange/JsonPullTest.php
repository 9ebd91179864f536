<?php

declare(strict_types=1);

use Kindred\Exchange\JsonPull;
use Kindred\Input\InvalidInput;

/** Walks into every object and list, and builds anew what it finds. */
function walked(JsonPull $json): mixed
{
    if ($json->isNext('{')) {
        $object = new stdClass;
        foreach ($json->keys() as $key) {
            $object->{$key} = walked($json);
        }

        return $object;
    }
    if ($json->isNext('[')) {
        $list = [];
        foreach ($json->items() as $_) {
            $list[] = walked($json);
        }

        return $list;
    }

    return $json->value();
}

/** @return list<string> */
function chopped(string $text, int $size): array
{
    return str_split($text, $size);
}

function anyJson(int $depth): mixed
{
    $words = ['', 'clay', 'a "b" \\ {[', "ä\u{1F3FA}", "\n\\\"", '\\'];

    return match (mt_rand(0, $depth > 3 ? 4 : 6)) {
        0 => null,
        1 => mt_rand(0, 1) === 1,
        2 => mt_rand(-999, 999),
        3 => mt_rand(-999, 999) / 8,
        4 => $words[mt_rand(0, 5)],
        5 => array_map(fn (): mixed => anyJson($depth + 1), array_fill(0, mt_rand(0, 4), 0)),
        default => (object) array_combine($keys = array_map(fn (int $i): string => $words[mt_rand(1, 5)].$i, range(0, mt_rand(0, 3))), array_map(fn (): mixed => anyJson($depth + 1), $keys)),
    };
}

it('finds in pieces of any length what json_decode finds in the whole', function (int $seed): void {
    mt_srand($seed);
    $value = [anyJson(0), anyJson(0), anyJson(0)];
    $text = json_encode($value, ($seed % 2 === 0 ? JSON_PRETTY_PRINT : 0) | ($seed % 3 === 0 ? JSON_UNESCAPED_UNICODE : 0));
    foreach ([1, 2, 3, 7, 1000] as $size) {
        $json = new JsonPull(chopped($text, $size), 1 << 20);
        expect(walked($json))->toEqual(json_decode($text));
        $json->end();
        // What is not taken is passed over.
        $json = new JsonPull(chopped($text, $size), 1 << 20);
        $last = null;
        foreach ($json->items() as $i) {
            $last = $i === 2 ? $json->value() : $last;
        }
        expect($last)->toEqual(json_decode($text, true)[2]);
        $json->end();
    }
})->with(range(1, 60));

it('says where a text stops being JSON', function (string $text): void {
    foreach ([1, 5, 1000] as $size) {
        expect(function () use ($text, $size): void {
            $json = new JsonPull(chopped($text, $size), 1 << 20);
            walked($json);
            $json->end();
        })->toThrow(InvalidInput::class, 'not JSON');
    }
})->with(['{', '[1,', '[1,]', '{"a":}', '{"a" 1}', '{a:1}', '[1 2]', '"open', '"open\\', '[1]]', '{"a":1,}', 'nul', '[tru]', '', '   ', '[1', '{"a":{"b":1}', "[\"\x01\"]", '[01]', '[1}', '{"a":[1}}']);

it('holds no more of a long text than the value at hand', function (): void {
    $chunks = (function (): Generator {
        yield '{"skipped":[';
        for ($i = 0; $i < 3000; $i++) {
            yield ($i === 0 ? '' : ',').json_encode(['words' => str_repeat('clay ', 2000)]);
        }
        yield '],"list":[';
        for ($i = 0; $i < 3000; $i++) {
            yield ($i === 0 ? '' : ',').json_encode(['n' => $i, 'words' => str_repeat('clay ', 2000)]);
        }
        yield ']}';
    })();
    $json = new JsonPull($chunks, 1 << 30);
    $before = memory_get_peak_usage();
    $sum = 0;
    foreach ($json->keys() as $key) {
        if ($key === 'list') {
            foreach ($json->items() as $_) {
                $sum += $json->value()['n'];
            }
        }
    }
    expect($sum)->toBe(array_sum(range(0, 2999)))->and(memory_get_peak_usage() - $before)->toBeLessThan(8 << 20)
        ->and(fn () => walked(new JsonPull(['["', str_repeat('x', 3000), '"]'], 2000)))->toThrow(InvalidInput::class, 'larger than');
});
