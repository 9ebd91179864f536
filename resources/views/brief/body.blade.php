@php
    use Kindred\Brief\Status;
    use Kindred\Document\Brief\Part;
    $hints = ['goal' => 'What is to be better afterwards, and how would one notice?', 'person' => 'Who, what matters to them, what is the problem?', 'finding' => 'What was found out about similar things, or seen and heard?',
        'wording' => 'How things are to be called and said.', 'requirement' => 'What has to be possible, shown or said.', 'plan' => 'What is this screen for?', 'reference' => 'What is to be learned from it?'];
    $empty = ['goal' => 'No goals yet. What is to be better afterwards?', 'person' => 'Nobody yet. Who is it for?', 'finding' => 'No findings yet.', 'wording' => 'No wording yet.', 'reference' => 'No reference pictures yet. Drop some here.',
        'requirement' => 'No requirements yet. Write what has to be possible; then tie it to what meets it, here or on the wall.', 'plan' => 'No plan yet. Name the screens; one press hangs them all on the wall.'];
    $screens = $tree->reel();
@endphp
@foreach (Part::cases() as $part)
    @php
        $all = $tree->part($part);
        $entries = array_values(array_filter($all, fn ($entry) => isset($found[$entry->id])));
    @endphp
    <section id="{{ $part->value }}" data-part="{{ $part->value }}" aria-labelledby="h-{{ $part->value }}">
        <div class="flex items-center gap-3">
            <h2 id="h-{{ $part->value }}" class="text-lg">{{ $part->heading() }}</h2>
            @if ($part === Part::Requirement && $all !== [])
                <span class="text-ash">@foreach (Status::cases() as $status){{ count(array_filter($coverage->requirements, fn ($one) => $one->status === $status)) }} {{ $status->value }}@if (! $loop->last), @endif @endforeach</span>
            @endif
            <span class="flex-1"></span>
            @if ($part === Part::Plan && $all !== [])
                <select class="field !w-36" id="plan-device" aria-label="Device for planned screens that have none">@foreach (Kindred\Device\Catalogue::all() as $device)<option value="{{ $device->key }}" @selected($device->key === (($screens[0] ?? null)?->device ?? 'phone'))>{{ $device->name }}</option>@endforeach</select>
                <button type="button" class="button" data-brief-do="hang-all">Hang all on the wall</button>
            @endif
            <button type="button" class="button" data-brief-do="{{ $part === Part::Reference ? 'bring' : 'add' }}"><x-glyph name="plus"/> {{ $part === Part::Reference ? 'Bring pictures' : 'Add' }}</button>
        </div>
        @if ($all === [])<p class="text-ash">{{ $empty[$part->value] }}</p>@elseif ($entries === [])<p class="text-ash">Nothing here holds these words.</p>@endif
        <ul class="entries" data-of="{{ $part->value }}">
            @foreach ($entries as $entry)
                @php($covered = $part === Part::Requirement ? collect($coverage->requirements)->first(fn ($one) => $one->requirement->id === $entry->id) : null)
                <li class="entry-card" id="entry-{{ $entry->id }}" data-entry="{{ $entry->id }}">
                    <span class="grip" draggable="true" title="Drag to reorder" aria-hidden="true"><x-glyph name="grip-vertical"/></span>
                    @if ($entry->asset)<img class="reference" alt="{{ $entry->title }}" src="{{ route('asset', [$project, $entry->asset]) }}" draggable="false">@endif
                    <div class="min-w-0 flex-1">
                        <div class="flex items-center gap-2">
                            @if ($covered)<span class="status" data-status="{{ $covered->status->value }}" title="{{ implode(' ', $covered->problems) }}">{{ $covered->status->value }}</span>@endif
                            <input class="field title" data-entry-field="title" value="{{ $entry->title }}" maxlength="{{ Kindred\Document\Brief\Entry::MAX_TITLE }}" placeholder="{{ $part === Part::Plan ? 'Name of the screen' : ucfirst($part->one()) }}" aria-label="{{ ucfirst($part->one()) }}">
                            <button type="button" class="button quiet !px-1" data-brief-do="up" aria-label="Move up" title="Up"><x-glyph name="arrow-up"/></button>
                            <button type="button" class="button quiet !px-1" data-brief-do="down" aria-label="Move down" title="Down"><x-glyph name="arrow-down"/></button>
                            <button type="button" class="button quiet !px-1" data-brief-do="remove" aria-label="Remove {{ $entry->called() }}" title="Remove; undo brings it back"><x-glyph name="trash-2"/></button>
                        </div>
                        <div class="prose" tabindex="0" data-brief-do="write" title="Press to write. **bold**, *slanted*, - lists, # headings">{!! $entry->words === '' ? '<p class="say-more">'.e($hints[$part->value]).'</p>' : App\Canvas\Briefs::html($entry->words) !!}</div>
                        <textarea class="field" data-entry-field="words" rows="4" hidden maxlength="{{ Kindred\Document\Brief\Entry::MAX_WORDS }}" aria-label="More about it">{{ $entry->words }}</textarea>
                        @includeIf('brief.'.$part->value)
                    </div>
                </li>
            @endforeach
        </ul>
        @if ($part === Part::Plan && $plan->rows !== [])
            @foreach ($plan->findings() as $finding)<p class="finding">{{ $finding }}</p>@endforeach
            @php($sketch = $plan->sketch())
            <svg class="sketch" viewBox="-8 -34 {{ $sketch['width'] + 16 }} {{ $sketch['height'] + 50 }}" data-width="{{ $sketch['width'] + 16 }}" width="{{ $sketch['width'] + 16 }}" role="img" aria-label="Which screen leads to which">
                <defs><marker id="tip" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="7" markerHeight="7" orient="auto-start-reverse"><path d="M0 0 8 4 0 8z" class="tip"/></marker></defs>
                @foreach ($sketch['arrows'] as $arrow)<path class="leads{{ $arrow['back'] ? ' back' : '' }}" d="{{ $arrow['path'] }}" marker-end="url(#tip)"/>@endforeach
                @foreach ($sketch['cards'] as $card)
                    <g data-made="{{ $card['made'] ? 'true' : 'false' }}"><rect x="{{ $card['x'] }}" y="{{ $card['y'] }}" width="{{ Kindred\Brief\Plan::CARD[0] }}" height="{{ Kindred\Brief\Plan::CARD[1] }}"/><text x="{{ $card['x'] + 12 }}" y="{{ $card['y'] + 33 }}">{{ mb_strimwidth($card['row']->called(), 0, 20, '…') }}</text></g>
                @endforeach
            </svg>
        @endif
        @if ($part === Part::Requirement && $all !== [])
            @php($unasked = $coverage->unasked())
            @if ($unasked !== [])
                <h3 class="mt-3 text-[14px]">No requirement asks for</h3>
                <ul class="unasked">@foreach ($unasked as $one)<li><b>{{ $one['screen']->name }}</b>{{ $one['layers'] === null ? '' : ': '.implode(', ', array_map(fn ($layer) => $layer->name, array_slice($one['layers'], 0, 8))).(count($one['layers']) > 8 ? ' and '.(count($one['layers']) - 8).' more' : '') }}</li>@endforeach</ul>
            @endif
        @endif
    </section>
@endforeach
