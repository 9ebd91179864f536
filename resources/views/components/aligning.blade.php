@props(['several', 'parent' => true])
<div class="row"><span class="label" id="align-label">Align</span>
    <span class="flex justify-between" role="group" aria-labelledby="align-label">
        @foreach (['left' => 'align-start-vertical', 'centre' => 'align-center-vertical', 'right' => 'align-end-vertical', 'top' => 'align-start-horizontal', 'middle' => 'align-center-horizontal', 'bottom' => 'align-end-horizontal'] as $edge => $glyph)
            <button class="button quiet !px-1" data-do="align" data-name="{{ $edge }}" title="Align: {{ $edge }}" aria-label="Align {{ $edge }}"><x-glyph :name="$glyph"/></button>
        @endforeach
    </span></div>
@if ($several)
    <div class="row"><label for="align-with">with</label><select class="field" id="align-with"><option value="each">each other</option>@if ($parent)<option value="parent">what they lie in</option>@endif<option value="last">the one picked last</option></select></div>
    <div class="row"><label for="gap">Gap</label>
        <span class="flex gap-1"><input class="field" id="gap" inputmode="decimal" placeholder="even" title="px; empty shares the room between the first and the last" autocomplete="off">
            <button class="button quiet !px-1" data-do="distribute" data-name="x" title="Gaps across" aria-label="Set gaps across"><x-glyph name="align-horizontal-space-between"/></button>
            <button class="button quiet !px-1" data-do="distribute" data-name="y" title="Gaps down" aria-label="Set gaps down"><x-glyph name="align-vertical-space-between"/></button></span></div>
@endif
