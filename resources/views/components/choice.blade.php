@props(['field', 'label', 'values', 'options'])
@php($id = 'f-'.str_replace('.', '-', $field))
@php($state = $values[$field])
<div class="row">
    <label for="{{ $id }}">{{ $label }}</label>
    @if (isset($state['token']))<span class="tokened chosen">@endif
    <select class="field" id="{{ $id }}" data-field="{{ $field }}">
        @if ($state['mixed'])<option value="" selected disabled>mixed</option>@endif
        @foreach ($options as $value => $word)<option value="{{ $value }}" @selected(! $state['mixed'] && $state['value'] === (string) $value)>{{ $word }}</option>@endforeach
        @if (! $state['mixed'] && ! isset($options[$state['value']]))<option selected>{{ $state['value'] }}</option>@endif
    </select>
    @if (isset($state['token']))<x-token :field="$field" :label="$label" :token="$state['token']"/></span>@endif
</div>
