/** Shows a running programme in a device frame, and tells it what the person does. */
import { Turning } from './turning.ts';
import { Works } from './works.ts';
import { Machine, type Happening } from './machine.ts';
import type { Plan, State, Table } from './table.ts';

/** Between the preparations of two screens, in ms: long enough for a frame and what the person does. */
const QUIET = 60;
/** So many screens at most are prepared. */
const PREPARED = 12;

export class Player {
    readonly machine: Machine;
    private readonly frame: HTMLElement;
    private readonly name: HTMLElement;
    private readonly works: Works;
    private readonly turning: Turning;
    private shown: HTMLElement | null = null;
    private leaving: HTMLElement | null = null;
    private since = performance.now();
    private timer = 0;
    private running: Animation[] = [];
    private focused = -1;
    private preparing = 0;
    private readonly panes = new Map<string, HTMLElement>();

    /** @param changed told whenever what widgets hold may have changed */
    constructor(private readonly root: HTMLElement, table: Table, private readonly start: string | null, private readonly changed: () => void = () => undefined) {
        this.frame = root.querySelector<HTMLElement>('.device')!;
        this.name = root.querySelector<HTMLElement>('.screen-now')!;
        const now = new Date();
        this.machine = new Machine(table, (screen, plan) => this.show(screen, plan), 1 + crypto.getRandomValues(new Uint32Array(1))[0]! % 2_147_483_646, Date.UTC(now.getFullYear(), now.getMonth(), now.getDate()) / 86_400_000, (instance, plan) => this.shown && this.turning.turn(this.shown, instance, plan));
        this.turning = new Turning(this.machine);
        this.works = new Works(this.machine, this.frame, () => this.shown, (happening) => this.tell(happening));
        this.frame.addEventListener('click', (event) => this.tap(event));
        this.frame.addEventListener('keydown', (event) => event.key === 'Enter' && follow(event.target as Element));
        new ResizeObserver(() => this.fit()).observe(root);
        if (start) this.machine.send({ type: 'open', screen: start });
        else this.show(this.machine.screen, null);
    }

    /**
     * Shows what the screens look like by now, where the rehearsal stands; what widgets hold, and the states of instances, stay.
     *
     * @returns whether it could: where screens or signals are others it has to begin again
     */
    redraw(table: Table): boolean {
        const names = (one: Table): string => JSON.stringify([Object.keys(one.signals), Object.keys(one.widgets), one.axes]);
        if (names(table) !== names(this.machine.table) || (this.machine.screen !== null && !table.states.some(({ id }) => id === this.machine.screen))) return false;
        const top = this.shown?.scrollTop ?? 0;
        this.settle();
        clearTimeout(this.preparing);
        for (const pane of this.panes.values()) pane.remove();
        this.panes.clear();
        this.shown = null;
        Object.assign(this.machine.table, table);
        this.show(this.machine.screen, null);
        this.frame.querySelector(':scope > .pane:not(.waiting)')?.scrollTo(0, top);
        return true;
    }

    back(): void {
        this.catchUp();
        this.machine.send({ type: 'return' });
    }

    /** Closes what a widget has opened; true when something was open. */
    close(): boolean {
        return this.works.close();
    }

    restart(): void {
        this.catchUp();
        this.machine.send(this.start ? { type: 'open', screen: this.start } : { type: 'restart' });
    }

    /** Moves among the tappable areas by keyboard. */
    focusNext(by: number): void {
        const areas = this.areas();
        if (areas.length === 0) return;
        this.focused = this.focused < 0 && by < 0 ? areas.length - 1 : (this.focused + by + areas.length) % areas.length;
        this.mark();
        this.shown?.querySelector('.area.focused')?.scrollIntoView({ block: 'nearest' });
    }

    pressFocused(): void {
        const area = this.areas()[this.focused];
        if (area) this.fire(area);
    }

    showAreas(on: boolean): void {
        this.root.classList.toggle('areas', on);
        this.mark();
    }

    /** The outermost elements of the screen that answer to a tap. */
    private areas(): SVGGElement[] {
        const taps = this.machine.state?.taps ?? {};
        return [...(this.shown?.querySelectorAll<SVGGElement>('[data-layer]') ?? [])].filter((layer) => {
            if (layer.closest('[data-states][display=none]')) return false;
            const cue = taps[layer.dataset['layer']!];
            const parent = layer.parentElement?.closest<SVGElement>('[data-layer]')?.dataset['layer'];
            return cue !== undefined && (parent === undefined || taps[parent] !== cue);
        });
    }

