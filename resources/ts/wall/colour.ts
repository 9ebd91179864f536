/**
 * The colour field: a plane of colourfulness by lightness with hue and alpha, in OKLCH, for any field that holds a colour. What is shown
 * is tried on the wall while it is dragged, and written once it is let go.
 */
import { clampChroma, converter, formatCss, formatHex, formatHex8, formatHsl, formatRgb, inGamut, parse, type Oklch } from 'culori';
import { send } from './server.ts';
import { within } from './geometry.ts';

export interface ColourDesk {
    /** The wall shows what a field would make of it with what it holds now. */
    attempt: (field: HTMLInputElement) => void;
    /** What the field holds is kept. */
    keep: (field: HTMLInputElement) => void;
    /** The wall shows again what there was. */
    giveUp: (field: HTMLInputElement) => void;
    /** What is being coloured, in px of the window. */
    subject: () => DOMRect | null;
    /** A colour is taken from the wall; null where that was given up. */
    pick: () => Promise<string | null>;
    /** What a colour comes to against what lies behind what is being coloured; null where that says nothing. */
    contrast: (field: HTMLInputElement, colour: string) => Promise<string | null>;
}

/** Alpha and hue stay when colour or lightness are none. */
interface Shown { hue: number; share: number; lightness: number; alpha: number }

const RECENT = 'kindred.colours';
const MOST_RECENT = 14;
/** px between the field and what it must not cover. */
const GAP = 8;

const oklch = converter('oklch');
const fits = inGamut('rgb');

/** The most colourful that sRGB shows of a hue at a lightness. */
function reach(lightness: number, hue: number): number {
    if (lightness <= 0.001 || lightness >= 0.999) return 0;
    let [low, high] = [0, 0.4];
    for (let i = 0; i < 14; i++) {
        const middle = (low + high) / 2;
        if (fits({ mode: 'oklch', l: lightness, c: middle, h: hue })) low = middle;
        else high = middle;
    }
    return low;
}

const colourOf = ({ hue, share, lightness, alpha }: Shown): Oklch => ({ mode: 'oklch', l: lightness, c: reach(lightness, hue) * share, h: hue, alpha });
const hexOf = (shown: Shown): string => (shown.alpha >= 1 ? formatHex(colourOf(shown)) : formatHex8(colourOf(shown)));
const round = (n: number, to: number): number => Math.round(n * 10 ** to) / 10 ** to;

export class ColourField {
    private readonly box = document.getElementById('colour-field')!;
    private readonly plane = this.box.querySelector<HTMLElement>('.plane')!;
    private readonly canvas = this.box.querySelector('canvas')!;
    private field: HTMLInputElement | null = null;
    private shown: Shown = { hue: 0, share: 0, lightness: 1, alpha: 1 };
    private painted = NaN;
    /** What the field held before the plane was pressed, while it is. */
    private held: string | null = null;
    private asked = 0;

    constructor(private readonly used: string, private readonly desk: ColourDesk) {
        this.plane.addEventListener('pointerdown', (event) => this.drag(event));
        this.plane.addEventListener('keydown', (event) => this.stepped(event));
        for (const range of this.box.querySelectorAll<HTMLInputElement>('[type=range]')) {
            range.addEventListener('input', () => this.slid());
            range.addEventListener('change', () => this.keep());
        }
        this.part<HTMLSelectElement>('notation').addEventListener('change', () => this.show());
        const text = this.part<HTMLInputElement>('text');
        text.addEventListener('change', () => this.typed());
        text.addEventListener('focus', () => text.select());
        text.addEventListener('keydown', (event) => {
            if (event.key !== 'Enter') return;
            event.preventDefault();
            this.typed();
            text.select();
        });
        this.box.addEventListener('click', (event) => this.pressed(event.target as Element));
        this.box.addEventListener('keydown', (event) => {
            if (event.key === 'Escape') {
                event.stopPropagation();
                if (this.held === null) this.close(true);
                else this.giveUp();
            } else if (event.key === 'e' && !(event.target instanceof HTMLInputElement && event.target.type !== 'range') && !event.ctrlKey && !event.metaKey) {
                event.stopPropagation();
                void this.pick();
            }
        });
        document.addEventListener('pointerdown', (event) => {
            const target = event.target as Element;
            if (!this.box.hidden && !this.box.contains(target) && !target.closest('[data-do=colour], .taking') && target !== this.field) this.close(false);
        }, true);
    }

    get active(): boolean {
        return !this.box.hidden;
    }

    /** Opens beside a field, or closes where it is open for it. */
    open(field: HTMLInputElement): void {
        if (this.active && this.field?.id === field.id) return this.close(true);
        this.field = field;
        this.box.hidden = false;
        this.read(field.value);
        this.place(field);
        void this.fill();
        this.plane.focus();
    }

