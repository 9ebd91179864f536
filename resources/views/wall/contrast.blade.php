<span class="ratio" title="WCAG 2.2, {{ $of }}, against all that lies behind it">{{ number_format($worst, 2) }} : 1</span>
@if ($typical - $worst > 0.15)<span class="text-ash" title="Half of what lies behind it gives that or more">typically {{ number_format($typical, 2) }}</span>@endif
@foreach ($aims as $aim)
    <span class="aim" data-reached="{{ $aim['reached'] ? 'yes' : 'no' }}" title="{{ $aim['ratio'] }} : 1 for {{ $of }}">{{ $aim['name'] }} {{ $aim['reached'] ? '✓' : '✗' }}</span>
    @if (! $aim['reached'] && $aim['nearest'])<button type="button" class="nearest" data-colour="{{ $aim['nearest']->toHex() }}" title="The nearest colour of this hue that reaches {{ $aim['name'] }}: {{ $aim['nearest']->toHex() }}" aria-label="Take {{ $aim['nearest']->toHex() }}, which reaches {{ $aim['name'] }}"></button>@endif
@endforeach
