<?php

declare(strict_types=1);

namespace Kindred\Command;

use Kindred\Document\Cue\Cue;
use Kindred\Document\Id;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Instance;
use Kindred\Document\LayerNest;
use Kindred\Document\Place;
use Kindred\Document\Rank;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;

/** Hangs a copy beside the original, in the first free room to its right, with its name counted up. */
final readonly class DuplicateScreen implements Command
{
    /** Room between screens on the wall, in px. */
    public const GAP = 80.0;

    private function __construct(private string $screen, private string $seed)
    {
    }

    public static function type(): string
    {
        return 'duplicate-screen';
    }

    public static function read(Reader $in): self
    {
        return new self($in->id('screen'), $in->string('seed', 64, false));
    }

    public function workingSet(): WorkingSet
    {
        return new WorkingSet(whole: [$this->screen], reel: true);
    }

    public function apply(Tree $tree): Tree
    {
        $original = $tree->screen($this->screen);
        $name = self::countedUp($original->name, array_map(fn (Screen $screen): string => $screen->name, $tree->hung()));

        return self::copy($tree, $original, Id::in($tree, $this->seed), $name, ['condition' => null, 'conditionOf' => null], akin: true);
    }

    /**
     * A copy of a screen beside it. Its takes and what they are judged by stay with the original.
     *
     * @param  array<string, mixed>  $changes  what the copy has otherwise
     * @param  bool  $akin  whether the new layers remember which they are copies of
     */
    public static function copy(Tree $tree, Screen $original, Id $ids, string $name, array $changes, bool $akin = false): Tree
    {
        $reel = $tree->hung();
        $next = array_values(array_filter($reel, fn (Screen $screen): bool => strcmp($screen->rank, $original->rank) > 0))[0] ?? null;
        $copy = $original->with(...$changes,
            id: $ids->next(),
            rank: Rank::between($original->rank, $next?->rank),
            name: $name,
            take: null,
            criteria: [],
            box: $original->box->movedBy(self::offset($original, $reel), 0),
            cues: array_map(fn (Cue $cue): Cue => $cue->with(id: $ids->next()), $original->cues),
        );
        [$layers, $renamed] = self::layers($tree, $original->id, $copy->id, $ids, $akin);
        $copy = $copy->renamed($renamed);
        if ($copy->component !== null) {
            // The states that are shown beside it are those of the copy.
            $layers = array_map(fn (Layer $one): Layer => $one->content instanceof Instance && $one->content->component === $original->id ? $one->with(content: $one->content->with(component: $copy->id)->renamed($renamed)) : $one, $layers);
        }

        return $tree->withScreens($copy)->withLayers(...$layers);
    }

    /**
     * Copies of all layers of a screen.
     *
     * @return array{list<Layer>, array<string, string>} and their ids by those of the originals
     */
    public static function layers(Tree $tree, string $from, string $to, Id $ids, bool $akin): array
    {
        $layers = [];
        $renamed = [];
        foreach ($tree->children(new Place($from)) as $layer) {
            $made = LayerNest::of($tree, $layer)->layers(new Place($to), $layer->rank, $ids, $akin);
            $renamed += array_combine(array_map(fn (Layer $one): string => $one->id, $tree->subtree($layer->id)), array_map(fn (Layer $one): string => $one->id, $made));
            array_push($layers, ...$made);
        }

        return [LayerNest::cuesRenamed($layers, $renamed), $renamed];
    }

    public function label(Tree $before): string
    {
        return 'Duplicate screen '.($before->screens[$this->screen]->name ?? '');
    }

    /**
     * "Kiln" becomes "Kiln 2", "Kiln 2" becomes "Kiln 3"; a number that is taken is passed over.
     *
     * @param  list<string>  $taken
     */
    public static function countedUp(string $name, array $taken): string
    {
        preg_match('/^(.*?)(?: (\d{1,6}))?$/su', $name, $match);
        $number = (int) ($match[2] ?? 1);
        do {
            $number++;
            $candidate = mb_substr($match[1] ?? $name, 0, 112)." {$number}";
        } while (in_array($candidate, $taken, true));

        return $candidate;
    }

    /**
     * A name, or where that is taken the next that is free.
     *
     * @param  list<string>  $taken
     */
    public static function free(string $name, array $taken): string
    {
        return in_array($name, $taken, true) ? self::countedUp($name, $taken) : $name;
    }

    /** @param  list<Screen>  $reel */
    private static function offset(Screen $original, array $reel): float
    {
        $x = $original->box->right() + self::GAP;
        do {
            $moved = false;
            foreach ($reel as $other) {
                $sideways = $x < $other->box->right() + self::GAP && $x + $original->box->width > $other->box->x;
                $upright = $original->box->y < $other->box->bottom() && $original->box->bottom() > $other->box->y;
                if ($sideways && $upright) {
                    $x = $other->box->right() + self::GAP;
                    $moved = true;
                }
            }
        } while ($moved);

        return $x - $original->box->x;
    }
}
