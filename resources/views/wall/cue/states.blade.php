{{-- A state of an instance, by its axis. --}}
<div class="row"><label for="b-{{ $key }}">{{ $said }}</label>
    <select class="field" id="b-{{ $key }}" data-cue-field="{{ $field }}">
        @php($all = array_merge([], ...array_values($cueing['states'])))
        @if (! isset($all[$chosen]))<option value="{{ $chosen }}" selected disabled>(state that is gone)</option>@endif
        @foreach ($all as $value => $label)
            @continue(! $next && ! str_contains($value, ' '))
            <option value="{{ $value }}" @selected($value === $chosen)>{{ $label }}</option>
        @endforeach
    </select></div>
