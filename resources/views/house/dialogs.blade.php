{{-- What the drawer of the house style asks in dialogs. --}}
<dialog id="house-import" aria-labelledby="house-import-title"><form method="dialog">
    <h2 id="house-import-title" class="mb-3 text-xl"></h2>
    <ul class="mb-4 grid gap-1"></ul>
    <p class="flex justify-end gap-2"><button type="button" class="button" data-closes>Cancel</button><button class="button primary" value="import" autofocus>Import</button></p>
</form></dialog>
<dialog id="house-scheme" class="before-after" aria-labelledby="house-scheme-title"><form method="dialog">
    <h2 id="house-scheme-title" class="mb-3 text-xl">A look from a colour</h2>
    <div class="begin-with"><label class="row"><span class="label">Colour</span><input class="field" name="base" autocomplete="off" spellcheck="false" aria-label="Colour to begin with"></label><span class="swatches" role="group" aria-label="Colours of your pictures and tokens"></span></div>
    <div class="choices">
        <label><span class="label">Greys</span><select class="field" name="warmth" aria-label="Greys">@foreach (Kindred\Style\Warmth::cases() as $one)<option value="{{ $one->value }}">{{ $one->label() }}</option>@endforeach</select></label>
        <label><span class="label">Colours</span><select class="field" name="energy" aria-label="Colours"><option>calm</option><option>lively</option></select></label>
        <label><span class="label">Corners</span><select class="field" name="shape" aria-label="Corners">@foreach (array_keys(Kindred\Style\Scheme::CORNERS) as $one)<option @selected($one === 'soft')>{{ $one }}</option>@endforeach</select></label>
        <label><span class="label">Gaps</span><select class="field" name="density" aria-label="Gaps">@foreach (array_keys(Kindred\Style\Scheme::GAPS) as $one)<option @selected($one === 'even')>{{ $one }}</option>@endforeach</select></label>
    </div>
    <div class="body"></div>
    <p class="field-problem" role="alert" hidden></p>
    <p class="flex justify-end gap-2"><button type="button" class="button" data-closes>Cancel</button><button class="button primary" value="take">Take it</button></p>
</form></dialog>
<dialog id="house-merge" class="before-after" aria-labelledby="house-merge-title"><form method="dialog">
    <h2 id="house-merge-title" class="mb-3 text-xl">Merge</h2>
    <div class="body"></div>
    <label class="row"><span class="label">As token</span><input class="field" name="name" maxlength="200" placeholder="a name makes a token of it" autocomplete="off" spellcheck="false"></label>
    <div class="pictures"></div>
    <p class="field-problem" role="alert" hidden></p>
    <p class="flex justify-end gap-2"><button type="button" class="button" data-closes>Cancel</button><button class="button primary" value="merge" autofocus>Merge</button></p>
</form></dialog>
<dialog id="libraries" aria-labelledby="libraries-title">
    <header class="mb-3 flex items-center"><h2 id="libraries-title" class="flex-1 text-xl">Libraries</h2><button type="button" class="icon-button" data-closes aria-label="Close" title="Close"><x-glyph name="x"/></button></header>
    <div class="body"></div>
</dialog>
