/** Every command of the wall: what it is called, its keys, where it applies, what it does. */
import { layerOf, openSheet } from './address.ts';
import type { Asking } from './asking.ts';
import type { Command } from './commands.ts';
import type { Editing } from './editing.ts';
import type { Tool } from './gestures.ts';
import type { Looking } from './looking.ts';
import type { Making } from './making.ts';
import type { Nudging } from './nudging.ts';
import type { Curving } from './curving.ts';
import type { Inside } from './inside.ts';
import type { Panels } from './panels.ts';
import type { Parts } from './parts.ts';
import type { Points } from './points.ts';
import type { Styling } from './styling.ts';
import type { Together } from './together.ts';
import type { Tools } from './tools.ts';
import type { Writing } from './writing.ts';

export interface Doers {
    parts: Parts;
    editing: Editing;
    looking: Looking;
    nudging: Nudging;
    making: Making;
    asking: Asking;
    tools: Tools;
    writing: Writing;
    styling: Styling;
    inside: Inside;
    points: Points;
    curving: Curving;
    together: Together;
    panels: Panels;
    keys: () => void;
    find: () => void;
    menu: () => void;
}

const ARROWS = [['ArrowLeft', -1, 0, 'left'], ['ArrowRight', 1, 0, 'right'], ['ArrowUp', 0, -1, 'up'], ['ArrowDown', 0, 1, 'down']] as const;
const OPERATIONS = [['union', 'unite the selection', 'U'], ['subtract', 'subtract from the lowest', 'Shift+U'], ['intersect', 'intersect', 'O'], ['exclude', 'exclude what is shared', 'Shift+O']] as const;
const EDGES = ['left', 'centre', 'right', 'top', 'middle', 'bottom'] as const;
const SIZES = [['ArrowRight', 1, 0, 'Wider'], ['ArrowLeft', -1, 0, 'Narrower'], ['ArrowDown', 0, 1, 'Higher'], ['ArrowUp', 0, -1, 'Lower']] as const;

