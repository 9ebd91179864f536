@php($any = false)
@foreach ($groups as $group => $names)
    @if ($group !== '')<h3 class="label col-span-full mt-1">{{ $group }}</h3>@endif
    @foreach ($names as $name)
        @php($any = true)
        <span class="choice"><button type="button" data-icon="{{ $name }}" @isset($lines[$name]) data-line="{{ $lines[$name] }}" @endisset title="{{ $name }}" aria-label="{{ $name }}"><x-glyph :name="$name"/></button>
            <button type="button" class="mark" data-favourite="{{ $name }}" aria-pressed="{{ in_array($name, $favourites, true) ? 'true' : 'false' }}" title="Favourite" aria-label="Favourite: {{ $name }}"><x-glyph name="star"/></button>
            @if ($group === 'Of this project')<button type="button" class="mark last" data-remove="{{ $name }}" title="Remove from the project" aria-label="Remove from the project: {{ $name }}"><x-glyph name="x"/></button>@endif
        </span>
    @endforeach
@endforeach
@if (! $any)
    <p class="col-span-full text-ash">No icon answers to that. Try a plainer word, such as “fire” or “person”.</p>
@endif
