@php
    $sketch = $plan->sketch();
    [$wide, $high] = Kindred\Brief\Plan::CARD;
@endphp
<p class="text-ash">Drag from one screen to another: it leads there. Press on an arrow to undo it.</p>
<svg class="sketch" viewBox="-8 -14 {{ $sketch['width'] + 12 }} {{ $sketch['height'] + 30 }}" data-width="{{ $sketch['width'] + 12 }}" width="{{ $sketch['width'] + 12 }}" role="group" aria-label="Which screen leads to which">
    <defs><marker id="tip" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="7" markerHeight="7" orient="auto-start-reverse"><path d="M0 0 8 4 0 8z" class="tip"/></marker></defs>
    @foreach ($sketch['arrows'] as $arrow)
        <g class="arrow" role="button" tabindex="0" data-from="{{ $arrow['from']->id }}" data-to="{{ $arrow['to']->id }}" aria-label="{{ $arrow['from']->called() }} leads to {{ $arrow['to']->called() }}: undo">
            <path class="arrow-room" d="{{ $arrow['path'] }}"/><path class="leads{{ $arrow['back'] ? ' back' : '' }}" d="{{ $arrow['path'] }}" marker-end="url(#tip)"/>
            <g class="undo" transform="translate({{ $arrow['x'] }} {{ $arrow['y'] }})"><circle r="8"/><path d="M-3-3 3 3M3-3-3 3"/></g>
        </g>
    @endforeach
    @foreach ($sketch['cards'] as $card)
        <g class="plan-card" data-row="{{ $card['row']->id }}" data-made="{{ $card['made'] ? 'true' : 'false' }}" transform="translate({{ $card['x'] }} {{ $card['y'] }})">
            <rect width="{{ $wide }}" height="{{ $high }}"/><text x="10" y="{{ $high / 2 + 4 }}">{{ mb_strimwidth($card['row']->called(), 0, $card['made'] ? 20 : 14, '…') }}</text>
            @if (! $card['made'])<g class="hang" role="button" tabindex="0" data-brief-do="hang-one" data-of="{{ $card['row']->id }}" transform="translate({{ $wide - 44 }} {{ $high / 2 - 12 }})" aria-label="Hang {{ $card['row']->called() }} on the wall"><title>Hang it on the wall</title><rect width="38" height="24" rx="3"/><text x="5" y="16">Hang</text></g>@endif
        </g>
    @endforeach
    <path class="leads pulled" d="" hidden/>
</svg>
