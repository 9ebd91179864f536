/** Affine transforms and boxes, in px. Screen space runs right and down. */
export interface Point { x: number; y: number }
export interface Box { x: number; y: number; width: number; height: number }
/** A layer's box in its parent, and its angle in degrees about its middle. */
export type Place = Box & { rotation: number };
/** Maps (x, y) to (a·x + c·y + e, b·x + d·y + f). */
export interface Matrix { a: number; b: number; c: number; d: number; e: number; f: number }

export const IDENTITY: Matrix = { a: 1, b: 0, c: 0, d: 1, e: 0, f: 0 };

export function multiply(m: Matrix, n: Matrix): Matrix {
    return {
        a: m.a * n.a + m.c * n.b,
        b: m.b * n.a + m.d * n.b,
        c: m.a * n.c + m.c * n.d,
        d: m.b * n.c + m.d * n.d,
        e: m.a * n.e + m.c * n.f + m.e,
        f: m.b * n.e + m.d * n.f + m.f,
    };
}

/** A number, or the bound beyond which it lies. */
export const within = (n: number, low: number, high: number): number => Math.min(high, Math.max(low, n));

/** A point turned about another to the nearest of so many directions. */
export function atAngle(about: Point, p: Point, directions: number): Point {
    const step = (2 * Math.PI) / directions;
    const angle = Math.round(Math.atan2(p.y - about.y, p.x - about.x) / step) * step;
    const length = Math.hypot(p.x - about.x, p.y - about.y);
    return { x: about.x + length * Math.cos(angle), y: about.y + length * Math.sin(angle) };
}

export const apply = (m: Matrix, p: Point): Point => ({ x: m.a * p.x + m.c * p.y + m.e, y: m.b * p.x + m.d * p.y + m.f });

/** The inverse of the matrix without its shift: turns a distance on the wall into one in a layer's own space. */
export function unturn(m: Matrix, p: Point): Point {
    const det = m.a * m.d - m.b * m.c || 1;
    return { x: (m.d * p.x - m.c * p.y) / det, y: (m.a * p.y - m.b * p.x) / det };
}

/** A place on the wall as one in the space that the matrix leads from. */
export const unapply = (m: Matrix, p: Point): Point => unturn(m, { x: p.x - m.e, y: p.y - m.f });

/** Where a layer's own space lies in its parent's: its corner, turned about its middle. */
export function placed(box: Box, degrees: number): Matrix {
    const r = (degrees * Math.PI) / 180;
    const [cos, sin] = [Math.cos(r), Math.sin(r)];
    const [cx, cy] = [box.width / 2, box.height / 2];
    return { a: cos, b: sin, c: -sin, d: cos, e: box.x + cx - cos * cx + sin * cy, f: box.y + cy - sin * cx - cos * cy };
}

/** The same as an SVG transform, as the renderer writes it. */
export const placement = (place: Place): string => `translate(${place.x} ${place.y})rotate(${place.rotation} ${place.width / 2} ${place.height / 2})`;

export function turned(p: Point, degrees: number): Point {
    const r = (degrees * Math.PI) / 180;
    return { x: p.x * Math.cos(r) - p.y * Math.sin(r), y: p.x * Math.sin(r) + p.y * Math.cos(r) };
}

export function around(points: Point[]): Box {
    const xs = points.map((p) => p.x);
    const ys = points.map((p) => p.y);
    const [x, y] = [Math.min(...xs), Math.min(...ys)];
    return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

export const corners = (box: Box): [Point, Point, Point, Point] => [
    { x: box.x, y: box.y },
    { x: box.x + box.width, y: box.y },
    { x: box.x + box.width, y: box.y + box.height },
    { x: box.x, y: box.y + box.height },
];

export const contains = (box: Box, p: Point): boolean => p.x >= box.x && p.y >= box.y && p.x <= box.x + box.width && p.y <= box.y + box.height;

export const overlaps = (a: Box, b: Box): boolean => a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

export const short = (n: number): string => String(Math.round(n * 100) / 100);
