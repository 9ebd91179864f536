/** The panes in which screens are shown, over each other too, and how they give way to one another. */
import type { Machine, Stand } from './machine.ts';
import { turnBack } from './between.ts';
import { Flown, shown, type Side } from './flight.ts';
import { called, placeOver, type Rect, sizeOver } from './over.ts';
import type { Regions } from './regions.ts';
import type { Plan, State, Track } from './table.ts';

/** Between the preparations of two screens, in ms: long enough for a frame and what the person does. */
const QUIET = 60;
/** So many screens at most are prepared. */
const PREPARED = 12;
/** What is in motion above lies so much higher. */
const ABOVE = 1000;

interface Part { pane: HTMLElement; scrim: HTMLElement | null; level: number }

export class Stage {
    private readonly panes = new Map<string, HTMLElement>();
    private readonly scrims = new Map<string, HTMLElement>();
    /** How far screens, and what scrolls on them, were scrolled when they were left, px; their panes may be gone by then. */
    private readonly left = new Map<string, { top: number; regions: [number, number][] }>();
    /** What was tapped before a screen was laid over, by that screen. */
    private readonly beside = new Map<string, Rect>();
    private shown: Stand = { screen: null, over: [] };
    private parts: Part[] = [];
    private leaving: Part[] = [];
    private running: Animation[] = [];
    private following: { stand: Stand; animations: Animation[]; before: Part[]; shown: Stand; time: number } | null = null;
    private flown: Flown | null = null;
    private preparing = 0;
    /** In arrays and instances: where the last press was, the innermost first. */
    pressed: string[] = [];
    /** From where matches went out, by their screens. */
    private readonly origins = new Map<string, string>();
    /** What was tapped last, in px of what is seen. */
    tapped: Rect | null = null;

    /** @param dress makes what was drawn of a screen work */
    constructor(private readonly frame: HTMLElement, private readonly machine: () => Machine, private readonly regions: Regions, private readonly dress: (pane: HTMLElement) => void, private readonly update: (pane: HTMLElement) => void) {}

    /** The panes that are shown, the lowest first. */
    get visible(): HTMLElement[] {
        return this.parts.map(({ pane }) => pane);
    }

    get top(): HTMLElement | null {
        return this.parts.at(-1)?.pane ?? null;
    }

    /** Whether a place of the window lies on what is uppermost. */
    holds(element: Element | null): boolean {
        return this.top?.contains(element) ?? false;
    }

    /**
     * @param from how far it has been dragged already, 0 to 1
     * @param returned whether it is come back to: then it is scrolled to where it was left
     */
    show(stand: Stand, plan: Plan | null, from: number, returned = false): void {
        const { following } = this;
        if (following && from > 0 && same(following.stand, stand)) {
            this.following = null;
            this.running = following.animations;
            for (const animation of this.running) animation.play();
            this.ends();
            return;
        }
        this.release();
        this.settle();
        // Shown once more, a screen begins anew, too.
        const again = same(this.shown, stand);
        const arriving = this.replace(stand);
        for (const { pane } of again ? this.parts : arriving) {
            const left = returned ? this.left.get(pane.dataset['screen']!) : undefined;
            pane.scrollTop = left?.top ?? 0;
            this.regions.put(pane, left?.regions ?? []);
        }
        if (!plan || (this.leaving.length === 0 && arriving.every(({ level }) => level === 0)) || plan.duration + plan.delay === 0) return this.settle();
        this.running = this.animate(plan, this.leaving, arriving, { duration: plan.duration, delay: plan.delay, easing: plan.easing, fill: 'both' });
        // All tracks begin together and now, not one after another once each has been painted.
        for (const animation of this.running) animation.startTime = document.timeline.currentTime;
        this.ends();
    }

    /** A transition follows the finger. */
    follow(stand: Stand, plan: Plan | null, progress: number): void {
        if (!plan || plan.duration === 0) return;
        if (this.following && !same(this.following.stand, stand)) this.release();
        if (!this.following) {
            this.settle();
            const [before, shown] = [this.parts, this.shown];
            const arriving = this.replace(stand);
            const animations = this.animate(plan, this.leaving, arriving, { duration: plan.duration, easing: 'linear', fill: 'both' });
            for (const animation of animations) animation.pause();
            this.following = { stand, animations, before, shown, time: Math.max(...animations.map((animation) => Number(animation.effect?.getComputedTiming().endTime ?? 0)), 0) };
        }
        for (const animation of this.following.animations) animation.currentTime = progress * this.following.time;
    }

    /** What followed the finger goes back to where it was. */
    release(): void {
        const { following } = this;
        this.following = null;
        if (!following) return;
        const { leaving } = this;
        this.running = following.animations;
        // What was shown is so again; what had come half-way leaves.
        const arrived = this.parts.filter((part) => !following.before.includes(part));
        this.parts = following.before;
        this.shown = following.shown;
        this.leaving = arrived;
        for (const { pane, scrim } of leaving) for (const one of [pane, scrim]) one?.classList.remove('waiting');
        for (const animation of this.running) turnBack(animation);
        this.ends();
    }

