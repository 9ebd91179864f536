<x-layout :fonts-of="$project" :title="'Rehearse '.$project->name" :entries="['resources/css/app.css', 'resources/ts/pages.ts', 'resources/ts/rehearse.ts', 'resources/ts/house.ts']">
    <div class="grid h-screen grid-rows-[48px_minmax(0,1fr)]">
        <x-masthead :project="$project" place="rehearse"><x-saved/></x-masthead>
        <main id="rehearsal" data-title="{{ $project->name }}" data-start="{{ $start }}" data-wall="{{ route('wall', $project) }}"></main>
        @if ($themes !== [])
            <template id="rehearsal-themes"><label class="themes">Theme <select data-theme>
                <option value="" @selected($theme === '')>as on the wall</option>
                <option value="{{ Kindred\Document\Token\Theme::NONE }}" @selected($theme === Kindred\Document\Token\Theme::NONE)>none</option>
                @foreach ($themes as $any)<option value="{{ $any->id }}" @selected($any->id === $theme)>{{ $any->name }}</option>@endforeach
            </select></label></template>
        @endif
    </div>
    @include('house.beside')
    @foreach ($screens as $template)
        {!! $template !!}
    @endforeach
    <script type="application/json" id="programme">{!! json_encode($programme, JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_HEX_AMP) !!}</script>
</x-layout>
