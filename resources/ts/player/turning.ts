/** Instances that change their states: all of these are drawn, and one is shown. It goes over from the one to the other as the server has worked it out. */
import { Aloft } from './aloft.ts';
import { timing } from './between.ts';
import { DISSOLVE, Flown, shown, type Side } from './flight.ts';
import type { Machine } from './machine.ts';
import type { Regions } from './regions.ts';
import { Shifting } from './shifting.ts';
import type { Plan } from './table.ts';

export class Turning {
    private readonly aloft = new Aloft();
    private readonly shifting: Shifting;
    /** What has come to other states and does not show it yet. */
    private readonly turned = new Map<string, Plan | null>();

    constructor(private readonly machine: Machine, private readonly regions: Regions) {
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

    /** An instance has come to another state, maybe to several one after the other. */
    turn(instance: string, plan: Plan | null): void {
        this.turned.set(instance, plan);
    }

    /** Shows what has turned, on its way. */
    flush(panes: readonly ParentNode[]): void {
        const turned = [...this.turned];
        this.turned.clear();
        for (const [instance, plan] of turned) {
            for (const pane of panes) {
                for (const one of pane.querySelectorAll<SVGElement>(`[data-turns="${CSS.escape(instance)}"]`)) this.show(one, plan);
                this.shifting.apply(pane, plan);
            }
        }
    }

    private show(turned: SVGElement, plan: Plan | null): void {
        const states = this.machine.turns[turned.dataset['turns']!] ?? {};
        const drawings = [...turned.children].filter((one): one is SVGGElement => one instanceof SVGGElement && one.hasAttribute('data-states'));
        const wanted = drawings.find((one) => one.dataset['states']!.split(' ').every((pair) => states[pair.split(':')[0]!] === undefined || states[pair.split(':')[0]!] === pair.split(':')[1]));
        const now = drawings.find((one) => one.getAttribute('display') !== 'none');
        if (!wanted || wanted === now) return;
        now?.setAttribute('display', 'none');
        wanted.removeAttribute('display');
        const lasting = now && plan ? timing(plan) : null;
        this.aloft.go(turned, now ?? null, wanted, now && lasting ? () => this.flown(turned, now, wanted, lasting) : null);
    }

    private flown(turned: SVGElement, from: SVGGElement, to: SVGGElement, lasting: NonNullable<ReturnType<typeof timing>>): Flown {
        const { becomes } = this.machine.table;
        const ways = becomes.of[turned.dataset['turns']!] ?? {};
        const [there, back] = [ways[`${from.dataset['states']}>${to.dataset['states']}`], ways[`${to.dataset['states']}>${from.dataset['states']}`]];
        const around = this.regions.offset(turned);
        return new Flown(turned, becomes.flights[there ?? back ?? -1] ?? DISSOLVE, this.side(turned, from), this.side(turned, to), there === undefined && back !== undefined, lasting, (element) => {
            const { x, y } = this.regions.offset(element);
            return { x: x - around.x, y: y - around.y };
        });
    }

    /** A drawing, in which things are called as from the instance. */
    private side(turned: SVGElement, drawing: SVGGElement): Side {
        const [instance, ...around] = turned.dataset['turns']!.split('.');
        return {
            picture: drawing, scroll: 0, find: (at) => {
                const [layer, ...inside] = at.split('.');
                return at === '' ? drawing : shown(drawing, [layer, ...around, instance, ...inside].join('.'));
            },
        };
    }
}
