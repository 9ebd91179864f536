<x-layout title="That did not work">
    <main class="mx-auto grid max-w-md gap-3 px-6 py-24">
        <h1 class="text-2xl">That did not work</h1>
        <p>{{ $message }}</p>
        <p><a class="button no-underline" href="{{ route('shelf') }}">Go to the shelf</a></p>
    </main>
</x-layout>
