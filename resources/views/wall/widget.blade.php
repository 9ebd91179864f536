@php
    $widget = $only->content;
    $kind = Kindred\Kit\Kit::find($widget->widget);
    $of = fn ($field) => $field->of($widget);
    $labels = ['label' => 'Label', 'hint' => 'Hint', 'text' => 'Text', 'icon' => 'Icon', 'on' => 'On', 'value' => 'Value', 'min' => 'Min', 'max' => 'Max', 'step' => 'Step', 'columns' => 'Columns', 'items' => 'Entries', 'required' => 'Required', 'accepts' => 'Takes', 'equals' => 'Same as'];
@endphp
<details class="facet" id="facet-widget" data-facet="widget" open>
    <summary><b>Widget</b><span class="gist">{{ $kind?->name() ?? $widget->widget }}</span></summary>
    <div class="rows">
        <div class="row"><label for="w-kind">Kind</label>
            <select class="field" id="w-kind" data-convert>
                @foreach (Kindred\Kit\Kit::search('') as $one)<option value="{{ $one::key() }}" @selected($one::key() === $widget->widget)>{{ $one->name() }}</option>@endforeach
            </select></div>
        @foreach (Kindred\Kit\Kit::fields($only) as $field)
            @if ($field->value === 'items')
                <div class="row tall"><label for="w-items" title="One a line; cells apart by tabs or bars, as a spreadsheet copies them; [icon] before the label; <key> at the end; --- is a separator">Entries</label>
                    <textarea class="field" id="w-items" rows="{{ min(8, max(3, count($widget->items))) }}" data-widget-field="items" spellcheck="false">{{ $of($field) }}</textarea></div>
                @if ($widget->items !== [])
                    @php($one = Kindred\Kit\Kit::holdsOne($widget))
                    <div class="row tall"><span class="label">{{ $one ? 'Chosen' : 'On' }}</span><span class="flex flex-wrap gap-x-3 gap-y-1">
                        @if ($one)<label class="flex items-center gap-1"><input type="radio" name="chosen" data-chosen="" @checked($widget->chosen() < 0)> none</label>@endif
                        @foreach ($widget->items as $i => $item)
                            @if (! $item->separator)<label class="flex items-center gap-1"><input type="{{ $one ? 'radio' : 'checkbox' }}" @if ($one) name="chosen" @endif data-chosen="{{ $i }}" @checked($one ? $widget->chosen() === $i : $item->on)> {{ Str::limit($item->label, 18) }}</label>@endif
                            @break($i > 23)
                        @endforeach
                    </span></div>
                    @if ($shown[0] < $shown[1])<p class="text-plum" role="status">{{ $shown[0] }} of {{ $shown[1] }} entries show; the rest is cut. Make it higher.</p>@endif
                @endif
            @elseif ($field->value === 'required')
                <div class="row"><span class="label">Required</span><label class="flex items-center gap-1"><input type="checkbox" data-widget-field="required" value="true" @checked($widget->required)> must be filled in</label></div>
            @elseif ($field->value === 'accepts')
                <div class="row"><label for="w-accepts">Takes</label>
                    <select class="field" id="w-accepts" data-widget-field="accepts">
                        @foreach (Kindred\Document\Widget\Accepts::cases() as $one)<option value="{{ $one->value }}" @selected($one === $widget->accepts)>{{ $one->label() }}</option>@endforeach
                    </select></div>
                @if ($widget->accepts === Kindred\Document\Widget\Accepts::Number)
                    @foreach ([Kindred\Document\Widget\WidgetField::Min, Kindred\Document\Widget\WidgetField::Max] as $end)
                        <div class="row"><label for="w-{{ $end->value }}">{{ $labels[$end->value] }}</label><input class="field" id="w-{{ $end->value }}" data-widget-field="{{ $end->value }}" data-step="1" value="{{ $of($end) }}" autocomplete="off"></div>
                    @endforeach
                @endif
            @elseif ($field->value === 'equals')
                <div class="row"><label for="w-equals" title="The signal of another field that this must be equal to">Same as</label><input class="field" id="w-equals" data-widget-field="equals" value="{{ $of($field) }}" placeholder="a signal" autocomplete="off" spellcheck="false"></div>
            @elseif ($field->value === 'icon')
                <div class="row"><span class="label">Icon</span><span class="flex gap-1">
                    <button class="button flex-1 justify-start" data-do="widget-icon" title="Another icon">@if ($widget->icon !== '')<x-glyph :name="$widget->icon"/> {{ str_replace('-', ' ', $widget->icon) }}@else none @endif</button>
                    @if ($widget->icon !== '')<button class="button quiet" data-do="widget-no-icon" title="Without an icon" aria-label="Without an icon"><x-glyph name="x"/></button>@endif
                </span></div>
            @elseif ($field->value === 'on')
                <div class="row"><span class="label">State</span><label class="flex items-center gap-1"><input type="checkbox" data-widget-field="on" value="true" @checked($widget->on)> on</label></div>
            @else
                <div class="row"><label for="w-{{ $field->value }}">{{ $labels[$field->value] }}</label><input class="field" id="w-{{ $field->value }}" data-widget-field="{{ $field->value }}" @if (in_array($field->value, ['value', 'min', 'max', 'step'], true)) data-step="{{ $field->value === 'step' ? 1 : $widget->step }}" @endif value="{{ $of($field) }}" autocomplete="off"></div>
            @endif
        @endforeach
        @if ($kind instanceof Kindred\Kit\Interactive)
            <div class="row"><label for="w-signal" title="The name under which words hold its value: {{ '{' }}{{ $widget->signal ?: Kindred\Kit\Kit::made($only) }}{{ '}' }}">Signal</label><input class="field" id="w-signal" data-widget-field="signal" value="{{ $widget->signal }}" placeholder="{{ Kindred\Kit\Kit::made($only) }}" autocomplete="off" spellcheck="false"></div>
        @endif
        <button class="button justify-self-start" data-do="open-widget" data-id="{{ $only->id }}" title="The boxes, words and icons that it is drawn from, in a group">Open into layers</button>
    </div>
</details>
