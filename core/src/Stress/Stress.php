<?php

declare(strict_types=1);

namespace Kindred\Stress;

use Kindred\Check\Eyes;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Placed;
use Kindred\Check\Rule;
use Kindred\Check\Scene;
use Kindred\Command\Commands;
use Kindred\Command\Runner;
use Kindred\Document\Address;
use Kindred\Document\Missing;
use Kindred\Document\OutsideWorkingSet;
use Kindred\Document\Tree;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Layout\Relayout;

/** Puts screens under strain and says what breaks that holds otherwise; and how it would hold: by what has been tried, not by what might help. */
final readonly class Stress
{
    /** What breaks, as checks tell it. */
    private const RULES = [Rule\CutText::class, Rule\Collision::class, Rule\LeavesContainer::class, Rule\OffScreen::class, ...self::COMPARED];

    /** What is wrong only because it was otherwise; said of a layer of which nothing else is. */
    private const COMPARED = [PastEdge::class, OffGround::class, CoveredWords::class];

    /** For so many of what breaks something that holds is looked for. */
    private const MENDED = 8;

    /** So many layers are looked at for that: whatever is tried, all of the screen is looked at anew. */
    private const LOOKED_AT = 40_000;

    public function __construct(private Eyes $eyes, private Relayout $relayout, private Runner $runner)
    {
    }

    /**
     * @param  Tree  $tree  with all layers of the screen
     * @return Strained|null null where the strain has nothing to say to it
     */
    public function under(Tree $tree, string $screen, Strain $strain): ?Strained
    {
        $strained = $this->strained($tree, $screen, $strain);
        if ($strained === null) {
            return null;
        }
        $calm = new Scene($tree, $tree->screen($screen), $this->eyes);
        $known = array_fill_keys(array_map(self::key(...), $this->foundIn($calm)), true);
        $broken = $told = [];
        $scene = new Scene($strained, $strained->screen($screen), $this->eyes);
        $tries = intdiv(self::LOOKED_AT, max(1, count($scene->seen)));
        foreach ($this->foundIn($scene) as $finding) {
            $about = $finding->places[0]->layer ?? '';
            if (! isset($known[self::key($finding)]) && ! (isset($told[$about]) && in_array($finding->rule, self::COMPARED, true))) {
                $told[$about] = true;
                $fix = count($broken) < self::MENDED ? $this->fix($calm, $strain, $scene, $finding, $known, $tries) : null;
                $broken[] = new Broken($finding, self::boxes($scene, $finding), $fix);
            }
        }

        return new Strained($strain, $strained, $broken);
    }

    private function strained(Tree $tree, string $screen, Strain $strain): ?Tree
    {
        $after = $strain->on($tree, $screen);

        return $after === null ? null : $this->relayout->after($tree, $after);
    }

    /**
     * The first of what might help that does, and breaks nothing else.
     *
     * @param  Scene  $calm  the screen as it is
     * @param  array<string, true>  $known  what is wrong on it
     * @param  int  $tries  how much may be tried yet
     */
    private function fix(Scene $calm, Strain $strain, Scene $strained, Finding $finding, array $known, int &$tries): ?Fix
    {
        [$tree, $screen] = [$calm->tree, $calm->screen->id];
        foreach ($tries > 0 ? Mending::of($calm, $strained, $finding) : [] as $fix) {
            if (--$tries < 0) {
                return null;
            }
            try {
                $mended = $this->runner->run($tree, ...array_map(fn (array $data) => Commands::read(Reader::of($data)), $fix->commands));
                $worse = array_filter($this->found($mended, $screen), fn (Finding $one): bool => ! isset($known[self::key($one)]));
                $under = $worse === [] ? $this->strained($mended, $screen, $strain) : null;
                if ($under !== null && ! in_array(self::key($finding), array_map(self::key(...), $this->found($under, $screen)), true)) {
                    return $fix;
                }
            } catch (InvalidInput|Missing|OutsideWorkingSet) {
                // It cannot be done here.
            }
        }

        return null;
    }

    /** @return list<Finding> */
    private function found(Tree $tree, string $screen): array
    {
        return $this->foundIn(new Scene($tree, $tree->screen($screen), $this->eyes));
    }

    /** @return list<Finding> each once, however many copies have it */
    private function foundIn(Scene $scene): array
    {
        return array_merge([], ...array_map(fn (string $rule): array => Finding::merged($rule::on($scene, null)), self::RULES));
    }

    /** @return list<Box> of the layer that breaks, wherever it is shown */
    private static function boxes(Scene $scene, Finding $finding): array
    {
        $first = $finding->places[0] ?? null;
        $shown = array_map($scene->at(...), array_filter($finding->places, fn (Address $one): bool => $one->layer === $first?->layer));

        return array_values(array_filter(array_map(fn (?Placed $one): ?Box => $one?->bounds, $shown)));
    }

    private static function key(Finding $finding): string
    {
        return $finding->id();
    }
}
