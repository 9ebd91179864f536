<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Canvas\HouseStyle;
use App\Canvas\StyleInventory;
use App\Models\Project;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Kindred\Style\Aspect;

/** The style inventory, which stands in the drawer of the house style. */
final class InventoryController extends Controller
{
    /** With `near` as a multiple of what is nearly the same usually, 0 to 3. */
    public function show(Request $request, Project $project, StyleInventory $inventory, HouseStyle $style): View
    {
        $asked = $this->asked($request, 'near');
        $near = is_numeric($asked) ? max(0.0, min(3.0, (float) $asked)) : 1.0;

        return view('house.inventory', ['project' => $project, 'names' => $style->tokens($project), 'near' => $near, 'aspects' => $inventory->aspects($project, $near)]);
    }

    /** What a merge would change, with the pictures; nothing is changed yet. */
    public function merge(Request $request, Project $project, StyleInventory $inventory): JsonResponse
    {
        $merge = $request->json()->all();
        $aspect = array_values(array_filter(Aspect::ALL, fn (string $one): bool => $one::key() === ($merge['aspect'] ?? '')))[0] ?? Aspect::ALL[0];

        return new JsonResponse(['html' => view('house.merge', ['aspect' => $aspect, 'to' => $merge['to'] ?? null, 'from' => is_array($merge['from'] ?? null) ? $merge['from'] : [], 'token' => $merge['token'] ?? null] + $inventory->merged($project, $merge))->render()]);
    }
}
