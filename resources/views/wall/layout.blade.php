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
@if ($values['sizing.width']['applies'])
    <div class="part">Size</div>
    <x-choice field="sizing.width" label="Width" :values="$values" :options="['length' => 'a length', 'content' => 'of its content', 'stretch' => 'stretches']"/>
    @if ($values['sizing.height']['applies'])<x-choice field="sizing.height" label="Height" :values="$values" :options="['length' => 'a length', 'content' => 'of its content', 'stretch' => 'stretches']"/>@endif
    <div class="row ends"><span class="label">Width</span><x-number field="sizing.minWidth" label="min" :values="$values"/><x-number field="sizing.maxWidth" label="max" :values="$values"/></div>
    <div class="row ends"><span class="label">Height</span><x-number field="sizing.minHeight" label="min" :values="$values"/><x-number field="sizing.maxHeight" label="max" :values="$values"/></div>
@endif
@if ($values['sizing.alignSelf']['applies'])
    <x-choice field="sizing.alignSelf" label="Align self" :values="$values" :options="['' => 'as the stack says', 'stretch' => 'stretch', 'flex-start' => 'start', 'center' => 'centre', 'flex-end' => 'end', 'baseline' => 'baseline']"/>
@endif
@if ($values['sizing.absolute']['applies'])
    <x-choice field="sizing.absolute" label="In the stack" :values="$values" :options="['false' => 'takes its place', 'true' => 'absolute: lies freely']"/>
@endif
@if ($values['direction']['applies'])
    <div class="part">Stack</div>
    <x-choice field="direction" label="Direction" :values="$values" :options="['row' => 'row →', 'column' => 'column ↓', 'row-reverse' => 'row reverse ←', 'column-reverse' => 'column reverse ↑']"/>
    <x-choice field="wrap" label="Wrap" :values="$values" :options="['nowrap' => 'no wrap', 'wrap' => 'wrap', 'wrap-reverse' => 'wrap reverse']"/>
    <div class="row ends"><span class="label">Gap</span><x-number field="rowGap" label="row" :values="$values"/><x-number field="columnGap" label="col" :values="$values"/></div>
    <div class="row"><x-number field="padding" label="Padding" :values="$values" :placeholder="$values['padding']['value'] === '' ? 'mixed' : ''"/></div>
    <div class="row four"><span class="label" title="Top, right, bottom, left">Each side</span>
        @foreach (['top', 'right', 'bottom', 'left'] as $side)
            <input class="field !px-1" data-field="padding.{{ $side }}" data-step="1" value="{{ $values["padding.{$side}"]['value'] }}" title="{{ ucfirst($side) }}" aria-label="Padding, {{ $side }}" autocomplete="off">
        @endforeach
    </div>
    <x-choice field="justifyContent" label="Justify" :values="$values" :options="['flex-start' => 'start', 'center' => 'centre', 'flex-end' => 'end', 'space-between' => 'space between', 'space-around' => 'space around', 'space-evenly' => 'space evenly']"/>
    <x-choice field="alignItems" label="Align items" :values="$values" :options="['flex-start' => 'start', 'center' => 'centre', 'flex-end' => 'end', 'stretch' => 'stretch', 'baseline' => 'baseline']"/>
    @if ($values['wrap']['value'] !== 'nowrap')
        <x-choice field="alignContent" label="Align lines" :values="$values" :options="['flex-start' => 'start', 'center' => 'centre', 'flex-end' => 'end', 'stretch' => 'stretch', 'space-between' => 'space between', 'space-around' => 'space around', 'space-evenly' => 'space evenly']"/>
    @endif
