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
            <button type="button" class="button" data-brief-do="{{ $part === Part::Reference ? 'bring' : 'add' }}"><x-glyph name="plus"/> {{ $part === Part::Reference ? 'Import pictures' : 'Add' }}</button>
        </div>
        @if ($all === [])<p class="text-ash">{{ $empty[$part->value] }}</p>@elseif ($entries === [])<p class="text-ash">Nothing here holds these words.</p>@endif
        <ul class="entries" data-of="{{ $part->value }}">
            @foreach ($entries as $entry)
                @include('brief.entry', ['covered' => $part === Part::Requirement ? collect($coverage->requirements)->first(fn ($one) => $one->requirement->id === $entry->id) : null])
            @endforeach
        </ul>
        @if ($part === Part::Plan && $plan->rows !== [])
            <div class="flow">
                @include('brief.flow')
                @foreach ($plan->findings() as $finding)<p class="finding">{{ $finding }}</p>@endforeach
            </div>
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
