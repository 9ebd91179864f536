<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Entity;
use Kindred\Document\Missing;
use Kindred\Document\Rank;
use Kindred\Document\Token\Opposing;
use Kindred\Document\Token\Theme;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Adds a theme to the house style, with the values of another one or with the opposite colours of all tokens, or renames one. */
final readonly class PutTheme implements Command
{
    /**
     * @param  string|null  $like  the theme whose values it begins with
     * @param  bool  $opposite  whether it begins with colours for the opposite ground
     */
    private function __construct(private string $id, private string $name, private ?string $like, private bool $opposite)
    {
    }

    public static function type(): string
    {
        return 'put-theme';
    }

    public static function read(Reader $in): self
    {
        $id = $in->id('id');

        return new self($id === Theme::NONE ? $in->fail('id', 'this stands for no theme') : $id, trim($in->string('name', 60, false)), $in->optionalId('like'), $in->boolean('opposite', false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true, things: Themes::HOUSE);
    }

    public function apply(Tree $tree): Tree
    {
        $themes = Themes::of($tree)->all();
        foreach ($themes as $theme) {
            if ($theme->id !== $this->id && mb_strtolower($theme->name) === mb_strtolower($this->name)) {
                throw new InvalidInput('name', "There is a theme “{$theme->name}” already. Nothing was changed.");
            }
        }
        if (isset($themes[$this->id])) {
            return $tree->put(Entity::Theme, $themes[$this->id]->with(name: $this->name));
        }
        if (count($themes) >= Theme::MAX) {
            throw new InvalidInput('themes', 'A house style holds at most '.Theme::MAX.' themes. Nothing was changed.');
        }
        $last = (array_values($themes)[count($themes) - 1] ?? null)?->rank;
        if ($this->like !== null && ! isset($themes[$this->like])) {
            throw Missing::thing('theme');
        }
        $values = $this->like === null ? [] : array_map(fn (ThemeValue $one): ThemeValue => $one->with(id: ThemeValue::idOf($this->id, $one->token), theme: $this->id), Themes::of($tree)->values($this->like));
        if ($this->opposite) {
            $values += Opposing::values($tree, $this->id, Themes::of($tree)->tokens($this->like ?? ''));
        }

        return self::within($tree->put(Entity::Theme, new Theme($this->id, Rank::between($last, null), $this->name))->put(Entity::ThemeValue, ...array_values($values)));
    }

    /** @throws InvalidInput where themes say more than a house style holds */
    public static function within(Tree $tree): Tree
    {
        return count($tree->things(Entity::ThemeValue)) <= ThemeValue::MAX ? $tree
            : throw new InvalidInput('values', 'The themes of a house style hold at most '.number_format(ThemeValue::MAX).' values together. Nothing was changed.');
    }

    public function label(Tree $before): string
    {
        $old = Themes::of($before)->all()[$this->id] ?? null;

        return $old === null ? "Add theme “{$this->name}”" : "Rename theme “{$old->name}” to “{$this->name}”";
    }
}
