/** The wall: brings camera, picture, selection, gestures, panels and keys together. */
import htmx from 'htmx.org';
import { toast, wireDialogs, wireToast } from './dialogs.ts';
import { Camera } from './wall/camera.ts';
import { Gestures, type Tool } from './wall/gestures.ts';
import { around, corners, unapply, type Box, type Point } from './wall/geometry.ts';
import { Needs } from './wall/needs.ts';
import { Notes } from './wall/notes.ts';
import { Overlay } from './wall/overlay.ts';
import { Panels } from './wall/panels.ts';
import { Picture } from './wall/picture.ts';
import { bare, rowOf } from './wall/cells.ts';
import { KitPanel, laidDown } from './wall/kit.ts';
import { Rulers } from './wall/rulers.ts';
import { Selection } from './wall/selection.ts';
import { showState } from './saved.ts';
import { Pending } from './wall/pending.ts';
import { fresh, Problem, send, Server, type Answer } from './wall/server.ts';
import { DataSheet } from './wall/sheet.ts';
import { Takes } from './wall/takes.ts';
import { Stills } from './wall/stills.ts';
import { Trials } from './wall/trials.ts';
import { Together, type Found } from './wall/together.ts';
import { watchUnseen } from './wall/unseen.ts';
import { PLAIN, Writer, type Setting } from './wall/words.ts';

const page = document.getElementById('wall-page')!;
const wall = document.getElementById('wall')!;
const urls = JSON.parse(page.dataset['urls']!) as Record<string, string>;
const project = page.dataset['project']!;

const picture = new Picture(document.getElementById('stage')!);
watchUnseen(document.getElementById('stage')!, picture);
const selection = new Selection(picture, () => {
    // What is picked in the outline may lie on a screen whose layers are not here yet.
    if (picture.isAbsent(selection.screen) && selection.layers.length > 0) stills.need(selection.screen);
    overlay.show();
    panels.showFacets();
    rulers.follow();
    needs.follow();
    showCurrent();
});
const camera = new Camera(wall, picture.stage, `kindred.camera.${project}`, () => {
    stills.follow();
    overlay.show();
    writer.show();
    rulers.follow();
    notes.draw();
    needs.draw();
    document.getElementById('zoom')!.textContent = `${Math.round(camera.scale * 100)}%`;
}, () => stills.rest());
const stills = new Stills(camera, picture, urls, () => (selection.layers.length > 0 ? [selection.screen] : []), () => {
    overlay.show();
    notes.draw();
    needs.draw();
});
const overlay = new Overlay(document.getElementById('overlay') as unknown as SVGSVGElement, camera, picture, selection);
const writer = new Writer(camera, wall);
const notes = new Notes(document.getElementById('notes')!, document.getElementById('marks')!, picture, camera, urls['notes']!, (screen, layer) => {
    if (layer && picture.layer(layer)) selection.pick([layer], screen);
    const box = screen ? picture.screenBox(screen) : null;
    if (box) camera.fit(box, 1);
});
const server = new Server(urls, Number(page.dataset['sequence']), new Pending(page.dataset['pending']!, localStorage), onAnswer, onProblem, showState);
const panels = new Panels(urls, selection, server);
const sheet = new DataSheet(urls, server);
const trials = new Trials(document.getElementById('trials') as HTMLDialogElement, urls['trials']!, server);
const needs = new Needs(document.getElementById('needs')!, document.getElementById('lights')!, picture, camera, selection, server, urls['needs']!, () => document.querySelector('[data-act=needs]')!.setAttribute('aria-pressed', 'false'));
const takes = new Takes(document.getElementById('takes') as HTMLDialogElement, urls['takes']!, server);
const gestures = new Gestures(wall, camera, picture, selection, overlay, server, {
    words: writeNew,
    icon: placeIcon,
    widget: placeWidget,
    note: (screen, at, layer) => {
        take('pick');
        void notes.begin({ screen, layer: layer ? bare(layer.getAttribute('data-layer')!) : '', at: { x: at.x, y: at.y } }).then(showNotes);
    },
    edit: writeIn,
    linked: () => void panels.reveal('cues'),
    begun: () => together.remember(),
    ruler: (axis) => rulers.pull(axis),
    guide: (screen, axis, at) => rulers.move(screen, axis, at),
    over: (screen, pressed) => (pressed ? stills.need(screen) : stills.point(screen)),
    done: () => take('pick'),
}, urls['snap']!);

const together = new Together(picture, wall);
server.spread = (commands) => together.spread(commands);
server.settle = () => settle();
overlay.mates = (id) => together.mates(id);
const rulers = new Rulers(wall, camera, picture, selection, overlay, server);
let icon = '';
/** Where in a widget the icon that is chosen next goes. */
let iconPlace: { screen: string; layer: string; place: string } | null = null;
const kit = new KitPanel(document.getElementById('kit')!, {
    url: urls['kit']!,
    taken: (taken) => take(taken ? 'widget' : 'pick'),
    drop: (fresh, bar, event) => {
        const at = camera.toWall(event);
        const screen = gestures.screenAt(at);
        const frame = screen ? picture.screenBox(screen) : null;
        void gestures.create(screen, laidDown(fresh, bar, frame, { x: at.x - (frame?.x ?? 0), y: at.y - (frame?.y ?? 0) }, null, barsOn(screen)));
    },
    scale: () => camera.scale,
});
let shape: 'box' | 'ellipse' | 'line' = 'box';
/** What arrow keys have moved and the server has not heard of yet. */
let nudge: { dx: number; dy: number; timer: number; of: string; screen: string; screens: string[]; layers: SVGGElement[]; below: boolean } | null = null;

