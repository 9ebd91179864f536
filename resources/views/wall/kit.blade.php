<div class="kit-head"><h2>Kit</h2><input type="search" id="kit-search" class="field" placeholder="Find a widget" aria-label="Find a widget" autocomplete="off"><button type="button" class="button quiet !px-1.5" data-kit="close" aria-label="Close the kit"><x-glyph name="x"/></button></div>
<div class="kit-list">
    @foreach ($entries as $entry)
        <button type="button" data-widget="{{ $entry['kind']::key() }}" data-fresh="{{ json_encode($entry['fresh'], JSON_UNESCAPED_UNICODE) }}" data-bar="{{ $entry['bar'] }}" data-words="{{ mb_strtolower($entry['kind']->name().' '.$entry['kind']->tags()) }}" aria-pressed="false" title="{{ $entry['kind']->name() }}: click and place it, or drag it on">
            <svg xmlns="http://www.w3.org/2000/svg" viewBox="-2 -2 {{ $entry['size'][0] + 4 }} {{ $entry['size'][1] + 4 }}" aria-hidden="true">{!! $entry['picture'] !!}</svg>
            <span>{{ $entry['kind']->name() }}</span>
        </button>
    @endforeach
    <p class="kit-none" hidden>No widget by that name.</p>
</div>
