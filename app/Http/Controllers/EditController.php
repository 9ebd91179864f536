<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Answer;
use App\Canvas\CellName;
use App\Canvas\Editor;
use App\Canvas\TreeStore;
use App\Http\Requests\EditRequest;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kindred\Document\LayerNest;
use Kindred\Document\WorkingSet;
use Kindred\Input\Reader;
use Kindred\Layout\Relayout;

final class EditController extends Controller
{
    public function __construct(private readonly Editor $editor)
    {
    }

    public function store(EditRequest $request, Project $project): JsonResponse
    {
        return $this->answer($this->editor->edit($project, $request->user(), $request->commands(), $request->base(), $request->token(), $request->own()));
    }

    /** What an edit would look like while the pointer is still down; nothing is kept. */
    public function preview(EditRequest $request, Project $project): JsonResponse
    {
        return $this->answer($this->editor->preview($project, $request->commands()));
    }

    public function undo(EditRequest $request, Project $project): JsonResponse
    {
        return $this->answer($this->editor->undo($project, $request->user(), $request->token()));
    }

    public function redo(EditRequest $request, Project $project): JsonResponse
    {
        return $this->answer($this->editor->redo($project, $request->user(), $request->token()));
    }

    /** What happened after an edit that the caller had seen. */
    public function index(Request $request, Project $project): JsonResponse
    {
        return $this->answer($this->editor->since($project, max(0, $request->integer('since'))));
    }

    /** Layers as they are copied; with a row, as they are in that cell of their array. */
    public function copy(Request $request, Project $project, TreeStore $store, Relayout $relayout): JsonResponse
    {
        $ids = Reader::of(['layers' => $this->askedList($request, 'layers', 2001)])->ids('layers', 1, 2000);
        $tree = $store->load($project, new WorkingSet(layers: $ids));
        $row = $this->asked($request, 'row');
        $in = $row === '' ? $tree : CellName::of("{$ids[0]}.{$row}")->cell($tree, $relayout)->tree ?? $tree;
        $nests = array_map(fn ($layer): array => LayerNest::of($in, $layer)->toArray(), $in->outermost($ids));

        return new JsonResponse(['layers' => $nests]);
    }

    private function answer(Answer $answer): JsonResponse
    {
        return new JsonResponse($answer, options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
