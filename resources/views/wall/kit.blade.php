<div class="kit-head"><h2>Kit</h2><input type="search" id="kit-search" class="field" placeholder="Find a widget or a chart" aria-label="Find a widget or a chart" autocomplete="off"><button type="button" class="button quiet !px-1.5" data-kit="close" aria-label="Close the kit"><x-glyph name="x"/></button></div>
<div class="kit-list">
    @foreach ($entries as $entry)
        <button type="button" data-widget="{{ $entry['key'] }}" data-fresh="{{ json_encode($entry['fresh'], JSON_UNESCAPED_UNICODE) }}" data-bar="{{ $entry['bar'] }}" data-words="{{ $entry['words'] }}" aria-pressed="false" title="{{ $entry['name'] }}: click and place it, or drag it on">
            <svg xmlns="http://www.w3.org/2000/svg" viewBox="-2 -2 {{ $entry['fresh']['width'] + 4 }} {{ $entry['fresh']['height'] + 4 }}" aria-hidden="true">{!! $entry['picture'] !!}</svg>
            <span>{{ $entry['name'] }}</span>
        </button>
    @endforeach
    <p class="kit-none" hidden>Nothing by that name.</p>
</div>
