/** What the project takes from others: chosen, reviewed in sentences, taken as one step. */
import { toast } from '../dialogs.ts';
import type { Command } from '../wall/messages.ts';

export interface LibraryDesk {
    url: string;
    edit: (command: Command) => Promise<unknown>;
    /** Fetches what has changed. */
    catchUp: () => Promise<unknown>;
}

/** Whoever opens a page waits for what it shows first, ms. */
const LATER = 2000;

export class Libraries {
    private readonly body: HTMLElement;
    /** Where what is shown comes from: a project by its number, or a file. */
    private from: string | File = '';

    constructor(private readonly dialog: HTMLDialogElement, private readonly desk: LibraryDesk) {
        this.body = dialog.querySelector('.body')!;
        this.body.addEventListener('click', (event) => void this.pressed((event.target as Element).closest<HTMLElement>('button[data-part]')));
        this.body.addEventListener('change', (event) => void this.changed(event.target as HTMLInputElement));
        this.body.addEventListener('submit', (event) => {
            event.preventDefault();
            void this.take(event.target as HTMLFormElement);
        });
        setTimeout(() => void this.news(), LATER);
        // Somebody may have changed a library meanwhile.
        window.addEventListener('focus', () => void this.news());
    }

    /** Marks what leads to the libraries where something is new in them. */
    async news(): Promise<void> {
        const answer = await fetch(`${this.desk.url}/news`, { headers: { Accept: 'application/json' } }).catch(() => null);
        if (!answer?.ok) return;
        const { count } = (await answer.json()) as { count: number };
        document.documentElement.classList.toggle('news', count > 0);
        for (const button of document.querySelectorAll<HTMLElement>('[data-act=house], .kit-head [data-act=libraries]')) {
            button.dataset['usually'] ??= button.title;
            button.title = count === 0 ? button.dataset['usually'] : `${button.dataset['usually']} · ${count === 1 ? '1 update' : `${count} updates`} in libraries`;
        }
    }

    async open(): Promise<void> {
        const answer = await this.ask('', {});
        if (answer === null) return;
        this.body.innerHTML = answer;
        if (!this.dialog.open) this.dialog.showModal();
    }

    /** What the server says in HTML; null where it says what is wrong. */
    private async ask(path: string, query: Record<string, string>, file: File | null = null): Promise<string | null> {
        const answer = await this.send(`${path}?${new URLSearchParams(query)}`, file ? { file } : null);
        return answer ? answer.text() : null;
    }

    private async send(path: string, what: Record<string, string | File | string[]> | null): Promise<Response | null> {
        let body: FormData | null = null;
        if (what) {
            body = new FormData();
            for (const [name, value] of Object.entries(what)) for (const one of Array.isArray(value) ? value : [value]) body.append(Array.isArray(value) ? `${name}[]` : name, one);
        }
        const token = document.querySelector<HTMLMetaElement>('meta[name=csrf-token]')!.content;
        const answer = await fetch(this.desk.url + path, { method: body ? 'POST' : 'GET', headers: { Accept: body ? 'application/json, text/html' : 'text/html', 'X-CSRF-TOKEN': token }, body }).catch(() => null);
        if (answer?.ok) return answer;
        const problem = (await answer?.json().catch(() => null)) as { message?: string } | null | undefined;
        toast(problem?.message ?? 'The server does not answer; try it again in a moment.', true);
        return null;
    }

    private async pressed(button: HTMLElement | null): Promise<void> {
        const library = button?.closest<HTMLElement>('[data-library]')?.dataset['library'];
        if (button?.dataset['part'] === 'review') {
            this.from = library!.replace(/^library/, '');
            this.show(await this.ask(`/${library}/review`, {}));
        } else if (button?.dataset['part'] === 'part') {
            await this.desk.edit({ type: 'remove-library', library });
            await this.open();
        }
    }

    private async changed(field: HTMLInputElement): Promise<void> {
        const part = field.dataset['part'];
        const file = field.files?.[0] ?? null;
        if (part === 'all') for (const one of field.closest('fieldset')!.querySelectorAll<HTMLInputElement>('[name=keys]:not(:disabled)')) one.checked = field.checked;
        else if (part === 'from' && field.value !== '') {
            this.from = field.value;
            this.show(await this.ask('/offer', { from: field.value }));
        } else if (part === 'file' && file) {
            this.from = file;
            this.show(await this.ask('/offer', {}, file));
        } else if (part === 'newer' && file) {
            this.from = file;
            this.show(await this.ask(`/${field.closest<HTMLElement>('[data-library]')!.dataset['library']}/review`, {}, file));
        }
        const form = field.closest('form');
        if (form) form.querySelector<HTMLButtonElement>('.primary')!.disabled = form.querySelector('[name=keys]:checked') === null;
    }

    private show(html: string | null): void {
        const place = this.body.querySelector<HTMLElement>('[data-part=shown]')!;
        if (html !== null) place.innerHTML = html;
        place.scrollIntoView({ block: 'nearest' });
    }

    private async take(form: HTMLFormElement): Promise<void> {
        const keys = [...form.querySelectorAll<HTMLInputElement>('[name=keys]:checked')].map(({ value }) => value);
        const button = form.querySelector<HTMLButtonElement>('.primary')!;
        button.disabled = true;
        const answer = await this.send('/take', { keys, ...(typeof this.from === 'string' ? { from: this.from } : { file: this.from, as: form.dataset['as'] ?? '' }) });
        button.disabled = false;
        if (!answer) return;
        await this.desk.catchUp();
        toast(keys.length === 1 ? 'One thing was taken.' : `${keys.length} things were taken.`);
        await this.open();
        void this.news();
    }
}
