/** Gaps and padding of the selected stack, adjusted on the wall by the brackets that show them. */
import { short, unturn, type Point } from './geometry.ts';
import type { Desk, Drag } from './placing.ts';
import { Reflow } from './reflow.ts';
import { called, type Space } from './spaces.ts';
import type { Command } from './messages.ts';

/** Drags one of these distances; what lies in the stack flows meanwhile. */
export function spacingOut(desk: Desk, stack: SVGGElement, space: Space, start: Point): Drag {
    const { picture, camera, selection, overlay, server } = desk;
    const id = stack.dataset['layer']!;
    const m = picture.matrix(stack);
    const kept = stack.cloneNode(true) as SVGGElement;
    const reflow = new Reflow(server, picture, () => overlay.showSelection());
    let value = space.value;
    const command = (): Command => ({ type: 'set-field', screen: selection.screen || null, layers: [id], field: space.field, value: String(value) });
    const back = (): void => picture.layer(id)?.replaceWith(kept);
    return {
        move: (event) => {
            const at = camera.toWall(event);
            const by = unturn(m, { x: at.x - start.x, y: at.y - start.y })[space.axis] * space.sign;
            value = Math.max(0, Math.round(space.value + by));
            overlay.say(`${called(space)} ${short(value)}`, event);
            reflow.ask(command());
        },
        cancel: () => {
            reflow.stop();
            back();
        },
        end: (_, moved) => {
            reflow.stop();
            if (!moved || value === space.value) return back();
            void server.edit(command()).then((answer) => {
                if (!answer) back();
                overlay.show();
            });
        },
    };
}
