{{-- What this project takes from others, and what could be a library. --}}
@if ($used === [])<p class="mb-3 text-ash">Nothing is taken from anywhere yet. A library is another project of yours, or a file: its components, tokens, icons, fonts and conventions can be used here, and what changes there is offered here.</p>@endif
@foreach ($used as ['library' => $library, 'source' => $source, 'updates' => $updates])
    <div class="library" data-library="{{ $library->id }}">
        <span class="flex-1"><b>{{ $library->name }}</b> <span class="text-ash">{{ count($library->taken) }} taken{{ $source ? '' : ($library->project === '' ? ', from a file' : ', from a project that is gone') }}</span></span>
        @if ($updates !== null)<button type="button" class="button" data-part="review" @disabled($updates === 0)>{{ $updates === 0 ? 'As it is there' : "Review {$updates}" }}</button>
        @else<label class="button cursor-pointer focus-within:outline-2">Newer file<input type="file" class="sr-only" accept=".json,application/json" data-part="newer"></label>@endif
        <button type="button" class="button quiet" data-part="part" title="What was taken stays, and is this project’s own">Part with it</button>
    </div>
@endforeach
<div class="library"><select class="field flex-1" data-part="from" aria-label="Another project">
        <option value="">Take from another project…</option>
        @foreach ($sources as $one)<option value="{{ $one->id }}">{{ $one->name }}</option>@endforeach
    </select>
    <label class="button cursor-pointer focus-within:outline-2">From a file<input type="file" class="sr-only" accept=".json,application/json" data-part="file"></label>
    <a class="button quiet no-underline" href="{{ route('library.file', $project) }}" download title="What others can take of this project">As a file</a>
</div>
<div data-part="shown"></div>
