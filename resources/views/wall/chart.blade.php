{{-- What a chart shows, and how: each row where its form has a use for it. --}}
@php
    $on = fn (string $field) => $values[$field]['applies'];
    $points = $only ? Kindred\Document\Chart\Points::of($only->content->sheet) : null;
    // Of series that are stacked as shares, ends and goals are in percent.
    $percent = $values['together']['applies'] && $values['together']['value'] === 'shares' ? ', %' : '';
    $left = $points === null ? [] : $points->leftOut($only->content->form);
@endphp
<details class="facet" id="facet-chart" data-facet="chart" open>
    <summary><b>Chart</b><span class="gist">{{ $values['form']['mixed'] ? 'mixed' : $values['form']['value'] }}</span></summary>
    <div class="rows">
        <x-choice field="form" label="Form" :values="$values" :options="['bars' => 'bars', 'lines' => 'lines', 'areas' => 'areas', 'ring' => 'ring', 'gauge' => 'gauge', 'progress' => 'progress toward a goal', 'sparkline' => 'sparkline']"/>
        @if ($only)
            <div class="row"><span class="label">Numbers</span><button class="button justify-start" data-do="sheet" data-id="{{ $only->id }}" title="The table behind the chart: typed, pasted or imported from a file"><x-glyph name="table-2"/> Data sheet <span class="font-number text-[11px] text-ash">{{ $points->count() }} × {{ count($points->series) }}</span></button></div>
            @foreach ($left as $said)<p class="text-plum" role="status">{{ $said }}</p>@endforeach
        @endif
        @if ($on('across'))<x-choice field="across" label="Bars" :values="$values" :options="['false' => 'up', 'true' => 'across']"/>@endif
        @if ($on('together'))<x-choice field="together" label="Series" :values="$values" :options="['beside' => 'each by itself', 'stacked' => 'stacked', 'shares' => 'stacked, as shares']"/>@endif
        @if ($on('curve'))<x-choice field="curve" label="Line" :values="$values" :options="['straight' => 'straight', 'smooth' => 'smooth', 'steps' => 'in steps']"/>@endif
        @if ($on('lineWidth'))
            <div class="row"><x-number field="lineWidth" label="Width" step="0.5" :values="$values" hint="Of the line, px"/></div>
            <div class="row"><x-number field="dots" label="Dots" :values="$values" hint="How wide the dots are at points, px; 0 for none"/></div>
        @endif
        @if ($on('areaOpacity'))<div class="row"><x-number field="areaOpacity" label="Area" step="5" :values="$values" hint="Opacity of what lies under the line"/></div>@endif
        @if ($on('gap'))<div class="row"><x-number field="gap" label="Gap" step="5" :values="$values" hint="How much of the room of each point, or ring, stays free"/></div>@endif
        @if ($on('spacing'))<div class="row"><x-number field="spacing" label="Spacing" :values="$values" hint="Between parts that would touch, px"/></div>@endif
        @if ($on('rounding'))<div class="row"><x-number field="rounding" label="Rounding" :values="$values" hint="Radius of the ends, px, as far as there is room"/></div>@endif
        @if ($on('thickness'))<div class="row"><x-number field="thickness" label="Thickness" :values="$values" placeholder="all there is" hint="Of the bars, px"/></div>@endif
        @if ($on('hole'))
            <div class="row"><x-number field="startAngle" label="Start °" :values="$values" hint="Where it starts, degrees clockwise from the top"/></div>
            <div class="row"><x-number field="sweep" label="Sweep °" :values="$values" hint="How far round it goes, degrees; 360 is all round"/></div>
            <div class="row"><x-number field="hole" label="Hole" step="5" :values="$values" hint="How much of the radius is left out"/></div>
        @endif
        @if ($on('min'))
            <div class="part">Scale</div>
            <div class="row two"><x-number field="min" label="Min" :values="$values" placeholder="auto" :hint="'Where the scale begins'.$percent.'; empty for a round number'"/><x-number field="max" label="Max" :values="$values" placeholder="auto" :hint="'Where the scale ends'.$percent.'; empty for a round number'"/></div>
        @endif
        @if ($on('logarithmic'))<x-choice field="logarithmic" label="Spaced" :values="$values" :options="['false' => 'evenly', 'true' => 'by powers']"/>@endif
        @if ($on('steps'))<div class="row"><x-number field="steps" label="Steps" :values="$values" hint="About how many; 0 for none"/></div>@endif
        @if ($on('gridLines'))<x-choice field="gridLines" label="Lines" :values="$values" :options="['true' => 'shown', 'false' => 'none']"/>@endif
        @if ($on('scaleLabels'))<x-choice field="scaleLabels" label="Its labels" :values="$values" :options="['true' => 'shown', 'false' => 'none']"/>@endif
        @if ($on('goal'))<div class="row"><x-number field="goal" label="Goal" :values="$values" placeholder="none" :hint="'The value that is aimed at'.$percent.'; a column of the sheet can say it of each point'"/></div>@endif
        <div class="part">Labels</div>
        @if ($on('pointLabels'))<x-choice field="pointLabels" label="Of points" :values="$values" :options="['true' => 'shown', 'false' => 'none']"/>@endif
        @if ($on('valueLabels'))<x-choice field="valueLabels" label="Of values" :values="$values" :options="['none' => 'none', 'value' => 'how much', 'share' => 'what share, %']"/>@endif
        @if ($on('legend'))<x-choice field="legend" label="Legend" :values="$values" :options="['none' => 'none', 'top' => 'at the top', 'bottom' => 'at the foot', 'right' => 'at the right']"/>@endif
        <div class="row"><x-number field="before" label="Before" :values="$values" hint="Written before every number, such as €"/></div>
        <div class="row"><x-number field="after" label="After" :values="$values" hint="Written after every number, such as kg; a space before it is kept"/></div>
        <div class="row"><x-number field="decimals" label="Decimals" :values="$values" placeholder="as needed"/></div>
        <x-colour field="ink" label="Text" :value="$values['ink']['value']" :mixed="$values['ink']['mixed']"/>
        @if ($on('grid'))<x-colour field="grid" label="Grid" :value="$values['grid']['value']" :mixed="$values['grid']['mixed']"/>@endif
        @if ($only)<button class="button justify-self-start" data-do="open-widget" data-id="{{ $only->id }}" title="The shapes and words that it is drawn from, in groups">Open into layers</button>@endif
    </div>
</details>
