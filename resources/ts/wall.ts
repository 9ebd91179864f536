/** The wall: brings its parts together. Each part says itself what it listens to. */
import { Behind } from './behind.ts';
import { dialog, wireDialogs, wireToast } from './dialogs.ts';
import { showState } from './saved.ts';
import { watchSmall } from './small.ts';
import { spreading } from './wall/across.ts';
import { explain, follow } from './wall/answers.ts';
import { Asking } from './wall/asking.ts';
import { nextStep, rehearsed } from './wall/beginning.ts';
import { Camera } from './wall/camera.ts';
import { Carrying } from './wall/carrying.ts';
import { Clipboard } from './wall/clipboard.ts';
import { Commands } from './wall/commands.ts';
import { contrastAt } from './wall/contrast.ts';
import { Curving } from './wall/curving.ts';
import { Drawing } from './wall/drawing.ts';
import { Dropping } from './wall/dropping.ts';
import { Editing } from './wall/editing.ts';
import { showParts } from './wall/entered.ts';
import { Facets } from './wall/facets.ts';
import { takeFiles } from './wall/files.ts';
import { Find } from './wall/find.ts';
import { goTo } from './wall/found.ts';
import { Gestures } from './wall/gestures.ts';
import { Gradients } from './wall/gradients.ts';
import { Inside } from './wall/inside.ts';
import { Keyboard } from './wall/keyboard.ts';
import { KeyList } from './wall/keylist.ts';
import { Laid } from './wall/laid.ts';
import { Looking } from './wall/looking.ts';
import { makers } from './wall/makers.ts';
import { Making } from './wall/making.ts';
import { Masks } from './wall/masks.ts';
import { Menu } from './wall/menu.ts';
import { Nudging } from './wall/nudging.ts';
import { Overlay } from './wall/overlay.ts';
import { panels as open } from './wall/panels.ts';
import { Partners } from './wall/partners.ts';
import type { Parts } from './wall/parts.ts';
import { Pending } from './wall/pending.ts';
import { Picture } from './wall/picture.ts';
import { pointedAt } from './wall/pointed.ts';
import { Points } from './wall/points.ts';
import { Reel } from './wall/reel.ts';
import { register } from './wall/register.ts';
import { Rounding } from './wall/rounding.ts';
import { Selection } from './wall/selection.ts';
import { send, Server } from './wall/server.ts';
import { SettingOptions } from './wall/setting.ts';
import { isShape } from './wall/shapes.ts';
import { Shaping } from './wall/shaping.ts';
import { wireSight } from './wall/sight.ts';
import { Stills } from './wall/stills.ts';
import { Styling } from './wall/styling.ts';
import { foldMasthead, leadTo, showEmpty, ZoomField } from './wall/surroundings.ts';
import { Taking } from './wall/taking.ts';
import { Threads } from './wall/threads.ts';
import { Together } from './wall/together.ts';
import { Tools } from './wall/tools.ts';
import { watchUnseen } from './wall/unseen.ts';
import { Writer } from './wall/words.ts';
import { Writing } from './wall/writing.ts';

const page = document.getElementById('wall-page')!;
const wall = document.getElementById('wall')!;
const stage = document.getElementById('stage')!;
const drawing = document.getElementById('overlay') as unknown as SVGSVGElement;
const urls = JSON.parse(page.dataset['urls']!) as Record<string, string>;
const project = page.dataset['project']!;

/* What is seen */

const picture = new Picture(stage);
watchUnseen(stage, picture);
new Behind(document.body);
new Masks(stage);
const selection = new Selection(picture);
const camera = new Camera(wall, stage, `kindred.camera.${project}`);
new ZoomField(camera);
const stills = new Stills(camera, picture, urls, () => (selection.layers.length > 0 ? [selection.screen] : []));
selection.changed.add(() => {
    // What is picked in the outline may lie on a screen whose layers are not here yet.
    if (picture.isAbsent(selection.screen) && selection.layers.length > 0) stills.need(selection.screen);
});
const overlay = new Overlay(drawing, camera, picture, selection);
selection.changed.add(() => {
    showParts(picture, selection);
    leadTo(urls['rehearse']!, selection);
});
wireSight(wall, project);

/* What is said to the server, and what it says */

const server = new Server(urls, Number(page.dataset['sequence']), new Pending(page.dataset['pending']!, localStorage), (answer) => follow(answer, parts, { panels, reel, stills, tools, edited }), (problem) => parts.problem(problem), showState);
/** Tells rehearsals in other windows of this browser. */
const edited = new BroadcastChannel(`kindred.edited.${project}`);
const facets = new Facets(urls['facets']!, picture, selection, server, {
    trying: () => overlay.showSelection(),
    used: urls['colours']!,
    tokens: urls['choices']!,
    picture: () => making.choose(),
    subject: () => selection.frame(),
    pick: () => taking.take(),
    contrast: contrastAt(urls['contrast']!),
});
overlay.followed.add(() => facets.frame());
const reel = new Reel(urls['reel']!, selection, server);
new Laid(drawing, camera, picture, selection, overlay, (...some) => server.edit(...some), (screen) => urls['still']!.replace('SCREEN', screen));
const threads = new Threads(drawing, camera, picture, selection, overlay);

