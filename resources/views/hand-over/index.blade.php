<x-layout :title="'Hand over '.$project->name" :entries="['resources/css/app.css', 'resources/ts/pages.ts', 'resources/ts/house.ts']">
    <x-masthead :project="$project" place="hand-over"><x-saved/></x-masthead>
    <main data-follows class="mx-auto grid max-w-5xl gap-8 px-6 py-8">
        <h1 class="text-3xl">Hand over</h1>
        <x-problems/>
        <section class="grid gap-6 md:grid-cols-2">
            <article class="grid content-start gap-3 border border-rule bg-paper p-5">
                <h2 class="text-lg">The whole prototype as one web page</h2>
                <p class="text-ash">Screens, fonts and cues in one file. It plays in any browser, with no server and no network.</p>
                @if ($tree->screens === [])
                    <p>There is no screen to play yet. <a class="text-spruce underline" href="{{ route('wall', $project) }}">Add one on the wall</a>.</p>
                @else
                    <a class="button primary justify-self-start no-underline" href="{{ route('export.page', $project) }}" download><x-glyph name="download"/> Save the web page</a>
                @endif
            </article>
            <article class="grid content-start gap-3 border border-rule bg-paper p-5">
                <h2 class="text-lg">The project file</h2>
                <p class="text-ash">Everything in an open, documented JSON file, with its pictures. “Import a file” on the shelf reads it back.</p>
                <a class="button justify-self-start no-underline" href="{{ route('export.project', $project) }}" download><x-glyph name="download"/> Save the project file</a>
            </article>
        </section>
        <section>
            <h2 class="text-lg">Single screens</h2>
            <p class="mb-3 text-ash">In SVG all stays shapes, words as outlines. Only noise is in it as pixels, for SVG has none that looks the same everywhere; PNG is drawn at the scale that you take.</p>
            <ul class="grid gap-px border border-rule bg-rule">
                @forelse ($tree->reel() as $screen)
                    <li class="flex flex-wrap items-center gap-x-4 gap-y-2 bg-paper px-4 py-3" data-export="{{ $screen->id }}">
                        <img class="h-16 w-16 bg-plaster object-contain p-1" alt="" data-small="{{ route('thumbnail', [$project, $screen->id]) }}?r={{ $revisions[$screen->id] ?? 0 }}">
                        <span class="min-w-32 flex-1 font-medium">{{ $screen->name }} <span class="font-number text-[11px] text-ash">{{ $screen->box->width }} × {{ $screen->box->height }}</span></span>
                        <a class="button no-underline" href="{{ route('export.svg', [$project, $screen->id]) }}" download>SVG</a>
                        @foreach ([1, 2, 3] as $scale)
                            <a class="button no-underline" href="{{ route('export.png', [$project, $screen->id]) }}?scale={{ $scale }}" download>PNG {{ $scale }}x</a>
                        @endforeach
                    </li>
                @empty
                    <li class="bg-paper px-4 py-6 text-ash">No screens yet.</li>
                @endforelse
            </ul>
        </section>
    </main>
    @include('house.beside')
</x-layout>
