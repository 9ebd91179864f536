/** What the gestures of the wall come to: which part takes a press, and which makes what was drawn. */
import { layerOf } from './address.ts';
import type { Carrying } from './carrying.ts';
import type { Curving } from './curving.ts';
import type { Drawing } from './drawing.ts';
import type { Makers } from './gestures.ts';
import type { Gradients } from './gradients.ts';
import type { Inside } from './inside.ts';
import type { Making } from './making.ts';
import type { Panels } from './panels.ts';
import type { Parts } from './parts.ts';
import type { Points } from './points.ts';
import { rename } from './renaming.ts';
import type { Rounding } from './rounding.ts';
import type { Shaping } from './shaping.ts';
import type { Stills } from './stills.ts';
import type { Threads } from './threads.ts';
import type { Tools } from './tools.ts';
import type { Writing } from './writing.ts';

export interface Hands {
    tools: Tools;
    making: Making;
    carrying: Carrying;
    writing: Writing;
    drawing: Drawing;
    curving: Curving;
    gradients: Gradients;
    inside: Inside;
    points: Points;
    rounding: Rounding;
    shaping: Shaping;
    stills: Stills;
    threads: Threads;
    panels: Panels;
    /** The screen at hand stays in view. */
    uncover: () => void;
}

export function makers({ server, facets }: Parts, hands: Hands): Makers {
    const { tools, making, carrying, writing, drawing, curving, gradients, inside, points, rounding, shaping, stills, threads, panels, uncover } = hands;
    const { kit, notes, rulers } = panels;
    return {
        words: (screen, at, width) => {
            tools.take('pick');
            writing.begin(screen, at, width);
        },
        icon: (screen, at, size) => (size === null ? carrying.place(making.icons.inHand, screen, at) : making.icon(making.icons.inHand, screen, at, size)),
        widget: (screen, box) => void kit.give().then((given) => given && making.widget(given, screen, box, box.width > 8 && box.height > 8 ? box : null)),
        note: (screen, at, layer) => {
            tools.take('pick');
            void notes.begin({ screen, layer: layer ? layerOf(layer.getAttribute('data-layer')!) : '', at: { x: at.x, y: at.y } }).then(uncover);
        },
        edit: (layer, at) => writing.edit(layer as SVGElement, at),
        rename: (name) => {
            const id = name.closest<HTMLElement>('.screen')!.dataset['screen']!;
            rename(name, 'Name of the screen', (written) => {
                name.textContent = written;
                void server.edit({ type: 'set-screen-field', screen: id, field: 'name', value: written });
            });
        },
        paint: () => facets.openGradient(),
        gradient: (event) => points.press(event) ?? gradients.press(event) ?? rounding.press(event) ?? shaping.press(event),
        path: points,
        draw: (event) => drawing.press(event),
        curve: curving,
        inside,
        thread: (layer, target) => threads.from(layer, target),
        linked: () => facets.reveal('cues'),
        threadAt: (place) => threads.at(place),
        ruler: (axis) => rulers.pull(axis),
        guide: (screen, axis, at) => rulers.move(screen, axis, at),
        over: (screen, pressed) => (pressed ? stills.need(screen) : stills.point(screen)),
        done: () => tools.take('pick'),
    };
}
