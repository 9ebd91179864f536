<?php

declare(strict_types=1);

namespace Kindred\Document\Layer;

use Kindred\Input\InvalidInput;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;

/**
 * An icon that was brought into a project or made in it, on the same grid as those that ship: SVG path data of what is drawn in lines,
 * and of what is filled by the non-zero rule. `line` is the width of its lines as it came, in units of the grid.
 */
final readonly class OwnIcon implements Stored
{
    use Declared;

    public const NAME = '^[a-z0-9-]+$';

    /** Characters of path data. */
    private const MAX = 20_000;

    public function __construct(
        #[Is\Words(60, false, self::NAME, 'an icon is named by lower-case letters, digits and hyphens')] public string $name,
        #[PathText(self::MAX, absent: [''])] public string $lines = '',
        #[PathText(self::MAX, absent: [''])] public string $areas = '',
        #[Is\Number(0.5, 4, absent: [2.0])] public float $line = 2.0,
    ) {
    }

    /** @throws InvalidInput where there is more of it than an icon holds */
    public function checked(): self
    {
        if (max(strlen($this->lines), strlen($this->areas)) > self::MAX) {
            throw new InvalidInput('icon', "“{$this->name}” has too many points for an icon. Make its lines plainer.");
        }

        return $this;
    }

    /** @return list<array{string, array<string, string>}> names and attributes of SVG shapes on the grid; what is filled says so */
    public function nodes(): array
    {
        return [
            ...$this->areas === '' ? [] : [['path', ['d' => $this->areas, 'fill' => 'currentColor', 'stroke' => 'none']]],
            ...$this->lines === '' ? [] : [['path', ['d' => $this->lines]]],
        ];
    }

    /**
     * A name that no icon has yet, as near to the given one as there is.
     *
     * @param  list<string>  $taken  beside those that are known already
     */
    public static function free(string $name, IconSource $icons, array $taken): string
    {
        $free = $name;
        for ($i = 2; in_array($free, $taken, true) || $icons->nodes($free) !== null; $i++) {
            $free = "{$name}-{$i}";
        }

        return $free;
    }

    /** A name of an icon from any words, such as that of a file: "Kiln open.svg" gives "kiln-open". */
    public static function named(string $words): string
    {
        $name = trim((string) preg_replace('/[^a-z0-9]+/', '-', mb_strtolower((string) preg_replace('/\.svg$/i', '', trim($words)))), '-');

        return $name === '' ? 'icon' : rtrim(substr($name, 0, 50), '-');
    }
}
