{{-- How a screen lies over others, wherever it is laid over one. --}}
@php
    $over = $owner->over ?? Kindred\Document\Overlay::usual();
    $coming = $over->coming();
@endphp
<details class="cue-part" id="over-{{ $owner->id }}">
    <summary class="row"><span class="label">Laid over</span><span class="gist" title="Where it lies when a cue lays it over another screen">{{ $over->place->label() }}</span></summary>
    <div class="grid gap-1.5 pt-1.5">
    <div class="row"><label for="o-place">Place</label>
        <select class="field" id="o-place" data-screen-field="over.place">@foreach (Kindred\Document\Anchor::cases() as $place)<option value="{{ $place->value }}" @selected($place === $over->place)>{{ $place->label() }}</option>@endforeach</select></div>
    @if ($over->place === Kindred\Document\Anchor::Hand)
        <div class="row two"><label for="o-x">X</label><input class="field" id="o-x" data-screen-field="over.x" data-step="1" value="{{ Kindred\Geometry\Number::text($over->x) }}" autocomplete="off"><label for="o-y">Y</label><input class="field" id="o-y" data-screen-field="over.y" data-step="1" value="{{ Kindred\Geometry\Number::text($over->y) }}" autocomplete="off"></div>
    @endif
    @foreach (['width' => 'Width', 'height' => 'Height'] as $side => $label)
        <div class="row"><label for="o-{{ $side }}">{{ $label }}</label>
            <select class="field" id="o-{{ $side }}" data-screen-field="over.{{ $side }}">@foreach (Kindred\Document\Span::cases() as $span)<option value="{{ $span->value }}" @selected($span === $over->{$side})>{{ $span->label() }}</option>@endforeach</select></div>
    @endforeach
    <div class="row"><label for="o-margin" title="Kept free between it and the edges of what is seen below, px">Margin px</label><input class="field" id="o-margin" data-screen-field="over.margin" data-step="1" value="{{ Kindred\Geometry\Number::text($over->margin) }}" autocomplete="off"></div>
    <x-colour field="over.scrim" label="Scrim" :value="$over->scrim->toHex()" :mixed="false" :screen="true" :none="false"/>
    <div class="row"><label for="o-blur">Blur px</label><input class="field" id="o-blur" data-screen-field="over.blur" data-step="1" value="{{ Kindred\Geometry\Number::text($over->blur) }}" autocomplete="off"></div>
    <div class="row"><span class="label">Goes</span><label class="flex items-center gap-1"><input type="checkbox" data-screen-field="over.outside" @checked($over->outside)> by a tap beside it</label></div>
    <div class="row"><span class="label"></span><label class="flex items-center gap-1"><input type="checkbox" data-screen-field="over.dragged" @checked($over->dragged)> dragged away</label></div>
    <div class="row"><label for="o-kind">Comes by</label>
        <select class="field" id="o-kind" data-screen-field="over.transition.kind">@foreach (Kindred\Document\Cue\TransitionKind::over() as $kind)<option value="{{ $kind->value }}" @selected($kind === $coming->kind)>{{ $kind->value }}</option>@endforeach</select></div>
    @if ($coming->kind->directed())
        <div class="row"><label for="o-way" title="The way in which it moves">Direction</label>
            <select class="field" id="o-way" data-screen-field="over.transition.direction">@foreach (Kindred\Document\Cue\Direction::cases() as $way)<option value="{{ $way->value }}" @selected($way === $coming->direction)>{{ $way->value }}</option>@endforeach</select></div>
    @endif
    @if ($coming->kind !== Kindred\Document\Cue\TransitionKind::Cut)
        <div class="row"><label for="o-time">Duration ms</label><input class="field" id="o-time" data-screen-field="over.transition.duration" data-step="10" value="{{ $coming->duration }}" autocomplete="off"></div>
        <div class="row"><label for="o-ease">Easing</label><input class="field" id="o-ease" data-screen-field="over.transition.easing" value="{{ $coming->easing->text() }}" autocomplete="off" spellcheck="false"></div>
    @endif
    </div>
</details>
