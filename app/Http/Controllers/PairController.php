<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Pictures;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Kindred\Document\Address;
use Kindred\Document\Cue\Act;
use Kindred\Document\Cue\TransitionKind;
use Kindred\Document\Tree;
use Kindred\Layout\Expansion;
use Kindred\Motion\Match\Actor;
use Kindred\Motion\Match\Cast;
use Kindred\Motion\Match\Pairs;
use Kindred\Render\Renderer;

/** Which layer becomes which in a match. */
final class PairController extends Controller
{
    /** With `cue`, `act` as `actions.0`, and `layer` where it is one of a layer; a cue of a component is shown from the first screen that shows it. */
    public function show(Request $request, Project $project, string $screen, TreeLoader $store, Pictures $pictures, Renderer $renderer, Expansion $expansion): View
    {
        $tree = $store->whole($project);
        $layer = $this->asked($request, 'layer');
        $act = self::act($tree, $screen, $layer, $this->asked($request, 'cue'), $this->asked($request, 'act'));
        $from = $tree->screens[$screen] ?? null;
        if ($from !== null && ! $from->isPlayed()) {
            $shown = array_values(array_filter($tree->reel(), fn ($one): bool => isset($tree->components($tree->layersOf($one->id))[$screen])));
            $from = $shown[0] ?? null;
        }
        $to = $tree->screens[$act?->target() ?? ''] ?? null;
        abort_if($from === null || $to === null || $act?->transition?->kind !== TransitionKind::Match, 404);
        $at = Address::of($this->asked($request, 'at'));
        // What lies where the press is comes first.
        $pressed = $layer !== '' && $at->layer === $layer && $at->copies !== [] ? $at : null;
        [$leaving, $arriving] = [Cast::on($tree, $from, $expansion), Cast::on($tree, $to, $expansion)];

        return view('wall.pairs', [
            'from' => $from, 'to' => $to, 'leaving' => $leaving->actors, 'listed' => self::sorted($leaving->actors, $pressed), 'arriving' => $arriving->actors, 'transition' => $act->transition,
            'pairs' => Pairs::of($leaving, $arriving, $act->transition->pairs, $pressed)->all,
            'pictures' => array_map(fn ($one): string => $renderer->screen($tree, $one, $pictures->variant($project, "pair-{$one->id}-")), [$from, $to]),
        ]);
    }

    /**
     * @param  list<Actor>  $actors
     * @return list<Actor>
     */
    private static function sorted(array $actors, ?Address $pressed): array
    {
        $isPressed = fn (Actor $one): bool => $pressed !== null && array_slice(Address::of($one->address)->copies, 0, count($pressed->copies)) === $pressed->copies;

        return [...array_filter($actors, $isPressed), ...array_filter($actors, fn (Actor $one): bool => ! $isPressed($one))];
    }

    private static function act(Tree $tree, string $screen, string $layer, string $cue, string $path): ?Act
    {
        $owner = $layer === '' ? $tree->screens[$screen] ?? null : $tree->layers[$layer] ?? null;
        [$list, $at] = [...explode('.', $path, 2), ''];
        $found = $owner?->cue($cue);

        return $found === null ? null : ($list === 'otherwise' ? $found->otherwise : $found->actions)[(int) $at] ?? null;
    }
}
