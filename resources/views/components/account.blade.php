@props(['title'])
<x-layout :title="$title">
    <main class="mx-auto grid min-h-screen max-w-4xl items-center gap-12 px-6 py-10 md:grid-cols-[1fr_340px]">
        <div>
            <svg viewBox="0 0 420 260" class="mb-8 w-full max-w-md" role="img" aria-label="Two screens joined by a stitched thread">
                <rect x="14" y="24" width="116" height="212" fill="#f8f8f7" stroke="#1e2223" stroke-width="2"/>
                <rect x="276" y="46" width="130" height="168" fill="#f8f8f7" stroke="#1e2223" stroke-width="2"/>
                <rect x="28" y="44" width="88" height="58" fill="#cdcfce"/><rect x="28" y="116" width="60" height="7" fill="#5c6263"/><rect x="28" y="131" width="80" height="7" fill="#cdcfce"/>
                <rect x="28" y="196" width="88" height="24" fill="#17594f"/>
                <circle cx="341" cy="104" r="30" fill="none" stroke="#cdcfce" stroke-width="12"/><path d="M341 74a30 30 0 0 1 29 38" fill="none" stroke="#b97a0c" stroke-width="12"/>
                <rect x="294" y="158" width="94" height="7" fill="#5c6263"/><rect x="294" y="174" width="66" height="7" fill="#cdcfce"/>
                <path d="M116 208C190 208 190 118 268 118" fill="none" stroke="#b4472e" stroke-width="3" stroke-dasharray="11 7"/>
                <circle cx="116" cy="208" r="6" fill="#b4472e"/><ellipse cx="274" cy="118" rx="9" ry="4.5" fill="#e3e4e3" stroke="#b4472e" stroke-width="3"/>
            </svg>
            <h1 class="mb-3 text-4xl">Kindred Canvas</h1>
            <p class="max-w-sm text-[15px] text-ash">Lay out the screens of an application on one wall, thread them together, and rehearse the flow in a device frame.</p>
        </div>
        <section class="grid gap-4 border border-rule bg-paper p-6">{{ $slot }}</section>
    </main>
</x-layout>
