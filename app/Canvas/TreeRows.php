<?php

declare(strict_types=1);

namespace App\Canvas;

use App\Models\Project as ProjectRow;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Kindred\Document\Entity;
use Kindred\Document\Finish;
use Kindred\Document\Layer;
use Kindred\Document\Layer\HasSheet;
use Kindred\Document\Layer\IconBook;
use Kindred\Document\Layer\OwnIcon;
use Kindred\Document\Project;
use Kindred\Document\Screen;
use Kindred\Document\Thing;
use Kindred\Document\Upgrade\Upgrades;
use Kindred\Document\Widget\WidgetLook;
use Kindred\Geometry\Box;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Property\Stored;
use Kindred\Type\FaceBook;
use Kindred\Type\OwnFace;

/** Screens, layers and other things of a document as rows, read and written without models: a layer is one row. */
final readonly class TreeRows
{
    public const SCREEN = ['id', 'rank', 'name', 'device', 'x', 'y', 'width', 'height', 'view', 'ground', 'cues', 'grids', 'guides', 'finish', 'take', 'criteria', 'condition', 'condition_of', 'tracing', 'gone', 'bound', 'theme', 'look', 'component', 'over', 'reading'];

    /** Columns of screens that hold JSON. */
    private const JSON = ['cues', 'grids', 'guides', 'take', 'criteria', 'tracing', 'bound', 'look', 'component', 'over', 'reading'];

    public const LAYER = ['id', 'screen', 'parent', 'rank', 'kind', 'x', 'y', 'width', 'height', 'body', 'sheet_rows', 'format'];

    /** Columns of layers that can be long, and are written when what they hold has changed. */
    public const LONG = ['body', 'sheet_rows'];

    public function __construct(private ConnectionInterface $database, private FaceBook $faces, private IconBook $icons)
    {
    }

    public function project(ProjectRow $project): Project
    {
        $read = new Project($project->name, $project->entry, Finish::tryFrom((string) $project->finish) ?? Finish::Dressed, (bool) $project->framed, $this->fonts($project), $this->icons($project), $project->theme, $project->look === null ? new WidgetLook : WidgetLook::read(Reader::kept((array) json_decode($project->look, true))));
        // What is set in fonts of the project is measured and drawn with them, whoever asks.
        $this->faces->own($read->fonts);
        $this->icons->own($read->icons);

        return $read;
    }

    /** @return array<string, mixed> */
    public function projectRow(Project $project): array
    {
        $list = fn (array $things): ?string => $things === [] ? null : json_encode(array_map(fn (Stored $one): array => $one->toArray(), $things), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);

        $look = $project->look->toArray();

        return ['fonts' => $list($project->fonts), 'icons' => $list($project->icons), 'theme' => $project->theme, 'look' => $look === [] ? null : json_encode($look, JSON_THROW_ON_ERROR)] + $project->toArray();
    }

    /** @return list<OwnIcon> as they were written: every edit reads them, and to read the paths again would take longer than most edits */
    private function icons(ProjectRow $project): array
    {
        /** @var list<array{name: string, lines?: string, areas?: string, line?: float|int}> $icons */
        $icons = $project->icons === null ? [] : json_decode($project->icons, true);

        return array_map(fn (array $icon): OwnIcon => new OwnIcon($icon['name'], $icon['lines'] ?? '', $icon['areas'] ?? '', (float) ($icon['line'] ?? 2.0)), $icons);
    }

    /** @return list<OwnFace> */
    private function fonts(ProjectRow $project): array
    {
        return $project->fonts === null ? [] : Reader::kept(['fonts' => json_decode($project->fonts, true)])->list('fonts', OwnFace::read(...));
    }

    /**
     * @param  list<Entity>|null  $entities  null for all that are kept so
     * @return array<string, array<string, Thing>> by entity and id
     */
    public function things(ProjectRow $project, ?array $entities = null): array
    {
        $rows = $this->database->table('things')->where('project_id', $project->id);
        if ($entities !== null) {
            $rows->whereIn('entity', array_column($entities, 'value'));
        }
        $things = [];
        foreach ($rows->get(['entity', 'id', 'rank', 'body']) as $row) {
            $things[$row->entity][$row->id] = Entity::from($row->entity)->kept()->class::kept((array) json_decode($row->body, true) + ['id' => $row->id, 'rank' => $row->rank]);
        }

        return $things;
    }

    /** @return array{project_id: int, entity: string, id: string, rank: string, body: string} */
    public function thingRow(ProjectRow $project, Entity $entity, Thing $thing): array
    {
        $own = $thing->toArray();

        return [
            'project_id' => $project->id, 'entity' => $entity->value, 'id' => (string) $own['id'], 'rank' => (string) $own['rank'],
            'body' => json_encode(array_diff_key($own, ['id' => 1, 'rank' => 1]), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
        ];
    }

    /** All screens, those that were deleted too. */
    public function screens(ProjectRow $project): Builder
    {
        return $this->database->table('screens')->where('project_id', $project->id)->select(self::SCREEN);
    }

    /** All screens that were not deleted, takes too. */
    public function hung(ProjectRow $project): Builder
    {
        return $this->screens($project)->where('gone', false);
    }

    /** The layers of all but deleted screens. */
    public function layers(ProjectRow $project): Builder
    {
        return $this->everyLayer($project)
            ->whereNotExists(fn (Builder $query): Builder => $query->from('screens')->whereColumn('screens.project_id', 'layers.project_id')->whereColumn('screens.id', 'layers.screen')->where('gone', true));
    }

    /** Those of deleted screens too. */
    public function everyLayer(ProjectRow $project): Builder
    {
        return $this->database->table('layers')->where('layers.project_id', $project->id)
            ->select(array_map(fn (string $column): string => "layers.{$column}", self::LAYER));
    }

    /**
     * @param  Collection<int, \stdClass>  $rows
     * @return array<string, Screen>
     */
    public function readScreens(Collection $rows): array
    {
        $screens = [];
        foreach ($rows as $row) {
            $data = (array) $row;
            $lists = array_map(fn (?string $json): mixed => json_decode($json ?? 'null', true), array_intersect_key($data, array_flip(self::JSON)));
            $screens[$row->id] = Screen::read(Reader::kept(Upgrades::screen($lists) + ['conditionOf' => $row->condition_of] + $data));
        }

        return $screens;
    }

    /**
     * @param  Collection<int, \stdClass>  $rows
     * @return array<string, Layer>
     */
    public function readLayers(Collection $rows): array
    {
        $layers = $alike = [];
        foreach ($rows as $row) {
            try {
                // Most layers of a project are like others but for their place, and share what was read.
                $layer = $alike["{$row->kind} {$row->format} {$row->body}"] ??= Layer::read(Reader::kept(self::place($row) + (array) $row + Upgrades::layer((array) json_decode($row->body, true), (int) $row->format)));
                if ($layer->id !== $row->id) {
                    $layer = $layer->with(...self::place($row), rank: $row->rank, box: new Box((float) $row->x, (float) $row->y, (float) $row->width, (float) $row->height));
                }
            } catch (InvalidInput $problem) {
                // One row that cannot be read at all does not lock the rest; it stays where it is.
                logger()->warning("Layer {$row->id} cannot be read: {$problem->getMessage()}");

                continue;
            }
            $content = $layer->content;
            $layers[$row->id] = $content instanceof HasSheet ? $layer->with(content: $content->holding($content->sheet()->withLines($row->sheet_rows ?? ''))) : $layer;
        }

        return $layers;
    }

    /** @return array{id: string, screen: string|null, parent: string|null} */
    private static function place(\stdClass $row): array
    {
        return ['id' => $row->id, 'screen' => $row->screen === '' ? null : $row->screen, 'parent' => $row->parent === '' ? null : $row->parent];
    }

    /** @return array<string, mixed> */
    public function screenRow(ProjectRow $project, Screen $screen, int $sequence): array
    {
        $row = $screen->toArray() + ['bound' => null, 'theme' => null, 'look' => null, 'component' => null, 'over' => null, 'reading' => null];

        $lists = array_map(fn (mixed $list): ?string => $list === null ? null : json_encode($list, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), array_intersect_key($row, array_flip(self::JSON)));

        return ['project_id' => $project->id, 'changed' => $sequence, 'condition_of' => $screen->conditionOf, 'gone' => $screen->gone] + $lists + $this->exact(array_diff_key($row, ['conditionOf' => 1]));
    }

    /**
     * @param  list<string>  $long  the long columns wanted; the others are empty, for a row that is there already
     * @return array<string, mixed>
     */
    public function layerRow(ProjectRow $project, Layer $layer, array $long, int $sequence): array
    {
        $row = ['kind' => $layer->kind(), 'x' => $layer->box->x, 'y' => $layer->box->y, 'width' => $layer->box->width, 'height' => $layer->box->height];
        $body = [
            'body' => in_array('body', $long, true) ? $this->body($layer) : '',
            'sheet_rows' => in_array('sheet_rows', $long, true) && $layer->content instanceof HasSheet ? $layer->content->sheet()->lines() : null,
        ];

        return [
            'project_id' => $project->id,
            'id' => $layer->id,
            'screen' => $layer->screen ?? '',
            'parent' => $layer->parent ?? '',
            'rank' => $layer->rank,
            'changed' => $sequence,
            'format' => Upgrades::VERSION,
        ] + $body + $this->exact($row);
    }

    /** What has no column of its own, as JSON. */
    public function body(Layer $layer): string
    {
        $content = $layer->content;
        $plain = $content instanceof HasSheet ? $layer->with(content: $content->holding($content->sheet()->with(rows: []))) : $layer;

        return json_encode(array_diff_key($plain->properties(), array_flip(self::LAYER)), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }

    /**
     * Numbers are bound as text. PHP writes floats with 14 digits there, which is not always the number
     * that the log holds; as JSON writes them they come back the same.
     *
     * @param  array<string, mixed>  $row
     * @return array<string, mixed>
     */
    private function exact(array $row): array
    {
        return array_map(fn (mixed $value): mixed => is_float($value) ? json_encode($value, JSON_THROW_ON_ERROR) : $value, $row);
    }
}
