<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/**
 * Hangs a new screen at the end of the reel. The first screen of a project becomes its entry. One without a place hangs to the
 * right of all others, one without a name is called by the next number that is free.
 */
final readonly class CreateScreen implements Command
{
    /** Between screens that hang beside each other, px. */
    private const APART = 80;

    private function __construct(private Screen $screen, private bool $placed, private bool $named)
    {
    }

    public static function type(): string
    {
        return 'create-screen';
    }

    public static function read(Reader $in): self
    {
        $own = $in->object('screen');
        $placed = $own->has('x') || $own->has('y');
        $given = ['name' => 'Screen'] + ($placed ? [] : ['x' => 0, 'y' => 0]);

        return new self(Screen::read(Reader::of($own->raw() + $given, $in->at('screen')), '')->with(gone: false), $placed, $own->has('name'));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(screens: [$this->screen->id], reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        if (isset($tree->screens[$this->screen->id]) || isset($tree->gone[$this->screen->id])) {
            throw new InvalidInput('screen.id', 'there is a screen with that id already');
        }
        $reel = $tree->reel();
        $last = $reel === [] ? null : $reel[count($reel) - 1]->rank;
        $tree = $tree->withScreens($this->screen->with(rank: Rank::between($last, null), name: $this->named ? $this->screen->name : $this->nextName($tree), box: $this->placed ? $this->screen->box : $this->box($reel)));

        return $reel === [] ? $tree->withProject($tree->project->with(entry: $this->screen->id)) : $tree;
    }

    /** @param  list<Screen>  $reel */
    private function box(array $reel): Box
    {
        $box = $this->screen->box;
        $right = -INF;
        foreach ($reel as $one) {
            $right = max($right, $one->box->right());
        }

        return $reel === [] ? $box : new Box($right + self::APART, $reel[count($reel) - 1]->box->y, $box->width, $box->height);
    }

    private function nextName(Tree $tree): string
    {
        $taken = array_map(fn (Screen $one): string => $one->name, $tree->reel());
        $number = count($taken) + 1;
        while (in_array("Screen {$number}", $taken, true)) {
            $number++;
        }

        return "Screen {$number}";
    }

    public function label(Tree $before): string
    {
        return 'Add screen '.($this->named ? $this->screen->name : $this->nextName($before));
    }
}