function onAnswer(answer: Answer): void {
    const { reel, screens, redraw } = picture.patch(answer.patches);
    for (const id of redraw) screens.add(id);
    void redrawn([...redraw]);
    for (const { project } of answer.patches) if (project) showFinish(project.finish);
    selection.prune();
    stills.changed(screens, answer.sequence);
    overlay.show();
    panels.showFacets(true);
    // Whether a requirement is covered may hang on anything.
    if (reel || document.querySelector('#reel [data-coverage]') || answer.patches.some((patch) => patch.brief)) void panels.showReel();
    else {
        for (const screen of screens) panels.thumbnail(screen, answer.sequence);
        void panels.showOutlines();
    }
    sheet.follow(answer.patches);
    void needs.load();
    notes.draw();
    needs.draw();
    showEmpty();
    document.dispatchEvent(new Event('kindred:edited'));
}

/** Screens whose finish changed: a few at a time, those in the window first, for drawing a whole wall anew takes a while. */
async function redrawn(ids: string[]): Promise<void> {
    const away = (id: string): number => Number(picture.screen(id)?.classList.contains('away') ?? true);
    const left = ids.sort((a, b) => away(a) - away(b));
    while (left.length > 0) {
        const drawn = await send<Record<string, string>>(`${urls['pictures']!}?of=${left.splice(0, 4).join(',')}`).catch(() => ({}));
        for (const [id, svg] of Object.entries(drawn)) picture.replace(id, svg);
        overlay.show();
    }
}

function showNotes(): void {
    document.querySelector('[data-act=notes]')!.setAttribute('aria-pressed', String(notes.open));
}

function showFinish(finish: string): void {
    for (const button of document.querySelectorAll<HTMLElement>('[data-finish]')) button.setAttribute('aria-pressed', String(button.dataset['finish'] === finish));
}

function onProblem(problem: Problem): void {
    if (!panels.explain(problem)) toast(problem.message, true);
    overlay.show();
}

function showEmpty(): void {
    document.getElementById('empty')!.hidden = picture.screens().length > 0 || picture.stage.querySelector('.loose [data-layer]') !== null;
}

/** The rehearsal link starts at the current screen. */
function showCurrent(): void {
    const screen = selection.screen || page.dataset['entry'] || '';
    for (const link of document.querySelectorAll<HTMLAnchorElement>('[data-rehearse]')) link.href = `${urls['rehearse']!}${screen ? `?screen=${screen}` : ''}`;
}

/* Tools */

function take(tool: Tool): void {
    gestures.tool = tool;
    wall.dataset['tool'] = tool;
    const name = tool === 'box' || tool === 'ellipse' || tool === 'line' ? 'shape' : tool;
    for (const button of document.querySelectorAll<HTMLElement>('#rack [data-tool]')) button.setAttribute('aria-pressed', String(button.dataset['tool'] === name));
    for (const option of document.querySelectorAll<HTMLElement>('#rack [data-shape]')) {
        option.hidden = name !== 'shape';
        option.setAttribute('aria-pressed', String(option.dataset['shape'] === tool));
    }
    document.getElementById('hint')!.textContent = {
        pick: '', shape: 'Drag on a screen. Shift keeps it even, Alt draws from the middle.', words: 'Click for free text, drag for text that wraps.',
        icon: 'Click where the icon goes, or drag its size.', widget: 'Click where the widget goes, or drag its size.', note: 'Press on a layer, or on a place.', thread: 'Drag from a layer to the screen that it leads to.', screen: '',
    }[name] ?? '';
}

function takeShape(step: number): void {
    const kinds = ['box', 'ellipse', 'line'] as const;
    const drawing = (kinds as readonly string[]).includes(gestures.tool);
    shape = kinds[(kinds.indexOf(shape) + (drawing ? step : 0) + kinds.length) % kinds.length]!;
    take(shape);
}

function writeNew(screen: string, at: Point, width: number | null): void {
    const origin = picture.screenBox(screen);
    const rise = width === null ? PLAIN.size * PLAIN.lineHeight / 2 : 0;
    const place = { x: at.x, y: Math.round(at.y - rise) };
    take('pick');
    writer.open({
        words: '', setting: PLAIN, width, matrix: { a: 1, b: 0, c: 0, d: 1, e: origin.x + place.x, f: origin.y + place.y },
        done: (words) => {
            if (words.trim() === '') return;
            const { family, weight, size, lineHeight, letterSpacing, align, colour } = PLAIN;
            void gestures.create(screen, {
                kind: 'text', name: words.trim().replace(/\s+/g, ' ').slice(0, 32), ...place, width: width ?? 0, height: 0, words, wrapped: width !== null,
                style: { family, weight: Number(weight), size, lineHeight, letterSpacing, align }, fills: [{ colour }],
            });
        },
    });
}

/** The boxes of widgets that lie right on a screen. */
function barsOn(screen: string): Box[] {
    return [...(picture.screen(screen)?.querySelectorAll<SVGGElement>(':scope > svg > [data-kind=widget]') ?? [])].map((widget) => picture.box(widget));
}

