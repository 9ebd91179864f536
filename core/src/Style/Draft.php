<?php

declare(strict_types=1);

namespace Kindred\Style;

use Kindred\Document\Token\Token;
use Kindred\Document\Widget\WidgetLook;
use Kindred\Paint\Colour;

/**
 * What makes a scheme a project's own, as commands: the tokens that play a role get its values, what plays one without a token gets one, and
 * roles that nothing plays become tokens, too, so that the set is whole. Widgets take from it what no token says of them yet.
 */
final readonly class Draft
{
    /** The roles that parts of widgets play. */
    private const WIDGETS = ['accent' => 'accent', 'ink' => 'words', 'soft' => 'quiet', 'edge' => 'line', 'paper' => 'card', 'ground' => 'ground', 'shade' => 'line', 'radius' => 'corners', 'space' => 'gap'];

    /**
     * @param  list<array<string, mixed>>  $commands  one step
     * @param  int  $made  how many tokens are new
     * @param  int  $changed  how many get another value
     */
    private function __construct(public array $commands, public int $made, public int $changed)
    {
    }

    /**
     * @param  array<string, array{plain: mixed, token: string|null}>  $found  what plays each role
     * @param  array<string, Token>  $tokens  by id
     * @param  \Closure(): string  $id  gives ids for new tokens
     */
    public static function of(Scheme $scheme, array $found, array $tokens, WidgetLook $look, \Closure $id): self
    {
        $names = array_flip(array_map(fn (Token $token): string => $token->name, $tokens));
        $changed = $made = $named = $merges = $ids = [];
        foreach (self::values($scheme) as $role => [$aspect, $value]) {
            $one = $found[$role] ?? null;
            $token = self::origin($tokens, $one['token'] ?? '');
            if ($token !== null) {
                // Where two roles come from one token, it is that of the first.
                $changed[$token->id] ??= ['id' => $token->id, 'text' => $value];
                $ids[$role] = $token->id;

                continue;
            }
            $kind = $aspect::value($aspect === Aspect\Colours::class ? '#000000' : 1)::kind();
            $name = self::name($kind === 'color' ? "colour.{$role}" : "length.{$role}", $names);
            $ids[$role] = $new = $id();
            if ($one !== null) {
                $named[] = ['id' => $new, 'name' => $name, 'kind' => $kind] + $aspect::value($one['plain'])->toArray();
                $merges[] = ['type' => 'merge-values', 'aspect' => $aspect::key(), 'from' => [$one['plain']], 'to' => $one['plain'], 'token' => $new];
            }
            $made[] = ['id' => $new, 'name' => $name, 'kind' => $kind, 'text' => $value];
        }
        $free = array_diff_key(self::WIDGETS, $look->bound);

        return new self([
            ...($named === [] ? [] : [['type' => 'put-tokens', 'tokens' => $named]]), ...$merges,
            ['type' => 'put-tokens', 'tokens' => [...array_values($changed), ...$made]],
            ...array_map(fn (string $part, string $role): array => ['type' => 'dress-kit', 'part' => $part, 'token' => $ids[$role]], array_keys($free), array_values($free)),
        ], count($made), count($changed));
    }

    /** @return array<string, array{class-string<Aspect>, string}> what each role gets, as it is typed */
    private static function values(Scheme $scheme): array
    {
        return array_map(fn (Colour $colour): array => [Aspect\Colours::class, $colour->toHex()], $scheme->colours())
            + ['corners' => [Aspect\Radii::class, "{$scheme->corners()}px"], 'gap' => [Aspect\Gaps::class, "{$scheme->gap()}px"]];
    }

    /**
     * The token that one stands for in the end.
     *
     * @param  array<string, Token>  $tokens
     */
    private static function origin(array $tokens, string $id): ?Token
    {
        $token = $tokens[$id] ?? null;
        while ($token !== null && isset($tokens[$token->bound[Token::WHOLE] ?? ''])) {
            $token = $tokens[$token->bound[Token::WHOLE]];
        }

        return $token;
    }

    /** @param  array<string, string>  $names  that there are */
    private static function name(string $wanted, array $names): string
    {
        $name = $wanted;
        for ($i = 2; isset($names[$name]); $i++) {
            $name = "{$wanted}-{$i}";
        }

        return $name;
    }
}
