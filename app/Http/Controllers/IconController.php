<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\TreeLoader;
use App\Http\Uploads;
use App\Models\Project;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Kindred\Document\Layer\IconBook;
use Kindred\Document\Layer\OwnIcon;
use Kindred\Document\WorkingSet;
use Kindred\Exchange\Svg\IconFile;
use Kindred\Exchange\Svg\SvgReader;
use Kindred\Input\InvalidInput;
use Kindred\Input\Reader;
use Kindred\Layout\Shapes;
use Kindred\Type\Typesetter;

/** Icons to choose from: those of the project, those that a person used last or keeps at hand, and the library. */
final class IconController extends Controller
{
    /** How many a person’s last icons, and favourites, are at most. */
    private const KEPT = ['recent' => 18, 'favourites' => 90];

    private const FOUND = 96;

    public function index(Request $request, Project $project, IconBook $icons, TreeLoader $store): View
    {
        $store->load($project, new WorkingSet);
        $query = trim(mb_substr($this->asked($request, 'q'), 0, 80));
        $kept = self::kept($this->person($request)->icons);
        $there = fn (array $names): array => array_values(array_filter($names, fn (string $name): bool => $icons->nodes($name) !== null));
        $own = array_values(array_filter(array_map(strval(...), array_keys($icons->owned())), fn (string $name): bool => ! $icons->ships($name)));

        return view('wall.icons', [
            'favourites' => $kept['favourites'],
            'lines' => array_intersect_key(array_map(fn (OwnIcon $icon): float => $icon->line, $icons->owned()), array_flip($own)),
            'groups' => $query === ''
                ? array_filter(['Of this project' => $own, 'Favourites' => $there($kept['favourites']), 'Used last' => $there($kept['recent'])]) + ['Library' => array_values(array_diff($icons->search('', self::FOUND), $own))]
                : ['' => $icons->search($query, self::FOUND)],
        ]);
    }

    /** Reads an icon from an SVG file; it is one of the project's once an edit puts it there. */
    public function store(Request $request, Project $project, IconBook $icons, TreeLoader $store, Typesetter $typesetter, Shapes $shapes): JsonResponse
    {
        $file = $request->file('icon');
        if ($file === null || is_array($file) || ! $file->isValid()) {
            Uploads::mustHaveFit($file);
            throw new InvalidInput('icon', 'No icon arrived. Choose an SVG file of at most '.(SvgReader::MAX_BYTES >> 20).' MB.');
        }
        $store->load($project, new WorkingSet);
        $name = OwnIcon::free(OwnIcon::named($file->getClientOriginalName()), $icons, explode(' ', $this->asked($request, 'taken')));

        return new JsonResponse(['icon' => IconFile::read((string) $file->get(), $name, $typesetter, $shapes)->toArray()], 201);
    }

    /** Keeps which icon a person has just used, or whether one is a favourite. */
    public function keep(Request $request): Response
    {
        $in = Reader::of($request->json()->all());
        $person = $this->person($request);
        $kept = self::kept($person->icons);
        $list = $in->boolean('used', false) ? 'recent' : 'favourites';
        $name = OwnIcon::read(Reader::of(['name' => $in->string('icon', 60)], $in->at('')))->name;
        $others = array_values(array_diff($kept[$list], [$name]));
        $kept[$list] = $list === 'recent' || $in->boolean('favourite', false) ? array_slice([$name, ...$others], 0, self::KEPT[$list]) : $others;
        $person->update(['icons' => $kept]);

        return response()->noContent();
    }

    /**
     * @param  array<string, list<string>>|null  $kept
     * @return array{recent: list<string>, favourites: list<string>} names, the latest first
     */
    private static function kept(?array $kept): array
    {
        return ['recent' => $kept['recent'] ?? [], 'favourites' => $kept['favourites'] ?? []];
    }
}
