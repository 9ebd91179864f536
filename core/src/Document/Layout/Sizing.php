<?php

declare(strict_types=1);

namespace Kindred\Document\Layout;

use Kindred\Document\Withers;
use Kindred\Input\Reader;

/**
 * How a layer takes part in the stack around it. Least and most sizes in px; null where there is none.
 * A size that is null is that of the layer's kind: content for texts, groups and arrays, otherwise a length.
 */
final readonly class Sizing
{
    use Withers;

    public function __construct(
        public ?Size $width = null,
        public ?Size $height = null,
        public ?float $minWidth = null,
        public ?float $maxWidth = null,
        public ?float $minHeight = null,
        public ?float $maxHeight = null,
        public ?AlignItems $alignSelf = null,
        public bool $absolute = false,
    ) {
    }

    /** Reads what a layer says of it; nothing said is the default. */
    public static function read(Reader $in): self
    {
        if (! $in->has('sizing')) {
            return new self;
        }
        $own = $in->object('sizing');
        $limit = fn (string $key): ?float => $own->has($key) ? $own->number($key, 0) : null;

        return new self(
            $own->has('width') ? $own->enum('width', Size::class) : null,
            $own->has('height') ? $own->enum('height', Size::class) : null,
            $limit('minWidth'),
            $limit('maxWidth'),
            $limit('minHeight'),
            $limit('maxHeight'),
            $own->has('alignSelf') ? $own->enum('alignSelf', AlignItems::class) : null,
            $own->boolean('absolute', false),
        );
    }

    /** Whether there is a least or a most size, or an alignment of its own. */
    public function hasLimits(): bool
    {
        return $this->minWidth !== null || $this->maxWidth !== null || $this->minHeight !== null || $this->maxHeight !== null || $this->alignSelf !== null;
    }

    /** A width kept between the least and the most; where they contradict, the least counts (CSS 2.2, section 10.4). */
    public function clampWidth(float $width): float
    {
        return max($this->minWidth ?? 0.0, $this->maxWidth === null ? $width : min($width, $this->maxWidth));
    }

    public function clampHeight(float $height): float
    {
        return max($this->minHeight ?? 0.0, $this->maxHeight === null ? $height : min($height, $this->maxHeight));
    }

    /** @return array<string, string|float|bool> what differs from the default */
    public function toArray(): array
    {
        return array_filter([
            'width' => $this->width?->value,
            'height' => $this->height?->value,
            'minWidth' => $this->minWidth,
            'maxWidth' => $this->maxWidth,
            'minHeight' => $this->minHeight,
            'maxHeight' => $this->maxHeight,
            'alignSelf' => $this->alignSelf?->value,
            'absolute' => $this->absolute ? true : null,
        ], fn (mixed $value): bool => $value !== null);
    }
}
