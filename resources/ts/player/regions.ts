/** What scrolls on a screen: with the finger, the wheel and the keyboard, by the value that tells its page, and what sticks in it. */
import type { Machine } from './machine.ts';
import { after, glides, held, page, rest, stuck } from './scroll.ts';

interface Spec { width: number; height: number; farX: number; farY: number; snap: string; bounce: boolean; momentum: boolean; pages: string; stopsX: number[]; stopsY: number[] }
interface Sticks { element: SVGElement; top: number; room: number }

/** ms after the last turn of a wheel until it comes to rest at a stop. */
const TURNED = 140;
/** ms of the way by which it is known how fast a finger is. */
const TRAIL = 100;

/** A container that is scrolled: a window that moves over what lies in it. */
export class Region {
    readonly spec: Spec;
    x = 0;
    y = 0;
    /** Whether a hand has brought it where it goes: then the value that tells its page follows, and does not lead. */
    leads = false;
    private frame = 0;
    private turned = 0;
    private sticks: Sticks[] | null = null;
    private readonly clip: SVGElement | null;

    /**
     * @param moved it stands elsewhere
     * @param rate how fast time goes
     */
    constructor(readonly svg: SVGSVGElement, private readonly moved: (region: Region) => void, private readonly rate: () => number) {
        this.spec = JSON.parse(svg.dataset['scroll']!) as Spec;
        this.clip = svg.previousElementSibling instanceof SVGClipPathElement ? svg.previousElementSibling : null;
        // A screen around it that scrolls would do so in its place; on what is inline, as SVG is, CSS has no `touch-action`.
        if (this.spec.farY > 0) Object.assign(svg.style, { display: 'block', touchAction: 'none' });
        // What sticks lies over what comes after it.
        for (const one of this.sticky()) one.parentElement!.append(one);
    }

    /** Whether it goes from left to right, where it goes both ways its pages do. */
    get across(): boolean {
        return this.spec.farX > 0 && (this.spec.farY <= 0 || this.spec.stopsX.some((stop) => stop > 0));
    }

    get stops(): number[] {
        return this.across ? this.spec.stopsX : this.spec.stopsY;
    }

    get page(): number {
        return page(this.across ? this.x : this.y, this.stops);
    }

    /** In which directions a finger can move it, and in which it only gives way. */
    get ways(): string[] {
        const { farX, farY, bounce } = this.spec;
        const way = (name: string, can: boolean, axis: boolean): string[] => (can ? [name] : axis && bounce ? [`~${name}`] : []);
        return [...way('left', this.x < farX - 0.5, farX > 0), ...way('right', this.x > 0.5, farX > 0), ...way('up', this.y < farY - 0.5, farY > 0), ...way('down', this.y > 0.5, farY > 0)];
    }

    stop(): void {
        cancelAnimationFrame(this.frame);
        clearTimeout(this.turned);
    }

    set(x: number, y: number): void {
        this.x = x;
        this.y = y;
        this.svg.setAttribute('viewBox', `${x} ${y} ${this.spec.width} ${this.spec.height}`);
        this.clip?.setAttribute('transform', `translate(${x} ${y})`);
        for (const { element, top, room } of this.stuck()) element.style.translate = `0 ${stuck(y, top, room)}px`;
        this.moved(this);
    }

    /** Its window on the page, and how large a px of it is there: its own box would hold all that is cut, too. */
    private get window(): { left: number; top: number; right: number; bottom: number; k: number } {
        const { a: k, e, f } = this.svg.getScreenCTM() ?? new DOMMatrix();
        const [left, top] = [this.x * k + e, this.y * k + f];
        return { left, top, right: left + this.spec.width * k, bottom: top + this.spec.height * k, k };
    }

    /** Whether some of an element in it is seen. */
    sees(element: Element): boolean {
        const [own, seen] = [element.getBoundingClientRect(), this.window];
        return own.left < seen.right && own.right > seen.left && own.top < seen.bottom && own.bottom > seen.top;
    }

