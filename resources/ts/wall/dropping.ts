/** What is dragged onto the wall from a panel comes to rest against what is there, like all that is moved. */
import type { Box, Point } from './geometry.ts';
import type { Parts } from './parts.ts';
import { free } from './placing.ts';
import { Snapping } from './snapping.ts';

export class Dropping {
    private over: { screen: string; snapping: Snapping } | null = null;

    constructor(private readonly on: Parts) {}

    /** The corner on the wall of something so large that the pointer holds in its middle; null beside the wall. */
    follow(size: { width: number; height: number }, event: PointerEvent): { screen: string; at: Point; view: Point } | null {
        const { camera, picture, gestures, overlay, urls } = this.on;
        if (!document.elementFromPoint(event.clientX, event.clientY)?.closest('#wall')) {
            this.end();
            return null;
        }
        const pointer = camera.toWall(event);
        const screen = gestures.screenAt(pointer);
        if (this.over?.screen !== screen) this.over = { screen, snapping: new Snapping(camera, picture, urls['snap']!, screen, null, []) };
        const loose: Box = { x: pointer.x - size.width / 2, y: pointer.y - size.height / 2, ...size };
        const { box, marks } = free(event) ? { box: loose, marks: [] } : this.over.snapping.move(loose);
        overlay.snapped(marks);
        const frame = picture.screenBox(screen);
        const at = { x: Math.round((box.x - frame.x) * 1000) / 1000, y: Math.round((box.y - frame.y) * 1000) / 1000 };
        overlay.say(`${Math.round(at.x)}, ${Math.round(at.y)}`, event);
        return { screen, at, view: camera.toView(box) };
    }

    end(): void {
        this.over = null;
        this.on.overlay.clearLive();
    }
}
