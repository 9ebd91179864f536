<?php

declare(strict_types=1);

use App\Http\Controllers\AssetController;
use App\Http\Controllers\BriefController;
use App\Http\Controllers\CheckController;
use App\Http\Controllers\ColourController;
use App\Http\Controllers\EditController;
use App\Http\Controllers\FindController;
use App\Http\Controllers\FlowController;
use App\Http\Controllers\FontController;
use App\Http\Controllers\HandOverController;
use App\Http\Controllers\HouseStyleController;
use App\Http\Controllers\IconController;
use App\Http\Controllers\InventoryController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LibraryController;
use App\Http\Controllers\NoteController;
use App\Http\Controllers\PairController;
use App\Http\Controllers\ProminenceController;
use App\Http\Controllers\RehearseController;
use App\Http\Controllers\SchemeController;
use App\Http\Controllers\SelectionController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\SignInController;
use App\Http\Controllers\SnapController;
use App\Http\Controllers\StressController;
use App\Http\Controllers\TakesController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\WallController;
use App\Http\Controllers\WorkController;
use App\Http\Middleware\FairShare;
use App\Http\Middleware\RoomLeft;
use App\Http\Middleware\Sequenced;
use Illuminate\Support\Facades\Route;

// What cannot be an id is nowhere: it is not even looked for.
Route::patterns(['project' => '[1-9][0-9]{0,17}', 'note' => '[1-9][0-9]{0,17}', 'work' => '[0-9a-z]{26}', 'screen' => '[a-z][a-z0-9]{3,25}', 'layer' => '[a-z][a-z0-9]{3,25}']);

Route::middleware('guest')->group(function (): void {
    Route::get('sign-in', [SignInController::class, 'show'])->name('sign-in');
    Route::get('register', [SignInController::class, 'register'])->name('register');
    Route::middleware('throttle:sign-in')->group(function (): void {
        Route::post('sign-in', [SignInController::class, 'store']);
        Route::post('sign-in/demo', [SignInController::class, 'demo'])->name('sign-in.demo');
        Route::post('register', [SignInController::class, 'create']);
    });
});

