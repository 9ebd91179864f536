@props(['field', 'label', 'value', 'mixed' => false, 'screen' => false, 'none' => true, 'token' => null])
@php($id = 'f-'.str_replace('.', '-', $field))
<div class="row">
    <label for="{{ $id }}">{{ $label }}</label>
    <span class="with-well">
        <button type="button" class="well" data-do="colour" data-of="{{ $id }}" data-shows="{{ $value }}" aria-label="{{ $label }}, choose" aria-haspopup="dialog"></button>
        @if ($token !== null)<span class="tokened">@endif
        <input class="field" id="{{ $id }}" @if ($screen) data-screen-field="{{ $field }}" @else data-field="{{ $field }}" @endif value="{{ $value }}" placeholder="{{ $mixed ? 'mixed' : ($none ? 'none' : '') }}" autocomplete="off" spellcheck="false">
        @if ($token !== null)<x-token :field="$field" :label="$label" :token="$token"/></span>@endif
    </span>
</div>
