<?php

declare(strict_types=1);

/* Reads texts as files have them, with the width that they wrap at; writes how their lines are laid out, and where a line of 1000 px would have the baseline of each run. */

use Kindred\Document\Layer\Text;
use Kindred\Input\Reader;
use Kindred\Tests\Sample;
use Kindred\Type\LaidLine;
use Kindred\Type\LaidRun;
use Kindred\Type\Typesetter;

require __DIR__.'/../../../vendor/autoload.php';

$typesetter = new Typesetter(Sample::faces());
echo json_encode(array_map(function (array $one) use ($typesetter): array {
    $text = Text::read(Reader::of($one['text']));
    $laid = $typesetter->set($text->passage(), $one['width']);

    return ['height' => $laid->height, 'width' => $laid->width, 'lines' => array_map(fn (LaidLine $line): array => [
        'text' => $line->text, 'bottom' => $line->bottom, 'baseline' => $line->baseline,
        'runs' => array_map(function (LaidRun $run) use ($typesetter): array {
            $style = $run->setting->style;

            return ['text' => $run->text, 'x' => $run->x, 'width' => $run->width, 'at' => $typesetter->faces->face($style->family, $style->weight, $style->italic)->baseline($style->size, 1000)];
        }, $line->runs($text->style)),
    ], $laid->lines)];
}, json_decode((string) stream_get_contents(STDIN), true)), JSON_UNESCAPED_UNICODE);
