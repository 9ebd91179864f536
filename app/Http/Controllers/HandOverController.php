<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Exports;
use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class HandOverController extends Controller
{
    public function __construct(private readonly Exports $exports)
    {
    }

    public function show(Project $project, TreeLoader $store): View
    {
        return view('hand-over.index', [
            'project' => $project,
            'tree' => $store->withLayersOf($project, []),
            'revisions' => $store->revisions($project),
        ]);
    }

    public function page(Project $project): Response
    {
        return $this->download($this->exports->page($project), $project->name, 'html', 'text/html; charset=utf-8');
    }

    public function project(Project $project): StreamedResponse
    {
        return response()->stream(function () use ($project): void {
            foreach ($this->exports->project($project) as $piece) {
                echo $piece;
            }
        }, 200, $this->headers($project->name, 'kindred.json', 'application/json'));
    }

    public function svg(Project $project, string $screen): Response
    {
        return $this->download($this->exports->svg($project, $screen), $this->exports->screenName($project, $screen), 'svg', 'image/svg+xml');
    }

    public function png(Request $request, Project $project, string $screen): Response
    {
        $scale = min(3, max(1, $request->integer('scale', 1)));
        $name = $this->exports->screenName($project, $screen).($scale > 1 ? "@{$scale}x" : '');

        return $this->download($this->exports->png($project, $screen, $scale, $request->boolean('bare')), $name, 'png', 'image/png');
    }

    private function download(string $bytes, string $name, string $ending, string $type): Response
    {
        return response($bytes, 200, $this->headers($name, $ending, $type));
    }

    /** @return array<string, string> */
    private function headers(string $name, string $ending, string $type): array
    {
        return [
            'Content-Type' => $type,
            'Content-Disposition' => Exports::disposition(Exports::fileName($name).".{$ending}"),
            'Content-Security-Policy' => "default-src 'none'; sandbox",
        ];
    }
}
