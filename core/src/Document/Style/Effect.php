<?php

declare(strict_types=1);

namespace Kindred\Document\Style;

use Kindred\Document\Style\Effect\EffectKind;
use Kindred\Document\Style\Effect\Shadow;
use Kindred\Document\Token\Token;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** One effect of a layer, and whether it is switched off. Of several shadows the first lies in front. */
final readonly class Effect implements Stored
{
    use Declared;

    /** @param  array<string, string>  $bound  tokens by the names of properties */
    public function __construct(
        #[Effect\OfEffect(label: 'effect')] public EffectKind $effect,
        #[Is\Flag(label: 'hiding of the effect', sparse: true)] public bool $hidden = false,
        #[Is\Bound(Token::class)] public array $bound = [],
    ) {
    }

    public static function usual(): EffectKind
    {
        return new Shadow(Colour::parse('#00000040'));
    }

    /**
     * @template T of EffectKind
     *
     * @param  list<self>  $effects
     * @param  class-string<T>  $kind
     * @return list<T> those of a kind that are not hidden
     */
    public static function seen(array $effects, string $kind): array
    {
        $seen = [];
        foreach ($effects as $one) {
            if (! $one->hidden && $one->effect instanceof $kind) {
                $seen[] = $one->effect;
            }
        }

        return $seen;
    }
}
