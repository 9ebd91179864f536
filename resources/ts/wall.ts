/** The wall: brings its parts together. */
import { Behind } from './behind.ts';
import { HouseDrawer } from './house/drawer.ts';
import { Libraries } from './house/libraries.ts';
import { toast, wireDialogs, wireToast } from './dialogs.ts';
import { showState } from './saved.ts';
import { watchSmall } from './small.ts';
import { perScreen } from './wall/across.ts';
import { redrawn, refilled } from './wall/anew.ts';
import { Asking } from './wall/asking.ts';
import { Beside } from './wall/beside.ts';
import { nextStep, rehearsed } from './wall/beginning.ts';
import { Camera } from './wall/camera.ts';
import { alone, copiesOf, layerOf } from './wall/address.ts';
import { Checks } from './wall/checks.ts';
import { Clipboard } from './wall/clipboard.ts';
import { Commands } from './wall/commands.ts';
import { Curving } from './wall/curving.ts';
import { Drawing } from './wall/drawing.ts';
import { Dropping } from './wall/dropping.ts';
import { Editing } from './wall/editing.ts';
import { Eye } from './wall/eye.ts';
import { Facets } from './wall/facets.ts';
import { Find, type Hit } from './wall/find.ts';
import { Gradients } from './wall/gradients.ts';
import { Fonts, isFont } from './wall/fonts.ts';
import { Carrying } from './wall/carrying.ts';
import { Icons } from './wall/icons.ts';
import { Rounding } from './wall/rounding.ts';
import { isShape } from './wall/shapes.ts';
import { Shaping } from './wall/shaping.ts';
import { Gestures } from './wall/gestures.ts';
import { Inside } from './wall/inside.ts';
import { Keyboard } from './wall/keyboard.ts';
import { KeyList } from './wall/keylist.ts';
import { KitPanel } from './wall/kit.ts';
import { Looking } from './wall/looking.ts';
import { Making } from './wall/making.ts';
import { Menu } from './wall/menu.ts';
import { Needs } from './wall/needs.ts';
import { Notes } from './wall/notes.ts';
import { Nudging } from './wall/nudging.ts';
import { Overlay } from './wall/overlay.ts';
import { showParts } from './wall/entered.ts';
import type { Parts } from './wall/parts.ts';
import { Pending } from './wall/pending.ts';
import { Made } from './wall/made.ts';
import { Masks } from './wall/masks.ts';
import { Picture } from './wall/picture.ts';
import { pointedAt } from './wall/pointed.ts';
import { Points } from './wall/points.ts';
import { Reel } from './wall/reel.ts';
import { rename } from './wall/renaming.ts';
import { register } from './wall/register.ts';
import { Rulers } from './wall/rulers.ts';
import { Selection } from './wall/selection.ts';
import type { Answer } from './wall/messages.ts';
import { isHeard, Problem, send, Server } from './wall/server.ts';
import { DataSheet } from './wall/sheet.ts';
import { wireSight } from './wall/sight.ts';
import { Stills } from './wall/stills.ts';
import { Stress } from './wall/stress.ts';
import { Styling } from './wall/styling.ts';
import { foldMasthead, ZoomField } from './wall/surroundings.ts';
import { CueList } from './wall/cuelist.ts';
import { Flow } from './wall/flow.ts';
import { Laid } from './wall/laid.ts';
import { Matching } from './wall/matching.ts';
import { Takes } from './wall/takes.ts';
import { Taking } from './wall/taking.ts';
import { Together } from './wall/together.ts';
import { Tools } from './wall/tools.ts';
import { Threads } from './wall/threads.ts';
import { Trials } from './wall/trials.ts';
import { watchUnseen } from './wall/unseen.ts';
import { Partners } from './wall/partners.ts';
import { SettingOptions } from './wall/setting.ts';
import { Writer } from './wall/words.ts';
import { Writing } from './wall/writing.ts';

