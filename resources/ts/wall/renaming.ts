/** A name becomes a field where it stands. */
import { hold } from './fragments.ts';

/** Calls `done` with the new name; not where it was cancelled, is empty or has not changed. */
export function rename(name: HTMLElement, label: string, done: (name: string) => void): void {
    const input = document.createElement('input');
    const before = name.textContent ?? '';
    input.value = before;
    input.className = `field ${name.className}`;
    input.style.cssText = name.style.cssText;
    input.maxLength = 120;
    input.setAttribute('aria-label', label);
    const release = hold(name.parentElement!);
    name.replaceWith(input);
    input.focus();
    input.select();
    input.addEventListener('blur', () => {
        input.replaceWith(name);
        release();
        const written = input.value.trim();
        if (written !== '' && written !== before) done(written);
    }, { once: true });
    input.addEventListener('keydown', (event) => {
        event.stopPropagation();
        if (event.key === 'Escape') input.value = before;
        if (event.key === 'Enter' || event.key === 'Escape') input.blur();
    });
}
