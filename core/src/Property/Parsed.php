<?php

declare(strict_types=1);

namespace Kindred\Property;

use Kindred\Input\Reader;

/**
 * A value that is written as text, such as a colour.
 *
 * @extends Property<AsText>
 */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class Parsed extends Property
{
    /** @param  int  $max  characters */
    public function __construct(public readonly int $max, mixed ...$more)
    {
        parent::__construct(...$more);
    }

    public function plain(mixed $value): string
    {
        return $value->text();
    }

    protected function otherwise(mixed $absent): mixed
    {
        return is_string($absent) ? $this->parser()::parse($absent) : $absent;
    }

    public function animation(): Animation
    {
        return is_a($this->type, Interpolable::class, true) ? Animation::ByValue : Animation::Discrete;
    }

    public function schema(Schema $schema): array
    {
        return ['type' => 'string', 'maxLength' => $this->max, 'examples' => $this->parser()::examples()];
    }

    public function value(Reader $in): AsText
    {
        return $this->parser()::parse($in->string($this->name, $this->max), $in->at($this->name));
    }

    protected function entered(string $text, mixed $has, Typing $typing): mixed
    {
        return $has instanceof Amendable && mb_strlen($text) <= $this->max ? $has->amended($text) : parent::entered($text, $has, $typing);
    }

    /** @return class-string<AsText> */
    private function parser(): string
    {
        return is_a($this->type, AsText::class, true) ? $this->type : throw new \LogicException("{$this->name} is not written as text.");
    }
}
