/** Rulers along the wall, guides dragged out of them, and the layout grids: what the Grid lens shows. */
import type { Camera } from './camera.ts';
import { contains, short, type Point } from './geometry.ts';
import type { Overlay } from './overlay.ts';
import type { Picture } from './picture.ts';
import type { Drag } from './placing.ts';
import type { Selection } from './selection.ts';
import type { Server } from './server.ts';
import type { Axis } from './stacking.ts';

/** Thickness of a ruler, px of the window. */
const THICK = 18;
/** The steps between ticks, px of the wall: the first that puts ticks far enough apart is taken. */
const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000];

export class Rulers {
    private readonly canvases = [...document.querySelectorAll<HTMLCanvasElement>('canvas.ruler')];
    private frame = 0;
    shown = localStorage.getItem('kindred.grid') !== 'off';

    constructor(
        private readonly wall: HTMLElement,
        private readonly camera: Camera,
        private readonly picture: Picture,
        private readonly selection: Selection,
        private readonly overlay: Overlay,
        private readonly server: Server,
    ) {
        overlay.followed.add(() => this.follow());
        this.apply();
    }

    toggle(): void {
        this.shown = !this.shown;
        localStorage.setItem('kindred.grid', this.shown ? 'on' : 'off');
        this.apply();
    }

    /** Draws the rulers anew in the next frame: where one looks, which screen is the current one, or what is selected and where it lies has changed. */
    follow(): void {
        cancelAnimationFrame(this.frame);
        if (this.shown) this.frame = requestAnimationFrame(() => this.canvases.forEach((canvas) => this.draw(canvas)));
    }

    /** The gesture of a new guide out of a ruler. */
    pull(axis: Axis): Drag {
        return this.drag(axis, null, null);
    }

    /** The gesture that moves a guide, or takes it away when it ends outside its screen. */
    move(screen: string, axis: Axis, from: number): Drag {
        return this.drag(axis, screen, from);
    }

    private apply(): void {
        document.querySelector('[data-act=grid]')?.setAttribute('aria-pressed', String(this.shown));
        this.wall.classList.toggle('without-grid', !this.shown);
        this.overlay.showGuides = this.shown;
        this.overlay.show();
    }

    private drag(axis: Axis, own: string | null, from: number | null): Drag {
        let screen = own;
        let to: number | null = null;
        return {
            move: (event) => {
                const at = this.camera.toWall(event);
                screen = own ?? this.screenAt(at) ?? this.selection.screen;
                const box = this.picture.screenBox(screen);
                const inside = screen !== '' && (own === null ? contains(box, at) : at[axis] >= box[axis] && at[axis] <= box[axis] + box[axis === 'x' ? 'width' : 'height']);
                to = inside ? Math.round(at[axis] - box[axis]) : null;
                this.overlay.guide(to === null ? null : box, axis, at[axis]);
                this.overlay.say(to === null ? (from === null ? 'onto a screen' : 'remove') : short(to), event);
            },
            end: (_, moved) => {
                if (!moved || !screen || (to === null && from === null) || to === from) return;
                void this.server.edit({ type: 'move-guide', screen, axis, ...(from === null ? {} : { from }), ...(to === null ? {} : { to }) });
            },
        };
    }

    private screenAt(at: Point): string | null {
        return this.picture.screens().reverse().find((screen) => contains(this.picture.screenBox(screen.dataset['screen']!), at))?.dataset['screen'] ?? null;
    }

    /** Numbers count from the corner of the current screen. */
    private draw(canvas: HTMLCanvasElement): void {
        const axis = canvas.dataset['ruler'] as Axis;
        const { width, height } = this.wall.getBoundingClientRect();
        const length = axis === 'x' ? width : height;
        const ratio = devicePixelRatio;
        Object.assign(canvas, axis === 'x' ? { width: length * ratio, height: THICK * ratio } : { width: THICK * ratio, height: length * ratio });
        const pen = canvas.getContext('2d')!;
        pen.scale(ratio, ratio);
        pen.fillStyle = '#f8f8f7';
        pen.fillRect(0, 0, width, height);
        const origin = this.picture.screenBox(this.selection.screen);
        const seen = this.camera.window()[axis] - origin[axis];
        const { scale } = this.camera;
        const step = STEPS.find((one) => one * scale >= 8) ?? 10_000;
        const side = this.selection.bounds();
        if (side) {
            const from = (side[axis] - origin[axis] - seen) * scale;
            const size = side[axis === 'x' ? 'width' : 'height'] * scale;
            pen.fillStyle = 'rgb(23 89 79 / .16)';
            pen.fillRect(...((axis === 'x' ? [from, 0, size, THICK] : [0, from, THICK, size]) as [number, number, number, number]));
        }
        pen.fillStyle = pen.strokeStyle = '#5c6263';
        pen.font = '9px "JetBrains Mono", monospace';
        pen.lineWidth = 1;
        pen.beginPath();
        for (let at = Math.floor(seen / step) * step; (at - seen) * scale < length; at += step) {
            const place = Math.round((at - seen) * scale) + 0.5;
            const long = Math.round(at / step) % (step * 5 * scale < 34 ? 10 : 5) === 0;
            const tick = long ? THICK : 5;
            if (axis === 'x') {
                pen.moveTo(place, THICK);
                pen.lineTo(place, THICK - tick);
            } else {
                pen.moveTo(THICK, place);
                pen.lineTo(THICK - tick, place);
            }
            if (!long) continue;
            pen.save();
            pen.translate(...((axis === 'x' ? [place + 3, 9] : [9, place - 3]) as [number, number]));
            if (axis === 'y') pen.rotate(-Math.PI / 2);
            pen.fillText(short(at), 0, 0);
            pen.restore();
        }
        pen.strokeStyle = '#9a9f9e';
        pen.stroke();
    }
}
