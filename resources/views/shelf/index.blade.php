<x-layout title="Shelf">
    <x-masthead/>
    <main class="mx-auto max-w-6xl px-6 py-8">
        <div class="mb-6 flex flex-wrap items-end gap-3">
            <h1 class="mr-auto text-3xl">Shelf</h1>
            <label class="block w-64"><span class="label">Search projects</span>
                <input class="field !min-h-8" type="search" name="q" value="{{ $words }}" hx-get="{{ route('shelf') }}" hx-trigger="input changed delay:200ms" hx-target="#projects" hx-swap="innerHTML"></label>
            <form method="post" action="{{ route('projects.import') }}" enctype="multipart/form-data">
                @csrf
                <label class="button !min-h-8 cursor-pointer focus-within:outline-2"><x-glyph name="folder-input"/> <span aria-live="polite" data-busy="Importing…">Import a file</span><input class="sr-only" type="file" name="file" accept=".json,application/json" data-submits></label>
            </form>
            <button class="button primary !min-h-8" data-opens="new-project"><x-glyph name="plus"/> New project</button>
        </div>
        <x-problems/>
        @if (session('said'))<p role="status" class="mb-4 border-l-4 border-marigold bg-white px-3 py-2">{{ session('said') }}</p>@endif
        @if (session('deleted'))
            <form method="post" action="{{ route('projects.restore', session('deleted')['id']) }}" class="mb-4 flex items-center gap-4 border-l-4 border-marigold bg-white px-3 py-2">
                @csrf <p role="status">“{{ session('deleted')['name'] }}” was deleted.</p><button class="text-spruce underline">Undo</button>
            </form>
        @endif
        <div id="projects">@include('shelf.list')</div>
    </main>
    <dialog id="new-project" aria-labelledby="new-project-title">
        <form method="post" action="{{ route('projects.store') }}" class="grid w-80 gap-4">
            @csrf
            <h2 id="new-project-title" class="text-xl">New project</h2>
            <label><span class="label mb-1">Name</span><input class="field !min-h-9" name="name" required maxlength="120" value=""></label>
            <p class="flex justify-end gap-2"><button type="button" class="button" data-closes>Cancel</button><button class="button primary">Create</button></p>
        </form>
    </dialog>
    <dialog id="rename-project" aria-labelledby="rename-project-title">
        <form method="post" action="" class="grid w-80 gap-4">
            @csrf @method('patch')
            <h2 id="rename-project-title" class="text-xl">Rename project</h2>
            <label><span class="label mb-1">Name</span><input class="field !min-h-9" name="name" required maxlength="120"></label>
            <p class="flex justify-end gap-2"><button type="button" class="button" data-closes>Cancel</button><button class="button primary">Rename</button></p>
        </form>
    </dialog>
</x-layout>
