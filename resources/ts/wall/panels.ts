/** The panels and dialogs of the wall: what each is given, and what opens over what. */
import { HouseDrawer } from '../house/drawer.ts';
import { Libraries } from '../house/libraries.ts';
import { dialog, toast } from '../dialogs.ts';
import { Beside } from './beside.ts';
import { Checks } from './checks.ts';
import { CueList } from './cuelist.ts';
import type { Dropping } from './dropping.ts';
import { Eye } from './eye.ts';
import { Flow } from './flow.ts';
import { Fonts } from './fonts.ts';
import { Icons } from './icons.ts';
import { KitPanel } from './kit.ts';
import type { Looking } from './looking.ts';
import { Made } from './made.ts';
import type { Making } from './making.ts';
import { Matching } from './matching.ts';
import { Needs } from './needs.ts';
import { Notes } from './notes.ts';
import type { Parts } from './parts.ts';
import { Rulers } from './rulers.ts';
import { DataSheet } from './sheet.ts';
import { Stress } from './stress.ts';
import { startOf } from './surroundings.ts';
import { Takes } from './takes.ts';
import type { Threads } from './threads.ts';
import type { Tools } from './tools.ts';
import { Trials } from './trials.ts';

export interface Around {
    wall: HTMLElement;
    threads: Threads;
    looking: Looking;
    tools: Tools;
    making: Making;
    dropping: Dropping;
}

export type Panels = ReturnType<typeof panels>;

const press = (act: string, on: boolean): void => document.querySelector(`[data-act=${act}]`)?.setAttribute('aria-pressed', String(on));

export function panels(on: Parts, { wall, threads, looking, tools, making, dropping }: Around) {
    const { urls, camera, picture, selection, overlay, server, facets } = on;
    const place = (id: string): HTMLElement => document.getElementById(id)!;
    const page = place('wall-page');
    const goTo = (screen: string, layer?: string): void => looking.goTo(screen, layer);
    const uncover = (): void => looking.uncover();

    const notes = new Notes(place('notes'), place('marks'), picture, camera, urls['notes']!, (screen, layer) => {
        if (layer && picture.layer(layer)) selection.pick([layer], screen);
        const box = screen ? picture.screenBox(screen) : null;
        if (box) camera.fit(box, 1);
    });
    const needs = new Needs(place('needs'), place('lights'), picture, camera, selection, server, urls['needs']!);
    notes.turned.add((open) => press('notes', open));
    needs.turned.add((open) => press('needs', open));
    const rulers = new Rulers(wall, camera, picture, selection, overlay, server);
    new Eye(on, goTo);
    const checks = new Checks(on, place('flags'), goTo);
    const house = new HouseDrawer(place('house'), {
        urls: { house: urls['house']!, houseRead: urls['house-read']!, inventory: urls['inventory']!, merge: urls['inventory-merge']!, scheme: urls['scheme']! },
        sequence: () => server.sequence,
        edit: (...commands) => server.edit(...commands),
        opened: (open) => press('house', open),
        colour: (field) => facets.colour(field),
        drawn: () => facets.coloured(),
    });
    const kit = new KitPanel(place('kit'), {
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
    const sheet = new DataSheet(urls, server);
    const beside = new Beside(place('beside'), {
        url: urls['rehearse']!,
        rest: () => server.rest(),
        light: (cue) => threads.light(cue),
        seen: (screen) => picture.screen(screen) && camera.reveal(picture.screenBox(screen)),
        moved: uncover,
    });
    camera.covered = () => {
        const wide = (id: string): number => place(id).offsetWidth;
        return { left: wide('kit'), right: Math.max(wide('notes'), wide('needs'), wide('house'), wide('beside')) };
    };

    const takes = new Takes(dialog('takes'), urls['takes']!, server);
    const flow = new Flow(dialog('flow'), urls['flow']!, server);
    const stress = new Stress(dialog('stress'), on, goTo);
    const trials = new Trials(dialog('trials'), urls['trials']!, server);
    new Matching(dialog('pairs'), urls['pairs']!, server);
    new Icons(dialog('icons'), urls, server);

    return {
        checks, house, kit, needs, notes, rulers, sheet, stress, takes, trials, flow,
        cues: new CueList(dialog('all-cues'), urls['cues']!, server),
        fonts: new Fonts(dialog('fonts'), urls['fonts']!, server),
        libraries: new Libraries(dialog('libraries'), { url: urls['libraries']!, edit: (command) => server.edit(command), catchUp: () => server.catchUp() }),
        made: new Made(on, wall, urls['made']!),
        /** The sheet lies over the foot of the wall: what it belongs to is to be seen above it. */
        openSheet: async (owner: string, entered = true): Promise<void> => {
            const height = await sheet.open(owner, entered);
            const layer = picture.layer(owner);
            if (layer && height > 0) camera.reveal(picture.bounds(layer), 24, height);
        },
        toggle: {
            notes: () => (notes.open ? notes.close() : void notes.show().then(uncover)),
            needs: () => {
                needs.toggle();
                uncover();
            },
            house: () => void house.toggle().then(uncover),
            beside: () => (beside.isOpen ? beside.close() : void beside.open(startOf(selection))),
            kit: () => {
                void kit.show().then(uncover);
                tools.take('pick');
            },
            grid: () => rulers.toggle(),
            threads: () => press('threads', threads.toggle()),
            checks: () => press('checks', checks.toggle()),
            unroll: () => toast(page.classList.toggle('unrolled') ? 'All of what scrolls is shown; Alt+S hides again what lies beyond its window.' : 'What scrolls is cut at its window.'),
            facets: () => page.classList.toggle('facets-folded'),
            reel: () => page.classList.toggle('reel-folded'),
            history: () => document.querySelector<HTMLElement>('[data-opens=history]')?.click(),
        },
    };
}
