<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\Cue;
use Kindred\Document\Cue\Said;
use Kindred\Document\Layer;
use Kindred\Document\Screen;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;

/** All cues of a project in words, by the screens that they are on. */
final readonly class CueList
{
    public function __construct(private TreeLoader $store)
    {
    }

    /** @return list<array{screen: Screen, cues: list<array{cue: Cue, layer: Layer|null, said: string, moves: list<string>}>}> `moves` are the paths of what has a transition */
    public function of(Project $project): array
    {
        $tree = $this->store->load($project, new WorkingSet(reel: true, written: ['"cues":[{']));
        $by = [];
        foreach ($tree->layers as $layer) {
            if ($layer->cues !== [] && $layer->screen !== null) {
                $by[$layer->screen][] = $layer;
            }
        }
        $list = [];
        foreach ([...$tree->reel(), ...array_values(array_filter($tree->screens, fn (Screen $one): bool => $one->component !== null && ! $one->gone))] as $screen) {
            $cues = array_map(fn (Cue $cue): array => self::row($tree, $cue, null), $screen->cues);
            foreach ($by[$screen->id] ?? [] as $layer) {
                array_push($cues, ...array_map(fn (Cue $cue): array => self::row($tree, $cue, $layer), $layer->cues));
            }
            if ($cues !== []) {
                $list[] = ['screen' => $screen, 'cues' => $cues];
            }
        }

        return $list;
    }

    /** @return array{cue: Cue, layer: Layer|null, said: string, moves: list<string>} */
    private static function row(Tree $tree, Cue $cue, ?Layer $layer): array
    {
        $named = (string) preg_replace_callback('/\{([a-z0-9]+)\}/', fn (array $match): string => '“'.($tree->screens[$match[1]]->name ?? 'a screen that is gone').'”', Said::of($cue));
        $moves = [];
        foreach (['actions' => $cue->actions, 'otherwise' => $cue->otherwise] as $list => $acts) {
            foreach (array_keys(array_filter($acts, fn (Act $act): bool => $act->transition !== null)) as $i) {
                $moves[] = "{$list}.{$i}";
            }
        }

        return ['cue' => $cue, 'layer' => $layer, 'said' => $named, 'moves' => $moves];
    }
}
