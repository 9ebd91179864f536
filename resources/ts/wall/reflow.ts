/**
 * Content that flows (text, and whatever is laid out) while it is resized: the server is asked what it
 * would look like, at most every 60 ms and one question at a time; between its answers the outline
 * follows the pointer.
 */
import { copiesOf } from './address.ts';
import { apply, placement, unapply, type Matrix, type Place } from './geometry.ts';
import type { Picture } from './picture.ts';
import type { Command, Patch } from './messages.ts';
import type { Server } from './server.ts';
import { laidBy } from './stacking.ts';

const PAUSE = 60;

export class Reflow {
    private next: Command[] | null = null;
    private asking = false;
    private stopped = false;
    /** Where the pointer wants each layer, in what it lay in when the gesture began: an answer may move that. */
    private readonly wanted = new Map<string, Place>();
    private readonly around = new Map<string, Matrix>();

    constructor(private readonly server: Server, private readonly picture: Picture, private readonly onAnswer: () => void) {}

    /** The outline of a layer goes where the pointer is; a text keeps the height that its lines need, and what a stack or an array lays out waits for the answer. */
    follow(layer: SVGGElement, place: Place): void {
        if (laidBy(layer) || copiesOf(layer.dataset['layer']!).length > 0) return;
        const id = layer.dataset['layer']!;
        const text = layer.dataset['kind'] === 'text';
        const now = this.picture.parentMatrix(layer);
        const around = this.around.get(id) ?? now;
        const sized = text ? { ...place, height: this.picture.box(layer).height } : place;
        const half = { x: sized.width / 2, y: sized.height / 2 };
        const middle = unapply(now, apply(around, { x: sized.x + half.x, y: sized.y + half.y }));
        const shown = { ...sized, x: middle.x - half.x, y: middle.y - half.y };
        this.around.set(id, around);
        this.wanted.set(id, place);
        layer.setAttribute('data-box', `${shown.x} ${shown.y} ${shown.width} ${shown.height} ${shown.rotation}`);
        layer.setAttribute('transform', placement(shown));
    }

    ask(...commands: Command[]): void {
        this.next = commands;
        if (!this.asking) void this.run();
    }

    /** What comes after this is not shown any more. */
    stop(): void {
        this.stopped = true;
        this.next = null;
    }

    private async run(): Promise<void> {
        this.asking = true;
        while (this.next && !this.stopped) {
            const commands = this.next;
            this.next = null;
            const [patches] = await Promise.all([this.server.preview(...commands), new Promise((done) => setTimeout(done, PAUSE))]);
            if (!this.stopped) this.show(patches);
        }
        this.asking = false;
    }

    private show(patches: Patch[]): void {
        this.picture.patch(patches.filter((patch) => !patch.screen || patch.layer));
        for (const [id, place] of this.wanted) {
            const layer = this.picture.layer(id);
            if (layer) this.follow(layer, place);
        }
        this.onAnswer();
    }
}

/** A layer shows what commands would make of it while it is dragged; it is as it was when that is given up, or refused. */
export class Tried {
    private readonly before: Element;
    private readonly reflow: Reflow;

    constructor(private readonly server: Server, private readonly picture: Picture, private readonly layer: SVGGElement, onAnswer: () => void) {
        this.before = layer.cloneNode(true) as Element;
        this.reflow = new Reflow(server, picture, onAnswer);
    }

    show(...commands: Command[]): void {
        this.reflow.ask(...commands);
    }

    async keep(...commands: Command[]): Promise<void> {
        this.reflow.stop();
        const answer = await this.server.edit(...commands);
        if (!answer || answer.patches.length === 0) this.back();
    }

    back(): void {
        this.reflow.stop();
        this.picture.layer(this.layer.dataset['layer']!)?.replaceWith(this.before);
    }
}
