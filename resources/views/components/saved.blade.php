{{-- Whether all that was done is kept by the server. --}}
<span id="saved" class="min-w-12 whitespace-nowrap text-right text-ash data-[state=waiting]:text-clay" role="status">saved</span>
