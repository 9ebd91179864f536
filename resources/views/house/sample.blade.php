{{-- What a value of a token looks like. --}}
@if ($kind === 'color')
    <i class="sample chequered" data-shows="{{ $value->css() }}"></i>
@elseif ($kind === 'gradient')
    <i class="sample chequered" data-shows="{{ $value->css() }}"></i>
@elseif ($kind === 'shadow')
    <i class="sample thrown" data-shadow="{{ $value->css() }}"></i>
@elseif ($kind === 'typography')
    <i class="sample set" data-font="{{ $value->css() }}">Ag</i>
@elseif ($kind === 'fontFamily')
    <i class="sample set" data-font="400 16px {{ $value->css() }}">Ag</i>
@elseif ($kind === 'dimension')
    <i class="sample long"><b data-long="{{ min(30, max(0, $value->px())) }}"></b></i>
@else
    <i class="sample">{{ ['number' => '#', 'fontWeight' => 'B', 'duration' => 's', 'cubicBezier' => '~', 'other' => '…'][$kind] }}</i>
@endif
