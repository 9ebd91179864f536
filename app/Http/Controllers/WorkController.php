<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Work;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** How far work is that takes long. */
final class WorkController extends Controller
{
    public function show(Request $request, string $work): View|Response|RedirectResponse
    {
        $found = $this->of($request, $work);
        $asks = $request->hasHeader('HX-Request');
        if ($found->state === 'done' && $found->project_id !== null) {
            return $asks ? response('', 200, ['HX-Redirect' => route('wall', $found->project_id)]) : redirect()->route('wall', $found->project_id);
        }

        return view($asks ? 'shelf.progress' : 'shelf.work', ['work' => $found]);
    }

    public function cancel(Request $request, string $work): RedirectResponse
    {
        $found = $this->of($request, $work);
        $found->cancel();

        return redirect()->route('works.show', $found->id);
    }

    private function of(Request $request, string $id): Work
    {
        return Work::query()->where('user_id', $this->person($request)->id)->findOrFail($id);
    }
}
