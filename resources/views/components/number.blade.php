@props(['field', 'label', 'values', 'step' => 1, 'hint' => null])
@php($id = 'f-'.str_replace('.', '-', $field))
@php($state = $values[$field])
<label for="{{ $id }}" @if ($hint) title="{{ $hint }}" @endif>{{ $label }}</label>
@if (isset($state['token']))<span class="tokened">@endif
<input class="field" id="{{ $id }}" data-field="{{ $field }}" data-step="{{ $step }}" value="{{ $state['value'] }}" @if ($state['mixed']) placeholder="mixed" @endif @if ($state['fixed'] ?? false) readonly title="{{ $field === 'height' ? 'As high as its lines' : 'The stack gives it its place' }}" @endif autocomplete="off" spellcheck="false" {{ $attributes }}>
@if (isset($state['token']))<x-token :field="$field" :label="$label" :token="$state['token']"/></span>@endif
