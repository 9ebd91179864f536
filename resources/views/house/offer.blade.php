{{-- What a library offers. --}}
<form class="offer" data-part="take">
    <h3>{{ $library->name }} offers</h3>
    @if ($goods === [])<p class="text-ash">It has no components, tokens, icons and fonts of its own, or settings of checks.</p>@endif
    @foreach ($goods as ['kind' => $kind, 'goods' => $some])
        <fieldset><legend><label class="choice"><input type="checkbox" data-part="all"> <b>{{ $kind->label() }}</b> {{ count($some) }}</label></legend>
            @foreach ($some as $one)
                @php($is = ($here[$one->key()] ?? null)?->mark() === $one->mark())
                <label class="choice"><input type="checkbox" name="keys" value="{{ $one->key() }}" @disabled($is)> <span>{{ $one->name }}</span> @if ($is)<small>is here</small>@elseif (isset($here[$one->key()]))<small>is here otherwise</small>@endif</label>
            @endforeach
        </fieldset>
    @endforeach
    <p class="text-ash">What something needs comes with it. Tokens that are here by the same name stay as they are.</p>
    <p class="flex justify-end"><button class="button primary" disabled>Take</button></p>
</form>
