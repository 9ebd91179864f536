{{-- What makes up the colour at a point, from front to back. --}}
<ol>
    @foreach ($shares as $share)
        @php($one = $share->ingredient)
        <li @class(['off' => $one->off])>
            <button type="button" class="made-row" data-layer="{{ $one->layer }}" @disabled($one->layer === null) title="{{ $one->as }}">
                <i class="swatch" @if ($share->colour && $share->share) data-shows="{{ $share->colour->toHex() }}" @endif aria-hidden="true"></i>
                <span class="made-name">{{ $one->name }}</span>
                <span class="made-what">{{ $one->what }}@if ($one->what === 'opacity' || $one->what === 'blend') {{ $one->as }}@endif</span>
                <span class="made-share">@if ($one->off) off @elseif ($share->share !== null) {{ $share->share >= 0.995 ? '100' : ($share->share < 0.01 ? '<1' : round($share->share * 100)) }} % @endif</span>
            </button>
            @if ($one->switch !== null)<button type="button" class="icon-button" data-switch="{{ $one->switch }}" data-layer="{{ $one->layer }}" data-off="{{ $one->off ? 'true' : 'false' }}" aria-pressed="{{ $one->off ? 'true' : 'false' }}" aria-label="{{ $one->off ? 'Show' : 'Hide' }} {{ $one->what }} of {{ $one->name }}" title="{{ $one->off ? 'Show' : 'Hide' }}"><x-glyph :name="$one->off ? 'eye-off' : 'eye'"/></button>@endif
        </li>
    @endforeach
</ol>
