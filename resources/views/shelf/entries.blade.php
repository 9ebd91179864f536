@foreach ($projects as $project)
    <li id="project-{{ $project->id }}" class="grid scroll-mt-24 content-start border border-rule bg-paper target:border-spruce" data-project="{{ $project->id }}">
        <a href="{{ route('wall', $project) }}" class="block text-ink no-underline hover:text-spruce" @if ($loop->first && ! $projects->onFirstPage()) autofocus @endif>
            <span class="flex h-56 items-center justify-center overflow-hidden border-b border-rule bg-[#d9dad9] p-4">
                @isset($faces[$project->id])
                    <img class="h-full w-full object-contain" alt="" data-small="{{ route('thumbnail', [$project, $faces[$project->id]['id']]) }}?r={{ $faces[$project->id]['revision'] }}">
                @else
                    <span class="text-ink">No screens yet</span>
                @endisset
            </span>
            <span class="block px-3 pt-3 font-heading text-[16px] font-semibold">{{ $project->name }}</span>
        </a>
        <span class="px-3 text-ash">worked on {{ $project->updated_at->diffForHumans() }}</span>
        <div class="flex gap-1 px-2 py-2">
            <button class="button quiet" data-opens="rename-project" data-action="{{ route('projects.update', $project) }}" data-name="{{ $project->name }}">Rename</button>
            <form method="post" action="{{ route('projects.duplicate', $project) }}">@csrf<button class="button quiet">Duplicate</button></form>
            <form method="post" action="{{ route('projects.destroy', $project) }}">@csrf @method('delete')<button class="button quiet">Delete</button></form>
        </div>
    </li>
@endforeach
@if ($projects->hasMorePages())
    <li class="col-span-full grid justify-items-center py-6">
        <a class="button" href="{{ $projects->nextPageUrl() }}" hx-get="{{ $projects->nextPageUrl() }}" hx-target="closest li" hx-swap="outerHTML">Show older projects</a>
    </li>
@endif
