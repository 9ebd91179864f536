{{-- Binds the property of a field to a token. --}}
@props(['field', 'label', 'token' => null])
@if ($token !== null)<button type="button" class="token-button" data-do="token" data-of="{{ $field }}" @if ($token !== '') data-bound @endif aria-haspopup="dialog" title="{{ $token === '' ? 'Bind it to a token' : "Token {$token}" }}" aria-label="{{ $label }}: {{ $token === '' ? 'bind to a token' : "token {$token}" }}"><x-glyph name="tag"/></button>@endif