/** The widget in hand goes where the pointer was pressed, at its own size or at the one that was drawn. */
function placeWidget(screen: string, box: Box): void {
    const taken = kit.inHand();
    kit.letGo();
    if (!taken) return;
    const drawn = box.width > 8 && box.height > 8 ? { width: box.width, height: box.height } : null;
    void gestures.create(screen, laidDown(taken.fresh, taken.bar, screen ? picture.screenBox(screen) : null, box, drawn, barsOn(screen)));
}

/** The main words of a widget, written where it lies. */
function writeInWidget(layer: Element, id: string, screen: string): void {
    const WORDS = ['label', 'text', 'hint'] as const;
    void send<{ layers: Record<string, string>[] }>(`${urls['copy']!}?layers=${bare(id)}`).then(({ layers }) => {
        const field = WORDS.find((one) => document.querySelector(`#facets [data-widget-field="${one}"]`)) ?? null;
        const words = field && layers[0]?.[field];
        if (field === null || words === undefined || words === null) {
            panels.reveal('widget');
            return;
        }
        const { width, height } = picture.box(layer);
        const size = Math.max(11, Math.min(18, height * 0.5));
        const setting: Setting = { ...PLAIN, size };
        const m = picture.matrix(layer);
        writer.open({
            words, setting, width, matrix: { ...m, e: m.e, f: m.f + Math.max(0, (height - size * PLAIN.lineHeight) / 2) },
            done: (written) => {
                if (written !== words) void server.edit({ type: 'set-widget', screen: screen || null, layers: [id], field, value: written });
            },
        });
    }, onProblem);
}

/** What can be changed at a point of a widget, or the words that are shown next after some. */
interface Spot { place: string; words: string; field: string | null; value: string; box: Box | null; style: Omit<Setting, 'colour' | 'weight'> & { weight: number } | null; colour: string | null }

/** Words are written, icons exchanged and states changed right where they are in a widget; its main words where nothing else is meant. */
async function changeInWidget(layer: Element, id: string, screen: string, at: Point | null, after: string | null = null): Promise<void> {
    const m = picture.matrix(layer);
    const inside = at ? unapply(m, at) : null;
    const spot = inside || after !== null ? await send<Spot | null>(`${urls['spot']!.replace('LAYER', bare(id))}?${after === null ? `x=${inside!.x}&y=${inside!.y}` : `after=${after}`}`).catch(() => null) : null;
    // By key: the first words, and with Tab the next; what has none is written in its facets' main words.
    if (!spot) return after === null || after === '' ? writeInWidget(layer, id, screen) : undefined;
    if (spot.field) return void server.edit({ type: 'set-widget', screen: screen || null, layers: [id], field: spot.field, value: spot.value });
    if (!spot.style || !spot.box) {
        // An icon: what is chosen next goes in its place.
        iconPlace = { screen, layer: id, place: spot.place };
        return actions['icon']!();
    }
    const { box, style } = spot;
    writer.open({
        words: spot.words, setting: { ...style, weight: String(style.weight), colour: spot.colour ?? PLAIN.colour }, width: Math.max(box.width, 40), matrix: { ...m, e: m.a * box.x + m.c * box.y + m.e, f: m.b * box.x + m.d * box.y + m.f },
        done: (words) => {
            if (words !== spot.words) void server.edit({ type: 'write-widget', screen: screen || null, layer: bare(id), place: spot.place, words });
        },
        next: () => void server.rest().then(() => {
            const now = picture.layer(id);
            if (now) void changeInWidget(now, id, screen, null, spot.place);
        }),
    });
}

function writeIn(layer: Element, at: Point | null = null): void {
    const id = layer.getAttribute('data-layer')!;
    const screen = picture.screenOf(layer);
    selection.pick([id], screen);
    if (layer.getAttribute('data-kind') === 'widget') return void changeInWidget(layer, id, screen, at, at === null ? '' : null);
    void send<{ layers: { words: string; wrapped: boolean; style: { family: string; weight: number; size: number; lineHeight: number; letterSpacing: number; align: string; transform: string; trim: boolean }; fills: { colour: string }[] }[] }>(`${urls['copy']!}?layers=${bare(id)}&row=${rowOf(id) ?? ''}`).then(({ layers }) => {
        const text = layers[0];
        if (!text) return;
        const setting: Setting = { ...text.style, weight: String(text.style.weight), colour: text.fills.at(-1)?.colour ?? PLAIN.colour };
        layer.setAttribute('visibility', 'hidden');
        writer.open({
            words: text.words, setting, width: text.wrapped ? picture.box(layer).width : null, matrix: picture.matrix(layer),
            done: (words) => {
                picture.layer(id)?.removeAttribute('visibility');
                if (words !== text.words) void server.edit({ type: 'set-words', screen: screen || null, layer: id, words, ...panels.inCell() });
            },
        });
    }, onProblem);
}

function placeIcon(screen: string, at: Point, size: number | null): void {
    const side = size ?? 24;
    const corner = size === null ? { x: Math.round(at.x - side / 2), y: Math.round(at.y - side / 2) } : at;
    void gestures.create(screen, {
        kind: 'icon', icon, name: icon.replaceAll('-', ' '), ...corner, width: side, height: side, fills: [{ colour: '#1e2223' }],
    });
}

