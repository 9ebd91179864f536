{{-- The head of the drawer: what goes in and out, and what it shows. --}}
<header class="head">
    <h2 id="house-title">House style</h2>
    <button type="button" class="button quiet" data-act="libraries" title="Components, tokens, icons, fonts and conventions of other projects">Libraries</button>
    <button type="button" class="button quiet" data-house="import" title="A JSON file in the format for design tokens">Import</button>
    @if ($names !== [])
        <a class="button quiet" href="{{ route('house.json', $project) }}" download title="In the format for design tokens">JSON</a>
        <a class="button quiet" href="{{ route('house.css', $project) }}" download title="As custom properties">CSS</a>
    @endif
    <button type="button" class="button quiet !px-1.5" data-house="close" aria-label="Close the house style"><x-glyph name="x"/></button>
</header>
<div class="views" role="group" aria-label="The drawer shows">
    <button type="button" class="button quiet" data-house="view" data-view="tokens" aria-pressed="{{ $view === 'tokens' ? 'true' : 'false' }}" title="Values with names, that are bound to">Tokens</button>
    <button type="button" class="button quiet" data-house="view" data-view="inventory" aria-pressed="{{ $view === 'inventory' ? 'true' : 'false' }}" title="Every value of the look that there is, and what is nearly the same">Style inventory</button>
    @if ($view === 'tokens')<button type="button" class="button quiet begin" data-house="scheme" title="A whole look from one colour and a few choices, shown on your screens before you take it"><x-glyph name="palette"/> From a colour</button>@endif
</div>
