<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Effect;

use Kindred\Document\Style\Effect;
use Kindred\Input\InvalidInput;
use Kindred\Property\Inlined;
use Kindred\Property\Typing;

/** What an effect is; a shadow where nothing is said. */
#[\Attribute(\Attribute::TARGET_PARAMETER)]
final class OfEffect extends Inlined
{
    public function __construct(mixed ...$more)
    {
        parent::__construct(EffectKind::ALL, false, ...$more);
    }

    public function default(): EffectKind
    {
        return Effect::usual();
    }

    /** Shadows are shown, and typed, as CSS writes them. */
    public function shown(mixed $value): string
    {
        return $value instanceof Shadow ? CssShadow::write($value) : '';
    }

    /** @throws InvalidInput */
    protected function entered(string $text, mixed $has, Typing $typing): EffectKind
    {
        return $has instanceof Shadow && trim($text) === CssShadow::write($has) ? $has : CssShadow::read($text);
    }
}
