{{-- A screen under one strain, and what breaks. --}}
@php($scale = min(0.5, 300 / $screen->box->height, 420 / $screen->box->width))
<div class="device-picture" data-breaks="{{ count($strained->broken) }}">
    <svg width="{{ round($screen->box->width * $scale) }}" height="{{ round($screen->box->height * $scale) }}" viewBox="0 0 {{ $screen->box->width }} {{ $screen->box->height }}" role="img" aria-label="{{ $screen->name }} {{ $strained->strain->label() }}">{!! $picture !!}
        @foreach ($strained->broken as $one)@foreach ($one->boxes as $box)<rect class="sticks-out" x="{{ $box->x }}" y="{{ $box->y }}" width="{{ $box->width }}" height="{{ $box->height }}"/>@endforeach @endforeach
    </svg>
</div>
@if ($strained->broken === [])<p class="text-ash">holds</p>@endif
@foreach (array_slice($strained->broken, 0, 8) as $one)
    <div class="finding">
        <button type="button" class="says" data-part="go" data-layer="{{ $one->finding->places[0] ?? '' }}">{{ $one->finding->reason }}</button>
        @if ($one->fix)<p class="do"><button type="button" class="button" data-part="fix" data-commands="{{ json_encode($one->fix->commands) }}">{{ $one->fix->label }}</button></p>@endif
    </div>
@endforeach
@if (count($strained->broken) > 8)<p class="text-ash">and {{ count($strained->broken) - 8 }} more</p>@endif
