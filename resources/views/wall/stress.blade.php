{{-- A screen under strain: a contact sheet that fills one picture after another. --}}
<div class="mb-3 flex items-center gap-4"><h2 id="stress-title" class="mr-auto text-xl">{{ $screen->name }} under strain</h2><span class="text-ash" role="status" data-part="said"></span>
    <label class="flex items-center gap-1"><input type="checkbox" data-part="broken"> Only what breaks</label>
    <button type="button" class="button" data-closes>Close</button></div>
<div class="device-row" data-screen="{{ $screen->id }}">
    @foreach ($strains as $strain)
        <figure data-strain="{{ $strain->key() }}" aria-busy="true"><figcaption title="{{ $strain->source() }}"><b>{{ ucfirst($strain->label()) }}</b></figcaption><div data-part="shown"><p class="text-ash">…</p></div></figure>
    @endforeach
</div>
