{{-- What a merge would change, before it is made. --}}
@php($shows = fn ($plain) => ['value' => $aspect::value($plain), 'kind' => $aspect::value($plain)::kind()])
<div class="grid gap-2">
    <fieldset class="from"><legend class="label">{{ $aspect::label() }}</legend>
        @foreach ($from as $i => $plain)
            <label class="choice"><input type="checkbox" name="from" value="{{ Kindred\Style\Inventory::id($plain) }}" checked>@include('house.sample', $shows($plain))<span>{{ $aspect::shown($plain) }}</span></label>
        @endforeach
    </fieldset>
    <label class="row"><span class="label">Become</span>
        <select class="field" name="to">
            @foreach ($from as $plain)<option value="{{ Kindred\Style\Inventory::id($plain) }}" @selected($token === null && Kindred\Style\Inventory::id($plain) === Kindred\Style\Inventory::id($to))>{{ $aspect::shown($plain) }}</option>@endforeach
            @foreach ($tokens as $one)<option value="{{ Kindred\Style\Inventory::id($to) }}" data-token="{{ $one->id }}" @selected($one->id === $token)>{{ $one->name }} {{ $one->value->css() }}</option>@endforeach
        </select></label>
    @php($parts = array_filter([
        $screens > 0 || $layers > 0 ? ($layers === 1 ? 'one layer' : number_format($layers).' layers').' on '.($screens === 1 ? 'one screen' : "{$screens} screens") : '',
        $components > 0 ? 'the states of '.($components === 1 ? 'one component' : "{$components} components") : '',
    ]))
    <p data-said>{{ $parts === [] ? 'Nothing would change.' : ucfirst(implode(', and ', $parts)).' would change, as one step.' }}</p>
</div>
@include('house.pictures')
