{{-- One finding: what is wrong, where, what mends it; or why it was put aside. --}}
<article class="finding" id="finding-{{ $one->screen }}-{{ $one->id() }}" data-finding="{{ $one->id() }}" data-about="{{ $one->about }}" data-screen="{{ $one->screen }}" data-places="{{ json_encode(array_map(strval(...), $one->places)) }}"@if ($one->fix && ! $decided) data-fix="{{ json_encode($one->fix->commands) }}"@endif>
    <button type="button" class="says" data-check="go" title="{{ count($one->places) > 1 ? 'Go there; once more for the next of '.count($one->places) : 'Go there' }}">{{ $one->reason }}</button>
    @unless ($alone)<p class="on">on {{ $names[$one->screen] ?? 'a screen' }}{{ count($one->places) > 2 ? ', '.count($one->places).' layers' : '' }}</p>@endunless
    @if ($decided)
        <p class="on">{{ $decided->reason }}</p>
        <p class="do"><button type="button" class="button quiet" data-check="take-up">Take up again</button></p>
    @else
        <p class="do">
            @if ($one->fix)<button type="button" class="button" data-check="fix" title="Shown on the wall while you point at it">{{ $one->fix->label }}</button>@endif
            <button type="button" class="button quiet" data-check="aside">Put aside</button>
        </p>
    @endif
</article>
