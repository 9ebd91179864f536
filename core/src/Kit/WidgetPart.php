<?php

declare(strict_types=1);

namespace Kindred\Kit;

use Kindred\Document\Layer;

/** A layer that a widget is drawn from, and what of it follows the widget's value. */
final readonly class WidgetPart
{
    /**
     * @param  int|null  $item  that it belongs to
     * @param  float|null  $slide  how far right it moves from the minimum value to the maximum, px
     * @param  bool  $filling  whether it is shown as far as it would have moved
     * @param  list<string>  $when  the states in which it is shown; all where empty
     * @param  string  $template  its words before they were cut to what there is room for
     */
    public function __construct(
        public Layer $layer,
        public ?int $item = null,
        public ?Live $live = null,
        public ?float $slide = null,
        public bool $filling = false,
        public array $when = [],
        public string $template = '',
    ) {
    }

    /**
     * @param  list<string>  $states
     */
    public function in(array $states): self
    {
        return new self($this->layer, $this->item, $this->live, $this->slide, $this->filling, $states, $this->template);
    }

    /** The same part in a further state: what fills up is taken where it is full, what is typed as it looks then, over its hint. */
    public function merged(self $later): self
    {
        return match (true) {
            $this->filling => $later,
            $this->live === Live::Entry, $this->live === Live::Lines, $this->live === Live::Value => new self($later->layer, $this->item, $this->live, template: $this->template),
            default => $this,
        };
    }

    /** Whether it looks the same, and belongs to the same item; parts that follow the value are the same in every state. */
    public function like(self $other): bool
    {
        if ($this->live !== null || $this->slide !== null) {
            return $this->live === $other->live && $this->slide === $other->slide && $this->filling === $other->filling
                && $this->item === $other->item && $this->layer->content::kind() === $other->layer->content::kind();
        }

        return $other->live === null && $other->slide === null && $this->item === $other->item
            && $this->layer->box->x === $other->layer->box->x && $this->layer->box->y === $other->layer->box->y
            && $this->layer->properties() === $other->layer->properties();
    }
}
