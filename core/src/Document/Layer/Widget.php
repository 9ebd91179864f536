<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Widget\Accepts;
use Kindred\Document\Widget\Item;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property as Is;
use Kindred\Property\Declared;

/**
 * A ready control: what it is, by its key in the kit, what it holds, and its state. Every widget holds the same values
 * and uses those that it has a use for, so that one can become another and lose nothing.
 */
final readonly class Widget implements Composed
{
    use Declared;

    public const MAX_LENGTH = 2000;

    public const MAX_ITEMS = 500;

    public const MAX_COLUMNS = 30;

    /** Characters of the name of a signal. */
    public const MAX_SIGNAL = 40;

    /**
     * @param  string  $hint  what stands in it while it is empty, or helps beside it
     * @param  string  $text  what was typed into it
     * @param  list<Item>  $items
     * @param  list<string>  $columns  headings of a table
     * @param  float  $value  between `min` and `max`, in steps of `step`
     * @param  string  $signal  the name under which its value is read elsewhere; where empty, it has one from its label
     * @param  bool  $required  whether it must be filled in
     * @param  string  $equals  the signal that its value must be equal to, or none
     */
    public function __construct(
        #[Is\Words(40, false, '^[a-z][a-z-]*$', 'a widget is named by lower-case letters and hyphens')] public string $widget,
        #[Is\Words(self::MAX_LENGTH)] public string $label = '',
        #[Is\Words(self::MAX_LENGTH)] public string $hint = '',
        #[Is\Words(self::MAX_LENGTH)] public string $text = '',
        #[Is\Records(Item::class, self::MAX_ITEMS)] public array $items = [],
        #[Is\Strings(Item::MAX_LENGTH, self::MAX_COLUMNS, empty: true)] public array $columns = [],
        #[Is\Words(60)] public string $icon = '',
        #[Is\Flag] public bool $on = false,
        #[Is\Number] public float $value = 0,
        #[Is\Number] public float $min = 0,
        #[Is\Number] public float $max = 100,
        #[Is\Number(0.001)] public float $step = 1,
        #[SignalName(self::MAX_SIGNAL)] public string $signal = '',
        #[Is\Flag] public bool $required = false,
        #[Is\Choice] public Accepts $accepts = Accepts::Text,
        #[SignalName(self::MAX_SIGNAL)] public string $equals = '',
    ) {
    }

    public static function kind(): string
    {
        return 'widget';
    }

    public function paint(): array
    {
        return ['fills' => [], 'effects' => self::ALPHA] + ($this->isPicture() ? ['corners' => []] : []);
    }

    public static function read(Reader $in): self
    {
        $widget = self::of($in, $in->has('value') ? [] : ['value' => $in->numberOr('min', 0)]);
        if ($widget->max < $widget->min) {
            $in->fail('max', 'the maximum cannot be below the minimum');
        }

        return $widget->with(value: max($widget->min, min($widget->max, $widget->value)));
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

    /** How far the value lies between the minimum and the maximum, 0 to 1. */
    public function share(): float
    {
        return $this->max > $this->min ? ($this->value - $this->min) / ($this->max - $this->min) : 0.0;
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

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
