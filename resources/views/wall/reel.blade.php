@foreach ($tree->hung() as $screen)
    @if ($screen->component && ! ($parted ?? false))
        @php($parted = true)
        <h3 class="reel-part"><x-glyph name="leaf"/> Components</h3>
    @endif
    <section class="card" id="card-{{ $screen->id }}" data-card="{{ $screen->id }}" @if ($screen->component) data-sheet @else draggable="true" @endif>
        <button type="button" class="picture" data-open-screen title="Show {{ $screen->name }}"><img alt="" draggable="false" data-small="{{ route('thumbnail', [$project, $screen->id]) }}?r={{ $revisions[$screen->id] ?? 0 }}"></button>
        <div class="line">
            <span class="name">{{ $screen->name }}</span>
            @php($takes = $tree->takes($screen->id))
            @if (count($takes) > 1)<button type="button" class="entry" data-takes="{{ $screen->id }}" title="Takes of this screen, side by side">{{ $screen->take->name }}, {{ count($takes) }} takes</button>@endif
            @if (($covered[$screen->id][1] ?? 0) > 0)<span class="entry covers" title="Requirements that speak of this screen, and how many of them are covered">{{ $covered[$screen->id][0] }} of {{ $covered[$screen->id][1] }} covered</span>@endif
            @if (! $screen->component)<button type="button" class="entry found" id="found-{{ $screen->id }}" data-found="{{ $screen->id }}" hx-morph-skip hidden></button>@endif
            @if ($screen->condition)<span class="entry" title="A version for this situation">{{ $screen->condition->label() }}</span>@endif
            @if ($project->entry === $screen->id)<span class="entry" title="A rehearsal starts here">entry</span>@endif
        </div>
        <details data-screen="{{ $screen->id }}" data-url="{{ route('outline', [$project, $screen->id]) }}"><summary>Outline</summary><input class="field outline-search" type="search" placeholder="Find a layer" aria-label="Find a layer of {{ $screen->name }}" autocomplete="off"><div class="layer-list" hx-morph-skip-children></div></details>
    </section>
@endforeach
<section class="card"><details data-screen="loose" data-url="{{ route('outline', [$project, 'loose']) }}"><summary>Loose on the wall</summary><div class="layer-list" hx-morph-skip-children></div></details></section>
@if ($covered !== [])<i data-coverage hidden></i>@endif