/* The hand */

const gestures = new Gestures(wall, camera, picture, selection, overlay, server, urls['snap']!);
const parts: Parts = { urls, camera, picture, selection, overlay, server, facets, gestures, problem: (problem) => explain(problem, parts) };
const tools = new Tools(gestures, wall, () => nextStep(picture));
const looking = new Looking(parts);
const making = new Making(parts);
const dropping = new Dropping(parts);
const panels = open(parts, { wall, threads, looking, tools, making, dropping });
const { kit } = panels;
reel.renewed.add(() => panels.checks.badges());
stills.loaded.add(() => {
    overlay.show();
    panels.notes.draw();
    panels.needs.draw();
});

const taking = new Taking(wall, camera, picture, () => gestures, { screen: urls['screen-png']!, loose: urls['cut-out-png']! });
const carrying = new Carrying(dialog('icons'), parts, dropping, making, () => tools.take('pick'));
const inside = new Inside(parts);
const rounding = new Rounding(parts);
const shaping = new Shaping(parts);
const points = new Points(parts, document.getElementById('facets')!, () => facets.path());
const curving = new Curving(parts, (screen, layer) => void gestures.create(screen, layer));
const gradients = new Gradients(parts, () => facets.gradient(), (paint, stop) => facets.colourStop(paint, stop));
// The pencil stays in hand: one stroke comes after another.
const byHand = new Drawing(parts, (screen, layer) => void gestures.create(screen, layer).then(() => tools.take('draw')));
tools.taken.add((tool) => {
    if (tool !== 'widget') kit.letGo();
    // Another tool in hand ends the path that is under way.
    if (tool !== 'curve') curving.end(false);
});

const nudging = new Nudging(parts);
const together = new Together(wall);
server.settle = () => nudging.settle();
server.spread = spreading(parts, together);
overlay.mates = (id) => together.mates(id);

const writer = new Writer(camera, wall);
new SettingOptions(writer, (field) => facets.colour(field));
const writing = new Writing({
    urls, picture, selection, server, writer, inCell: (layer) => facets.apartOf([layer]), create: (screen, layer) => void gestures.create(screen, layer),
    reveal: () => facets.reveal('widget'), chooseIcon: (screen, layer, place) => asking.icons({ screen, layer, place }), problem: parts.problem,
});
new Partners(parts, (layer) => writing.edit(layer));
const hold = (icon: string, line = 2): void => {
    Object.assign(making.icons, { inHand: icon, line });
    tools.take('icon');
};
const asking = new Asking(parts, making, together, hold);
const editing = new Editing(parts, (array) => void panels.openSheet(array, false));
new Clipboard(parts, making);
takeFiles(wall, parts, making, panels.fonts);
gestures.makers = makers(parts, { tools, making, carrying, writing, drawing: byHand, curving, gradients, inside, points, rounding, shaping, stills, threads, panels, uncover: () => looking.uncover() });

/* Commands, from keys, buttons, menus and Find */

const commands = new Commands(register({
    parts, editing, looking, nudging, making, asking, tools, writing, styling: new Styling(parts), inside, points, curving, together, panels,
    keys: () => keyList.show(),
    find: () => find.open(),
    menu: () => menu.show(null),
}), JSON.parse(page.dataset['keys'] ?? '{}') as Record<string, string[]>);
new Keyboard(commands, gestures, selection, wall);
const keyList = new KeyList(commands, (own) => void send(urls['keys']!, own).catch(parts.problem));
const find = new Find(urls['find']!, commands, (hit) => goTo(hit, { looking, commands, panels, hold, brief: urls['brief']! }));
const menu = new Menu(wall, commands, (at) => pointedAt(parts, at), (id, screen) => selection.pick([id], screen));

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
    looking.goTo(screen, layer);
});
document.addEventListener('kindred:sheet', (event) => void panels.openSheet((event as CustomEvent<string>).detail));

/* Others, and the end */

window.addEventListener('focus', () => void server.catchUp());
setInterval(() => {
    if (document.visibilityState === 'visible' && !writer.active) void server.catchUp();
}, 15_000);
window.addEventListener('pagehide', () => writer.finish());

/* The beginning */

wireDialogs();
wireToast();
watchSmall(document.getElementById('reel')!);
foldMasthead((narrow) => (gestures.reading = narrow));
showEmpty(picture);
tools.take('pick');
looking.begin();
stills.rest();
selection.keepIn(sessionStorage, `kindred.selection.${project}`, page.dataset['current'] ?? '');
// Whoever comes from a rehearsal wants the screen that it was on.
if (picture.screen(location.hash.slice(1))) {
    looking.at(location.hash.slice(1));
    history.replaceState(null, '', location.pathname);
}
panels.checks.follow();
server.resume();
panels.notes.resume();
page.dataset['ready'] = '';
// What was pressed before (public/early.js) is done now.
window.dispatchEvent(new Event('wall-ready'));
