/** Where the window looks at the wall. */
import { Listeners } from '../listeners.ts';
import type { Box, Point } from './geometry.ts';

const SMALLEST = 0.02;
const LARGEST = 32;
/** The camera rests when it has not moved for so long, ms. */
const REST = 140;

export class Camera {
    private x = 0;
    private y = 0;
    private timer = 0;
    private rect: DOMRect;
    scale = 1;
    /** Told of every step. */
    readonly moved = new Listeners();
    /** Told when it has not moved for a while. */
    readonly rested = new Listeners();
    /** What open panels cover at the left and the right of the wall, px: nothing is fitted under them. */
    covered: () => { left: number; right: number } = () => ({ left: 0, right: 0 });

    /** Whether there is anything to come back to: a bare wall is looked at from anywhere. */
    keeps: () => boolean = () => true;

    constructor(wall: HTMLElement, private readonly stage: HTMLElement, private readonly key: string) {
        this.rect = wall.getBoundingClientRect();
        new ResizeObserver(() => {
            const { width, height } = this.rect;
            this.rect = wall.getBoundingClientRect();
            if (width !== this.rect.width || height !== this.rect.height) this.show();
        }).observe(wall);
    }

    /** From a pointer's place in the window to px from the window's corner of the wall. */
    inView(event: { clientX: number; clientY: number }): Point {
        return { x: event.clientX - this.rect.left, y: event.clientY - this.rect.top };
    }

    /** From the wall's coordinates to px from the window's corner of the wall. */
    toView(p: Point): Point {
        return { x: p.x * this.scale + this.x, y: p.y * this.scale + this.y };
    }

    /** From a pointer's place in the window to the wall's coordinates. */
    toWall(event: { clientX: number; clientY: number }): Point {
        const at = this.inView(event);
        return { x: (at.x - this.x) / this.scale, y: (at.y - this.y) / this.scale };
    }

    panBy(dx: number, dy: number): void {
        this.x += dx;
        this.y += dy;
        this.show();
    }

    /** Zooms about a place in the window. */
    zoom(factor: number, at: { clientX: number; clientY: number }): void {
        const scale = Math.min(LARGEST, Math.max(SMALLEST, this.scale * factor));
        const { x, y } = this.inView(at);
        this.x = x - ((x - this.x) * scale) / this.scale;
        this.y = y - ((y - this.y) * scale) / this.scale;
        this.scale = scale;
        this.show();
    }

    zoomCentre(factor: number): void {
        const { rect } = this;
        this.zoom(factor, { clientX: rect.left + rect.width / 2, clientY: rect.top + rect.height / 2 });
    }

    fit(box: Box, largest = 2): void {
        const margin = 64;
        const { left, width, height } = this.free();
        const scale = Math.min((width - 2 * margin) / Math.max(box.width, 1), (height - 2 * margin) / Math.max(box.height, 1), largest);
        this.scale = Math.min(LARGEST, Math.max(SMALLEST, scale));
        this.x = left + width / 2 - (box.x + box.width / 2) * this.scale;
        this.y = height / 2 - (box.y + box.height / 2) * this.scale;
        this.show();
    }

    /** The part of the window of the wall that no panel covers, px. */
    private free(): { left: number; width: number; height: number } {
        const { left, right } = this.covered();
        const { width, height } = this.rect;
        // Where panels leave next to nothing they are looked at, not the wall.
        return width - left - right < 160 ? { left: 0, width, height } : { left, width: width - left - right, height };
    }

    /** Puts a box into the middle, as near as now, or a little farther off where it would not fit. */
    centre(box: Box): void {
        const { left, width, height } = this.free();
        if (box.width * this.scale > width || box.height * this.scale > height) return this.fit(box, this.scale);
        this.x = left + width / 2 - (box.x + box.width / 2) * this.scale;
        this.y = height / 2 - (box.y + box.height / 2) * this.scale;
        this.show();
    }

    /**
     * Moves as little as shows all of a box; the zoom stays as it is.
     *
     * @param foot how much of the window something covers from below, px
     */
    reveal(box: Box, margin = 24, foot = 0): void {
        const shift = (low: number, high: number, room: number): number => (low < margin ? margin - low : high > room - margin ? Math.max(room - margin - high, margin - low) : 0);
        const { left, width, height } = this.free();
        const [a, b] = [this.toView(box), this.toView({ x: box.x + box.width, y: box.y + box.height })];
        const [dx, dy] = [shift(a.x - left, b.x - left, width), shift(a.y, b.y, height - foot)];
        if (dx !== 0 || dy !== 0) this.panBy(dx, dy);
    }

    /** Zooms to a scale about the middle of the window. */
    zoomTo(scale: number): void {
        this.zoomCentre(scale / this.scale);
    }

    /** The part of the wall in the window. */
    window(): Box {
        const { width, height } = this.rect;
        return { x: -this.x / this.scale, y: -this.y / this.scale, width: width / this.scale, height: height / this.scale };
    }

    restore(): boolean {
        const kept = sessionStorage.getItem(this.key)?.split(' ').map(Number);
        if (!kept || kept.length !== 3 || kept.some(Number.isNaN)) return false;
        [this.x, this.y, this.scale] = kept as [number, number, number];
        this.show();
        return true;
    }

    show(): void {
        this.stage.style.transform = `translate(${this.x}px, ${this.y}px) scale(${this.scale})`;
        this.moved.tell();
        clearTimeout(this.timer);
        this.timer = window.setTimeout(() => {
            if (this.keeps()) sessionStorage.setItem(this.key, `${this.x} ${this.y} ${this.scale}`);
            else sessionStorage.removeItem(this.key);
            this.rested.tell();
        }, REST);
    }
}
