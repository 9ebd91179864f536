{{-- How words are set that are selected while one writes: what the rack offers then. --}}
<div id="writing-options" role="group" aria-label="Text" hidden>
    <select data-own="family" aria-label="Family" title="Family of the text">
        @include('wall.families')
    </select>
    <select data-own="weight" aria-label="Weight" title="Weight of the text (Ctrl B: bold)"></select>
    <input class="field" data-own="size" data-step="1" aria-label="Size of the text" title="Size of the text, px" autocomplete="off" spellcheck="false">
    <button type="button" data-own="italic" aria-pressed="false" aria-label="Italic" title="Italic (Ctrl I)"><x-glyph name="italic"/></button>
    <button type="button" data-line="underline" aria-pressed="false" aria-label="Line under" title="Line under (Ctrl U)"><x-glyph name="underline"/></button>
    <button type="button" data-line="line-through" aria-pressed="false" aria-label="Line through" title="Line through (Ctrl Shift X)"><x-glyph name="strikethrough"/></button>
    <select data-own="variant" aria-label="Forms of the text" title="Other figures and letters, as far as the face has them">
        <option value="normal">usual</option>
        @foreach (array_keys(Kindred\Type\FontVariant::FEATURES) as $form)<option value="{{ $form }}">{{ str_replace(['-nums', '-'], [' figures', ' '], $form) }}</option>@endforeach
    </select>
    <span class="with-well">
        <button type="button" class="well" data-do="colour" data-of="writing-colour" aria-label="Colour of the text, choose" aria-haspopup="dialog" title="Colour of the text"></button>
        <input id="writing-colour" data-own="colour" class="field sr-only" tabindex="-1" aria-label="Colour of the text">
    </span>
    <button type="button" data-do="link" aria-pressed="false" aria-label="Link" title="Link (Ctrl K)"><x-glyph name="link"/></button>
    <i class="divider"></i>
    <button type="button" data-list="bullet" aria-pressed="false" aria-label="Bullets" title="Bullets: or begin a paragraph with a dash and a space"><x-glyph name="list"/></button>
    <button type="button" data-list="number" aria-pressed="false" aria-label="Numbers" title="Numbers: or begin a paragraph with 1. and a space"><x-glyph name="list-ordered"/></button>
    <button type="button" data-level="-1" aria-label="Less deep" title="Less deep in the list (Shift Tab)"><x-glyph name="list-indent-decrease"/></button>
    <button type="button" data-level="1" aria-label="Deeper" title="Deeper in the list (Tab)"><x-glyph name="list-indent-increase"/></button>
    <label title="Room before the paragraph, px"><x-glyph name="arrow-up-to-line"/><input class="field" data-paragraph="before" data-step="1" aria-label="Room before" autocomplete="off" spellcheck="false"></label>
    <label title="Room after the paragraph, px"><x-glyph name="arrow-down-to-line"/><input class="field" data-paragraph="after" data-step="1" aria-label="Room after" autocomplete="off" spellcheck="false"></label>
    <form data-part="link" hidden>
        <input class="field" name="link" aria-label="Address" placeholder="https://, mailto: or tel:" autocomplete="off" spellcheck="false">
        <button type="submit" class="button">Set</button>
        <button type="button" class="button quiet" data-do="unlink">Take off</button>
    </form>
</div>
