<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\View\View;
use Kindred\Check\Eyes;
use Kindred\Check\Prominence;
use Kindred\Check\Reading;
use Kindred\Check\Scene;
use Kindred\Check\Weighed;
use Kindred\Document\Entity;
use Kindred\Document\Token\Themes;
use Kindred\Document\WorkingSet;

/** What the eye meets first on a screen. */
final class ProminenceController extends Controller
{
    /** Things that are listed. */
    private const LISTED = 10;

    public function show(Project $project, string $screen, TreeLoader $store, Eyes $eyes): View
    {
        $tree = $store->load($project, new WorkingSet(whole: [$screen], reel: true, things: [...Themes::HOUSE, Entity::Entry]));
        $scene = new Scene($tree, $tree->screen($screen), $eyes);
        $weighed = Prominence::of($scene);
        $max = ($weighed[0] ?? null)?->prominence() ?? 1.0;
        $heat = array_map(fn (Weighed $one): array => [
            'layer' => (string) $one->thing->address, 'share' => round($one->prominence() / $max, 3),
            'x' => round($one->thing->ink()->centre()->x, 1), 'y' => round($one->thing->ink()->centre()->y, 1), 'width' => round($one->thing->ink()->width, 1), 'height' => round($one->thing->ink()->height, 1),
        ], array_slice($weighed, 0, 60));

        return view('wall.prominence', ['screen' => $scene->screen, 'weighed' => array_slice($weighed, 0, self::LISTED), 'max' => $max, 'heat' => $heat, 'reading' => Reading::of($scene, $weighed)]);
    }
}
