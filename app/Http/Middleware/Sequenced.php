<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Project;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Tells with each part of a page the number of an edit that it includes, so that the wall drops what is older than what it shows. */
final class Sequenced
{
    public function handle(Request $request, Closure $next): Response
    {
        $project = $request->route('project');
        // Read before the part is drawn: it may include later edits, never fewer.
        $sequence = $project instanceof Project ? (string) $project->sequence : '';
        $response = $next($request);
        if ($sequence !== '' && $request->isMethod('GET')) {
            $response->headers->set('Kindred-Sequence', $sequence);
        }

        return $response;
    }
}
