<x-layout title="That is not here">
    <main class="mx-auto grid max-w-md gap-3 px-6 py-24">
        <h1 class="text-2xl">That is not here</h1>
        <p>It may have been deleted, or it belongs to somebody else.</p>
        <p><a class="button no-underline" href="{{ route('shelf') }}">Go to the shelf</a></p>
    </main>
</x-layout>
