@foreach ($entries as $entry)
    @if ($loop->first && isset($entry['component']))<h3 class="kit-part"><x-glyph name="leaf"/> Components of this project</h3>@endif
    @if (! isset($entry['component']) && isset($entries[$loop->index - 1]['component']))<h3 class="kit-part">Widgets and charts</h3>@endif
    <button type="button" data-widget="{{ $entry['key'] }}" data-fresh="{{ json_encode($entry['fresh'], JSON_UNESCAPED_UNICODE) }}" data-bar="{{ $entry['bar'] }}" data-words="{{ $entry['words'] }}" aria-pressed="false" title="{{ $entry['name'] }}: click and place it, or drag it on">
        <svg xmlns="http://www.w3.org/2000/svg" viewBox="-2 -2 {{ $entry['fresh']['width'] + 4 }} {{ $entry['fresh']['height'] + 4 }}" aria-hidden="true">{!! $entry['picture'] !!}</svg>
        <span>{{ $entry['name'] }}</span>
    </button>
@endforeach
<p class="kit-none" hidden>Nothing by that name.</p>
