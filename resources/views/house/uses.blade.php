@if ($token->description !== '')<p>{{ $token->description }}</p>@endif
@foreach ($tokens as $other)<p>Part of the token <b>{{ $other->name }}</b></p>@endforeach
@if ($widgets !== [])<p><span class="text-ash">Widgets of the kit</span> {{ implode(', ', $widgets) }}</p>@endif
@if ($screens !== [])<p><span class="text-ash">Background of</span> @foreach ($screens as $screen)<button type="button" class="use" data-house="go" data-screen="{{ $screen->id }}">{{ $screen->name }}</button>@endforeach</p>@endif
@foreach (collect($layers)->groupBy(fn ($use) => $use['screen']?->name ?? 'Loose on the wall') as $screen => $uses)
    <p><span class="text-ash">{{ $screen }}</span>
        @foreach ($uses as $use)<button type="button" class="use" data-house="go" data-screen="{{ $use['screen']?->id }}" data-layer="{{ $use['layer']->id }}">{{ $use['layer']->name }}</button>@endforeach</p>
@endforeach
@if ($more)<p class="text-ash">and more.</p>@endif
@if ($layers === [] && $screens === [] && $tokens === [] && $widgets === [])<p class="text-ash">Nothing is bound to it.</p>@endif
@if ($alike > 0 && $theme === null)
    <p><span class="flex-1">{{ $alike === 1 ? 'In one more place there is' : "In {$alike} more places there is" }} this very colour, bound to nothing.</span> <button type="button" class="button" data-house="adopt" data-colour="{{ $token->value->css() }}" title="They look the same, and follow the token from then on">Bind {{ $alike === 1 ? 'it' : 'them' }}</button></p>
@endif
<p class="ends">
    @if ($layers !== [] || $screens !== [] || $tokens !== [] || $widgets !== [])
        <select class="field" data-part="by" aria-label="What takes its place"><option value="">the values stay</option>@foreach ($others as $other)<option value="{{ $other->id }}">{{ $other->name }} takes its place</option>@endforeach</select>
    @endif
    <button type="button" class="button" data-house="remove">Remove token</button>
</p>
