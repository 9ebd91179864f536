@forelse ($icons as $icon)
    <button type="button" data-icon="{{ $icon['name'] }}" title="{{ $icon['name'] }}" aria-label="{{ $icon['name'] }}"><x-glyph :name="$icon['name']"/></button>
@empty
    <p class="col-span-full text-ash">No icon answers to that. Try a plainer word, such as “fire” or “person”.</p>
@endforelse
