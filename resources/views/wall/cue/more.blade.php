{{-- Adds a condition or an action of the kind that is chosen. --}}
<select class="field" data-cue-field="{{ $field }}" aria-label="Add: {{ $label }}">
    <option value="" selected>{{ $label }}</option>
    @foreach ($kinds as $kind)
        @continue(in_array($kind, [Kindred\Document\Cue\Action\Show::class, Kindred\Document\Cue\Action\LayOver::class, Kindred\Document\Cue\Action\Replace::class], true) && $others === [])
        <option value="{{ $kind::kind() }}">{{ $kind::label() }}</option>
    @endforeach
</select>
