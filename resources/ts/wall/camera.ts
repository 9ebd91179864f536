/** Where the window looks at the wall. */
import { overlaps, type Box, type Point } from './geometry.ts';
import type { Picture } from './picture.ts';

const SMALLEST = 0.02;
const LARGEST = 32;

export class Camera {
    private x = 0;
    private y = 0;
    scale = 1;

    constructor(
        private readonly wall: HTMLElement,
        private readonly picture: Picture,
        private readonly key: string,
        private readonly onMove: () => void,
    ) {
        new ResizeObserver(() => this.show()).observe(wall);
    }

    /** From the wall's coordinates to px from the window's corner of the wall. */
    toView(p: Point): Point {
        return { x: p.x * this.scale + this.x, y: p.y * this.scale + this.y };
    }

    /** From a pointer's place in the window to the wall's coordinates. */
    toWall(event: { clientX: number; clientY: number }): Point {
        const rect = this.wall.getBoundingClientRect();
        return { x: (event.clientX - rect.left - this.x) / this.scale, y: (event.clientY - rect.top - this.y) / this.scale };
    }

    panBy(dx: number, dy: number): void {
        this.x += dx;
        this.y += dy;
        this.show();
    }

    /** Zooms about a place in the window. */
    zoom(factor: number, at: { clientX: number; clientY: number }): void {
        const rect = this.wall.getBoundingClientRect();
        const scale = Math.min(LARGEST, Math.max(SMALLEST, this.scale * factor));
        const [px, py] = [at.clientX - rect.left, at.clientY - rect.top];
        this.x = px - ((px - this.x) * scale) / this.scale;
        this.y = py - ((py - this.y) * scale) / this.scale;
        this.scale = scale;
        this.show();
    }

    zoomCentre(factor: number): void {
        const rect = this.wall.getBoundingClientRect();
        this.zoom(factor, { clientX: rect.left + rect.width / 2, clientY: rect.top + rect.height / 2 });
    }

    fit(box: Box, largest = 2): void {
        const margin = 64;
        const { width, height } = this.wall.getBoundingClientRect();
        const scale = Math.min((width - 2 * margin) / Math.max(box.width, 1), (height - 2 * margin) / Math.max(box.height, 1), largest);
        this.scale = Math.min(LARGEST, Math.max(SMALLEST, scale));
        this.x = width / 2 - (box.x + box.width / 2) * this.scale;
        this.y = height / 2 - (box.y + box.height / 2) * this.scale;
        this.show();
    }

    /** The part of the wall in the window. */
    window(): Box {
        const { width, height } = this.wall.getBoundingClientRect();
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
        const stage = this.picture.stage;
        stage.style.transform = `translate(${this.x}px, ${this.y}px) scale(${this.scale})`;
        stage.style.setProperty('--inverse', String(1 / this.scale));
        this.cull();
        sessionStorage.setItem(this.key, `${this.x} ${this.y} ${this.scale}`);
        this.onMove();
    }

    /** Screens outside the window are not drawn. */
    cull(): void {
        const seen = this.window();
        for (const screen of this.picture.screens()) {
            screen.classList.toggle('away', !overlaps(this.picture.screenBox(screen.dataset['screen']!), seen));
        }
    }
}
