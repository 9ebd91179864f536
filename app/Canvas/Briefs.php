<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Illuminate\Cache\Repository;
use Illuminate\Support\Str;
use Kindred\Brief\Coverage;
use Kindred\Brief\Covered;
use Kindred\Brief\Plan;
use Kindred\Brief\Status;
use Kindred\Document\Brief\Entry;
use Kindred\Document\Brief\Part;
use Kindred\Document\Entity;
use Kindred\Document\WorkingSet;

/** The brief of a project for the views. */
final readonly class Briefs
{
    public function __construct(private TreeLoader $store, private Repository $cache)
    {
    }

    /** @return array<string, mixed> */
    public function of(Project $project, string $search): array
    {
        $tree = $this->store->bones($project);

        return [
            'tree' => $tree,
            'search' => $search,
            'coverage' => new Coverage($tree),
            'plan' => new Plan($tree),
            'found' => array_filter($tree->entries(), fn (Entry $entry): bool => $entry->holds($search)),
        ];
    }

    /**
     * How many of the requirements that speak of a screen are covered; none where there are no requirements. It is worked
     * out once for each edit.
     *
     * @return array<string, array{int, int}> covered and all, by screen
     */
    public function counts(Project $project): array
    {
        $brief = $this->store->load($project, new WorkingSet(things: [Entity::Entry]));
        if ($brief->part(Part::Requirement) === []) {
            return [];
        }

        return $this->cache->remember("coverage:{$project->id}:{$project->sequence}", 3600, function () use ($project): array {
            $tree = $this->store->bones($project);
            $coverage = new Coverage($tree);
            $counts = [];
            foreach ($tree->reel() as $screen) {
                $of = array_filter($coverage->requirements, fn (Covered $one): bool => $one->speaksOf($screen->id));
                $counts[$screen->id] = [count(array_filter($of, fn (Covered $one): bool => $one->status === Status::Covered)), count($of)];
            }

            return $counts;
        });
    }

    /** Markdown as HTML; what is markup already, and addresses that would run something, are shown as they are written. */
    public static function html(string $markdown): string
    {
        return Str::markdown($markdown, [
            'html_input' => 'escape',
            'allow_unsafe_links' => false,
            'max_nesting_level' => 20,
            'max_delimiters_per_line' => 200,
            'renderer' => ['soft_break' => "<br>\n"],
        ]);
    }
}
