{{-- The details of one fill or stroke. --}}
@php($has = fn (string $part): bool => $values["{$at}.{$part}"]['applies'] ?? false)
<div class="row">
    <label for="f-{{ $list }}-{{ $i }}-kind">Paint</label>
    <select class="field" id="f-{{ $list }}-{{ $i }}-kind" data-repaint="{{ $at }}">
        @if ($coat['kind'] === '')<option value="" selected disabled>mixed</option>@endif
        @foreach ($kinds[$list] as $kind)<option value="{{ $kind::kind() }}" @selected($coat['kind'] === $kind::kind())>{{ strtolower($kind::label()) }}</option>@endforeach
    </select>
</div>
@if ($list === 'strokes' && $has('stops') && $has('along'))<x-choice :field="$at.'.along'" label="Runs" :values="$values" :options="['false' => 'across the shape', 'true' => 'along the line']"/>@endif
@if ($has('stops'))
    @include('wall.gradient')
@endif
@if ($has('seed'))
    <div class="row"><x-number :field="$at.'.seed'" label="Seed" :values="$values"/></div>
    <div class="row"><x-number :field="$at.'.scale'" label="Grain" step="0.25" :values="$values" hint="The side of a cell, px"/></div>
    <div class="row"><x-number :field="$at.'.strength'" label="Strength" :values="$values"/></div>
    <x-choice :field="$at.'.coloured'" label="Noise" :values="$values" :options="['false' => 'of one tone', 'true' => 'coloured']"/>
@endif
@if ($has('fit'))
    <div class="row"><span class="label">Picture</span><button type="button" class="button justify-start" data-do="paint-picture" data-id="{{ $at }}" title="Another picture, laid in the same way"><x-glyph name="replace"/> Replace</button></div>
    <x-choice :field="$at.'.fit'" label="Fits by" :values="$values" :options="['cover' => 'cover', 'contain' => 'contain', 'fill' => 'fill', 'repeat' => 'repeat']"/>
    <div class="row"><x-number :field="$at.'.zoom'" label="Zoom" :values="$values"/></div>
    <div class="row two"><x-number :field="$at.'.positionX'" label="Left" :values="$values"/><x-number :field="$at.'.positionY'" label="Top" :values="$values"/></div>
@endif
@if ($has('adjustment.brightness'))@include('wall.adjustment', ['of' => "{$at}.adjustment"])@endif
@if ($list === 'strokes')
    <div class="row"><x-number :field="$at.'.width'" label="Width" :values="$values"/></div>
    @if ($has('position'))<x-choice :field="$at.'.position'" label="Lies" :values="$values" :options="['inside' => 'inside', 'centre' => 'centre', 'outside' => 'outside']"/>@endif
    @if ($has('sides.top'))
        <div class="row four"><span class="label" title="Width at the top, on the right, at the bottom, on the left; a width of the stroke sets all of them">Each side</span>
            @foreach (['top', 'right', 'bottom', 'left'] as $side)
                <input class="field !px-1" data-field="{{ $at }}.sides.{{ $side }}" data-step="1" value="{{ $values["{$at}.sides.{$side}"]['value'] }}" title="{{ ucfirst($side) }}" aria-label="{{ $word }} width, {{ $side }}" autocomplete="off">
            @endforeach
        </div>
    @endif
    <div class="row"><x-number :field="$at.'.dash'" label="Dashes" :values="$values" hint="Lengths of dashes and gaps in turn, px: 4 2; empty for an unbroken line" placeholder="none"/></div>
    <div class="row"><span class="label"></span><span class="flex gap-1">
        <button type="button" class="button !px-1.5" data-do="line-of" data-id="{{ $at }}" data-value="dots" title="Round dots, as far apart as they are wide">Dots</button>
        <button type="button" class="button !px-1.5" data-do="line-of" data-id="{{ $at }}" data-value="dashes" title="Dashes, three times as long as the stroke is wide">Dashes</button>
        <button type="button" class="button !px-1.5" data-do="line-of" data-id="{{ $at }}" data-value="line" title="An unbroken line">Line</button>
    </span></div>
    <x-choice :field="$at.'.cap'" label="Ends" :values="$values" :options="['butt' => 'flat', 'round' => 'round', 'square' => 'square']"/>
    @if ($has('start'))
        <x-choice :field="$at.'.start'" label="Starts" :values="$values" :options="['none' => 'plain', 'arrow' => 'with an arrow', 'dot' => 'with a dot', 'bar' => 'with a bar']"/>
        <x-choice :field="$at.'.end'" label="Ends in" :values="$values" :options="['none' => 'nothing', 'arrow' => 'an arrow', 'dot' => 'a dot', 'bar' => 'a bar']"/>
    @endif
    <x-choice :field="$at.'.join'" label="Joins" :values="$values" :options="['miter' => 'mitred', 'round' => 'round', 'bevel' => 'bevelled']"/>
@endif
@if ($has('opacity'))<div class="row"><x-number :field="$at.'.opacity'" label="Opacity" :values="$values"/></div>@endif
@if ($has('blend'))<x-choice :field="$at.'.blend'" label="Blend" :values="$values" :options="Kindred\Document\Edit\Field::find('blend')?->options() ?? []"/>@endif
