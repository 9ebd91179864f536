<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\TreeLoader;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Kindred\Document\Layer;
use Kindred\Document\Layer\ArrayLayer;
use Kindred\Document\Layer\HasSheet;
use Kindred\Document\Missing;
use Kindred\Document\Place;
use Kindred\Document\Sheet\Fed;
use Kindred\Document\Sheet\Row;
use Kindred\Document\Sheet\Sheet;
use Kindred\Document\Tree;
use Kindred\Document\WorkingSet;
use Kindred\Exchange\SheetFile;
use Kindred\Input\InvalidInput;

/** The data sheet of an array or a chart, and files that are brought into it. */
final class SheetController extends Controller
{
    public function __construct(private readonly TreeLoader $store)
    {
    }

    /** The whole sheet, or of a long one just the rows that are asked for. */
    public function show(Request $request, Project $project, string $layer): View
    {
        [$owner, $content, $tree] = $this->owner($project, $layer);
        $sheet = $content->sheet();
        $overrides = $content instanceof ArrayLayer ? $content->overrides : [];
        $asked = $this->askedList($request, 'rows', Sheet::MAX_ROWS);
        if ($asked !== []) {
            $rows = array_filter($sheet->rows, fn (Row $row): bool => in_array($row->id, $asked, true));

            return view('wall.sheet-rows', ['project' => $project, 'sheet' => $sheet, 'rows' => $rows, 'overrides' => $overrides]);
        }
        $design = $tree->children(new Place($owner->screen, $owner->id))[0] ?? null;
        $parts = $design === null ? [] : Fed::in($tree, $design);

        return view('wall.sheet', [
            'project' => $project,
            'owner' => $owner,
            'sheet' => $sheet,
            'overrides' => $overrides,
            'parts' => $parts,
            'names' => Fed::names($parts),
        ]);
    }

    /** What a file holds, and a guess at the columns of the sheet that it fits; nothing is changed yet. */
    public function read(Request $request, Project $project, string $layer): View
    {
        [$owner, $content] = $this->owner($project, $layer);
        $upload = $request->file('file');
        if (! $upload instanceof UploadedFile || ! $upload->isValid()) {
            throw new InvalidInput('file', 'The file did not arrive. It may be larger than this server takes; nothing was changed.');
        }
        $file = SheetFile::read((string) file_get_contents($upload->getRealPath()));

        return view('wall.sheet-file', [
            'owner' => $owner,
            'sheet' => $content->sheet(),
            'file' => $file,
            'matched' => $file->matched($content->sheet()),
            'name' => $upload->getClientOriginalName(),
        ]);
    }

    /** @return array{Layer, HasSheet, Tree} */
    private function owner(Project $project, string $id): array
    {
        $tree = $this->store->load($project, new WorkingSet(layers: [$id]));
        $layer = $tree->layer($id);

        return $layer->content instanceof HasSheet ? [$layer, $layer->content, $tree] : throw Missing::layer($id);
    }
}
