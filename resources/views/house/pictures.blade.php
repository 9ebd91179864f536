{{-- Screens as they are and as they would be. --}}
<div class="pictures">
    @foreach ($pictures as $picture)
        <figure><figcaption>{{ $picture['screen']->name }}</figcaption><div>
            <span>{!! $picture['before'] !!}<small>now</small></span><span>{!! $picture['after'] !!}<small>then</small></span>
        </div></figure>
    @endforeach
</div>
