<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Cue\Easing\CubicBezier;
use Kindred\Document\Cue\Easing\Spring;
use Kindred\Document\Cue\Easing\Steps;
use Kindred\Input\InvalidInput;
use Kindred\Property\AsText;

/** How something moves over its time: by a curve or in steps, as CSS has them, or as a spring. */
final readonly class Easing implements AsText
{
    /** What is offered where it is typed. */
    public const OFFERED = ['linear', 'ease', 'ease-in', 'ease-out', 'ease-in-out', 'cubic-bezier(0.2, 0, 0.1, 1)', 'steps(4)', 'spring(1, 170, 26)', 'spring(1, 180, 12)'];

    private function __construct(public EasingFunction $function)
    {
    }

    /** @throws InvalidInput */
    public static function parse(string $text, string $place = ''): self
    {
        $typed = strtolower(trim($text));

        return new self(CubicBezier::parse($typed) ?? Steps::parse($typed) ?? Spring::parse($typed, $place)
            ?? throw new InvalidInput($place, "“{$typed}” is not an easing; use linear, ease, ease-in, ease-out, ease-in-out, cubic-bezier(x1, y1, x2, y2) with x from 0 to 1, steps(number) or spring(mass, stiffness, damping)"));
    }

    /** What takes it back. */
    public function reversed(): self
    {
        return new self($this->function->reversed());
    }

    public static function examples(): array
    {
        return ['ease-out', 'cubic-bezier(0.2, 0, 0.1, 1)', 'steps(4, start)', 'spring(1, 170, 26)'];
    }

    public function text(): string
    {
        return $this->function->text();
    }

    /** As browsers play it. */
    public function css(): string
    {
        return $this->function->css();
    }

    /** How far it has come at a share of its time. */
    public function at(float $progress): float
    {
        return $this->function->at($progress);
    }
}
