<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Answer;
use App\Canvas\Editor;
use App\Canvas\Refused;
use App\Http\Requests\EditRequest;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

final class EditController extends Controller
{
    public function __construct(private readonly Editor $editor)
    {
    }

    public function store(EditRequest $request, Project $project): JsonResponse
    {
        return $this->answer($this->editor->edit($project, $this->person($request), $request->commands(), $request->base(), $request->token(), $request->own()));
    }

    /** A preview of an edit while the pointer is down; nothing is stored. */
    public function preview(EditRequest $request, Project $project): JsonResponse
    {
        return $this->answer($this->editor->preview($project, $request->commands(), $request->boolean('uses')));
    }

    public function undo(EditRequest $request, Project $project): JsonResponse
    {
        return $this->answer($this->several($request, fn (?string $token): Answer => $this->editor->undo($project, $this->person($request), $token)));
    }

    public function redo(EditRequest $request, Project $project): JsonResponse
    {
        return $this->answer($this->several($request, fn (?string $token): Answer => $this->editor->redo($project, $this->person($request), $token)));
    }

    /** What happened after an edit that the caller had seen. */
    public function index(Request $request, Project $project): JsonResponse
    {
        return $this->answer($this->editor->since($project, max(0, $request->integer('since'))));
    }

    /**
     * Steps that were asked for quickly one after another, each an edit of its own; the first that cannot be taken is said,
     * or ends them where others went before it.
     *
     * @param  \Closure(string|null): Answer  $step
     */
    private function several(EditRequest $request, \Closure $step): Answer
    {
        $token = $request->token();
        $answer = $step($token);
        for ($i = 2; $i <= $request->times(); $i++) {
            try {
                $answer = $answer->then($step($token === null ? null : "{$token}.{$i}"));
            } catch (Refused) {
                break;
            }
        }

        return $answer;
    }

    private function answer(Answer $answer): JsonResponse
    {
        return new JsonResponse($answer, options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
