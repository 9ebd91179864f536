{{-- What a look would be, before it is taken. --}}
<div class="palette" role="img" aria-label="Its colours">
    @foreach ($roles as $role)<span><i class="sample chequered" data-shows="{{ $role['colour'] }}"></i><small>{{ $role['name'] }}</small></span>@endforeach
</div>
<p data-said>{{ $changed === 0 ? 'None of your tokens changes' : ($changed === 1 ? 'One token changes' : "{$changed} tokens change") }}, {{ $made === 0 ? 'none is made' : ($made === 1 ? 'one is made' : "{$made} are made") }}, as one step.</p>
@include('house.pictures')
