<x-layout :title="'Brief of '.$project->name" :entries="['resources/css/app.css', 'resources/ts/brief.ts']">
    @php($urls = ['edits' => route('edits', $project), 'token' => route('token'), 'undo' => route('undo', $project), 'redo' => route('redo', $project), 'body' => route('brief.body', $project), 'assets' => route('assets', $project), 'colours' => route('colours', [$project, str_repeat('0', 64)])])
    <x-masthead :project="$project" place="brief">
        <x-saved/>
        <button class="button quiet" data-brief-do="undo" title="Undo (Ctrl Z)" aria-label="Undo"><x-glyph name="undo-2"/></button>
        <button class="button quiet" data-brief-do="redo" title="Redo (Ctrl Shift Z)" aria-label="Redo"><x-glyph name="redo-2"/></button>
    </x-masthead>
    <main id="brief" class="brief" data-urls="{{ json_encode($urls) }}" data-pending="{{ $project->id }}-{{ $project->user_id }}" data-sequence="{{ $project->sequence }}">
        <nav aria-label="Parts of the brief">
            <h1 class="mb-3 text-3xl">Brief</h1>
            <input class="field mb-2" type="search" id="brief-search" placeholder="Find in the brief" aria-label="Find in the brief">
            @foreach (Kindred\Document\Brief\Part::cases() as $part)<a href="#{{ $part->value }}">{{ $part->heading() }}</a>@endforeach
        </nav>
        <div id="brief-body">@include('brief.body')</div>
        @foreach (Kindred\Document\Brief\Part::cases() as $part)<template data-fresh="{{ $part->value }}"><li class="entry-card" data-entry><div class="entry-line"><span class="grip"><x-glyph name="grip-vertical"/></span><input class="field title" data-entry-field="title" value="" maxlength="{{ Kindred\Document\Brief\Entry::MAX_TITLE }}" placeholder="{{ $part === Kindred\Document\Brief\Part::Plan ? 'Name of the screen' : ucfirst($part->one()) }}" aria-label="{{ ucfirst($part->one()) }}" autocomplete="off"><span class="gist"></span></div><div class="entry-more"><div class="prose" tabindex="0" data-brief-do="write"></div><textarea class="field" data-entry-field="words" rows="3" maxlength="{{ Kindred\Document\Brief\Entry::MAX_WORDS }}" aria-label="More about it"></textarea></div></li></template>@endforeach
    <input type="file" id="reference-file" class="sr-only" accept="image/png,image/jpeg,image/webp,image/gif" multiple tabindex="-1" aria-label="Reference pictures">
    </main>
    @include('house.beside')
</x-layout>