    /** Where a finger asks for it to be. */
    drag(x: number, y: number): void {
        this.leads = true;
        const { farX, farY, width, height, bounce } = this.spec;
        this.set(farX > 0 ? held(x, farX, width, bounce) : 0, farY > 0 ? held(y, farY, height, bounce) : 0);
    }

    /** Let go at so many px/ms. */
    release(speedX: number, speedY: number): void {
        const { farX, farY, snap, momentum, stopsX, stopsY } = this.spec;
        const snaps = snap !== 'none';
        this.go(rest(this.x, speedX, farX, snaps ? stopsX : [], momentum), rest(this.y, speedY, farY, snaps ? stopsY : [], momentum), true);
    }

    go(x: number, y: number, thrown = false): void {
        this.stop();
        const { farX, farY, snap } = this.spec;
        const [fromX, fromY, begun] = [this.x, this.y, performance.now()];
        const [slowX, slowY] = [thrown && glides(fromX, x, farX, snap !== 'none'), thrown && glides(fromY, y, farY, snap !== 'none')];
        if (!thrown) this.leads = false;
        if (matchMedia('(prefers-reduced-motion: reduce)').matches) {
            this.set(x, y);
            this.leads = false;
            return;
        }
        const step = (now: number): void => {
            const ms = Math.max(0, now - begun) * this.rate();
            this.set(after(ms, fromX, x, slowX), after(ms, fromY, y, slowY));
            if (this.x !== x || this.y !== y) this.frame = requestAnimationFrame(step);
            else this.leads = false;
        };
        this.frame = requestAnimationFrame(step);
    }

    /** @returns whether it could be turned that way */
    wheel(dx: number, dy: number): boolean {
        const { farX, farY, snap } = this.spec;
        // A wheel without a sideways way moves what only goes across, too.
        const [wantX, wantY] = farY > 0 || dx !== 0 ? [dx, dy] : [dy, 0];
        const [x, y] = [Math.max(0, Math.min(farX, this.x + wantX)), Math.max(0, Math.min(farY, this.y + wantY))];
        if (x === this.x && y === this.y) return false;
        this.stop();
        this.leads = true;
        this.set(x, y);
        if (snap !== 'none') this.turned = window.setTimeout(() => this.release(0, 0), TURNED);
        return true;
    }

    /** Scrolls so that something in it is seen. */
    reveal(element: Element): void {
        const [own, seen] = [element.getBoundingClientRect(), this.window];
        const k = seen.k || 1;
        const by = (low: number, high: number, from: number, to: number): number => (low < from ? (low - from) / k : high > to ? Math.min(high - to, low - from) / k : 0);
        const clamp = (value: number, far: number): number => Math.max(0, Math.min(far, value));
        const [x, y] = [clamp(this.x + by(own.left, own.right, seen.left, seen.right), this.spec.farX), clamp(this.y + by(own.top, own.bottom, seen.top, seen.bottom), this.spec.farY)];
        if (x !== this.x || y !== this.y) this.go(x, y);
    }

    private sticky(): SVGElement[] {
        return [...this.svg.querySelectorAll<SVGElement>('[data-position=sticky]')].filter((one) => one.parentElement!.closest('svg') === this.svg);
    }

    /** What sticks in it, measured once it is laid out. */
    private stuck(): Sticks[] {
        if (this.sticks) return this.sticks;
        const { top: above, k } = this.window;
        if (!k || this.svg.getBoundingClientRect().width === 0) return [];
        this.sticks = this.sticky().map((element) => {
            const { top, bottom } = element.getBoundingClientRect();
            const around = element.parentElement!.closest('[data-layer]')!;
            const end = around.contains(this.svg) ? this.spec.height + this.spec.farY - ((bottom - above) / k + this.y) : (around.getBoundingClientRect().bottom - bottom) / k;
            return { element, top: (top - above) / k + this.y, room: Math.max(0, end) };
        });
        return this.sticks;
    }
}

export class Regions {
    private readonly known = new WeakMap<Element, Region>();
    /** How fast time goes. */
    rate = 1;
    /** The press under way: what can go with it, and from where. */
    private press: { around: Map<string, { region: Region; x: number; y: number }>; pane: HTMLElement; top: number; x: number; y: number; native: boolean; trail: [number, number, number][] } | null = null;
    /** Of a screen that goes on when it is let go. */
    private frame = 0;

