<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Missing;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Themes;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Path;

/** Binds the background of screens to a colour of the house style; or to none, and it stays as it is. */
final readonly class BindScreens implements Command
{
    use OnScreens;

    private const FIELD = 'ground';

    /** @param  list<string>  $screens */
    private function __construct(private array $screens, private ?string $token)
    {
    }

    public static function type(): string
    {
        return 'bind-screens';
    }

    public static function read(Reader $in): self
    {
        return new self($in->ids('screens', 1, 500), $in->optionalId('token'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->screens, things: Themes::HOUSE);
    }

    public function apply(Tree $tree): Tree
    {
        $token = $this->token === null ? null : Bindings::tokens($tree)[$this->token] ?? throw Missing::thing('token');
        $way = Path::of(self::FIELD);
        foreach ($this->screens as $id) {
            $screen = $tree->screen($id);
            $property = $way->property($screen);
            $value = $property === null ? null : $token?->value->valueOf($property, $screen->ground);
            if ($token !== null && ($property === null || $value === null)) {
                throw new InvalidInput('token', "“{$token->name}” is no colour. Nothing was changed.");
            }
            $tree = $tree->withScreens(Bindings::bind($property === null || $value === null ? $screen : $way->put($screen, $property->plain($value)), self::FIELD, $token?->id));
        }

        return $tree;
    }

    public function label(Tree $before): string
    {
        $token = $this->token === null ? null : (Bindings::tokens($before)[$this->token] ?? null)->name ?? 'a token';
        $named = $this->namingScreens($before, $this->screens);

        return $token === null ? "Detach the background of {$named}" : "Bind “{$token}” to the background of {$named}";
    }
}
