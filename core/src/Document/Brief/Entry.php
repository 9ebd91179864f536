<?php

declare(strict_types=1);

namespace Kindred\Document\Brief;

use Kindred\Device\DeviceKey;
use Kindred\Document\KeptWhole;
use Kindred\Document\Screen;
use Kindred\Document\ScreenCondition;
use Kindred\Document\Thing;
use Kindred\Input\Reader;
use Kindred\Input\Search;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Properties;

/**
 * One entry of the brief. All parts have the same properties and use those that they have a use for.
 *
 * `words` are Markdown. A requirement has `ties`, and a `screen` where it is one of a screen; a planned screen has the
 * `device` it is for, the `conditions` it needs, the entries it `leadsTo`, and the `screen` that it was turned into; a
 * reference has an `asset` with its size in px and its main `colours`, most of the picture first.
 */
final readonly class Entry implements Thing
{
    use Declared;
    use KeptWhole;

    public const MAX_TITLE = 200;

    public const MAX_WORDS = 20_000;

    public const MAX_TIES = 100;

    /**
     * @param  list<ScreenCondition>  $conditions
     * @param  list<string>  $leadsTo
     * @param  list<Tie>  $ties
     * @param  list<string>  $colours  as hex
     */
    public function __construct(
        #[Is\Id] public string $id,
        #[Is\Choice] public Part $part,
        #[Is\Words(120, empty: false)] public string $rank,
        #[Is\Words(self::MAX_TITLE)] public string $title = '',
        #[Is\Words(self::MAX_WORDS)] public string $words = '',
        #[Is\Id(to: Screen::class)] public ?string $screen = null,
        #[DeviceKey] public string $device = '',
        #[Is\Choices(ScreenCondition::class)] public array $conditions = [],
        #[Is\Ids(50, to: self::class)] public array $leadsTo = [],
        #[Is\Records(Tie::class, self::MAX_TIES)] public array $ties = [],
        #[Is\Hash] public ?string $asset = null,
        #[Is\Whole(0, 100_000)] public int $width = 0,
        #[Is\Whole(0, 100_000)] public int $height = 0,
        #[Is\Strings(9, 12)] public array $colours = [],
    ) {
    }

    public static function read(Reader $in, ?string $rank = null): self
    {
        return self::of($in, $rank === null ? [] : ['rank' => $rank]);
    }

    /** Whether all of the words stand in its title or its words, in whatever case. */
    public function holds(string $words): bool
    {
        return Search::holds("{$this->title}\n{$this->words}", $words);
    }

    /** What it is called in a sentence. */
    public function called(): string
    {
        $words = $this->title !== '' ? $this->title : trim(explode("\n", $this->words)[0]);

        return $words === '' ? 'without a name' : mb_strimwidth($words, 0, 60, '…');
    }

    /** @return array<string, mixed> all but the id and the rank */
    public function properties(): array
    {
        return Properties::of(self::class)->write($this, ['id' => true, 'rank' => true]);
    }
}
