<div class="mb-3 flex items-center gap-4"><h2 id="all-devices-title" class="mr-auto text-xl">{{ $screen->name }} on all devices</h2><span class="text-ash">Only to look at. What sticks out is marked.</span><button type="button" class="button" data-closes>Close</button></div>
<div class="device-row">
    @foreach ($shown as ['device' => $device, 'picture' => $picture, 'overflow' => $overflow, 'box' => $box])
        @php($scale = min(0.5, 300 / $box->height, 420 / $box->width))
        <figure data-on-device="{{ $device->key }}">
            <div class="device-picture">
                <svg width="{{ round($box->width * $scale) }}" height="{{ round($box->height * $scale) }}" viewBox="0 0 {{ $box->width }} {{ $box->height }}" role="img" aria-label="{{ $screen->name }} on {{ $device->name }}">{!! $picture !!}
                    @foreach ($overflow as $one)<rect class="sticks-out" x="{{ $one->box->x }}" y="{{ $one->box->y }}" width="{{ $one->box->width }}" height="{{ $one->box->height }}"/>@endforeach
                </svg>
            </div>
            <figcaption><b>{{ $device->name }}</b> <span class="font-number text-[11px] text-ash">{{ Kindred\Geometry\Number::text($box->width) }} × {{ Kindred\Geometry\Number::text($box->height) }}</span>
                @if ($overflow === [])<span class="block text-ash">everything fits</span>@else
                    @foreach (array_slice($overflow, 0, 3) as $one)<span class="block text-plum">{{ $one->layer->name }} sticks out of {{ $one->of }}</span>@endforeach
                    @if (count($overflow) > 3)<span class="block text-plum">and {{ count($overflow) - 3 }} more</span>@endif
                @endif
            </figcaption>
        </figure>
    @endforeach
</div>