async function placePicture(file: File, at: Point | null): Promise<void> {
    const form = new FormData();
    form.append('picture', file);
    try {
        const asset = await send<{ hash: string; width: number; height: number }>(urls['assets']!, form);
        const screen = at ? gestures.screenAt(at) : selection.screen || picture.screens()[0]?.dataset['screen'] || '';
        const frame = screen === '' ? { ...(at ?? camera.window()), width: 480, height: 480 } : picture.screenBox(screen);
        const room = { width: frame.width * (at ? 0.6 : 1), height: Math.min(frame.height, frame.width) };
        const factor = Math.min(1, room.width / asset.width, room.height / asset.height);
        const [width, height] = [Math.max(1, Math.round(asset.width * factor)), Math.max(1, Math.round(asset.height * factor))];
        const corner = at
            ? { x: Math.round(at.x - (screen ? frame.x : 0) - width / 2), y: Math.round(at.y - (screen ? frame.y : 0) - height / 2) }
            : { x: Math.round((frame.width - width) / 2), y: screen ? 0 : Math.round(frame.y) };
        await gestures.create(screen, { kind: 'picture', asset: asset.hash, name: file.name.replace(/\.[^.]*$/, '').slice(0, 60).trim() || 'Picture', ...corner, width, height });
    } catch (problem) {
        onProblem(problem instanceof Problem ? problem : new Problem('The picture could not be sent; nothing was added.', 0, ''));
    }
}

/** A new screen hangs to the right of all others. */
function addScreen(device: string, name: string, width: number, height: number): void {
    const boxes = picture.screens().map((screen) => picture.screenBox(screen.dataset['screen']!));
    const all = boxes.length > 0 ? around(boxes.flatMap(corners)) : null;
    const id = fresh();
    const box = { x: all ? all.x + all.width + 80 : 0, y: boxes[boxes.length - 1]?.y ?? 0, width, height };
    void server.edit({ type: 'create-screen', screen: { id, name, device, ...box, view: height, ground: '#ffffff' } }).then((answer) => {
        if (!answer) return;
        selection.pickScreens([id]);
        camera.fit(all ? around([...corners(box), ...corners(boxes[boxes.length - 1]!)]) : box, 1);
    });
}

/* Editing */

const onLayers = (): { screen: string | null; layers: string[] } => ({ screen: selection.screen || null, layers: selection.layers });

/** The browser's own clipboard holds a mark by which a paste knows that what was copied here is meant. */
const MARK = 'kindred layers ';

/** What is being copied: a paste waits for it. */
let copying: Promise<void> = Promise.resolve();

async function copy(cut: boolean, mark: string): Promise<void> {
    // What is meant is what is selected now, not when the answer comes.
    const meant = onLayers();
    await server.rest();
    const kept = await send<{ layers: unknown[] }>(`${urls['copy']!}?layers=${meant.layers.map(bare).join(',')}`).catch((problem: Problem) => {
        onProblem(problem);
        return null;
    });
    if (!kept) return;
    localStorage.setItem('kindred.clipboard', JSON.stringify({ mark, screen: meant.screen ?? '', layers: kept.layers, times: cut ? 0 : 1 }));
    if (cut) await server.edit({ type: 'delete-layers', ...meant, cut: true });
}

/** At the same place; on the screen that it came from, a little beside each time. */
async function paste(): Promise<void> {
    await copying;
    const kept = JSON.parse(localStorage.getItem('kindred.clipboard') ?? 'null') as { mark: string; screen: string; layers: { x: number; y: number }[]; times: number } | null;
    if (!kept) return toast('There is nothing to paste yet: copy layers first.');
    const by = kept.screen === selection.screen ? 16 * kept.times : 0;
    const layers = kept.layers.map((layer) => ({ ...layer, x: layer.x + by, y: layer.y + by }));
    localStorage.setItem('kindred.clipboard', JSON.stringify({ ...kept, times: kept.times + (kept.screen === selection.screen ? 1 : 0) }));
    const screen = selection.screen;
    const step = `Paste ${layers.length === 1 ? 'a layer' : `${layers.length} layers`}`;
    if (selection.screens.length > 1) {
        // At the same place on every screen that is selected, in one step.
        await server.edit(...selection.screens.map((one) => ({ type: 'create-layers', screen: one, layers: kept.layers, seed: fresh(), step: `${step} on ${selection.screens.length} screens` })));
        return;
    }
    const answer = await server.edit({ type: 'create-layers', screen: screen || null, layers, seed: fresh(), step });
    if (answer) selection.pick(answer.added, screen);
}

/** SVG, a table or words from outside become layers, in the middle of what is seen of the screen or at a place on the wall. */
async function bring(text: string, at: Point | null, name: string, table = false): Promise<void> {
    const screen = at ? gestures.screenAt(at) : selection.screen;
    const frame = screen === '' ? { ...(at ?? camera.window()), width: 480, height: 480 } : picture.screenBox(screen);
    try {
        const brought = await send<{ layers: { x: number; y: number }[]; width: number; height: number; left: string[] }>(urls['paste']!, { text, room: Math.max(40, frame.width - 48), table });
        const corner = at
            ? { x: Math.round(at.x - (screen ? frame.x : 0) - brought.width / 2), y: Math.round(at.y - (screen ? frame.y : 0) - brought.height / 2) }
            : { x: Math.round((frame.width - brought.width) / 2) + (screen ? 0 : frame.x), y: Math.round(Math.max(0, Math.min(120, (frame.height - brought.height) / 2))) + (screen ? 0 : frame.y) };
        const layers = brought.layers.map((layer) => ({ ...layer, x: layer.x + corner.x, y: layer.y + corner.y }));
        const answer = await server.edit({ type: 'create-layers', screen: screen || null, layers, seed: fresh(), step: `Bring in ${name}` });
        if (answer) selection.pick(answer.added, screen);
        if (brought.left.length > 0) toast(`${brought.left.join('. ')}.`);
    } catch (problem) {
        onProblem(problem instanceof Problem ? problem : new Problem('It could not be read; nothing was added.', 0, ''));
    }
}

