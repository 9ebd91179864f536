<div class="kit-head"><h2>Notes</h2><input type="search" class="field" id="note-search" value="{{ $search }}" placeholder="Find in notes" aria-label="Find in notes" autocomplete="off">
    <a class="button quiet !px-1.5" href="{{ route('notes.print', $project) }}" download title="Print: each screen with its marks, and the list, as PDF" aria-label="Print the notes"><x-glyph name="printer"/></a>
    <button type="button" class="button quiet !px-1.5" data-note-do="close" aria-label="Close the notes"><x-glyph name="x"/></button></div>
<form class="note-new" data-note-new hidden>
    <label for="note-words">New note <span data-note-about></span></label>
    <textarea class="field" id="note-words" rows="3" maxlength="{{ App\Models\Note::MAX_LENGTH }}"></textarea>
    <span class="flex gap-2"><button class="button primary">Add the note</button><button type="button" class="button" data-note-do="give-up">Give up</button></span>
</form>
<ol class="note-list">
    @foreach ($notes as $note)
        <li data-note="{{ $note->id }}" data-number="{{ $note->number }}" data-screen="{{ $note->screen }}" data-layer="{{ $note->layer }}" data-x="{{ $note->x }}" data-y="{{ $note->y }}" data-resolved="{{ $note->resolved ? 'true' : 'false' }}" @if (! isset($found[$note->id])) hidden @endif>
            <button type="button" class="note-number" data-note-do="show" aria-label="Show note {{ $note->number }} on the wall">{{ $note->number }}</button>
            <div class="min-w-0 flex-1">
                <p class="note-words" tabindex="0" data-note-do="edit" title="Press to change">{{ $note->words }}</p>
                <p class="text-ash text-[11px]">{{ $note->writer() }}, {{ $note->created_at->format('j M, H:i') }} · {{ $note->screen === '' ? 'on the wall' : ($screens[$note->screen]->name ?? 'a screen that is gone') }}</p>
                <span class="flex gap-3"><label class="flex items-center gap-1"><input type="checkbox" data-note-do="resolve" @checked($note->resolved)> resolved</label>
                    <button type="button" class="note-link" data-note-do="delete">Delete</button></span>
            </div>
        </li>
    @endforeach
</ol>
<p class="px-3 pt-2 pb-3 text-ash">@if ($notes->isEmpty())No notes yet. Take Note (N) and press on a layer or a place.@elseif ($found === [])No note holds these words.@else{{ $notes->where('resolved', false)->count() }} open, {{ $notes->where('resolved', true)->count() }} resolved. Filled marks are open, hollow ones resolved.@endif</p>
