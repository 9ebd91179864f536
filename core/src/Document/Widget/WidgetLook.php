<?php

declare(strict_types=1);

namespace Kindred\Document\Widget;

use Kindred\Document\SetInFamilies;
use Kindred\Document\Token\Token;
use Kindred\Paint\Colour;
use Kindred\Property as Is;
use Kindred\Property\Declared;
use Kindred\Property\Stored;
use Kindred\Type\TextStyle;

/** How the widgets of the kit are dressed in a project: by its house style, as far as that says so. Null for what they have by themselves. */
final readonly class WidgetLook implements SetInFamilies, Stored
{
    use Declared;

    /** The radius of a button and the size of its words, px, where nothing is said of them. */
    public const RADIUS = 10.0;

    public const SIZE = 14.0;

    /** How far from its edge the words of a list row are, px, where nothing is said of it. */
    public const SPACE = 16.0;

    /**
     * @param  float|null  $radius  of a button, px; the corners of others are larger and smaller in proportion
     * @param  TextStyle|null  $text  of the words on a button: of it the family, and the size, by which all words are larger or smaller
     * @param  float|null  $space  between the words of a list row and its edge, px; the room inside of other widgets is larger and smaller in proportion
     * @param  array<string, string>  $bound  ids of tokens
     */
    public function __construct(
        #[Is\Parsed(200, sparse: true)] public ?Colour $accent = null,
        #[Is\Parsed(200, label: 'text', sparse: true)] public ?Colour $ink = null,
        #[Is\Parsed(200, label: 'quiet text', sparse: true)] public ?Colour $soft = null,
        #[Is\Parsed(200, label: 'edges', sparse: true)] public ?Colour $edge = null,
        #[Is\Parsed(200, label: 'paper', sparse: true)] public ?Colour $paper = null,
        #[Is\Parsed(200, label: 'background', sparse: true)] public ?Colour $ground = null,
        #[Is\Parsed(200, label: 'shade', sparse: true)] public ?Colour $shade = null,
        #[Is\Parsed(200, label: 'warnings', sparse: true)] public ?Colour $warning = null,
        #[Is\Number(0, 100, unit: ' px', label: 'corners', sparse: true)] public ?float $radius = null,
        #[Is\Record(label: 'type', sparse: true)] public ?TextStyle $text = null,
        #[Is\Number(0, 64, unit: ' px', label: 'spacing', sparse: true)] public ?float $space = null,
        #[Is\Bound(Token::class)] public array $bound = [],
    ) {
    }

    /**
     * The parts that can be said, with what people call them.
     *
     * @return array<string, string> labels by name
     */
    public static function parts(): array
    {
        return ['accent' => 'Accent', 'ink' => 'Text', 'soft' => 'Quiet text', 'edge' => 'Edges', 'paper' => 'Paper', 'ground' => 'Background', 'shade' => 'Shade', 'warning' => 'Warnings', 'radius' => 'Corners', 'text' => 'Type', 'space' => 'Spacing'];
    }

    public function families(): array
    {
        return $this->text === null ? [] : [$this->text->family];
    }

    public function inFamily(string $by, string $instead): static
    {
        return $this->text?->family === $by ? $this->with(text: $this->text->with(family: $instead)) : $this;
    }

    /** Whether it says nothing. */
    public function isPlain(): bool
    {
        return $this->bound === [] && array_filter([$this->accent, $this->ink, $this->soft, $this->edge, $this->paper, $this->ground, $this->shade, $this->warning, $this->radius, $this->text, $this->space], fn (mixed $part): bool => $part !== null) === [];
    }

    /** The radius of something whose own is given. */
    public function rounded(float $own): float
    {
        return $this->radius === null ? $own : $own * $this->radius / self::RADIUS;
    }

    /** The room inside of something whose own is given. */
    public function spaced(float $own): float
    {
        return $this->space === null ? $own : round($own * $this->space / self::SPACE, 2);
    }

    /** The size of words whose own is given. */
    public function sized(float $own): float
    {
        return $this->text === null ? $own : TextStyle::fitted(round($own * $this->text->size / self::SIZE, 2));
    }
}