    /**
     * @param paged a region has come to another page: the value that tells it follows
     * @param shifted something in a region is seen elsewhere
     */
    constructor(private readonly machine: () => Machine, private readonly paged: (widget: string, item: number) => void, private readonly shifted: () => void) {}

    dress(pane: HTMLElement): void {
        for (const svg of pane.querySelectorAll<SVGSVGElement>('svg[data-scroll]')) this.known.set(svg, new Region(svg, (region) => this.moved(region), () => this.rate));
        // What sticks on the screen as a whole, which the browser scrolls.
        pane.addEventListener('scroll', () => this.stick(pane));
    }

    /** Where each in a pane stands, px, in the order of the picture. */
    places(pane: HTMLElement): [number, number][] {
        return this.all(pane).map(({ x, y }) => [x, y]);
    }

    /** Each goes where it was, or to where it begins. */
    put(pane: HTMLElement, places: [number, number][]): void {
        this.all(pane).forEach((region, i) => {
            region.stop();
            region.set(...(places[i] ?? [0, 0]));
        });
    }

    /** What values tell of pages is shown. */
    update(pane: HTMLElement): void {
        for (const region of this.all(pane)) {
            const widget = this.widget(region);
            const wanted = widget === null ? -1 : Number(this.machine().values.of(widget));
            const stop = region.stops[wanted];
            if (region.leads || stop === undefined || wanted === region.page) continue;
            region.go(region.across ? stop : region.x, region.across ? region.y : stop);
        }
    }

    /**
     * @param touch whether it is a finger, by which the browser scrolls a screen itself where nothing in it scrolls
     * @returns in which directions what lies around an element can be scrolled, by layer
     */
    down(target: Element, pane: HTMLElement, x: number, y: number, touch: boolean): Record<string, string[]> {
        cancelAnimationFrame(this.frame);
        const around = new Map<string, { region: Region; x: number; y: number }>();
        for (let svg = target.closest('svg[data-scroll]'); svg; svg = svg.parentElement?.closest('svg[data-scroll]') ?? null) {
            const region = this.known.get(svg);
            region?.stop();
            if (region) around.set(svg.closest<SVGElement>('[data-layer]')!.dataset['layer']!, { region, x: region.x, y: region.y });
        }
        const native = this.machine().state?.pointing !== 'touch' || (touch && ![...around.values()].some(({ region }) => region.spec.farY > 0));
        this.press = { around, pane, top: pane.scrollTop, x, y, native, trail: [[performance.now(), x, y]] };
        return Object.fromEntries([...around].map(([layer, { region }]) => [layer, region.ways]));
    }

    move(x: number, y: number): void {
        const { press } = this;
        if (!press) return;
        press.trail.push([performance.now(), x, y]);
        const scrolling = this.machine().scrolling();
        const one = press.around.get(scrolling ?? '');
        if (one) one.region.drag(one.x - (x - press.x), one.y - (y - press.y));
        else if (scrolling === '') {
            const wanted = press.top - (y - press.y);
            if (!press.native) press.pane.scrollTop = wanted;
            this.pull(press.pane, press.native ? y - press.y : -wanted);
        }
    }

    /** @param scrolling the region that went with the finger until now */
    up(scrolling: string | null): void {
        const { press } = this;
        this.press = null;
        if (!press) return;
        const now = performance.now();
        const trail = press.trail.filter(([at]) => at >= now - TRAIL);
        const [first, last] = [trail[0], trail.at(-1)];
        const time = first ? Math.max(1, Math.min(TRAIL, now - first[0])) : 1;
        const speed = (axis: 1 | 2): number => (first && last ? -(last[axis] - first[axis]) / time : 0);
        for (const [layer, { region }] of press.around) {
            const own = layer === scrolling;
            region.release(own ? speed(1) : 0, own ? speed(2) : 0);
        }
        this.pull(press.pane, 0);
        if (scrolling === '' && !press.native) this.glide(press.pane, speed(2));
    }

