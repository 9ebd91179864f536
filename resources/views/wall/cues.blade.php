{{-- All cues of the project, searched, gone to, and changed together. --}}
<div class="flex items-center gap-3 pb-2">
    <h2 id="cues-title" class="flex-1">All cues</h2>
    <button type="button" class="button quiet" data-closes>Close</button>
</div>
@php($count = array_sum(array_map(fn ($group) => count($group['cues']), $groups)))
@if ($count === 0)
    <p class="text-ash">There are no cues yet. Draw a thread from a layer to a screen (G), and it is listed here.</p>
@else
    <div class="flex flex-wrap items-center gap-2 pb-2">
        <input type="search" class="field !w-56" data-cues-search aria-label="Search in all cues" placeholder="Search: words, screen, layer" autocomplete="off">
        <select class="field !w-44" data-cues-trigger aria-label="Only with this trigger">
            <option value="">any trigger</option>
            @foreach (Kindred\Document\Cue\Trigger::ALL as $kind)<option value="{{ $kind::kind() }}">{{ $kind::label() }}</option>@endforeach
        </select>
        <span class="flex-1 text-ash" role="status" data-cues-count>{{ $count }} cues</span>
        <label class="flex items-center gap-1"><input type="checkbox" data-cues-all> all that are shown</label>
    </div>
    <div class="cue-list">
        @foreach ($groups as $group)
            <section>
                <h3>{{ $group['screen']->name }}</h3>
                <ul>
                    @foreach ($group['cues'] as ['cue' => $cue, 'layer' => $layer, 'said' => $said, 'moves' => $moves])
                        <li data-cue="{{ $cue->id }}" data-trigger="{{ $cue->trigger::kind() }}" data-screen="{{ $group['screen']->id }}" data-layer="{{ $layer?->id }}" data-moves="{{ implode(' ', $moves) }}">
                            <input type="checkbox" id="all-{{ $group['screen']->id }}-{{ $layer?->id }}-{{ $cue->id }}">
                            <label for="all-{{ $group['screen']->id }}-{{ $layer?->id }}-{{ $cue->id }}"><b>{{ $layer?->name ?? 'the screen' }}</b> {{ $said }}</label>
                            <button type="button" class="button quiet !min-h-0" data-cues-go aria-label="Go to {{ $layer?->name ?? $group['screen']->name }}">Go there</button>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
    </div>
    <div class="flex flex-wrap items-center gap-2 pt-2">
        <span class="text-ash" data-cues-chosen>None is ticked</span>
        <select class="field !w-36" data-cues-set="kind" aria-label="Transition of those that are ticked"><option value="">transition …</option>@foreach (Kindred\Document\Cue\TransitionKind::cases() as $kind)<option value="{{ $kind->value }}">{{ $kind->value }}</option>@endforeach</select>
        <input class="field !w-32" data-cues-set="duration" aria-label="Duration of those that are ticked" placeholder="duration ms" autocomplete="off">
        <input class="field !w-48" data-cues-set="easing" aria-label="Easing of those that are ticked" placeholder="easing" list="easings" autocomplete="off" spellcheck="false">
        <button type="button" class="button" data-cues-do="set">Set</button>
        <span class="flex-1"></span>
        <button type="button" class="button quiet !text-clay" data-cues-do="remove">Remove</button>
    </div>
@endif
