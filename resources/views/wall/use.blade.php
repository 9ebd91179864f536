{{-- An instance, or several of one component: its states, what it fills in, what it has for itself. --}}
<details class="facet" id="facet-component" data-facet="component" open>
    <summary><b title="A component is designed once and used as often as you like">Component</b><span class="gist">{{ $use['component']?->name ?? 'not there' }}</span></summary>
    <div class="rows">
        @if ($use['component'] === null)
            <p class="text-plum" role="status">Its component was deleted. Bring that back with undo, or exchange this for another one.</p>
        @else
            @foreach ($use['axes'] as $axis)
                <div class="row"><label for="use-{{ $axis['id'] }}">{{ $axis['name'] }}</label>
                    <select class="field" id="use-{{ $axis['id'] }}" data-axis="{{ $axis['id'] }}">
                        @if ($axis['value'] === null)<option selected disabled>mixed</option>@endif
                        @foreach ($axis['states'] as $id => $name)<option value="{{ $id }}" @selected($id === $axis['value'])>{{ $name }}</option>@endforeach
                    </select></div>
            @endforeach
            @foreach ($use['slots'] as $slot)
                @php($path = $slot['slot']->path)
                <div @class(['row', 'own' => $slot['own']])><label for="slot-{{ $slot['slot']->id }}" title="{{ $slot['own'] ? 'Filled in here' : 'As the component has it' }}">{{ $slot['slot']->name }}</label><span class="flex min-w-0 gap-1">
                    @if ($path === 'hidden')
                        <label class="flex flex-1 items-center gap-1"><input type="checkbox" id="slot-{{ $slot['slot']->id }}" data-slot="{{ $slot['address'] }}" data-path="hidden" @checked($slot['value'] === 'yes')> shown</label>
                    @elseif ($path === 'component')
                        <select class="field" id="slot-{{ $slot['slot']->id }}" data-slot="{{ $slot['address'] }}" data-path="component">@foreach ($tree->sheets() as $sheetOf)<option value="{{ $sheetOf->id }}" @selected($sheetOf->id === $slot['value'])>{{ $sheetOf->name }}</option>@endforeach</select>
                    @elseif ($path === 'asset')
                        <button type="button" class="button flex-1" id="slot-{{ $slot['slot']->id }}" data-do="slot-picture" data-id="{{ $slot['address'] }}"><x-glyph name="image"/> Choose…</button>
                    @elseif ($path === 'icon')
                        <button type="button" class="button flex-1" id="slot-{{ $slot['slot']->id }}" data-do="slot-icon" data-id="{{ $slot['address'] }}" title="Another icon"><x-glyph name="smile"/> {{ $slot['value'] }}</button>
                    @else
                        <input class="field" id="slot-{{ $slot['slot']->id }}" data-slot="{{ $slot['address'] }}" data-path="{{ $path }}" value="{{ $slot['value'] }}" autocomplete="off">
                    @endif
                    @if ($slot['own'])<button type="button" class="button quiet !px-1.5" data-do="reset-override" data-id="{{ $slot['address'] }}" data-field-path="{{ $path }}" title="As the component has it" aria-label="{{ $slot['slot']->name }} as the component has it"><x-glyph name="undo-2"/></button>@endif
                </span></div>
            @endforeach
            @if ($use['overrides'] !== [])
                <p class="text-ash">It has its own</p>
                <ul class="grid gap-0.5">
                    @foreach ($use['overrides'] as $one)
                        <li class="flex items-center gap-1"><span class="flex-1 truncate">{{ $one['says'] }}</span><button type="button" class="button quiet !min-h-0 !px-1.5" data-do="reset-override" data-id="{{ $one['address'] }}" data-field-path="{{ $one['path'] }}" title="As the component has it" aria-label="{{ $one['says'] }}, as the component has it"><x-glyph name="undo-2"/></button></li>
                    @endforeach
                </ul>
            @endif
        @endif
        <div class="row"><label for="use-other">Exchange</label><select class="field" id="use-other" data-exchange title="Slots and states that are called the same are kept">
            <option value="">{{ $use['others'] === [] ? 'none other here' : 'for another component…' }}</option>
            @foreach ($use['others'] as $other)<option value="{{ $other->id }}">{{ $other->name }}</option>@endforeach
        </select></div>
        <div class="row"><span class="label"></span><span class="flex flex-wrap gap-1">
            @if ($use['component'])<button type="button" class="button !px-1.5" data-do="go" data-screen="{{ $use['component']->id }}" title="Shows where it is designed"><x-glyph name="leaf"/> Go to it</button>@endif
            <button type="button" class="button !px-1.5" data-do="release-use" title="Layers of their own, which no longer follow the component">Release</button>
        </span></div>
    </div>
</details>
