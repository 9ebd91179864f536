<?php

declare(strict_types=1);

namespace Kindred\Document\Style\Effect;

use Kindred\Geometry\Number;
use Kindred\Input\InvalidInput;
use Kindred\Paint\Colour;
use Kindred\Paint\Css\Arguments;
use Kindred\Paint\Css\CssColour;

/**
 * A shadow as CSS writes it (CSS Backgrounds 3, section 6.1, `box-shadow`): two to four lengths, a colour, and `inset` for one inside. CSS has no
 * word for the sides on which it shows: they stand at the end, as `top` or `left bottom`. The blur of `drop-shadow()` is a standard deviation, half
 * of that of `box-shadow` (Filter Effects 1, section 6.1).
 */
final class CssShadow
{
    private const SIDES = ['top', 'right', 'bottom', 'left'];

    /** @throws InvalidInput naming `value` */
    public static function read(string $text): Shadow
    {
        $text = rtrim(trim((string) preg_replace('/^\s*(box-shadow|filter)\s*:/i', '', $text)), '; ');
        $dropped = preg_match('/^drop-shadow\((.*)\)$/Dis', $text, $within) === 1;
        $text = $dropped ? $within[1] : $text;
        $arguments = Arguments::of(strtolower($text));
        [$lengths, $colour, $inner, $sides] = [[], null, false, []];
        $measured = false;
        foreach ($arguments[0] ?? [] as $word) {
            if ($word === 'inset' && ! $inner) {
                $inner = true;
            } elseif (in_array($word, self::SIDES, true)) {
                $sides[$word] = true;
            } elseif (preg_match('/^([-+]?(?:\d+\.?\d*|\.\d+))(px)?$/D', $word, $number) === 1 && ($lengths === [] || $measured)) {
                $lengths[] = (float) $number[1];
            } else {
                $colour = $colour === null ? CssColour::read($word) ?? throw self::wrong($word) : throw self::wrong($word);
            }
            // Lengths stand together.
            $measured = is_numeric(rtrim($word, 'px'));
        }
        if (count($arguments) !== 1 || count($lengths) < 2 || count($lengths) > 4 || ($dropped && ($inner || count($lengths) > 3))) {
            throw self::wrong($text);
        }
        $shadow = new Shadow($colour ?? Colour::parse('#000000'), $lengths[0], $lengths[1], ($lengths[2] ?? 0.0) * ($dropped ? 2 : 1), $lengths[3] ?? 0.0, $inner);
        foreach ([['offsetX', Shadow::FURTHEST], ['offsetY', Shadow::FURTHEST], ['spread', Shadow::WIDEST]] as [$name, $max]) {
            if (abs($shadow->{$name}) > $max) {
                throw new InvalidInput('value', "Lengths of a shadow lie between -{$max} and {$max} px");
            }
        }
        if ($shadow->blur < 0 || $shadow->blur > Shadow::WIDEST) {
            throw new InvalidInput('value', 'The blur of a shadow lies between 0 and '.Shadow::WIDEST.' px');
        }

        return $sides === [] ? $shadow : $shadow->with(top: isset($sides['top']), right: isset($sides['right']), bottom: isset($sides['bottom']), left: isset($sides['left']));
    }

    public static function write(Shadow $shadow): string
    {
        $lengths = array_map(fn (float $length): string => $length === 0.0 ? '0' : Number::text($length).'px', [$shadow->offsetX, $shadow->offsetY, $shadow->blur, ...($shadow->spread === 0.0 ? [] : [$shadow->spread])]);
        $sides = $shadow->isAllRound() ? [] : array_keys(array_filter(['top' => $shadow->top, 'right' => $shadow->right, 'bottom' => $shadow->bottom, 'left' => $shadow->left]));

        return implode(' ', [...($shadow->inner ? ['inset'] : []), ...$lengths, $shadow->colour->toHex(), ...$sides]);
    }

    private static function wrong(string $text): InvalidInput
    {
        return new InvalidInput('value', '“'.mb_strimwidth($text, 0, 60, '…').'” is no shadow; write it like 0 2px 8px #00000040, with inset before one inside, and the sides after one that shows on some alone: top');
    }
}
