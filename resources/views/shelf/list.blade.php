@if ($projects->isEmpty())
    <div class="grid justify-items-center gap-3 border border-dashed border-ash/50 py-16 text-center">
        @if ($words !== '')
            <p>No project’s name holds “{{ $words }}”.</p>
        @else
            <p class="text-[15px]">The shelf is empty. A project holds the screens of one application.</p>
            <button class="button primary" data-opens="new-project">New project</button>
        @endif
    </div>
@else
    <ul class="grid grid-cols-[repeat(auto-fill,minmax(240px,1fr))] gap-6">
        @include('shelf.entries')
    </ul>
@endif
