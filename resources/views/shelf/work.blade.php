<x-layout title="Importing a project">
    <x-masthead/>
    <main class="mx-auto max-w-xl px-6 py-16">
        <h1 class="mb-2 text-2xl">Importing “{{ $work->name }}”</h1>
        <p class="mb-6 text-ash">It opens by itself when it is there. You can go on elsewhere meanwhile; it will be on the shelf.</p>
        <div id="progress">@include('shelf.progress')</div>
        @unless ($work->isOver())
            <form method="post" action="{{ route('works.cancel', $work->id) }}" class="mt-6">@csrf<button class="button">Cancel</button></form>
        @endunless
    </main>
</x-layout>
