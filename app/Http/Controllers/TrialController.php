<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Pictures;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Kindred\Command\Commands;
use Kindred\Document\Bounds;
use Kindred\Document\Edit\Field;
use Kindred\Document\Edit\Trials;
use Kindred\Document\Layer;
use Kindred\Document\Missing;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Layout\Consequences;
use Kindred\Render\Renderer;
use Kindred\Type\FaceBook;

/** One layer with several values of one property side by side; nothing of it is kept until one is chosen. */
final class TrialController extends Controller
{
    /** Room around the layer in its pictures, px. */
    private const AROUND = 36.0;

    public function show(Request $request, Project $project, string $layer, TreeLoader $store, Consequences $consequences, Renderer $renderer, Pictures $pictures, FaceBook $faces): View
    {
        $place = $store->load($project, new WorkingSet(layers: [$layer]))->layer($layer)->screen ?? throw Missing::screen($layer);
        $tree = $store->load($project, new WorkingSet(whole: [$place]));
        $subject = $tree->layer($layer);
        $fields = Trials::fields($subject);
        $field = Field::find($this->asked($request, 'field')) ?? $fields[0];
        $asked = array_values(array_filter(array_map(trim(...), explode(',', $this->asked($request, 'values'))), fn (string $value): bool => $value !== ''));
        $values = array_slice($asked === [] ? Trials::of($tree, $subject, $field, $faces->families()) : $asked, 0, Trials::MAX);

        return view('wall.trials', [
            'layer' => $subject,
            'fields' => $fields,
            'field' => $field,
            'now' => (string) $field->of($subject),
            'values' => $values,
            'tried' => array_map(function (string $value, int $i) use ($tree, $subject, $field, $consequences, $renderer, $pictures, $project, $place): array {
                try {
                    $command = Commands::read(Reader::of(['type' => 'set-field', 'screen' => $place, 'layers' => [$subject->id], 'field' => $field->path, 'value' => $value]));
                    $after = $consequences->of($tree, $command->apply($tree));
                } catch (InvalidInput $problem) {
                    return ['value' => $value, 'problem' => $problem->problem, 'picture' => '', 'box' => new Box(0, 0, 1, 1)];
                }
                $box = $this->around($after, $after->layer($subject->id));

                return ['value' => $value, 'problem' => null, 'picture' => $renderer->screen($after, $after->screen($place), $pictures->variant($project, "try{$i}-")), 'box' => $box];
            }, $values, array_keys($values)),
        ]);
    }

    /** The part of the screen that shows a layer and something of what is around it. */
    private function around(Tree $tree, Layer $layer): Box
    {
        $screen = $tree->screen((string) $layer->screen)->box;
        $box = Bounds::of($tree, $layer);
        $width = min($screen->width, max(180.0, $box->width + 2 * self::AROUND));
        $height = min($screen->height, max(120.0, $box->height + 2 * self::AROUND));

        return new Box(
            max(0.0, min($screen->width - $width, $box->centre()->x - $width / 2)),
            max(0.0, min($screen->height - $height, $box->centre()->y - $height / 2)),
            $width, $height,
        );
    }
}
