{{-- How far something has come over its time, drawn: time to the right, the way upwards. --}}
@props(['easing'])
@php
    $at = array_map(fn ($i) => [$i * 1.6, 34 - 24 * $easing->at($i / 100)], range(0, 100));
    $d = 'M'.implode('L', array_map(fn ($point) => Kindred\Geometry\Number::text(round($point[0], 2)).' '.Kindred\Geometry\Number::text(round($point[1], 2)), $at));
@endphp
<div class="row"><span class="label"></span><svg class="easing" viewBox="-2 -2 164 42" role="img" aria-label="The curve of {{ $easing->text() }}"><path class="ends" d="M0 34H160M0 10H160"/><path d="{{ $d }}"/></svg></div>
