{{-- The tokens that a property can be bound to. --}}
@if ($bound)
    <p class="now"><span class="flex-1">{{ ucfirst($label) }} is <b>{{ $bound->name }}</b></span><button type="button" class="button quiet" data-bind="detach" title="It keeps the value that it has">Detach</button></p>
@endif
@if ($fitting !== [])
    @if (count($fitting) > 1)<input class="field" type="search" data-bind="filter" placeholder="Filter" aria-label="Filter the tokens" autocomplete="off">@endif
    <div class="list" role="group" aria-label="Tokens for {{ $label }}">
        @foreach ($fitting as $token)
            <button type="button" data-bind="to" data-id="{{ $token->id }}" data-name="{{ $token->name }}" @if ($bound?->id === $token->id) aria-current="true" @endif>@include('house.sample', ['value' => $token->value, 'kind' => $token->value::kind()])<span>{{ $token->name }}</span><small>{{ $token->value->css() }}</small></button>
        @endforeach
    </div>
@else
    <p class="text-ash">No token fits {{ $label ?: 'this' }} yet.</p>
@endif
@if ($makes !== '' && ! $bound)
    <form data-bind="make"><input class="field" name="name" required maxlength="200" placeholder="Name of a new token" aria-label="Name of a new token of {{ $makes }}" title="A token of {{ $makes }}" autocomplete="off" spellcheck="false"><button class="button">Make</button></form>
@endif
<p class="field-problem" role="alert" hidden></p>
