<div class="mb-3 flex flex-wrap items-center gap-3" data-trial="{{ $layer->id }}" data-screen="{{ $layer->screen }}">
    <h2 id="trials-title" class="mr-auto text-xl">{{ $layer->name }}, tried</h2>
    <button type="button" class="button" data-closes>Close</button>
</div>
<form class="mb-4 flex flex-wrap items-end gap-2" data-trial-form>
    <label><span class="label">Property</span><select class="field !w-40" name="field">@foreach ($fields as $one)<option value="{{ $one->path }}" @selected($one->path === $field->path)>{{ $one->label() }}</option>@endforeach</select></label>
    <label class="flex-1"><span class="label">Values, with commas between</span><input class="field" name="values" value="{{ implode(', ', $values) }}" autocomplete="off" spellcheck="false"></label>
    <button class="button">Try these</button>
</form>
<div class="trials">
    @foreach ($tried as ['value' => $value, 'problem' => $problem, 'picture' => $picture, 'box' => $box])
        @if ($problem)
            <p class="finding">{{ $value }}: {{ $problem }}</p>
        @else
            <button type="button" class="trial" data-choose="{{ $value }}" data-field="{{ $field->path }}" aria-label="Choose {{ $value === '' ? 'none' : $value }}">
                <svg viewBox="{{ $box->x }} {{ $box->y }} {{ $box->width }} {{ $box->height }}" aria-hidden="true">{!! $picture !!}</svg>
                <span class="font-number">{{ $value === '' ? 'none' : $value }}</span>@if ($value === $now)<span class="text-ash"> as it is</span>@endif
            </button>
        @endif
    @endforeach
</div>
