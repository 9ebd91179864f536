{{-- Shadows, blur, adjustments, what lies behind: a line for each, its details in place. --}}
@php($lasts = count($effects) - 1)
@foreach ($effects as $i => $effect)
    @php([$at, $id, $low] = ["effects.{$i}", "f-effects-{$i}-colour", strtolower($effect['label'])])
    @php($has = fn (string $part): bool => $values["{$at}.{$part}"]['applies'] ?? false)
    <div class="coat" data-coat="{{ $at }}">
        <div class="row">
            <label for="{{ $main = match ($effect['kind']) { 'shadow' => "f-effects-{$i}-effect", 'blur' => "f-effects-{$i}-radius", default => "f-effects-{$i}-adjustment-".($effect['kind'] === 'backdrop' ? 'blur' : 'brightness') } }}" data-lift draggable="true" title="Drag up or down to reorder">{{ $effect['label'] }}</label>
            <span class="with-well @if ($effect['kind'] !== 'shadow') plain @endif">
                @if ($effect['kind'] === 'shadow')
                    <button type="button" class="well" data-do="colour" data-of="{{ $id }}" data-shows="{{ $effect['shows'] }}" aria-label="{{ $effect['label'] }}, choose" aria-haspopup="dialog"></button>
                    <span class="tokened"><input class="field" id="{{ $main }}" data-field="{{ $at }}.effect" value="{{ $values["{$at}.effect"]['value'] }}" @if ($values["{$at}.effect"]['mixed']) placeholder="mixed" @endif title="As CSS writes it: inset 0 2px 8px #00000040; at the end the sides on which it shows, where not on all: top" autocomplete="off" spellcheck="false"><x-token :field="$at.'.effect'" :label="$effect['label']" :token="$values[$at.'.effect']['token'] ?? null"/></span>
                @elseif ($effect['kind'] === 'blur')
                    <input class="field" id="{{ $main }}" data-field="{{ $at }}.radius" data-step="1" value="{{ $values["{$at}.radius"]['value'] }}" aria-label="Radius of the blur" autocomplete="off" spellcheck="false">
                @else
                    <output class="gist">{{ $effect['says'] }}</output>
                @endif
                <button type="button" class="icon-button" data-do="set" data-name="{{ $at }}.hidden" data-value="{{ $effect['hidden'] ? 'false' : 'true' }}" aria-pressed="{{ $effect['hidden'] ? 'true' : 'false' }}" title="{{ $effect['hidden'] ? 'Show' : 'Hide' }}" aria-label="{{ $effect['hidden'] ? 'Show' : 'Hide' }} {{ $low }} {{ $i + 1 }}"><x-glyph :name="$effect['hidden'] ? 'eye-off' : 'eye'"/></button>
                <button type="button" class="icon-button" data-do="details" data-id="{{ $at }}" aria-expanded="false" aria-controls="d-effects-{{ $i }}" title="Details" aria-label="Details of {{ $low }} {{ $i + 1 }}"><x-glyph name="sliders-horizontal"/></button>
            </span>
        </div>
        <div class="details" id="d-effects-{{ $i }}" data-details="{{ $at }}" hidden>
            @if ($effect['kind'] === 'shadow')
                <x-colour :field="$at.'.colour'" label="Colour" :value="$values[$at.'.colour']['value']" :mixed="$values[$at.'.colour']['mixed']" :none="false" :token="$values[$at.'.colour']['token'] ?? null"/>
                <div class="row two wide"><x-number :field="$at.'.offsetX'" label="Across" :values="$values"/><x-number :field="$at.'.offsetY'" label="Down" :values="$values"/></div>
                <div class="row"><x-number :field="$at.'.blur'" label="Blur" :values="$values"/></div>
                @if ($has('spread'))<div class="row"><x-number :field="$at.'.spread'" label="Spread" :values="$values"/></div>@endif
                @if ($has('inner'))<x-choice :field="$at.'.inner'" label="Falls" :values="$values" :options="['false' => 'outside', 'true' => 'inside']"/>@endif
                @if ($has('top'))
                    <div class="row"><span class="label">Shows</span><span class="flex gap-1" role="group" aria-label="Sides of the {{ $low }}">
                        @foreach (['top', 'right', 'bottom', 'left'] as $side)
                            @php($on = $values["{$at}.{$side}"]['value'] === 'true')
                            <button type="button" class="button !min-h-0 !px-1.5 text-[11px]" data-do="set" data-name="{{ $at }}.{{ $side }}" data-value="{{ $on ? 'false' : 'true' }}" data-alone="{{ $at }}" aria-pressed="{{ $on ? 'true' : 'false' }}" title="Shift: on this side alone">{{ $side }}</button>
                        @endforeach
                    </span></div>
                @endif
            @endif
            @if ($has('adjustment.brightness'))@include('wall.adjustment', ['of' => "{$at}.adjustment"])@endif
            @include('wall.entry', ['list' => 'effects', 'what' => $low, 'last' => $lasts])
        </div>
    </div>
@endforeach
<div class="row"><span class="label">Effects</span><span class="flex gap-1">
    <button type="button" class="button quiet !min-h-0 !px-1" data-do="add-to-list" data-list="effects" data-entry="{{ json_encode(['colour' => '#00000040', 'offsetY' => 2, 'blur' => 8]) }}"><x-glyph name="plus"/> Shadow</button>
    <select class="field min-w-0 flex-1" data-add-effect aria-label="Add another effect">
        <option value="">another…</option>
        @foreach ($freshEffects as $word => [$list, $entry])<option value="{{ json_encode(['list' => $list, 'entry' => $entry]) }}">{{ $word }}</option>@endforeach
    </select>
</span></div>
