<?php

declare(strict_types=1);

namespace Kindred\Document\Cue;

use Kindred\Document\Token\Token;
use Kindred\Geometry\Box;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/** How one screen gives way to another. Duration 0 to 10 000 ms, delay 0 to 10 000 ms. */
final readonly class Transition implements Stored
{
    use Declared;

    public const MAX_TIME = 10_000;

    public const MAX_STAGGER = 500;

    public const MAX_PAIRS = 200;

    /**
     * @param  array<string, string>  $bound  ids of tokens
     * @param  Alone  $alone  how in a match what has no other comes and goes
     * @param  int  $stagger  ms between one and the next of what a match moves, from the top down
     * @param  list<Pair>  $pairs  of a match what was said of its pairs; the others are found
     */
    public function __construct(
        #[Is\Choice] public TransitionKind $kind,
        #[Is\Choice(absent: [Direction::Left])] public Direction $direction,
        #[Is\Duration(self::MAX_TIME, absent: [300])] public int $duration,
        #[Is\Duration(self::MAX_TIME, absent: [0])] public int $delay,
        #[Is\Parsed(80, absent: ['ease-out'])] public Easing $easing,
        #[Is\Bound(Token::class)] public array $bound = [],
        #[Is\Choice(sparse: true)] public Alone $alone = Alone::Fade,
        #[Is\Duration(self::MAX_STAGGER, sparse: true)] public int $stagger = 0,
        #[Is\Records(Pair::class, self::MAX_PAIRS, sparse: true)] public array $pairs = [],
    ) {
    }

    public static function cut(): self
    {
        return new self(TransitionKind::Cut, Direction::Left, 0, 0, Easing::parse('linear'));
    }

    public static function push(Direction $direction): self
    {
        return new self(TransitionKind::Push, $direction, 300, 0, Easing::parse('ease-out'));
    }

    /** A push in the direction of the screen that it leads to, from where both hang on the wall. */
    public static function suggested(Box $from, Box $to): self
    {
        $way = $to->centre()->minus($from->centre());

        return self::push(Direction::towards($way->x, $way->y));
    }

    /** How long it moves, ms: a cut not at all, a spring as long as it needs. */
    public function time(): int
    {
        return $this->kind === TransitionKind::Cut ? 0 : $this->easing->function->settles() ?? $this->duration;
    }

    /** The transition that takes back what this one did, moving the other way with the curve reversed. */
    public function inverse(): self
    {
        return $this->with(
            kind: $this->kind->inverse(),
            direction: $this->direction->opposite(),
            easing: $this->easing->reversed(),
            pairs: array_map(fn (Pair $pair): Pair => $pair->turned(), $this->pairs),
        );
    }
}
