/** What the brief asks of the screen at hand, pinned beside the wall: written, tied to what is selected, and lit up on the picture. */
import { Listeners } from '../listeners.ts';
import type { Camera } from './camera.ts';
import type { Picture } from './picture.ts';
import type { Selection } from './selection.ts';
import { layerOf } from './address.ts';
import { toast } from '../dialogs.ts';
import { fresh, type Server } from './server.ts';

export class Needs {
    private screen = '';
    private turn = 0;
    private lit: string[] = [];
    /** Told when the list opens or closes. */
    readonly turned = new Listeners<[open: boolean]>();

    constructor(
        private readonly panel: HTMLElement,
        private readonly lights: HTMLElement,
        private readonly picture: Picture,
        private readonly camera: Camera,
        private readonly selection: Selection,
        private readonly server: Server,
        private readonly url: string,
    ) {
        camera.moved.add(() => this.draw());
        selection.changed.add(() => this.follow());
        panel.addEventListener('click', (event) => this.pressed(event.target as Element));
        panel.addEventListener('submit', (event) => {
            event.preventDefault();
            this.add((event.target as HTMLFormElement).querySelector('input')!);
        });
        for (const name of ['pointerover', 'focusin'] as const) panel.addEventListener(name, (event) => this.light((event.target as Element).closest<HTMLElement>('[data-need]')));
        for (const name of ['pointerleave', 'focusout'] as const) panel.addEventListener(name, () => this.light(null));
    }

    get open(): boolean {
        return !this.panel.hidden;
    }

    toggle(): void {
        this.panel.hidden = !this.panel.hidden;
        this.light(null);
        this.screen = '';
        this.follow();
        this.turned.tell(this.open);
    }

    /** Shows another screen's requirements when that is the current one now. */
    follow(): void {
        const screen = this.selection.current;
        if (this.open && screen !== this.screen && screen !== '') {
            this.screen = screen;
            void this.load();
        }
    }

    /** After an edit. An answer that comes after a later one is not shown. */
    async load(): Promise<void> {
        if (!this.open || this.screen === '') return;
        const turn = ++this.turn;
        await this.server.rest();
        const answer = await fetch(this.url.replace('SCREEN', this.screen), { headers: { Accept: 'text/html' } }).catch(() => null);
        if (turn !== this.turn || !answer?.ok) return;
        const title = this.panel.querySelector<HTMLInputElement>('[data-need-new] input');
        const typed = title === document.activeElement ? title!.value : null;
        this.panel.innerHTML = await answer.text();
        if (typed !== null) {
            const field = this.panel.querySelector<HTMLInputElement>('[data-need-new] input')!;
            field.value = typed;
            field.focus();
        }
    }

    /** The lights where their layers are now. */
    draw(): void {
        this.lights.replaceChildren(...this.lit.flatMap((id) => {
            const layer = id.startsWith('screen:') ? null : this.picture.layer(id);
            const box = layer ? this.picture.bounds(layer) : id.startsWith('screen:') ? this.picture.screenBox(id.slice(7)) : null;
            if (!box) return [];
            const [from, to] = [this.camera.toView(box), this.camera.toView({ x: box.x + box.width, y: box.y + box.height })];
            const light = document.createElement('div');
            Object.assign(light.style, { left: `${from.x - 3}px`, top: `${from.y - 3}px`, width: `${to.x - from.x + 6}px`, height: `${to.y - from.y + 6}px` });
            return [light];
        }));
    }

    private light(need: HTMLElement | null): void {
        this.lit = (need?.dataset['lights'] ?? '').split(' ').filter(Boolean);
        this.draw();
    }

    private add(field: HTMLInputElement): void {
        const title = field.value.trim();
        if (title === '') return;
        field.value = '';
        void this.server.edit({ type: 'put-entry', entry: { id: fresh(), part: 'requirement', title, screen: this.screen } });
    }

    private pressed(target: Element): void {
        const button = target.closest<HTMLElement>('[data-need-do]');
        const entry = button?.closest<HTMLElement>('[data-need]')?.dataset['need'];
        switch (button?.dataset['needDo']) {
            case 'close': return this.toggle();
            case 'tie': return this.tie(entry, this.selected());
            case 'tie-cue': return this.tie(entry, this.cues());
            case 'untie': return void this.server.edit({ type: 'tie-entry', entry, tied: false, ties: [JSON.parse(button.dataset['tie']!) as unknown] });
            default:
        }
    }

    private tie(entry: string | undefined, ties: { kind: string; id: string; name: string }[]): void {
        if (ties.length === 0) return toast('There is no cue on what is selected.');
        void this.server.edit({ type: 'tie-entry', entry, ties });
    }

    private selected(): { kind: string; id: string; name: string }[] {
        const { layers } = this.selection;
        if (layers.length === 0) return [{ kind: 'screen', id: this.screen, name: this.picture.screen(this.screen)?.querySelector('.screen-name')?.textContent ?? '' }];
        return [...new Set(layers.map(layerOf))].map((id) => ({ kind: 'layer', id, name: this.name(id) }));
    }

    private cues(): { kind: string; id: string; name: string }[] {
        const { layers } = this.selection;
        const owner = layers[0] ? this.picture.layer(layers[0]) : this.picture.screen(this.screen);
        return owner ? this.picture.threads(owner).map(({ id }) => ({ kind: 'cue', id, name: 'A cue' })) : [];
    }

    /** What the outline calls a layer, where it is open; the words of a text otherwise. */
    private name(id: string): string {
        const named = document.querySelector(`[data-item="${id}"] .item-name`)?.textContent ?? document.querySelector<HTMLInputElement>(`#facets [data-rename="${id}"]`)?.value;
        return (named ?? this.picture.layer(id)?.textContent ?? '').trim().slice(0, 100);
    }
}
