<x-layout title="The page had grown too old">
    <main class="mx-auto grid max-w-md gap-3 px-6 py-24">
        <h1 class="text-2xl">The page had grown too old</h1>
        <p>Nothing was changed. Go back, reload the page and try again.</p>
        <p><a class="button no-underline" href="{{ route('shelf') }}">Go to the shelf</a></p>
    </main>
</x-layout>
