/** Shelf, sign-in and hand over: dialogs, search as one types, files chosen or dropped. */
import 'htmx.org';
import { wireDialogs, wireToast } from './dialogs.ts';
import { watchSmall } from './small.ts';

wireDialogs();
wireToast();
watchSmall(document.body);

for (const input of document.querySelectorAll<HTMLInputElement>('input[type=file][data-submits]')) {
    input.addEventListener('change', () => {
        if (input.files?.length) input.form?.requestSubmit();
    });
}

document.addEventListener('submit', (event) => {
    const busy = (event.target as Element).querySelector<HTMLElement>('[data-busy]');
    if (busy) busy.textContent = busy.dataset['busy']!;
});

// What was typed before there was anything to hear it: htmx begins to listen in the task before this one.
setTimeout(() => {
    for (const input of document.querySelectorAll<HTMLInputElement>('input[type=search]')) {
        if (input.value !== input.defaultValue) input.dispatchEvent(new Event('input', { bubbles: true }));
    }
});
