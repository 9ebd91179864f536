/** Dialogs are native; a button with `data-opens` opens the one with that id, `data-closes` closes its own. */
export function wireDialogs(): void {
    document.addEventListener('click', (event) => {
        const target = event.target as Element;
        const opener = target.closest<HTMLElement>('[data-opens]');
        if (opener) {
            const dialog = document.getElementById(opener.dataset['opens']!) as HTMLDialogElement | null;
            const form = dialog?.querySelector('form');
            if (form && opener.dataset['action']) form.action = opener.dataset['action'];
            const name = dialog?.querySelector<HTMLInputElement>('input[name=name]');
            if (name && opener.dataset['name'] !== undefined) name.value = opener.dataset['name'];
            dialog?.showModal();
            name?.select();
        }
        if (target.closest('[data-closes]')) target.closest('dialog')?.close();
    });
}

export const dialog = (id: string): HTMLDialogElement => document.getElementById(id) as HTMLDialogElement;

const asked = new WeakMap<HTMLDialogElement, number>();

/**
 * What a dialog is to show is asked for. What comes is wanted only while nothing else has been asked for, and nobody has closed the
 * dialog meanwhile: else it would open again by itself.
 *
 * @returns whether it is wanted now
 */
export function ask(dialog: HTMLDialogElement): () => boolean {
    const mine = (asked.get(dialog) ?? 0) + 1;
    const wasOpen = dialog.open;
    asked.set(dialog, mine);
    return () => asked.get(dialog) === mine && (dialog.open || !wasOpen);
}

let toastTimer = 0;

/** Hides a part of the page; the keys that follow are not its own any more, not even before the next frame. */
export function putAway(part: HTMLElement): void {
    part.hidden = true;
    if (part.contains(document.activeElement)) (document.activeElement as HTMLElement).blur();
}

/** Shows a short message; a problem stays until it is closed. */
export function toast(text: string, problem = false): void {
    const place = document.getElementById('toast');
    if (!place) return;
    place.querySelector('p')!.textContent = text;
    place.classList.toggle('problem', problem);
    place.hidden = false;
    clearTimeout(toastTimer);
    if (!problem) toastTimer = window.setTimeout(() => (place.hidden = true), 4000);
}

export function wireToast(): void {
    document.querySelector('#toast button')?.addEventListener('click', () => (document.getElementById('toast')!.hidden = true));
}
