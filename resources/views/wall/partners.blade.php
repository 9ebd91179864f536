{{-- What can stand beside the selected words, by a type scale. --}}
<details class="partners" id="partners" data-facet="partners" data-usually="closed">
    <summary>Partners <span class="gist">by a type scale</span></summary>
    <div class="rows">
        <div class="row"><label for="partners-ratio">Ratio</label>
            <select id="partners-ratio" class="field" title="How many times as large each size is as the next smaller one">
                @foreach (Kindred\Type\Pairing::RATIOS as $ratio => $interval)
                    <option value="{{ $ratio }}" @selected((string) $ratio === Kindred\Type\Pairing::USUAL)>{{ $ratio }} · {{ $interval }}</option>
                @endforeach
            </select>
        </div>
        @foreach ($partners as $ratio => $scale)
            <div class="partner-scale" data-ratio="{{ $ratio }}" @if ((string) $ratio !== Kindred\Type\Pairing::USUAL) hidden @endif>
                @foreach ($scale as $partner)
                    <button type="button" class="partner" data-partner="{{ ucfirst($partner->name) }}" data-above="{{ $partner->above ? 'true' : 'false' }}" data-style="{{ json_encode($partner->style->toArray()) }}" title="Add a {{ $partner->name }} {{ $partner->above ? 'above' : 'below' }} and write in it">
                        <b>{{ ucfirst($partner->name) }}</b><span class="font-number">{{ Kindred\Geometry\Number::text($partner->style->size) }} · {{ $partner->style->weight }}</span>
                    </button>
                @endforeach
            </div>
        @endforeach
    </div>
</details>