const elsewhere = (event: Event): boolean => (event.target as Element | null)?.closest?.('input, textarea, select, dialog, [contenteditable]') !== null;

for (const kind of ['copy', 'cut'] as const) {
    document.addEventListener(kind, (event) => {
        if (elsewhere(event) || selection.layers.length === 0) return;
        event.preventDefault();
        const mark = MARK + fresh();
        event.clipboardData?.setData('text/plain', mark);
        copying = copy(kind === 'cut', mark);
    });
}

document.addEventListener('paste', (event) => {
    if (elsewhere(event)) return;
    event.preventDefault();
    const { clipboardData } = event;
    const text = clipboardData?.getData('text/plain') ?? '';
    const files = [...(clipboardData?.files ?? [])];
    // Text that is no mark of ours comes from outside, and so do files; an empty clipboard means what was copied here.
    if (files.length > 0) files.forEach((one) => void takeFile(one, null));
    else if (text === '' || text.startsWith(MARK)) void paste();
    else if (/[\t\n]/.test(text.trim()) && !text.trimStart().startsWith('<') && widgetWithEntries()) void server.edit({ type: 'fill-widget', screen: selection.screen || null, layer: bare(selection.layers[0]!), table: text.replace(/\n+$/, '') });
    else void bring(text, null, 'what was copied elsewhere');
});

/** Whether the one widget that is selected has entries, which a table that was copied elsewhere can fill. */
const widgetWithEntries = (): boolean => selection.layers.length === 1 && selection.elements()[0]?.dataset['kind'] === 'widget' && document.querySelector('#facets [data-widget-field=items]') !== null;

/** A file that was dropped, pasted or chosen: a drawing or words as layers, anything else as a picture. */
async function takeFile(one: File, at: Point | null): Promise<void> {
    const written = /^(image\/svg\+xml|text\/)/.test(one.type) || /\.(svg|txt|csv|tsv)$/i.test(one.name);
    if (!written) return placePicture(one, at);
    const text = await one.text();
    return bring(text, at, one.name.replace(/\.[^.]*$/, '').slice(0, 60) || 'a file', /\.(csv|tsv)$/i.test(one.name));
}

function remove(): void {
    if (selection.screens.length > 0) void server.edit({ type: 'delete-screens', screens: selection.screens });
    else if (selection.layers.length > 0) void server.edit({ type: 'delete-layers', ...onLayers() });
}

async function duplicate(): Promise<void> {
    if (selection.layers.length > 0) return gestures.duplicate(16, 16, true);
    return duplicateScreen();
}

/** The current screen once more, beside itself, with its name counted up. */
async function duplicateScreen(): Promise<void> {
    const screen = selection.screens[0] ?? selection.screen;
    if (!screen) return;
    const answer = await server.edit({ type: 'duplicate-screen', screen, seed: fresh() });
    const added = answer?.patches.find((patch) => patch.added && patch.screen)?.screen;
    if (added) {
        selection.pickScreens([added]);
        reveal(picture.screenBox(added));
    }
}

async function group(): Promise<void> {
    if (selection.layers.length === 0) return;
    const screen = selection.screen;
    const answer = await server.edit({ type: 'group-layers', ...onLayers(), seed: fresh() });
    if (answer?.added[0]) selection.pick([answer.added[0]], screen);
}

/** What is made of the same parts as the selection, in a dialog. */
async function showCopies(): Promise<void> {
    const dialog = document.getElementById('copies') as HTMLDialogElement;
    await htmx.ajax('GET', urls['copies']!.replace('LAYER', bare(selection.layers[0]!)), { target: dialog, swap: 'innerHTML' });
    dialog.showModal();
}

document.getElementById('copies')!.addEventListener('click', (event) => {
    const button = (event.target as Element).closest<HTMLElement>('[data-copies]');
    const data = button?.parentElement?.dataset;
    if (!button || !data) return;
    (document.getElementById('copies') as HTMLDialogElement).close();
    const beside = JSON.parse(data['beside']!) as string[];
    const screen = data['screen'] ?? '';
    if (button.dataset['copies'] === 'together') {
        together.start(JSON.parse(data['found']!) as Found);
        overlay.show();
    } else if (button.dataset['copies'] === 'select') {
        selection.pick(beside, screen);
    } else {
        void server.edit({ type: 'gather-copies', screen: screen || null, layers: beside, seed: fresh() }).then((answer) => {
            if (answer?.added[0]) selection.pick([answer.added[0]], screen);
        });
    }
});

/** The current screen on every device, in a dialog. */
async function showDevices(): Promise<void> {
    const dialog = document.getElementById('all-devices') as HTMLDialogElement;
    await htmx.ajax('GET', urls['devices']!.replace('SCREEN', selection.screens[0] ?? selection.screen), { target: dialog, swap: 'innerHTML' });
    dialog.showModal();
}

