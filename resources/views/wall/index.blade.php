<x-layout :fonts-of="$project" early :title="$project->name" :entries="['resources/css/app.css', 'resources/ts/wall.ts']">
    @php
        $urls = ['edits' => route('edits', $project), 'find' => route('find', $project), 'keys' => route('keys'), 'brief' => route('brief', $project), 'preview' => route('preview', $project), 'token' => route('token'), 'undo' => route('undo', $project), 'redo' => route('redo', $project), 'snap' => route('snap', $project), 'copy' => route('copy', $project), 'along' => route('libraries.along', $project), 'alike' => route('alike', $project), 'names' => route('names', $project), 'cut-out-svg' => route('cut-out.svg', $project), 'cut-out-png' => route('cut-out.png', $project), 'screen-svg' => route('export.svg', [$project, 'SCREEN']), 'screen-png' => route('export.png', [$project, 'SCREEN']), 'paste' => route('paste', $project), 'sheet' => route('sheet', [$project, 'LAYER']), 'devices' => route('devices', [$project, 'SCREEN']), 'copies' => route('copies', [$project, 'LAYER']), 'takes' => route('takes', [$project, 'SCREEN']), 'cues' => route('cues', $project), 'pairs' => route('pairs', [$project, 'SCREEN']), 'flow' => route('flow', $project), 'trials' => route('trials', [$project, 'LAYER']), 'pictures' => route('pictures', $project), 'kit' => route('kit', $project), 'notes' => route('notes', $project), 'needs' => route('brief.screen', [$project, 'SCREEN']), 'spot' => route('widget.spot', [$project, 'LAYER']), 'assets' => route('assets', $project), 'fonts' => route('fonts', $project), 'icons' => route('icons', $project), 'icons-kept' => route('icons.kept'), 'colours' => route('colours.used', $project), 'contrast' => route('contrast', [$project, 'LAYER']), 'made' => route('made', [$project, 'SCREEN']),
            'house' => route('house', $project), 'libraries' => route('libraries', $project), 'house-read' => route('house.read', $project), 'inventory' => route('inventory', $project), 'inventory-merge' => route('inventory.merge', $project), 'scheme' => route('scheme', $project), 'choices' => route('house.choices', $project), 'checks' => route('checks', $project), 'check-rules' => route('checks.rules', $project), 'stress' => route('stress', [$project, 'SCREEN']), 'prominence' => route('prominence', [$project, 'SCREEN']), 'facets' => route('facets', $project), 'reel' => route('reel', $project), 'still' => route('thumbnail', [$project, 'SCREEN']), 'stills' => route('stills', $project), 'rehearse' => route('rehearse', $project)];
        $tools = [['pick', 'mouse-pointer-2', 'Pick', 'Q'], ['screen', 'smartphone', 'Screen', 'A'], ['shape', 'shapes', 'Shape', 'S'], ['curve', 'tangent', 'Curve', 'C'], ['draw', 'pencil', 'Draw', 'D'], ['words', 'type', 'Text', 'T'],
            ['picture', 'image', 'Picture', 'P'], ['icon', 'smile', 'Icon', 'I'], ['widget', 'blocks', 'Kit', 'K'], ['note', 'message-square', 'Note', 'N'], ['thread', 'spline', 'Go', 'G']];
    @endphp
    <div id="wall-page" data-urls="{{ json_encode($urls) }}" data-project="{{ $project->id }}" data-pending="{{ $project->id }}-{{ $project->user_id }}" data-sequence="{{ $project->sequence }}" data-entry="{{ $project->entry }}" data-current="{{ $current }}" data-keys="{{ json_encode((object) (auth()->user()->keys ?? [])) }}">
        <x-masthead :project="$project" place="wall">
            <details id="views" open><summary class="button quiet">View</summary><div>
            <span class="lenses mr-2" role="group" aria-label="Finish of the project">
                @foreach (['rough' => 'As by hand, grey: not the final look', 'plain' => 'Clean and grey', 'dressed' => 'In full style'] as $finish => $means)
                    <button class="button quiet" data-act="finish-{{ $finish }}" data-finish="{{ $finish }}" aria-pressed="{{ $tree->project->finish->value === $finish ? 'true' : 'false' }}" title="{{ $means }}">{{ ucfirst($finish) }}</button>
                @endforeach
            </span>
            <span class="lenses" role="group" aria-label="Lenses">
            <button class="button quiet" data-act="grid" aria-pressed="true" title="Grid: layout grids, ruler guides and rulers">Grid</button>
            <button class="button quiet" data-act="threads" aria-pressed="true" title="Threads: the drawn lines of cues">Threads</button>
            <button class="button quiet" data-act="checks" aria-pressed="false" title="Checks: flags where something was found">Checks</button>
            @include('wall.sight')
            </span>
            </div></details>
            <span class="lenses mr-2" role="group" aria-label="Panels">
            <button class="button quiet !px-2" data-act="needs" aria-pressed="false" title="Requirements of the screen at hand, and what covers them" aria-label="Requirements"><x-glyph name="clipboard-check"/></button>
            <button class="button quiet !px-2" data-act="house" aria-pressed="false" title="House style: tokens for colours, type, lengths" aria-label="House style"><x-glyph name="swatch-book"/></button>
            <button class="button quiet" data-act="notes" aria-pressed="false" title="Notes: numbered marks, and the list of them">Notes</button>
            </span>
            <x-saved/>
            <button class="button quiet !px-2" data-act="find" title="Find anything (/)" aria-label="Find"><x-glyph name="search"/></button>
            <button class="button quiet !px-2" data-act="undo" title="Undo (Ctrl Z)" aria-label="Undo"><x-glyph name="undo-2"/></button>
            <button class="button quiet !px-2" data-act="redo" title="Redo (Ctrl Shift Z)" aria-label="Redo"><x-glyph name="redo-2"/></button>
            <button class="button quiet !px-2" data-opens="history" hx-get="{{ route('history', $project) }}" hx-target="#steps" hx-swap="innerHTML" title="History: all steps" aria-label="History"><x-glyph name="history"/><span class="hidden 2xl:inline">History</span></button>
            <button class="button quiet !px-2" data-act="keys" title="All keys (?)" aria-label="All keys">?</button>
        </x-masthead>
        <div id="rack" role="toolbar" aria-label="Rack">
            @foreach ($tools as [$tool, $glyph, $word, $key])
                <button data-act="{{ $tool }}" data-tool="{{ $tool }}" aria-pressed="false" title="{{ $word }} ({{ $key }})"><x-glyph :name="$glyph"/>{{ $word }}</button>
            @endforeach
            @include('wall.writing', ['families' => $facets['families']])
            <div class="options">
                @foreach (['box' => ['square', 'Box'], 'ellipse' => ['circle', 'Ellipse'], 'line' => ['minus', 'Line'], 'polygon' => ['hexagon', 'Polygon'], 'star' => ['star', 'Star'], 'ring' => ['circle-dot', 'Ring'], 'arc' => ['loader-circle', 'Arc']] as $shape => [$glyph, $word])
                    <button data-shape="{{ $shape }}" aria-pressed="false" aria-label="{{ $word }}" title="{{ $word }}" hidden><x-glyph :name="$glyph"/><span>{{ $word }}</span></button>
                @endforeach
                <span id="hint"></span>
            </div>
            <span id="narrow">To read, to write notes, to rehearse; editing needs a window 900 px wide.</span>
            <div class="ends">
                <button data-act="zoom-out" aria-label="Zoom out" title="Zoom out (−)"><x-glyph name="minus"/></button>
                <input id="zoom" value="100%" aria-label="Zoom" title="Zoom: type a percentage" autocomplete="off" spellcheck="false">
                <button data-act="zoom-in" aria-label="Zoom in" title="Zoom in (+)"><x-glyph name="plus"/></button>
                <button data-act="fit" title="Fit: the selection, then the whole wall (F)">Fit</button>
                <button data-act="facets" aria-label="Fold or open the facets" title="Fold or open the facets"><x-glyph name="panel-left"/></button>
                <button data-act="reel" aria-label="Fold or open the reel" title="Fold or open the reel"><x-glyph name="panel-right"/></button>
            </div>
        </div>
        <aside id="facets" aria-label="Facets" data-screen="{{ $current }}">@include('wall.facets', $facets)</aside>
        <main id="wall" aria-label="Wall" data-tool="pick">
            <div id="stage" class="stage" @if ($tree->project->framed) data-framed @endif>
                <svg class="loose" xmlns="http://www.w3.org/2000/svg">{!! $pictures[''] !!}</svg>
                @foreach ($tree->hung() as $screen)
                    @php($about = App\Canvas\Patches::describe($screen))
                    <article class="screen" data-screen="{{ $screen->id }}"@if ($about['component']) data-sheet @endif data-revision="{{ $revisions[$screen->id] ?? 0 }}" data-box="{{ implode(' ', $about['box']) }}" data-view="{{ $about['view'] }}" data-cues="{{ $about['cues'] }}" data-said="{{ $about['said'] }}" data-over="{{ $about['over'] }}" data-guides="{{ $about['guides'] }}" data-framing="{{ implode(' ', $about['framing']) }}"@if (! isset($pictures[$screen->id])) data-layers="{{ $counts[$screen->id] ?? 0 }}"@endif>
                        <button type="button" class="screen-name" tabindex="-1">{{ $screen->name }}</button><i class="fold"></i>
                        {!! $pictures[$screen->id] ?? '<svg xmlns="http://www.w3.org/2000/svg" width="'.$screen->box->width.'" height="'.$screen->box->height.'" viewBox="0 0 '.$screen->box->width.' '.$screen->box->height.'"><rect data-ground="" width="'.$screen->box->width.'" height="'.$screen->box->height.'" fill="'.substr($screen->ground->toHex(), 0, 7).'"/></svg>' !!}
                        @if ($about['grid'] !== '')<svg class="grid" xmlns="http://www.w3.org/2000/svg">{!! $about['grid'] !!}</svg>@endif
                        <div class="frame"><svg xmlns="http://www.w3.org/2000/svg">{!! $about['frame'] !!}</svg></div>
                    </article>
                @endforeach
            </div>
            <svg id="overlay" aria-hidden="true"></svg>
            <canvas class="ruler" data-ruler="y" aria-hidden="true"></canvas><canvas class="ruler" data-ruler="x" aria-hidden="true"></canvas>
            <div id="writing" hidden></div>
            <div id="lights" aria-hidden="true"></div>
            <div id="flags"></div>
            <div id="marks"></div>
            <div id="tag" hidden></div>
            <div id="empty" hidden>
                <p class="text-[15px]">This wall is bare. Three ways to begin:</p>
                <ul>
                    <li><b>Hang a screen</b><span>and draw on it, write, or place widgets from the kit.</span><button class="button primary" data-act="screen">Add a screen</button></li>
                    <li><b>Plan first</b><span>in the brief: name the screens that you need, and hang them all in one press.</span><a class="button no-underline" href="{{ route('brief', ['project' => $project, 'begin' => 'plan']) }}">Write the plan</a></li>
                    <li><b>Import something</b><span>Drop pictures or SVG here, paste words or a table, or choose files.</span><button class="button" data-act="picture">Choose files</button></li>
                </ul>
            </div>
        </main>
        <section id="needs" aria-label="Requirements" hidden></section>
        <section id="notes" aria-label="Notes" hidden></section>
        <section id="kit" aria-label="Kit" hidden>
            <div class="kit-head"><h2>Kit</h2><button type="button" class="button quiet !px-1.5" data-act="libraries" aria-label="Libraries" title="Libraries: components, tokens, icons, fonts and conventions of other projects"><x-glyph name="library"/></button><input type="search" id="kit-search" class="field" placeholder="Find a widget" aria-label="Find a widget or a chart" autocomplete="off"><button type="button" class="button quiet !px-1.5" data-kit="close" aria-label="Close the kit"><x-glyph name="x"/></button></div>
            <div class="kit-list"></div>
        </section>
        <section id="sheet" aria-label="Data sheet" hidden></section>
        <section id="house" aria-labelledby="house-title" hidden></section>
        <aside id="beside" aria-label="Rehearsal beside the wall" hidden>
            <header><h2>Rehearse</h2><a class="button quiet" data-rehearse href="{{ route('rehearse', $project) }}" title="On its own page (R)">On its page</a><button type="button" class="icon-button" data-part="close" aria-label="Close the rehearsal" title="Close (Escape)"><x-glyph name="x"/></button></header>
            <div id="rehearsal"></div>
        </aside>
        <aside id="reel" aria-label="Reel">@include('wall.reel')</aside>
    </div>
    @include('wall.colour')
    {{-- Not in the facets: Chromium's renderer dies when a list of choices is moved while its field is typed into. --}}
    <datalist id="easings">@foreach (Kindred\Document\Cue\Easing::OFFERED as $easing)<option>{{ $easing }}</option>@endforeach</datalist>
    <div id="token-choices" role="dialog" aria-label="Tokens" hidden></div>
    @include('house.dialogs')
    <dialog id="check-rules" aria-labelledby="check-rules-title"><form method="dialog">
        <h2 id="check-rules-title" class="mb-3 text-xl">Rules of this project</h2>
        <div class="body"></div>
        <p class="field-problem" role="alert" hidden></p>
        <p class="flex justify-end"><button class="button primary" value="close">Close</button></p>
    </form></dialog>
    <dialog id="check-aside" aria-labelledby="check-aside-title"><form method="dialog">
        <h2 id="check-aside-title" class="mb-2 text-xl">Put aside</h2>
        <p class="said mb-3"></p>
        <label class="grid gap-1"><span class="label">Why?</span><input class="field" name="reason" maxlength="500" required autocomplete="off" placeholder="It is only decoration"></label>
        <p class="mt-3 flex justify-end gap-2"><button type="button" class="button" data-closes>Cancel</button><button class="button primary" value="aside">Put aside</button></p>
    </form></dialog>
    <dialog id="made" aria-labelledby="made-title">
        <header><h2 id="made-title">What makes this look</h2><button type="button" class="icon-button" data-part="close" aria-label="Close" title="Close"><x-glyph name="x"/></button></header>
        <div data-part="list" role="status"></div>
    </dialog>
    <div id="menu" role="menu" aria-label="What applies here" hidden></div>
    <input type="file" id="picture-file" multiple class="sr-only" accept="image/png,image/jpeg,image/webp,image/gif,image/svg+xml" tabindex="-1" aria-label="Picture file">
    <input type="file" id="paint-file" class="sr-only" accept="image/png,image/jpeg,image/webp,image/gif" tabindex="-1" aria-label="Picture to paint with">
    <input type="file" id="sheet-file" class="sr-only" accept=".csv,.tsv,.txt,text/csv,text/plain,text/tab-separated-values" tabindex="-1" aria-label="Table file">
    <dialog id="sheet-take" aria-labelledby="sheet-take-title"></dialog>
    <input type="file" id="font-file" multiple class="sr-only" accept=".ttf,.otf,.woff,.woff2,font/ttf,font/otf,font/woff,font/woff2" tabindex="-1" aria-label="Font file">
    <dialog id="fonts" class="w-[640px] max-w-full" aria-labelledby="fonts-title"></dialog>
    <dialog id="copies" aria-labelledby="copies-title"></dialog>
    <dialog id="trials" aria-labelledby="trials-title"></dialog>
    <dialog id="flow" class="flow-dialog" aria-labelledby="flow-title"></dialog>
    <dialog id="pairs" class="w-[1060px] max-w-full" aria-labelledby="pairs-title"></dialog>
    <dialog id="all-cues" class="w-[860px] max-w-full" aria-labelledby="cues-title"></dialog>
    <dialog id="takes" aria-labelledby="takes-title"></dialog>
    <dialog id="all-devices" aria-labelledby="all-devices-title"></dialog>
    <dialog id="stress" aria-labelledby="stress-title"></dialog>
    <dialog id="devices" aria-labelledby="devices-title">
        <h2 id="devices-title" class="mb-3 text-xl">Add a screen</h2>
        <div class="grid gap-4">
            @foreach (collect($devices)->groupBy('family') as $family => $group)
                <div class="grid grid-cols-[72px_1fr] items-start gap-2"><span class="label pt-2">{{ $family }}</span>
                    <span class="flex flex-wrap gap-2">
                        @foreach ($group as $device)
                            <button class="button" data-device="{{ $device->key }}" data-width="{{ $device->width }}" data-height="{{ $device->height }}" title="{{ $device->pointing->value === 'touch' ? 'Touch' : 'Pointer' }}; targets at least {{ $device->target }} px ({{ $device->targetSource }})">{{ $device->name }} <span class="font-number text-[11px] text-ash">{{ $device->width }} × {{ $device->height }}</span></button>
                        @endforeach
                    </span></div>
            @endforeach
        </div>
        <form id="custom-size" method="dialog" class="mt-4 flex items-end gap-2 border-t border-rule pt-4">
            <label><span class="label">Width, px</span><input class="field !w-24" name="width" type="number" min="16" max="20000" step="1" value="600" required></label>
            <label><span class="label">Height, px</span><input class="field !w-24" name="height" type="number" min="16" max="20000" step="1" value="400" required></label>
            <button class="button primary">Add this size</button>
            <button type="button" class="button ml-auto" data-closes>Cancel</button>
        </form>
    </dialog>
    <dialog id="icons" aria-labelledby="icons-title">
        <h2 id="icons-title" class="mb-3 text-xl">Choose an icon</h2>
        <div class="mb-3 flex gap-2">
            <input class="field" type="search" name="q" aria-label="Search icons" placeholder="What should it say? fire, calendar, bell …" autofocus>
            <button type="button" class="button shrink-0" data-bring title="Become icons of this project: in one colour, on its grid">Import SVG …</button>
            <button type="button" class="button" data-closes>Cancel</button>
        </div>
        <input type="file" id="icon-file" multiple class="sr-only" accept=".svg,image/svg+xml" tabindex="-1" aria-label="Icon file">
        <div id="icon-grid" class="icon-grid w-[560px] max-w-full"></div>
    </dialog>
    <dialog id="history" aria-labelledby="history-title">
        <div class="mb-3 flex items-center gap-4"><h2 id="history-title" class="mr-auto text-xl">History</h2><button type="button" class="button" data-closes>Close</button></div>
        <div id="steps" class="w-[440px] max-w-full"></div>
    </dialog>
    <dialog id="find" aria-label="Find">
        <input class="field !min-h-9" type="text" role="combobox" aria-expanded="true" aria-controls="hits" aria-label="Find a layer, a screen, words, a command, a widget, an icon, a requirement or a note" autocomplete="off" spellcheck="false" placeholder="Find …" autofocus>
        <div id="hits" role="listbox" aria-label="Found"></div>
        <p data-nothing class="py-2 text-ash"></p>
    </dialog>
    <dialog id="keys" aria-labelledby="keys-title">
        <div class="mb-3 flex items-center gap-4"><h2 id="keys-title" class="mr-auto text-xl">All keys</h2><button type="button" class="button" data-closes>Close</button></div>
        <p class="mb-1 text-ash">Press on keys to give a command others.</p>
        <div data-keys class="w-[440px] max-w-full"></div>
        <button type="button" class="button mt-3" data-keys-reset hidden>All as they come</button>
    </dialog>
</x-layout>
