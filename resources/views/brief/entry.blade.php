@php
    $plain = trim((string) preg_replace('/\s+/u', ' ', strip_tags(App\Canvas\Briefs::html($entry->words))));
    $more = match ($part) {
        Kindred\Document\Brief\Part::Plan => [$plan->screen($entry) ? 'on the wall' : '', implode(', ', array_map(fn ($condition) => $condition->label(), $entry->conditions))],
        Kindred\Document\Brief\Part::Requirement => [($covered?->ties ?? []) === [] ? '' : (count($covered->ties) === 1 ? '1 tie' : count($covered->ties).' ties')],
        default => [],
    };
@endphp
<li class="entry-card" id="entry-{{ $entry->id }}" data-entry="{{ $entry->id }}">
    <div class="entry-line">
        <span class="grip" draggable="true" title="Drag to reorder" aria-hidden="true"><x-glyph name="grip-vertical"/></span>
        @if ($covered)<span class="status" data-status="{{ $covered->status->value }}" title="{{ implode(' ', $covered->problems) }}">{{ $covered->status->value }}</span>@endif
        <input class="field title" data-entry-field="title" value="{{ $entry->title }}" maxlength="{{ Kindred\Document\Brief\Entry::MAX_TITLE }}" placeholder="{{ $part === Kindred\Document\Brief\Part::Plan ? 'Name of the screen' : ucfirst($part->one()) }}" aria-label="{{ ucfirst($part->one()) }}" autocomplete="off">
        <span class="gist">{{ implode(' · ', array_filter([mb_strimwidth($plain, 0, 90, '…'), ...$more])) }}</span>
        @if ($entry->asset)<img class="small" alt="" src="{{ route('asset', [$project, $entry->asset]) }}" draggable="false">@endif
        <button type="button" class="button quiet !px-1" data-brief-do="open" aria-expanded="false" aria-label="More about {{ $entry->called() }}" title="Open or close"><x-glyph name="chevron-down"/></button>
    </div>
    <div class="entry-more">
        @if ($entry->asset)<img class="reference" alt="{{ $entry->title }}" src="{{ route('asset', [$project, $entry->asset]) }}" draggable="false">@endif
        <div class="prose" tabindex="0" data-brief-do="write" title="Press to write. **bold**, *slanted*, - lists, # headings">{!! $entry->words === '' ? '<p class="say-more">'.e($hints[$part->value]).'</p>' : App\Canvas\Briefs::html($entry->words) !!}</div>
        <textarea class="field" data-entry-field="words" rows="3" maxlength="{{ Kindred\Document\Brief\Entry::MAX_WORDS }}" aria-label="More about it" placeholder="{{ $hints[$part->value] }}">{{ $entry->words }}</textarea>
        @includeIf('brief.'.$part->value)
        <span class="flex gap-1 px-1 pt-1">
            <button type="button" class="button quiet !px-1" data-brief-do="up" aria-label="Move up" title="Up"><x-glyph name="arrow-up"/></button>
            <button type="button" class="button quiet !px-1" data-brief-do="down" aria-label="Move down" title="Down"><x-glyph name="arrow-down"/></button>
            <button type="button" class="button quiet !px-1" data-brief-do="remove" aria-label="Remove {{ $entry->called() }}" title="Remove; undo brings it back"><x-glyph name="trash-2"/></button>
        </span>
    </div>
</li>
