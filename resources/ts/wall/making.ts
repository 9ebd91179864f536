/** What is added to the wall: screens, icons, widgets, pictures, and what comes from outside. */
import { toast } from '../dialogs.ts';
import { around, corners, type Point } from './geometry.ts';
import type { Given, KitPanel } from './kit.ts';
import type { Parts } from './parts.ts';
import { fresh, Problem, send } from './server.ts';
import { freshShape, isShape, usualSize } from './shapes.ts';
import type { Tools } from './tools.ts';
import type { Writing } from './writing.ts';

interface Asset { hash: string; width: number; height: number }

/** What a picture that is dropped on it fills. */
const FILLABLE = '[data-kind=box], [data-kind=ellipse], [data-kind=polygon], [data-kind=path], [data-kind=stack]';

export class Making {
    /** The icon in hand, and how wide its lines are, in units of its grid. */
    readonly icons = { inHand: '', line: 2 };

    constructor(private readonly on: Parts) {}

    /** A new screen hangs to the right of all others. */
    screen(device: string, width: number, height: number): void {
        const { picture, selection, server, camera } = this.on;
        const last = picture.screens().at(-1)?.dataset['screen'];
        const id = fresh();
        const select = selection.later();
        void server.edit({ type: 'create-screen', screen: { id, device, width, height, view: height, ground: '#ffffff' } }).then((answer) => select(() => {
            if (!answer) return;
            selection.pickScreens([id]);
            camera.fit(around([id, last ?? id].flatMap((one) => corners(picture.screenBox(one)))), 1);
        }));
    }

    icon(icon: string, screen: string, at: Point, size: number | null): void {
        const side = size ?? 24;
        const corner = size === null ? { x: Math.round(at.x - side / 2), y: Math.round(at.y - side / 2) } : at;
        void this.on.gestures.create(screen, { kind: 'icon', icon, ...(this.icons.line === 2 ? {} : { line: this.icons.line }), name: icon.replaceAll('-', ' '), ...corner, width: side, height: side, fills: [{ colour: '#1e2223' }] });
    }

    /** A widget goes where the pointer was pressed, at its own size or at the one that was drawn. */
    widget({ fresh: layer, bar }: Given, screen: string, at: Point, drawn: { width: number; height: number } | null): void {
        // A bar goes to its edge of the screen.
        const docked = bar !== '' && screen !== '';
        // A component is as large as what is in it, unless it is drawn.
        const sizing = layer['kind'] === 'instance' ? { sizing: { width: 'length', height: 'length' } } : {};
        const place = drawn && !docked ? { ...at, ...drawn, ...sizing } : { x: Math.round(at.x - layer.width / 2), y: Math.round(at.y - layer.height / 2) };
        void this.on.gestures.create(screen, { ...layer, ...place }, docked);
    }

    /** Without a pointer: in the middle of what is seen of the current screen, or right below what is selected on it. */
    byKey(kit: KitPanel, writing: Writing, tools: Tools): void {
        const { selection, picture, gestures, camera } = this.on;
        const screen = selection.current;
        const frame = screen ? picture.screenBox(screen) : camera.window();
        const below = selection.layers.length > 0 ? selection.bounds() : null;
        const centred = (width: number, height: number): Point => below
            ? { x: Math.round(below.x - frame.x), y: Math.round(below.y + below.height + 16 - frame.y) }
            : { x: Math.round((frame.width - width) / 2), y: Math.round(Math.min(frame.height, camera.window().height) / 2 - height / 2) };
        const { tool } = gestures;
        if (tool === 'words') {
            tools.take('pick');
            const at = centred(120, 22);
            writing.begin(screen, { x: at.x, y: at.y + 11 }, null);
        } else if (tool === 'icon') {
            const at = centred(24, 24);
            this.icon(this.icons.inHand, screen, at, 24);
        } else if (tool === 'widget') {
            const at = centred(0, 0);
            void kit.give().then((given) => given && this.widget(given, screen, at, null));
        } else if (isShape(tool)) {
            const { width, height } = usualSize(tool);
            const at = centred(width, height);
            void gestures.create(screen, freshShape(tool, { ...at, width, height }, false, gestures.groundAt({ x: frame.x + at.x + width / 2, y: frame.y + at.y + height / 2 })));
        }
    }

