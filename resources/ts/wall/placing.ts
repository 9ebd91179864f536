/** Resizing and turning: the picture takes its new place while the pointer moves; the server hears of it at the end. */
import type { Camera } from './camera.ts';
import { apply, placement, short, unturn, type Box, type Matrix, type Place, type Point } from './geometry.ts';
import type { Overlay } from './overlay.ts';
import { outermost, type Picture } from './picture.ts';
import { Growth } from './growth.ts';
import { Reflow } from './reflow.ts';
import { resized, type Handle } from './resize.ts';
import type { Selection } from './selection.ts';
import type { Command } from './messages.ts';
import type { Server } from './server.ts';
import type { Snapping } from './snapping.ts';

/** What a gesture works with. */
export interface Desk {
    camera: Camera;
    picture: Picture;
    selection: Selection;
    overlay: Overlay;
    server: Server;
    /** Asks what layers of a place snap to, or what is about to be drawn there. */
    snapping: (screen: string, parent: string | null, layers: string[]) => Snapping;
}

/** Ctrl or Cmd held while dragging: no snapping. */
export const free = (event: Pick<PointerEvent, 'ctrlKey' | 'metaKey'>): boolean => event.ctrlKey || event.metaKey;

export interface Drag {
    move: (event: PointerEvent) => void;
    /** `moved` is false for a press that stayed where it was. */
    end: (event: PointerEvent, moved: boolean) => void;
    cancel?: () => void;
}

/** `kept` is the picture of all that may flow with the layer: itself, or the outermost stack or compound around it. */
interface Start { id: string; box: Place; bounds: Box; matrix: Matrix; kept: SVGGElement; flows: boolean }

/** The selected layers that are free to move, as they are before the gesture. */
function starts({ picture, selection }: Desk): Start[] {
    return selection.elements().filter((layer) => !layer.hasAttribute('data-locked')).map((layer) => ({
        id: layer.dataset['layer']!,
        box: picture.box(layer),
        bounds: picture.bounds(layer),
        matrix: picture.parentMatrix(layer),
        kept: (outermostStack(layer) ?? layer).cloneNode(true) as SVGGElement,
        flows: layer.matches(FLOWING) || layer.querySelector(FLOWING) !== null || outermostStack(layer) !== null,
    }));
}

/** What does not simply grow with its box. */
const FLOWING = '[data-kind=text], [data-kind=stack], [data-kind=array]';

const outermostStack = (layer: Element): SVGGElement | null => outermost(layer, '[data-stack], [data-array], [data-kind=compound]');

const restore = ({ picture }: Desk, before: Pick<Start, 'kept'>[]): void => before.forEach(({ kept }) => picture.layer(kept.dataset['layer']!)?.replaceWith(kept));

function command({ selection }: Desk, places: Map<string, Place>): Command {
    return { type: 'place-layers', screen: selection.screen || null, places: [...places].map(([id, box]) => ({ id, ...box })) };
}

async function put(desk: Desk, places: Map<string, Place>, back: () => void): Promise<void> {
    const answer = await desk.server.edit(command(desk, places));
    if (!answer || answer.patches.length === 0) back();
    desk.overlay.show();
}

