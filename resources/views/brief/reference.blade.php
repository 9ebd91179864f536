<div class="of-entry">
    <span class="font-number text-[11px] text-ash">{{ $entry->width }} × {{ $entry->height }}</span>
    @foreach ($entry->colours as $colour)<span class="swatch" title="{{ $colour }}"><svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true"><rect width="22" height="22" fill="{{ $colour }}"/></svg><span class="font-number">{{ $colour }}</span></span>@endforeach
    <select class="field" data-trace aria-label="Lay it under a screen, to be traced"><option value="">Trace it under …</option>@foreach ($screens as $screen)<option value="{{ $screen->id }}">{{ $screen->name }}</option>@endforeach</select>
</div>
