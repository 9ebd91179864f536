/** Drawing by hand: the server hears where the hand was, and makes of it a path of few curves. */
import { draw } from './overlay.ts';
import type { Parts } from './parts.ts';
import type { Drag } from './placing.ts';
import { LINED } from './shapes.ts';

/** px of the window: how far off the path may be, and how near to its start a stroke ends that is meant to close. */
const OFF = 0.75;
const NEAR = 10;
/** A stroke closes only when it went further than so many px of the window. */
const LONG = 60;

export class Drawing {
    constructor(private readonly on: Parts, private readonly create: (screen: string, layer: Record<string, unknown>) => void) {}

    press(event: PointerEvent): Drag {
        const { camera, picture, gestures } = this.on;
        const points = [camera.toWall(event)];
        const begun = gestures.screenNear(points[0]!);
        const marks = draw(document.getElementById('overlay')!, 'g', { class: 'points curving' });
        const stroke = draw(marks, 'path', { class: 'curve' });
        const show = (): void => stroke.setAttribute('d', `M${points.map((p) => camera.toView(p)).map(({ x, y }) => `${x} ${y}`).join('L')}`);
        const ways = (): number => points.reduce((sum, p, i) => (i === 0 ? 0 : sum + Math.hypot(p.x - points[i - 1]!.x, p.y - points[i - 1]!.y)), 0) * camera.scale;
        return {
            move: (moved) => {
                // The pointer may have been in more places than the browser tells of one by one.
                const all = moved.getCoalescedEvents();
                for (const one of all.length > 0 ? all : [moved]) points.push(camera.toWall(one));
                show();
            },
            end: (_, moved) => {
                marks.remove();
                if (!moved) return;
                const [first, last] = [points[0]!, points.at(-1)!];
                const closed = Math.hypot(last.x - first.x, last.y - first.y) * camera.scale < NEAR && ways() > LONG;
                const screen = gestures.meantFor(begun, points);
                const origin = picture.screenBox(screen);
                const tolerance = Math.min(50, Math.max(0.2, Math.round((OFF / camera.scale) * 10) / 10));
                this.create(screen, { kind: 'path', x: -origin.x, y: -origin.y, samples: points.flatMap(({ x, y }) => [x, y]), closed, tolerance, ...LINED });
            },
            cancel: () => marks.remove(),
        };
    }
}
