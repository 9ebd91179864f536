<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Document\Withers;
use Kindred\Input\Reader;

/**
 * An icon of the shipped library, drawn in strokes on a 24-unit grid; line width 0.5 to 4 units. `optical`
 * puts the middle of what is painted, not that of the grid, into the middle of its box.
 */
final readonly class Icon implements LayerContent
{
    use Withers;

    public function __construct(public string $icon, public float $line = 2.0, public bool $optical = false)
    {
    }

    public static function kind(): string
    {
        return 'icon';
    }

    public static function read(Reader $in): self
    {
        $icon = $in->string('icon', 60, false);
        if (preg_match('/^[a-z0-9-]+$/D', $icon) !== 1) {
            $in->fail('icon', 'an icon is named by lower-case letters, digits and hyphens');
        }

        return new self($icon, $in->numberOr('line', 2, 0.5, 4), $in->boolean('optical', false));
    }

    public function toArray(): array
    {
        return ['icon' => $this->icon, 'line' => $this->line, 'optical' => $this->optical];
    }

    public function scaled(float $horizontally, float $vertically): self
    {
        return $this;
    }
}
