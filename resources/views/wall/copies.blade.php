<div class="mb-3 flex items-center gap-4"><h2 id="copies-title" class="mr-auto text-xl">{{ $copies ? 'Like '.$model->name : 'No copies' }}</h2><button type="button" class="button" data-closes>Close</button></div>
@if (! $copies)
    <p>Nothing else in this project is made of the same parts and about the same size as {{ $model->name }}.</p>
@else
    @php($beside = array_values(array_filter($copies->parts, fn ($parts) => $parts[0]->screen === $model->screen && $parts[0]->parent === $model->parent)))
    <p class="mb-3 text-ash">{{ count($copies->parts) - 1 }} more {{ count($copies->parts) === 2 ? 'group is' : 'groups are' }} made of the same parts{{ count(array_unique(array_map(fn ($parts) => $parts[0]->screen, $copies->parts))) > 1 ? ', on several screens' : '' }}.</p>
    <ul class="mb-3 grid gap-1">
        @foreach ($copies->parts as $parts)<li class="flex gap-2 border-b border-rule py-1"><b>{{ $parts[0]->name }}</b><span class="text-ash">{{ $tree->screens[$parts[0]->screen ?? '']->name ?? 'loose on the wall' }}@if ($loop->first), the selected one @endif</span></li>@endforeach
    </ul>
    <h3 class="mb-1 text-[14px]">What differs</h3>
    <ul class="mb-4 grid max-h-[30vh] gap-1 overflow-auto">
        @forelse (array_keys($copies->differences) as $part)
            <li><b>{{ $copies->parts[0][$part]->name }}</b> <span class="text-ash">{{ implode('; ', $copies->told($part)) }}</span></li>
        @empty
            <li class="text-ash">Nothing: they are the same.</li>
        @endforelse
    </ul>
    <div class="flex gap-2" data-found="{{ json_encode(['copies' => array_map(fn ($parts) => ['screen' => $parts[0]->screen, 'parts' => array_map(fn ($part) => $part->id, $parts)], $copies->parts), 'apart' => (object) array_map(array_keys(...), $copies->differences)]) }}" data-screen="{{ $model->screen }}" data-beside="{{ json_encode(array_map(fn ($parts) => $parts[0]->id, $beside)) }}">
        <button type="button" class="button primary" data-copies="together" title="What you change in one changes in all, until you stop">Edit together</button>
        <button type="button" class="button" data-copies="component" title="One design on a sheet of its own; each of these becomes an instance that keeps what differs">Make a component of all {{ count($copies->parts) }}</button>
        @if (count($beside) > 1)<button type="button" class="button" data-copies="array" title="One design, what differs in its data sheet">Make an array of the {{ count($beside) }} here</button>
            <button type="button" class="button" data-copies="select">Select these {{ count($beside) }}</button>@endif
    </div>
@endif
