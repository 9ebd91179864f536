/**
 * Instances that change their states: all of these are drawn, and one is shown. What is in both states goes from its place, size and
 * look in the one to those in the other; what is in one only fades.
 */
import type { Machine } from './machine.ts';
import { between, own, timing, transform } from './between.ts';
import { Shifting } from './shifting.ts';
import type { Plan } from './table.ts';

/** What of a shape goes over from one value to another: as attributes they are read, as properties they are animated. */
const SHAPES = ['x', 'y', 'width', 'height', 'rx', 'ry', 'cx', 'cy', 'r', 'fill', 'fill-opacity', 'stroke', 'stroke-width', 'stroke-opacity', 'opacity'] as const;

/** The layers in a drawing, by their ids, those in further instances aside: these turn by themselves. */
function layers(drawing: Element): Map<string, SVGGraphicsElement> {
    const found = new Map<string, SVGGraphicsElement>();
    for (const layer of drawing.querySelectorAll<SVGGraphicsElement>('[data-layer]')) if (layer.closest('[data-turns]') === drawing.parentElement) found.set(layer.dataset['layer']!, layer);
    return found;
}

export class Turning {
    private running = new Map<Element, Animation[]>();
    private readonly shifting: Shifting;

    constructor(private readonly machine: Machine) {
        this.shifting = new Shifting(machine);
    }

    /** The instances around an element, the innermost first, as the machine calls them. */
    static around(element: Element | null): string[] {
        const found: string[] = [];
        for (let one = element?.closest<SVGElement>('[data-turns]') ?? null; one; one = one.parentElement?.closest<SVGElement>('[data-turns]') ?? null) found.push(one.dataset['turns']!);
        return found;
    }

    /** Shows what holds now, without moving. */
    update(pane: ParentNode): void {
        for (const turned of pane.querySelectorAll<SVGElement>('[data-turns]')) this.show(turned, null);
        this.shifting.apply(pane, null);
    }

    /** An instance has come to another state. */
    turn(pane: ParentNode, instance: string, plan: Plan | null): void {
        for (const turned of pane.querySelectorAll<SVGElement>(`[data-turns="${CSS.escape(instance)}"]`)) this.show(turned, plan);
        this.shifting.apply(pane, plan);
    }

    private show(turned: SVGElement, plan: Plan | null): void {
        const states = this.machine.turns[turned.dataset['turns']!] ?? {};
        const drawings = [...turned.children].filter((one): one is SVGGElement => one instanceof SVGGElement && one.hasAttribute('data-states'));
        const wanted = drawings.find((one) => one.dataset['states']!.split(' ').every((pair) => states[pair.split(':')[0]!] === undefined || states[pair.split(':')[0]!] === pair.split(':')[1]));
        const shown = drawings.find((one) => one.getAttribute('display') !== 'none');
        if (!wanted || wanted === shown) return;
        for (const animation of this.running.get(turned) ?? []) animation.cancel();
        this.running.delete(turned);
        shown?.setAttribute('display', 'none');
        wanted.removeAttribute('display');
        const lasting = shown && plan ? timing(plan) : null;
        if (shown && lasting) this.move(turned, shown, wanted, lasting);
    }

    private move(turned: SVGElement, from: SVGGElement, to: SVGGElement, lasting: NonNullable<ReturnType<typeof timing>>): void {
        const [before, after] = [layers(from), layers(to)];
        const running: Animation[] = [];
        const animate = (element: Element, frames: Keyframe[]): void => {
            const animation = element.animate(frames, lasting);
            animation.startTime = document.timeline.currentTime;
            running.push(animation);
        };
        for (const [id, layer] of after) {
            const old = before.get(id);
            if (!old) {
                animate(layer, [{ opacity: 0 }, { opacity: layer.getAttribute('opacity') ?? 1 }]);
                continue;
            }
            const [was, is] = [transform(old), transform(layer)];
            const looks = between(old, layer, ['opacity']);
            if (was !== is || looks) animate(layer, [{ ...(was === is ? {} : { transform: was }), ...looks?.[0] }, { ...(was === is ? {} : { transform: is }), ...looks?.[1] }]);
            const [parts, others] = [own(layer), own(old)];
            const alike = parts.length === others.length && parts.every((part, i) => part.tagName === others[i]!.tagName && part.tagName !== 'text' && part.getAttribute('d') === others[i]!.getAttribute('d'));
            if (alike) {
                parts.forEach((part, i) => {
                    const frames = between(others[i]!, part, SHAPES);
                    if (frames) animate(part, frames);
                });
            } else if (parts.map((part) => part.outerHTML).join('') !== others.map((part) => part.outerHTML).join('')) {
                for (const part of parts) animate(part, [{ opacity: 0 }, { opacity: part.getAttribute('opacity') ?? 1 }]);
            }
        }
        // What is there no longer fades where it was.
        for (const [id, layer] of before) {
            const parent = after.get(layer.parentElement?.closest<SVGElement>('[data-layer]')?.dataset['layer'] ?? '');
            if (after.has(id) || !parent) continue;
            const ghost = parent.appendChild(layer.cloneNode(true) as SVGElement);
            ghost.setAttribute('pointer-events', 'none');
            ghost.removeAttribute('data-layer');
            for (const inside of ghost.querySelectorAll('[data-layer]')) inside.removeAttribute('data-layer');
            const fading = ghost.animate([{ opacity: layer.getAttribute('opacity') ?? 1 }, { opacity: 0 }], { ...lasting, fill: 'both' });
            fading.finished.then(() => ghost.remove(), () => ghost.remove());
            running.push(fading);
        }
        this.running.set(turned, running);
    }
}