    private mark(): void {
        const sheet = this.shown?.querySelector('.sheet');
        if (!sheet) return;
        sheet.querySelectorAll('.area').forEach((area) => area.remove());
        const visible = this.root.classList.contains('areas');
        if (!visible && this.focused < 0) return;
        const outer = sheet.getBoundingClientRect();
        const scale = outer.width / (this.machine.state?.width ?? 1) || 1;
        const widgets = visible ? [...this.shown!.querySelectorAll<SVGElement>('[data-works]:not([data-keyboard])')].filter((widget) => !widget.closest('.beside')) : [];
        [...this.areas(), ...widgets].forEach((layer, i) => {
            if (!visible && i !== this.focused) return;
            // What it paints beside its box, shadows and the like, is not tapped.
            const box = (layer.querySelector(':scope > rect[pointer-events=all]') ?? layer).getBoundingClientRect();
            const area = document.createElement('div');
            area.className = i === this.focused ? 'area focused' : 'area';
            Object.assign(area.style, {
                left: `${(box.left - outer.left) / scale}px`, top: `${(box.top - outer.top) / scale}px`, width: `${box.width / scale}px`, height: `${box.height / scale}px`,
            });
            sheet.append(area);
        });
    }

    /** The uppermost layer under the pointer that answers; a press elsewhere shows for a moment what would. */
    private tap(event: MouseEvent): void {
        const taken = this.works.press(event);
        if (taken === 'whole') return;
        const taps = this.machine.state?.taps ?? {};
        for (const element of document.elementsFromPoint(event.clientX, event.clientY)) {
            if (this.shown?.contains(element) && follow(element)) return;
            // What an instance shows answers by itself, or as the instance does.
            for (let layer = element.closest<SVGElement>('[data-layer]'); layer && this.shown?.contains(layer); layer = layer.parentElement?.closest<SVGElement>('[data-layer]') ?? null) {
                if (taps[layer.dataset['layer']!] !== undefined) return this.fire(layer, element);
            }
        }
        if (taken || this.root.classList.contains('areas')) return;
        this.showAreas(true);
        window.setTimeout(() => this.showAreas(this.root.querySelector('[data-play=areas]')?.getAttribute('aria-pressed') === 'true'), 500);
    }

    /** @param at what is pressed, in the layer that answers */
    private fire(layer: SVGElement, at: Element = layer.querySelector(':scope > [data-turns]') ?? layer): void {
        this.catchUp();
        const from = this.shown;
        this.machine.send({ type: 'tap', layer: layer.dataset['layer']!, turns: Turning.around(at) });
        if (!from || from !== this.shown) return;
        this.mark();
        this.works.update(from);
        this.works.toWrong(from);
        this.changed();
    }

    private tell(happening: Happening): void {
        this.catchUp();
        this.machine.send(happening);
        this.changed();
    }

    private catchUp(): void {
        const now = performance.now();
        this.machine.send({ type: 'elapse', ms: Math.round(now - this.since) });
        this.since = now;
    }

    private wait(): void {
        clearTimeout(this.timer);
        const due = this.machine.due();
        if (due === null) return;
        this.timer = window.setTimeout(() => {
            this.since = performance.now();
            this.machine.send({ type: 'elapse', ms: due });
            this.wait();
        }, due);
    }

    private show(id: string | null, plan: Plan | null): void {
        this.settle();
        const pane = id === null ? null : this.pane(id);
        const state = this.machine?.state ?? null;
        this.root.querySelector<HTMLElement>('.nothing')!.hidden = pane !== null;
        this.frame.hidden = pane === null;
        if (!pane) return;
        this.leaving = this.shown;
        if (this.leaving === pane) this.leaving = null;
        this.shown = pane;
        this.focused = -1;
        this.works?.close();
        this.works?.update(pane);
        this.turning?.update(pane);
        this.changed();
        pane.classList.remove('waiting');
        pane.scrollTop = 0;
        this.name.textContent = state?.name ?? '';
        this.fit();
        if (plan && this.leaving) this.animate(plan, this.leaving, pane);
        else this.settle();
        this.mark();
        // The machine counts the delays of a screen only once it has been told of it.
        queueMicrotask(() => this.wait());
        this.prepare();
    }

