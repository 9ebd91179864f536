<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Paint;

use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;
use Kindred\Property\Inlined;
use Kindred\Property\Typing;

/** Paint, typed and shown as CSS writes it: a colour or a gradient. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Painted extends Inlined
{
    /** @param  string  $usual  the colour of one that is new */
    public function __construct(private readonly string $usual = '#ffffff', mixed ...$more)
    {
        parent::__construct(Paint::ALL, false, ...$more);
    }

    public function default(): Paint
    {
        return new Solid(Colour::parse($this->usual));
    }

    public function shown(mixed $value): string
    {
        return $value instanceof Paint ? $value->css() : '';
    }

    /** @throws InvalidInput */
    protected function entered(string $text, mixed $has, Typing $typing): Paint
    {
        return $has instanceof Paint && trim($text) === $has->css() ? $has : CssPaint::read($text, $typing);
    }
}
