{{-- The colour field: opens beside the field that it writes into. --}}
<section id="colour-field" role="dialog" aria-label="Colour" hidden>
    <div class="plane" tabindex="0" role="slider" aria-label="Colourfulness and lightness" aria-valuemin="0" aria-valuemax="100" aria-valuenow="0"><canvas width="52" height="34" aria-hidden="true"></canvas><i aria-hidden="true"></i></div>
    <label class="slide hue"><span>Hue</span><input type="range" data-part="hue" min="0" max="360" step="1" aria-label="Hue"></label>
    <label class="slide alpha"><span>Alpha</span><input type="range" data-part="alpha" min="0" max="100" step="1" aria-label="Alpha"></label>
    <div class="said">
        <select class="field" data-part="notation" aria-label="Notation"><option value="hex">hex</option><option value="rgb">RGB</option><option value="hsl">HSL</option><option value="oklch">OKLCH</option></select>
        <input class="field" data-part="text" aria-label="Colour as text" title="Any colour of CSS" autocomplete="off" spellcheck="false">
        <button type="button" class="button quiet !px-1.5" data-part="pick" title="From the wall (E)" aria-label="Take a colour from the wall"><x-glyph name="pipette"/></button>
    </div>
    <p class="field-problem" data-part="problem" role="alert" hidden></p>
    <div class="contrast" data-part="contrast" role="status" hidden></div>
    <div class="swatches" data-part="used" role="group" aria-label="Colours of the project"></div>
    <div class="swatches" data-part="recent" role="group" aria-label="Recent colours"></div>
</section>