export function register(on: Doers): Command[] {
    const { editing, looking, nudging, making, asking, tools, writing, styling, inside, points, curving } = on;
    const { toggle, kit, sheet, cues, flow, stress, libraries, trials, takes, made, fonts } = on.panels;
    const { selection, gestures, server, facets, camera } = on.parts;
    const layers = (): boolean => selection.layers.length > 0;
    const only = (...kinds: string[]) => (): boolean => selection.layers.length === 1 && (kinds.length === 0 || kinds.includes(selection.elements()[0]?.dataset['kind'] ?? ''));
    const inInstance = (): boolean => selection.elements()[0]?.closest('[data-component]') != null;
    const several = (): boolean => selection.layers.length > 1;
    const worded = (): boolean => selection.elements().some((layer) => layer.dataset['kind'] === 'text');
    const screen = (): boolean => selection.current !== '';
    const screens = (): boolean => selection.screens.length > 0;
    const any = (): boolean => layers() || screens();
    const holding = (): boolean => gestures.tool !== 'pick';
    const tool = (id: string, name: string, keys: string[], run: () => void): Command => ({ id, name, group: 'Tools', keys, run });
    const take = (one: Tool): (() => void) => () => tools.take(one);

    return [
        tool('pick', 'Pick', ['Q'], take('pick')),
        { id: 'screen', name: 'Add a screen', group: 'Tools', keys: ['A'], menu: ['wall'], run: () => asking.devices() },
        tool('shape', 'Shape; again the next one', ['S'], () => tools.takeShape(1)),
        tool('shape-back', 'Shape; again the one before', ['Shift+S'], () => tools.takeShape(-1)),
        tool('curve', 'Curve', ['C'], take('curve')),
        tool('draw', 'Draw by hand', ['D'], take('draw')),
        tool('words', 'Text', ['T', 'W'], take('words')),
        { id: 'take-colour', name: 'Take a colour from the wall, for the fill', group: 'Editing', keys: ['E'], when: layers, run: () => void facets.takeColour() },
        tool('picture', 'Picture', ['P'], () => document.getElementById('picture-file')!.click()),
        tool('icon', 'Icon', ['I'], () => asking.icons()),
        tool('widget', 'Kit', ['K'], toggle.kit),
        tool('note', 'Note', ['N'], take('note')),
        tool('thread', 'Go: draw a thread', ['G'], take('thread')),
        { id: 'place', name: 'Place what the tool in hand makes; end the path under way', group: 'Tools', keys: ['Enter'], when: () => holding(), run: () => void (curving.end(false) || making.byKey(kit, writing, tools)) },

        {
            id: 'into', name: 'Into a group, a text, a widget, a chart, a picture, a path or a gradient', short: 'Edit', group: 'Selection', keys: ['Enter'], menu: ['layers'], when: () => !holding() && (only('text', 'widget', 'chart', 'group', 'stack', 'array', 'instance', 'compound', 'picture', 'path')() || selection.elements()[0]?.hasAttribute('data-picture') === true || facets.hasGradient || selection.screens.length === 1),
            run: () => {
                const layer = selection.elements()[0];
                if (inside.leave() || points.leave(true)) return;
                if (layer && layer.dataset['kind'] === 'path') return void points.enter(layer);
                if (layer && ['text', 'widget'].includes(layer.dataset['kind'] ?? '')) writing.edit(layer);
                else if (layer?.dataset['kind'] === 'chart') openSheet(layer);
                else if (!(layer && inside.enter(layer)) && !looking.child()) facets.openGradient();
            },
        },
        { id: 'out', name: 'Out again: the group around, then the screen', group: 'Selection', keys: ['Shift+Enter'], when: layers, run: () => looking.parent() },
        { id: 'next', name: 'Next layer', group: 'Selection', keys: ['Tab'], when: layers, run: () => void (points.step(1) || looking.step(1)) },
        { id: 'previous', name: 'Previous layer', group: 'Selection', keys: ['Shift+Tab'], when: layers, run: () => void (points.step(-1) || looking.step(-1)) },
        { id: 'all', name: 'Select all beside it', group: 'Selection', keys: ['Ctrl+A'], run: () => void (points.pickAll() || looking.all()) },
        { id: 'alike', name: 'Select what looks alike; again on the whole wall', short: 'Select alike', group: 'Selection', keys: ['Alt+A'], menu: ['layers'], when: layers, rare: true, run: () => void styling.alike('look') },
        ...(['fill', 'stroke', 'effect', 'type'] as const).map((by): Command => ({ id: `alike-${by}`, name: `Select what has the same ${by}; again on the whole wall`, group: 'Selection', when: layers, run: () => void styling.alike(by) })),
        { id: 'next-screen', name: 'Next screen', group: 'Selection', keys: ['.'], run: () => looking.screen(1) },
        { id: 'previous-screen', name: 'Previous screen', group: 'Selection', keys: [','], run: () => looking.screen(-1) },
        {
            id: 'leave', name: 'Give up what is under way; out of the group; nothing selected', group: 'Selection', keys: ['Escape'],
            run: () => {
                if (gestures.cancel() || inside.leave() || points.leave()) return;
                if (curving.end(false)) return tools.take('pick');
                if (holding()) tools.take('pick');
                else if (!sheet.leave(selection.layers.length === 0 && selection.screens.length === 0)) selection.escape();
            },
        },
        { id: 'find', name: 'Find a layer, a screen, words, a command …', group: 'Selection', keys: ['/', 'Ctrl+F'], run: on.find },
        { id: 'menu', name: 'What applies to the selection', group: 'Selection', keys: ['ContextMenu', 'Shift+F10'], run: on.menu },

        { id: 'undo', name: 'Undo', group: 'Editing', keys: ['Ctrl+Z'], run: () => void (curving.back() || editing.undo()) },
        { id: 'redo', name: 'Redo', group: 'Editing', keys: ['Ctrl+Shift+Z', 'Ctrl+Y'], run: () => void server.redo() },
        { id: 'copy', name: 'Copy, cut, paste', group: 'Editing', keys: ['Ctrl+C', 'Ctrl+X', 'Ctrl+V'], listed: true, run: () => undefined },
        { id: 'duplicate', name: 'Duplicate; again at the same distance', short: 'Duplicate', group: 'Editing', keys: ['Ctrl+D'], menu: ['layers', 'screen'], when: any, run: () => void editing.duplicate() },
        { id: 'duplicate-screen', name: 'The screen once more, beside itself', group: 'Editing', keys: ['Shift+A'], when: screen, run: () => void editing.duplicateScreen() },
        { id: 'delete', name: 'Delete', group: 'Editing', keys: ['Delete', 'Backspace'], menu: ['layers', 'screen'], when: () => any() || curving.active, run: () => void (curving.back() || points.remove() || points.active || editing.remove()) },
        { id: 'rename', name: 'Rename', group: 'Editing', keys: ['F2'], menu: ['layers', 'screen'], when: () => selection.layers.length === 1 || (!layers() && screen()), run: () => facets.rename() },
        { id: 'hide', name: 'Hide or show', group: 'Editing', keys: ['H'], menu: ['layers'], when: layers, run: () => editing.mark('hidden') },
        { id: 'lock', name: 'Lock or unlock', group: 'Editing', keys: ['Shift+H'], menu: ['layers'], when: layers, run: () => editing.mark('locked') },
        { id: 'copy-style', name: 'Copy the look', group: 'Editing', keys: ['Alt+C'], menu: ['layers'], when: layers, run: () => void styling.copyStyle() },
        { id: 'paste-style', name: 'Give it the copied look', group: 'Editing', keys: ['Alt+V'], menu: ['layers'], when: layers, run: () => styling.pasteStyle() },
        ...(['fills', 'strokes', 'effects', 'corners', 'type'] as const).map((part): Command => ({ id: `paste-${part}`, name: `Give it the ${part} of the copied look`, group: 'Editing', when: layers, run: () => styling.pasteStyle(part) })),
        { id: 'copy-cues', name: 'Copy the cues', group: 'Editing', keys: ['Alt+G'], menu: ['layers'], when: layers, rare: true, run: () => void styling.copyCues() },
        { id: 'paste-cues', name: 'Give it the copied cues', group: 'Editing', keys: ['Shift+G'], menu: ['layers'], when: layers, rare: true, run: () => styling.pasteCues() },
        { id: 'copy-svg', name: 'Copy as SVG', group: 'Editing', menu: ['layers', 'screen'], when: any, rare: true, run: () => void styling.copyAs('svg') },
        { id: 'copy-png', name: 'Copy as PNG', group: 'Editing', menu: ['layers', 'screen'], when: any, rare: true, run: () => void styling.copyAs('png') },
        { id: 'bold', name: 'Bold or not', group: 'Editing', keys: ['Ctrl+B'], when: worded, run: () => styling.toggle('bold') },
        { id: 'italic', name: 'Italic or upright', group: 'Editing', keys: ['Ctrl+I'], when: worded, run: () => styling.toggle('italic') },
        { id: 'heavier', name: 'Next heavier weight', group: 'Editing', keys: ['Alt+ArrowUp'], when: layers, run: () => facets.weigh(1) },
        { id: 'lighter', name: 'Next lighter weight', group: 'Editing', keys: ['Alt+ArrowDown'], when: layers, run: () => facets.weigh(-1) },
        { id: 'exchange-icon', name: 'Exchange the icon', group: 'Editing', menu: ['layers'], when: only('icon'), run: () => asking.icons('exchange') },
        { id: 'widget-icon', name: 'Choose the icon of a widget', group: 'Editing', when: only('widget'), run: () => asking.icons({ screen: selection.screen, layer: selection.layers[0]!, place: 'icon' }) },
        { id: 'widget-no-icon', name: 'Remove the icon of a widget', group: 'Editing', when: only('widget'), run: () => void server.edit({ type: 'set-widget', screen: selection.screen || null, layers: selection.layers, field: 'icon', value: '' }) },
        { id: 'open-widget', name: 'Open into layers', group: 'Editing', menu: ['layers'], when: only('widget', 'chart'), rare: true, run: () => editing.openWidget() },
        { id: 'trials', name: 'Try several values', group: 'Editing', menu: ['layers'], when: only(), rare: true, run: () => void trials.open(layerOf(selection.layers[0]!)) },
        { id: 'copies', name: 'Find copies', group: 'Editing', menu: ['layers'], when: only('group', 'stack'), rare: true, run: () => void asking.copies() },
        { id: 'apart', name: 'Stop editing copies together', group: 'Editing', when: () => document.getElementById('together')?.hidden === false, run: () => {
                on.together.stop();
                on.parts.overlay.show();
            } },
        { id: 'untrace', name: 'Remove the picture under the screen', group: 'Editing', when: screen, run: () => void server.edit({ type: 'set-tracing', screen: selection.current, asset: null }) },
        ...(['rough', 'plain', 'dressed'] as const).map((finish): Command => ({ id: `finish-${finish}`, name: `Show the project ${finish}`, group: 'Editing', run: () => void server.edit({ type: 'set-finish', finish }) })),

        ...ARROWS.map(([key, dx, dy, word]): Command => ({ id: `nudge-${word}`, name: `Move ${word} by 1`, group: 'Arranging', keys: [key], when: any, run: () => (inside.active ? inside.nudge(dx, dy) : points.nudge(dx, dy) || nudging.by(dx, dy)) })),
        ...ARROWS.map(([key, dx, dy, word]): Command => ({ id: `move-${word}`, name: `Move ${word} by 10`, group: 'Arranging', keys: [`Shift+${key}`], when: any, run: () => (inside.active ? inside.nudge(10 * dx, 10 * dy) : points.nudge(10 * dx, 10 * dy) || nudging.by(10 * dx, 10 * dy)) })),
        ...SIZES.map(([key, dx, dy, word]): Command => ({ id: word.toLowerCase(), name: `${word} by 1`, group: 'Arranging', keys: [`Ctrl+${key}`], when: layers, run: () => editing.size(dx, dy) })),
        ...SIZES.map(([key, dx, dy, word]): Command => ({ id: `much-${word.toLowerCase()}`, name: `${word} by 10`, group: 'Arranging', keys: [`Ctrl+Shift+${key}`], when: layers, run: () => editing.size(10 * dx, 10 * dy) })),
        { id: 'group', name: 'Group', group: 'Arranging', keys: ['Ctrl+G'], menu: ['layers'], when: layers, run: () => editing.group() },
        { id: 'ungroup', name: 'Ungroup', group: 'Arranging', keys: ['Ctrl+Shift+G'], menu: ['layers'], when: () => selection.elements().some((layer) => layer.matches('[data-kind=group], [data-kind=stack], [data-kind=compound]')), run: () => void editing.ungroup() },
        ...OPERATIONS.map(([operation, name, key]): Command => ({ id: `combine-${operation}`, name: `Combine: ${name}`, group: 'Arranging', keys: [key], when: several, run: () => editing.combine(operation) })),
        { id: 'flatten', name: 'Flatten: one path of a compound; paths of shapes, words and icons', short: 'Flatten to a path', group: 'Arranging', menu: ['layers'], when: only('compound', 'text', 'icon', 'box', 'ellipse', 'polygon', 'line'), rare: true, run: () => editing.flatten() },
        { id: 'make-icon', name: 'Make an icon of the project from what is selected', short: 'Make an icon', group: 'Arranging', menu: ['layers'], when: layers, rare: true, run: () => editing.makeIcon() },
        { id: 'outline-strokes', name: 'Make shapes of the strokes', short: 'Outline the strokes', group: 'Arranging', menu: ['layers'], when: layers, rare: true, run: () => editing.outlineStrokes() },
        { id: 'mask', name: 'Mask the others with the topmost; release what masks', short: 'Mask, release', group: 'Arranging', keys: ['Alt+M'], menu: ['layers'], when: layers, run: () => editing.mask() },
        { id: 'points', name: 'Edit the points; of a shape, words or an icon, as a path', short: 'Edit points', group: 'Arranging', menu: ['layers'], when: only('path', 'box', 'ellipse', 'polygon', 'line', 'text', 'icon'), rare: true, run: () => void points.enter(selection.elements()[0]!, true) },
        { id: 'points-smooth', name: 'Points: smooth', group: 'Arranging', when: () => points.active, run: () => void points.convert(true) },
        { id: 'points-corner', name: 'Points: corners', group: 'Arranging', when: () => points.active, run: () => void points.convert(false) },
        { id: 'points-cut', name: 'Points: cut the path there', group: 'Arranging', when: () => points.active, run: () => void points.cut() },
        { id: 'points-join', name: 'Points: join two ends, or close', group: 'Arranging', when: () => points.active, run: () => void points.join() },
        { id: 'points-reverse', name: 'Points: let the path run the other way', group: 'Arranging', when: () => points.active, run: () => void points.reverse() },
        ...EDGES.map((edge): Command => ({ id: `points-${edge}`, name: `Points: align, ${edge}`, group: 'Arranging', when: () => points.active, run: () => void points.align(edge) })),
        { id: 'stack', name: 'Lay out as a stack', group: 'Arranging', keys: ['L'], menu: ['layers'], run: () => editing.stack() },
        { id: 'scroll', name: 'Let it scroll', group: 'Arranging', menu: ['layers'], when: layers, rare: true, run: () => editing.scroll() },
        { id: 'array', name: 'Repeat as an array', group: 'Arranging', keys: ['Shift+L'], menu: ['layers'], rare: true, run: () => editing.array() },
        { id: 'forward', name: 'One step to the front', group: 'Arranging', keys: ['PageUp'], when: layers, run: () => editing.order('forward') },
        { id: 'backward', name: 'One step to the back', group: 'Arranging', keys: ['PageDown'], when: layers, run: () => editing.order('backward') },
        { id: 'front', name: 'To the front', group: 'Arranging', keys: ['Shift+PageUp'], menu: ['layers'], when: layers, run: () => editing.order('front') },
        { id: 'back', name: 'To the back', group: 'Arranging', keys: ['Shift+PageDown'], menu: ['layers'], when: layers, run: () => editing.order('back') },
        { id: 'swap', name: 'Swap the places of two', group: 'Arranging', keys: ['Alt+X'], menu: ['layers'], when: () => selection.layers.length === 2, run: () => styling.swap() },
        ...EDGES.map((edge): Command => ({ id: `align-${edge}`, name: `Align: ${edge}`, group: 'Arranging', when: any, run: () => facets.align(edge) })),
        ...([['x', 'across'], ['y', 'down']] as const).map(([axis, word]): Command => ({ id: `space-${word}`, name: `Space evenly ${word}`, group: 'Arranging', when: () => selection.layers.length + selection.screens.length > 2, run: () => facets.distribute(axis) })),
        { id: 'component', name: 'Make a component', group: 'Arranging', keys: ['Shift+K'], menu: ['layers'], when: layers, run: () => editing.component() },
        { id: 'go-component', name: 'Go to the component', group: 'Arranging', keys: ['Alt+K'], menu: ['layers'], when: inInstance, rare: true, run: () => editing.goToComponent() },
        { id: 'release', name: 'Release the instance into layers', short: 'Release', group: 'Arranging', menu: ['layers'], when: only('instance'), rare: true, run: () => editing.release() },
        { id: 'below', name: 'Moving takes along what lies below', group: 'Arranging', keys: ['B held'], listed: true, run: () => undefined },
        { id: 'unsnapped', name: 'No snapping while dragging', group: 'Arranging', keys: ['Ctrl held'], listed: true, run: () => undefined },

        { id: 'fit', name: 'Fit: once the selection, again the wall', short: 'Fit', group: 'Looking', keys: ['F'], menu: ['wall', 'screen'], run: () => looking.fit() },
        { id: 'show-screen', name: 'Fit the screen', group: 'Looking', keys: ['Shift+F'], when: screen, run: () => looking.fitScreen() },
        { id: 'full-size', name: 'Full size, 100%', group: 'Looking', keys: ['0'], run: () => camera.zoomTo(1) },
        { id: 'made', name: 'What makes this look? Under the pointer', short: 'What makes this look?', group: 'Looking', keys: ['Y'], menu: ['layers', 'screen'], run: () => made.open() },
        { id: 'zoom-in', name: 'Zoom in', group: 'Looking', keys: ['+', '='], run: () => (inside.active ? inside.scale(1) : camera.zoomCentre(1.25)) },
        { id: 'zoom-out', name: 'Zoom out', group: 'Looking', keys: ['-'], run: () => (inside.active ? inside.scale(-1) : camera.zoomCentre(0.8)) },
        { id: 'measure', name: 'Distances from the selection to what is under the pointer', group: 'Looking', keys: ['M held'], listed: true, run: () => undefined },
        { id: 'pan', name: 'Pan; scroll; zoom to the pointer', group: 'Looking', keys: ['Space drag', 'wheel', 'Ctrl wheel'], listed: true, run: () => undefined },
        { id: 'rehearse', name: 'Rehearse from here', group: 'Looking', keys: ['R'], menu: ['screen'], run: () => document.querySelector<HTMLAnchorElement>('a[data-rehearse]')?.click() },
        { id: 'beside', name: 'Rehearse beside the wall', short: 'Rehearse beside', group: 'Looking', keys: ['Shift+R'], menu: ['screen'], run: toggle.beside },
        { id: 'frames', name: 'Show or hide device frames', group: 'Looking', run: () => void server.edit({ type: 'set-framed', framed: !on.parts.picture.stage.hasAttribute('data-framed') }) },
        { id: 'stress', name: 'The screen under strain: long words, other languages, 200 %, other devices', short: 'Put under strain', group: 'Looking', menu: ['screen'], when: screen, rare: true, run: () => void stress.open(selection.current) },
        { id: 'devices', name: 'The screen on all devices', group: 'Looking', menu: ['screen'], when: screen, rare: true, run: () => void asking.allDevices() },
        { id: 'take', name: 'New take', group: 'Looking', menu: ['screen'], when: screen, run: () => takes.make(selection.current) },
        { id: 'takes', name: 'Compare takes', group: 'Looking', when: screen, run: () => void takes.open(selection.current) },

        ...['Where', 'Look', 'Text', 'Cues', 'Checks'].map((facet, i) => [i + 1, facet] as const).map(([n, facet]): Command => ({ id: `facet-${n}`, name: `Open the facet ${facet}`, group: 'Panels', keys: [String(n)], run: () => facets.openFacet(n) })),
        { id: 'grid', name: 'Grids, guides and rulers', group: 'Panels', run: toggle.grid },
        { id: 'threads', name: 'Threads', group: 'Panels', run: toggle.threads },
        { id: 'unroll', name: 'Show all of what scrolls', group: 'Panels', keys: ['Alt+S'], run: toggle.unroll },
        { id: 'libraries', name: 'Libraries: components, tokens, icons, fonts and conventions of other projects', short: 'Libraries', group: 'Panels', run: () => void libraries.open() },
        { id: 'checks', name: 'Checks: flags where something was found', short: 'Checks', group: 'Panels', run: toggle.checks },
        { id: 'fonts', name: 'Fonts of the project: import, replace', short: 'Own fonts', group: 'Panels', run: () => void fonts.open() },
        { id: 'house', name: 'House style: tokens', short: 'House style', group: 'Panels', run: toggle.house },
        { id: 'notes', name: 'Notes', group: 'Panels', run: toggle.notes },
        { id: 'needs', name: 'Requirements of the screen', group: 'Panels', run: toggle.needs },
        { id: 'all-cues', name: 'All cues of the project', group: 'Panels', keys: ['Alt+T'], menu: ['wall'], run: () => void cues.open() },
        { id: 'flow-map', name: 'Flow map of the project', short: 'Flow map', group: 'Panels', keys: ['Alt+F'], menu: ['wall'], run: () => void flow.open('map') },
        { id: 'site-map', name: 'Site map of the project', short: 'Site map', group: 'Panels', run: () => void flow.open('site') },
        { id: 'times', name: 'Predicted time of a path from here', group: 'Looking', when: screen, run: () => void flow.open('paths', selection.current) },
        { id: 'history', name: 'History', group: 'Panels', run: toggle.history },
        { id: 'facets', name: 'Fold or open the facets', group: 'Panels', run: toggle.facets },
        { id: 'reel', name: 'Fold or open the reel', group: 'Panels', run: toggle.reel },
        { id: 'keys', name: 'All keys', group: 'Panels', keys: ['?'], run: on.keys },
    ];
}
