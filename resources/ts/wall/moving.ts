/** How something moves, in the facets: its curve bent by hand, and its transition played in small. */
import type { Plan } from '../player/table.ts';

/** The curve as it is drawn: px of time, and of the way upwards from where nothing has moved. */
const [WIDE, LOW, HIGH] = [160, 76, 52];
/** CSS lets the way go beyond both ends by so much. */
const MOST = 10;
const STEP = 0.01;

type Curve = [number, number, number, number];

export class Moving {
    private dragged: { graph: SVGSVGElement; handle: number; pointer: number } | null = null;
    private readonly played = new WeakMap<Element, string>();
    private readonly playing = new WeakMap<Element, Animation[]>();

    constructor(private readonly place: HTMLElement) {
        place.addEventListener('pointerdown', (event) => this.down(event));
        place.addEventListener('pointermove', (event) => this.moved(event));
        place.addEventListener('pointerup', (event) => this.up(event));
        place.addEventListener('pointercancel', () => this.giveUp());
        place.addEventListener('keydown', (event) => this.typed(event), true);
        for (const kind of ['pointerover', 'focusin', 'click'] as const) place.addEventListener(kind, (event) => {
            const miniature = (event.target as Element).closest<HTMLElement>('.miniature');
            if (miniature && (kind === 'click' || !this.playing.get(miniature)?.some((one) => one.playState === 'running'))) this.play(miniature);
        });
    }

    /** The facets have been drawn: what has changed is played once that is on the screen. */
    drawn(): void {
        requestAnimationFrame(() => {
            for (const miniature of this.place.querySelectorAll<HTMLElement>('.miniature')) {
                const plan = miniature.dataset['plan']!;
                if (this.played.get(miniature) !== plan && miniature.checkVisibility()) this.play(miniature);
                this.played.set(miniature, plan);
            }
        });
    }

    private play(miniature: HTMLElement): void {
        for (const animation of this.playing.get(miniature) ?? []) animation.cancel();
        if (matchMedia('(prefers-reduced-motion: reduce)').matches) return;
        const plan = JSON.parse(miniature.dataset['plan']!) as Plan;
        const part = (subject: string): HTMLElement => miniature.querySelector<HTMLElement>(`[data-subject=${subject}]`)!;
        const timing = { duration: plan.duration, delay: 300, easing: plan.easing, fill: 'backwards' as const };
        const playing = plan.tracks.map(({ subject, property, values }) => part(subject).animate(values.map((value): Keyframe => (property === 'opacity' ? { opacity: value } : { transform: `${property}(${value * 100}%)` })), timing));
        if (plan.match) playing.push(part('carried').animate([{ inset: '62% 52% 16% 14%', borderRadius: '2px' }, { inset: '0 0 56% 0', borderRadius: '0' }], timing));
        this.playing.set(miniature, playing);
    }

    private down(event: PointerEvent): void {
        const handle = (event.target as Element).closest<SVGElement>('[data-handle]');
        const graph = handle?.closest<SVGSVGElement>('[data-curve]');
        if (!handle || !graph || event.button !== 0) return;
        event.preventDefault();
        handle.focus();
        this.dragged = { graph, handle: Number(handle.dataset['handle']), pointer: event.pointerId };
        graph.setPointerCapture(event.pointerId);
    }

    private moved(event: PointerEvent): void {
        const { dragged } = this;
        if (!dragged || event.pointerId !== dragged.pointer) return;
        const { graph } = dragged;
        const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(graph.getScreenCTM()!.inverse());
        this.bend(graph, dragged.handle, at.x / WIDE, (LOW - at.y) / HIGH);
    }

    private up(event: PointerEvent): void {
        if (!this.dragged || event.pointerId !== this.dragged.pointer) return;
        const { graph } = this.dragged;
        this.dragged = null;
        this.keep(graph);
    }

    private giveUp(): void {
        if (!this.dragged) return;
        const { graph } = this.dragged;
        this.dragged = null;
        this.draw(graph, graph.dataset['curve']!.split(' ').map(Number) as Curve);
    }

    private typed(event: KeyboardEvent): void {
        const handle = (event.target as Element).closest<SVGElement>('[data-handle]');
        const graph = handle?.closest<SVGSVGElement>('[data-curve]');
        if (!handle || !graph) return;
        if (event.key === 'Escape' && this.dragged) {
            event.preventDefault();
            event.stopPropagation();
            return this.giveUp();
        }
        const by = ({ ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] } as Record<string, [number, number]>)[event.key];
        if (!by) return;
        event.preventDefault();
        event.stopPropagation();
        const at = Number(handle.dataset['handle']);
        const curve = this.curve(graph);
        const step = STEP * (event.shiftKey ? 10 : 1);
        this.bend(graph, at, curve[at * 2]! + by[0] * step, curve[at * 2 + 1]! + by[1] * step);
        this.keep(graph);
    }

    private curve(graph: SVGSVGElement): Curve {
        return (graph.dataset['bent'] ?? graph.dataset['curve']!).split(' ').map(Number) as Curve;
    }

    private bend(graph: SVGSVGElement, handle: number, time: number, way: number): void {
        const curve = this.curve(graph);
        const rounded = (value: number): number => Math.round(value * 100) / 100;
        curve[handle * 2] = rounded(Math.max(0, Math.min(1, time)));
        curve[handle * 2 + 1] = rounded(Math.max(-MOST, Math.min(MOST, way)));
        this.draw(graph, curve);
    }

    private draw(graph: SVGSVGElement, curve: Curve): void {
        graph.dataset['bent'] = curve.join(' ');
        const [x1, y1, x2, y2] = [curve[0] * WIDE, LOW - curve[1] * HIGH, curve[2] * WIDE, LOW - curve[3] * HIGH];
        graph.querySelector('.way')!.setAttribute('d', `M0 ${LOW}C${x1} ${y1} ${x2} ${y2} ${WIDE} ${LOW - HIGH}`);
        graph.querySelector('.arms')!.setAttribute('d', `M0 ${LOW}L${x1} ${y1}M${WIDE} ${LOW - HIGH}L${x2} ${y2}`);
        for (const [i, x, y] of [[0, x1, y1], [1, x2, y2]] as const) {
            const handle = graph.querySelector(`[data-handle="${i}"]`)!;
            handle.setAttribute('cx', String(x));
            handle.setAttribute('cy', String(y));
        }
    }

    /** The field of the easing says what was drawn, and is changed as if it had been typed. */
    private keep(graph: SVGSVGElement): void {
        const field = this.place.querySelector<HTMLInputElement>(`#${CSS.escape(graph.dataset['of']!)}`);
        const curve = this.curve(graph);
        if (!field || curve.join(' ') === graph.dataset['curve']) return;
        field.value = `cubic-bezier(${curve.join(', ')})`;
        field.dispatchEvent(new Event('change', { bubbles: true }));
    }
}
