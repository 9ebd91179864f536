<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Project;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Says with each part of a page which edit it knows of at least, so that the wall drops what is older than what it shows. */
final class Sequenced
{
    public function handle(Request $request, Closure $next): Response
    {
        $project = $request->route('project');
        // Read before the part is drawn: it may show more than it says, never less.
        $sequence = $project instanceof Project ? (string) $project->sequence : '';
        $response = $next($request);
        if ($sequence !== '' && $request->isMethod('GET')) {
            $response->headers->set('Kindred-Sequence', $sequence);
        }

        return $response;
    }
}
