/** The wall as it is seen with other eyes: a lens, kept for as long as the window is open. */
export function wireSight(wall: HTMLElement, project: string): void {
    const place = document.getElementById('sight') as HTMLDetailsElement;
    const key = `kindred.sight.${project}`;
    const show = (sight: string): void => {
        wall.dataset['sight'] = sight;
        place.querySelector('summary')!.setAttribute('aria-pressed', String(sight !== ''));
        for (const one of place.querySelectorAll<HTMLInputElement>('[name=sight]')) one.checked = one.value === sight;
    };
    place.addEventListener('change', (event) => {
        const { value } = event.target as HTMLInputElement;
        sessionStorage.setItem(key, value);
        show(value);
    });
    place.addEventListener('keydown', (event) => {
        if (event.key !== 'Escape') return;
        event.stopPropagation();
        place.open = false;
        place.querySelector('summary')!.focus();
    });
    document.addEventListener('pointerdown', (event) => {
        if (!place.contains(event.target as Node)) place.open = false;
    });
    show(sessionStorage.getItem(key) ?? '');
}
