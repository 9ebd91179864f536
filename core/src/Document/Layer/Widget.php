<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Widget\Accepts;
use Kindred\Document\Widget\Item;
use Kindred\Document\Withers;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * A ready control: what it is, by its key in the kit, what it holds, and its state. Every widget holds the same values
 * and uses those that it has a use for, so that one can become another and lose nothing.
 */
final readonly class Widget implements LayerContent
{
    use Withers;

    public const MAX_LENGTH = 2000;

    public const MAX_ITEMS = 500;

    /**
     * @param  string  $hint  what stands in it while it is empty, or helps beside it
     * @param  string  $text  what was typed into it
     * @param  list<Item>  $items
     * @param  list<string>  $columns  headings of a table
     * @param  float  $value  between `least` and `most`, in steps of `step`
     * @param  string  $signal  the name under which its value is read elsewhere; where empty, it has one from its label
     * @param  bool  $required  whether it must be filled in
     * @param  string  $equals  the signal that its value must be equal to, or none
     */
    public function __construct(
        public string $widget,
        public string $label = '',
        public string $hint = '',
        public string $text = '',
        public array $items = [],
        public array $columns = [],
        public string $icon = '',
        public bool $on = false,
        public float $value = 0,
        public float $least = 0,
        public float $most = 100,
        public float $step = 1,
        public string $signal = '',
        public bool $required = false,
        public Accepts $accepts = Accepts::Text,
        public string $equals = '',
    ) {
    }

    public static function kind(): string
    {
        return 'widget';
    }

    public static function read(Reader $in): self
    {
        $widget = $in->string('widget', 40, false);
        if (preg_match('/^[a-z][a-z-]*$/D', $widget) !== 1) {
            $in->fail('widget', 'a widget is named by lower-case letters and hyphens');
        }
        $text = fn (string $key, int $max = self::MAX_LENGTH): string => $in->has($key) ? $in->string($key, $max) : '';
        $least = $in->numberOr('least', 0);
        $most = $in->numberOr('most', 100);
        if ($most < $least) {
            $in->fail('most', 'the most cannot be below the least');
        }

        return new self(
            $widget, $text('label'), $text('hint'), $text('text'),
            $in->list('items', Item::read(...), 0, self::MAX_ITEMS),
            self::readColumns($in),
            $text('icon', 60),
            $in->boolean('on', false),
            max($least, min($most, $in->numberOr('value', $least))),
            $least, $most,
            $in->numberOr('step', 1, 0.001),
            self::signalName($text('signal', 40), $in->at('signal')),
            $in->boolean('required', false),
            $in->has('accepts') ? $in->enum('accepts', Accepts::class) : Accepts::Text,
            self::signalName($text('equals', 40), $in->at('equals')),
        );
    }

    /** @throws InvalidInput when a signal cannot be called so */
    public static function signalName(string $name, string $place): string
    {
        $name = mb_strtolower(trim($name));
        if ($name !== '' && preg_match('/^[\pL_][\pL\pN_]{0,39}$/Du', $name) !== 1) {
            throw new InvalidInput($place, 'A signal is called by at most 40 letters, digits and underscores, a letter first.');
        }

        return $name;
    }

    /** Whether it stands for a picture, whose corners can be round. */
    public function isPicture(): bool
    {
        return $this->widget === 'picture-placeholder';
    }

    /** With the first item that is on and no other, for what holds one choice. */
    public function single(): self
    {
        $chosen = $this->chosen();

        return $this->with(items: array_map(fn (Item $item, int $i): Item => $item->on && $i !== $chosen ? $item->with(on: false) : $item, $this->items, array_keys($this->items)));
    }

    /** How far the value lies between the least and the most, 0 to 1. */
    public function share(): float
    {
        return $this->most > $this->least ? ($this->value - $this->least) / ($this->most - $this->least) : 0.0;
    }

    /** The first item that is on; -1 where none is. */
    public function chosen(): int
    {
        foreach ($this->items as $i => $item) {
            if ($item->on) {
                return $i;
            }
        }

        return -1;
    }

    public function toArray(): array
    {
        return [
            'widget' => $this->widget, 'label' => $this->label, 'hint' => $this->hint, 'text' => $this->text,
            'items' => array_map(fn (Item $item): array => $item->toArray(), $this->items),
            'columns' => $this->columns, 'icon' => $this->icon, 'on' => $this->on,
            'value' => $this->value, 'least' => $this->least, 'most' => $this->most, 'step' => $this->step,
            'signal' => $this->signal, 'required' => $this->required, 'accepts' => $this->accepts->value, 'equals' => $this->equals,
        ];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }

    /** @return list<string> */
    private static function readColumns(Reader $in): array
    {
        $columns = [];
        foreach ($in->optional('columns')?->raw() ?? [] as $i => $column) {
            if (! is_string($column) || ! mb_check_encoding($column, 'UTF-8') || mb_strlen($column) > Item::MAX_LENGTH || $i >= 30) {
                throw new InvalidInput($in->at("columns[{$i}]"), 'at most 30 headings of at most '.Item::MAX_LENGTH.' characters are expected here');
            }
            $columns[] = $column;
        }

        return $columns;
    }
}
