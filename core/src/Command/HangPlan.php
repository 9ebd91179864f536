<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Device\Catalogue;
use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Entity;
use Kindred\Document\Id;
use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Paint\Colour;

/** Turns planned screens into screens on the wall, each on its device, in a row to the right of all others; those that have a screen already are skipped. */
final readonly class HangPlan implements Command
{
    /** @param  list<string>  $entries */
    private function __construct(private array $entries, private string $device, private string $seed)
    {
    }

    public static function type(): string
    {
        return 'hang-plan';
    }

    public static function read(Reader $in): self
    {
        $device = $in->string('device', 40, false);
        if (Catalogue::find($device) === null) {
            $in->fail('device', "“{$device}” is not a device of the catalogue");
        }

        return new self($in->ids('entries', 1, 500), $device, $in->string('seed', 64, false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(reel: true, things: [Entity::Entry]);
    }

    public function apply(Tree $tree): Tree
    {
        $ids = Id::in($tree, $this->seed);
        $reel = $tree->reel();
        $around = Box::around(...array_map(fn (Screen $screen): Box => $screen->box, $reel));
        $x = $around === null ? 0.0 : $around->right() + DuplicateScreen::GAP;
        $y = $reel === [] ? 0.0 : $reel[count($reel) - 1]->box->y;
        $rows = array_values(array_filter($tree->part(Part::Plan), fn (Entry $row): bool => in_array($row->id, $this->entries, true) && ($row->screen === null || ! isset($tree->screens[$row->screen]))));
        if ($rows === []) {
            throw new InvalidInput('entries', 'All of these are screens on the wall already. Nothing was changed.');
        }
        $ranks = Rank::spread($reel === [] ? null : $reel[count($reel) - 1]->rank, null, count($rows));
        foreach ($rows as $i => $row) {
            $device = Catalogue::find($row->device) ?? Catalogue::find($this->device) ?? throw new InvalidInput('device', 'There is no such device');
            $screen = new Screen($ids->next(), $ranks[$i], $row->title === '' ? 'Screen '.(count($reel) + $i + 1) : mb_substr(trim((string) preg_replace('/[\p{Cc}\s]+/u', ' ', $row->title)), 0, 120), $device->key, new Box($x, $y, $device->width, $device->height), $device->height, Colour::rgb(255, 255, 255));
            $x += $device->width + DuplicateScreen::GAP;
            $tree = $tree->withScreens($screen)->withEntries($row->with(screen: $screen->id));
        }
        $first = $tree->reel()[0] ?? null;

        return $tree->project->entry === null && $first !== null ? $tree->withProject($tree->project->with(entry: $first->id)) : $tree;
    }

    public function label(Tree $before): string
    {
        return count($this->entries) === 1 ? 'Hang “'.(($before->entries()[$this->entries[0]] ?? null)?->called() ?? 'a planned screen').'”' : 'Hang '.count($this->entries).' planned screens';
    }
}
