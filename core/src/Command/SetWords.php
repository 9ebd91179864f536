<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer\Text;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Gives a text new words. A layer still named after its words is renamed with them. */
final readonly class SetWords implements Command
{
    use OnLayers;

    private function __construct(
        private ?string $screen,
        private string $layer,
        private string $words,
        private InCopies $copies,
    ) {
    }

    public static function type(): string
    {
        return 'set-words';
    }

    public static function read(Reader $in): self
    {
        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), $in->string('words', Text::MAX_LENGTH), InCopies::read($in, [Address::read($in, 'layer')]));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: $this->named($this->screen), layers: [$this->layer]);
    }

    public function apply(Tree $tree): Tree
    {
        [$layer] = $this->selected($tree, $this->screen, [$this->layer]);
        $text = $layer->content;
        if (! $text instanceof Text) {
            throw new InvalidInput('layer', "“{$layer->name}” is not a text.");
        }
        $instead = $this->copies->saying($tree, $layer, $this->words);
        if ($instead !== null) {
            return $instead;
        }
        $named = $layer->name === 'Text' || $layer->name === Text::title($text->words);

        return $tree->withLayers($layer->with(
            content: $text->with(words: $this->words),
            name: $named ? Text::title($this->words) : $layer->name,
        ));
    }

    public function label(Tree $before): string
    {
        return 'Write “'.Text::title($this->words).'”';
    }
}
