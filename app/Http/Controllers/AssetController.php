<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\Assets;
use App\Canvas\Pictures;
use App\Http\Uploads;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Kindred\Exchange\Pasted;
use Kindred\Exchange\Svg\SvgReader;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Type\Typesetter;

/** Pictures and icons that go onto screens, and pictures of screens. */
final class AssetController extends Controller
{
    public function store(Request $request, Project $project, Assets $assets): JsonResponse
    {
        $file = $request->file('picture');
        if ($file === null || is_array($file) || ! $file->isValid()) {
            Uploads::mustHaveFit($file);
            throw new InvalidInput('picture', 'No picture arrived. Choose a PNG, JPEG, WebP or GIF of at most 12 MB.');
        }

        return new JsonResponse($assets->add($project, (string) $file->get(), $file->getClientOriginalName()), 201);
    }

    /** SVG, a table or words from outside, as layers to add; nothing is added yet. */
    public function paste(Request $request, Project $project, Assets $assets, Typesetter $typesetter): JsonResponse
    {
        $in = Reader::of($request->json()->all());
        $pasted = Pasted::read($in->string('text', SvgReader::MAX_BYTES), $in->numberOr('room', 320, 40, 20_000), $typesetter, function (string $bytes) use ($assets, $project): ?string {
            try {
                return $assets->add($project, $bytes, 'Picture')['hash'];
            } catch (InvalidInput) {
                return null;
            }
        }, $in->boolean('table', false));

        return new JsonResponse($pasted, options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    public function show(Project $project, string $hash, Assets $assets): Response
    {
        $bytes = $assets->bytes($project, $hash) ?? abort(404);

        return response($bytes, 200, ['Content-Type' => $assets->type($bytes), 'Cache-Control' => 'private, max-age=31536000, immutable']);
    }

    public function thumbnail(Request $request, Project $project, string $screen, Pictures $pictures): Response
    {
        $picture = $pictures->thumbnail($project, $screen, $request->boolean('whole'));

        // A window may ask once more for a screen that was deleted a moment ago.
        return $picture === null ? response()->noContent() : response($picture, 200, [
            'Content-Type' => 'image/webp',
            'Cache-Control' => 'private, max-age=86400',
        ]);
    }

    /** Many small pictures at once, as data addresses by screen; only those in the cache. */
    public function stills(Request $request, Project $project, Pictures $pictures): JsonResponse
    {
        $ids = $this->askedList($request, 'of', 200);
        $stills = array_map(fn (string $bytes): string => 'data:image/webp;base64,'.base64_encode($bytes), $pictures->kept($project, $ids));

        return new JsonResponse((object) $stills, headers: ['Cache-Control' => 'private, max-age=86400'], options: JSON_UNESCAPED_SLASHES);
    }
}
