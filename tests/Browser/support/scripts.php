<?php

declare(strict_types=1);

/* Reads words with their style and the width that they wrap at; writes their lines and where each of their runs lies. */

use Kindred\Input\Reader;
use Kindred\Tests\Sample;
use Kindred\Type\LaidLine;
use Kindred\Type\LaidRun;
use Kindred\Type\Passage;
use Kindred\Type\TextStyle;
use Kindred\Type\Typesetter;

require __DIR__.'/../../../vendor/autoload.php';

$typesetter = new Typesetter(Sample::faces());
echo json_encode(array_map(function (array $one) use ($typesetter): array {
    $style = TextStyle::read(Reader::of($one['style']));
    $laid = $typesetter->set(new Passage($one['words'], $style), $one['width']);

    return array_map(fn (LaidLine $line): array => [
        'text' => $line->text, 'width' => $line->width, 'runs' => array_map(fn (LaidRun $run): array => ['text' => $run->text, 'x' => $run->x - $line->x, 'width' => $run->width], $line->runs($style)),
    ], $laid->lines);
}, json_decode((string) stream_get_contents(STDIN), true)), JSON_UNESCAPED_UNICODE);
