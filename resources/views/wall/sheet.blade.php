@php
    $chart = $owner->content instanceof Kindred\Document\Layer\Chart;
    $slots = ['words' => 'text', 'picture' => 'picture', 'colour' => 'colour', 'shown' => 'visibility', 'value' => 'values'];
    $marks = ['words' => 'type', 'picture' => 'image', 'colour' => 'palette', 'shown' => 'eye', 'label' => 'tag', 'value' => 'chart-column', 'goal' => 'target'];
@endphp
<div class="sheet-bar" data-sheet="{{ $owner->id }}" data-screen="{{ $owner->screen }}">
    <b class="font-heading">{{ $owner->name }}</b><span class="text-ash">{{ count($sheet->rows) }} {{ count($sheet->rows) === 1 ? 'row' : 'rows' }}, a {{ $chart ? 'point' : 'cell' }} each</span>
    <button class="button" data-sheet-do="add-row"><x-glyph name="plus"/> Row</button>
    <button class="button" data-sheet-do="add-column" data-slot="{{ $chart ? 'value' : 'words' }}" data-name="{{ $chart ? 'Series' : 'Column' }}"><x-glyph name="plus"/> Column</button>
    <button class="button" data-sheet-do="file"><x-glyph name="file-up"/> Import a table…</button>
    <span class="ml-auto min-w-0 overflow-hidden text-ellipsis text-ash" title="Alt+↑ ↓ moves a row. A table from a spreadsheet can be pasted into any field.">Ctrl+Enter adds a row</span>
    <button class="button quiet" data-sheet-do="close" aria-label="Close the data sheet" title="Close"><x-glyph name="x"/></button>
</div>
<div class="sheet-room">
    <table class="sheet-table">
        <thead>
            <tr>
                <th class="row-head" aria-label="Rows"></th>
                @foreach ($sheet->columns as $column)
                    <th data-column="{{ $column->id }}" data-slot="{{ $column->slot->value }}" data-layer="{{ $column->layer }}">
                        <span class="flex items-center gap-1"><x-glyph :name="$marks[$column->slot->value]"/><input value="{{ $column->name }}" maxlength="120" aria-label="Name of the column" data-column-field="name">
                            <button class="button quiet !px-1" data-sheet-do="remove-column" aria-label="Remove column {{ $column->name }}" title="Remove the column"><x-glyph name="x"/></button></span>
                        <select class="field" aria-label="What {{ $column->name }} feeds" data-column-field="feeds">
                            @if ($chart)
                                @foreach (['label' => 'labels of the points', 'value' => 'values, a series', 'goal' => 'a goal for each point', 'colour' => 'the colour of each point', 'words' => 'nothing'] as $slot => $word)<option value="{{ $slot }}:" @selected($slot === $column->slot->value)>{{ $word }}</option>@endforeach
                            @else
                            <option value="">feeds nothing</option>
                            @endif
                            @foreach ($parts as $address => $part)
                                @foreach (Kindred\Document\Sheet\Slot::ofLayers() as $slot)
                                    @continue(! Kindred\Document\Sheet\Feed::fits($slot, $part) || ($slot !== $column->slot || $address !== $column->layer) && $sheet->feeding($address, $slot))
                                    <option value="{{ $slot->value }}:{{ $address }}" @selected($slot === $column->slot && $address === $column->layer)>{{ $names[$address] }}: {{ $slots[$slot->value] }}</option>
                                @endforeach
                            @endforeach
                        </select>
                        @if ($column->slot === Kindred\Document\Sheet\Slot::Picture)
                            <button class="button" data-sheet-do="pictures" title="Several at once, from the first row down">Choose pictures…</button>
                        @elseif ($column->slot === Kindred\Document\Sheet\Slot::Words && ! $chart)
                            <select class="field" aria-label="Sample values for {{ $column->name }}" data-column-field="sample"><option value="">sample values…</option>@foreach (Kindred\Document\Sheet\Sample::cases() as $sample)<option>{{ $sample->value }}</option>@endforeach</select>
                        @endif
                    </th>
                @endforeach
            </tr>
        </thead>
        <tbody>
            @include('wall.sheet-rows', ['rows' => $sheet->rows])
        </tbody>
    </table>
</div>
