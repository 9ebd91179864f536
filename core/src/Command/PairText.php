<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Stack;
use Kindred\Document\Layer\Text;
use Kindred\Document\Layout\Sizing;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Type\TextStyle;

/**
 * Adds a text beside one that is there, above or below it and in line with it: a label over a value, a caption under a heading.
 * In a stack it comes before or after it.
 */
final readonly class PairText implements Command
{
    use OnLayers;

    /** The room between both, as a share of the smaller size. */
    private const GAP = 0.25;

    private function __construct(private ?string $screen, private ?string $parent, private string $layer, private string $words, private TextStyle $style, private bool $above, private string $seed)
    {
    }

    public static function type(): string
    {
        return 'pair-text';
    }

    public static function read(Reader $in): self
    {
        return new self(
            $in->optionalId('screen'), Address::optionalLayer($in, 'parent'), Address::layer($in, 'layer'), $in->string('words', Text::MAX_LENGTH, false), TextStyle::read($in->object('style')), $in->boolean('above', false), $in->string('seed', 64, false),
        );
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: [$this->layer], siblings: [new Place($this->screen, $this->parent)]);
    }

    public function apply(Tree $tree): Tree
    {
        [$beside] = $this->selected($tree, $this->screen, [$this->layer]);
        $text = $beside->content;
        if (! $text instanceof Text) {
            throw new InvalidInput('layer', "“{$beside->name}” is not a text.");
        }
        if ($beside->parent !== $this->parent) {
            throw new InvalidInput('parent', "“{$beside->name}” does not lie there; it may have been moved in another window.");
        }
        $inStack = $beside->parent === null ? null : $tree->layer($beside->parent)->content;
        // What comes first in a stack lies lowest.
        $laid = $inStack instanceof Stack;
        $rank = $laid && $this->above
            ? Rank::spread($this->below($tree, $beside), $beside->rank, 1)[0]
            : Rank::spread($beside->rank, $this->above($tree, $beside), 1)[0];
        $height = round($this->style->size * $this->style->lineHeight, 2);
        $gap = round(min($text->style->size, $this->style->size) * self::GAP);
        // What stands below may need several lines; what stands above is one, and grows to where it is aligned.
        $wrapped = $text->wrapped && ($laid || ! $this->above);
        [$x, $width] = $wrapped || $laid ? [$beside->box->x, $beside->box->width] : [$beside->box->x + $beside->box->width * $this->style->align->share(), 0.0];
        $y = $this->above ? $beside->box->y - $gap - $height : $beside->box->bottom() + $gap;

        return $tree->withLayers(new Layer(
            Id::in($tree, $this->seed)->next(), $beside->screen, $beside->parent, $rank, Text::title($this->words),
            new Box($x, $y, $width, $height),
            new Text($this->words, $this->style, $wrapped),
            fills: $beside->fills, sizing: new Sizing(width: $laid && $wrapped ? $beside->sizing->width : null, alignSelf: $beside->sizing->alignSelf), pins: $beside->pins,
        ));
    }

    public function label(Tree $before): string
    {
        return 'Add “'.Text::title($this->words).'” beside '.$this->naming($before, [$this->layer]);
    }

    /** The rank of what lies right below a layer, in its place; null where nothing does. */
    private function below(Tree $tree, Layer $layer): ?string
    {
        $below = null;
        foreach ($tree->children(Place::of($layer)) as $sibling) {
            if (strcmp($sibling->rank, $layer->rank) < 0) {
                $below = $sibling->rank;
            }
        }

        return $below;
    }
}
