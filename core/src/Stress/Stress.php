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
    private const RULES = [Rule\CutText::class, Rule\Collision::class, Rule\LeavesContainer::class, Rule\OffScreen::class];

    /** For so many of what breaks something that holds is looked for. */
    private const MENDED = 8;

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
        $known = array_fill_keys(array_map(self::key(...), $this->found($tree, $screen)), true);
        $broken = [];
        $scene = new Scene($strained, $strained->screen($screen), $this->eyes);
        foreach ($this->foundIn($scene) as $finding) {
            if (! isset($known[self::key($finding)])) {
                $fix = count($broken) < self::MENDED ? $this->fix($tree, $strain, $scene, $finding, $known) : null;
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
     * @param  array<string, true>  $known  what is wrong without any strain
     */
    private function fix(Tree $tree, Strain $strain, Scene $strained, Finding $finding, array $known): ?Fix
    {
        $screen = $strained->screen->id;
        foreach (Mending::of(new Scene($tree, $tree->screen($screen), $this->eyes), $strained, $finding) as $fix) {
            try {
                $mended = $this->runner->run($tree, ...array_map(fn (array $data) => Commands::read(Reader::of($data)), $fix->commands));
                $calm = array_filter($this->found($mended, $screen), fn (Finding $one): bool => ! isset($known[self::key($one)]));
                $under = $calm === [] ? $this->strained($mended, $screen, $strain) : null;
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
