{{-- Numbers of a gradient; on the wall its line is dragged, unless it runs along a stroke. --}}
@php($lies = ! ($list === 'strokes' && ($values["{$at}.along"]['value'] ?? '') === 'true'))
@if ($lies && $has('angle'))<div class="row"><x-number :field="$at.'.angle'" label="Angle °" :values="$values"/></div>@endif
@if ($lies && $has('extent'))
    <x-choice :field="$at.'.circle'" label="Grows as" :values="$values" :options="['false' => 'an ellipse', 'true' => 'a circle']"/>
    <x-choice :field="$at.'.extent'" label="Reaches" :values="$values" :options="['closest-side' => 'closest side', 'farthest-side' => 'farthest side', 'closest-corner' => 'closest corner', 'farthest-corner' => 'farthest corner', 'own' => 'by its radii']"/>
    @if ($values["{$at}.extent"]['value'] === 'own')<div class="row two"><x-number :field="$at.'.radiusX'" label="Rx" :values="$values"/><x-number :field="$at.'.radiusY'" label="Ry" :values="$values"/></div>@endif
@endif
@if ($lies && $has('centreX'))<div class="row two wide"><x-number :field="$at.'.centreX'" label="Across" :values="$values" hint="Where the middle of the gradient lies"/><x-number :field="$at.'.centreY'" label="Down" :values="$values"/></div>@endif
@foreach ($coat['stops'] as $j => $stop)
    @php([$path, $id] = ["{$at}.stops.{$j}", "f-{$list}-{$i}-stops-{$j}-colour"])
    <div class="row stop">
        <label for="{{ $id }}">Stop {{ $j + 1 }}</label>
        <span class="with-well">
            <button type="button" class="well" data-do="colour" data-of="{{ $id }}" data-shows="{{ $values["{$path}.colour"]['value'] }}" aria-label="Stop {{ $j + 1 }}, choose" aria-haspopup="dialog"></button>
            <span class="tokened"><input class="field" id="{{ $id }}" data-field="{{ $path }}.colour" value="{{ $values["{$path}.colour"]['value'] }}" autocomplete="off" spellcheck="false"><x-token :field="$path.'.colour'" :label="'Stop '.($j + 1)" :token="$values[$path.'.colour']['token'] ?? null"/></span>
            <input class="field" id="f-{{ $list }}-{{ $i }}-stops-{{ $j }}-at" data-field="{{ $path }}.at" data-step="1" value="{{ $values["{$path}.at"]['value'] }}" aria-label="Place of stop {{ $j + 1 }}" title="Its place on the line" autocomplete="off">
            <button type="button" class="icon-button" data-do="remove-stop" data-id="{{ $at }}" data-at="{{ $j }}" aria-label="Remove stop {{ $j + 1 }}" title="Remove" @disabled(count($coat['stops']) < 3)><x-glyph name="minus"/></button>
        </span>
    </div>
@endforeach
<x-choice :field="$at.'.space'" label="Mixed in" :values="$values" :options="['srgb' => 'sRGB', 'oklab' => 'OKLab']"/>
<x-choice :field="$at.'.repeats'" label="Beyond" :values="$values" :options="['false' => 'goes on', 'true' => 'repeats']"/>
<div class="row"><span class="label">Stops</span><span class="flex gap-1">
    <button type="button" class="button !px-1.5" data-do="regradient" data-id="{{ $at }}" data-value="add" title="One more, where there is most room">Add</button>
    <button type="button" class="button !px-1.5" data-do="regradient" data-id="{{ $at }}" data-value="reverse" title="The other way round"><x-glyph name="arrow-left-right"/></button>
    <button type="button" class="button !px-1.5" data-do="regradient" data-id="{{ $at }}" data-value="even" title="Equally far apart"><x-glyph name="align-horizontal-distribute-center"/></button>
    @if ($lies && $has('angle'))<button type="button" class="button !px-1.5" data-do="regradient" data-id="{{ $at }}" data-value="turn" title="Turned by 90°"><x-glyph name="rotate-cw"/></button>@endif
    <button type="button" class="button !px-1.5" data-do="copy-css" data-of="f-{{ $list }}-{{ $i }}-paint" title="Copy as CSS"><x-glyph name="copy"/></button>
</span></div>
