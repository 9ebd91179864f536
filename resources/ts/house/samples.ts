/** Shows what tokens look like: styles that pages may not carry in their markup are set here. */
export function showSamples(within: ParentNode): void {
    for (const one of within.querySelectorAll<HTMLElement>('[data-shows]')) one.style.setProperty('--shows', one.dataset['shows']!.includes('gradient(') ? one.dataset['shows']! : `linear-gradient(${one.dataset['shows']!}, ${one.dataset['shows']!})`);
    for (const one of within.querySelectorAll<HTMLElement>('[data-shadow]')) one.style.boxShadow = one.dataset['shadow']!;
    for (const one of within.querySelectorAll<HTMLElement>('[data-font]')) {
        one.style.font = one.dataset['font']!;
        one.style.fontSize = `${Math.min(20, parseFloat(one.style.fontSize) || 16)}px`;
        one.style.lineHeight = '1.2';
    }
    for (const one of within.querySelectorAll<HTMLElement>('[data-long]')) one.style.width = `${one.dataset['long']!}px`;
}
