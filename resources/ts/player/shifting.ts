/** What lies around instances moves and grows as their states ask for: the server has laid out each of these, and what several do adds up. */
import { between, own, timing } from './between.ts';
import type { Machine } from './machine.ts';
import type { Plan, Shift } from './table.ts';

const NONE: Shift = [0, 0, 0, 0];

export class Shifting {
    /** How layers and what they paint are drawn before anything has moved. */
    private readonly drawn = new WeakMap<Element, Record<string, string>>();
    private readonly running = new WeakMap<Element, Animation>();

    constructor(private readonly machine: Machine) {}

    apply(pane: ParentNode, plan: Plan | null): void {
        const { table, turns } = this.machine;
        const sums = new Map<string, Shift>();
        for (const [instance, byStates] of Object.entries(table.shifts)) {
            const states = Object.entries(turns[instance] ?? {}).map(([axis, state]) => `${axis}:${state}`).join(' ');
            // What lies where it was moves back, too.
            for (const one of Object.values(byStates)) for (const layer of Object.keys(one)) if (!sums.has(layer)) sums.set(layer, [...NONE]);
            for (const [layer, shift] of Object.entries(byStates[states] ?? {})) sums.set(layer, sums.get(layer)!.map((sum, i) => sum + shift[i]!) as Shift);
        }
        for (const [id, shift] of sums) for (const layer of pane.querySelectorAll<SVGElement>(`[data-layer="${CSS.escape(id)}"]`)) this.move(layer, shift, plan);
    }

    private move(layer: SVGElement, [dx, dy, wider, higher]: Shift, plan: Plan | null): void {
        const base = this.known(layer, ['transform'])['transform']!;
        this.set(layer, { transform: dx === 0 && dy === 0 ? base : `translate(${dx} ${dy}) ${base}`.trim() }, plan);
        for (const part of own(layer)) {
            if (part.tagName !== 'rect') continue;
            const { width, height } = this.known(part, ['width', 'height']);
            this.set(part, { width: String(Number(width) + wider), height: String(Number(height) + higher) }, plan);
        }
    }

    private known(element: Element, names: string[]): Record<string, string> {
        let known = this.drawn.get(element);
        if (!known) this.drawn.set(element, known = Object.fromEntries(names.map((name) => [name, element.getAttribute(name) ?? ''])));
        return known;
    }

    private set(element: SVGElement, values: Record<string, string>, plan: Plan | null): void {
        const before = element.cloneNode(false) as SVGGraphicsElement;
        let changed = false;
        for (const [name, value] of Object.entries(values)) {
            if ((element.getAttribute(name) ?? '') === value) continue;
            changed = true;
            if (value === '') element.removeAttribute(name);
            else element.setAttribute(name, value);
        }
        if (!changed) return;
        this.running.get(element)?.cancel();
        const frames = plan && timing(plan) ? between(before, element as SVGGraphicsElement, Object.keys(values)) : null;
        if (!frames) return;
        const animation = element.animate(frames, timing(plan!)!);
        animation.startTime = document.timeline.currentTime;
        this.running.set(element, animation);
    }
}
