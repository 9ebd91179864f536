/** The rack: the tool in hand, and what it can do. */
import { Listeners } from '../listeners.ts';
import type { Gestures, Tool } from './gestures.ts';
import { isShape, SHAPES, type Shape } from './shapes.ts';

const HINTS: Record<string, string> = {
    shape: 'Drag on a screen. Shift keeps it even, Alt draws from the middle. Enter places one.', words: 'Click for free text, drag for text that wraps.',
    curve: 'Click for corners, drag for curves. The first point closes, Enter ends.',
    draw: 'Draw as with a pencil. Back to where it began, it closes.',
    icon: 'Click where the icon goes, or drag its size.', widget: 'Click where the widget goes, or drag its size. Enter places it.', note: 'Press on a layer, or on a place.', thread: 'Drag from a layer to the screen that it leads to.',
};

export class Tools {
    private shape: Shape = 'box';

    /** Told of the tool that is in hand now. */
    readonly taken = new Listeners<[Tool]>();

    /** @param next what somebody who begins would do next, with nothing special in hand */
    constructor(private readonly gestures: Gestures, private readonly wall: HTMLElement, private readonly next: () => string) {}

    take(tool: Tool): void {
        this.gestures.tool = tool;
        this.wall.dataset['tool'] = tool;
        const shape = isShape(tool) ? tool : null;
        if (shape) this.shape = shape;
        const name = shape ? 'shape' : tool;
        for (const button of document.querySelectorAll<HTMLElement>('#rack [data-tool]')) button.setAttribute('aria-pressed', String(button.dataset['tool'] === name));
        for (const option of document.querySelectorAll<HTMLElement>('#rack [data-shape]')) {
            option.hidden = !shape;
            option.setAttribute('aria-pressed', String(option.dataset['shape'] === tool));
        }
        this.hint();
        this.taken.tell(tool);
    }

    /** Says what the tool in hand does. */
    hint(): void {
        const { tool } = this.gestures;
        const hint = document.getElementById('hint')!;
        hint.textContent = hint.title = tool === 'pick' ? this.next() : HINTS[isShape(tool) ? 'shape' : tool] ?? '';
    }

    /** The shape drawn last; with a shape in hand the next one, or the one before. */
    takeShape(step: number): void {
        const drawing = isShape(this.gestures.tool);
        this.take(SHAPES[(SHAPES.indexOf(this.shape) + (drawing ? step : 0) + SHAPES.length) % SHAPES.length]!);
    }
}
