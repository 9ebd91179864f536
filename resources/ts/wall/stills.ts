/**
 * Which screens are drawn live and which as a still, a small picture of themselves.
 *
 * Style, layout and paint of a wall grow with the layers that are drawn. A wall of up to `LIVE`
 * layers is always live. On a larger one a screen seen from so far that its still has pixels enough
 * shows the still; of the others those nearest to the middle of the window are live, up to that many
 * layers. What is pointed at or worked on is live in any case. Screens outside the window are not
 * drawn at all. While the camera moves nothing becomes live.
 */
import { Listeners } from '../listeners.ts';
import { showSmall } from '../small.ts';
import type { Camera } from './camera.ts';
import { contains, overlaps } from './geometry.ts';
import type { Picture } from './picture.ts';
import { send } from './server.ts';

const LIVE = 2000;
/** How long a pointer must rest on a still to make it live, ms. */
const REST = 90;
/** The width from which the name of a screen can be read, px; without a name, a press on the screen selects it. */
const LEGIBLE = 40;
/** How many stills are asked for in one request. */
const MANY = 4;

/** The name over a screen is so high, px of the window. */
const NAME = 30;

export class Stills {
    private pointed = '';
    /** Told when the layers of a screen have come. */
    readonly loaded = new Listeners();
    private timer = 0;
    private waking: string[] = [];
    private frame = 0;
    private missing: HTMLElement[] = [];
    private readonly loading = new Set<string>();
    private readonly dressed = new WeakMap<HTMLElement, string>();

    /**
     * @param urls `still` with SCREEN in place of a screen's id, and `stills` for many at once
     * @param needed screens that are worked on
     */
    constructor(private readonly camera: Camera, private readonly picture: Picture, private readonly urls: Record<string, string>, private readonly needed: () => string[]) {
        camera.moved.add(() => this.follow());
        camera.rested.add(() => this.rest());
    }

    /** After every step of the camera. */
    follow(): void {
        this.picture.stage.classList.add('moving');
        this.show();
    }

    /** Shows what the window looks at: screens outside are away, those inside live or still. */
    private show(): void {
        const seen = this.camera.window();
        const few = this.few();
        const first = this.first();
        for (const screen of this.picture.screens()) {
            // Of one below the window the name may be seen.
            const [box, name] = [this.picture.screenBox(screen.dataset['screen']!), NAME / this.camera.scale];
            const away = !overlaps({ ...box, y: box.y - name, height: box.height + name }, seen);
            if (screen.classList.contains('away') !== away) screen.classList.toggle('away', away);
            if (away) continue;
            this.dress(screen);
            if (!few && screen.classList.contains('live') && this.sharp(screen) && !first.includes(screen.dataset['screen']!)) screen.classList.remove('live');
            if (!screen.classList.contains('live')) this.still(screen);
        }
    }

    /** The name over a screen and the mark of its fold keep their size at every zoom. */
    private dress(screen: HTMLElement): void {
        const { scale } = this.camera;
        const { width } = this.picture.screenBox(screen.dataset['screen']!);
        const shown = `${scale} ${width}`;
        if (this.dressed.get(screen) === shown) return;
        this.dressed.set(screen, shown);
        const [name, fold] = screen.children as unknown as [HTMLElement, HTMLElement];
        const room = width * scale;
        if (name.hidden !== room < LEGIBLE) name.hidden = room < LEGIBLE;
        if (screen.hasAttribute('data-scrolls')) fold.style.transform = `scale(${1 / scale})`;
        if (!name.hidden) name.style.transform = `scale(${1 / scale})`;
    }

    /** When the camera has come to rest, and after edits: chooses what is live. */
    rest(): void {
        this.picture.stage.classList.remove('moving');
        this.show();
        const hair = 1 / this.camera.scale;
        for (const screen of this.picture.screens()) {
            if (screen.classList.contains('away')) continue;
            // A name is laid out anew where its room changes: once the wall rests.
            (screen.firstElementChild as HTMLElement).style.maxWidth = `${Math.min(320, this.picture.screenBox(screen.dataset['screen']!).width * this.camera.scale)}px`;
            screen.style.boxShadow = `0 0 0 ${hair}px rgb(30 34 35 / .14), 0 ${2 * hair}px 0 ${hair}px rgb(30 34 35 / .1)`;
        }
        const chosen = this.choose();
        for (const screen of this.picture.screens()) {
            if (chosen.has(screen.dataset['screen']!) || !screen.classList.contains('live')) continue;
            screen.classList.remove('live');
            if (!screen.classList.contains('away')) this.still(screen);
        }
        this.waking = [...chosen].filter((id) => !this.picture.screen(id)!.classList.contains('live'));
        const layers = this.waking.reduce((sum, id) => sum + this.picture.count(id), 0);
        if (this.few() || layers <= LIVE / 10) while (this.waking.length > 0) this.wake(this.waking.shift()!);
        else this.wakeOneByOne();
    }

    /** Makes a screen live at once: something is about to happen on it. */
    need(id: string): void {
        const screen = this.picture.screen(id);
        if (screen && !screen.classList.contains('live')) this.wake(id);
    }

