<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Illuminate\Contracts\Cache\Repository as Cache;
use Kindred\Command\MergeValues;
use Kindred\Document\Difference;
use Kindred\Document\Entity;
use Kindred\Document\Screen;
use Kindred\Document\Token\Bindings;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Input\Reader;
use Kindred\Layout\Consequences;
use Kindred\Style\Aspect;
use Kindred\Style\InUse;
use Kindred\Style\Inventory;

/** What of the look is in use in a project, and what merging some of it would change. */
final readonly class StyleInventory
{
    /** So many groups of an aspect are listed, the most used ones. */
    private const LISTED = 150;

    /** So many screens are shown before and after. */
    private const SHOWN = 3;

    private const KEPT = 30 * 86_400;

    /** Screens whose values are held at once. */
    private const TOGETHER = 40;

    /** Changes when aspects do: what was kept of others is not true any more. */
    private const VERSION = 1;

    public function __construct(private TreeLoader $store, private HouseStyle $style, private Consequences $consequences, private BeforeAfter $beforeAfter, private Cache $cache)
    {
    }

    public function of(Project $project): Inventory
    {
        $inventory = new Inventory($this->style->tokens($project));
        $tree = $this->store->withoutLayers($project);
        $revisions = $this->store->revisions($project);
        // In the order of the reel; what is on other takes, and loose on the wall, comes last.
        $order = array_values(array_unique([...array_map(fn (Screen $screen): string => $screen->id, $tree->hung()), ...array_map(strval(...), array_keys($revisions))]));
        foreach (array_chunk($order, self::TOGETHER) as $screens) {
            $this->join($inventory, $project, array_intersect_key($revisions, array_flip($screens)), $screens);
        }
        foreach ($this->store->written($project, ['']) as $layer) {
            $inventory->layer($layer);
        }
        foreach ($tree->screens as $screen) {
            $inventory->screen($screen->toArray());
        }

        return $inventory;
    }

    /**
     * Adds what the layers of screens have, which is kept beside the number of the edit that last changed each.
     *
     * @param  array<string, int>  $revisions  by screen
     * @param  list<string>  $screens  in the order in which they are added
     */
    private function join(Inventory $inventory, Project $project, array $revisions, array $screens): void
    {
        $key = fn (string $screen): string => implode(':', ['inventory', self::VERSION, $project->id, $screen]);
        $kept = array_map(fn (mixed $one): array => is_array($one) ? $one : [], [...$this->cache->many(array_map($key, $screens))]);
        $stale = array_values(array_filter($screens, fn (string $screen): bool => ($kept[$key($screen)]['revision'] ?? null) !== ($revisions[$screen] ?? 0) || ! is_array($kept[$key($screen)]['found'] ?? null)));
        $fresh = [];
        foreach ($stale === [] ? [] : $this->store->written($project, $stale) as $layer) {
            ($fresh[$layer['screen'] ?? ''] ??= new Inventory([]))->layer($layer);
        }
        foreach ($screens as $screen) {
            $found = in_array($screen, $stale, true) ? ($fresh[$screen] ?? new Inventory([]))->found() : $kept[$key($screen)]['found'];
            if (in_array($screen, $stale, true)) {
                $this->cache->put($key($screen), ['revision' => $revisions[$screen] ?? 0, 'found' => $found], self::KEPT);
            }
            $inventory->join($found);
        }
    }

    /**
     * What is in use by its aspects, what is nearly the same together.
     *
     * @return list<array{key: string, label: string, nearness: string, groups: list<non-empty-list<InUse>>, more: int, count: int, near: int}> without those of which there is nothing; `near` is how many values are nearly another, `more` how many groups are not listed
     */
    public function aspects(Project $project, float $near = 1.0): array
    {
        $inventory = $this->of($project);
        $aspects = [];
        foreach (Aspect::ALL as $aspect) {
            $groups = $inventory->groups($aspect, $near);
            $count = array_sum(array_map(count(...), $groups));
            if ($count > 0) {
                $aspects[] = ['key' => $aspect::key(), 'label' => $aspect::label(), 'nearness' => $aspect::nearness(), 'groups' => array_slice($groups, 0, self::LISTED), 'more' => max(0, count($groups) - self::LISTED), 'count' => $count, 'near' => $count - count($groups)];
            }
        }

        return $aspects;
    }

    /**
     * What a merge would change: how many layers, on how many screens, and the states of how many components; and the screens of which most changes as they are and as they would be.
     *
     * @param  array<array-key, mixed>  $merge  as the command has it
     * @return array{layers: int, screens: int, components: int, pictures: list<array{screen: Screen, before: string, after: string}>, tokens: list<Token>}
     *
     * @throws \Kindred\Input\InvalidInput where it cannot be made
     */
    public function merged(Project $project, array $merge): array
    {
        $command = MergeValues::read(Reader::of($merge));
        $before = $this->store->load($project, $command->workingSet());
        $after = $command->apply($before);
        $often = $components = $layers = [];
        foreach (Difference::between($before, $after)->changes as $change) {
            $layer = $change->entity === Entity::Layer ? $before->layers[$change->id] ?? null : null;
            if ($layer !== null) {
                $layers[] = $layer;
            }
            if ($layer !== null || $change->entity === Entity::Screen) {
                $screen = $layer === null ? $change->id : $layer->screen ?? '';
                $often[$screen] = ($often[$screen] ?? 0) + 1;
                $components += $layer === null && $before->component($screen) !== null ? [$screen => true] : [];
            }
        }
        arsort($often);
        $drawn = array_unique(array_filter(array_column($layers, 'screen'), is_string(...)));
        $hung = array_filter(array_map(strval(...), array_keys($often)), fn (string $id): bool => isset($before->screens[$id]) && $before->screens[$id]->hangs());

        return [
            'layers' => count($layers),
            'screens' => count(array_diff(array_map(strval(...), array_keys($often)), ['', ...array_diff(array_map(strval(...), array_keys($components)), $drawn)])),
            'components' => count($components),
            'pictures' => $this->beforeAfter->of($project, array_slice(array_values($hung), 0, self::SHOWN), fn (Tree $tree): Tree => $this->consequences->of($tree, $command->apply($tree))),
            'tokens' => array_values(array_filter(Bindings::tokens($before), fn (Token $token): bool => $token->value::kind() === $command->kind())),
        ];
    }
}