/** Lays the selection out as a stack, with what can be read off where it lies. */
async function stack(): Promise<void> {
    const { layers, screen } = selection;
    if (layers.length === 0) return toast('Select layers, or a group, to lay them out as a stack.');
    const answer = await server.edit({ type: 'stack-layers', ...onLayers(), seed: fresh() });
    if (answer) selection.pick(answer.added[0] ? [answer.added[0]] : layers, screen);
}

/** Makes the selection the design of a cell, repeated once for each row of a data sheet, which opens. */
async function array(): Promise<void> {
    const { layers, screen } = selection;
    if (layers.length === 0) return toast('Select what one cell is to look like, to repeat it as an array.');
    const answer = await server.edit({ type: 'array-layers', ...onLayers(), seed: fresh() });
    if (!answer?.added[0]) return;
    selection.pick([answer.added[0]], screen);
    sheet.open(answer.added[0]);
}

async function ungroup(): Promise<void> {
    const groups = selection.elements().filter((layer) => layer.matches('[data-kind=group], [data-kind=stack]'));
    if (groups.length === 0) return toast('Select a group or a stack to ungroup it.');
    const inside = groups.flatMap((layer) => [...layer.querySelectorAll<SVGGElement>(':scope > [data-layer]')].map((child) => child.dataset['layer']!));
    const answer = await server.edit({ type: 'ungroup-layers', ...onLayers(), parent: selection.group, layers: groups.map((layer) => layer.dataset['layer']!) });
    if (answer) selection.pick(inside, selection.screen);
}

/** Arrow keys move at once; the server hears of it when they rest, or when something else is selected. */
function nudgeBy(dx: number, dy: number): void {
    if (selection.layers.length === 0 && selection.screens.length === 0) return;
    if (nudge && nudge.of !== `${selection.layers} ${selection.screens}`) settle();
    nudge ??= {
        dx: 0, dy: 0, timer: 0, of: `${selection.layers} ${selection.screens}`, screen: selection.screen, screens: selection.screens,
        layers: gestures.below && selection.layers.length > 0 ? gestures.withBelow() : selection.elements(), below: gestures.below,
    };
    const across = nudge.below ? 0 : dx;
    nudge.dx += across;
    nudge.dy += dy;
    for (const layer of nudge.layers) {
        const { x, y, width, height, rotation } = picture.box(layer);
        layer.setAttribute('transform', `translate(${across} ${dy})${layer.getAttribute('transform') ?? ''}`);
        layer.setAttribute('data-box', `${x + across} ${y + dy} ${width} ${height} ${rotation}`);
    }
    overlay.show();
    clearTimeout(nudge.timer);
    nudge.timer = window.setTimeout(settle, 250);
}

function settle(): void {
    if (!nudge) return;
    const { dx, dy, timer, screen, screens, layers, below } = nudge;
    clearTimeout(timer);
    nudge = null;
    if (dx === 0 && dy === 0) return;
    if (screens.length > 0) void server.edit({ type: 'move-screens', screens, dx, dy });
    else if (below) void gestures.moveSection(screen, layers, dy);
    else void server.edit({ type: 'move-layers', screen: screen || null, layers: layers.map((layer) => layer.dataset['layer']!), dx, dy });
}

/** A widget becomes the plain layers that it is drawn from. */
async function openWidget(): Promise<void> {
    const [id] = selection.layers;
    if (!id) return;
    const { screen } = selection;
    try {
        const group = await send<object>(urls['parts']!.replace('LAYER', bare(id)));
        const answer = await server.edit({ type: 'replace-layer', screen: screen || null, layer: bare(id), with: group, seed: fresh(), step: 'Open' });
        if (answer) selection.pick(answer.added, screen);
    } catch (problem) {
        if (problem instanceof Problem) onProblem(problem);
    }
}

/* Looking */

function everything(): Box | null {
    const boxes = picture.screens().map((screen) => picture.screenBox(screen.dataset['screen']!));
    const loose = [...picture.stage.querySelectorAll('.loose > [data-layer]')].map((layer) => picture.bounds(layer));
    return boxes.length + loose.length === 0 ? null : around([...boxes, ...loose].flatMap(corners));
}

/** What was fitted last: the same selection again fits the wall. */
let fitted = '';
function fit(): void {
    const bounds = selection.bounds();
    const selected = [...selection.layers, ...selection.screens].join(' ');
    const near = bounds !== null && fitted !== selected;
    fitted = near ? selected : '';
    const box = near ? bounds : everything();
    if (box) camera.fit(box);
}

function reveal(box: Box): void {
    const seen = camera.window();
    if (box.x < seen.x || box.y < seen.y || box.x + box.width > seen.x + seen.width) camera.fit(around([...corners(box), ...corners(everything() ?? box)]));
}

/** Tab goes through the layers of the screen, in drawing order. */
function step(by: number): void {
    const root = selection.screen === '' ? picture.stage.querySelector('.loose') : picture.screen(selection.screen)?.querySelector('svg');
    const place = selection.group ? picture.layer(selection.group) : root;
    const layers = [...(place?.querySelectorAll<SVGGElement>(':scope > [data-layer]:not([data-locked])') ?? [])];
    if (layers.length === 0) return;
    const at = layers.findIndex((layer) => layer.dataset['layer'] === selection.layers[0]);
    const next = layers[(at + by + layers.length) % layers.length]!;
    selection.pick([next.dataset['layer']!], selection.screen);
}

