@php($value = $token->value)
@if ($type['kind'] === 'color')
    <i class="sample chequered" data-shows="{{ $value->css() }}"></i>
@elseif ($type['kind'] === 'gradient')
    <i class="sample chequered" data-shows="{{ $value->css() }}"></i>
@elseif ($type['kind'] === 'shadow')
    <i class="sample thrown" data-shadow="{{ $value->css() }}"></i>
@elseif ($type['kind'] === 'typography')
    <i class="sample set" data-font="{{ $value->css() }}">Ag</i>
@elseif ($type['kind'] === 'fontFamily')
    <i class="sample set" data-font="400 16px {{ $value->css() }}">Ag</i>
@elseif ($type['kind'] === 'dimension')
    <i class="sample long"><b data-long="{{ min(30, max(0, $value->px())) }}"></b></i>
@else
    <i class="sample">{{ ['number' => '#', 'fontWeight' => 'B', 'duration' => 's', 'cubicBezier' => '~', 'other' => '…'][$type['kind']] }}</i>
@endif