    /** The field may be drawn anew, or be gone with what it was of. */
    drawn(): void {
        if (!this.active || this.field === null) return;
        const now = document.getElementById(this.field.id);
        if (!(now instanceof HTMLInputElement)) return this.close(false);
        this.field = now;
        if (now !== document.activeElement && now.value !== hexOf(this.shown)) this.read(now.value);
    }

    close(back: boolean): void {
        this.box.hidden = true;
        const field = this.field;
        this.field = null;
        if (back && field) (field.parentElement?.querySelector<HTMLElement>('.well') ?? field).focus();
    }

    /** Takes a colour from the wall. */
    async pick(): Promise<void> {
        const field = this.field;
        const colour = await this.desk.pick();
        if (colour === null || field === null) return;
        this.read(colour);
        this.put(colour);
        this.keep();
    }

    /** Takes over a value, keeping hue and colourfulness where it has none. */
    private read(css: string): void {
        const parsed = oklch(parse(css.includes('gradient(') ? 'white' : css.trim() || 'white') ?? parse('white'));
        const colour = clampChroma(parsed!, 'oklch', 'rgb') as Oklch;
        const hue = colour.c < 0.002 ? this.shown.hue : (colour.h ?? 0);
        const most = reach(colour.l, hue);
        this.shown = { hue, lightness: colour.l, share: most <= 0 ? this.shown.share : Math.min(1, colour.c / most), alpha: colour.alpha ?? 1 };
        this.show();
    }

    private show(): void {
        const { hue, share, lightness, alpha } = this.shown;
        this.paint();
        const mark = this.plane.querySelector('i')!;
        mark.style.left = `${share * 100}%`;
        mark.style.top = `${(1 - lightness) * 100}%`;
        mark.style.background = formatHex(colourOf(this.shown));
        this.plane.ariaValueNow = String(Math.round(lightness * 100));
        this.plane.ariaValueText = `Lightness ${Math.round(lightness * 100)} %, colourfulness ${Math.round(share * 100)} %`;
        this.part<HTMLInputElement>('hue').value = String(Math.round(hue));
        const slide = this.part<HTMLInputElement>('alpha');
        slide.value = String(Math.round(alpha * 100));
        slide.style.setProperty('--of', formatHex(colourOf(this.shown)));
        const text = this.part<HTMLInputElement>('text');
        if (text !== document.activeElement || text.value === '') text.value = this.written();
        void this.judge();
    }

    private written(): string {
        const colour = colourOf(this.shown);
        switch (this.part<HTMLSelectElement>('notation').value) {
            case 'rgb': return formatRgb(formatHex8(colour)) ?? '';
            case 'hsl': return formatHsl(formatHex8(colour)) ?? '';
            case 'oklch': return formatCss({ ...colour, l: round(colour.l, 4), c: round(colour.c, 4), h: round(colour.h ?? 0, 2), alpha: round(colour.alpha ?? 1, 3) }) ?? '';
            default: return hexOf(this.shown);
        }
    }

    /** The plane of one hue, in few pixels that the browser smooths. */
    private paint(): void {
        const { hue } = this.shown;
        if (hue === this.painted) return;
        this.painted = hue;
        const { width, height } = this.canvas;
        const context = this.canvas.getContext('2d')!;
        const pixels = context.createImageData(width, height);
        for (let y = 0; y < height; y++) {
            const lightness = 1 - y / (height - 1);
            const most = reach(lightness, hue);
            for (let x = 0; x < width; x++) {
                const hex = parseInt(formatHex({ mode: 'oklch', l: lightness, c: (most * x) / (width - 1), h: hue }).slice(1), 16);
                pixels.data.set([hex >> 16, (hex >> 8) & 255, hex & 255, 255], (y * width + x) * 4);
            }
        }
        context.putImageData(pixels, 0, 0);
    }

    private drag(event: PointerEvent): void {
        if (event.button !== 0) return;
        this.plane.setPointerCapture(event.pointerId);
        const frame = this.plane.getBoundingClientRect();
        const to = (moved: PointerEvent): void => void (this.held !== null && this.set({
            share: within((moved.clientX - frame.left) / frame.width, 0, 1),
            lightness: within(1 - (moved.clientY - frame.top) / frame.height, 0, 1),
        }));
        const end = (): void => {
            this.plane.removeEventListener('pointermove', to);
            if (this.held !== null) this.keep();
        };
        this.held = this.field?.value ?? null;
        this.plane.addEventListener('pointermove', to);
        this.plane.addEventListener('lostpointercapture', end, { once: true });
        to(event);
    }

    private stepped(event: KeyboardEvent): void {
        const by = event.shiftKey ? 0.1 : 0.01;
        const [x, y] = { ArrowLeft: [-by, 0], ArrowRight: [by, 0], ArrowUp: [0, by], ArrowDown: [0, -by] }[event.key] ?? [0, 0];
        if (x === 0 && y === 0) return;
        event.preventDefault();
        event.stopPropagation();
        this.set({ share: within(this.shown.share + x!, 0, 1), lightness: within(this.shown.lightness + y!, 0, 1) });
        this.keep();
    }

