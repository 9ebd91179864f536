{{-- What is done with a fill, a stroke, an effect as a whole; `$what` is its name, `$last` the place of the last of its list. --}}
<div class="row"><span class="label"></span><span class="flex gap-1">
    <button type="button" class="button" data-do="remove-from-list" data-list="{{ $list }}" data-at="{{ $i }}"><x-glyph name="minus"/> Remove</button>
    <button type="button" class="button quiet !px-1.5" data-do="duplicate-in-list" data-list="{{ $list }}" data-at="{{ $i }}" aria-label="Duplicate {{ $what }}" title="Duplicate"><x-glyph name="copy"/></button>
    @if ($i > 0)<button type="button" class="button quiet !px-1.5" data-do="move-in-list" data-list="{{ $list }}" data-at="{{ $i }}" data-to="{{ $i - 1 }}" aria-label="Move {{ $what }} up" title="Move up"><x-glyph name="arrow-up"/></button>@endif
    @if ($i < $last)<button type="button" class="button quiet !px-1.5" data-do="move-in-list" data-list="{{ $list }}" data-at="{{ $i }}" data-to="{{ $i + 1 }}" aria-label="Move {{ $what }} down" title="Move down"><x-glyph name="arrow-down"/></button>@endif
</span></div>
