/** Numbers are changed by dragging their labels to the side: by one step a px, ten with Shift, a tenth with Alt. */
import { SLACK } from '../slack.ts';

export interface LabelDesk {
    /** What a field would show so many steps from what it showed at first; null where it shows no single number. */
    stepped: (shown: string, field: HTMLInputElement, steps: number) => string | null;
    /** Called with each new value while the label is dragged. */
    follow: (field: HTMLInputElement) => void;
    end: (field: HTMLInputElement) => void;
    cancel: (field: HTMLInputElement) => void;
}

export class Labels {
    private drag: { field: HTMLInputElement; shown: string; x: number; steps: number; last: number; moved: boolean } | null = null;

    constructor(place: HTMLElement, private readonly desk: LabelDesk) {
        place.addEventListener('pointerdown', (event) => this.down(event));
        place.addEventListener('pointermove', (event) => this.move(event));
        place.addEventListener('pointerup', () => this.up());
        place.addEventListener('pointercancel', () => this.cancel());
        document.addEventListener('keydown', (event) => {
            if (event.key !== 'Escape' || !this.drag) return;
            event.stopPropagation();
            this.cancel();
        }, true);
    }

    private down(event: PointerEvent): void {
        const label = (event.target as Element).closest<HTMLLabelElement>('label[for]');
        const field = label?.control;
        if (event.button !== 0 || !label || !(field instanceof HTMLInputElement) || field.dataset['step'] === undefined || field.disabled || field.readOnly) return;
        if (this.desk.stepped(field.value, field, 0) === null) return;
        this.drag = { field, shown: field.value, x: event.clientX, steps: 0, last: event.clientX, moved: false };
        label.setPointerCapture(event.pointerId);
    }

    private move(event: PointerEvent): void {
        const { drag } = this;
        if (!drag || (!drag.moved && Math.abs(event.clientX - drag.x) < SLACK)) return;
        drag.moved = true;
        drag.field.setAttribute('data-dragged', '');
        // What Shift and Alt make of a px is so from where they were pressed.
        drag.steps += (event.clientX - drag.last) * (event.shiftKey ? 10 : event.altKey ? 0.1 : 1);
        drag.last = event.clientX;
        const value = this.desk.stepped(drag.shown, drag.field, event.altKey ? Math.round(drag.steps * 10) / 10 : Math.round(drag.steps));
        if (value === null || value === drag.field.value) return;
        drag.field.value = value;
        this.desk.follow(drag.field);
    }

    private up(): void {
        const { drag } = this;
        this.drag = null;
        drag?.field.removeAttribute('data-dragged');
        if (!drag?.moved) return;
        // The press on the label would go into the field.
        document.addEventListener('click', (event) => event.preventDefault(), { once: true, capture: true });
        this.desk.end(drag.field);
    }

    private cancel(): void {
        const { drag } = this;
        this.drag = null;
        if (!drag) return;
        drag.field.removeAttribute('data-dragged');
        drag.field.value = drag.shown;
        this.desk.cancel(drag.field);
    }
}