const page = document.getElementById('wall-page')!;
const wall = document.getElementById('wall')!;
const urls = JSON.parse(page.dataset['urls']!) as Record<string, string>;
const project = page.dataset['project']!;
/** Tells rehearsals in other windows of this browser. */
const edited = new BroadcastChannel(`kindred.edited.${project}`);
const dialog = (id: string): HTMLDialogElement => document.getElementById(id) as HTMLDialogElement;

/* What is seen */

const picture = new Picture(document.getElementById('stage')!);
watchUnseen(document.getElementById('stage')!, picture);
new Behind(document.body);
new Masks(document.getElementById('stage')!);
const selection = new Selection(picture, () => {
    // What is picked in the outline may lie on a screen whose layers are not here yet.
    if (picture.isAbsent(selection.screen) && selection.layers.length > 0) stills.need(selection.screen);
    overlay.show();
    showParts(picture, selection);
    facets.follow();
    checks.follow();
    reel.mark();
    rulers.follow();
    needs.follow();
    showCurrent();
    sessionStorage.setItem(`kindred.selection.${project}`, JSON.stringify([selection.screen, selection.layers, selection.screens]));
});
const camera = new Camera(wall, picture.stage, `kindred.camera.${project}`, () => {
    stills.follow();
    overlay.follow();
    threads.follow();
    laid.follow();
    inside.show();
    writer.place();
    rulers.follow();
    notes.draw();
    needs.draw();
    checks.draw();
    zoom.show();
}, () => stills.rest());
const zoom = new ZoomField(camera);
const stills = new Stills(camera, picture, urls, () => (selection.layers.length > 0 ? [selection.screen] : []), () => {
    overlay.show();
    notes.draw();
    needs.draw();
});
const drawing = document.getElementById('overlay') as unknown as SVGSVGElement;
const threads = new Threads(drawing, camera, picture, selection);
const laid = new Laid(drawing, camera, picture, selection, (...some) => server.edit(...some), (screen) => urls['still']!.replace('SCREEN', screen));
const overlay = new Overlay(drawing, camera, picture, selection);
overlay.followed = () => facets.frame();

wireSight(wall, project);

/* What is said to the server, and what it says */

const server = new Server(urls, Number(page.dataset['sequence']), new Pending(page.dataset['pending']!, localStorage), onAnswer, onProblem, showState);
const taking = new Taking(wall, camera, picture, () => gestures, { screen: urls['screen-png']!, loose: urls['cut-out-png']! });
const facets = new Facets(urls['facets']!, picture, selection, server, {
    trying: () => overlay.showSelection(),
    shown: () => {
        gradients.hear();
        points.hear();
        partners.show();
        checks.drawn();
        eye.follow();
    },
    used: urls['colours']!,
    tokens: urls['choices']!,
    picture: () => making.choose(),
    subject: () => selection.frame(),
    pick: () => taking.take(),
    contrast: async ({ layers, screens }, field, colour) => {
        const layer = layers.length === 1 && screens.length === 0 ? layers[0]! : null;
        if (layer === null || !/^(fills|strokes)\.\d+\.paint$/.test(field ?? '')) return null;
        const answer = await fetch(`${urls['contrast']!.replace('LAYER', layerOf(layer))}?colour=${encodeURIComponent(colour)}&copies=${copiesOf(layer).join('.')}`);
        return answer.status === 200 ? answer.text() : null;
    },
});
const reel = new Reel(urls['reel']!, selection, server, () => checks.badges());

function onAnswer(answer: Answer): void {
    checks.settle();
    const { reel: arranged, screens, redraw } = picture.patch(answer.patches);
    for (const id of redraw) screens.add(id);
    for (const { project: changed } of answer.patches) if (changed) showFinish(changed.finish);
    selection.prune();
    facets.follow();
    reel.mark();
    stills.changed(screens, answer.sequence);
    void redrawn(parts, [...redraw]);
    if (answer.patches.some((patch) => (patch.project && patch.redraw) || patch.library)) void kit.again();
    if (answer.patches.some((patch) => patch.fonts)) void fonts.changed(answer.sequence);
    void house.again();
    if (answer.patches.some((patch) => patch.samples)) void refilled(parts, picture.withPlaceholders().filter((id) => !redraw.has(id)));
    overlay.show();
    facets.again();
    // Whether a requirement is covered may hang on anything.
    if (arranged || document.querySelector('#reel [data-coverage]') || answer.patches.some((patch) => patch.brief)) reel.again();
    else {
        for (const screen of screens) reel.thumbnail(screen, answer.sequence);
        reel.outlined();
    }
    sheet.follow(answer.patches);
    void needs.load();
    notes.draw();
    needs.draw();
    checks.draw();
    checks.again();
    showEmpty();
    tools.hint();
    document.dispatchEvent(new Event('kindred:edited'));
    edited.postMessage(answer.sequence);
}

