<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project;
use Illuminate\Database\Query\Builder;
use Kindred\Document\Entity;
use Kindred\Document\Families;
use Kindred\Document\Layer;
use Kindred\Document\Layer\Expanding;
use Kindred\Document\Layer\Kinds;
use Kindred\Document\Project as ProjectThing;
use Kindred\Document\Screen;
use Kindred\Document\Token\Themes;
use Kindred\Document\Token\ThemeValue;
use Kindred\Document\Token\Token;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Type\FaceBook;
use Kindred\Type\OwnFace;

/** Which families the words of a project are set in: its own, and those that are missing. */
final readonly class FontsInUse
{
    public function __construct(private TreeLoader $store, private TreeRows $rows, private FaceBook $faces)
    {
    }

    /** @return array{own: array<string, array{faces: list<OwnFace>, uses: string}>, missing: array<string, string>, families: list<string>} what is set in each, in words */
    public function of(Project $project): array
    {
        $tree = $this->store->load($project, new WorkingSet(things: Themes::HOUSE));
        $uses = array_map($this->says(...), $this->uses($project, $tree));
        $own = [];
        foreach ($tree->project->fonts as $face) {
            $own[$face->family] ??= ['faces' => [], 'uses' => $uses[$face->family] ?? 'not in use'];
            $own[$face->family]['faces'][] = $face;
        }
        ksort($own);
        ksort($uses);
        $families = $this->faces->families();

        return ['own' => $own, 'missing' => array_diff_key($uses, $families), 'families' => array_map(strval(...), array_keys($families))];
    }

    /** @return array<string, array<string, int>> how many things of each sort name a family: layers, components with states that do, tokens, and looks of widgets */
    private function uses(Project $project, Tree $tree): array
    {
        $uses = [];
        $expanding = Kinds::of(Expanding::class);
        $layers = fn (): Builder => $this->rows->layers($project)->whereIn('kind', Families::kinds());
        // Most words are of one family: these are counted where they lie.
        $plain = $layers()->whereNotIn('kind', $expanding)->whereRaw("instr(body, '\"runs\":') = 0")->select([])->selectRaw("json_value(body, '$.style.family') as family, count(*) as many")->groupBy('family')->pluck('many', 'family');
        foreach ($plain as $family => $many) {
            $uses[(string) $family]['text'] = (int) $many;
        }
        $others = $this->rows->readLayers($layers()->where(fn (Builder $query): Builder => $query->whereRaw("instr(body, '\"runs\":') > 0")->orWhere(fn (Builder $one): Builder => $one->whereIn('kind', $expanding)->whereRaw("instr(body, 'family\":') > 0")))->get());
        $screens = $this->rows->readScreens($this->rows->screens($project)->where(fn (Builder $query): Builder => $query->whereRaw("instr(component, 'family\":') > 0")->orWhereRaw("instr(look, 'family\":') > 0"))->get());
        foreach (['text' => $others, 'component' => array_filter($screens, fn (Screen $one): bool => $one->component !== null), 'screen' => array_filter($screens, fn (Screen $one): bool => $one->component === null), 'token' => $tree->things(Entity::Token), 'value of a theme' => $tree->things(Entity::ThemeValue), 'look of the widgets' => [$tree->project]] as $sort => $things) {
            foreach ($things as $thing) {
                foreach ($thing instanceof Layer || $thing instanceof Screen || $thing instanceof Token || $thing instanceof ThemeValue || $thing instanceof ProjectThing ? Families::of($thing) : [] as $family) {
                    $uses[$family][$sort] = ($uses[$family][$sort] ?? 0) + 1;
                }
            }
        }

        return $uses;
    }

    /** @param  array<string, int>  $uses */
    private function says(array $uses): string
    {
        $parts = array_map(fn (string $sort, int $many): string => match (true) {
            $sort === 'look of the widgets' => 'the look of the widgets',
            $many === 1 => "one {$sort}",
            $sort === 'value of a theme' => "{$many} values of themes",
            default => "{$many} {$sort}s",
        }, array_keys($uses), $uses);
        $last = array_pop($parts);

        return $parts === [] ? (string) $last : implode(', ', $parts)." and {$last}";
    }
}
