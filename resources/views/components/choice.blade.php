@props(['field', 'label', 'values', 'options'])
@php($state = $values[$field])
<div class="row">
    <label for="f-{{ $field }}">{{ $label }}</label>
    <select class="field" id="f-{{ $field }}" data-field="{{ $field }}">
        @if ($state['mixed'])<option value="" selected disabled>mixed</option>@endif
        @foreach ($options as $value => $word)<option value="{{ $value }}" @selected(! $state['mixed'] && $state['value'] === (string) $value)>{{ $word }}</option>@endforeach
        @if (! $state['mixed'] && ! isset($options[$state['value']]))<option selected>{{ $state['value'] }}</option>@endif
    </select>
</div>