/* Keys and buttons */

const actions: Record<string, () => void> = {
    pick: () => take('pick'),
    screen: () => (document.getElementById('devices') as HTMLDialogElement).showModal(),
    shape: () => takeShape(1),
    words: () => take('words'),
    icon: () => (document.getElementById('icons') as HTMLDialogElement).showModal(),
    picture: () => document.getElementById('picture-file')!.click(),
    thread: () => take('thread'),
    fit,
    apart: () => {
        together.stop();
        overlay.show();
    },
    grid: () => rulers.toggle(),
    note: () => take('note'),
    notes: () => {
        if (notes.open) notes.close();
        else void notes.show();
        showNotes();
    },
    needs: () => {
        document.querySelector('[data-act=needs]')!.setAttribute('aria-pressed', 'true');
        needs.toggle();
    },
    threads: () => {
        overlay.showThreads = !overlay.showThreads;
        localStorage.setItem('kindred.threads', overlay.showThreads ? 'on' : 'off');
        document.querySelector('[data-act=threads]')?.setAttribute('aria-pressed', String(overlay.showThreads));
        overlay.show();
    },
    'zoom-in': () => camera.zoomCentre(1.25),
    'zoom-out': () => camera.zoomCentre(0.8),
    undo: () => void server.undo(),
    redo: () => void server.redo(),
    widget: () => {
        if (kit.open) kit.close();
        else void kit.show();
        take('pick');
    },
    'open-widget': () => void openWidget(),
    ...Object.fromEntries(['rough', 'plain', 'dressed'].map((finish) => [`finish-${finish}`, () => void server.edit({ type: 'set-finish', finish })])),
    group: () => void group(),
    ungroup: () => void ungroup(),
    stack: () => void stack(),
    array: () => void array(),
    duplicate: () => void duplicate(),
    untrace: () => void server.edit({ type: 'set-tracing', screen: selection.screens[0] ?? selection.screen, asset: null }),
    trials: () => {
        if (selection.layers[0]) void trials.open(bare(selection.layers[0]));
    },
    take: () => takes.make(selection.screens[0] ?? selection.screen),
    takes: () => void takes.open(selection.screens[0] ?? selection.screen),
    delete: remove,
    rehearse: () => document.querySelector<HTMLAnchorElement>('a[data-rehearse]')?.click(),
    keys: () => (document.getElementById('keys') as HTMLDialogElement).showModal(),
    facets: () => page.classList.toggle('facets-folded'),
    reel: () => page.classList.toggle('reel-folded'),
};

const keys: Record<string, () => void> = {
    q: actions['pick']!, a: actions['screen']!, A: () => void duplicateScreen(), s: () => takeShape(1), S: () => takeShape(-1), w: actions['words']!, p: actions['picture']!, i: actions['icon']!, k: actions['widget']!, n: actions['note']!,
    g: actions['thread']!, l: actions['stack']!, L: actions['array']!, f: fit, r: actions['rehearse']!, '?': actions['keys']!, Delete: remove, Backspace: remove,
    Tab: () => step(1), 'shift+Tab': () => step(-1),
    ArrowLeft: () => nudgeBy(-1, 0), ArrowRight: () => nudgeBy(1, 0), ArrowUp: () => nudgeBy(0, -1), ArrowDown: () => nudgeBy(0, 1),
    'shift+ArrowLeft': () => nudgeBy(-10, 0), 'shift+ArrowRight': () => nudgeBy(10, 0), 'shift+ArrowUp': () => nudgeBy(0, -10), 'shift+ArrowDown': () => nudgeBy(0, 10),
    'ctrl+z': actions['undo']!, 'ctrl+shift+z': actions['redo']!, 'ctrl+y': actions['redo']!,
    'ctrl+d': () => void duplicate(),
    'ctrl+g': () => void group(), 'ctrl+shift+g': () => void ungroup(), '+': actions['zoom-in']!, '-': actions['zoom-out']!,
    'ctrl+a': () => {
        const root = selection.screen === '' ? null : picture.screen(selection.screen)?.querySelector('svg');
        selection.pick([...(root?.querySelectorAll<SVGGElement>(':scope > [data-layer]:not([data-locked])') ?? [])].map((layer) => layer.dataset['layer']!), selection.screen);
    },
    Enter: () => {
        const layer = selection.elements()[0];
        if (layer && ['text', 'widget'].includes(layer.dataset['kind'] ?? '')) writeIn(layer);
    },
    Escape: () => {
        if (gestures.cancel()) return;
        if (gestures.tool !== 'pick') take('pick');
        else selection.escape();
    },
    ...Object.fromEntries([1, 2, 3, 4, 5].map((n) => [String(n), () => panels.openFacet(n)])),
};

