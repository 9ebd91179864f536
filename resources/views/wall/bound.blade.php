{{-- What is bound to tokens, by name. --}}
@foreach ($bound[$facet] ?? [] as $path => $one)
    <p class="bound-to"><x-glyph name="tag"/><span>{{ ucfirst($one['label']) }}</span><button type="button" data-do="token" data-of="{{ $path }}" aria-haspopup="dialog" title="Another token, or none">{{ $one['name'] }}</button></p>
@endforeach
@foreach ($offered[$facet] ?? [] as $path => $one)
    <p class="bound-to offered"><span>{{ ucfirst($one['label']) }} is what {{ $one['name'] }} says</span><button type="button" data-do="bind" data-of="{{ $path }}" data-id="{{ $one['id'] }}" title="It follows the token then">Bind</button></p>
@endforeach
