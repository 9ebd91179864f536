<x-layout title="Something went wrong">
    <main class="mx-auto grid max-w-md gap-3 px-6 py-24">
        <h1 class="text-2xl">Something went wrong</h1>
        <p>What you did last may not be saved; everything before is. If it happens again, quote the number {{ App\Exceptions\Problems::number() }}: the log has it too.</p>
        <p><a class="button no-underline" href="{{ route('shelf') }}">Go to the shelf</a></p>
    </main>
</x-layout>
