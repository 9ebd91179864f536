<?php

declare(strict_types=1);

namespace Kindred\Document;

use Kindred\Document\Brief\Entry;
use Kindred\Document\Check\Aside;
use Kindred\Document\Check\RuleSetting;
use Kindred\Document\Library\Library;
use Kindred\Document\Token\Theme;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;
use Kindred\Document\Token\TokenGroup;

/** The register of what a document is made of: a new kind of thing is a class and a line here. */
enum Entity: string
{
    #[Kept(Project::class, max: 1, where: '', called: '')]
    case Project = 'project';

    #[Kept(Screen::class, max: Limits::MAX_SCREENS, where: 'A project', called: 'screens, takes among them')]
    case Screen = 'screen';

    #[Kept(Layer::class, max: Limits::MAX_LAYERS, where: 'A project', called: 'layers')]
    case Layer = 'layer';

    #[Kept(Entry::class, max: Limits::MAX_ENTRIES, where: 'A brief', called: 'entries')]
    case Entry = 'entry';

    #[Kept(Token::class, max: Token::MAX, where: 'A house style', called: 'tokens')]
    case Token = 'token';

    #[Kept(TokenGroup::class, max: TokenGroup::MAX, where: 'A house style', called: 'groups')]
    case TokenGroup = 'tokengroup';

    #[Kept(Theme::class, max: Theme::MAX, where: 'A house style', called: 'themes')]
    case Theme = 'theme';

    #[Kept(ThemeValue::class, max: ThemeValue::MAX, where: 'A house style', called: 'values in themes')]
    case ThemeValue = 'themevalue';

    #[Kept(RuleSetting::class, max: RuleSetting::MAX, where: 'A project', called: 'settings of checks')]
    case RuleSetting = 'rulesetting';

    #[Kept(Aside::class, max: Aside::MAX, where: 'A project', called: 'findings that are put aside')]
    case Aside = 'aside';

    #[Kept(Library::class, max: Library::MAX, where: 'A project', called: 'libraries')]
    case Library = 'library';

    public function kept(): Kept
    {
        /** @var array<string, Kept> $known */
        static $known = [];

        return $known[$this->value] ??= (new \ReflectionEnumBackedCase($this, $this->name))->getAttributes(Kept::class)[0]->newInstance();
    }

    /** What a class of things is called where it is kept; what is none is called as it is. */
    public static function called(string $kind): string
    {
        foreach (self::cases() as $entity) {
            if ($entity->kept()->class === $kind) {
                return $entity->value;
            }
        }

        return $kind;
    }

    /** Whether it is kept in the general way, by id with a rank and properties, not in a way of its own. */
    public function isPlain(): bool
    {
        return ! in_array($this, [self::Project, self::Screen, self::Layer], true);
    }

    /** @return array<string, Thing> all of them in a tree by id, those that were deleted and can be brought back too */
    public function of(Tree $tree): array
    {
        return match ($this) {
            self::Project => ['' => $tree->project],
            self::Screen => $tree->screens + $tree->gone,
            self::Layer => $tree->layers,
            default => $tree->things($this),
        };
    }

    /** The current state of what a change is about; deleted things are included only for changes that delete or restore them. */
    public function found(Tree $tree, Change $change): ?Thing
    {
        $asleep = $this === self::Screen && isset($tree->gone[$change->id]) && ! $change->isAddition() && ! $change->touches('gone');

        return $asleep ? null : ($this->of($tree)[$change->id] ?? null);
    }

    /** Whether a thing is there, and not deleted. */
    public function isThere(Tree $tree, string $id): bool
    {
        return isset($this->of($tree)[$id]) && ! ($this === self::Screen && isset($tree->gone[$id]));
    }
}
