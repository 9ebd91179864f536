/** Shows a running programme in a device frame, and tells it what the person does. */
import { Turning } from './turning.ts';
import { Works } from './works.ts';
import { Machine, type Happening } from './machine.ts';
import { Stage } from './stage.ts';
import { widthOf } from './over.ts';
import { Regions } from './regions.ts';
import type { Deed, Table } from './table.ts';

/** What a layer answers to that is pressed. */
const TAPPED = ['tap', 'double-tap', 'long-press', 'press', 'release'];
/** The same, with what is led away. */
const HANDLED = [...TAPPED, 'swipe', 'drag', 'pull'];
/** px to the right and down of each direction. */
const WAYS: Record<string, [number, number]> = { left: [-1, 0], right: [1, 0], up: [0, -1], down: [0, 1] };
/** mm of a px: on what is touched it is 1/160 of an inch (a density-independent pixel), elsewhere 1/96 (CSS Values 4, section 6.2). */
const [MM_TOUCHED, MM_POINTED] = [25.4 / 160, 25.4 / 96];
/** px of a swipe by keyboard. */
const STROKE = 200;

export interface Told {
    /** What widgets hold may have changed. */
    changed?: () => void;
    /** Another screen is uppermost. */
    shown?: () => void;
    /** A cue happens. */
    fired?: (cue: string) => void;
}

export class Player {
    readonly machine: Machine;
    private readonly frame: HTMLElement;
    private readonly name: HTMLElement;
    private readonly works: Works;
    private readonly turning: Turning;
    private readonly stage: Stage;
    private readonly regions: Regions;
    /** It has ended, and another one plays. */
    private readonly gone = new AbortController();
    private since = performance.now();
    private timer = 0;
    private focused = -1;
    /** How many steps the way here has. */
    private depth = 0;
    /** Whether a press is under way. */
    private pressed = false;
    /** How large a px of the screen is in the window. */
    private scale = 1;
    /** How fast time goes: 1 as it does, 0 only step by step. */
    private rate = 1;
    private following = 0;
    private readonly held = new WeakSet<Animation>();
    /** px of the window to a mm, where screens are shown in their real size. */
    private perMm: number | null = null;

    constructor(private readonly root: HTMLElement, table: Table, private readonly start: string | null, private readonly told: Told = {}) {
        this.frame = root.querySelector<HTMLElement>('.device')!;
        this.name = root.querySelector<HTMLElement>('.screen-now')!;
        this.regions = new Regions(() => this.machine, (widget, item) => this.tell({ type: 'press', widget, press: 'item', item }), () => this.follow());
        this.stage = new Stage(this.frame, () => this.machine, this.regions, (pane) => {
            this.works.dress(pane);
            this.regions.dress(pane);
        }, (pane) => {
            this.works.update(pane);
            this.turning.update(pane);
        });
        const now = new Date();
        // What the machine tells as it is made is of nothing that could be shown yet.
        let made = false;
        this.machine = new Machine(table, {
            shown: (_, plan, from) => made && this.show(plan, from),
            turned: (instance, plan) => {
                if (!made) return;
                this.turning.turn(instance, plan);
                queueMicrotask(() => this.turning.flush(this.stage.visible));
            },
            does: (deed) => made && this.does(deed),
            fired: (cue) => this.told.fired?.(cue),
        }, 1 + crypto.getRandomValues(new Uint32Array(1))[0]! % 2_147_483_646, Date.UTC(now.getFullYear(), now.getMonth(), now.getDate()) / 86_400_000);
        made = true;
        this.turning = new Turning(this.machine, this.regions);
        const { signal } = this.gone;
        this.works = new Works(this.machine, this.frame, () => this.stage.top, (happening) => this.tell({ ...happening, ...this.fielded(happening) } as Happening), signal);
        this.frame.addEventListener('pointerdown', (event) => this.down(event));
        addEventListener('pointermove', (event) => this.moved(event), { signal });
        addEventListener('pointerup', () => this.up('up'), { signal });
        addEventListener('pointercancel', () => this.up('cancel'), { signal });
        this.frame.addEventListener('pointerleave', () => this.hover([]));
        this.frame.addEventListener('wheel', (event) => this.wheel(event), { passive: false });
        this.frame.addEventListener('click', (event) => this.tap(event));
        this.frame.addEventListener('keydown', (event) => event.key === 'Enter' && follow(event.target as Element));
        this.frame.addEventListener('focusin', (event) => {
            const widget = (event.target as Element).closest<SVGElement>('[data-works]');
            if (widget) this.tell({ type: 'focus', widget: widget.dataset['works']!, ...this.pathOf(event.target as Element) });
        });
        const sizes = new ResizeObserver(() => this.fit());
        sizes.observe(root);
        signal.addEventListener('abort', () => sizes.disconnect());
        if (start) this.machine.send({ type: 'open', screen: start });
        else this.show(null, 0);
    }