    /** All screens are drawn anew. */
    clear(): void {
        this.following = null;
        this.settle();
        clearTimeout(this.preparing);
        for (const one of [...this.panes.values(), ...this.scrims.values()]) one.remove();
        this.panes.clear();
        this.scrims.clear();
        this.parts = [];
        this.shown = { screen: null, over: [] };
    }

    settle(): void {
        for (const animation of this.running) animation.cancel();
        this.running = [];
        this.flown?.remove();
        this.flown = null;
        for (const { pane, scrim } of this.leaving) if (!this.parts.some((part) => part.pane === pane)) for (const one of [pane, scrim]) one?.classList.add('waiting');
        this.leaving = [];
        for (const part of this.parts) this.raise(part, 0);
    }

    /** Hangs up, one in each quiet moment, the screens that may come next, so that a tap finds them laid out; takes away the others. */
    prepare(): void {
        clearTimeout(this.preparing);
        const next = this.machine().reachable().slice(0, PREPARED);
        const step = (): void => {
            for (const [id, pane] of this.panes) {
                if (next.includes(id) || [...this.parts, ...this.leaving].some((part) => part.pane === pane)) continue;
                pane.remove();
                this.panes.delete(id);
            }
            const missing = next.find((id) => !this.panes.has(id));
            if (missing === undefined || !this.pane(missing)) return;
            this.preparing = window.setTimeout(step, QUIET);
        };
        this.preparing = window.setTimeout(step, QUIET);
    }

    /** Puts up what a stand shows; what is no longer of it leaves. */
    private replace(stand: Stand): Part[] {
        const same = stand.screen === this.shown.screen;
        let kept = 0;
        while (same && kept < stand.over.length && stand.over[kept] === this.shown.over[kept]) kept++;
        const stays = same && this.parts.length > 0 ? kept + 1 : 0;
        this.leaving = this.parts.slice(stays);
        for (const { pane } of this.leaving) this.left.set(pane.dataset['screen']!, { top: pane.scrollTop, regions: this.regions.places(pane) });
        const parts = this.parts.slice(0, stays);
        for (let level = stays; level <= stand.over.length; level++) {
            const id = level === 0 ? stand.screen : stand.over[level - 1]!;
            const pane = id === null ? null : this.pane(id, level === 0 ? '' : this.sizeOf(id));
            if (pane) parts.push({ pane, scrim: level === 0 ? null : this.lay(id!, pane), level });
        }
        this.parts = parts;
        this.shown = stand;
        const arriving = parts.slice(stays);
        for (const part of arriving) for (const one of [part.pane, part.scrim]) one?.classList.remove('waiting');
        for (const part of parts) {
            this.update(part.pane);
            this.raise(part, 0);
        }
        return arriving;
    }

    /** What is seen of the screen below, px. */
    private below(state: State): { width: number; height: number } {
        const below = this.machine().known(this.machine().screen);
        return { width: below?.width ?? state.width, height: below?.view ?? state.view };
    }

    /** How large a screen is over the others, as its pictures are called by it. */
    private sizeOf(id: string): string {
        const state = this.machine().known(id)!;
        return called(sizeOver(state.over, this.below(state), { width: state.width, height: state.view }));
    }

    /** Places a pane over others, with what lies between. */
    private lay(id: string, pane: HTMLElement): HTMLElement {
        const machine = this.machine();
        const state = machine.known(id)!;
        const seen = this.below(state);
        const own = sizeOver(state.over, seen, { width: state.width, height: state.view });
        if (this.tapped && !this.parts.some((part) => part.pane === pane)) this.beside.set(id, this.tapped);
        const { x, y } = placeOver(state.over, seen, own, this.beside.get(id) ?? null);
        pane.classList.add('laid');
        Object.assign(pane.style, { left: `${x}px`, top: `${y}px`, width: `${own.width}px`, height: `${own.height}px` });
        let scrim = this.scrims.get(id);
        if (!scrim) {
            scrim = document.createElement('div');
            scrim.className = 'scrim waiting';
            this.frame.append(scrim);
            this.scrims.set(id, scrim);
        }
        Object.assign(scrim.style, { background: state.over.scrim, backdropFilter: state.over.blur > 0 ? `blur(${state.over.blur}px)` : '' });
        return scrim;
    }

    private raise({ pane, scrim, level }: Part, by: number): void {
        pane.style.zIndex = String(by + 10 * level);
        if (scrim) scrim.style.zIndex = String(by + 10 * level - 1);
        if (level > 0) return;
        // What lies over others may be shown by itself, too.
        pane.classList.remove('laid');
        for (const name of ['left', 'top', 'width', 'height']) pane.style.removeProperty(name);
    }

