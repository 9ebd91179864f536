/** The shapes that are drawn by dragging a box, as they are at first. */
import type { Box } from './geometry.ts';

/** How what is drawn looks at first: a shape is filled, a line is of ink. */
export const FILLED = { fills: [{ colour: '#d5d9d7' }] };
/** The same upon what is filled so itself, where nobody would see it. */
const FILLED_UPON = { fills: [{ colour: '#a9b1ad' }] };
export const LINED = { strokes: [{ colour: '#1e2223', width: 2 }] };

export const SHAPES = ['box', 'ellipse', 'line', 'polygon', 'star', 'ring', 'arc'] as const;
export type Shape = (typeof SHAPES)[number];

/** What each has of its own: a ring and an arc are ellipses, a star is a polygon. */
const OWN: Record<Exclude<Shape, 'line'>, Record<string, unknown>> = {
    box: { kind: 'box' },
    ellipse: { kind: 'ellipse' },
    polygon: { kind: 'polygon' },
    star: { kind: 'polygon', name: 'Star', points: 5, innerRadius: 0.5 },
    ring: { kind: 'ellipse', name: 'Ring', hole: 0.6 },
    arc: { kind: 'ellipse', name: 'Arc', startAngle: 225, sweep: 270, hole: 0.8 },
};

export const isShape = (name: unknown): name is Shape => SHAPES.some((one) => one === name);

/** How large one is that is placed without being dragged, px. */
export const usualSize = (shape: Shape): { width: number; height: number } => ({ width: shape === 'box' || shape === 'ellipse' || shape === 'line' ? 120 : 80, height: shape === 'line' ? 0 : 80 });

/** @param ground the colour that is painted where it is drawn, `#rrggbb` */
export const freshShape = (shape: Shape, box: Box, rising: boolean, ground: string | null = null): Record<string, unknown> =>
    (shape === 'line' ? { kind: 'line', ...box, ...LINED, rising } : { ...OWN[shape], ...box, ...(ground === FILLED.fills[0]!.colour ? FILLED_UPON : FILLED) });

/** How far out each point of a star, or of a polygon where `inner` reaches its sides, lies across and down from its middle, as shares of half its box; the first at the top, clockwise. */
export function starPoints(points: number, inner: number): [number, number][] {
    const isStar = inner < Math.cos(Math.PI / points);
    const steps = isStar ? 2 * points : points;
    return Array.from({ length: steps }, (_, i) => {
        const share = isStar && i % 2 === 1 ? inner : 1;
        const at = (2 * Math.PI * i) / steps;
        return [share * Math.sin(at), -share * Math.cos(at)];
    });
}

/** The edge of a shape while it is drawn, as path data in a box of the window. */
export function edge(shape: Shape, { x, y, width, height }: Box): string {
    const [rx, ry, mx, my] = [width / 2, height / 2, x + width / 2, y + height / 2];
    const place = ([across, down]: [number, number]): string => `${mx + rx * across} ${my + ry * down}`;
    const around = (share: number): string => `M${place([-share, 0])}A${rx * share} ${ry * share} 0 1 1 ${place([share, 0])}A${rx * share} ${ry * share} 0 1 1 ${place([-share, 0])}Z`;
    const half = Math.SQRT1_2;
    switch (shape) {
        case 'polygon': case 'star': return 'M' + starPoints(shape === 'star' ? 5 : 6, shape === 'star' ? 0.5 : 1).map(place).join('L') + 'Z';
        case 'ring': return around(1) + around(0.6);
        case 'arc': return `M${place([-half, half])}A${rx} ${ry} 0 1 1 ${place([half, half])}L${place([0.8 * half, 0.8 * half])}A${rx * 0.8} ${ry * 0.8} 0 1 0 ${place([-0.8 * half, 0.8 * half])}Z`;
        case 'ellipse': return around(1);
        default: return `M${x} ${y}h${width}v${height}h${-width}Z`;
    }
}
