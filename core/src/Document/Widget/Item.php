<?php

declare(strict_types=1);

namespace Kindred\Document\Widget;

use Kindred\Document\Withers;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** One entry of a widget: a tab, a choice, a row of a table (whose further cells stand beside its label), an entry of a menu. */
final readonly class Item
{
    use Withers;

    /** Characters of a label or a cell. */
    public const MAX_LENGTH = 500;

    /**
     * @param  list<string>  $cells  beside the label
     * @param  string  $icon  of the library, or none
     * @param  string  $key  that chooses it, as it is written in a menu
     */
    public function __construct(
        public string $label,
        public array $cells = [],
        public bool $on = false,
        public string $icon = '',
        public string $key = '',
        public bool $separator = false,
    ) {
    }

    public static function read(Reader $in): self
    {
        $cells = [];
        foreach ($in->optional('cells')?->raw() ?? [] as $i => $cell) {
            if (! is_string($cell) || ! mb_check_encoding($cell, 'UTF-8') || mb_strlen($cell) > self::MAX_LENGTH) {
                throw new InvalidInput($in->at("cells[{$i}]"), 'text of at most '.self::MAX_LENGTH.' characters is expected here');
            }
            $cells[] = $cell;
        }
        $text = fn (string $key, int $max): string => $in->has($key) ? $in->string($key, $max) : '';

        return new self($text('label', self::MAX_LENGTH), $cells, $in->boolean('on', false), $text('icon', 60), $text('key', 40), $in->boolean('separator', false));
    }

    /** @return array<string, string|bool|list<string>> what differs from the default */
    public function toArray(): array
    {
        return ['label' => $this->label] + array_filter([
            'cells' => $this->cells, 'on' => $this->on, 'icon' => $this->icon, 'key' => $this->key, 'separator' => $this->separator,
        ], fn (array|string|bool $value): bool => ! in_array($value, [[], '', false], true));
    }
}
