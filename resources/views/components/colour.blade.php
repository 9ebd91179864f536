@props(['field', 'label', 'value', 'mixed' => false, 'screen' => false, 'none' => true])
@php($id = 'f-'.str_replace('.', '-', $field))
<div class="row">
    <label for="{{ $id }}">{{ $label }}</label>
    <span class="with-well">
        <button type="button" class="well" data-do="colour" data-of="{{ $id }}" data-shows="{{ $value }}" aria-label="{{ $label }}, choose" aria-haspopup="dialog"></button>
        <input class="field" id="{{ $id }}" @if ($screen) data-screen-field="{{ $field }}" @else data-field="{{ $field }}" @endif value="{{ $value }}" placeholder="{{ $mixed ? 'mixed' : ($none ? 'none' : '') }}" autocomplete="off" spellcheck="false">
    </span>
</div>
