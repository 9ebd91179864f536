/** Widgets between off and on: what is shown in one state only becomes what is shown in the other, as the server has worked it out, or comes and goes. */
import { Aloft } from './aloft.ts';
import { timing } from './between.ts';
import { COME, DISSOLVE, Flown, GO, type Side } from './flight.ts';
import type { Machine } from './machine.ts';
import type { Flight } from './table.ts';

const NONE = { x: 0, y: 0 };

export class Toggling {
    /** Parts whose state has been shown before. */
    private readonly known = new WeakSet<Element>();
    private readonly aloft = new Aloft();

    constructor(private readonly machine: Machine) {}

    /**
     * Shows and hides parts of a picture.
     *
     * @param moves whether what a person sees changes, and goes over
     */
    show(parts: Iterable<SVGElement>, shows: (part: SVGElement) => boolean, moves: boolean): void {
        const changed = new Map<SVGElement, SVGGElement[]>();
        for (const part of parts) {
            const is = shows(part);
            const seen = this.known.has(part);
            if (seen && is === (part.getAttribute('display') !== 'none')) continue;
            this.known.add(part);
            if (is) part.removeAttribute('display');
            else part.setAttribute('display', 'none');
            const widget = part.parentElement!.closest<SVGElement>('[data-works]');
            if (seen && moves && widget && part instanceof SVGGElement && /^(off|on)$/.test(part.dataset['when']!) && !widget.closest('[data-keyboard], [data-states][display=none]')) changed.set(widget, [...changed.get(widget) ?? [], part]);
        }
        for (const [widget, some] of changed) this.move(widget, some);
    }

    private move(widget: SVGElement, changed: SVGGElement[]): void {
        const { flights, widgets, plan } = this.machine.table.becomes;
        const lasting = plan && timing(plan);
        if (!lasting) return;
        const all = [...widget.querySelectorAll<SVGGElement>('g[data-when]')].filter((part) => part.parentElement!.closest('[data-works]') === widget);
        const left = new Set(changed);
        // What opens from a widget has its name, but other parts.
        for (const [off, on, flight] of widget.closest('[data-opens]') ? [] : widgets[widget.dataset['works']!] ?? []) {
            const [one, other] = [all[off], all[on]];
            if (!one || !other || !left.has(one) || !left.has(other)) continue;
            left.delete(one);
            left.delete(other);
            const goesOn = other.getAttribute('display') !== 'none';
            this.fly(other, goesOn ? one : other, goesOn ? other : one, flights[flight] ?? DISSOLVE, !goesOn, lasting);
        }
        for (const part of left) {
            const comes = part.getAttribute('display') !== 'none';
            this.fly(part, comes ? null : part, comes ? part : null, comes ? COME : GO, false, lasting);
        }
    }

    /** Of what comes or goes alone the other side is not looked at. */
    private fly(of: SVGGElement, from: SVGGElement | null, to: SVGGElement | null, flight: Flight, backward: boolean, lasting: NonNullable<ReturnType<typeof timing>>): void {
        const place = (to ?? from)!;
        const side = (part: SVGGElement): Side => ({ picture: part, scroll: 0, find: (at) => (at === '' ? part : part.firstElementChild as SVGGElement | null) });
        this.aloft.go(of, from, to, () => new Flown(place.parentElement as unknown as SVGElement, flight, side(from ?? place), side(to ?? place), backward, lasting, () => NONE, place.nextElementSibling));
    }
}
