@props(['field', 'label', 'value', 'mixed' => false, 'screen' => false, 'none' => true])
@php($id = 'f-'.str_replace('.', '-', $field))
<div class="row">
    <label for="{{ $id }}">{{ $label }}</label>
    <span class="with-well">
        <input type="color" value="{{ preg_match('/^#[0-9a-f]{6}/', $value) ? substr($value, 0, 7) : '#ffffff' }}" aria-label="{{ $label }}, colour well">
        <input class="field" id="{{ $id }}" @if ($screen) data-screen-field="{{ $field }}" @else data-field="{{ $field }}" @endif value="{{ $value }}" placeholder="{{ $mixed ? 'mixed' : ($none ? 'none' : '') }}" autocomplete="off" spellcheck="false">
    </span>
</div>
