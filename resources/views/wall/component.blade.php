{{-- The sheet of a component: its states, its slots, where it is used. --}}
@php([$one, $component] = [$sheet['screen'], $sheet['component']])
<div class="subject"><input value="{{ $one->name }}" data-screen-field="name" aria-label="Name of the component" maxlength="120"><span class="kind">component</span></div>
<details class="facet" id="facet-states" data-facet="states" open>
    <summary><b title="What is otherwise in a state is changed where that state shows on the sheet">States</b><span class="gist">{{ implode(' × ', array_map(fn ($axis) => $axis->name, $component->axes)) ?: 'one' }}</span></summary>
    <div class="rows" data-component-of="{{ $one->id }}">
        @foreach ($component->axes as $axis)
            <div class="row"><label for="axis-{{ $axis->id }}">Axis</label><input class="field" id="axis-{{ $axis->id }}" data-axis-name="{{ $axis->id }}" value="{{ $axis->name }}" maxlength="120" autocomplete="off"></div>
            @foreach ($axis->states as $state)
                <div class="row"><span class="label">@if ($loop->first)<span title="How the layers are designed">first</span>@endif</span><span class="flex min-w-0 gap-1">
                    <input class="field" data-axis-name="{{ $axis->id }}" data-state="{{ $state->id }}" value="{{ $state->name }}" aria-label="Name of state {{ $state->name }}" maxlength="120" autocomplete="off">
                    @if (! $loop->first)<button type="button" class="button quiet !px-1.5" data-do="remove-state" data-axis-id="{{ $axis->id }}" data-id="{{ $state->id }}" aria-label="Remove state {{ $state->name }}" title="Remove; instances show {{ $axis->states[0]->name }} then"><x-glyph name="x"/></button>@endif
                </span></div>
            @endforeach
            <div class="row"><label for="more-{{ $axis->id }}">Add</label><input class="field" id="more-{{ $axis->id }}" data-add-state="{{ $axis->id }}" placeholder="pressed, off …" maxlength="120" autocomplete="off"></div>
        @endforeach
        <div class="row"><label for="add-axis">{{ $component->axes === [] ? 'Add' : 'New axis' }}</label><input class="field" id="add-axis" data-add-state="{{ $component->axes === [] ? 'first' : '' }}" placeholder="{{ $component->axes === [] ? 'a state: pressed …' : 'large, quiet …' }}" maxlength="120" autocomplete="off"></div>
        @if ($component->axes !== [])<p class="text-ash">Each state shows on the sheet. Go into it (Enter) and change what is otherwise there; all else follows the design.</p>@endif
    </div>
</details>
<details class="facet" id="facet-slots" data-facet="slots" open>
    <summary><b title="What each instance fills in for itself">Slots</b><span class="gist">{{ count($component->slots) }}</span></summary>
    <div class="rows" data-component-of="{{ $one->id }}">
        @foreach ($component->slots as $slot)
            <div class="row"><span class="label truncate" title="{{ ($tree->layers[$slot->layer] ?? null)?->name }}">{{ App\Canvas\ComponentFacets::called($slot->path) }}</span><span class="flex min-w-0 gap-1">
                <input class="field" data-slot-name="{{ json_encode($slot->toArray()) }}" value="{{ $slot->name }}" aria-label="Name of slot {{ $slot->name }}" maxlength="120" autocomplete="off">
                <button type="button" class="button quiet !px-1.5" data-do="remove-slot" data-id="{{ $slot->id }}" aria-label="Remove slot {{ $slot->name }}" title="No slot any more; what is filled in stays"><x-glyph name="x"/></button>
            </span></div>
        @endforeach
        @if ($sheet['offers'] !== [])
            <div class="row"><label for="add-slot">Add</label><select class="field" id="add-slot" data-add-slot>
                <option value="">a slot…</option>
                @foreach ($sheet['offers'] as $offer)<option value="{{ json_encode(['layer' => $offer['layer'], 'path' => $offer['path'], 'name' => $offer['name']]) }}">{{ $offer['says'] }}</option>@endforeach
            </select></div>
        @endif
    </div>
</details>
<details class="facet" id="facet-uses" data-facet="uses" open>
    <summary><b>Used</b><span class="gist">{{ $sheet['uses'] === [] ? 'nowhere' : count($sheet['uses']).($sheet['more'] ? ' and more' : '') }}</span></summary>
    <div class="rows" data-component-of="{{ $one->id }}">
        @if ($sheet['uses'] === [])<p class="text-ash">Not used yet. Take it from the kit (K), where it stands first.</p>@endif
        <ul class="grid justify-items-start gap-0.5">
            @foreach ($sheet['uses'] as $place)
                <li><button class="button quiet !min-h-0 !justify-start !px-1 text-left" data-do="go" data-screen="{{ $place['screen']?->id }}" data-layer="{{ $place['layer']->id }}" title="Go there">{{ $place['called'] }}, {{ $place['screen'] ? "on {$place['screen']->name}" : 'on the wall' }}</button></li>
            @endforeach
        </ul>
        <div class="row"><label for="instead">Delete</label><select class="field" id="instead" data-remove-component>
            <option value="">choose what becomes…</option>
            <option value="release">{{ $sheet['uses'] === [] ? 'delete it' : 'delete it; they are released into layers' }}</option>
            @foreach ($sheet['others'] as $other)<option value="{{ $other->id }}">delete it; they become “{{ $other->name }}”</option>@endforeach
        </select></div>
    </div>
</details>
<details class="facet" id="facet-sheet" data-facet="sheet" open>
    <summary><b>Sheet</b><span class="gist">{{ Kindred\Geometry\Number::text($one->box->width) }} × {{ Kindred\Geometry\Number::text($one->box->height) }}</span></summary>
    <div class="rows">
        <div class="row two">
            @foreach (['x' => 'X', 'y' => 'Y', 'width' => 'W', 'height' => 'H'] as $field => $label)
                <label for="f-{{ $field }}">{{ $label }}</label><input class="field" id="f-{{ $field }}" data-screen-field="{{ $field }}" data-step="1" value="{{ Kindred\Geometry\Number::text($one->box->{$field}) }}" autocomplete="off">
            @endforeach
        </div>
        <x-colour field="ground" label="Background" :value="$one->ground->toHex()" :mixed="false" :screen="true" :none="false" :token="$groundToken"/>
    </div>
</details>
