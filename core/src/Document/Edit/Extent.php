<?php

declare(strict_types=1);

namespace Kindred\Document\Edit;

use Kindred\Document\Layer\Text;
use Kindred\Input\InvalidInput;

/** What gives the box of words its size: the words alone, a width that was set, or a width and a height. */
enum Extent: string
{
    case Free = 'free';
    case Width = 'width';
    case Box = 'box';

    public static function of(Text $text): self
    {
        return match (true) {
            ! $text->wrapped => self::Free,
            $text->fixed => self::Box,
            default => self::Width,
        };
    }

    public static function typed(string $value): self
    {
        return self::tryFrom($value) ?? throw new InvalidInput('value', 'The size of words is free, width or box.');
    }

    /** @return array<string, string> in words, by what is sent */
    public static function options(): array
    {
        return ['free' => 'as its words', 'width' => 'set width', 'box' => 'set width and height'];
    }

    public function set(Text $text): Text
    {
        return $text->with(wrapped: $this !== self::Free, fixed: $this === self::Box);
    }
}
