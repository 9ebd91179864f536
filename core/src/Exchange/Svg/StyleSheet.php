<?php

declare(strict_types=1);

namespace Kindred\Exchange\Svg;

use Sabberworm\CSS\OutputFormat;
use Sabberworm\CSS\Parser;
use Sabberworm\CSS\Parsing\SourceException;
use Sabberworm\CSS\RuleSet\DeclarationBlock;
use Sabberworm\CSS\Settings;
use Sabberworm\CSS\Value\Value;
use Symfony\Component\CssSelector\CssSelectorConverter;
use Symfony\Component\CssSelector\Exception\ExceptionInterface;

/**
 * The style rules of a drawing and what they are about (CSS Cascading 4, sections 6.2 to 6.4): important ones first, then the
 * more specific, then the later. Rules of at-rules are left out.
 */
final class StyleSheet
{
    /** So many rules are looked at; what takes more is no drawing. */
    private const MAX_RULES = 1000;

    /** @var \SplObjectStorage<\DOMElement, array{array<string, string>, array<string, string>}> ordinary and important values, by element */
    private \SplObjectStorage $values;

    /** @var array<string, array{array<string, string>, array<string, string>}> what each `style` says, by its text */
    private array $styles = [];

    private function __construct()
    {
        $this->values = new \SplObjectStorage;
    }

    /** What rules say of the elements of a drawing; what is no CSS says nothing. */
    public static function of(string $css, \DOMElement $root): self
    {
        $sheet = new self;
        $rules = self::rules($css);
        if ($rules === []) {
            return $sheet;
        }
        [$plain, $twins, $named] = self::withoutNamespaces($root);
        $path = new \DOMXPath($plain);
        $converter = new CssSelectorConverter(false);
        foreach ($rules as [$selector, $values, $important]) {
            try {
                // Most rules of drawings are about a single class, id or tag.
                $found = preg_match('/^[.#]?[\w-]+$/D', $selector) === 1 ? $named[$selector] ?? [] : $path->query($converter->toXPath($selector));
            } catch (ExceptionInterface) {
                continue;
            }
            foreach ($found === false ? [] : $found as $one) {
                if ($one instanceof \DOMElement && isset($twins[$one])) {
                    [$has, $must] = $sheet->values[$twins[$one]] ?? [[], []];
                    $sheet->values[$twins[$one]] = [[...$has, ...$values], [...$must, ...$important]];
                }
            }
        }

        return $sheet;
    }

    /**
     * The values of an element: of its rules, and of its own `style`, which only important rules override.
     *
     * @return array<string, string>
     */
    public function on(\DOMElement $element): array
    {
        [$values, $important] = $this->values[$element] ?? [[], []];
        [$own, $must] = $this->declared($element->getAttribute('style'));

        return [...$values, ...$own, ...$important, ...$must];
    }

    /** @return list<array{string, array<string, string>, array<string, string>}> the selector of each, its ordinary and its important values; the weakest first */
    private static function rules(string $css): array
    {
        $rules = [];
        foreach (array_slice(self::blocks($css), 0, self::MAX_RULES) as $order => $block) {
            [$values, $important] = self::read($block);
            foreach ($block->getSelectors() as $selector) {
                $rules[] = [$selector->getSpecificity(), $order, trim($selector->getSelector()), $values, $important];
            }
        }
        usort($rules, fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return array_map(fn (array $rule): array => [$rule[2], $rule[3], $rule[4]], $rules);
    }

    /** @return array{array<string, string>, array<string, string>} ordinary and important values of a `style` */
    private function declared(string $style): array
    {
        return $this->styles[$style] ??= array_map(self::read(...), self::blocks("a{{$style}}"))[0] ?? [[], []];
    }

    /** @return list<DeclarationBlock> */
    private static function blocks(string $css): array
    {
        // Most elements have no style of their own.
        if (! str_contains($css, ':')) {
            return [];
        }
        try {
            $contents = (new Parser($css, Settings::create()->withLenientParsing()))->parse()->getContents();
        } catch (SourceException) {
            return [];
        }

        return array_values(array_filter($contents, fn (object $one): bool => $one instanceof DeclarationBlock));
    }

    /** @return array{array<string, string>, array<string, string>} */
    private static function read(DeclarationBlock $block): array
    {
        $values = $important = [];
        foreach ($block->getDeclarations() as $declaration) {
            $value = $declaration->getValue();
            $text = $value instanceof Value ? $value->render(OutputFormat::create()) : (string) $value;
            if ($declaration->getIsImportant()) {
                $important[strtolower($declaration->getPropertyName())] = $text;
            } else {
                $values[strtolower($declaration->getPropertyName())] = $text;
            }
        }

        return [$values, $important];
    }

    /**
     * The same elements without namespaces, which selectors of drawings do not name.
     *
     * @return array{\DOMDocument, \SplObjectStorage<\DOMElement, \DOMElement>, array<string, list<\DOMElement>>} and which is which, and those of each tag, class and id
     */
    private static function withoutNamespaces(\DOMElement $root): array
    {
        $plain = new \DOMDocument;
        /** @var \SplObjectStorage<\DOMElement, \DOMElement> $twins */
        $twins = new \SplObjectStorage;
        $named = [];
        $copy = function (\DOMElement $element, \DOMNode $into) use (&$copy, &$named, $plain, $twins): void {
            $twin = $plain->createElement($element->localName ?? 'none');
            foreach ($element->attributes as $attribute) {
                if ($attribute->prefix === '') {
                    $twin->setAttribute($attribute->localName ?? '', $attribute->nodeValue ?? '');
                }
            }
            $into->appendChild($twin);
            $twins[$twin] = $element;
            $classes = preg_split('/\s+/', $twin->getAttribute('class'), flags: PREG_SPLIT_NO_EMPTY);
            $classes = array_map(fn (string $class): string => ".{$class}", $classes === false ? [] : $classes);
            foreach ([$twin->localName ?? '', "#{$twin->getAttribute('id')}", ...array_unique($classes)] as $name) {
                $named[$name][] = $twin;
            }
            foreach ($element->childNodes as $child) {
                if ($child instanceof \DOMElement) {
                    $copy($child, $twin);
                }
            }
        };
        $copy($root, $plain);

        return [$plain, $twins, $named];
    }
}