function onProblem(problem: unknown): void {
    const said = problem instanceof Problem ? problem : new Problem('That did not work; nothing was changed.', 0, '');
    if (!isHeard(said) && !facets.explain(said)) toast(said.message, true);
    overlay.show();
}

function showFinish(finish: string): void {
    for (const button of document.querySelectorAll<HTMLElement>('[data-finish]')) button.setAttribute('aria-pressed', String(button.dataset['finish'] === finish));
}

function showEmpty(): void {
    document.getElementById('empty')!.hidden = picture.screens().length > 0 || picture.stage.querySelector('.loose [data-layer]') !== null;
}

/** The rehearsal link starts at the current screen. */
function showCurrent(): void {
    const screen = selection.screen || page.dataset['entry'] || '';
    for (const link of document.querySelectorAll<HTMLAnchorElement>('[data-rehearse]')) link.href = `${urls['rehearse']!}${screen ? `?screen=${screen}` : ''}`;
}

const press = (act: string, on: boolean): void => document.querySelector(`[data-act=${act}]`)?.setAttribute('aria-pressed', String(on));
const showNotes = (): void => press('notes', notes.open);

/* The hand */

const writer = new Writer(camera, wall);
new SettingOptions(writer, (field) => facets.colour(field));
const gestures = new Gestures(wall, camera, picture, selection, overlay, server, {
    words: (screen, at, width) => {
        tools.take('pick');
        writing.begin(screen, at, width);
    },
    icon: (screen, at, size) => (size === null ? carrying.place(making.icons.inHand, screen, at) : making.icon(making.icons.inHand, screen, at, size)),
    widget: (screen, box) => {
        void kit.give().then((given) => given && making.widget(given, screen, box, box.width > 8 && box.height > 8 ? box : null));
    },
    note: (screen, at, layer) => {
        tools.take('pick');
        void notes.begin({ screen, layer: layer ? layerOf(layer.getAttribute('data-layer')!) : '', at: { x: at.x, y: at.y } }).then(showNotes).then(uncover);
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
    path: { get active() { return points.active; }, enter: (layer) => points.enter(layer) },
    draw: (event) => drawingByHand.press(event),
    curve: { press: (event) => curving.press(event), hover: (event) => curving.hover(event) },
    inside: {
        get active() { return inside.active; },
        press: (event) => inside.press(event),
        enter: (layer) => inside.enter(layer),
        wheel: (event) => inside.wheel(event),
    },
    thread: (layer, target) => threads.from(layer, target),
    linked: () => facets.reveal('cues'),
    threadAt: (place) => threads.at(place),
    ruler: (axis) => rulers.pull(axis),
    guide: (screen, axis, at) => rulers.move(screen, axis, at),
    over: (screen, pressed) => (pressed ? stills.need(screen) : stills.point(screen)),
    done: () => tools.take('pick'),
}, urls['snap']!);
const tools = new Tools(gestures, wall, () => nextStep(picture), (tool) => {
    if (tool !== 'widget') kit.letGo();
    // Another tool in hand ends the path that is under way.
    if (tool !== 'curve') curving.end(false);
});
const parts: Parts = { urls, camera, picture, selection, overlay, server, facets, gestures, problem: onProblem };
const inside = new Inside(parts);
const made = new Made(parts, wall, urls['made']!);
const rounding = new Rounding(parts);
const shaping = new Shaping(parts);
const points = new Points(parts, document.getElementById('facets')!, () => facets.path());
const curving = new Curving(parts, (screen, layer) => void gestures.create(screen, layer));
// The pencil stays in hand: one stroke comes after another.
const drawingByHand = new Drawing(parts, (screen, layer) => void gestures.create(screen, layer).then(() => tools.take('draw')));
const gradients: Gradients = new Gradients(parts, () => facets.gradient(), (paint, stop) => facets.colourStop(paint, stop));
overlay.followed = () => {
    facets.frame();
    rounding.show();
    shaping.show();
    gradients.show();
    points.show();
    curving.show();
};
overlay.shown = () => {
    threads.show();
    laid.show();
    inside.show();
};
const together = new Together(wall);
server.spread = (commands) => together.spread(perScreen(commands.flatMap((command) => alone(command, facets.inCell.apart === true, facets.inState, (id) => {
    const layer = picture.layer(id);
    return layer && picture.box(layer);
})), (id) => {
    const layer = picture.layer(id);
    return layer && picture.screenOf(layer);
}, (id) => {
    const layer = picture.layer(id);
    return layer && picture.sheetOf(layer);
}));
server.settle = () => nudging.settle();
overlay.mates = (id) => together.mates(id);
const nudging = new Nudging(parts);
const looking = new Looking(parts);
const sheet = new DataSheet(urls, server);
/** The sheet lies over the foot of the wall: what it belongs to is to be seen above it. */
const openSheet = async (owner: string, entered = true): Promise<void> => {
    const height = await sheet.open(owner, entered);
    const layer = picture.layer(owner);
    if (layer && height > 0) camera.reveal(picture.bounds(layer), 24, height);
};
const editing = new Editing(parts, (array) => void openSheet(array, false));
const making = new Making(parts);
new Clipboard(parts, making);
const writing = new Writing({
    urls, picture, selection, server, writer, inCell: (layer) => facets.apartOf([layer]), create: (screen, layer) => void gestures.create(screen, layer),
    reveal: () => facets.reveal('widget'), chooseIcon: (screen, layer, place) => asking.icons({ screen, layer, place }), problem: onProblem,
});
const partners = new Partners(parts, (layer) => writing.edit(layer));
const asking = new Asking(parts, making, together, (name, line) => {
    Object.assign(making.icons, { inHand: name, line });
    tools.take('icon');
});

/* Panels */

const notes = new Notes(document.getElementById('notes')!, document.getElementById('marks')!, picture, camera, urls['notes']!, (screen, layer) => {
    if (layer && picture.layer(layer)) selection.pick([layer], screen);
    const box = screen ? picture.screenBox(screen) : null;
    if (box) camera.fit(box, 1);
});
const stress = new Stress(dialog('stress'), parts, goTo);
const libraries = new Libraries(dialog('libraries'), { url: urls['libraries']!, edit: (command) => server.edit(command), catchUp: () => server.catchUp() });
const eye = new Eye(parts, () => selection.screens[0] ?? selection.screen, goTo);
const checks = new Checks(parts, document.getElementById('flags')!, goTo);
const trials = new Trials(dialog('trials'), urls['trials']!, server);
const takes = new Takes(dialog('takes'), urls['takes']!, server);
const cues = new CueList(dialog('all-cues'), urls['cues']!, server);
const flow = new Flow(dialog('flow'), urls['flow']!, server);
new Matching(dialog('pairs'), urls['pairs']!, server);
new Icons(dialog('icons'), urls, server);
const fonts = new Fonts(dialog('fonts'), urls['fonts']!, server);
const house = new HouseDrawer(document.getElementById('house')!, {
    urls: { house: urls['house']!, houseRead: urls['house-read']!, inventory: urls['inventory']!, merge: urls['inventory-merge']!, scheme: urls['scheme']! },
    sequence: () => server.sequence,
    edit: (...commands) => server.edit(...commands),
    opened: (open) => press('house', open),
    colour: (field) => facets.colour(field),
    drawn: () => facets.coloured(),
});
const needs = new Needs(document.getElementById('needs')!, document.getElementById('lights')!, picture, camera, selection, server, urls['needs']!, () => press('needs', false));
const rulers = new Rulers(wall, camera, picture, selection, overlay, server);
const dropping = new Dropping(parts);
const carrying = new Carrying(dialog('icons'), parts, dropping, making, () => tools.take('pick'));
const kit = new KitPanel(document.getElementById('kit')!, {
    url: urls['kit']!,
    taken: (taken) => tools.take(taken ? 'widget' : 'pick'),
    over: (fresh, event) => {
        const rest = dropping.follow(fresh, event);
        const { left, top } = wall.getBoundingClientRect();
        return rest && { x: rest.view.x + left, y: rest.view.y + top };
    },
    drop: (fresh, bar, event) => {
        const rest = dropping.follow(fresh, event);
        if (rest) making.widget({ fresh, bar }, rest.screen, { x: rest.at.x + fresh.width / 2, y: rest.at.y + fresh.height / 2 }, null);
    },
    dropped: () => dropping.end(),
    scale: () => camera.scale,
});

/* Commands, from keys, buttons, menus and Find */

/** The screen at hand stays in view when a panel opens over the wall. */
const uncover = (): void => {
    const screen = selection.screens[0] ?? selection.screen;
    if (screen) camera.reveal(picture.screenBox(screen));
};
camera.covered = () => {
    const wide = (id: string): number => document.getElementById(id)!.offsetWidth;
    return { left: wide('kit'), right: Math.max(wide('notes'), wide('needs'), wide('house'), wide('beside')) };
};

const beside = new Beside(document.getElementById('beside')!, { url: urls['rehearse']!, rest: () => server.rest(), light: (cue) => threads.light(cue), seen: (screen) => picture.screen(screen) && camera.reveal(picture.screenBox(screen)), moved: () => uncover() });

const current = (): string => selection.screens[0] ?? selection.screen;
const commands = new Commands(register({
    parts, editing, looking, nudging, making, asking, tools, writing, styling: new Styling(parts), inside, points, curving, kit, sheet,
    keys: () => keyList.show(),
    made: () => made.open(),
    fonts: () => void fonts.open(),
    house: () => void house.toggle().then(uncover),
    find: () => find.open(),
    menu: () => menu.show(null),
    panels: {
        notes: () => {
            if (notes.open) notes.close();
            else void notes.show().then(uncover);
            showNotes();
        },
        needs: () => {
            press('needs', true);
            needs.toggle();
            uncover();
        },
        kit: () => {
            void kit.show().then(uncover);
            tools.take('pick');
        },
        grid: () => rulers.toggle(),
        threads: () => press('threads', threads.toggle()),
        unroll: () => toast(page.classList.toggle('unrolled') ? 'All of what scrolls is shown; Alt+S hides again what lies beyond its window.' : 'What scrolls is cut at its window.'),
        checks: () => press('checks', checks.toggle()),
        facets: () => page.classList.toggle('facets-folded'),
        reel: () => page.classList.toggle('reel-folded'),
        history: () => document.querySelector<HTMLElement>('[data-opens=history]')?.click(),
    },
    takes: { make: () => takes.make(current()), compare: () => void takes.open(current()) },
    cues: () => void cues.open(),
    beside: () => (beside.isOpen ? beside.close() : void beside.open(selection.screen || page.dataset['entry'] || '')),
    flow: (show) => void flow.open(show, show === 'paths' ? current() : undefined),
    stress: () => void stress.open(current()),
    libraries: () => void libraries.open(),
    trials: () => {
        if (selection.layers[0]) void trials.open(layerOf(selection.layers[0]));
    },
    apart: () => {
        together.stop();
        overlay.show();
    },
}), JSON.parse(page.dataset['keys'] ?? '{}') as Record<string, string[]>);
new Keyboard(commands, gestures, selection, wall);
const keyList = new KeyList(commands, (own) => void send(urls['keys']!, own).catch(onProblem));
const find = new Find(urls['find']!, commands, found);
const menu = new Menu(wall, commands, (at) => pointedAt(parts, at), (id, screen) => selection.pick([id], screen));

/** Picks a screen, or a layer on one, and looks at it. */
function goTo(screen: string, layer?: string): void {
    if (!layer) {
        selection.pickScreens([screen]);
        return looking.fitScreen();
    }
    selection.pick([layer], screen);
    const bounds = selection.bounds();
    const frame = screen ? picture.screenBox(screen) : bounds;
    if (frame) camera.fit(frame, 1);
    if (bounds) camera.reveal(bounds);
}

/** Jumps to what was found, takes it in hand, or does it. */
function found(hit: Hit): void {
    const go: Record<Hit['kind'], () => void> = {
        layer: () => goTo(hit.screen ?? '', hit.id),
        screen: () => goTo(hit.id),
        command: () => void commands.run(hit.id),
        widget: () => void kit.show(hit.id),
        icon: () => {
            Object.assign(making.icons, { inHand: hit.id, line: 2 });
            tools.take('icon');
        },
        requirement: () => location.assign(`${urls['brief']!}?q=${encodeURIComponent(hit.title)}`),
        note: () => void notes.go(hit.id).then(showNotes),
    };
    go[hit.kind]();
}

document.addEventListener('click', (event) => {
    const target = event.target as Element;
    if (target.closest('a[data-rehearse]')) rehearsed();
    const act = target.closest<HTMLElement>('[data-act]')?.dataset['act'];
    // The key always leads into the kit; its button opens and closes it.
    if (act === 'widget' && kit.open) kit.close();
    else if (act) commands.run(act);
    const shape = target.closest<HTMLElement>('[data-shape]')?.dataset['shape'];
    if (isShape(shape)) tools.take(shape);
});
document.addEventListener('kindred:do', (event) => void commands.run((event as CustomEvent<string>).detail));
document.addEventListener('kindred:go', (event) => {
    const { screen, layer } = (event as CustomEvent<{ screen: string; layer?: string }>).detail;
    goTo(screen, layer);
});
document.addEventListener('kindred:sheet', (event) => void openSheet((event as CustomEvent<string>).detail));

/* Files */

const file = document.getElementById('picture-file') as HTMLInputElement;
file.addEventListener('change', () => {
    void making.files([...file.files ?? []], null);
    file.value = '';
});
wall.addEventListener('dragover', (event) => {
    if (!event.dataTransfer?.types.includes('Files')) return;
    event.preventDefault();
    // With Alt it is placed on a shape, not in it.
    overlay.lights(event.altKey ? [] : making.shapesAt(event));
});
wall.addEventListener('dragleave', () => overlay.lights([]));
wall.addEventListener('drop', (event) => {
    if (!event.dataTransfer?.files.length) return;
    event.preventDefault();
    overlay.lights([]);
    const files = [...event.dataTransfer.files];
    const typefaces = files.filter(isFont);
    if (typefaces.length > 0) void fonts.take(typefaces);
    if (typefaces.length < files.length) void making.files(files.filter((one) => !isFont(one)), camera.toWall(event), event.altKey ? [] : making.shapesAt(event));
});

/* Others, and the end */

window.addEventListener('focus', () => void server.catchUp());
setInterval(() => {
    if (document.visibilityState === 'visible' && !writer.active) void server.catchUp();
}, 15_000);
window.addEventListener('pagehide', () => nudging.settle());

wireDialogs();
wireToast();
watchSmall(document.getElementById('reel')!);
foldMasthead((narrow) => (gestures.reading = narrow));
showEmpty();
tools.take('pick');
camera.keeps = () => looking.everything() !== null;
if (!camera.restore()) {
    const whole = looking.everything();
    if (whole) camera.fit(whole, 1);
    else camera.show();
}
stills.rest();
selection.restore(sessionStorage.getItem(`kindred.selection.${project}`), page.dataset['current'] ?? '');
// Whoever comes from a rehearsal wants the screen that it was on.
if (picture.screen(location.hash.slice(1))) {
    looking.at(location.hash.slice(1));
    history.replaceState(null, '', location.pathname);
}
checks.follow();
server.resume();
page.dataset['ready'] = '';
// What was pressed before (public/early.js) is done now.
window.dispatchEvent(new Event('wall-ready'));
