<div class="of-entry">
    <label>Of <select class="field" data-entry-field="screen"><option value="">the project</option>@foreach ($screens as $screen)<option value="{{ $screen->id }}" @selected($entry->screen === $screen->id)>{{ $screen->name }}</option>@endforeach</select></label>
    @foreach ($covered->ties as $tie)
        <span class="tie" data-fails="{{ $tie['problem'] === null ? 'false' : 'true' }}" title="{{ $tie['problem'] ?? 'It is there, shows, and can be reached.' }}">{{ $tie['name'] }} <button type="button" data-brief-do="untie" data-tie="{{ json_encode($tie['tie']->toArray()) }}" aria-label="Untie {{ $tie['name'] }}">×</button></span>
    @endforeach
    <label class="sr-only" for="tie-{{ $entry->id }}">Tie to a screen</label>
    <select class="field" id="tie-{{ $entry->id }}" data-tie-to><option value="">Tie to a screen …</option>@foreach ($screens as $screen)<option value="{{ $screen->id }}">{{ $screen->name }}</option>@endforeach</select>
</div>
@foreach ($covered->problems as $problem)<p class="finding">{{ $problem }}</p>@endforeach