    /**
     * Shows what the screens look like by now, where the rehearsal stands; what widgets hold, and the states of instances, stay.
     *
     * @returns whether it could: where screens or signals are others it has to begin again
     */
    redraw(table: Table): boolean {
        const names = (one: Table): string => JSON.stringify([Object.keys(one.signals), Object.keys(one.widgets), one.axes]);
        const stands = [this.machine.screen, ...this.machine.over].filter((id) => id !== null);
        if (names(table) !== names(this.machine.table) || !stands.every((id) => table.states.some((state) => state.id === id))) return false;
        const top = this.stage.top?.scrollTop ?? 0;
        this.stage.clear();
        Object.assign(this.machine.table, table);
        this.show(null, 0);
        this.stage.top?.scrollTo(0, top);
        return true;
    }

    /** Nothing happens in it any more. */
    end(): void {
        this.gone.abort();
        clearTimeout(this.timer);
        this.stage.clear();
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
        this.depth = 0;
        this.machine.send(this.start ? { type: 'open', screen: this.start } : { type: 'restart' });
    }

    /** Words are spoken. */
    say(words: string): void {
        this.tell({ type: 'say', words });
    }

    /** @returns whether a cue waits for the key, which it then is for */
    key(key: string): boolean {
        if (!this.machine.answers(key)) return false;
        this.tell({ type: 'key', key });
        return true;
    }

    /** Time goes so fast from now on: 1 as it does, less is slow motion, 0 stands still until it is stepped. */
    pace(rate: number): void {
        this.catchUp();
        this.rate = rate;
        this.regions.rate = rate;
        this.paced();
        this.wait();
    }

    /** So many ms go by, where time stands still. */
    step(ms: number): void {
        if (this.rate > 0) return;
        const from = this.stage.top;
        const moving = this.frame.getAnimations({ subtree: true }).filter((animation) => this.held.has(animation));
        for (const animation of moving) {
            const end = Number(animation.effect?.getComputedTiming().endTime ?? 0);
            animation.currentTime = Math.min(end, Number(animation.currentTime ?? 0) + ms);
            if (animation.currentTime >= end) animation.finish();
        }
        this.machine.send({ type: 'elapse', ms });
        this.after(from);
    }

    /** The screens of the way here, with the one that is shown as the last. */
    path(): string[] {
        const { machine } = this;
        return [...machine.trail, { screen: machine.screen, over: machine.over }].map(({ screen, over }) => machine.known(over.at(-1) ?? screen)?.name ?? '');
    }

    /** Back to a screen of the way here, counted from 0, at once. */
    jump(to: number): void {
        this.tell({ type: 'jump', to });
    }

    /** As large as in the hand, at so many px of the window to a mm; null for as large as fits. */
    real(perMm: number | null): void {
        this.perMm = perMm;
        this.fit();
    }

    /** Moves among the tappable areas by keyboard. */
    focusNext(by: number): void {
        const areas = this.areas();
        if (areas.length === 0) return;
        this.focused = this.focused < 0 && by < 0 ? areas.length - 1 : (this.focused + by + areas.length) % areas.length;
        this.mark();
        this.regions.reveal(areas[this.focused]!);
        this.stage.top?.querySelector('.area.focused')?.scrollIntoView({ block: 'nearest' });
    }

