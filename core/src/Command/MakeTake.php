<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Cue\Cue;
use Kindred\Document\Id;
use Kindred\Document\Screen;
use Kindred\Document\Take;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Keeps a screen as it is now as a take, and goes on with the one on the wall as the next. */
final readonly class MakeTake implements Command
{
    private function __construct(private string $screen, private string $seed, private string $reason)
    {
    }

    public static function type(): string
    {
        return 'make-take';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), $in->string('seed', 64, false), $in->words('reason', Take::MAX_REASON));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(takes: [$this->screen], reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        $screen = $tree->screen($this->screen);
        if (! $screen->hangs()) {
            throw new InvalidInput('screen', 'A take is made of the screen that hangs on the wall; hang this one there first. Nothing was changed.');
        }
        $names = array_map(fn (Screen $one): string => $one->take->name ?? '', $tree->takes($screen->id));
        if (count($names) >= Take::MAX) {
            throw new InvalidInput('screen', 'A screen has at most '.Take::MAX.' takes; delete one that is settled. Nothing was changed.');
        }
        $before = $screen->take ?? new Take(null, Take::nameBeside($names));
        $ids = Id::in($tree, $this->seed);
        $kept = $screen->with(
            id: $ids->next(),
            take: $before->with(of: $screen->id),
            criteria: [],
            cues: array_map(fn (Cue $cue): Cue => $cue->with(id: $ids->next()), $screen->cues),
        );
        [$layers, $renamed] = DuplicateScreen::layers($tree, $screen->id, $kept->id, $ids, akin: true);
        $now = $screen->with(take: new Take(null, Take::nameBeside([...$names, $before->name]), $this->reason));

        return $tree->withScreens($kept->renamed($renamed), $now)->withLayers(...$layers);
    }

    public function label(Tree $before): string
    {
        return 'New take of '.($before->screens[$this->screen]->name ?? 'a screen');
    }
}
