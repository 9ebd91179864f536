/** The flow sketch beside the plan: links are drawn from card to card, and undone at their arrows. */
import { isDrag } from '../slack.ts';
import { hold } from '../wall/fragments.ts';

/** How long cards take to their new places, ms. */
const GLIDE = 170;

export interface FlowDesk {
    lead: (from: string, to: string, leads: boolean) => void;
    /** A card was pressed without a drag: its row is meant. */
    show: (row: string) => void;
}

export class Flow {
    private drag: { from: SVGGElement; start: DOMPoint; pressed: PointerEvent; letGo: () => void; moved: boolean } | null = null;

    /** Where the cards stood before the sketch was drawn anew, by their rows. */
    private before = new Map<string, string>();

    constructor(private readonly body: HTMLElement, private readonly desk: FlowDesk) {
        body.addEventListener('pointerdown', (event) => this.down(event));
        addEventListener('pointermove', (event) => this.move(event));
        addEventListener('pointerup', (event) => this.up(event));
        addEventListener('pointercancel', () => this.end());
        body.addEventListener('htmx:before:swap', () => (this.before = this.places()));
        body.addEventListener('click', (event) => this.undo((event.target as Element).closest('.arrow')));
        body.addEventListener('keydown', (event) => {
            if (event.key === 'Escape') this.end();
            const arrow = (event.target as Element).closest('.arrow');
            if (!arrow || !['Enter', ' ', 'Delete', 'Backspace'].includes(event.key)) return;
            event.preventDefault();
            this.undo(arrow);
        });
    }

    /** The sketch has been drawn anew: cards glide to their new places, so that the eye can follow. */
    drawn(): void {
        const now = this.places();
        const moved = [...this.body.querySelectorAll<SVGGElement>('.plan-card')].filter((card) => {
            const from = this.before.get(card.dataset['row']!);
            return from !== undefined && from !== now.get(card.dataset['row']!);
        });
        if (moved.length === 0 || matchMedia('(prefers-reduced-motion: reduce)').matches) return;
        const at = (place: string): string => `translate(${place.split(' ').map((n) => `${n}px`).join(', ')})`;
        for (const card of moved) card.animate([{ transform: at(this.before.get(card.dataset['row']!)!) }, { transform: at(now.get(card.dataset['row']!)!) }], { duration: GLIDE, easing: 'ease-out' });
        for (const arrow of this.body.querySelectorAll('.sketch .arrow')) arrow.animate([{ opacity: 0 }, { opacity: 1 }], { duration: GLIDE });
    }

    /** Corners of the cards, in px of the sketch. */
    private places(): Map<string, string> {
        return new Map([...this.body.querySelectorAll<SVGGElement>('.plan-card')].map((card) => [card.dataset['row']!, /translate\(([-\d. ]+)\)/.exec(card.getAttribute('transform') ?? '')?.[1] ?? '0 0']));
    }

    private undo(arrow: Element | null): void {
        if (arrow instanceof SVGElement) this.desk.lead(arrow.dataset['from']!, arrow.dataset['to']!, false);
    }

    private down(event: PointerEvent): void {
        const from = (event.target as Element).closest<SVGGElement>('.plan-card');
        if (!from || event.button !== 0 || (event.target as Element).closest('.hang')) return;
        event.preventDefault();
        this.drag = { from, start: this.at(event), pressed: event, letGo: hold(this.body), moved: false };
    }

    private move(event: PointerEvent): void {
        const { drag } = this;
        if (!drag || (!drag.moved && !isDrag(drag.pressed, event))) return;
        drag.moved = true;
        const at = this.at(event);
        const line = this.pulled();
        line?.removeAttribute('hidden');
        line?.setAttribute('d', `M${drag.start.x} ${drag.start.y}C${drag.start.x} ${(drag.start.y + at.y) / 2} ${at.x} ${(drag.start.y + at.y) / 2} ${at.x} ${at.y}`);
        const over = this.card(event);
        for (const card of this.body.querySelectorAll('.plan-card')) card.classList.toggle('reached', card === over && card !== drag.from);
    }

    private up(event: PointerEvent): void {
        const { drag } = this;
        if (!drag) return;
        const to = this.card(event);
        this.end();
        if (!drag.moved) this.desk.show(drag.from.dataset['row']!);
        else if (to && to !== drag.from) this.desk.lead(drag.from.dataset['row']!, to.dataset['row']!, true);
    }

    private end(): void {
        this.drag?.letGo();
        this.drag = null;
        this.pulled()?.setAttribute('hidden', '');
        for (const card of this.body.querySelectorAll('.reached')) card.classList.remove('reached');
    }

    private pulled(): Element | null {
        return this.body.querySelector('.sketch .pulled');
    }

    private card(event: PointerEvent): SVGGElement | null {
        return document.elementFromPoint(event.clientX, event.clientY)?.closest<SVGGElement>('.plan-card') ?? null;
    }

    /** A place in the window as one in the sketch. */
    private at(event: PointerEvent): DOMPoint {
        const svg = this.body.querySelector<SVGSVGElement>('.sketch')!;
        return new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
    }
}