    pressFocused(): void {
        const area = this.areas()[this.focused];
        if (!area) return;
        this.tapOn(area.querySelector(':scope > [data-turns]') ?? area);
    }

    showAreas(on: boolean): void {
        this.root.classList.toggle('areas', on);
        this.mark();
    }

    /** The outermost elements of the screen that answer to a press. */
    private areas(): SVGGElement[] {
        const answers = (layer: SVGElement): string => HANDLED.flatMap((trigger) => this.machine.found([layer.dataset['layer']!], trigger)).join(' ');
        return [...(this.stage.top?.querySelectorAll<SVGGElement>('[data-layer]') ?? [])].filter((layer) => !layer.closest('[data-states][display=none]') && answers(layer) !== '');
    }

    /** What is marked goes with what scrolls, once in each frame. */
    private follow(): void {
        if (this.following !== 0 || !(this.root.classList.contains('areas') || this.focused >= 0)) return;
        this.following = requestAnimationFrame(() => {
            this.following = 0;
            this.mark();
        });
    }

    private mark(): void {
        // Of what is no longer on top nothing can be tapped.
        this.frame.querySelectorAll('.area').forEach((area) => area.remove());
        const sheet = this.stage.top?.querySelector('.sheet');
        if (!sheet) return;
        const visible = this.root.classList.contains('areas');
        if (!visible && this.focused < 0) return;
        const outer = sheet.getBoundingClientRect();
        const scale = outer.width / widthOf(this.stage.top!) || 1;
        const widgets = visible ? [...this.stage.top!.querySelectorAll<SVGElement>('[data-works]:not([data-keyboard])')].filter((widget) => !widget.closest('.beside')) : [];
        [...this.areas(), ...widgets].forEach((layer, i) => {
            if ((!visible && i !== this.focused) || !this.regions.sees(layer)) return;
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

    /** What is pressed goes to the uppermost layer under the pointer that answers; a press elsewhere shows for a moment what would. */
    private tap(event: MouseEvent): void {
        const taken = this.works.press(event);
        if (taken === 'whole') return;
        const under = document.elementsFromPoint(event.clientX, event.clientY);
        if (this.machine.over.length > 0 && !under.some((element) => this.stage.holds(element))) return this.tell({ type: 'outside' });
        if (under.some((element) => this.stage.holds(element) && follow(element))) return;
        const at = this.pathAt(event);
        const answers = TAPPED.some((trigger) => this.machine.found(at.path, trigger).length > 0);
        this.tapped(at, event);
        if (answers || taken || this.root.classList.contains('areas')) return;
        this.showAreas(true);
        window.setTimeout(() => this.showAreas(this.root.querySelector('[data-play=areas]')?.getAttribute('aria-pressed') === 'true'), 500);
    }

    /** By keyboard: the first thing that what is pressed waits for, from its beginning to its end. */
    private tapOn(element: Element): void {
        const at = this.pathOf(element);
        const kind = HANDLED.find((trigger) => this.machine.found(at.path, trigger).length > 0);
        const trigger = kind === undefined ? null : this.machine.table.cues[this.machine.found(at.path, kind)[0]!]!.trigger;
        const { left, top, width, height } = element.getBoundingClientRect();
        const middle = { clientX: left + width / 2, clientY: top + height / 2 };
        const from = this.stage.top;
        this.stage.pressed = this.copies(element);
        this.catchUp();
        this.machine.send({ type: 'down', x: 0, y: 0, ...at, touch: true });
        if (kind === 'long-press') this.machine.send({ type: 'elapse', ms: trigger!.press ?? 0 });
        if (trigger?.direction) {
            const [x, y] = WAYS[trigger.direction]!.map((one) => one * (trigger.distance ?? STROKE)) as [number, number];
            this.machine.send({ type: 'move', x, y });
        } else if (kind === 'pull') this.machine.send({ type: 'move', x: 0, y: trigger!.distance! });
        this.machine.send({ type: 'up' });
        this.after(from);
        for (let taps = kind === 'double-tap' ? 2 : 1; taps > 0 && this.stage.top === from; taps--) this.tapped(at, middle);
    }

    private tapped(at: { path: string[]; turns: string[] }, event: Pick<MouseEvent, 'clientX' | 'clientY'>): void {
        this.catchUp();
        const from = this.stage.top;
        const { x, y } = this.inFrame(event);
        const under = document.elementsFromPoint(event.clientX, event.clientY).find((element) => this.stage.holds(element)) ?? null;
        const around = (id: string): Element | null => under?.closest(`[data-layer="${CSS.escape(id)}"]`) ?? from?.querySelector(`[data-layer="${CSS.escape(id)}"]`) ?? null;
        const layer = at.path.map(around).find((one) => one && this.machine.found([one.getAttribute('data-layer')!], 'tap').length > 0);
        const box = layer?.getBoundingClientRect();
        const corner = box && this.inFrame({ clientX: box.left, clientY: box.top });
        this.stage.tapped = box && corner ? { ...corner, width: box.width / this.scale, height: box.height / this.scale } : null;
        this.machine.send({ type: 'tap', ...at, x, y });
        this.after(from);
        if (from !== null && from === this.stage.top) this.works.toWrong(from);
    }

    private down(event: PointerEvent): void {
        if (event.button !== 0 || !this.stage.holds(event.target as Element)) return;
        this.catchUp();
        this.pressed = true;
        this.stage.pressed = this.copies(event.target as Element);
        const from = this.stage.top;
        const { x, y } = this.inFrame(event);
        const scrolls = { ...this.regions.down(event.target as Element, from!, x, y, event.pointerType === 'touch'), '': this.scrolls(event.target as Element) };
        this.machine.send({ type: 'down', ...this.pathAt(event), x, y, touch: event.pointerType === 'touch', scrolls });
        this.after(from);
    }

    private moved(event: PointerEvent): void {
        if (this.pressed) {
            this.catchUp();
            this.machine.send({ type: 'move', ...this.inFrame(event) });
            const { x, y } = this.inFrame(event);
            this.regions.move(x, y);
            const following = this.machine.following();
            if (following) this.stage.follow(following.stand, following.plan, following.progress);
            this.wait();
        } else if (event.pointerType !== 'touch' && this.stage.holds(event.target as Element)) this.hover(this.pathAt(event).path);
    }

    private up(type: 'up' | 'cancel'): void {
        if (!this.pressed) return;
        this.catchUp();
        this.pressed = false;
        const from = this.stage.top;
        const scrolling = this.machine.scrolling();
        this.machine.send({ type });
        this.regions.up(scrolling);
        // What was let go too early goes back.
        this.stage.release();
        this.after(from);
    }

    private wheel(event: WheelEvent): void {
        const unit = event.deltaMode === WheelEvent.DOM_DELTA_LINE ? 16 : 1;
        const [dx, dy] = event.shiftKey ? [event.deltaY, 0] : [event.deltaX, event.deltaY];
        if (!event.ctrlKey && this.stage.holds(event.target as Element) && this.regions.wheel(event.target as Element, dx * unit, dy * unit)) event.preventDefault();
    }

    private hover(path: string[]): void {
        const waits = Object.values(this.machine.state?.cues ?? {}).flat().some((cue) => this.machine.table.cues[cue]!.trigger.kind.startsWith('pointer-'));
        if (!waits || this.pressed) return;
        this.catchUp();
        const from = this.stage.top;
        this.machine.send({ type: 'hover', path, turns: this.turnsOf(path) });
        this.after(from);
    }

    /** In which directions what lies around an element can be scrolled: content goes the other way than what is seen of it. */
    private scrolls(element: Element): string[] {
        const pane = element.closest<HTMLElement>('.pane');
        if (!pane) return [];
        const room = pane.scrollHeight - pane.clientHeight;
        return [...(room - pane.scrollTop > 1 ? ['up'] : []), ...(pane.scrollTop > 1 ? ['down'] : [])];
    }

    /** The layers under the pointer, the uppermost first, each before what it lies in; the screen comes last. */
    private pathAt(event: Pick<MouseEvent, 'clientX' | 'clientY'>): { path: string[]; turns: string[] } {
        const elements = document.elementsFromPoint(event.clientX, event.clientY).filter((element) => this.stage.holds(element));
        const paths = elements.map((element) => this.pathOf(element));
        return { path: [...new Set([...paths.flatMap(({ path }) => path.slice(0, -1)), ''])], turns: [...new Set(paths.flatMap(({ turns }) => turns))] };
    }

    /** In arrays and instances: where an element lies, the innermost first. */
    private copies(element: Element | null): string[] {
        const found: string[] = [];
        for (let layer = element?.closest<SVGElement>('[data-at]') ?? null; layer; layer = layer.parentElement?.closest<SVGElement>('[data-at]') ?? null) found.push(layer.dataset['at']!);
        return found;
    }

    private pathOf(element: Element): { path: string[]; turns: string[] } {
        // An entry of a widget lies in it.
        const [widget, entry] = [element.closest('[data-works]')?.closest<SVGElement>('[data-layer]'), element.closest<SVGElement>('[data-item]')];
        const path: string[] = widget && entry && widget.contains(entry) ? [`${widget.dataset['layer']!}#${entry.dataset['item']!}`] : [];
        for (let layer = element.closest<SVGElement>('[data-layer]'); layer && this.stage.holds(layer); layer = layer.parentElement?.closest<SVGElement>('[data-layer]') ?? null) path.push(layer.dataset['layer']!);
        return { path: [...path, ''], turns: Turning.around(element) };
    }

    private turnsOf(path: string[]): string[] {
        return path.flatMap((id) => Turning.around(this.stage.top?.querySelector(`[data-layer="${CSS.escape(id)}"] [data-turns], [data-layer="${CSS.escape(id)}"]`) ?? null));
    }

    /** What a field is left or entered by is told with where it lies. */
    private fielded(happening: Happening): { path?: string[]; turns?: string[] } {
        if (happening.type !== 'leave') return {};
        const field = this.stage.top?.querySelector(`[data-works="${CSS.escape(happening.widget)}"]`);
        return field ? this.pathOf(field) : {};
    }

    /** A place of the window in px of what is seen. */
    private inFrame({ clientX, clientY }: Pick<MouseEvent, 'clientX' | 'clientY'>): { x: number; y: number } {
        const { left, top } = this.frame.getBoundingClientRect();
        return { x: (clientX - left) / this.scale, y: (clientY - top) / this.scale };
    }

    /** What only a window can do. */
    private does(deed: Deed): void {
        if (deed.kind === 'address' && deed.address) window.open(deed.address, '_blank', 'noopener');
        // As soon as the screen is there on which it lies.
        queueMicrotask(() => {
            const layer = this.stage.top?.querySelector(`[data-layer="${CSS.escape(deed.layer ?? '')}"]`);
            if (deed.kind === 'scroll' && layer) this.regions.reveal(layer);
            if (deed.kind === 'scroll') layer?.scrollIntoView({ block: 'center', behavior: matchMedia('(prefers-reduced-motion: reduce)').matches ? 'auto' : 'smooth' });
            else if (deed.kind === 'focus') layer?.querySelector<HTMLElement>('.live.typed, [data-press]')?.focus();
        });
    }

    private tell(happening: Happening): void {
        this.catchUp();
        const from = this.stage.top;
        this.machine.send(happening);
        this.after(from);
    }

    /** Shows what an event has done to what is still shown. */
    private after(from: HTMLElement | null): void {
        this.wait();
        this.turning.flush(this.stage.visible);
        for (const pane of this.stage.visible) {
            this.works.update(pane, true);
            this.regions.update(pane);
        }
        if (this.rate !== 1) this.paced();
        this.told.changed?.();
        if (from !== null && from === this.stage.top) this.mark();
    }

    /** All that moves keeps the pace. */
    private paced(): void {
        for (const animation of this.frame.getAnimations({ subtree: true })) {
            if (this.rate === 0) {
                if (animation.playState === 'running') {
                    // Where it is now, and not where it will be when it has been seen.
                    const { currentTime } = animation;
                    animation.pause();
                    animation.currentTime = currentTime;
                    this.held.add(animation);
                }
                continue;
            }
            if (this.held.delete(animation)) animation.play();
            if (animation.playbackRate > 0) animation.playbackRate = this.rate;
        }
    }

    /** How fast time goes for what a hand does: while it presses it is as fast as it is, else what is let go in slow motion would be thrown. */
    private get tempo(): number {
        return this.pressed && this.rate > 0 ? 1 : this.rate;
    }

    private catchUp(): void {
        const now = performance.now();
        const ms = Math.round((now - this.since) * this.tempo);
        this.since = now;
        if (ms > 0) this.machine.send({ type: 'elapse', ms });
    }

    private wait(): void {
        clearTimeout(this.timer);
        const due = this.machine.due();
        if (due === null || this.rate === 0) return;
        this.timer = window.setTimeout(() => {
            this.since = performance.now();
            const from = this.stage.top;
            this.machine.send({ type: 'elapse', ms: due });
            this.after(from);
        }, due / this.tempo);
    }

    private show(plan: Parameters<Stage['show']>[1], from: number): void {
        const { machine } = this;
        this.works.close();
        this.focused = -1;
        const returned = machine.trail.length < this.depth;
        this.depth = machine.trail.length;
        this.stage.show({ screen: machine.screen, over: machine.over }, plan, from, returned);
        if (this.rate !== 1) this.paced();
        const none = this.stage.top === null;
        this.root.querySelector<HTMLElement>('.nothing')!.hidden = !none;
        this.frame.hidden = none;
        if (none) return;
        this.told.changed?.();
        this.told.shown?.();
        this.name.textContent = machine.state?.name ?? '';
        const pane = this.stage.top!;
        pane.style.touchAction = this.touched();
        pane.onscroll = () => {
            if (pane === this.stage.top) pane.style.touchAction = this.touched();
        };
        this.fit();
        this.mark();
        // The machine counts the delays of a screen only once it has been told of it.
        queueMicrotask(() => this.wait());
        this.stage.prepare();
    }

    /**
     * What a finger does by itself on what is shown: nothing where its way may be meant for a cue. At the top of what is
     * pulled down it only scrolls on (Pointer Events 3, section 9: `pan-down` begins by scrolling downwards).
     */
    private touched(): string {
        const pane = this.stage.top!;
        const cues = this.machine.state?.cues ?? {};
        const kinds = (all: number[]): string[] => all.map((cue) => this.machine.table.cues[cue]!.trigger.kind);
        const scrolls = pane.scrollHeight > pane.clientHeight + 1;
        const drags = kinds(Object.values(cues).flat()).some((kind) => ['drag', 'swipe', 'pull'].includes(kind)) || (this.machine.over.length > 0 && this.machine.state?.over.dragged === true);
        if (!drags && !pane.querySelector('svg[data-scroll]')) return '';
        if (!scrolls) return 'none';
        return pane.scrollTop <= 0 && kinds(cues[''] ?? []).includes('pull') ? 'pan-down' : 'pan-y';
    }

    /** The frame as large as fits, never larger than life. */
    private fit(): void {
        const state = this.machine?.known(this.machine.screen) ?? null;
        if (!state) return;
        const room = this.root.querySelector('.table')!.getBoundingClientRect();
        const whole = this.root.classList.contains('whole');
        this.scale = this.perMm !== null ? this.perMm * (state.pointing === 'touch' ? MM_TOUCHED : MM_POINTED)
            : whole ? Math.min(room.width / state.width, room.height / state.view) : Math.min(1, (room.width - 48) / state.width, (room.height - 48) / state.view);
        this.root.classList.toggle('larger', state.width * this.scale > room.width || state.view * this.scale > room.height);
        Object.assign(this.frame.style, { width: `${state.width}px`, height: `${state.view}px`, transform: `${this.root.classList.contains('larger') ? '' : 'translate(-50%, -50%) '}scale(${this.scale})`, borderRadius: whole ? '0' : `${state.corner}px` });
        this.frame.dataset['pointing'] = state.pointing;
    }
}

/** Opens where words lead, beside what is played; false where they lead nowhere. */
function follow(element: Element): boolean {
    const link = element.closest<HTMLElement | SVGElement>('[data-link]')?.dataset['link'];
    if (link) window.open(link, '_blank', 'noopener');
    return link !== undefined;
}
