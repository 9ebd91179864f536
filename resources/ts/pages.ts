/** Shelf, sign-in and hand over: dialogs, search as one types, files chosen or dropped. */
import 'htmx.org';
import { wireDialogs, wireToast } from './dialogs.ts';

wireDialogs();
wireToast();

for (const input of document.querySelectorAll<HTMLInputElement>('input[type=file][data-submits]')) {
    input.addEventListener('change', () => {
        if (input.files?.length) input.form?.requestSubmit();
    });
}

document.addEventListener('submit', (event) => {
    const busy = (event.target as Element).querySelector<HTMLElement>('[data-busy]');
    if (busy) busy.textContent = busy.dataset['busy']!;
});
