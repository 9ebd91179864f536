<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Token\Token;
use Kindred\Document\Token\TokenValue;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\OneOf;

/** Values of tokens as they are typed. */
trait TypesTokens
{
    /**
     * @param  array<string, Token>  $all
     * @return array<array-key, mixed> what is given, with the value that was typed as `text`: one of the type, or another token in braces
     */
    private static function typed(Reader $in, ?Token $old, array $all): array
    {
        $given = array_diff_key($in->raw(), ['text' => true]);
        if (! $in->has('text')) {
            return $given;
        }
        $text = trim($in->string('text', 4_000));
        if (preg_match('/^\{([^{}]+)\}$/D', $text, $match) === 1) {
            $of = array_values(array_filter($all, fn (Token $one): bool => $one->name === trim($match[1])))[0] ?? throw new InvalidInput('value', "There is no token “{$match[1]}”. Nothing was changed.");

            return $given + ['kind' => $of->value::kind(), 'bound' => [Token::WHOLE => $of->id]] + $of->value->toArray();
        }
        $kind = $in->has('kind') ? OneOf::kind($in, 'kind', TokenValue::ALL) : ($old === null ? $in->fail('kind', 'a token needs a type') : $old->value::class);

        return $given + ['kind' => $kind::kind()] + $kind::typed($text)->toArray();
    }
}
