<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Layer\OwnIcon;
use Kindred\Document\Token\Theme;
use Kindred\Document\Widget\WidgetLook;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Properties;
use Kindred\Type\OwnFace;

/**
 * What holds for a project as a whole: its name, the screen at which a rehearsal starts, the finish of screens that have none of
 * their own, whether screens are shown in the frames of their devices, the theme of screens that have none of their own, how widgets are dressed, and the fonts and icons that were brought into it.
 */
final readonly class Project implements Thing
{
    use Declared;

    /** In parts each font and each icon is a property of its own, under this and its name: whoever brings one in changes no other. */
    public const FONT = 'font:';

    public const ICON = 'icon:';

    public const MAX_FONTS = 200;

    public const MAX_ICONS = 300;

    /** Characters of path data of all icons. */
    public const MAX_ICON_PATHS = 400_000;

    /**
     * @param  list<OwnFace>  $fonts
     * @param  list<OwnIcon>  $icons
     */
    public function __construct(
        #[Is\Name(affects: Is\Affects::Nothing)] public string $name,
        #[Is\Id(to: Screen::class, affects: Is\Affects::Nothing)] public ?string $entry = null,
        #[Is\Choice(affects: Is\Affects::Paint)] public Finish $finish = Finish::Dressed,
        #[Is\Flag(affects: Is\Affects::Paint)] public bool $framed = false,
        #[Is\Records(OwnFace::class, self::MAX_FONTS, sparse: true, affects: Is\Affects::Layout)] public array $fonts = [],
        #[Is\Records(OwnIcon::class, self::MAX_ICONS, sparse: true, affects: Is\Affects::Paint)] public array $icons = [],
        #[Is\Id(to: Theme::class, sparse: true, affects: Is\Affects::Nothing)] public ?string $theme = null,
        #[Is\Record(sparse: true, affects: Is\Affects::Paint)] public WidgetLook $look = new WidgetLook,
    ) {
    }

    public static function kept(array $parts): self
    {
        $lists = ['fonts' => [], 'icons' => []];
        // They stand by their names: what is taken back is where it was.
        ksort($parts, SORT_STRING);
        foreach ($parts as $key => $part) {
            $list = self::listOf((string) $key);
            if ($list !== null) {
                unset($parts[$key]);
                $lists[$list] = $part === null ? $lists[$list] : [...$lists[$list], $part];
            }
        }

        return self::read(Reader::kept($parts + $lists));
    }

    public function parts(?Thing $beside = null): array
    {
        $parts = Properties::of(self::class)->write($this, ['fonts' => true, 'icons' => true]);
        foreach ($this->fonts as $face) {
            $parts[self::FONT.$face->key()] = $face->toArray();
        }
        foreach ($this->icons as $icon) {
            $parts[self::ICON.$icon->name] = $icon->toArray();
        }

        return $parts;
    }

    /** The list that a property among the parts is an entry of; null where it is one of the project itself. */
    private static function listOf(string $part): ?string
    {
        return match (true) {
            str_starts_with($part, self::FONT) => 'fonts',
            str_starts_with($part, self::ICON) => 'icons',
            default => null,
        };
    }

    /** @throws InvalidInput where its icons are more than every edit can read */
    public function withinBounds(): self
    {
        $paths = array_sum(array_map(fn (OwnIcon $icon): int => strlen($icon->lines) + strlen($icon->areas), $this->icons));

        return $paths <= self::MAX_ICON_PATHS ? $this
            : throw new InvalidInput('icons', 'The icons of this project would have too many points together. Remove some, or make their lines plainer. Nothing was changed.');
    }

    public function called(): string
    {
        return $this->name;
    }
}
