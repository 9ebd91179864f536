{{-- Rows of a data sheet by their places in it. --}}
@foreach ($rows as $i => $row)
    @php($cells = $row->cells())
    <tr data-row="{{ $row->id }}">
        <th class="row-head" scope="row" draggable="true" title="Drag to move the row"><span @class(['overridden' => isset($overrides[$row->id])]) @if (isset($overrides[$row->id])) title="Otherwise than the design in something" @endif>{{ $i + 1 }}</span>
            <button class="button quiet !px-1" data-sheet-do="remove-row" aria-label="Remove row {{ $i + 1 }}" title="Remove the row"><x-glyph name="x"/></button></th>
        @foreach ($sheet->columns as $column)
            @php($value = $cells[$column->id] ?? '')
            @php($label = $column->name.', row '.($i + 1))
            @if ($column->slot === Kindred\Document\Sheet\Slot::Picture)
                <td data-column="{{ $column->id }}"><button class="sheet-picture" data-sheet-do="picture" aria-label="{{ $label }}">@if (preg_match('/^[0-9a-f]{64}$/D', $value))<img alt="" loading="lazy" src="{{ route('asset', [$project, $value]) }}">@else<x-glyph name="image-plus"/>@endif</button></td>
            @elseif ($column->slot === Kindred\Document\Sheet\Slot::Shown)
                <td data-column="{{ $column->id }}"><input type="checkbox" data-sheet-shown aria-label="{{ $label }}" @checked(! in_array(mb_strtolower(trim($value)), Kindred\Document\Sheet\Slot::NO, true))></td>
            @else
                <td data-column="{{ $column->id }}"><div class="sheet-cell" contenteditable="plaintext-only" role="textbox" aria-label="{{ $label }}" spellcheck="false">{{ $value }}</div></td>
            @endif
        @endforeach
    </tr>
@endforeach
