<x-layout title="Too many tries">
    <main class="mx-auto grid max-w-md gap-3 px-6 py-24">
        <h1 class="text-2xl">Too many tries</h1>
        <p>Wait a minute, then try again.</p>
        <p><a class="button no-underline" href="{{ route('shelf') }}">Go to the shelf</a></p>
    </main>
</x-layout>
