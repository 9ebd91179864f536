@php($part = (int) round(100 * $work->progress()))
@if ($work->isOver())
    <p role="status" class="text-[15px]">{{ $work->state === 'cancelled' ? 'It was cancelled; nothing of it was kept.' : 'It was not imported, and nothing was changed. '.$work->problem }}</p>
    <p class="mt-4"><a class="button no-underline" href="{{ route('shelf') }}">Back to the shelf</a></p>
@else
    <div hx-get="{{ route('works.show', $work->id) }}" hx-trigger="load delay:250ms" hx-target="#progress" hx-swap="innerHTML">
        <progress class="h-2 w-full [&::-webkit-progress-bar]:bg-rule [&::-webkit-progress-value]:bg-spruce" max="100" value="{{ $part }}" aria-label="Done so far"></progress>
        <p class="mt-1 text-ash">{{ $work->state === 'waiting' ? 'Waiting for its turn' : $part.' %' }}</p>
    </div>
@endif