@endif
@if ($values['scroll.axes']['applies'])
    <x-choice field="scroll.axes" label="Scrolls" :values="$values" :options="['none' => 'not at all', 'down' => 'down', 'across' => 'across', 'both' => 'both ways']"/>
    @if ($values['scroll.axes']['value'] !== 'none')
        <x-choice field="scroll.snap" label="Snaps" :values="$values" :options="['none' => 'nowhere', 'start' => 'to the start of a layer', 'center' => 'to its middle']"/>
        <x-choice field="scroll.overscroll" label="At the ends" :values="$values" :options="['bounce' => 'gives way and comes back', 'stop' => 'stops']"/>
        <x-choice field="scroll.momentum" label="Let go" :values="$values" :options="['true' => 'goes on and slows down', 'false' => 'stays where it is']"/>
        <x-choice field="scroll.pages" label="Page" :values="$values" :options="['' => 'nothing tells it'] + $pages"/>
    @endif
@endif
@if (! $cell && ! $values['scroll.axes']['applies'] && (count($layers) > 1 || $only?->isContainer() || $only?->content instanceof Kindred\Document\Layer\Expanding))
    <div class="row"><span class="label">Scrolls</span><button class="button justify-start" data-do="scroll" title="What is selected comes to lie in a container that is scrolled in a rehearsal, and ends where the screen ends"><x-glyph name="chevrons-up-down"/> Let it scroll</button></div>
@endif
@if ($values['position']['applies'] && $scrolled)
    <x-choice field="position" label="Scrolled" :values="$values" :options="['static' => 'goes along'] + ($only?->parent === null ? ['fixed' => 'stays in the window'] : []) + ['sticky' => 'sticks to the top']"/>
@endif
@if ($values['cellHeight']['applies'])
    <div class="part">Array</div>
    @php($columns = $values['columns'])
    <div class="row">
        <label for="f-columns-by">Columns</label>
        <select class="field" id="f-columns-by" data-field="columns">
            @if ($columns['mixed'])<option selected disabled>mixed</option>@endif
            <option value="{{ $columns['value'] ?: 2 }}" @selected(! $columns['mixed'] && $columns['value'] !== '')>a number</option>
            <option value="" @selected(! $columns['mixed'] && $columns['value'] === '')>as many as fit</option>
        </select>
    </div>
    @if ($columns['value'] !== '')<div class="row"><x-number field="columns" label="Number" :values="$values"/></div>@elseif (! $columns['mixed'])<div class="row"><x-number field="minWidth" label="Min width" :values="$values"/></div>@endif
    <div class="row ends"><span class="label">Gap</span><x-number field="rowGap" label="row" :values="$values"/><x-number field="columnGap" label="col" :values="$values"/></div>
    <x-choice field="cellHeight" label="Rows" :values="$values" :options="['content' => 'as high as their cells', 'equal' => 'all equally high']"/>
    @if ($only)
        <div class="row"><span class="label">Data</span><span class="flex gap-1"><button class="button" data-do="sheet" data-id="{{ $only->id }}"><x-glyph name="table-2"/> Sheet</button><button class="button" data-do="detach" title="Make layers of the cells">Detach</button></span></div>
    @endif
@endif
@if ($values['pins.left']['applies'])
    <div class="part" title="The edges that the layer holds to when what it lies in changes its size">Pins</div>
    <div class="row"><span class="label" id="pins-label">Hold to</span>
        <span class="flex gap-1" role="group" aria-labelledby="pins-label">
            @foreach (['left', 'right', 'top', 'bottom'] as $edge)
                @php($held = $values["pins.{$edge}"]['value'] === 'true')
                <button class="button !px-1.5 text-[12px]" data-do="set" data-name="pins.{{ $edge }}" data-value="{{ $held ? 'false' : 'true' }}" aria-pressed="{{ $held ? 'true' : 'false' }}" aria-label="Pin {{ $edge }}">{{ $edge }}</button>
            @endforeach
        </span></div>
    @foreach (['horizontal' => ['left', 'right', 'Across'], 'vertical' => ['top', 'bottom', 'Down']] as $axis => [$near, $far, $label])
        @if ($values["pins.{$near}"]['value'] === 'false' && $values["pins.{$far}"]['value'] === 'false')
            <x-choice :field="'pins.'.$axis" :label="$label" :values="$values" :options="['middle' => 'keeps its middle', 'proportion' => 'keeps its proportion']"/>
        @endif
    @endforeach
@endif
