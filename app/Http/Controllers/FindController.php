<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Finder;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;

/** Finding things, and the keys that a person has chosen. */
final class FindController extends Controller
{
    private const MAX_COMMANDS = 200;

    public function index(Request $request, Project $project, Finder $finder): JsonResponse
    {
        return new JsonResponse(['hits' => $finder->find($project, mb_substr($this->asked($request, 'q'), 0, 100))], options: JSON_UNESCAPED_UNICODE);
    }

    /** Keeps the keys that a person gave to commands in place of those that they come with. */
    public function keys(Request $request): Response
    {
        $own = [];
        foreach ($request->json()->all() as $command => $keys) {
            if (preg_match('/^[a-z][a-z0-9-]{0,40}$/D', (string) $command) !== 1 || count($own) >= self::MAX_COMMANDS) {
                throw new InvalidInput((string) $command, 'That is no command whose keys can be changed. Nothing was changed.');
            }
            $own[$command] = Reader::of(['keys' => $keys])->strings('keys', 30, 4);
        }
        $this->person($request)->update(['keys' => $own]);

        return response()->noContent();
    }
}
