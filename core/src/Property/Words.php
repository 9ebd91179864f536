<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * Text.
 *
 * @extends Property<string>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
class Words extends Property
{
    /**
     * @param  int  $max  characters
     * @param  bool  $empty  whether it can be
     * @param  string  $pattern  that all of it has, a regular expression that JSON Schema knows, too; empty where any text will do
     * @param  string  $otherwise  what is said of text that has not: "an icon is named by lower-case letters"
     */
    public function __construct(
        public readonly int $max,
        public readonly bool $empty = true,
        public readonly string $pattern = '',
        private readonly string $otherwise = '',
        mixed ...$more,
    ) {
        parent::__construct(...$more);
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'string'] + ($this->empty ? [] : ['minLength' => 1]) + ['maxLength' => $this->max] + ($this->pattern === '' ? [] : ['pattern' => $this->pattern]);
    }

    public function value(Reader $in): string
    {
        $text = $in->string($this->name, $this->max, $this->empty);
        if ($this->pattern !== '' && preg_match("/{$this->pattern}/Du", $text) !== 1) {
            $in->fail($this->name, $this->otherwise);
        }

        return $text;
    }
}
