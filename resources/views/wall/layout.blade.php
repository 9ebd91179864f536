{{-- How the selection is laid out: as a stack, in a stack, as an array, by its pins. --}}
@if (! $cell && collect($layers)->doesntContain(fn ($layer) => $layer->kind() === 'array'))
    <div class="row"><span class="label">Repeat</span><button class="button justify-start" data-do="array" title="Lay this out once for each row of a data sheet (Shift L)"><x-glyph name="layout-grid"/> Array</button></div>
    @if ($only?->isContainer())<div class="row"><span class="label"></span><button class="button justify-start" data-do="copies" title="Groups made of the same parts, on any screen"><x-glyph name="copy"/> Find copies</button></div>@endif
@endif
@if ($inference)
    <div class="row"><span class="label">Layout</span>
        <button class="button justify-start" data-do="stack" title="Lay these out as a stack (L)"><x-glyph name="stretch-horizontal"/> Stack
            @if ($inference->orderly)<span class="font-number text-[11px] text-ash">{{ $inference->stack->direction->value }}, gap {{ Kindred\Geometry\Number::text($inference->stack->rowGap) }}</span>@endif</button></div>
@elseif ($only?->isGroup())
    <div class="row"><span class="label">Layout</span><button class="button justify-start" data-do="stack" title="Lay out what lies in the group as a stack (L)"><x-glyph name="stretch-horizontal"/> Make it a stack</button></div>
@endif
@if ($values['width-from']['applies'])
    <div class="part">Size</div>
    <x-choice field="width-from" label="Width" :values="$values" :options="['length' => 'a length', 'content' => 'of its content', 'stretch' => 'stretches']"/>
    @if ($values['height-from']['applies'])<x-choice field="height-from" label="Height" :values="$values" :options="['length' => 'a length', 'content' => 'of its content', 'stretch' => 'stretches']"/>@endif
    <div class="row ends"><span class="label">Width</span><x-number field="min-width" label="min" :values="$values"/><x-number field="max-width" label="max" :values="$values"/></div>
    <div class="row ends"><span class="label">Height</span><x-number field="min-height" label="min" :values="$values"/><x-number field="max-height" label="max" :values="$values"/></div>
@endif
@if ($values['align-self']['applies'])
    <x-choice field="align-self" label="Align self" :values="$values" :options="['' => 'as the stack says', 'stretch' => 'stretch', 'flex-start' => 'start', 'center' => 'centre', 'flex-end' => 'end', 'baseline' => 'baseline']"/>
@endif
@if ($values['absolute']['applies'])
    <x-choice field="absolute" label="In the stack" :values="$values" :options="['false' => 'takes its place', 'true' => 'absolute: lies freely']"/>
@endif
@if ($values['direction']['applies'])
    <div class="part">Stack</div>
    <x-choice field="direction" label="Direction" :values="$values" :options="['row' => 'row →', 'column' => 'column ↓', 'row-reverse' => 'row reverse ←', 'column-reverse' => 'column reverse ↑']"/>
    <x-choice field="wrap" label="Wrap" :values="$values" :options="['nowrap' => 'no wrap', 'wrap' => 'wrap', 'wrap-reverse' => 'wrap reverse']"/>
    <div class="row ends"><span class="label">Gap</span><x-number field="row-gap" label="row" :values="$values"/><x-number field="column-gap" label="col" :values="$values"/></div>
    <div class="row"><x-number field="padding" label="Padding" :values="$values" :placeholder="$values['padding']['value'] === '' ? 'mixed' : ''"/></div>
    <div class="row four"><span class="label" title="Top, right, bottom, left">Each side</span>
        @foreach (['top', 'right', 'bottom', 'left'] as $side)
            <input class="field !px-1" data-field="padding-{{ $side }}" data-step="1" value="{{ $values["padding-{$side}"]['value'] }}" title="{{ ucfirst($side) }}" aria-label="Padding, {{ $side }}" autocomplete="off">
        @endforeach
    </div>
    <x-choice field="justify-content" label="Justify" :values="$values" :options="['flex-start' => 'start', 'center' => 'centre', 'flex-end' => 'end', 'space-between' => 'space between', 'space-around' => 'space around', 'space-evenly' => 'space evenly']"/>
    <x-choice field="align-items" label="Align items" :values="$values" :options="['flex-start' => 'start', 'center' => 'centre', 'flex-end' => 'end', 'stretch' => 'stretch', 'baseline' => 'baseline']"/>
    @if ($values['wrap']['value'] !== 'nowrap')
        <x-choice field="align-content" label="Align lines" :values="$values" :options="['flex-start' => 'start', 'center' => 'centre', 'flex-end' => 'end', 'stretch' => 'stretch', 'space-between' => 'space between', 'space-around' => 'space around', 'space-evenly' => 'space evenly']"/>
    @endif
@endif
@if ($values['columns-by']['applies'])
    <div class="part">Array</div>
    <x-choice field="columns-by" label="Columns" :values="$values" :options="['count' => 'a number', 'fit' => 'as many as fit']"/>
    @if ($values['columns']['applies'])<div class="row"><x-number field="columns" label="Number" :values="$values"/></div>@endif
    @if ($values['least-width']['applies'])<div class="row"><x-number field="least-width" label="Least width" :values="$values"/></div>@endif
    <div class="row ends"><span class="label">Gap</span><x-number field="row-gap" label="row" :values="$values"/><x-number field="column-gap" label="col" :values="$values"/></div>
    <x-choice field="cell-height" label="Rows" :values="$values" :options="['content' => 'as high as their cells', 'equal' => 'all equally high']"/>
    @if ($only)
        <div class="row"><span class="label">Data</span><span class="flex gap-1"><button class="button" data-do="sheet" data-id="{{ $only->id }}"><x-glyph name="table-2"/> Sheet</button><button class="button" data-do="detach" title="Make layers of the cells">Detach</button></span></div>
    @endif
@endif
@if ($values['pin-left']['applies'])
    <div class="part" title="The edges that the layer holds to when what it lies in changes its size">Pins</div>
    <div class="row"><span class="label" id="pins-label">Hold to</span>
        <span class="flex gap-1" role="group" aria-labelledby="pins-label">
            @foreach (['left', 'right', 'top', 'bottom'] as $edge)
                @php($held = $values["pin-{$edge}"]['value'] === 'true')
                <button class="button !px-1.5 text-[12px]" data-do="set" data-name="pin-{{ $edge }}" data-value="{{ $held ? 'false' : 'true' }}" aria-pressed="{{ $held ? 'true' : 'false' }}" aria-label="Pin {{ $edge }}">{{ $edge }}</button>
            @endforeach
        </span></div>
    @foreach (['horizontal' => ['left', 'right', 'Across'], 'vertical' => ['top', 'bottom', 'Down']] as $axis => [$near, $far, $label])
        @if ($values["pin-{$near}"]['value'] === 'false' && $values["pin-{$far}"]['value'] === 'false')
            <x-choice :field="'pin-'.$axis" :label="$label" :values="$values" :options="['middle' => 'keeps its middle', 'proportion' => 'keeps its proportion']"/>
        @endif
    @endforeach
@endif