    point(id: string): void {
        if (id === this.pointed) return;
        this.pointed = id;
        clearTimeout(this.timer);
        this.timer = window.setTimeout(() => {
            if (!this.picture.stage.classList.contains('moving')) this.need(id);
        }, REST);
    }

    /** Screens that an edit changed have another still from now on. */
    changed(screens: Iterable<string>, sequence: number): void {
        for (const id of screens) {
            const screen = this.picture.screen(id);
            if (screen) screen.dataset['revision'] = String(sequence);
        }
        this.rest();
    }

    private few(): boolean {
        return this.picture.screens().reduce((sum, screen) => sum + this.picture.count(screen.dataset['screen']!), 0) <= LIVE;
    }

    private first(): string[] {
        return [...this.needed(), this.pointed].filter((id) => this.picture.screen(id));
    }

    /** Whether a screen's still is there and loses nothing at this distance. */
    private sharp(screen: HTMLElement): boolean {
        const { width } = this.picture.screenBox(screen.dataset['screen']!);
        return (this.image(screen)?.naturalWidth ?? 0) >= width * this.camera.scale * devicePixelRatio * 0.85;
    }

    private choose(): Set<string> {
        const ids = this.picture.screens().map((screen) => screen.dataset['screen']!);
        if (this.few()) return new Set(ids);
        const seen = this.camera.window();
        const middle = { x: seen.x + seen.width / 2, y: seen.y + seen.height / 2 };
        const far = (id: string): number => {
            const box = this.picture.screenBox(id);
            return contains(box, middle) ? 0 : Math.hypot(box.x + box.width / 2 - middle.x, box.y + box.height / 2 - middle.y);
        };
        const first = this.first();
        const rest = ids.filter((id) => !first.includes(id) && overlaps(this.picture.screenBox(id), seen) && !this.sharp(this.picture.screen(id)!)).sort((a, b) => far(a) - far(b));
        const chosen = new Set<string>();
        let layers = 0;
        for (const id of [...first, ...rest]) {
            layers += this.picture.count(id);
            if (layers > LIVE && chosen.size > 0 && !first.includes(id)) break;
            chosen.add(id);
        }
        return chosen;
    }

    private wakeOneByOne(): void {
        cancelAnimationFrame(this.frame);
        this.frame = requestAnimationFrame(() => {
            if (this.picture.stage.classList.contains('moving')) return;
            const id = this.waking.shift();
            if (id !== undefined) this.wake(id);
            if (this.waking.length > 0) this.wakeOneByOne();
        });
    }

    private wake(id: string): void {
        if (this.picture.isAbsent(id)) void this.load(id);
        else this.picture.screen(id)?.classList.add('live');
    }

    /** Asks for the layers of a screen that is not loaded yet, and again where it has changed meanwhile. */
    async load(id: string): Promise<void> {
        const screen = this.picture.screen(id);
        if (!screen || !this.picture.isAbsent(id) || this.loading.has(id)) return;
        this.loading.add(id);
        const revision = screen.dataset['revision'];
        const drawn = await send<Record<string, string>>(`${this.urls['pictures']!}?of=${id}`).catch((): Record<string, string> => ({}));
        this.loading.delete(id);
        if (screen.dataset['revision'] !== revision) return this.load(id);
        if (!drawn[id]) return;
        this.picture.replace(id, drawn[id]);
        screen.classList.add('live');
        this.loaded.tell();
    }

    private still(screen: HTMLElement): void {
        let image = this.image(screen);
        if (!image) {
            image = document.createElement('img');
            Object.assign(image, { className: 'still', alt: '', draggable: false, decoding: 'async', fetchPriority: 'low' });
            screen.append(image);
        }
        if (image.dataset['revision'] === screen.dataset['revision']) return;
        image.dataset['revision'] = screen.dataset['revision'];
        image.style.backgroundColor = screen.querySelector('[data-ground]')?.getAttribute('fill') ?? '';
        this.missing.push(screen);
        if (this.missing.length === 1) queueMicrotask(() => void this.fetch());
    }

    private image(screen: HTMLElement): HTMLImageElement | null {
        return screen.querySelector<HTMLImageElement>(':scope > .still');
    }

    /** Many stills come in one answer as far as the server has kept them; the others are drawn one by one. */
    private async fetch(): Promise<void> {
        const screens = this.missing.splice(0);
        const ids = screens.map((screen) => screen.dataset['screen']!);
        const revision = Math.max(...screens.map((screen) => Number(screen.dataset['revision'])));
        const kept: Record<string, string> = screens.length < MANY ? {} : await send<Record<string, string>>(`${this.urls['stills']!}?r=${revision}&of=${ids.join(',')}`).catch(() => ({}));
        for (const [i, screen] of screens.entries()) {
            const id = ids[i]!;
            const image = this.image(screen);
            if (image) showSmall(image, kept[id] ?? `${this.urls['still']!.replace('SCREEN', id)}?r=${screen.dataset['revision']}${screen.hasAttribute('data-scrolls') ? '&whole=1' : ''}`);
        }
    }
}
