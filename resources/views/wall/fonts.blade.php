<div class="mb-3 flex items-center gap-4"><h2 id="fonts-title" class="mr-auto text-xl">Fonts of this project</h2><button type="button" class="button" data-closes>Close</button></div>
<p class="mb-3 max-w-[520px] text-ash">Import TTF, OTF, WOFF or WOFF2 files, variable ones too; or drop them on the wall. They are used on the wall, in rehearsals and in all that is handed over.</p>
<p class="mb-4"><button type="button" class="button primary" data-fonts="bring">Import fonts</button></p>
@if ($fonts['missing'] !== [])
    <h3 class="mb-1 text-[14px]">Missing</h3>
    <ul class="mb-4 grid gap-1">
        @foreach ($fonts['missing'] as $family => $uses)
            <li class="flex flex-wrap items-center gap-2 border-b border-rule py-1" data-family="{{ $family }}">
                <b>{{ $family }}</b><span class="mr-auto text-ash">{{ $uses }}, set in {{ Kindred\Type\FaceBook::DEFAULT_FAMILY }} meanwhile</span>
                <button type="button" class="button" data-fonts="supply">Import its file</button>
                <label class="flex items-center gap-1">or set in <select class="field !w-44" aria-label="Family in the place of {{ $family }}">@foreach ($fonts['families'] as $one)<option>{{ $one }}</option>@endforeach</select></label>
                <button type="button" class="button" data-fonts="replace">Replace everywhere</button>
            </li>
        @endforeach
    </ul>
@endif
@forelse ($fonts['own'] as $family => ['faces' => $faces, 'uses' => $uses])
    <div class="flex flex-wrap items-center gap-2 border-b border-rule py-1" data-family="{{ $family }}">
        <b class="text-[16px]" data-shown="{{ $family }}">{{ $family }}</b>
        <span class="mr-auto text-ash">@php($weights = collect($faces)->pluck('weight')->unique()->sort()->values()){{ $weights->count() > 3 ? "{$weights->count()} weights from {$weights->first()} to {$weights->last()}" : $weights->implode(', ') }}{{ collect($faces)->contains('italic', true) ? (collect($faces)->contains('italic', false) ? ', upright and italic' : ', italic') : '' }} · {{ $uses }}</span>
        <span data-axes class="flex flex-wrap items-center gap-1" hidden></span>
        <button type="button" class="button" data-fonts="remove" title="Words in it keep its name, and are set in {{ Kindred\Type\FaceBook::DEFAULT_FAMILY }} until it is here again">Remove</button>
    </div>
@empty
    <p class="text-ash">The project has no fonts of its own yet.</p>
@endforelse
