{{-- What the eye meets first on a screen, and the order that is meant. --}}
<ol class="prominent" data-heat="{{ json_encode($heat) }}" data-screen="{{ $screen->id }}">
    @foreach ($weighed as $one)
        <li><button type="button" data-eye="go" data-layer="{{ $one->thing->address }}" title="Go there"><svg class="bar" viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true"><rect width="{{ round($one->prominence() / $max, 3) }}" height="1"/></svg><span class="truncate">{{ $one->thing->layer->name }}</span></button></li>
    @endforeach
</ol>
@if ($weighed === [])<p class="text-ash">There is nothing on it yet.</p>@endif
<p class="check-head"><label class="flex items-center gap-1"><input type="checkbox" data-eye="heat"> On the wall</label>
    <button type="button" class="button quiet" data-eye="set" title="The layers that are selected, in the order in which you selected them, are to be met first">Meant: as selected</button></p>
@if ($reading->order !== [])
    <p class="text-ash">{{ $reading->from }}: {{ implode(', ', array_map(fn ($one) => $one->thing->layer->name, $reading->order)) }}.
        @if ($reading->byHand)<button type="button" class="button quiet !min-h-0 !px-1.5" data-eye="clear">Forget</button>@endif</p>
@endif
