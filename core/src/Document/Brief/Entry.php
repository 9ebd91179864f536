<?php

declare(strict_types=1);

namespace Kindred\Document\Brief;

use Kindred\Device\Catalogue;
use Kindred\Document\Condition;
use Kindred\Document\Withers;
use Kindred\Input\Reader;
use Kindred\Input\Search;

/**
 * One entry of the brief. All parts have the same properties and use those that they have a use for.
 *
 * `words` are Markdown. A requirement has `ties`, and a `screen` where it is one of a screen; a planned screen has the
 * `device` it is for, the `conditions` it needs, the entries it `leadsTo`, and the `screen` that it was turned into; a
 * reference has an `asset` with its size in px and its main `colours`, most of the picture first.
 */
final readonly class Entry
{
    use Withers;

    public const MAX_TITLE = 200;

    public const MAX_WORDS = 20_000;

    public const MAX_TIES = 100;

    /**
     * @param  list<Condition>  $conditions
     * @param  list<string>  $leadsTo
     * @param  list<Tie>  $ties
     * @param  list<string>  $colours  as hex
     */
    public function __construct(
        public string $id,
        public Part $part,
        public string $rank,
        public string $title = '',
        public string $words = '',
        public ?string $screen = null,
        public string $device = '',
        public array $conditions = [],
        public array $leadsTo = [],
        public array $ties = [],
        public ?string $asset = null,
        public int $width = 0,
        public int $height = 0,
        public array $colours = [],
    ) {
    }

    public static function read(Reader $in, ?string $rank = null): self
    {
        $device = $in->words('device', 40);
        if ($device !== '' && Catalogue::find($device) === null) {
            $in->fail('device', "“{$device}” is not a device of the catalogue");
        }

        return new self(
            $in->id('id'),
            $in->enum('part', Part::class),
            $rank ?? $in->string('rank', 120, false),
            $in->words('title', self::MAX_TITLE),
            $in->words('words', self::MAX_WORDS),
            $in->optionalId('screen'),
            $device,
            array_map(fn (string $one): Condition => Condition::tryFrom($one) ?? $in->fail('conditions', "“{$one}” is not a condition"), $in->strings('conditions', 20, 5)),
            $in->has('leadsTo') ? $in->ids('leadsTo', 0, 50) : [],
            $in->list('ties', Tie::read(...), 0, self::MAX_TIES),
            $in->has('asset') ? $in->hash('asset') : null,
            $in->has('width') ? $in->whole('width', 0, 100_000) : 0,
            $in->has('height') ? $in->whole('height', 0, 100_000) : 0,
            $in->strings('colours', 9, 12),
        );
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

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->id, 'rank' => $this->rank] + $this->properties();
    }

    /** @return array<string, mixed> all but the id and the rank */
    public function properties(): array
    {
        return [
            'part' => $this->part->value,
            'title' => $this->title,
            'words' => $this->words,
            'screen' => $this->screen,
            'device' => $this->device,
            'conditions' => array_map(fn (Condition $one): string => $one->value, $this->conditions),
            'leadsTo' => $this->leadsTo,
            'ties' => array_map(fn (Tie $tie): array => $tie->toArray(), $this->ties),
            'asset' => $this->asset,
            'width' => $this->width,
            'height' => $this->height,
            'colours' => $this->colours,
        ];
    }
}
