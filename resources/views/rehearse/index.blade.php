<x-layout :fonts-of="$project" :title="'Rehearse '.$project->name" :entries="['resources/css/app.css', 'resources/ts/rehearse.ts']">
    <div class="grid h-screen grid-rows-[48px_minmax(0,1fr)]">
        <x-masthead :project="$project" place="rehearse"/>
        <main id="rehearsal" data-title="{{ $project->name }}" data-start="{{ $start }}" data-wall="{{ route('wall', $project) }}"></main>
    </div>
    @foreach ($screens as $id => $svg)
        <template data-screen="{{ $id }}">{!! $svg !!}</template>
    @endforeach
    <script type="application/json" id="programme">{!! json_encode($programme, JSON_THROW_ON_ERROR | JSON_HEX_TAG | JSON_HEX_AMP) !!}</script>
</x-layout>
