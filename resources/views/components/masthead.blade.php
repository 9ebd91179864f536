@props(['project' => null, 'place' => ''])
<header class="masthead">
    <a href="{{ route('shelf') }}" class="font-heading font-semibold" title="The shelf lists your projects">Kindred Canvas</a>
    @if ($project)
        <span class="text-ash" aria-hidden="true">›</span>
        <span class="project-name max-w-56 overflow-hidden text-ellipsis px-1 font-medium" title="{{ $project->name }}">{{ $project->name }}</span>
        <nav class="ml-3 flex" aria-label="Places">
            <a href="{{ route('brief', $project) }}" @if ($place === 'brief') aria-current="page" @endif>Brief</a>
            <a href="{{ route('wall', $project) }}" @if ($place === 'wall') aria-current="page" @endif @if ($place === 'rehearse') title="Back to the wall (Escape)" @endif>Wall</a>
            <a href="{{ route('rehearse', $project) }}" data-rehearse @if ($place === 'rehearse') aria-current="page" @endif>Rehearse</a>
            <a href="{{ route('hand-over', $project) }}" @if ($place === 'hand-over') aria-current="page" @endif>Hand over</a>
        </nav>
    @endif
    <div class="actions ml-auto flex items-center gap-1">
        @if ($project && $place !== 'wall')<button type="button" class="button quiet !px-2" data-act="house" aria-pressed="false" title="House style: tokens for colours, type, lengths" aria-label="House style"><x-glyph name="swatch-book"/></button>@endif
        {{ $slot }}
    </div>
    @if (! $project)
        <span class="px-2 text-ash">{{ auth()->user()->name }}</span>
        <form method="post" action="{{ route('sign-out') }}">@csrf<button class="button quiet">Sign out</button></form>
    @endif
</header>