    /** A screen that is let go at so many px/ms goes on as what scrolls in it does. */
    private glide(pane: HTMLElement, speed: number): void {
        const [from, far, begun] = [pane.scrollTop, pane.scrollHeight - pane.clientHeight, performance.now()];
        const to = rest(from, speed, far, [], true);
        const slow = glides(from, to, far, false);
        if (to === from || matchMedia('(prefers-reduced-motion: reduce)').matches) return;
        const step = (now: number): void => {
            const at = after(Math.max(0, now - begun) * this.rate, from, to, slow);
            pane.scrollTop = at;
            if (at !== to) this.frame = requestAnimationFrame(step);
        };
        this.frame = requestAnimationFrame(step);
    }

    wheel(target: Element, dx: number, dy: number): boolean {
        cancelAnimationFrame(this.frame);
        for (let svg = target.closest('svg[data-scroll]'); svg; svg = svg.parentElement?.closest('svg[data-scroll]') ?? null) if (this.known.get(svg)?.wheel(dx, dy)) return true;
        return false;
    }

    reveal(element: Element): void {
        for (let svg = element.parentElement?.closest('svg[data-scroll]') ?? null; svg; svg = svg.parentElement?.closest('svg[data-scroll]') ?? null) this.known.get(svg)?.reveal(element);
    }

    /** Whether some of an element is seen in all that scrolls around it. */
    sees(element: Element): boolean {
        for (let svg = element.parentElement?.closest('svg[data-scroll]') ?? null; svg; svg = svg.parentElement?.closest('svg[data-scroll]') ?? null) if (this.known.get(svg)?.sees(element) === false) return false;
        return true;
    }

    /** How far what lies around an element is scrolled, px. */
    offset(element: Element): { x: number; y: number } {
        const sum = { x: 0, y: 0 };
        for (let svg = element.closest('svg[data-scroll]'); svg; svg = svg.parentElement?.closest('svg[data-scroll]') ?? null) {
            const region = this.known.get(svg);
            sum.x += region?.x ?? 0;
            sum.y += region?.y ?? 0;
        }
        return sum;
    }

    private all(pane: HTMLElement): Region[] {
        return [...pane.querySelectorAll('svg[data-scroll]')].flatMap((svg) => this.known.get(svg) ?? []);
    }

    /** The widget whose value tells the page of a region. */
    private widget(region: Region): string | null {
        const { pages } = region.spec;
        return pages === '' ? null : Object.entries(this.machine().table.widgets).find(([, { signal }]) => signal === pages)?.[0] ?? null;
    }

    private moved(region: Region): void {
        this.shifted();
        const widget = this.widget(region);
        if (widget !== null && region.leads && Number(this.machine().values.of(widget)) !== region.page) this.paged(widget, region.page);
    }

    /** The screen as a whole gives way at its top. */
    private pull(pane: HTMLElement, by: number): void {
        const sheet = pane.querySelector<HTMLElement>('.sheet')!;
        const down = by <= 0 ? 0 : -held(-by, 0, pane.clientHeight, true);
        sheet.classList.toggle('settling', by <= 0);
        sheet.style.transform = down === 0 ? '' : `translateY(${down}px)`;
    }

    private stick(pane: HTMLElement): void {
        for (const element of pane.querySelectorAll<SVGElement>('[data-position=sticky]')) {
            if (element.parentElement!.closest('svg[data-scroll]')) continue;
            const sheet = pane.querySelector('.sheet')!.getBoundingClientRect();
            const k = sheet.width / pane.clientWidth || 1;
            const now = Number(element.dataset['stuck'] ?? 0);
            const { top, bottom } = element.getBoundingClientRect();
            const around = element.parentElement!.closest('[data-layer]')?.getBoundingClientRect().bottom ?? sheet.bottom;
            const by = stuck(pane.scrollTop, (top - sheet.top) / k - now, Math.max(0, (around - bottom) / k + now));
            element.dataset['stuck'] = String(by);
            element.style.translate = `0 ${by}px`;
        }
    }
}
