<?php

declare(strict_types=1);

/* Reads lists of paragraphs; writes the markers that stand before them. */

use Kindred\Input\Reader;
use Kindred\Type\Paragraph;

require __DIR__.'/../../../vendor/autoload.php';

echo json_encode(array_map(
    fn (array $paragraphs): array => Paragraph::markers(array_map(fn (array $one): Paragraph => Paragraph::read(Reader::of($one)), array_values($paragraphs))),
    json_decode((string) stream_get_contents(STDIN), true),
), JSON_UNESCAPED_UNICODE);
