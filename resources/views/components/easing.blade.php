{{-- How far something has come over its time, drawn: time to the right, the way upwards. A curve of CSS is bent by its two handles. --}}
@props(['easing', 'field' => null])
@php
    $curve = $easing->function instanceof Kindred\Document\Cue\Easing\CubicBezier ? $easing->function : null;
    $x = fn (float $time): string => Kindred\Geometry\Number::text(round(160 * $time, 2));
    $y = fn (float $way): string => Kindred\Geometry\Number::text(round(76 - 52 * $way, 2));
    $d = $curve === null
        ? 'M'.implode('L', array_map(fn ($i) => $x($i / 100).' '.$y($easing->at($i / 100)), range(0, 100)))
        : "M0 {$y(0)}C{$x($curve->x1)} {$y($curve->y1)} {$x($curve->x2)} {$y($curve->y2)} 160 {$y(1)}";
@endphp
<div class="row"><span class="label"></span><svg class="easing" viewBox="-8 0 176 100" role="group" aria-label="The curve of {{ $easing->text() }}" @if ($curve && $field) data-curve="{{ implode(' ', [$curve->x1, $curve->y1, $curve->x2, $curve->y2]) }}" data-of="{{ $field }}" @endif>
    <path class="ends" d="M0 76H160M0 24H160"/>
    @if ($curve && $field)<path class="arms" d="M0 76L{{ $x($curve->x1) }} {{ $y($curve->y1) }}M160 24L{{ $x($curve->x2) }} {{ $y($curve->y2) }}"/>@endif
    <path class="way" d="{{ $d }}"/>
    @if ($curve && $field)
        @foreach ([['start', $curve->x1, $curve->y1], ['end', $curve->x2, $curve->y2]] as $i => [$name, $px, $py])
            <circle class="handle" data-handle="{{ $i }}" cx="{{ $x($px) }}" cy="{{ $y($py) }}" r="5" tabindex="0" role="slider" aria-label="How it {{ $name }}s: arrow keys bend the curve" aria-valuenow="{{ round($py, 2) }}" aria-valuetext="{{ round($px, 2) }} of the time, {{ round($py, 2) }} of the way"/>
        @endforeach
    @endif
</svg></div>
