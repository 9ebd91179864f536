<?php

declare(strict_types=1);

namespace Kindred\Property;

/** A value that is written as text. */
interface AsText
{
    /**
     * @param  string  $place  of the text in what is read, for messages
     *
     * @throws \Kindred\Input\InvalidInput where the text is none of its kind
     */
    public static function parse(string $text, string $place = ''): self;

    /** @return non-empty-list<string> as `text` writes them */
    public static function examples(): array;

    /** What `parse` reads as the same value. */
    public function text(): string;
}
