<?php

declare(strict_types=1);

namespace Kindred\Library;

use Kindred\Document\Library\Kind;
use Kindred\Document\Upgrade\Version4;
use Kindred\Document\Upgrade\Version5;

/** Something that a project offers to others. */
final readonly class Good
{
    /**
     * @param  array<string, mixed>  $written  as commands take it
     * @param  list<string>  $needs  keys of what it cannot be without
     * @param  list<string>  $pictures  hashes of the pictures that it shows
     */
    public function __construct(public Kind $kind, public string $id, public string $name, public array $written, public array $needs = [], public array $pictures = [])
    {
    }

    public function key(): string
    {
        return "{$this->kind->value} {$this->id}";
    }

    /** A digest of what it is, wherever it stands. */
    public function mark(): string
    {
        return self::digest($this->written);
    }

    /** Whether a digest is of what it is now, or of the same as an earlier version wrote it. */
    public function is(string $mark): bool
    {
        if ($mark === $this->mark()) {
            return true;
        }
        $former = is_array($this->written['sheet'] ?? null) ? ['sheet' => Version5::before($this->written['sheet'])] + $this->written : $this->written;

        return in_array($mark, [self::digest($former), self::digest(self::before($former))], true);
    }

    private static function digest(mixed $written): string
    {
        return hash('xxh128', json_encode(self::sorted($written), JSON_THROW_ON_ERROR));
    }

    /** What the version wrote in which cues did one thing each. */
    private static function before(mixed $value): mixed
    {
        if (! is_array($value)) {
            return $value;
        }
        $value = array_map(self::before(...), $value);
        if (is_array($value['cues'] ?? null)) {
            $value['cues'] = array_map(Version4::before(...), $value['cues']);
        }

        return $value;
    }

    private static function sorted(mixed $value): mixed
    {
        if (is_array($value)) {
            if (! array_is_list($value)) {
                ksort($value);
            }

            return array_map(self::sorted(...), $value);
        }

        // 1 and 1.0 are the same.
        return is_int($value) ? (float) $value : ($value instanceof \stdClass ? self::sorted((array) $value) : $value);
    }
}
