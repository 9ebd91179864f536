<div class="flex items-center gap-2 border-b border-rule px-3 py-2"><h2 class="flex-1 text-[14px]">Requirements of {{ $screen->name }}</h2><button type="button" class="button quiet !px-1" data-need-do="close" aria-label="Close the requirements"><x-glyph name="x"/></button></div>
<form class="flex gap-2 border-b border-rule px-3 py-2" data-need-new><input class="field" name="title" maxlength="{{ Kindred\Document\Brief\Entry::MAX_TITLE }}" placeholder="What has to be possible here?" aria-label="New requirement"><button class="button">Add</button></form>
<ol class="need-list">
    @foreach ($coverage->on($screen->id) as $one)
        <li tabindex="0" data-need="{{ $one->requirement->id }}" data-lights="{{ implode(' ', array_map(fn ($tie) => $tie['layer'] ?? 'screen:'.$tie['screen'], array_filter($one->ties, fn ($tie) => $tie['screen'] !== null || $tie['layer'] !== null))) }}">
            <p><span class="status" data-status="{{ $one->status->value }}">{{ $one->status->value }}</span> {{ $one->requirement->called() }}</p>
            @foreach ($one->problems as $problem)<p class="finding">{{ $problem }}</p>@endforeach
            <p class="of-entry">
                @foreach ($one->ties as $tie)<span class="tie" data-fails="{{ $tie['problem'] === null ? 'false' : 'true' }}">{{ $tie['name'] }} <button type="button" data-need-do="untie" data-tie="{{ json_encode($tie['tie']->toArray()) }}" aria-label="Untie {{ $tie['name'] }}">×</button></span>@endforeach
                <button type="button" class="button quiet !min-h-0 !px-1" data-need-do="tie" title="Ties it to the layers that are selected, or to the screen">Tie the selection</button>
                <button type="button" class="button quiet !min-h-0 !px-1" data-need-do="tie-cue" title="Ties it to the cues of the one layer that is selected, or of the screen">Tie its cues</button>
            </p>
        </li>
    @endforeach
</ol>
@php($unasked = collect($coverage->unasked())->first(fn ($one) => $one['screen']->id === $screen->id))
<p class="px-3 py-2 text-ash">@if ($coverage->requirements === [])No requirements yet. Write one above, select what meets it, and tie it.
    @elseif ($unasked === null)Everything here is asked for.
    @elseif ($unasked['layers'] === null)No requirement asks for this screen.
    @else No requirement asks for: {{ implode(', ', array_map(fn ($layer) => $layer->name, $unasked['layers'])) }}.@endif</p>
