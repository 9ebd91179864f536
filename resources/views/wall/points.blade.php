<i hidden data-path="{{ $path }}"></i>
<div class="points" data-points hidden>
    <div class="part">Points</div>
    <div class="row two">
        @foreach (['x' => 'X', 'y' => 'Y'] as $axis => $word)
            <span class="label">{{ $word }}</span><input class="field" id="p-{{ $axis }}" data-point-field="{{ $axis }}" data-step="1" disabled autocomplete="off" aria-label="Point {{ $word }}" title="From the corner of the path; +10 moves each of several by itself">
        @endforeach
    </div>
    <div class="row"><span class="label">Make</span><span class="flex flex-wrap gap-1">
        @foreach (['smooth' => ['Smooth', 'Handles in one line; a double press on a point changes it'], 'corner' => ['Corner', 'Without handles'], 'cut' => ['Cut', 'Opens the path there'], 'join' => ['Join', 'Two ends by a line, or one part closed']] as $do => [$word, $title])
            <button type="button" class="button !min-h-0 !px-1.5" data-do="points-{{ $do }}" title="{{ $title }}">{{ $word }}</button>
        @endforeach
        <button type="button" class="button !min-h-0 !px-1.5" data-do="points-reverse" data-least="0" title="Lets the path run the other way">Reverse</button>
    </span></div>
    <div class="row"><span class="label">Line up</span><span class="flex gap-0.5">
        @foreach (['left' => 'align-start-vertical', 'centre' => 'align-center-vertical', 'right' => 'align-end-vertical', 'top' => 'align-start-horizontal', 'middle' => 'align-center-horizontal', 'bottom' => 'align-end-horizontal'] as $edge => $glyph)
            <button type="button" class="button quiet !px-1" data-do="points-{{ $edge }}" data-least="2" aria-label="Line up the points: {{ $edge }}" title="Line up: {{ $edge }}"><x-glyph :name="$glyph"/></button>
        @endforeach
    </span></div>
</div>
