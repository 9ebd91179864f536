<?php

declare(strict_types=1);

namespace Kindred\Document\Token;

use Kindred\Document\Entity;
use Kindred\Document\Layer;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Tree;

/** Which tokens have another value after a change than before: for a layer or a screen, by the theme that it shows. */
final class TokenChanges
{
    /** @var array<string, array<string, Token>> by the themes before and after */
    private array $found = [];

    private readonly Themes $before;

    private readonly Themes $after;

    private readonly bool $areThere;

    private readonly bool $areSame;

    private function __construct(Tree $before, Tree $after)
    {
        [$this->before, $this->after] = [Themes::of($before), Themes::of($after)];
        $this->areThere = $before->things(Entity::Token) !== [] || $after->things(Entity::Token) !== [];
        $this->areSame = array_filter(Themes::HOUSE, fn (Entity $entity): bool => $before->things($entity) !== $after->things($entity)) === [];
    }

    public static function between(Tree $before, Tree $after): self
    {
        return new self($before, $after);
    }

    /** Whether there are tokens at all. */
    public function areThere(): bool
    {
        return $this->areThere;
    }

    /** @return array<string, Token> by id */
    public function of(Layer|Screen|Project|null $old, Layer|Screen|Project $new): array
    {
        if (! $this->areThere) {
            return [];
        }
        $to = $this->after->at($new);
        $from = $old === null ? $to : $this->before->at($old);
        if ($this->areSame && $from === $to) {
            return [];
        }

        return $this->found["{$from}>{$to}"] ??= Bindings::changed($this->before->tokens($from), $this->after->tokens($to));
    }

    /** @return array<string, Token> all tokens, as they are now where a thing is */
    public function now(Layer|Screen|Project $thing): array
    {
        return $this->areThere ? $this->after->tokensOf($thing) : [];
    }
}
