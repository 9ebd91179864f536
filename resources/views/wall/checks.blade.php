{{-- What rules have found: of a layer, a screen or the project. --}}
@php
    $marks = [];
    foreach (array_slice($all->open, 0, $marked) as $one) {
        foreach (array_slice($one->places, 0, 1) as $place) {
            $marks["{$one->screen} {$place}"] = ['screen' => $one->screen, 'layer' => (string) $place, 'says' => [...($marks["{$one->screen} {$place}"]['says'] ?? []), $one->reason]];
        }
    }
    $count = count($found->open);
@endphp
<div data-checks="{{ json_encode(['counts' => (object) $all->counts(), 'marks' => array_values($marks), 'left' => $all->left, 'open' => $count]) }}" hidden></div>
<p class="check-head">
    @if ($themes !== [])
        <select class="field" data-check="theme" aria-label="Theme in which is checked" title="Theme in which is checked">
            <option value="" @selected($theme === '')>as shown</option>
            <option value="base" @selected($theme === 'base')>in no theme</option>
            @foreach ($themes as $one)<option value="{{ $one->id }}" @selected($theme === $one->id)>in {{ $one->name }}</option>@endforeach
        </select>
    @endif
    <button type="button" class="button quiet" data-check="rules" title="Which rules the project goes by, and their limits"><x-glyph name="list-checks"/> Rules</button>
    @if ($alone)<button type="button" class="button quiet" data-check="stress" title="The screen with long words, in other languages, at 200 %, on other devices: what breaks"><x-glyph name="stretch-horizontal"/> Strain</button>@endif
</p>
@if ($all->left > 0)<p class="text-ash" role="status">Still looking: {{ $all->left }} of {{ count($all->screens) }} screens to go.</p>@endif
@if ($count === 0 && $all->left === 0)<p class="text-ash">Nothing found on {{ $of }}.</p>@endif
@foreach ($found->byRule() as $rule => $findings)
    @php($fixes = array_values(array_filter($findings, fn ($one) => $one->fix !== null)))
    <section class="check-rule" data-rule="{{ $rule::key() }}">
        <h4><span>{{ ucfirst($rule::label()) }}</span> <small>{{ count($findings) }}</small>
            @if (count($fixes) > 1)<button type="button" class="button quiet" data-check="fix-all" title="What each offers, as one step">Mend {{ count($fixes) }}</button>@endif
        </h4>
        <p class="source">{{ $rule::source() }}</p>
        @foreach (array_slice($findings, 0, $listed) as $one)
            @include('wall.finding', ['one' => $one, 'decided' => null])
        @endforeach
        @if (count($findings) > $listed)<p class="text-ash">and {{ count($findings) - $listed }} more</p>@endif
    </section>
@endforeach
@if ($found->aside !== [])
    <details class="check-aside" id="checks-aside"><summary>Put aside: {{ count($found->aside) }}</summary>
        @foreach (array_slice($found->aside, 0, $listed) as [$one, $decided])
            @include('wall.finding')
        @endforeach
    </details>
@endif
