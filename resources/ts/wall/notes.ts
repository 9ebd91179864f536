/** Notes: numbered marks on the wall, tied to a layer or a place, and the list in which they are written, searched and resolved. */
import { Listeners } from '../listeners.ts';
import { putAway, toast } from '../dialogs.ts';
import { ahead } from './ahead.ts';
import type { Camera } from './camera.ts';
import type { Point } from './geometry.ts';
import type { Picture } from './picture.ts';

export interface Spot { screen: string; layer: string; at: Point }

export class Notes {
    /** Where the next note goes. */
    private spot: Spot | null = null;
    private timer = 0;
    private words = '';
    /** Where a note is kept that is being written. */
    private readonly key: string;
    /** Told when the list opens or closes. */
    readonly turned = new Listeners<[open: boolean]>();

    constructor(
        private readonly panel: HTMLElement,
        private readonly marks: HTMLElement,
        private readonly picture: Picture,
        private readonly camera: Camera,
        private readonly url: string,
        private readonly look: (screen: string, layer: string) => void,
    ) {
        this.key = `kindred.note.${url}`;
        camera.moved.add(() => this.draw());
        panel.addEventListener('click', (event) => this.pressed(event.target as HTMLElement));
        panel.addEventListener('change', (event) => this.changed(event.target as HTMLInputElement));
        panel.addEventListener('input', (event) => {
            if ((event.target as Element).id === 'note-search') this.search((event.target as HTMLInputElement).value);
            else if (event.target === this.field) this.keep();
        });
        panel.addEventListener('submit', (event) => {
            event.preventDefault();
            void this.add();
        });
        panel.addEventListener('keydown', (event) => {
            if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && (event.target as Element).id === 'note-words') void this.add();
            else if (event.key === 'Enter' && (event.target as HTMLElement).dataset['noteDo'] === 'edit') this.edit(event.target as HTMLElement);
            else if (event.key === 'Escape') (event.target as HTMLElement).blur();
        });
        marks.addEventListener('click', (event) => {
            const mark = (event.target as Element).closest<HTMLElement>('[data-mark]');
            if (mark) void this.show().then(() => this.point(mark.dataset['mark']!));
        });
    }

    get open(): boolean {
        return !this.panel.hidden;
    }

    /** What a new note says. */
    private get field(): HTMLTextAreaElement | null {
        return this.panel.querySelector('#note-words');
    }

    async show(): Promise<void> {
        if (!this.panel.hidden) return;
        this.panel.hidden = false;
        this.turned.tell(true);
        await this.load();
    }

    /** Goes on with a note that was being written when the page was left. */
    resume(): void {
        if (sessionStorage.getItem(this.key) !== null) void this.show();
    }

    /** What is written of a new note outlasts the list, and the page, until it is added or given up. */
    private keep(): void {
        const words = this.field?.value ?? '';
        if (this.spot && words.trim() !== '') sessionStorage.setItem(this.key, JSON.stringify([this.spot, words]));
        else sessionStorage.removeItem(this.key);
    }

    /** Opens the list at a note, and looks at what it is about. */
    async go(note: string): Promise<void> {
        await this.show();
        this.point(note, true);
    }

    close(): void {
        putAway(this.panel);
        this.turned.tell(false);
        this.spot = null;
        this.draw();
    }

    /** A note is begun at a place; what it says is written in the list. */
    async begin(spot: Spot): Promise<void> {
        const typed = ahead();
        // The press that began it takes the focus to the wall, after this.
        await new Promise((done) => setTimeout(done));
        typed.hold();
        await this.show();
        this.spot = spot;
        this.form(true);
        typed.into(this.field);
        this.keep();
        this.draw();
        if (typed.ended) await this.add();
    }

    /** The marks where they belong now: after every step of the camera and every edit. */
    draw(): void {
        if (!this.open) return this.marks.replaceChildren();
        const buttons = [...this.panel.querySelectorAll<HTMLElement>('[data-note]')].filter((note) => !note.hidden).map((note) => {
            const { screen = '', layer = '', x, y } = note.dataset;
            const button = document.createElement('button');
            button.type = 'button';
            button.dataset['mark'] = note.dataset['note']!;
            button.dataset['resolved'] = note.dataset['resolved']!;
            button.textContent = note.dataset['number']!;
            button.setAttribute('aria-label', `Note ${note.dataset['number']}`);
            button.classList.toggle('shown', note.classList.contains('shown'));
            this.place(button, { screen, layer, at: { x: Number(x), y: Number(y) } });
            return button;
        });
        if (this.spot) {
            const button = document.createElement('button');
            button.textContent = '+';
            button.tabIndex = -1;
            this.place(button, this.spot);
            buttons.push(button);
        }
        this.marks.replaceChildren(...buttons);
    }

    private place(mark: HTMLElement, { screen, layer, at }: Spot): void {
        const tied = layer ? this.picture.layer(layer) : null;
        const bounds = tied && this.picture.screenOf(tied) === screen ? this.picture.bounds(tied) : null;
        const frame = screen ? this.picture.screenBox(screen) : { x: 0, y: 0 };
        const { x, y } = this.camera.toView(bounds ? { x: bounds.x + bounds.width, y: bounds.y } : { x: frame.x + at.x, y: frame.y + at.y });
        mark.style.transform = `translate(${Math.round(x)}px, ${Math.round(y)}px)`;
    }

    private async load(): Promise<void> {
        await this.take(await fetch(`${this.url}?q=${encodeURIComponent(this.words)}`, { headers: { Accept: 'text/html' } }));
    }

    private async send(method: string, path: string, body: Record<string, string>): Promise<boolean> {
        const token = document.querySelector<HTMLMetaElement>('meta[name=csrf-token]')!.content;
        const answer = await fetch(`${this.url}${path}`, { method, headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-CSRF-TOKEN': token }, body: JSON.stringify({ q: this.words, ...body }), keepalive: true }).catch(() => null);
        if (!answer?.ok) {
            const problem = (await answer?.json().catch(() => null)) as { message?: string } | null | undefined;
            toast(problem?.message ?? 'The note was not saved; try it again in a moment.', true);
            return false;
        }
        await this.take(answer);
        return true;
    }

    private async take(answer: Response): Promise<void> {
        const shown = this.panel.querySelector<HTMLElement>('.shown')?.dataset['note'];
        const [searching, writing] = ['note-search', 'note-words'].map((id) => document.activeElement?.id === id);
        const html = await answer.text();
        const [spot, words] = JSON.parse(sessionStorage.getItem(this.key) ?? 'null') as [Spot, string] | null ?? [this.spot, ''];
        this.spot = spot;
        this.panel.innerHTML = html;
        if (shown) this.panel.querySelector(`[data-note="${shown}"]`)?.classList.add('shown');
        if (searching) {
            const field = this.panel.querySelector<HTMLInputElement>('#note-search')!;
            field.focus();
            field.setSelectionRange(field.value.length, field.value.length);
        }
        if (this.spot) {
            this.form(true);
            this.field!.value = words;
            if (writing) this.field!.focus();
        }
        this.draw();
    }

    private form(open: boolean): void {
        const form = this.panel.querySelector<HTMLFormElement>('[data-note-new]')!;
        form.hidden = !open;
        if (!open || !this.spot) return;
        form.querySelector('[data-note-about]')!.textContent = this.spot.layer ? 'about this layer' : this.spot.screen ? 'about this place' : 'on the wall';
    }

    private async add(): Promise<void> {
        const words = this.field!.value;
        if (!this.spot) return;
        const { screen, layer, at } = this.spot;
        const spot = this.spot;
        this.spot = null;
        this.keep();
        if (await this.send('POST', '', { words, screen, layer, x: String(at.x), y: String(at.y) })) return;
        this.spot = spot;
        this.keep();
    }

    private search(words: string): void {
        this.words = words;
        clearTimeout(this.timer);
        this.timer = window.setTimeout(() => void this.load(), 150);
    }

    private pressed(target: HTMLElement): void {
        const what = target.closest<HTMLElement>('[data-note-do]')?.dataset['noteDo'];
        const id = target.closest<HTMLElement>('[data-note]')?.dataset['note'];
        if (what === 'close') this.close();
        else if (what === 'give-up') {
            this.spot = null;
            this.keep();
            this.form(false);
            this.draw();
        } else if (what === 'show' && id) this.point(id, true);
        else if (what === 'edit') this.edit(target);
        else if (what === 'delete' && id) void this.send('DELETE', `/${id}`, {});
    }

    private changed(input: HTMLInputElement): void {
        const id = input.closest<HTMLElement>('[data-note]')?.dataset['note'];
        if (id && input.dataset['noteDo'] === 'resolve') void this.send('PATCH', `/${id}`, { resolved: String(input.checked) });
    }

    /**
     * The words of a note become a field until it is left.
     *
     * @param said what they were to become, where that could not be saved
     */
    private edit(words: HTMLElement, said: string | null = null): void {
        const id = words.closest<HTMLElement>('[data-note]')!.dataset['note']!;
        const before = words.textContent;
        const field = document.createElement('textarea');
        field.className = 'field';
        field.rows = 4;
        field.value = said ?? before;
        field.setAttribute('aria-label', 'Words of the note');
        field.addEventListener('blur', () => {
            field.replaceWith(words);
            if (field.value.trim() !== before) void this.send('PATCH', `/${id}`, { words: field.value }).then((saved) => !saved && words.isConnected && this.edit(words, field.value));
        });
        words.replaceWith(field);
        field.focus();
    }

    private point(id: string, look = false): void {
        for (const note of this.panel.querySelectorAll<HTMLElement>('[data-note]')) note.classList.toggle('shown', note.dataset['note'] === id);
        const note = this.panel.querySelector<HTMLElement>(`[data-note="${id}"]`);
        note?.scrollIntoView({ block: 'nearest' });
        if (look && note) this.look(note.dataset['screen']!, note.dataset['layer']!);
        this.draw();
    }
}
