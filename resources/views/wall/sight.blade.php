{{-- The wall as it is seen with other eyes; nothing is changed. --}}
<details id="sight" class="drop">
    <summary class="button quiet !px-2" title="Sight: the wall as others see it" aria-label="Sight"><x-glyph name="glasses"/></summary>
    <div role="radiogroup" aria-label="Sight">
        <label><input type="radio" name="sight" value="" checked> Full colour</label>
        @foreach (Kindred\Paint\Sight::cases() as $sight)<label><input type="radio" name="sight" value="{{ $sight->value }}"> {{ ucfirst($sight->value) }} <span class="text-ash">{{ $sight->label() }}</span></label>@endforeach
    </div>
</details>
<svg class="sr-only" xmlns="http://www.w3.org/2000/svg" aria-hidden="true" width="0" height="0">
    @foreach (Kindred\Paint\Sight::cases() as $sight)<filter id="sight-{{ $sight->value }}" color-interpolation-filters="linearRGB" x="0" y="0" width="1" height="1"><feColorMatrix values="{{ $sight->values() }}"/></filter>@endforeach
</svg>
