{{-- The layout grids and ruler guides of a screen, which its layers come to rest against; of several screens what they share. --}}
<div class="part">Grids and guides</div>
@foreach ($one->grids ?? [] as $grid)
    @php($tracks = $grid->kind->hasTracks())
    <div class="row-group grid-card" data-grid="{{ $grid->id }}" data-kind="{{ $grid->kind->value }}">
        <div class="flex items-center gap-2"><b class="flex-1 text-[12px] font-semibold">{{ ucfirst($grid->kind->label()) }}</b><button class="button quiet !px-1" data-do="remove-grid" data-id="{{ $grid->id }}" aria-label="Remove the {{ $grid->kind->label() }}" title="Remove"><x-glyph name="x"/></button></div>
        <div class="row two wide">
            @if ($tracks || $grid->kind->value === 'paper')<label for="g-{{ $grid->id }}-count">{{ $tracks ? 'count' : 'bold' }}</label><input class="field" id="g-{{ $grid->id }}-count" data-grid-field="count" data-step="1" value="{{ $grid->count }}" autocomplete="off">@endif
            <label for="g-{{ $grid->id }}-size">{{ $tracks ? 'width' : 'step' }}</label><input class="field" id="g-{{ $grid->id }}-size" data-grid-field="size" data-step="1" value="{{ $grid->size === null ? '' : Kindred\Geometry\Number::text($grid->size) }}" placeholder="{{ $tracks ? 'share' : '' }}" title="{{ $tracks ? 'px; empty shares the room that the margins leave' : 'px' }}" autocomplete="off">
        </div>
        @if ($tracks || $grid->kind->value === 'baseline')
            <div class="row two wide">
                <label for="g-{{ $grid->id }}-margin">{{ $tracks ? 'margin' : 'from' }}</label><input class="field" id="g-{{ $grid->id }}-margin" data-grid-field="margin" data-step="1" value="{{ Kindred\Geometry\Number::text($grid->margin) }}" autocomplete="off">
                @if ($tracks)<label for="g-{{ $grid->id }}-gutter">gutter</label><input class="field" id="g-{{ $grid->id }}-gutter" data-grid-field="gutter" data-step="1" value="{{ Kindred\Geometry\Number::text($grid->gutter) }}" autocomplete="off">@endif
            </div>
        @endif
        <div class="row two wide"><label for="g-{{ $grid->id }}-colour" title="With opacity as the last two digits">colour</label><input class="field col-span-3" id="g-{{ $grid->id }}-colour" data-grid-field="colour" value="{{ $grid->paint()->toHex() }}" autocomplete="off" spellcheck="false"></div>
    </div>
@endforeach
<div class="row"><label for="add-grid">Add</label><select class="field" id="add-grid" data-add-grid><option value="">a grid…</option>@foreach (Kindred\Document\Grid\GridKind::cases() as $kind)<option value="{{ $kind->value }}">{{ $kind->label() }}</option>@endforeach</select></div>
@foreach (['x' => 'Guides ↔', 'y' => 'Guides ↕'] as $axis => $label)
    @php($guides = $same(fn ($screen) => $screen->guides->text($axis === 'x' ? Kindred\Geometry\Axis::X : Kindred\Geometry\Axis::Y)))
    <div class="row"><label for="s-guides-{{ $axis }}" title="px from the corner, parted by commas; or drag one out of a ruler">{{ $label }}</label><input class="field" id="s-guides-{{ $axis }}" data-screen-field="guides.{{ $axis }}" value="{{ $guides }}" placeholder="{{ $guides === null ? 'mixed' : 'none' }}" autocomplete="off" spellcheck="false"></div>
@endforeach
