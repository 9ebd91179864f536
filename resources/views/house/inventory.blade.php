{{-- Every value of the look that is in use: how often, where, whether a token has it, and what is nearly the same. --}}
@include('house.head', ['view' => 'inventory'])
@if ($aspects === [])
    <p class="empty">Nothing is drawn yet. What you draw is counted here by its colours, type, corners and gaps, with what is nearly the same.</p>
@endif
@if ($aspects !== [])
    <label class="nearness">How near <input type="range" min="0" max="3" step="0.5" value="{{ $near }}" data-house="near" aria-valuetext="{{ $near }} times as far as usual" title="Up to {{ $near }} times as far apart as usual"></label>
@endif
@foreach ($aspects as $aspect)
    <details class="aspect" id="aspect-{{ $aspect['key'] }}" data-aspect="{{ $aspect['key'] }}" @if ($aspect['near'] > 0 || $loop->first) open @endif>
        <summary><h3>{{ $aspect['label'] }}</h3><span>{{ $aspect['count'] }}{{ $aspect['near'] > 0 ? ", {$aspect['near']} nearly another" : '' }}</span></summary>
        @if ($aspect['near'] > 0)<p class="text-ash">{{ $aspect['nearness'] }} counts as nearly the same{{ $near === 1.0 ? '' : ', here '.$near.' times as far' }}.</p>@endif
        @foreach ($aspect['groups'] as $group)
            <div class="in-use" @if (count($group) > 1) role="group" aria-label="Nearly {{ $group[0]->shown }}" data-near @endif>
                @foreach ($group as $one)
                    @php($value = collect(Kindred\Style\Aspect::ALL)->first(fn ($of) => $of::key() === $aspect['key'])::value($one->plain))
                    <div class="value" data-plain="{{ $one->id }}">
                        @include('house.sample', ['kind' => $value::kind()])
                        <span class="shown" title="{{ $one->shown }}">{{ $one->shown }}</span>
                        @if ($one->tokens !== [] && $one->raw > 0)
                            <button type="button" class="button quiet" data-house="merge" data-token="{{ $one->tokens[0]->id }}" title="{{ $one->tokens[0]->name }} has this value; {{ $one->raw }} of {{ $one->count }} have it without the token">Bind {{ $one->raw }}</button>
                        @elseif ($one->tokens !== [])
                            <span class="had" title="{{ implode(', ', array_map(fn ($token) => $token->name, $one->tokens)) }}">{{ $one->tokens[0]->name }}</span>
                        @elseif (count($group) === 1 && $one->raw > 0)
                            <button type="button" class="button quiet" data-house="merge" title="No token has this value: make one of it, or put another value in its place">Make token</button>
                        @elseif ($one->raw === 0)
                            <span class="had">by a theme</span>
                        @else
                            <span class="had">no token</span>
                        @endif
                        <button type="button" class="count" data-house="through" data-places="{{ implode(',', array_map(fn ($place) => "{$place['screen']} {$place['layer']}", $one->places)) }}" aria-label="{{ $one->shown }}: {{ $one->count === 1 ? 'one use' : "{$one->count} uses" }}; go to the next" title="Go from one to the next">{{ $one->count }}</button>
                    </div>
                @endforeach
                @if (count($group) > 1)<p class="ends"><span class="flex-1">{{ count($group) }} nearly the same</span><button type="button" class="button" data-house="merge">Merge</button></p>@endif
            </div>
        @endforeach
        @if ($aspect['more'] > 0)<p class="text-ash">{{ number_format($aspect['more']) }} more, which are used less often.</p>@endif
    </details>
@endforeach