export function resizing(desk: Desk, handle: Handle, from: Point): Drag {
    const { camera, picture, selection, overlay } = desk;
    const before = starts(desk);
    const whole = selection.bounds();
    const first = selection.elements()[0];
    const snapping = desk.snapping(selection.screen, first ? picture.parentOf(first) : null, before.map(({ id }) => id));
    const places = new Map<string, Place>();
    const reflow = before.some(({ flows }) => flows) ? new Reflow(desk.server, picture, () => overlay.showSelection()) : null;
    const back = (): void => restore(desk, before);
    let growth: Growth | null = null;
    const show = (start: Start, now: Box): void => {
        const { id, box, flows } = start;
        const layer = picture.layer(id);
        const place = { ...now, rotation: box.rotation };
        places.set(id, place);
        if (!layer) return;
        if (flows && reflow) return reflow.follow(layer, place);
        growth ??= new Growth(desk.server, picture, before.filter((one) => !one.flows), selection.screen);
        growth.show(start, now);
    };
    const [minWidth, minHeight] = (before.length === 1 ? picture.layer(before[0]!.id)?.dataset['min'] ?? '' : '').split(' ').map(Number);
    const min = minWidth && minHeight ? { width: minWidth, height: minHeight } : undefined;
    return {
        move: (event) => {
            const at = camera.toWall(event);
            const by = { x: at.x - from.x, y: at.y - from.y };
            const pull = { ...(min ? { min } : {}), handle, keep: event.shiftKey, centre: event.altKey };
            const shares = { x: handle.includes('e') ? 1 : handle.includes('w') ? 0 : null, y: handle.includes('s') ? 1 : handle.includes('n') ? 0 : null };
            // What is turned has no upright edge to snap; a proportion that is kept follows one edge only.
            const upright = whole !== null && before.every(({ box, matrix }) => box.rotation === 0 && matrix.b === 0) && !pull.keep && !free(event);
            if (upright) {
                const near = snapping.edges(resized(whole, 0, pull, by), shares);
                by.x += near.x;
                by.y += near.y;
            }
            let said: Box | null = null;
            if (before.length === 1) {
                const { box, matrix } = before[0]!;
                said = resized(box, box.rotation, pull, unturn(matrix, by));
                show(before[0]!, said);
            } else if (whole) {
                said = resized(whole, 0, pull, by);
                const [fx, fy] = [said.width / (whole.width || 1), said.height / (whole.height || 1)];
                for (const start of before) {
                    const { box, bounds, matrix } = start;
                    const corner = { x: said.x + (bounds.x - whole.x) * fx, y: said.y + (bounds.y - whole.y) * fy };
                    const d = unturn(matrix, { x: corner.x - bounds.x, y: corner.y - bounds.y });
                    show(start, { x: box.x + d.x, y: box.y + d.y, width: Math.max(0, box.width * fx), height: Math.max(0, box.height * fy) });
                }
            }
            reflow?.ask(command(desk, places));
            overlay.showSelection();
            overlay.snapped(upright ? snapping.edgeMarks(resized(whole, 0, pull, by), shares) : []);
            const smallest = said && min && (said.width <= min.width || said.height <= min.height);
            if (said) overlay.say(`${short(said.width)} × ${short(said.height)}${smallest ? ', no smaller' : ''}`, event);
        },
        cancel: () => {
            reflow?.stop();
            back();
        },
        end: (_, moved) => {
            reflow?.stop();
            if (moved && places.size > 0) void put(desk, places, back);
        },
    };
}

export function turning(desk: Desk, from: Point): Drag | null {
    const { camera, picture, selection, overlay } = desk;
    const bounds = selection.bounds();
    const before = starts(desk);
    if (!bounds || before.length === 0) return null;
    const middle = { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
    const angle = (p: Point): number => (Math.atan2(p.y - middle.y, p.x - middle.x) * 180) / Math.PI;
    const places = new Map<string, Place>();
    const back = (): void => restore(desk, before);
    return {
        move: (event) => {
            const by = angle(camera.toWall(event)) - angle(from);
            for (const { id, box, matrix } of before) {
                const raw = box.rotation + by;
                const rotation = event.shiftKey ? Math.round(raw / 15) * 15 : Math.round(raw);
                const own = apply(matrix, { x: box.x + box.width / 2, y: box.y + box.height / 2 });
                const r = ((rotation - box.rotation) * Math.PI) / 180;
                const arm = { x: own.x - middle.x, y: own.y - middle.y };
                const d = unturn(matrix, { x: arm.x * Math.cos(r) - arm.y * Math.sin(r) - arm.x, y: arm.x * Math.sin(r) + arm.y * Math.cos(r) - arm.y });
                const now = { x: round(box.x + d.x), y: round(box.y + d.y), width: box.width, height: box.height, rotation: ((rotation + 540) % 360) - 180 };
                places.set(id, now);
                picture.layer(id)?.setAttribute('data-box', `${now.x} ${now.y} ${now.width} ${now.height} ${now.rotation}`);
                picture.layer(id)?.setAttribute('transform', placement(now));
            }
            overlay.showSelection();
            const first = places.values().next().value;
            if (first) overlay.say(`${short(first.rotation)}°`, event);
        },
        cancel: back,
        end: (_, moved) => {
            if (moved && places.size > 0) void put(desk, places, back);
        },
    };
}

const round = (n: number): number => Math.round(n * 1000) / 1000;
