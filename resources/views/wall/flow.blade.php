{{-- The flow of a project: a map of its screens and the ways between them, a site map, and how long paths take. --}}
<div class="flow-head">
    <h2 id="flow-title">Flow</h2>
    <div class="segments" role="group" aria-label="What is shown">
        @foreach (['map' => 'Map', 'site' => 'Site map', 'paths' => 'Predicted times'] as $key => $label)<button type="button" data-flow-show="{{ $key }}" aria-pressed="{{ $show === $key ? 'true' : 'false' }}">{{ $label }}</button>@endforeach
    </div>
    @if ($show !== 'paths')
        <span class="flex items-center gap-1"><button type="button" class="button quiet" data-flow-zoom="0.8" aria-label="Smaller"><x-glyph name="minus"/></button><output data-flow-scale>100%</output><button type="button" class="button quiet" data-flow-zoom="1.25" aria-label="Larger"><x-glyph name="plus"/></button><button type="button" class="button quiet" data-flow-fit>Fit</button></span>
        <button type="button" class="button" data-flow-order="{{ implode(' ', $order) }}" title="The reel has the screens in the order in which this map is read">Order the reel by it</button>
        <span class="flex-1"></span>
        <a class="button quiet" href="{{ route('flow.svg', [$project, 'show' => $show]) }}" download>SVG</a>
        <a class="button quiet" href="{{ route('flow.pdf', [$project, 'show' => $show]) }}" download>PDF</a>
    @else
        <span class="flex-1"></span>
    @endif
    <button type="button" class="button quiet" data-closes>Close</button>
</div>
@if ($graph->screens === [])
    <p class="p-4 text-ash">There are no screens yet. Add one (A), and link it by drawing a thread (G).</p>
@elseif ($show !== 'paths')
    <div class="flow-map" tabindex="0" role="group" aria-label="{{ $show === 'site' ? 'The site map' : 'The map' }}: {{ count($graph->screens) }} screens. Drag or use the arrow keys to move, plus and minus to zoom; Tab goes from screen to screen, Enter goes there.">{!! $map !!}</div>
    <p class="text-ash" role="status">{{ count($graph->screens) === 1 ? 'One screen' : count($graph->screens).' screens' }}, {{ count($graph->steps) === 1 ? 'one way' : count($graph->steps).' ways' }}.
        @php($lost = array_diff_key($graph->screens, $graph->ranks))
        @if ($lost !== []){{ count($lost) === 1 ? 'One is' : count($lost).' are' }} not come to from {{ $graph->screens[$graph->entry]->name }}: {{ implode(', ', array_slice(array_map(fn ($one) => $one->name, array_values($lost)), 0, 6)) }}{{ count($lost) > 6 ? ' …' : '' }}.@else All are come to from {{ $graph->screens[$graph->entry]->name }}.@endif
        A dashed thread shows a screen, a dotted one lays it over; a curl returns.</p>
@else
    <div class="flow-paths">
        <form class="flex items-center gap-2" data-flow-paths>
            <label class="flex items-center gap-2">From <select class="field !w-52" name="from">@foreach ($graph->screens as $id => $screen)<option value="{{ $id }}" @selected($id === $from)>{{ $screen->name }}</option>@endforeach</select></label>
            <label class="flex items-center gap-2">to <select class="field !w-52" name="to">@foreach ($graph->screens as $id => $screen)<option value="{{ $id }}" @selected($id === $to)>{{ $screen->name }}{{ isset($graph->ranks[$id]) ? ' ('.$graph->ranks[$id].')' : '' }}</option>@endforeach</select></label>
            <span class="text-ash">In brackets: steps from the entry.</span>
        </form>
        @if ($from === $to)
            <p>That is the same screen.</p>
        @elseif ($paths === [])
            <p>No cue leads from {{ $graph->screens[$from]->name }} to {{ $graph->screens[$to]->name }}.</p>
        @endif
        @foreach ($paths as $i => $path)
            <section class="path">
                <h3>{{ $i === 0 ? 'The fastest' : 'Another' }}: {{ number_format($path->seconds(), 1) }} s in {{ count($path->steps) === 1 ? 'one step' : count($path->steps).' steps' }}@if ($i > 0)<span class="text-ash">, {{ number_format($path->seconds() - $paths[0]->seconds(), 1) }} s longer</span>@endif</h3>
                <table>
                    <thead><tr><th>On</th><th>What is done</th><th>Operators</th><th class="text-right">Seconds</th></tr></thead>
                    <tbody>
                    @foreach ($path->steps as [$step, $done])
                        <tr><td>{{ $graph->screens[$step->from]->name }}</td><td>{{ $step->cue->trigger::label() }} {{ $step->target === null ? '' : '“'.$step->called.'”' }} → {{ $graph->screens[$step->to]->name ?? 'back' }}</td>
                            <td>@foreach ($done as $one)<abbr title="{{ ucfirst($one->operator->label()) }}{{ $one->about === '' ? '' : ', '.$one->about }}">{{ $one->times > 1 ? $one->times.'×' : '' }}{{ $one->operator->label() }} <span class="text-ash">{{ number_format($one->seconds, 2) }}</span></abbr> @endforeach</td>
                            <td class="text-right">{{ number_format(Kindred\Flow\Time\Timed::total($done), 2) }}</td></tr>
                    @endforeach
                    </tbody>
                </table>
            </section>
        @endforeach
        @if ($takes !== [])
            <section class="path"><h3>With other takes</h3>
                <table><tbody>
                @foreach ($takes as ['screen' => $screen, 'take' => $take, 'path' => $other])
                    <tr><td>{{ $screen->name }}, {{ $take->take?->name }}</td><td>@if ($other === null)leads nowhere from here @else {{ number_format($other->seconds(), 1) }} s, {{ $other->seconds() <= $paths[0]->seconds() ? number_format($paths[0]->seconds() - $other->seconds(), 1).' s faster' : number_format($other->seconds() - $paths[0]->seconds(), 1).' s slower' }}@endif</td></tr>
                @endforeach
                </tbody></table></section>
        @endif
        @if ($paths !== [])<p class="text-ash">Of somebody who knows the application and makes no mistakes. By the keystroke-level model (Card, Moran and Newell 1980) and Fitts’ law in Shannon’s form (MacKenzie 1992), with 6.95 bits a second of a finger (MacKenzie 2015) and 4.3 of a mouse (Soukoreff and MacKenzie 2004).</p>@endif
    </div>
@endif
