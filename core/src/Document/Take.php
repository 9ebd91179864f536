<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Input\Reader;

/**
 * What a screen is as one of several versions of the same.
 *
 * `of` names the screen whose place on the wall it could take; null for the keeper, which hangs there. `judgements`
 * are the designer's own, by criterion.
 */
final readonly class Take
{
    use Withers;

    public const MAX_REASON = 2000;

    public const MAX_JUDGEMENT = 300;

    /** Takes of one screen, the keeper among them. */
    public const MOST = 26;

    /** @param  array<string, string>  $judgements */
    public function __construct(public ?string $of, public string $name, public string $reason = '', public array $judgements = [])
    {
    }

    public static function read(Reader $in): self
    {
        $judgements = [];
        $given = $in->optional('judgements');
        foreach (array_keys($given?->raw() ?? []) as $criterion) {
            $judgements[(string) $criterion] = $given?->string((string) $criterion, self::MAX_JUDGEMENT) ?? '';
        }

        return new self($in->optionalId('of'), $in->name('name'), $in->words('reason', self::MAX_REASON), $judgements);
    }

    /**
     * The name of the next one: the first letter that is free.
     *
     * @param  list<string>  $taken
     */
    public static function nameBeside(array $taken): string
    {
        $free = array_values(array_diff(str_split('ABCDEFGHIJKLMNOPQRSTUVWXYZ'), $taken));

        return $free[0] ?? 'Take '.(count($taken) + 1);
    }

    /** @return array{of: ?string, name: string, reason: string, judgements: object} */
    public function toArray(): array
    {
        return ['of' => $this->of, 'name' => $this->name, 'reason' => $this->reason, 'judgements' => (object) $this->judgements];
    }
}