    private slid(): void {
        this.set({ hue: Number(this.part<HTMLInputElement>('hue').value), alpha: Number(this.part<HTMLInputElement>('alpha').value) / 100 });
    }

    private set(part: Partial<Shown>): void {
        this.shown = { ...this.shown, ...part };
        this.show();
        this.put(hexOf(this.shown));
    }

    private put(value: string): void {
        if (!this.field) return;
        this.field.value = value;
        const well = this.field.parentElement?.querySelector<HTMLElement>('.well');
        if (well) well.style.background = `linear-gradient(${value}, ${value}), var(--chequer)`;
        this.desk.attempt(this.field);
    }

    /** What was dragged is as it was. */
    private giveUp(): void {
        const before = this.held!;
        this.held = null;
        this.field!.value = before;
        this.read(before);
        this.desk.giveUp(this.field!);
    }

    private keep(): void {
        this.held = null;
        if (!this.field) return;
        this.desk.keep(this.field);
        const list = [this.field.value, ...this.recent().filter((one) => one !== this.field!.value)].slice(0, MOST_RECENT);
        localStorage.setItem(RECENT, JSON.stringify(list));
        this.swatches('recent', list);
    }

    private typed(): void {
        const text = this.part<HTMLInputElement>('text');
        const value = /^[0-9a-f]{3,8}$/i.test(text.value.trim()) ? `#${text.value.trim()}` : text.value.trim();
        const problem = this.part('problem');
        const said = parse(value);
        problem.hidden = said !== undefined;
        if (!said) {
            problem.textContent = `“${value.slice(0, 40)}” is not a colour; write it like #17594f, teal or oklch(43% 0.07 176)`;
            return;
        }
        if (value === this.written()) return;
        this.read(value);
        text.value = this.written();
        this.put(hexOf(this.shown));
        this.keep();
    }

    private pressed(target: Element): void {
        const swatch = target.closest<HTMLElement>('[data-colour]');
        if (swatch) {
            this.read(swatch.dataset['colour']!);
            this.put(swatch.dataset['colour']!);
            this.keep();
        } else if (target.closest('[data-part=pick]')) void this.pick();
    }

    /** How well it stands out, and the nearest that does so well enough. */
    private async judge(): Promise<void> {
        const field = this.field;
        if (!field) return;
        const turn = ++this.asked;
        await new Promise((go) => setTimeout(go, 60));
        if (turn !== this.asked) return;
        const said = await this.desk.contrast(field, hexOf(this.shown)).catch(() => null);
        if (turn !== this.asked || field !== this.field) return;
        const place = this.part('contrast');
        const grows = place.hidden !== (said === null);
        place.hidden = said === null;
        place.innerHTML = said ?? '';
        for (const one of place.querySelectorAll<HTMLElement>('[data-colour]')) one.style.background = one.dataset['colour']!;
        if (grows) this.place(field);
    }

    private async fill(): Promise<void> {
        this.swatches('recent', this.recent());
        this.swatches('used', await send<string[]>(this.used).catch(() => []));
        if (this.field) this.place(this.field);
    }

    private swatches(part: string, colours: string[]): void {
        this.part(part).replaceChildren(...colours.map((colour) => {
            const one = document.createElement('button');
            one.type = 'button';
            one.dataset['colour'] = one.title = colour;
            one.ariaLabel = colour;
            one.style.background = `linear-gradient(${colour}, ${colour}), var(--chequer)`;
            return one;
        }));
    }

    private recent(): string[] {
        return JSON.parse(localStorage.getItem(RECENT) ?? '[]') as string[];
    }

    /** Beside the facets, where it covers least of what is being coloured. */
    private place(field: HTMLElement): void {
        const wall = document.getElementById('wall')!.getBoundingClientRect();
        const { width, height } = this.box.getBoundingClientRect();
        const top = Math.max(wall.top + GAP, Math.min(field.getBoundingClientRect().top - 40, wall.bottom - height - GAP));
        const subject = this.desk.subject();
        const places = [[wall.left + GAP, top], [wall.left + GAP, wall.bottom - height - GAP], [wall.left + GAP, wall.top + GAP], [wall.right - width - GAP, top], [wall.right - width - GAP, wall.bottom - height - GAP]] as const;
        const covered = ([x, y]: readonly [number, number]): number => (subject ? Math.max(0, Math.min(x + width, subject.right) - Math.max(x, subject.left)) * Math.max(0, Math.min(y + height, subject.bottom) - Math.max(y, subject.top)) : 0);
        const best = places.reduce((a, b) => (covered(b) < covered(a) - 1 ? b : a));
        Object.assign(this.box.style, { left: `${best[0]}px`, top: `${best[1]}px` });
    }

    private part<T extends HTMLElement = HTMLElement>(name: string): T {
        return this.box.querySelector<T>(`[data-part="${name}"]`)!;
    }
}