Route::middleware(['auth', RoomLeft::class])->group(function (): void {
    Route::post('sign-out', [SignInController::class, 'destroy'])->name('sign-out');
    Route::get('/', [ShelfController::class, 'index'])->name('shelf');
    Route::post('projects', [ShelfController::class, 'store'])->name('projects.store');
    Route::post('projects/import', [ShelfController::class, 'import'])->middleware(FairShare::class)->name('projects.import');
    if (getenv('KINDRED_BENCH') !== false) {
        // What bin/bench measures edits against: the framework, the session, and the query for who is signed in.
        Route::get('bench/empty', fn () => response()->noContent());
    }

    Route::get('works/{work}', [WorkController::class, 'show'])->name('works.show');
    Route::post('works/{work}/cancel', [WorkController::class, 'cancel'])->name('works.cancel');
    Route::get('token', fn () => response()->json(['token' => csrf_token()]))->name('token');
    Route::post('keys', [FindController::class, 'keys'])->name('keys');
    Route::post('icons', [IconController::class, 'keep'])->name('icons.kept');

    Route::post('projects/{project}/restore', [ShelfController::class, 'restore'])
        ->withTrashed()->can('work', 'project')->name('projects.restore');

    Route::middleware(['can:work,project', Sequenced::class])->prefix('projects/{project}')->group(function (): void {
        Route::patch('/', [ShelfController::class, 'update'])->name('projects.update');
        Route::delete('/', [ShelfController::class, 'destroy'])->name('projects.destroy');
        Route::post('duplicate', [ShelfController::class, 'duplicate'])->middleware(FairShare::class)->name('projects.duplicate');

        Route::get('brief', [BriefController::class, 'show'])->name('brief');
        Route::get('brief/body', [BriefController::class, 'body'])->name('brief.body');
        Route::get('brief/screens/{screen}', [BriefController::class, 'ofScreen'])->name('brief.screen');
        Route::get('assets/{hash}/colours', [BriefController::class, 'colours'])->where('hash', '[0-9a-f]{64}')->middleware(FairShare::class)->name('colours');
        Route::get('wall', [WallController::class, 'show'])->name('wall');
        Route::get('reel', [WallController::class, 'reel'])->name('reel');
        Route::get('outline/{screen}', [WallController::class, 'outline'])->name('outline');
        Route::get('screens/{screen}/devices', [WallController::class, 'devices'])->middleware(FairShare::class)->name('devices');
        Route::get('pictures', [WallController::class, 'pictures'])->name('pictures');
        Route::get('notes', [NoteController::class, 'index'])->name('notes');
        Route::post('notes', [NoteController::class, 'store']);
        Route::get('notes/print', [NoteController::class, 'print'])->middleware(FairShare::class)->name('notes.print');
        Route::patch('notes/{note}', [NoteController::class, 'update'])->name('notes.update');
        Route::delete('notes/{note}', [NoteController::class, 'destroy']);
        Route::get('kit', [KitController::class, 'index'])->name('kit');
        Route::get('widgets/{layer}/spot', [KitController::class, 'spot'])->name('widget.spot');
        Route::get('screens/{screen}/takes', [TakesController::class, 'show'])->middleware(FairShare::class)->name('takes');
        Route::get('layers/{layer}/trials', [TrialController::class, 'show'])->middleware(FairShare::class)->name('trials');
        Route::get('find', [FindController::class, 'index'])->name('find');
        Route::get('copies/{layer}', [WallController::class, 'copies'])->name('copies');
        Route::get('facets', [WallController::class, 'facets'])->name('facets');
        Route::get('checks', [CheckController::class, 'show'])->name('checks');
        Route::get('checks/ahead', [CheckController::class, 'ahead'])->name('checks.ahead');
        Route::get('checks/rules', [CheckController::class, 'rules'])->name('checks.rules');
        Route::get('screens/{screen}/stress', [StressController::class, 'index'])->name('stress');
        Route::get('screens/{screen}/stress/{strain}', [StressController::class, 'show'])->where('strain', '[a-z-]{1,40}')->middleware(FairShare::class)->name('strained');
        Route::get('screens/{screen}/prominence', [ProminenceController::class, 'show'])->middleware(FairShare::class)->name('prominence');
        Route::get('history', [WallController::class, 'history'])->name('history');
        Route::get('cues', [WallController::class, 'cues'])->name('cues');
        Route::get('flow', [FlowController::class, 'show'])->middleware(FairShare::class)->name('flow');
        Route::get('flow.svg', [FlowController::class, 'svg'])->middleware(FairShare::class)->name('flow.svg');
        Route::get('flow.pdf', [FlowController::class, 'pdf'])->middleware(FairShare::class)->name('flow.pdf');
        Route::get('screens/{screen}/pairs', [PairController::class, 'show'])->middleware(FairShare::class)->name('pairs');

        Route::get('edits', [EditController::class, 'index'])->name('edits');
        Route::post('edits', [EditController::class, 'store']);
        Route::post('edits/preview', [EditController::class, 'preview'])->name('preview');
        Route::post('undo', [EditController::class, 'undo'])->name('undo');
        Route::post('redo', [EditController::class, 'redo'])->name('redo');
        Route::get('sheets/{layer}', [SheetController::class, 'show'])->name('sheet');
        Route::post('sheets/{layer}/read', [SheetController::class, 'read'])->middleware(FairShare::class)->name('sheet.read');
        Route::get('snap', [SnapController::class, 'show'])->name('snap');
        Route::get('colours', [ColourController::class, 'used'])->name('colours.used');
        Route::get('screens/{screen}/made', [ColourController::class, 'made'])->middleware(FairShare::class)->name('made');
        Route::get('layers/{layer}/contrast', [ColourController::class, 'contrast'])->middleware(FairShare::class)->name('contrast');
        Route::get('copy', [SelectionController::class, 'copy'])->name('copy');
        Route::get('alike', [SelectionController::class, 'alike'])->name('alike');
        Route::get('names', [SelectionController::class, 'names'])->name('names');
        Route::get('cut-out.svg', [SelectionController::class, 'svg'])->middleware(FairShare::class)->name('cut-out.svg');
        Route::get('cut-out.png', [SelectionController::class, 'png'])->middleware(FairShare::class)->name('cut-out.png');

        Route::post('paste', [AssetController::class, 'paste'])->middleware(FairShare::class)->name('paste');
        Route::post('assets', [AssetController::class, 'store'])->middleware(FairShare::class)->name('assets');
        Route::get('assets/{hash}', [AssetController::class, 'show'])->where('hash', '[0-9a-f]{64}')->name('asset');
        Route::get('icons', [IconController::class, 'index'])->name('icons');
        Route::post('icons', [IconController::class, 'store']);
        Route::get('fonts', [FontController::class, 'index'])->name('fonts');
        Route::post('fonts', [FontController::class, 'store'])->middleware(FairShare::class);
        Route::get('fonts.css', [FontController::class, 'styles'])->name('fonts.styles');
        Route::get('house-style', [HouseStyleController::class, 'show'])->name('house');
        Route::get('house-style/choices', [HouseStyleController::class, 'choices'])->name('house.choices');
        Route::get('house-style/tokens.json', [HouseStyleController::class, 'json'])->name('house.json');
        Route::get('house-style/tokens.css', [HouseStyleController::class, 'css'])->name('house.css');
        Route::get('house-style/inventory', [InventoryController::class, 'show'])->middleware(FairShare::class)->name('inventory');
        Route::post('house-style/merge', [InventoryController::class, 'merge'])->middleware(FairShare::class)->name('inventory.merge');
        Route::post('house-style/scheme', [SchemeController::class, 'show'])->middleware(FairShare::class)->name('scheme');
        Route::post('house-style/read', [HouseStyleController::class, 'read'])->middleware(FairShare::class)->name('house.read');
        Route::get('libraries', [LibraryController::class, 'index'])->middleware(FairShare::class)->name('libraries');
        Route::get('libraries/news', [LibraryController::class, 'news'])->name('libraries.news');
        Route::match(['get', 'post'], 'libraries/offer', [LibraryController::class, 'offer'])->middleware(FairShare::class)->name('libraries.offer');
        Route::post('libraries/take', [LibraryController::class, 'take'])->middleware(FairShare::class)->name('libraries.take');
        Route::post('libraries/along', [LibraryController::class, 'along'])->middleware(FairShare::class)->name('libraries.along');
        Route::match(['get', 'post'], 'libraries/{library}/review', [LibraryController::class, 'review'])->where('library', '[a-z][a-z0-9]{3,25}')->middleware(FairShare::class)->name('libraries.review');
        Route::get('library.json', [LibraryController::class, 'file'])->middleware(FairShare::class)->name('library.file');
        Route::get('stills', [AssetController::class, 'stills'])->name('stills');
        Route::get('screens/{screen}/thumbnail', [AssetController::class, 'thumbnail'])->name('thumbnail');

        Route::get('rehearse', [RehearseController::class, 'show'])->name('rehearse');

        Route::get('hand-over', [HandOverController::class, 'show'])->name('hand-over');
        Route::get('hand-over/page', [HandOverController::class, 'page'])->middleware(FairShare::class)->name('export.page');
        Route::get('hand-over/project', [HandOverController::class, 'project'])->middleware(FairShare::class)->name('export.project');
        Route::get('hand-over/screens/{screen}.svg', [HandOverController::class, 'svg'])->middleware(FairShare::class)->name('export.svg');
        Route::get('hand-over/screens/{screen}.png', [HandOverController::class, 'png'])->middleware(FairShare::class)->name('export.png');
    });
});
