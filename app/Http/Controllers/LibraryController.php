<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Answer;
use App\Canvas\Exports;
use App\Canvas\Libraries;
use App\Http\Uploads;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Kindred\Document\Library\Kind;
use Kindred\Document\Library\Library;
use Kindred\Document\Missing;
use Kindred\Document\Tree;
use Kindred\Exchange\ProjectFile;
use Kindred\Input\InvalidInput;
use Kindred\Library\Good;
use Kindred\Library\Goods;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What a project takes from other projects, and from files. */
final class LibraryController extends Controller
{
    public function __construct(private readonly Libraries $libraries)
    {
    }

    /** The libraries of a project with how much is new in each, and what could be one. */
    public function index(Request $request, Project $project): View
    {
        $user = $this->person($request);
        $used = array_map(function (Library $one) use ($project, $user): array {
            $source = $this->libraries->source($one, $user);

            return ['library' => $one, 'source' => $source, 'updates' => $source === null ? null : count($this->libraries->updates($project, $one, $this->libraries->tree($source)))];
        }, $this->libraries->of($project));

        return view('house.libraries', ['project' => $project, 'used' => $used, 'sources' => $this->libraries->sources($project, $user)]);
    }

    /** How much is new, to be said before anybody asks. */
    public function news(Request $request, Project $project): JsonResponse
    {
        return new JsonResponse(['count' => $this->libraries->news($project, $this->person($request))]);
    }

    /** What another project, or a file, offers. */
    public function offer(Request $request, Project $project): View
    {
        [$library, $there] = $this->asked($request, 'from') === '' ? $this->ofFile($request) : $this->ofProject($request, (int) $this->asked($request, 'from'));

        return view('house.offer', ['library' => $library, 'goods' => array_filter(array_map(fn (Kind $kind): array => ['kind' => $kind, 'goods' => array_values(array_filter(Goods::of($there)->all, fn (Good $one): bool => $one->kind === $kind))], Kind::cases()), fn (array $one): bool => $one['goods'] !== []),
            'here' => Goods::of($this->libraries->tree($project))->all]);
    }

    /** What is new in a library, in sentences. */
    public function review(Request $request, Project $project, string $library): View
    {
        $used = $this->libraries->find($project, $library);
        $source = $this->libraries->source($used, $this->person($request));
        $there = $source === null ? $this->ofFile($request)[1] : $this->libraries->tree($source);

        return view('house.review', ['library' => $used, 'updates' => $this->libraries->updates($project, $used, $there)]);
    }

    public function take(Request $request, Project $project): JsonResponse
    {
        $from = $request->input('from');
        $keys = self::keys($request);
        if (is_string($from) && $from !== '') {
            [$library, $there] = $this->ofProject($request, (int) $from);

            return self::answer($this->libraries->take($project, $this->person($request), $library, $there, $keys));
        }
        [$library, $there, $file] = $this->ofFile($request);
        $as = $request->input('as');

        return self::answer($this->libraries->take($project, $this->person($request), is_string($as) && $as !== '' ? $this->libraries->find($project, $as) : $library, $there, $keys, $file->pictures));
    }

    /** How what is pasted here brings along what it needs of another project. */
    public function along(Request $request, Project $project): JsonResponse
    {
        $from = $request->input('from');
        $source = $this->person($request)->projects()->whereKey(is_string($from) ? (int) $from : 0)->first();
        // Objects without anything in them are to come back as objects.
        $layers = json_decode($request->getContent())->layers ?? [];

        return new JsonResponse($this->libraries->along($project, $source, self::keys($request), is_array($layers) ? array_values($layers) : []), options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** A file with what others can take. */
    public function file(Project $project): StreamedResponse
    {
        return response()->stream(function () use ($project): void {
            foreach ($this->libraries->pieces($project) as $piece) {
                echo $piece;
            }
        }, 200, ['Content-Type' => 'application/json', 'Content-Disposition' => Exports::disposition(Exports::fileName($project->name).'.library.json'), 'Content-Security-Policy' => "default-src 'none'; sandbox"]);
    }

    /** @return list<string> */
    private static function keys(Request $request): array
    {
        return array_slice(array_values(array_filter((array) $request->input('keys'), is_string(...))), 0, Library::MAX_TAKEN);
    }

    /** @return array{Library, Tree} */
    private function ofProject(Request $request, int $id): array
    {
        $source = $this->person($request)->projects()->whereKey($id)->first() ?? throw Missing::thing('project');

        return [Libraries::ofProject($source), $this->libraries->tree($source)];
    }

    /** @return array{Library, Tree, ProjectFile} */
    private function ofFile(Request $request): array
    {
        $given = $request->file('file');
        if ($given === null || is_array($given) || ! $given->isValid()) {
            Uploads::mustHaveFit($given);
            throw new InvalidInput('', 'No file arrived. Choose a library, or a project file, of at most '.(Libraries::MAX_BYTES >> 20).' MB.');
        }
        $file = $this->libraries->file((string) $given->get());

        return [Libraries::ofFile($file), $file->tree, $file];
    }

    private static function answer(Answer $answer): JsonResponse
    {
        return new JsonResponse($answer, options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
