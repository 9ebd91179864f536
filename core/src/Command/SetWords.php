<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Layer\Text;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Type\Paragraph;
use Kindred\Type\Run;

/**
 * Gives a text new words. A layer still named after its words is renamed with them. What of the words is set in its own way is
 * said with them, or stays so as far as they are the same.
 */
final readonly class SetWords implements Command
{
    use OnLayers;

    private function __construct(
        private ?string $screen,
        private string $layer,
        private string $words,
        /** @var array{list<Run>, list<Paragraph>}|null */
        private ?array $set,
        private InCopies $copies,
    ) {
    }

    public static function type(): string
    {
        return 'set-words';
    }

    public static function read(Reader $in): self
    {
        $set = $in->has('runs') || $in->has('paragraphs')
            ? [$in->has('runs') ? $in->list('runs', Run::read(...), 0, Run::MAX) : [], $in->has('paragraphs') ? $in->list('paragraphs', Paragraph::read(...), 0, Text::MAX_LENGTH) : []]
            : null;

        return new self($in->optionalId('screen'), Address::layer($in, 'layer'), $in->string('words', Text::MAX_LENGTH), $set, InCopies::read($in, [Address::read($in, 'layer')]));
    }

    public function workingSet(): WorkingSet
    {
        return $this->copies->workingSet($this->screen, [$this->layer]);
    }

    public function apply(Tree $tree): Tree
    {
        [$layer] = $this->selected($tree, $this->screen, [$this->layer]);
        $text = $layer->content;
        if (! $text instanceof Text) {
            throw new InvalidInput('layer', "“{$layer->name}” is not a text.");
        }
        $said = $text->saying($this->words);
        $set = $this->set === null ? $said : $text->written($this->words, ...$this->set);
        $instead = match (true) {
            $this->words !== $text->words || $this->words !== $this->copies->words($tree, $layer) => $this->copies->saying($tree, $layer, $this->words),
            $this->copies->areApart($layer) => $tree,
            default => null,
        };
        if ($instead !== null) {
            return $this->copies->setting($instead, $layer, $said, $set);
        }
        $named = $layer->name === 'Text' || $layer->name === Text::title($text->words);

        return $tree->withLayers($layer->with(
            content: $set,
            name: $named ? Text::title($this->words) : $layer->name,
        ));
    }

    public function label(Tree $before): string
    {
        $text = ($before->layers[$this->layer] ?? null)?->content;

        return $text instanceof Text && $text->words === $this->words
            ? 'Set the text of '.$this->naming($before, [$this->layer])
            : 'Write “'.Text::title($this->words).'”';
    }
}
