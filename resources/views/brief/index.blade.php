<x-layout :title="'Brief of '.$project->name" :entries="['resources/css/app.css', 'resources/ts/brief.ts']">
    @php($urls = ['edits' => route('edits', $project), 'token' => route('token'), 'undo' => route('undo', $project), 'redo' => route('redo', $project), 'body' => route('brief.body', $project), 'assets' => route('assets', $project), 'colours' => route('colours', [$project, str_repeat('0', 64)])])
    <x-masthead :project="$project" place="brief">
        <span id="saved" class="min-w-12 whitespace-nowrap text-right text-ash data-[state=waiting]:text-clay" role="status">saved</span>
        <button class="button quiet" data-brief-do="undo" title="Undo (Ctrl Z)" aria-label="Undo"><x-glyph name="undo-2"/></button>
        <button class="button quiet" data-brief-do="redo" title="Redo (Ctrl Shift Z)" aria-label="Redo"><x-glyph name="redo-2"/></button>
    </x-masthead>
    <main id="brief" class="brief" data-urls="{{ json_encode($urls) }}" data-pending="{{ $project->id }}-{{ $project->user_id }}" data-sequence="{{ $project->sequence }}">
        <h1 class="col-span-2 text-3xl">Brief</h1>
        <nav aria-label="Parts of the brief">
            <input class="field mb-2" type="search" id="brief-search" placeholder="Find in the brief" aria-label="Find in the brief">
            @foreach (Kindred\Document\Brief\Part::cases() as $part)<a href="#{{ $part->value }}">{{ $part->heading() }}</a>@endforeach
        </nav>
        <div id="brief-body">@include('brief.body')</div>
    <input type="file" id="reference-file" class="sr-only" accept="image/png,image/jpeg,image/webp,image/gif" multiple tabindex="-1" aria-label="Reference pictures">
    </main>
</x-layout>
