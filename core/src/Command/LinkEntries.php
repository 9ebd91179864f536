<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Address;
use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Action\Show;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Transition;
use Kindred\Document\Cue\Trigger\Tap;
use Kindred\Document\Id;
use Kindred\Document\Layer\Widget;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Links each entry of a widget, a tab or a row of a menu, to the screen that is called like it. Those that are linked already stay as they are. */
final readonly class LinkEntries implements Command
{
    use OnCues;

    private function __construct(private string $screen, private string $layer, private string $seed)
    {
    }

    public static function type(): string
    {
        return 'link-entries';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), Address::optionalLayer($in, 'layer') ?? $in->id('layer'), $in->string('seed', 80, false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen], layers: [$this->layer], reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        $owner = $this->owner($tree);
        $items = $tree->layer($this->layer)->content;
        $items = $items instanceof Widget ? $items->items : [];
        $screens = [];
        foreach ($tree->reel() as $screen) {
            $screens[self::plain($screen->name)] ??= $screen->id;
        }
        $linked = array_map(fn (Cue $cue): string => $cue->isTap() ? $cue->entry : '', $owner->cues);
        $ids = Id::in($tree, $this->seed);
        $new = [];
        foreach ($items as $item) {
            $to = $screens[self::plain($item->label)] ?? null;
            if ($to !== null && $to !== $this->screen && $item->label !== '' && ! in_array($item->label, $linked, true)) {
                $new[] = new Cue($ids->next(), new Tap, actions: [new Act(new Show($to), Transition::cut())], entry: $item->label);
            }
        }
        if ($new === [] && array_diff($linked, ['']) === []) {
            throw new InvalidInput('layer', 'No screen is called like one of its entries. Give a screen the name of an entry first.');
        }

        return $this->withCues($tree, $owner, [...$owner->cues, ...$new]);
    }

    public function label(Tree $before): string
    {
        return "Link the entries of {$this->named($before)}";
    }

    private static function plain(string $name): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', mb_strtolower($name)));
    }
}
