{{-- What a match does with what is on one of the two screens only, and which layers it takes for one. --}}
<div class="row"><label for="al-{{ $key }}" title="What is on one of the two screens only">What is alone</label>
    <select class="field" id="al-{{ $key }}" data-cue-field="{{ $path }}.transition.alone">@foreach (Kindred\Document\Cue\Alone::cases() as $way)<option value="{{ $way->value }}" @selected($transition->alone === $way)>{{ $way->label() }}</option>@endforeach</select></div>
<div class="row"><label for="st-{{ $key }}" title="How much later each layer begins than the one above it">Stagger ms</label>
    <input class="field" id="st-{{ $key }}" data-cue-field="{{ $path }}.transition.stagger" data-step="10" autocomplete="off" spellcheck="false" value="{{ $transition->stagger }}"></div>
@if ($target !== null && ! $gone)
    <div class="row"><span class="label">Pairs</span><button type="button" class="button" data-do="pairs" data-name="{{ $path }}" title="Shows on the wall which layer becomes which">{{ $transition->pairs === [] ? 'Show and change' : 'Show and change ('.count($transition->pairs).' by hand)' }}</button></div>
@endif
