<?php

declare(strict_types=1);

namespace Kindred\Stress\Strain;

use Kindred\Document\Tree;
use Kindred\Stress\Said;
use Kindred\Stress\Strain;

/**
 * Words grow as they do when English is translated: short ones most (IBM, “Guidelines to design global solutions”, as W3C cites it in
 * “Text size in translation”). What is said is made of the same words, with the letters of the language.
 */
final readonly class Translated implements Strain
{
    /** Times as long as a text of up to so many characters becomes in a language that grows by 35 %. */
    private const GROWTH = [10 => 2.5, 20 => 1.9, 30 => 1.7, 50 => 1.5, 70 => 1.4, PHP_INT_MAX => 1.3];

    private const USUAL = 35.0;

    private const LETTERS = ['german' => ['a' => 'ä', 'o' => 'ö', 'u' => 'ü'], 'finnish' => ['a' => 'ä', 'o' => 'ö'], 'french' => ['e' => 'é', 'a' => 'à', 'c' => 'ç'], 'spanish' => ['n' => 'ñ', 'o' => 'ó', 'i' => 'í']];

    /**
     * @param  string  $language  in English
     * @param  float  $growth  percent that longer texts grow by
     * @param  bool  $compounds  whether words themselves become longer, and not only more of them
     */
    public function __construct(private string $key, private string $language, private float $growth, private bool $compounds)
    {
    }

    public function key(): string
    {
        return $this->key;
    }

    public function label(): string
    {
        return "in {$this->language}";
    }

    public function source(): string
    {
        return "Text grows by about {$this->growth} % in {$this->language}, short labels to twice as much (W3C, “Text size in translation”)";
    }

    public function on(Tree $tree, string $screen): Tree
    {
        return (new Said($this->translated(...)))->on($tree, $screen);
    }

    private function translated(string $words): string
    {
        $length = mb_strlen(trim($words));
        $times = 1.3;
        foreach (self::GROWTH as $max => $growth) {
            if ($length <= $max) {
                $times = $growth;
                break;
            }
        }
        $wanted = (int) round($length * (1 + ($times - 1) * $this->growth / self::USUAL));
        $said = $this->compounds ? $this->compounded($words, $wanted / max(1, $length)) : $this->longer($words, $wanted);
        $letters = self::LETTERS[$this->key] ?? [];

        // Every third of these letters has its mark.
        $seen = 0;

        return (string) preg_replace_callback('/[aceinou]/u', function (array $match) use ($letters, &$seen): string {
            return isset($letters[$match[0]]) && ++$seen % 3 === 0 ? $letters[$match[0]] : $match[0];
        }, $said);
    }

    /** Each word as much longer, by its own syllables. */
    private function compounded(string $words, float $times): string
    {
        return (string) preg_replace_callback('/\pL+/u', function (array $word) use ($times): string {
            $more = (int) round(mb_strlen($word[0]) * ($times - 1));

            return $word[0].mb_substr(str_repeat(mb_strtolower($word[0]), 4), 0, $more);
        }, $words);
    }

    /** With more of the same words behind. */
    private function longer(string $words, int $wanted): string
    {
        $said = $words;
        for ($i = 0; mb_strlen($said) < $wanted && $i < 4; $i++) {
            $said .= ' '.mb_strtolower(trim($words));
        }

        return trim(mb_substr($said, 0, max($wanted, mb_strlen($words))));
    }
}
