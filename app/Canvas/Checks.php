<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Illuminate\Contracts\Cache\Repository as Cache;
use Kindred\Check\Checker;
use Kindred\Check\Eyes;
use Kindred\Check\Fact;
use Kindred\Check\Finding;
use Kindred\Check\Fix;
use Kindred\Check\Report;
use Kindred\Check\Way;
use Kindred\Document\Address;
use Kindred\Document\Check\Aside;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Entity;
use Kindred\Document\Screen;
use Kindred\Document\Thing;
use Kindred\Document\Token\Themes;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Kit\Kit;
use Kindred\Layout\Expansion;
use Kindred\Render\Renderer;
use Kindred\Type\Typesetter;

/** What rules have found on the screens of a project. A look at a screen is kept beside the number of the edit that last changed it. */
final readonly class Checks
{
    /** What a report depends on beside its screen. */
    private const THINGS = [Entity::Token, Entity::Theme, Entity::ThemeValue, Entity::RuleSetting, Entity::Aside, Entity::Entry];

    /** Seconds for which one request looks at further screens; the browser asks again for the rest. */
    private const PATIENCE = 0.2;

    /** The same where what was asked about is known already, so that nobody waits. */
    private const PATIENCE_FOR_THE_REST = 2.5;

    /** The same of the one who looks ahead, whom nobody waits for at all. */
    private const PATIENCE_AHEAD = 5.0;

    /** Layers that are loaded at once, and as many screens: few for an answer that somebody waits for. */
    private const TOGETHER = ['layers' => 1600, 'screens' => 8];

    private const TOGETHER_FOR_THE_REST = ['layers' => 6000, 'screens' => 30];

    private const KEPT = 30 * 86_400;

    /** Changes when rules do: what was kept by others is not true any more. */
    private const VERSION = 13;

    public function __construct(private TreeLoader $store, private Cache $cache, private Typesetter $typesetter, private Expansion $expansion, private Kit $kit, private Backdrop $backdrop, private Renderer $renderer, private Pictures $pictures, private Raster $raster)
    {
    }

    /**
     * @param  list<string>  $first  the screens that are looked at before all others
     * @param  string|null  $theme  in which the screens are looked at; null for the one that each shows
     * @param  float|null  $patience  seconds; null for as long as suits what is known already
     */
    public function of(Project $project, array $first = [], ?string $theme = null, ?float $patience = null): Findings
    {
        $look = $this->begun($project, $theme);
        $reports = array_filter(array_map(fn (string $kept): mixed => unserialize($kept, ['allowed_classes' => [Report::class, Finding::class, Fix::class, Fact::class, Address::class, Way::class, Direction::class]]), $look->kept), fn (mixed $one): bool => $one instanceof Report);
        $wanted = array_values(array_unique([...array_intersect($first, $look->order), ...$look->order]));
        $missing = array_values(array_filter($wanted, fn (string $id): bool => ! isset($reports[$id])));
        $isRest = isset($reports[$wanted[0] ?? '']);
        $begun = microtime(true);
        $until = $begun + ($patience ?? ($isRest ? self::PATIENCE_FOR_THE_REST : self::PATIENCE));
        $layers = $missing === [] ? [] : $this->store->counts($project);
        while ($missing !== [] && ($reports === [] || microtime(true) < $until || ! isset($reports[$wanted[0]]))) {
            $looked = $this->looked($look, self::batch($missing, $layers, $isRest ? self::TOGETHER_FOR_THE_REST : self::TOGETHER), $until);
            $missing = array_values(array_diff($missing, array_keys($looked)));
            $reports += array_filter($looked);
        }
        $ordered = array_values(array_filter(array_map(fn (string $id): ?Report => $reports[$id] ?? null, $look->order)));
        $findings = array_merge([], ...array_map(fn (Report $report): array => $report->findings, $ordered));
        $across = $missing === [] ? Checker::across($look->head, $ordered) : [];

        return Findings::of([...$findings, ...$across], Checker::asides($look->head), $look->order, count($missing));
    }

    /** Looks at screens from the end of those that are still to be looked at, so that two look at once. */
    public function ahead(Project $project, ?string $theme = null, float $patience = self::PATIENCE_AHEAD): void
    {
        $look = $this->begun($project, $theme);
        $missing = array_reverse(array_values(array_filter($look->order, fn (string $id): bool => ! isset($look->kept[$id]))));
        $layers = $missing === [] ? [] : $this->store->counts($project);
        $until = microtime(true) + $patience;
        while ($missing !== [] && microtime(true) < $until) {
            $missing = array_values(array_diff($missing, array_keys($this->looked($look, self::batch($missing, $layers, self::TOGETHER_FOR_THE_REST), $until))));
        }
    }

    /**
     * Gives a copy of a project what is known of the original, in the themes that its screens show.
     *
     * @param  array<string, int>  $revisions  of the original's screens that the copy has as they are
     */
    public function carry(Project $from, Project $to, array $revisions): void
    {
        [$known, $copy] = [$this->begun($from, null), $this->begun($to, null)];
        $reports = [];
        foreach ($known->house === $copy->house ? array_intersect_key($known->kept, $revisions) : [] as $id => $report) {
            if ($known->revisions[$id] === $revisions[$id] && isset($copy->revisions[$id])) {
                $reports[$this->key($copy, $id)] = ['revision' => $copy->revisions[$id], 'house' => $copy->house, 'report' => $report];
            }
        }
        // The framework takes no empty list.
        if ($reports !== []) {
            $this->cache->putMany($reports, self::KEPT);
        }
    }

    /** What is known of the screens as they are now. */
    private function begun(Project $project, ?string $theme): Look
    {
        $head = $this->store->load($project, new WorkingSet(reel: true, things: self::THINGS));
        $look = new Look($project, $head, $theme, self::digest($head, $theme), $this->store->revisions($project));
        $keys = array_combine(array_map(fn (string $id): string => $this->key($look, $id), $look->order), $look->order);
        $kept = [];
        foreach ($keys === [] ? [] : $this->cache->many(array_map(strval(...), array_keys($keys))) as $key => $one) {
            $id = $keys[$key];
            if (is_array($one) && ($one['revision'] ?? null) === ($look->revisions[$id] ?? null) && ($one['house'] ?? null) === $look->house && is_string($one['report'] ?? null)) {
                $kept[$id] = $one['report'];
            }
        }

        return $look->knowing($kept);
    }

    private function key(Look $look, string $screen): string
    {
        return implode(':', ['check', self::VERSION, $look->project->id, $screen, $look->theme ?? '']);
    }

    /** What is decided about checks in a project. */
    public function settings(Project $project): Tree
    {
        return $this->store->load($project, new WorkingSet(reel: true, things: self::THINGS));
    }

    /**
     * @param  non-empty-list<string>  $missing
     * @param  array<string, int>  $layers  how many each has
     * @param  array{layers: int, screens: int}  $max
     * @return non-empty-list<string> the first of them, one in any case
     */
    private static function batch(array $missing, array $layers, array $max): array
    {
        $sum = 0;
        $batch = [$missing[0]];
        foreach (array_slice($missing, 0, $max['screens']) as $i => $id) {
            $sum += $layers[$id] ?? 0;
            if ($i > 0 && $sum > $max['layers']) {
                break;
            }
            $batch[$i] = $id;
        }

        return array_values($batch);
    }

    /**
     * @param  list<string>  $ids
     * @param  float  $until  when no other screen is looked at any more; one is in any case
     * @return array<string, Report|null> null for a screen that is gone
     */
    private function looked(Look $look, array $ids, float $until): array
    {
        // Scenes let go of their circles themselves; to look for such again and again would take a quarter of the time.
        gc_collect_cycles();
        gc_disable();
        try {
            return $this->reports($look, $ids, $until);
        } finally {
            gc_enable();
        }
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, Report|null>
     */
    private function reports(Look $look, array $ids, float $until): array
    {
        $now = $look->project->fresh() ?? $look->project;
        $tree = $this->store->load($now, new WorkingSet(whole: $ids, reel: true, things: self::THINGS));
        $tree = $look->theme === null ? $tree : Themes::shown($tree, $look->theme);
        $checker = new Checker(new Eyes($this->typesetter, $this->expansion, $this->kit, new SeenBehind($this->backdrop, $this->renderer, $this->pictures, $this->raster, $now, $look->theme === null)));
        $reports = [];
        foreach ($ids as $id) {
            if ($reports !== [] && microtime(true) > $until) {
                break;
            }
            $reports[$id] = isset($tree->screens[$id]) ? $checker->screen($tree, $id, $look->theme === null) : null;
            if ($reports[$id] !== null) {
                $this->cache->put($this->key($look, $id), ['revision' => $look->revisions[$id] ?? 0, 'house' => $look->house, 'report' => serialize($reports[$id])], self::KEPT);
            }
        }

        return $reports;
    }

    /** What decides about findings beside the layers of a screen: the house style, the settings, the plan, and what other screens are for. */
    private static function digest(Tree $head, ?string $theme): string
    {
        $things = array_map(fn (Entity $kind): array => array_map(fn (Thing $one): array => $one->toArray(), array_filter($head->things($kind), fn (Thing $one): bool => ! $one instanceof Aside)), self::THINGS);
        $screens = array_map(fn (Screen $one): array => [$one->id, $one->name, $one->condition?->value, $one->conditionOf, $one->theme], array_values($head->screens));

        return hash('xxh128', json_encode([$things, $screens, $head->project->theme, $head->project->look->toArray(), $theme], JSON_THROW_ON_ERROR));
    }
}
