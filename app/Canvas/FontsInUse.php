<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Illuminate\Database\Query\Builder;
use Kindred\Document\Layer\Chart;
use Kindred\Document\Layer\Lettered;
use Kindred\Document\Layer\Text;
use Kindred\Document\WorkingSet;
use Kindred\Type\FaceBook;
use Kindred\Type\OwnFace;

/** Which families the words of a project are set in: its own, and those that are missing. */
final readonly class FontsInUse
{
    public function __construct(private TreeLoader $store, private TreeRows $rows, private FaceBook $faces)
    {
    }

    /** @return array{own: array<string, array{faces: list<OwnFace>, texts: int}>, missing: array<string, int>, families: list<string>} how many texts are set in each */
    public function of(Project $project): array
    {
        $fonts = $this->store->load($project, new WorkingSet)->project->fonts;
        $texts = $this->texts($project);
        $own = [];
        foreach ($fonts as $face) {
            $own[$face->family] ??= ['faces' => [], 'texts' => $texts[$face->family] ?? 0];
            $own[$face->family]['faces'][] = $face;
        }
        ksort($own);
        $families = $this->faces->families();

        return ['own' => $own, 'missing' => array_diff_key($texts, $families), 'families' => array_map(strval(...), array_keys($families))];
    }

    /** @return array<string, int> how many texts have words in each family */
    private function texts(Project $project): array
    {
        $texts = fn (): Builder => $this->rows->layers($project)->whereIn('kind', [Text::kind(), Chart::kind()]);
        // Most texts are of one family: these are counted where they lie.
        $plain = $texts()->whereRaw("instr(body, '\"runs\":') = 0")->select([])->selectRaw("json_value(body, '$.style.family') as family, count(*) as many")->groupBy('family')->pluck('many', 'family');
        $counts = [];
        foreach ($plain as $family => $many) {
            $counts[(string) $family] = (int) $many;
        }
        foreach ($this->rows->readLayers($texts()->whereRaw("instr(body, '\"runs\":') > 0")->get()) as $layer) {
            foreach ($layer->content instanceof Lettered ? $layer->content->families() : [] as $family) {
                $counts[$family] = ($counts[$family] ?? 0) + 1;
            }
        }
        ksort($counts);

        return $counts;
    }
}
