@php
    $columns = collect($sheet->columns);
    // A chart shows all of a table, by the names that it has there.
    $chart = $owner->content instanceof Kindred\Document\Layer\Chart;
    $width = $file->width();
@endphp
<h2 id="sheet-take-title" class="mb-1 text-xl">{{ $name }}</h2>
<p class="mb-3 text-ash">{{ count($file->rows) === 1 ? 'One row' : number_format(count($file->rows)).' rows' }}, {{ $file->separated === 'lines' ? 'one value a line' : "separated by {$file->separated}" }}, {{ $file->encoding }}. Say where each column goes before it is taken.</p>
<form data-take="{{ $owner->id }}" @if ($chart && $file->headers !== []) data-renames @endif data-screen="{{ $owner->screen }}" data-rows="{{ json_encode(array_map(fn ($row) => array_pad($row, $width, ''), $file->rows), JSON_UNESCAPED_UNICODE) }}" method="dialog" class="grid gap-3">
    <div class="grid max-h-[46vh] gap-2 overflow-auto">
        @foreach (range(0, $width - 1) as $i)
            @php($header = $file->headers[$i] ?? 'Column '.($i + 1))
            <div class="grid grid-cols-[1fr_200px] items-start gap-3 border-b border-rule pb-2">
                <span class="min-w-0"><b>{{ $header }}</b><span class="block overflow-hidden text-ellipsis whitespace-nowrap text-ash">{{ implode(' · ', array_slice(array_filter(array_column($file->rows, $i), fn ($value) => $value !== ''), 0, 3)) }}</span></span>
                <select class="field" name="target" aria-label="Where {{ $header }} goes" data-name="{{ $header }}">
                    @foreach ($columns as $column)<option value="{{ $column->id }}" @selected($matched[$i] === $column->id)>into {{ $column->name }}</option>@endforeach
                    <option value="+" @selected($matched[$i] === null && ($chart || $columns->isEmpty()))>a new column</option>
                    <option value="" @selected($matched[$i] === null && ! $chart && $columns->isNotEmpty())>left out</option>
                </select>
            </div>
        @endforeach
    </div>
    <fieldset class="flex gap-4">
        <label class="flex items-center gap-1"><input type="radio" name="replace" value="1" checked> in place of the rows that are there</label>
        <label class="flex items-center gap-1"><input type="radio" name="replace" value=""> below them</label>
    </fieldset>
    <div class="flex gap-2"><button class="button primary">Take the rows</button><button type="button" class="button" data-closes>Cancel</button></div>
</form>