document.addEventListener('keydown', (event) => {
    const target = event.target as Element;
    if (target.closest('input, textarea, select, dialog, [contenteditable]')) return;
    if (event.key === ' ' && !target.closest('button, a, summary')) {
        event.preventDefault();
        gestures.space = true;
        wall.classList.add('panning');
        return;
    }
    if (event.key.toLowerCase() === 'b' && !event.ctrlKey && !event.metaKey) {
        gestures.below = true;
        return;
    }
    if (event.key.toLowerCase() === 'm' && !event.ctrlKey && !event.metaKey) {
        gestures.measure(true);
        return;
    }
    const command = event.ctrlKey || event.metaKey;
    const arrow = event.key.startsWith('Arrow') || event.key === 'Tab';
    if (event.key === 'Tab' && selection.layers.length === 0) return;
    if ((event.key === 'Enter' || arrow) && target.closest('button, a, summary')) return;
    const name = (command ? 'ctrl+' : '') + (event.shiftKey && (arrow || command) ? 'shift+' : '') + (event.key.length === 1 && (command || !event.shiftKey) ? event.key.toLowerCase() : event.key);
    const act = keys[name];
    if (!act) return;
    event.preventDefault();
    act();
});
document.addEventListener('keyup', (event) => {
    if (event.key.toLowerCase() === 'm') gestures.measure(false);
    if (event.key.toLowerCase() === 'b') gestures.below = false;
    if (event.key !== ' ') return;
    gestures.space = false;
    wall.classList.remove('panning');
});

document.addEventListener('click', (event) => {
    const target = event.target as Element;
    const act = target.closest<HTMLElement>('[data-act]')?.dataset['act'];
    if (act) actions[act]?.();
    const kind = target.closest<HTMLElement>('[data-shape]')?.dataset['shape'] as typeof shape | undefined;
    if (kind) take((shape = kind));
    const chosen = target.closest<HTMLElement>('[data-icon]')?.dataset['icon'];
    if (chosen) {
        icon = chosen;
        (document.getElementById('icons') as HTMLDialogElement).close();
        const first = selection.elements()[0];
        if (iconPlace) {
            void server.edit({ type: 'write-widget', screen: iconPlace.screen || null, layer: bare(iconPlace.layer), place: iconPlace.place, words: icon });
            iconPlace = null;
        } else if (document.getElementById('icons')!.dataset['exchange'] !== undefined && first?.dataset['kind'] === 'icon') {
            void server.edit({ type: 'set-field', ...onLayers(), field: 'icon', value: icon, ...panels.inCell() });
        } else take('icon');
        delete document.getElementById('icons')!.dataset['exchange'];
    }
    const device = target.closest<HTMLElement>('[data-device]');
    if (device) {
        (document.getElementById('devices') as HTMLDialogElement).close();
        addScreen(device.dataset['device']!, nextName(), Number(device.dataset['width']), Number(device.dataset['height']));
    }
});

const nextName = (): string => {
    const taken = new Set(picture.screens().map((screen) => screen.querySelector('.screen-name')?.textContent));
    let number = picture.screens().length + 1;
    while (taken.has(`Screen ${number}`)) number++;
    return `Screen ${number}`;
};

document.getElementById('custom-size')!.addEventListener('submit', (event) => {
    const form = event.target as HTMLFormElement;
    const read = (name: string): number => Number((form.elements.namedItem(name) as HTMLInputElement).value);
    addScreen('custom', nextName(), read('width'), read('height'));
});

document.addEventListener('kindred:do', (event) => {
    const what = (event as CustomEvent<string>).detail;
    if (what === 'exchange-icon') {
        document.getElementById('icons')!.dataset['exchange'] = '';
        actions['icon']!();
    } else if (what === 'copies') {
        void showCopies();
    } else if (what === 'devices') {
        void showDevices();
    } else if (what === 'fit') {
        fitted = '';
        fit();
    } else actions[what]?.();
});

document.addEventListener('kindred:sheet', (event) => sheet.open((event as CustomEvent<string>).detail));

const file = document.getElementById('picture-file') as HTMLInputElement;
file.addEventListener('change', () => {
    for (const picked of file.files ?? []) void takeFile(picked, null);
    file.value = '';
});
wall.addEventListener('dragover', (event) => {
    if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
});
wall.addEventListener('drop', (event) => {
    if (!event.dataTransfer?.files.length) return;
    event.preventDefault();
    const at = camera.toWall(event);
    [...event.dataTransfer.files].forEach((dropped, i) => void takeFile(dropped, { x: at.x + i * 24, y: at.y + i * 24 }));
});

window.addEventListener('blur', () => {
    gestures.measure(false);
    gestures.below = false;
});
window.addEventListener('focus', () => void server.catchUp());
setInterval(() => {
    if (document.visibilityState === 'visible' && !writer.active) void server.catchUp();
}, 15_000);
window.addEventListener('pagehide', settle);

// A small picture for which the server had no time is asked for again, less and less often.
document.addEventListener('error', (event) => {
    const image = event.target;
    if (!(image instanceof HTMLImageElement) || !image.src.includes('/thumbnail')) return;
    const tries = Number(image.dataset['tries'] ?? 0) + 1;
    image.dataset['tries'] = String(tries);
    if (tries <= 4) setTimeout(() => (image.src = image.src), 1500 * tries);
}, true);

document.getElementById('icons')!.addEventListener('close', () => (iconPlace = null));
wireDialogs();
wireToast();
showEmpty();
showCurrent();
take('pick');
if (!camera.restore()) {
    const whole = everything();
    if (whole) camera.fit(whole, 1);
    else camera.show();
}
stills.rest();
selection.screen = page.dataset['current'] ?? '';
selection.clear();
server.resume();
page.dataset['ready'] = '';