    /** Files that were dropped, pasted or chosen, one after another: pictures into the shapes that they were dropped on, as far as there are some, then a drawing or words as layers, anything else as pictures, in order. */
    async files(files: File[], at: Point | null, shapes: SVGElement[] = []): Promise<void> {
        const { selection, picture } = this.on;
        const filling = files.filter((file) => !isWritten(file)).slice(0, shapes.length);
        if (filling.length > 0) selection.pick(shapes.map((shape) => shape.dataset['layer']!), picture.screenOf(shapes[0]!));
        for (const [i, file] of filling.entries()) await this.fill(shapes[i]!, file);
        files = files.filter((file) => !filling.includes(file));
        const only = selection.layers.length === 1 ? selection.elements()[0] : null;
        const meant = only?.dataset['kind'] === 'picture' && (at === null || picture.holds(only, at));
        if (only && meant && files.length === 1 && !isWritten(files[0]!)) return this.replacePicture(only.dataset['layer']!, files[0]!);
        for (const [i, file] of files.entries()) {
            const place = at && { x: at.x + i * 24, y: at.y + i * 24 };
            if (isWritten(file)) await this.bring(await file.text(), place, file.name.replace(/\.[^.]*$/, '').slice(0, 60) || 'a file', /\.(csv|tsv)$/i.test(file.name));
            else await this.picture(file, place, i);
        }
    }

    /** The shapes that a picture dropped at a place fills: the one there, or all that are selected with it, in reading order. */
    shapesAt(event: { clientX: number; clientY: number }): SVGElement[] {
        const { selection, picture } = this.on;
        const hit = document.elementsFromPoint(event.clientX, event.clientY).map((one) => one.closest<SVGElement>('.stage [data-layer]')).find((one) => one !== null);
        const layer = hit && hit.matches(FILLABLE) && !hit.hasAttribute('data-locked') ? hit : null;
        if (!layer) return [];
        const chosen = selection.elements().filter((one) => one.matches(FILLABLE) && !one.hasAttribute('data-locked'));
        if (!chosen.some((one) => one === layer)) return [layer];
        const place = (one: SVGGraphicsElement): DOMRect => picture.onWindow(one);
        return chosen.sort((a, b) => (place(a).bottom <= place(b).top ? -1 : place(b).bottom <= place(a).top ? 1 : place(a).left - place(b).left));
    }

    private async fill(layer: SVGElement, file: File): Promise<void> {
        const { server, picture } = this.on;
        try {
            const asset = await this.upload(file);
            await server.edit({ type: 'change-paint', screen: picture.screenOf(layer) || null, layers: [layer.dataset['layer']!], paint: 'fills.0', asset: asset.hash });
        } catch (problem) {
            this.on.problem(problem instanceof Problem ? problem : new Problem('The picture could not be sent; nothing was changed.', 0, ''));
        }
    }

    /** Another picture in the same box. */
    async replacePicture(layer: string, file: File): Promise<void> {
        const { server, selection } = this.on;
        try {
            const { screen } = selection;
            const asset = await this.upload(file);
            await server.edit({ type: 'set-field', screen: screen || null, layers: [layer], field: 'asset', value: asset.hash });
        } catch (problem) {
            this.on.problem(problem instanceof Problem ? problem : new Problem('The picture could not be sent; nothing was changed.', 0, ''));
        }
    }

