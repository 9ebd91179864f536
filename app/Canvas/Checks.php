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
use Kindred\Check\Rule;
use Kindred\Check\Rules;
use Kindred\Check\Way;
use Kindred\Document\Address;
use Kindred\Document\Cue\Direction;
use Kindred\Document\Entity;
use Kindred\Document\Screen;
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
    /** What reports depend on beside the layers of screens. */
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
    private const VERSION = 14;

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
        $look = $this->look($project, $theme);
        $known = $this->known($look, $look->order);
        $reports = self::fresh($known);
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
            $known = array_diff_key($known, $looked);
        }
        // Of a screen that is not looked at again yet, what is still true is told.
        $reports += array_filter(array_map(fn (array $one): ?Report => self::read($one['report'])?->without($one['stale']), array_diff_key($known, $reports)));
        $ordered = array_values(array_filter(array_map(fn (string $id): ?Report => $reports[$id] ?? null, $look->order)));
        $findings = array_merge([], ...array_map(fn (Report $report): array => $report->findings, $ordered));
        $across = $missing === [] ? Checker::across($look->head, $ordered) : [];

        return Findings::of([...$findings, ...$across], Checker::asides($look->head), $look->order, count($missing));
    }

    /** Looks at screens from the end of those that are still to be looked at, so that two look at once. */
    public function ahead(Project $project, ?string $theme = null, float $patience = self::PATIENCE_AHEAD): void
    {
        $look = $this->look($project, $theme);
        $known = $this->known($look, $look->order);
        $missing = array_reverse(array_values(array_filter($look->order, fn (string $id): bool => ($known[$id]['stale'] ?? null) !== [])));
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
        [$original, $copy] = [$this->look($from, null), $this->look($to, null)];
        $reports = [];
        foreach (array_intersect_key($this->kept($original, $original->order), $revisions, $copy->revisions) as $id => $kept) {
            if (is_array($kept) && ($kept['revision'] ?? null) === $revisions[$id]) {
                $reports[$this->key($copy, $id)] = ['revision' => $copy->revisions[$id]] + $kept;
            }
        }
        // The framework takes no empty list.
        if ($reports !== []) {
            $this->cache->putMany($reports, self::KEPT);
        }
    }

    private function look(Project $project, ?string $theme): Look
    {
        return new Look($project, $this->settings($project), $theme, $this->store->revisions($project));
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, mixed> what is kept of screens
     */
    private function kept(Look $look, array $ids): array
    {
        $keys = array_map(fn (string $id): string => $this->key($look, $id), $ids);
        $kept = $keys === [] ? [] : $this->cache->many($keys);

        return array_combine($ids, array_map(fn (string $key): mixed => $kept[$key] ?? null, $keys));
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, array{report: string, stale: list<class-string<Rule>>}> what is known of screens, and the rules by which that is not true any more
     */
    private function known(Look $look, array $ids): array
    {
        $known = [];
        foreach ($this->kept($look, $ids) as $id => $kept) {
            $stale = $look->stale($id, $kept);
            if ($stale !== Rules::ALL && is_array($kept) && is_string($kept['report'] ?? null)) {
                $known[$id] = ['report' => $kept['report'], 'stale' => $stale];
            }
        }

        return $known;
    }

    /**
     * @param  array<string, array{report: string, stale: list<class-string<Rule>>}>  $known
     * @return array<string, Report> what is still true as a whole
     */
    private static function fresh(array $known): array
    {
        return array_filter(array_map(fn (array $one): ?Report => $one['stale'] === [] ? self::read($one['report']) : null, $known));
    }

    private static function read(string $report): ?Report
    {
        $read = unserialize($report, ['allowed_classes' => [Report::class, Finding::class, Fix::class, Fact::class, Address::class, Way::class, Direction::class]]);

        return $read instanceof Report ? $read : null;
    }

    private function key(Look $look, string $screen): string
    {
        return implode(':', ['check', self::VERSION, $look->project->id, $screen, $look->theme ?? '']);
    }

    /** What is decided about checks in a project, with its screens, house style and brief. */
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
        $known = $this->known($look, $ids);
        // Another request may have looked at some of them meanwhile.
        $reports = self::fresh($known);
        $left = array_values(array_filter($ids, fn (string $id): bool => ! isset($reports[$id])));
        if ($left === []) {
            return $reports;
        }
        $now = $look->project->fresh() ?? $look->project;
        $tree = $this->store->load($now, new WorkingSet(whole: $left, reel: true, things: self::THINGS));
        $tree = $look->theme === null ? $tree : Themes::shown($tree, $look->theme);
        $checker = new Checker(new Eyes($this->typesetter, $this->expansion, $this->kit, new SeenBehind($this->backdrop, $this->renderer, $this->pictures, $this->raster, $now, $look->theme === null)));
        foreach ($left as $id) {
            if ($reports !== [] && microtime(true) > $until) {
                break;
            }
            $report = isset($known[$id]) ? self::read($known[$id]['report']) : null;
            $reports[$id] = isset($tree->screens[$id]) ? $checker->screen($tree, $id, $look->theme === null, $report, $report === null ? Rules::ALL : $known[$id]['stale']) : null;
            if ($reports[$id] !== null) {
                $this->cache->put($this->key($look, $id), $look->kept($id, $reports[$id]), self::KEPT);
            }
        }

        return $reports;
    }
}
