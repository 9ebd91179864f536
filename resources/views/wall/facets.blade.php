@php
    $only = count($layers) === 1 ? $layers[0] : null;
    $gist = fn (string ...$fields) => implode(' ', array_filter(array_map(fn ($field) => $values[$field]['mixed'] ? 'mixed' : $values[$field]['value'], $fields), fn ($value) => $value !== ''));
    $painted = $values[Kindred\Document\Edit\Field::FILL]['applies'] !== false || ! ($only?->content instanceof Kindred\Document\Layer\Widget);
    $part = $values['operation']['applies'] !== false;
    $charts = $layers !== [] && collect($layers)->every(fn ($layer) => $layer->content instanceof Kindred\Document\Layer\Chart);
    $locked = $layers !== [] && collect($layers)->contains(fn ($layer) => $layer->locked);
@endphp
@if ($layers !== [])
    <div class="subject">
        @if ($only)
            <input value="{{ $only->name }}" data-rename="{{ $only->id }}" aria-label="Name of the layer" maxlength="120"><span class="kind">{{ $only->kind() }}</span>
        @else
            <span class="flex-1 font-heading text-[15px] font-semibold">{{ count($layers) }} layers</span>
        @endif
        @if ($only && $only->screen && ! $cell && ! $locked)<button class="button quiet !px-1.5" data-do="trials" title="Several values of one property, side by side" aria-label="Try values"><x-glyph name="columns-3"/></button>@endif
        <button class="button quiet !px-1.5" data-do="mark" data-name="locked" data-value="{{ $locked ? 'false' : 'true' }}" aria-pressed="{{ $locked ? 'true' : 'false' }}" title="{{ $locked ? 'Unlock' : 'Lock' }}" aria-label="{{ $locked ? 'Unlock' : 'Lock' }}"><x-glyph :name="$locked ? 'pin' : 'pin-off'"/></button>
    </div>
    @if ($cell)
        <div class="cell-bar">
            <span class="flex-1 truncate" title="{{ implode(', in it ', array_map(fn ($one) => $one['sheet'] ? "{$one['around']->name} lays this out once for each row of its data sheet" : "{$one['around']->name} is an instance of a component", $cell['cells'])) }}">In {{ implode(' of ', array_reverse(array_column($cell['cells'], 'says'))) }}</span>
            <label class="flex items-center gap-1" title="{{ $cell['cells'][0]['sheet'] ? 'Otherwise what you change, every cell follows' : 'Otherwise the component is changed, in the state that shows here, and every instance follows' }}"><input type="checkbox" id="apart"> {{ $cell['only'] }}</label>
            @foreach ($cell['cells'] as $one)
                @if ($one['sheet'])<button class="button quiet !px-1.5" data-do="sheet" data-id="{{ $one['around']->id }}"><x-glyph name="table-2"/> Sheet{{ count($cell['cells']) > 1 ? " of {$one['around']->name}" : '' }}</button>@endif
            @endforeach
            @if ($cell['state'] !== '')<p class="basis-full text-ash">Not ticked, a change is one of the state “{{ $cell['state'] }}”.</p>@endif
            @if ($cell['overridden'] !== [])
                <p class="basis-full">Here it has its own {{ implode(', ', array_map(fn ($path) => App\Canvas\ComponentFacets::called($path), $cell['overridden'])) }}.
                    <button class="button !min-h-0 !px-1.5" data-do="reset-override" data-id="{{ $cell['address'] }}">Follow the design</button></p>
            @endif
        </div>
    @endif
    @if ($locked)<p class="border-b border-rule px-3 py-2 text-ash">Locked: the pointer and these facets leave it alone.</p>@endif
    @foreach ($placeholders as $placeholder)<p class="border-b border-rule px-3 py-1.5 text-plum" role="status">{{ $placeholder }} It stays as it is written.</p>@endforeach
    @foreach ($missingIcons as $said)<p class="border-b border-rule px-3 py-1.5 text-plum" role="status">{{ $said }}</p>@endforeach
    <fieldset @disabled($locked) class="contents">
    @if ($only?->content instanceof Kindred\Document\Layer\Widget)@include('wall.widget')@endif
    @includeWhen($charts, 'wall.chart')
    @includeWhen($use !== null, 'wall.use')
    <details class="facet" id="facet-where" data-facet="where" open>
        <summary><b>Where</b><span class="gist">{{ $gist('x') }}, {{ $gist('y') }} · {{ $gist('width') }} × {{ $gist('height') }}</span></summary>
        <div class="rows">
            <div class="row two"><x-number field="x" label="X" :values="$values"/><x-number field="y" label="Y" :values="$values"/></div>
            <div class="row two"><x-number field="width" label="W" :values="$values" hint="Width; sums and percent of the parent work: 50% - 8"/><x-number field="height" label="H" :values="$values"/></div>
            <div class="row"><x-number field="rotation" label="Rotation °" :values="$values"/></div>
            @if ($path !== null)@include('wall.points')@endif
            <x-aligning :several="! $only"/>
            @if (! $only)<div class="row"><span class="label"></span><button class="button justify-start" data-do="even" title="Makes the rows and columns that these lie in roughly exact, with equal gaps"><x-glyph name="layout-dashboard"/> Even out</button></div>@endif
            @include('wall.layout')
            @include('wall.further', ['facet' => 'where'])
            @include('wall.bound', ['facet' => 'where'])
        </div>
    </details>
    <details class="facet" id="facet-look" data-facet="look" open>
        <summary><b>Look</b><span class="gist">{{ $gist('fills.0.paint') }} {{ $gist('strokes.0.paint') }}</span></summary>
        <div class="rows">
            @if ($values['operation']['applies'])<x-choice field="operation" label="Operation" :values="$values" :options="['union' => 'unite', 'subtract' => 'subtract', 'intersect' => 'intersect', 'exclude' => 'exclude']"/>@endif
            @if ($combines)
                <div class="row"><span class="label">Combine</span><span class="flex gap-0.5">
                    @foreach (['union' => ['squares-unite', 'Unite', 'U'], 'subtract' => ['squares-subtract', 'Subtract from the lowest', 'Shift+U'], 'intersect' => ['squares-intersect', 'Intersect', 'O'], 'exclude' => ['squares-exclude', 'Exclude', 'Shift+O']] as $operation => [$glyph, $word, $key])
                        <button type="button" class="button quiet !px-1.5" data-do="combine-{{ $operation }}" aria-label="{{ $word }}" title="{{ $word }} · {{ $key }}"><x-glyph :name="$glyph"/></button>
                    @endforeach
                </span></div>
            @endif
            @if ($only?->content instanceof Kindred\Document\Layer\Compound)
                <div class="row"><span class="label">Compound</span><span class="flex flex-wrap gap-1">
                    <button type="button" class="button !min-h-0 !px-1.5" data-do="flatten" title="One path, of which the parts are gone">Flatten</button>
                    <button type="button" class="button !min-h-0 !px-1.5" data-do="ungroup" title="The parts as they were; Ctrl+Shift+G">Release</button>
                </span></div>
            @endif
            @if ($values['kind']['applies'])<x-choice field="kind" label="Shape" :values="$values" :options="['box' => 'box', 'ellipse' => 'ellipse', 'polygon' => 'polygon or star', 'line' => 'line']"/>@endif
            @if ($values['sweep']['applies'] && ! $charts)
                <div class="row"><x-number field="sweep" label="Sweep °" :values="$values" hint="How far the arc goes, degrees clockwise; 360 is all round"/></div>
                <div class="row"><x-number field="hole" label="Hole" :values="$values" hint="How much of the radius is left out; with one it is a ring"/></div>
                @if ($values['sweep']['mixed'] || (float) $values['sweep']['value'] < 360)
                    <div class="row"><x-number field="startAngle" label="Start °" :values="$values" hint="Where the arc starts, degrees clockwise from the top"/></div>
                    @if ($values['ends']['applies'])<x-choice field="ends" label="Ends" :values="$values" :options="['sector' => 'meet in the middle', 'chord' => 'joined straight', 'open' => 'open']"/>@endif
                @endif
            @endif
            @if ($values['points']['applies'])
                <div class="row"><x-number field="points" label="Points" :values="$values"/></div>
                <div class="row"><x-number field="innerRadius" label="Inner radius" :values="$values" hint="How far out the points between lie, as a share of the radius: below that of the sides it is a star"/></div>
            @endif
            @if ($values['rounding']['applies'] && ! $charts)<div class="row"><x-number field="rounding" label="Rounding" :values="$values" hint="Radius of the corners, px, as far as there is room"/></div>@endif
            @if ($values['icon']['applies'])<div class="row"><span class="label">Icon</span><button class="button justify-start" data-do="exchange-icon" title="Another icon">@if ($values['icon']['mixed']) mixed @else<x-glyph :name="$values['icon']['value']"/> {{ str_replace('-', ' ', $values['icon']['value']) }}@endif</button></div>@endif
            @if ($coats['fills'] !== [] && $painted && ! $part)@include('wall.coats', ['list' => 'fills', 'word' => $values['icon']['applies'] || $values['style.size']['applies'] || $only?->content instanceof Kindred\Document\Layer\Composed ? 'Colour' : 'Fill'])@endif
            @if ($values['line']['applies'])<div class="row"><x-number field="line" label="Line" step="0.25" :values="$values"/></div>@endif
            @if ($values['optical']['applies'])<x-choice field="optical" label="Centred" :values="$values" :options="['false' => 'by its grid', 'true' => 'by what is painted']"/>@endif
            @if ($only?->content instanceof Kindred\Document\Layer\Picture)<div class="row"><span class="label">Picture</span><button class="button justify-start" data-do="picture" title="Another picture in the same box"><x-glyph name="replace"/> Replace</button></div>@endif
            @if ($values['fit']['applies'])
                <x-choice field="fit" label="Fits by" :values="$values" :options="['cover' => 'cover', 'contain' => 'contain', 'fill' => 'fill']"/>
                <div class="row"><x-number field="zoom" label="Zoom" :values="$values" hint="How much larger the picture is than it fits; Enter on the picture moves and scales it by hand"/></div>
                <div class="row two"><x-number field="positionX" label="Left" :values="$values" hint="Position across: 0% shows the left edge, 100% the right one"/><x-number field="positionY" label="Top" :values="$values" hint="Position down: 0% shows the upper edge, 100% the lower one"/></div>
                <div class="coat" data-coat="adjustment.0">
                    <div class="row"><span class="label">Adjusted</span><span class="with-well plain"><output class="gist">{{ $adjusted }}</output>
                        <button type="button" class="icon-button" data-do="details" data-id="adjustment.0" aria-expanded="false" aria-controls="d-adjustment" title="Brightness, contrast, saturation, tint, blur" aria-label="Details of the adjustment"><x-glyph name="sliders-horizontal"/></button></span></div>
                    <div class="details" id="d-adjustment" data-details="adjustment.0" hidden>@include('wall.adjustment', ['of' => 'adjustment'])</div>
                </div>
            @endif
            @if ($coats['strokes'] !== [] && (! $part || $only?->kind() === 'line'))@include('wall.coats', ['list' => 'strokes', 'word' => 'Stroke'])@endif
            @if ($edged)
                <div class="row"><span class="label" title="Moves the edge: +4 outwards, -4 inwards; the shape is a path then">Edge</span><span class="flex items-center gap-1">
                    <input class="field !w-16" id="f-offset" data-offset data-step="1" placeholder="± px" autocomplete="off" aria-label="Move the edge by" title="+4 outwards, -4 inwards; the shape is a path then">
                    @if ($only && ($numbers['strokes'] ?? 0) > 0)<button type="button" class="button !min-h-0 !px-1.5" data-do="outline-strokes" title="Shapes that the strokes paint, to be edited as any path">Outline stroke</button>@endif
                </span></div>
            @endif
            @if ($values['corners']['applies'])
                <div class="row"><x-number field="corners" label="Corners" :values="$values" :placeholder="$values['corners']['mixed'] || $values['corners']['value'] === '' ? 'mixed' : ''"/></div>
                <div class="row four"><span class="label" title="Top left, top right, bottom right, bottom left">Each corner</span>
                    @foreach (['topLeft' => 'Top left', 'topRight' => 'Top right', 'bottomRight' => 'Bottom right', 'bottomLeft' => 'Bottom left'] as $corner => $word)
                        <input class="field !px-1" data-field="corners.{{ $corner }}" data-step="1" value="{{ $values["corners.{$corner}"]['value'] }}" title="{{ $word }}" aria-label="Corner radius, {{ strtolower($word) }}" autocomplete="off">
                    @endforeach
                </div>
                @if ($concentric)<div class="row"><span class="label"></span><button type="button" class="button justify-start !min-h-0" data-do="concentric" data-corners="{{ json_encode($concentric->corners->toArray()) }}" title="Parallel to the corners of “{{ $concentric->around->name }}” around it"><x-glyph name="square-round-corner"/> Concentric: {{ $concentric->corners->short() === '' ? 'with what is around' : $concentric->corners->short() }}</button></div>@endif
            @endif
            @unless ($part)
            <div class="row"><x-number field="opacity" label="Opacity" :values="$values"/></div>
            <x-choice field="blend" label="Blend" :values="$values" :options="Kindred\Document\Edit\Field::find('blend')->options()"/>
            @if ($values['isolation']['applies'])<x-choice field="isolation" label="Mixes" :values="$values" :options="['auto' => 'with what lies behind', 'isolate' => 'only inside']"/>@endif
            @include('wall.coats', ['list' => 'masks', 'word' => 'Mask'])
            @if ($masks !== [] || ! $only)
                <div class="row"><span class="label">{{ $masks === [] ? '' : 'Masked by' }}</span><span class="flex min-w-0 gap-1">
                    @foreach ($masks as $mask)
                        @if ($mask->id !== $only?->id)<button type="button" class="button min-w-0 truncate" data-do="into-mask" data-id="{{ $mask->id }}" title="Move or change what masks">{{ $mask->name }}</button>@else<span class="gist self-center">what lies with it</span>@endif
                    @endforeach
                    @if ($masks === [])<button type="button" class="button" data-do="mask" title="The topmost shape, text or icon masks the others"><x-glyph name="scissors"/> Mask</button>
                    @else<button type="button" class="button" data-do="mask" title="What masks is seen again, and all of what it masked"><x-glyph name="scissors"/> Release</button>@endif
                </span></div>
            @endif
            @include('wall.effects')
            @else
                <p class="text-ash">Its compound is painted, with this as one of its parts.</p>
            @endunless
            @include('wall.further', ['facet' => 'look'])
            @include('wall.bound', ['facet' => 'look'])
        </div>
    </details>
    @if ($values['style.size']['applies'])
        <details class="facet" id="facet-words" data-facet="words" open>
            <summary><b>Text</b><span class="gist">{{ $gist('style.family', 'style.weight', 'style.size') }}</span></summary>
            <div class="rows">
                <div class="row"><span class="label">Style</span><button type="button" class="button justify-start" data-do="token" data-of="style" aria-haspopup="dialog" title="The type style of the house style that these words are set in">{{ $bound['words']['style']['name'] ?? 'none' }}</button></div>
                <x-choice field="style.family" label="Family" :values="$values" :options="collect($families)->keys()->mapWithKeys(fn ($family) => [$family => $family])->all()"/>
                @foreach ($missingFaces as $said)<p class="field-problem">{{ $said }}</p>@endforeach
                <x-choice field="style.weight" label="Weight" :values="$values" :options="collect($weights)->mapWithKeys(fn ($weight) => [$weight => $weight])->all()"/>
                <x-choice field="style.italic" label="Slope" :values="$values" :options="['false' => 'upright', 'true' => 'italic']"/>
                <div class="row"><x-number field="style.size" label="Size" :values="$values"/></div>
                @if ($values['style.lineHeight']['applies'])<div class="row"><x-number field="style.lineHeight" label="Line height" step="0.05" :values="$values"/></div>@endif
                <div class="row"><x-number field="style.letterSpacing" label="Tracking em" step="0.01" :values="$values"/></div>
                @if ($values['style.align']['applies'])<x-choice field="style.align" label="Align" :values="$values" :options="['left' => 'left', 'center' => 'center', 'right' => 'right']"/>@endif
                <x-choice field="style.transform" label="Case" :values="$values" :options="['none' => 'as typed', 'uppercase' => 'UPPERCASE', 'lowercase' => 'lowercase', 'capitalize' => 'Capitalize']"/>
                @if ($forms !== [])
                    <div class="row"><span class="label" title="Other figures and letters that the face has">Forms</span><span class="flex flex-wrap gap-1" role="group" aria-label="Forms of figures and letters">
                        @foreach ($forms as $form => $on)<button type="button" class="button !min-h-0 !px-1.5" data-do="set" data-name="style.variant" data-value="{{ $on ? '-' : '+' }}{{ $form }}" aria-pressed="{{ $on ? 'true' : 'false' }}">{{ str_replace(['-nums', '-'], [' figures', ' '], $form) }}</button>@endforeach
                    </span></div>
                @endif
                @if ($values['style.decoration']['applies'])<x-choice field="style.decoration" label="Lines" :values="$values" :options="['none' => 'none', 'underline' => 'under the words', 'line-through' => 'through the words', 'underline line-through' => 'under and through']"/>@endif
                <div class="row"><span class="label">Fonts</span><button type="button" class="button justify-start" data-do="fonts" title="Fonts of the project’s own, and those that are missing">Own fonts</button></div>
                @if ($values['extent']['applies'])
                <x-choice field="extent" label="Extent" :values="$values" :options="Kindred\Document\Edit\Extent::options()"/>
                @if ($values['extent']['value'] !== 'free')
                    <x-choice field="verticalAlign" label="Stands" :values="$values" :options="['top' => 'at the top', 'middle' => 'in the middle', 'bottom' => 'at the foot']"/>
                @endif
                <div class="row"><x-number field="maxLines" label="Lines at most" :values="$values" placeholder="all" hint="What is left over ends with an ellipsis"/></div>
                <x-choice field="style.trim" label="Box" :values="$values" :options="['false' => 'whole lines', 'true' => 'cap height to baseline']"/>
                @endif
                @includeWhen($partners !== [], 'wall.partners')
                @include('wall.further', ['facet' => 'words'])
                @include('wall.bound', ['facet' => 'words'])
                @if ($ownRuns !== '')
                    <p class="text-ash">{{ $ownRuns }}</p>
                @endif
            </div>
        </details>
    @endif
    </fieldset>