    /** The transition as the plan says; a dissolve for those who asked for less motion. */
    private animate(plan: Plan, leaving: Part[], arriving: Part[], timing: KeyframeAnimationOptions): Animation[] {
        const still = plan.tracks.length > 0 && matchMedia('(prefers-reduced-motion: reduce)').matches;
        const above = plan.above === 'arriving' || still;
        for (const part of arriving) this.raise(part, above ? ABOVE : 0);
        for (const part of leaving) this.raise(part, above ? 0 : ABOVE);
        const running: Animation[] = [];
        const flown = still ? null : this.fly(plan, leaving, arriving, timing);
        if (flown) {
            [leaving, arriving] = [leaving.filter(({ level }) => level > 0), []];
            running.push(...flown.animations);
        }
        const move = (element: HTMLElement, track: Pick<Track, 'property' | 'times' | 'values'>): void => {
            running.push(element.animate(track.values.map((value, i) => ({ offset: track.times[i]!, ...property(track.property, value) })), timing));
        };
        const fade = (element: HTMLElement, from: number, to: number): void => move(element, { property: 'opacity', times: [0, 1], values: [from, to] });
        const own = (subject: Track['subject']): Track[] => (still ? [] : plan.tracks.filter((track) => track.subject === subject));
        for (const { pane, scrim } of arriving) {
            for (const track of own('arriving')) move(pane, track);
            if (own('arriving').length === 0) fade(pane, 0, plan.tracks.length === 0 ? 0 : 1);
            if (scrim) fade(scrim, 0, plan.tracks.length === 0 ? 0 : 1);
        }
        // A screen as a whole stays below what fades in; what lies over others has to fade itself.
        for (const { pane, scrim, level } of leaving) {
            if (!flown) for (const track of own('leaving')) move(pane, track);
            if (level > 0 && (flown || own('leaving').length === 0)) fade(pane, 1, plan.tracks.length === 0 ? 1 : 0);
            if (scrim) fade(scrim, 1, plan.tracks.length === 0 ? 1 : 0);
        }
        return running;
    }

    /** A match carries over what is on both screens, where these are known beforehand. */
    private fly(plan: Plan, leaving: Part[], arriving: Part[], timing: KeyframeAnimationOptions): Flown | null {
        const [from, to] = [leaving, arriving].map((parts) => parts.find(({ level }) => level === 0)?.pane);
        if (!plan.match || !from || !to || from === to) return null;
        const [first, second] = plan.backward ? [to, from] : [from, to];
        const way = `${first.dataset['screen']!}>${second.dataset['screen']!}`;
        const flights = this.machine().table.matches[plan.match] ?? {};
        // Back it goes to where it went out from.
        const origin = plan.backward ? this.origins.get(way) : this.pressed.find((at) => flights[`${way}@${at}`]);
        if (!plan.backward) this.origins.set(way, origin ?? '');
        const flight = (origin ? flights[`${way}@${origin}`] : undefined) ?? flights[way];
        if (!flight) return null;
        const side = (pane: HTMLElement): Side => ({ picture: pane, scroll: pane.scrollTop, find: (at) => shown(pane, at) });
        this.flown = new Flown(this.frame, flight, side(from), side(to), plan.backward ?? false, timing, (element) => this.regions.offset(element));
        this.flown.raise(ABOVE + 1);
        return this.flown;
    }

    private ends(): void {
        const { running } = this;
        if (running.length === 0) return this.settle();
        // What has begun since goes on.
        Promise.all(running.map((animation) => animation.finished)).then(() => this.running === running && this.settle(), () => undefined);
    }

    /** The sheet of a screen in its scrolling pane, hung up but waiting; as large as it is drawn, or in a size in which it is drawn, too. */
    private pane(id: string, size = ''): HTMLElement | null {
        const sized = size === '' ? null : document.querySelector<HTMLTemplateElement>(`template[data-screen="${id}"][data-size="${size}"]`);
        const key = sized ? `${id} ${size}` : id;
        const known = this.panes.get(key);
        if (known) return known;
        const template = sized ?? document.querySelector<HTMLTemplateElement>(`template[data-screen="${id}"]:not([data-size])`);
        if (!template) return null;
        const pane = document.createElement('div');
        pane.className = 'pane waiting';
        pane.dataset['screen'] = id;
        const sheet = document.createElement('div');
        sheet.className = 'sheet';
        sheet.append(template.content.cloneNode(true));
        pane.append(sheet);
        // Where a screen ends between two pixels its own background shows, not white.
        const ground = sheet.querySelector(':scope > svg > rect:first-child');
        pane.style.background = ground?.hasAttribute('fill-opacity') ? 'none' : ground?.getAttribute('fill') ?? '';
        this.frame.append(pane);
        this.panes.set(key, pane);
        this.dress(pane);
        return pane;
    }
}

function same(a: Stand, b: Stand): boolean {
    return a.screen === b.screen && a.over.join(' ') === b.over.join(' ');
}

function property(name: string, value: number): Keyframe {
    switch (name) {
        case 'translateX': return { transform: `translateX(${value * 100}%)` };
        case 'translateY': return { transform: `translateY(${value * 100}%)` };
        default: return { [name]: String(value) };
    }
}
