{{-- Which layer becomes which in a match: both screens with lines between them, and the same as a list. --}}
@php
    $scale = min(300 / max($from->box->width, $to->box->width), 600 / max($from->box->height, $to->box->height));
    $gap = 130;
    $left = $from->box->width * $scale;
    $width = $left + $gap + $to->box->width * $scale;
    $height = max($from->box->height, $to->box->height) * $scale;
    $sides = ['from' => [$from, $leaving, 0], 'to' => [$to, $arriving, $left + $gap]];
    $fromPaired = array_column(array_map(fn ($pair) => [$pair->from->address, $pair], $pairs), 1, 0);
    $toPaired = array_column(array_map(fn ($pair) => [$pair->to->address, $pair], $pairs), 1, 0);
    $delays = array_column(array_map(fn ($one) => ["{$one->from} {$one->to}", $one->delay], $transition->pairs), 1, 0);
    $centre = fn ($actor, float $x): array => [$x + $actor->centre->x * $scale, $actor->centre->y * $scale];
    // Where several are called the same, with what they lie in.
    $same = array_map(fn (array $side): array => array_count_values(array_map(fn ($actor): string => $actor->layer->name, $side[1])), $sides);
    $name = fn ($actor, string $side): string => $actor->layer->name.($same[$side][$actor->layer->name] > 1 && $actor->parent !== null ? " in {$actor->parent->layer->name}" : '');
@endphp
<div class="flex items-center gap-3 pb-2">
    <h2 id="pairs-title" class="flex-1">What becomes what, from {{ $from->name }} to {{ $to->name }}</h2>
    <button type="button" class="button quiet" data-closes>Close</button>
</div>
<p class="pb-2 text-ash">Drag from a layer to the one that it becomes, or beside both screens where it has none.</p>
<div class="flex gap-5">
    <div class="match-board" data-board data-width="{{ round($width) }}" data-height="{{ round($height) }}">
        @foreach ($sides as $side => [$screen, $actors, $x])
            <div class="match-side" data-x="{{ round($x, 2) }}" data-scale="{{ round($scale, 5) }}" data-w="{{ $screen->box->width }}" data-h="{{ $screen->box->height }}">{!! $pictures[$loop->index] !!}</div>
        @endforeach
        <svg xmlns="http://www.w3.org/2000/svg" width="{{ round($width) }}" height="{{ round($height) }}" viewBox="0 0 {{ round($width, 2) }} {{ round($height, 2) }}" role="img" aria-label="{{ count($pairs) }} pairs">
            @foreach ($sides as $side => [$screen, $actors, $x])
                {{-- What is scrolled off the screen is not met on it. --}}
                <clipPath id="match-{{ $side }}"><path d="M{{ round($x, 2) }} 0h{{ round($screen->box->width * $scale, 2) }}v{{ round($screen->box->height * $scale, 2) }}h{{ round(-$screen->box->width * $scale, 2) }}z"/></clipPath>
                <g clip-path="url(#match-{{ $side }})">
                @foreach ($actors as $actor)
                    @continue(! $actor->isPainted() && ! $actor->layer->isContainer() && $actor->layer->component() === null)
                    @php([$cx, $cy] = $centre($actor, $x))
                    <rect data-side="{{ $side }}" data-at="{{ $actor->address }}" data-name="{{ $name($actor, $side) }}" x="{{ round($cx - $actor->layer->box->width * $scale / 2, 2) }}" y="{{ round($cy - $actor->layer->box->height * $scale / 2, 2) }}" width="{{ round(max(2, $actor->layer->box->width * $scale), 2) }}" height="{{ round(max(2, $actor->layer->box->height * $scale), 2) }}" @if ($actor->angle != 0) transform="rotate({{ round($actor->angle, 2) }} {{ round($cx, 2) }} {{ round($cy, 2) }})" @endif @class(['alone' => ! isset(($side === 'from' ? $fromPaired : $toPaired)[$actor->address])])><title>{{ $name($actor, $side) }}</title></rect>
                @endforeach
                </g>
            @endforeach
            @foreach ($pairs as $pair)
                @continue(! $pair->from->isPainted() && ! $pair->to->isPainted())
                @php([[$ax, $ay], [$bx, $by]] = [$centre($pair->from, 0), $centre($pair->to, $left + $gap)])
                <g class="match-line {{ $pair->by === Kindred\Motion\Match\By::Hand ? 'said' : '' }}" data-from="{{ $pair->from->address }}" data-to="{{ $pair->to->address }}">
                    <path d="M{{ round($ax, 2) }} {{ round($ay, 2) }}C{{ round(($ax + $bx) / 2, 2) }} {{ round($ay, 2) }} {{ round(($ax + $bx) / 2, 2) }} {{ round($by, 2) }} {{ round($bx, 2) }} {{ round($by, 2) }}"/>
                    <circle cx="{{ round($ax, 2) }}" cy="{{ round($ay, 2) }}" r="3"/><circle cx="{{ round($bx, 2) }}" cy="{{ round($by, 2) }}" r="3"/>
                </g>
            @endforeach
        </svg>
    </div>
    <div class="match-list flex-1" tabindex="-1">
        @if ($pairs === [])<p class="text-ash">Nothing is the same on both screens: what leaves goes, and what arrives comes, as is chosen for what is alone.</p>@endif
        <table>
            <thead><tr><th>{{ $from->name }}</th><th>becomes</th><th title="How much later it begins">Delay ms</th><th></th></tr></thead>
            <tbody>
            @foreach ($listed as $actor)
                @php($pair = $fromPaired[$actor->address] ?? null)
                @continue(! $actor->isPainted() && ($pair === null || ! $pair->to->isPainted()))
                <tr data-from="{{ $actor->address }}" data-to="{{ $pair?->to->address }}" @class(['alone' => $pair === null])>
                    <th scope="row" title="{{ $pair === null ? 'It has no other' : $pair->by->label() }}">{{ $name($actor, 'from') }}</th>
                    <td><select class="field" data-pair aria-label="What {{ $name($actor, 'from') }} becomes">
                        <option value="">– nothing –</option>
                        @foreach ($arriving as $other)@continue(! $other->isPainted())<option value="{{ $other->address }}" @selected($pair?->to === $other)>{{ $name($other, 'to') }}{{ isset($toPaired[$other->address]) && $pair?->to !== $other ? ' (taken)' : '' }}</option>@endforeach
                        @if ($pair !== null && ! $pair->to->isPainted())<option value="{{ $pair->to->address }}" selected>{{ $name($pair->to, 'to') }}</option>@endif
                    </select></td>
                    <td><input class="field !w-14" data-delay value="{{ $delays["{$actor->address} ".($pair?->to->address ?? '')] ?? 0 }}" aria-label="How much later {{ $name($actor, 'from') }} begins, ms" autocomplete="off"></td>
                    <td>@if ($pair?->by === Kindred\Motion\Match\By::Hand || isset($delays["{$actor->address} "]))<button type="button" class="button quiet !min-h-0 !px-1" data-found title="Find its pair again" aria-label="Find the pair of {{ $name($actor, 'from') }} again"><x-glyph name="rotate-ccw"/></button>@endif</td>
                </tr>
            @endforeach
            </tbody>
        </table>
    </div>
</div>