@elseif ($sheet)
    @include('wall.component')
@elseif ($screen || count($screens) > 1)
    @include('wall.screens', ['one' => count($screens) > 1 ? null : $screen])
@else
    <div class="subject"><span class="flex-1 font-heading text-[15px] font-semibold">{{ $project->name }}</span><span class="kind">project</span></div>
    <p class="px-3 py-3 text-ash">@if ($tree->reel() === []) Nothing hangs on this wall yet. @else {{ count($tree->reel()) === 1 ? 'One screen' : count($tree->reel()).' screens' }} on the wall. Select a screen by its name, or a layer, and its facets show here. @endif</p>
@endif
@if ($owner)
    <details class="facet" id="facet-cues" data-facet="cues" open>
        <summary><b title="A cue: when this happens, do that">Cues</b><span class="gist">{{ count($owner->cues) }}</span></summary>
        <div class="rows">
            @foreach ($owner->cues as $cue)
                @include('wall.cue', ['at' => $loop->index])
            @endforeach
            @php($new = ['trigger' => $owner instanceof Kindred\Document\Screen ? ['kind' => 'delay', 'delay' => 2000] : ['kind' => 'tap']])
            @if ($others !== [])
                <button class="button justify-self-start" data-do="add-cue" data-name="show" data-cue="{{ json_encode($new + ['actions' => [['kind' => 'show', 'screen' => $others[0]->id]]]) }}"><x-glyph name="plus"/> {{ $owner instanceof Kindred\Document\Screen ? 'After a delay, show a screen' : 'On tap, show a screen' }}</button>
            @endif
            @if (! $owner instanceof Kindred\Document\Screen)
                <button class="button justify-self-start" data-do="add-cue" data-name="return" data-cue="{{ json_encode($new + ['actions' => [['kind' => 'return']]]) }}"><x-glyph name="plus"/> On tap, return</button>
                @php($changing = Kindred\Document\Edit\CueField::changing($tree, $tree->screens[$owner->screen ?? ''] ?? $screen, $owner))
                @if (($changing?->axes ?? []) !== [])
                    <button class="button justify-self-start" data-do="add-cue" data-name="state" data-cue="{{ json_encode($new + ['actions' => [['kind' => 'state', 'axis' => $changing->axes[0]->id, 'transition' => Kindred\Document\Cue\Action\ChangeState::usualTransition()->toArray()]]]) }}"><x-glyph name="plus"/> On tap, change its state</button>
                @endif
                @if ($owner->content instanceof Kindred\Document\Layer\Widget && count($owner->content->items) > 1 && $others !== [])
                    <button class="button justify-self-start" data-do="link-entries" title="A tab, a row, a menu entry shows the screen that is called like it"><x-glyph name="plus"/> Link each entry to its screen</button>
                @endif
                @if ($owner->cues === [])<p class="text-ash">Or drag the knot beside the layer to a screen (G).</p>@endif
            @endif
            @if ($owner instanceof Kindred\Document\Screen && $tree->component($owner->id) === null)
                @include('wall.cue.over')
            @endif
            @if ($owner instanceof Kindred\Document\Screen && $ways !== [])
                <p class="text-ash" id="ways-label">Led to by</p>
                <ul class="grid justify-items-start gap-1" aria-labelledby="ways-label">
                    @foreach (array_slice($ways, 0, App\Canvas\Facets::WAYS) as $way)
                        <li><button class="button quiet !min-h-0 !justify-start !px-1 text-left" data-do="go" data-screen="{{ $way['screen']->id }}" data-layer="{{ $way['layer']?->id }}" title="Go there">{{ $way['layer'] ? "{$way['layer']->name}, on {$way['screen']->name}" : "{$way['screen']->name}, by itself" }}</button></li>
                    @endforeach
                    @if (count($ways) > App\Canvas\Facets::WAYS)<li class="text-ash">and more</li>@endif
                </ul>
            @endif
        </div>
    </details>
@endif
<details class="facet" id="facet-eye" data-facet="eye" data-usually="closed" @if ($sheet !== null || ($screen === null && $layers === [])) hidden @endif>
    <summary><b>First seen</b><span class="gist">what the eye meets first</span></summary>
    <div class="rows" id="eye" hx-morph-skip-children></div>
</details>
<details class="facet" id="facet-checks" data-facet="checks" data-usually="closed">
    <summary><b>Checks</b><span class="gist" id="checks-gist" role="status" hx-morph-skip-children></span></summary>
    <div class="rows checks" id="checks" hx-morph-skip-children></div>
</details>