    /** The sheet of a screen in its scrolling pane, hung up but waiting. */
    private pane(id: string): HTMLElement | null {
        const known = this.panes.get(id);
        if (known) return known;
        const template = document.querySelector<HTMLTemplateElement>(`template[data-screen="${id}"]`);
        if (!template) return null;
        const pane = document.createElement('div');
        pane.className = 'pane waiting';
        pane.dataset['screen'] = id;
        const sheet = document.createElement('div');
        sheet.className = 'sheet';
        sheet.append(template.content.cloneNode(true));
        pane.append(sheet);
        // Where a screen ends between two pixels its own background shows, not white.
        const ground = sheet.querySelector('svg > rect:first-child');
        if (ground && !ground.hasAttribute('fill-opacity')) pane.style.background = ground.getAttribute('fill') ?? '';
        this.frame.append(pane);
        this.panes.set(id, pane);
        this.works?.dress(pane);
        return pane;
    }

    /** Hangs up, one in each quiet moment, the screens that may come next, so that a tap finds them laid out; takes away the others. */
    private prepare(): void {
        clearTimeout(this.preparing);
        const next = (this.machine?.reachable() ?? []).slice(0, PREPARED);
        const step = (): void => {
            for (const [id, pane] of this.panes) {
                if (pane === this.shown || pane === this.leaving || next.includes(id)) continue;
                pane.remove();
                this.panes.delete(id);
            }
            const missing = next.find((id) => !this.panes.has(id));
            if (missing === undefined || !this.pane(missing)) return;
            this.preparing = window.setTimeout(step, QUIET);
        };
        this.preparing = window.setTimeout(step, QUIET);
    }

    /** The transition as the plan says; a dissolve for those who asked for less motion. */
    private animate(plan: Plan, leaving: HTMLElement, arriving: HTMLElement): void {
        if (plan.duration === 0 && plan.delay === 0) return this.settle();
        const still = plan.tracks.length > 0 && matchMedia('(prefers-reduced-motion: reduce)').matches;
        arriving.style.zIndex = plan.above === 'arriving' || still ? '2' : '0';
        leaving.style.zIndex = '1';
        const timing = { duration: plan.duration, delay: plan.delay, easing: plan.easing, fill: 'both' as const };
        const tracks = still || plan.tracks.length === 0
            ? [{ subject: 'arriving' as const, property: 'opacity', times: [0, 1], values: still ? [0, 1] : [0, 0] }]
            : plan.tracks;
        this.running = tracks.map((track) => {
            const frames = track.values.map((value, i) => ({ offset: track.times[i]!, ...property(track.property, value) }));
            const animation = (track.subject === 'arriving' ? arriving : leaving).animate(frames, timing);
            // All tracks begin together and now, not one after another once each has been painted.
            animation.startTime = document.timeline.currentTime;
            return animation;
        });
        this.running[0]!.finished.then(() => this.settle(), () => undefined);
    }

    private settle(): void {
        for (const animation of this.running) animation.cancel();
        this.running = [];
        this.leaving?.classList.add('waiting');
        if (this.leaving) this.leaving.style.zIndex = '';
        this.leaving = null;
        if (this.shown) this.shown.style.zIndex = '';
    }

    /** The frame as large as fits, never larger than life. */
    private fit(): void {
        const state: State | null = this.machine?.state ?? null;
        if (!state) return;
        const room = this.root.querySelector('.table')!.getBoundingClientRect();
        const scale = Math.min(1, (room.width - 48) / state.width, (room.height - 48) / state.view);
        Object.assign(this.frame.style, { width: `${state.width}px`, height: `${state.view}px`, transform: `translate(-50%, -50%) scale(${scale})`, borderRadius: `${state.corner}px` });
        this.frame.dataset['pointing'] = state.pointing;
    }
}

function property(name: string, value: number): Keyframe {
    switch (name) {
        case 'translateX': return { transform: `translateX(${value * 100}%)` };
        case 'translateY': return { transform: `translateY(${value * 100}%)` };
        default: return { [name]: String(value) };
    }
}

/** Opens where words lead, beside what is played; false where they lead nowhere. */
function follow(element: Element): boolean {
    const link = element.closest<HTMLElement | SVGElement>('[data-link]')?.dataset['link'];
    if (link) window.open(link, '_blank', 'noopener');
    return link !== undefined;
}