    /** A picture is chosen and sent; its hash, or null where that was given up. */
    async choose(): Promise<string | null> {
        const input = document.getElementById('paint-file') as HTMLInputElement;
        const file = await new Promise<File | null>((done) => {
            const stop = new AbortController();
            const end = (): void => {
                stop.abort();
                done(input.files?.[0] ?? null);
                input.value = '';
            };
            for (const kind of ['change', 'cancel']) input.addEventListener(kind, end, { signal: stop.signal });
            input.click();
        });
        if (file === null) return null;
        try {
            return (await this.upload(file)).hash;
        } catch (problem) {
            this.on.problem(problem instanceof Problem ? problem : new Problem('The picture could not be sent; nothing was changed.', 0, ''));
            return null;
        }
    }

    private upload(file: File): Promise<Asset> {
        const form = new FormData();
        form.append('picture', file);
        return send<Asset>(this.on.urls['assets']!, form);
    }

    private async picture(file: File, at: Point | null, nth: number): Promise<void> {
        const { selection, picture, gestures, camera } = this.on;
        try {
            const screen = at ? gestures.screenAt(at) : selection.screens[0] || selection.screen || picture.screens()[0]?.dataset['screen'] || '';
            const asset = await this.upload(file);
            const frame = screen === '' ? { ...(at ?? camera.window()), width: 480, height: 480 } : picture.screenBox(screen);
            const room = { width: frame.width * (at ? 0.6 : 1), height: Math.min(frame.height, frame.width) };
            const factor = Math.min(1, room.width / asset.width, room.height / asset.height);
            const [width, height] = [Math.max(1, Math.round(asset.width * factor)), Math.max(1, Math.round(asset.height * factor))];
            const corner = at
                ? { x: Math.round(at.x - (screen ? frame.x : 0) - width / 2), y: Math.round(at.y - (screen ? frame.y : 0) - height / 2) }
                : { x: Math.round((frame.width - width) / 2) + nth * 24, y: (screen ? 0 : Math.round(frame.y)) + nth * 24 };
            await gestures.create(screen, { kind: 'picture', asset: asset.hash, name: file.name.replace(/\.[^.]*$/, '').slice(0, 60).trim() || 'Picture', ...corner, width, height }, at === null);
        } catch (problem) {
            this.on.problem(problem instanceof Problem ? problem : new Problem('The picture could not be sent; nothing was added.', 0, ''));
        }
    }

    /** SVG, a table or words from outside become layers, in the middle of what is seen of the screen or at a place on the wall. */
    async bring(text: string, at: Point | null, name: string, table = false): Promise<void> {
        const { selection, picture, gestures, camera, server, urls } = this.on;
        const screen = at ? gestures.screenAt(at) : selection.screen;
        const frame = screen === '' ? { ...(at ?? camera.window()), width: 480, height: 480 } : picture.screenBox(screen);
        try {
            const brought = await send<{ layers: { x: number; y: number }[]; width: number; height: number; left: string[] }>(urls['paste']!, { text, room: Math.max(40, frame.width - 48), table });
            const corner = at
                ? { x: Math.round(at.x - (screen ? frame.x : 0) - brought.width / 2), y: Math.round(at.y - (screen ? frame.y : 0) - brought.height / 2) }
                : { x: Math.round((frame.width - brought.width) / 2) + (screen ? 0 : frame.x), y: Math.round(Math.max(0, Math.min(120, (frame.height - brought.height) / 2))) + (screen ? 0 : frame.y) };
            const layers = brought.layers.map((layer) => ({ ...layer, x: layer.x + corner.x, y: layer.y + corner.y }));
            const select = selection.later();
            const answer = await server.edit({ type: 'create-layers', screen: screen || null, layers, seed: fresh(), step: `Import ${name}`, docked: at === null });
            select(() => answer && selection.pick(answer.added, screen));
            if (brought.left.length > 0) toast(`${brought.left.join('. ')}.`);
        } catch (problem) {
            this.on.problem(problem instanceof Problem ? problem : new Problem('It could not be read; nothing was added.', 0, ''));
        }
    }
}

const isWritten = (file: File): boolean => /^(image\/svg\+xml|text\/)/.test(file.type) || /\.(svg|txt|csv|tsv)$/i.test(file.name);
