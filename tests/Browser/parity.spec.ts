/** Where PHP and the browser must say the same: text widths, easing curves, and where a rehearsal stands. */
import { expect } from '@playwright/test';
import { Machine, type Happening } from '../../resources/ts/player/machine.ts';
import type { CueRow, Deed, Over, Plan, SignalRow, State, Table, Test, Value } from '../../resources/ts/player/table.ts';
import { signIn, test } from './support/hand.ts';
import { ask } from './support/php.ts';
import { rounds } from './support/random.ts';
import { widestGaps } from './support/widths.ts';

for (const tracking of [0, 0.05]) {
    test(`text is as wide as in Chromium, tracking ${tracking} em`, async ({ page }) => {
        await signIn(page);
        const worst = await widestGaps(page, tracking, rounds(300));
        expect(worst.length).toBe(68);
        expect(worst.filter((one) => one.by > 0.1)).toEqual([]);
    });
}

/** Numbers below a bound, at random but always the same (Park and Miller 1988, with the multiplier of 1993). */
function drawing(seed: number): Draw {
    return (below) => {
        seed = (seed * 48_271) % 2_147_483_647;
        return seed % below;
    };
}

/** A programme without widgets. */
const silent = { programme: 8, signals: {}, widgets: {}, words: {}, axes: {}, turns: {}, shifts: {}, matches: {}, becomes: { flights: [], of: {}, widgets: {}, plan: null }, pressing: { touch: 10, pointer: 4, double: 300, near: 24, throw: 0.5, flick: 0.3, reach: 30, trail: 100 }, patterns: { number: String.raw`-?\d{1,3}(?:,\d{3})+(?:\.\d+)?|-?\d+(?:\.\d+)?`, day: { as: 'date' }, month: { as: 'date' } } };

interface End { screen: string | null; over: string[]; done: string[]; trail: string[]; plan: Plan | null; turns: Record<string, Record<string, string>>; values: Record<string, unknown>; words: string[]; messages: string[] }

/** Where a machine stands, and what it shows. */
function stand(machine: Machine): End {
    return {
        screen: machine.screen, over: machine.over, done: machine.done, trail: machine.trail.map((step) => step.screen ?? ''), plan: machine.plan, turns: { ...machine.turns },
        values: machine.values.all(),
        words: Object.keys(machine.table.words).map((words) => machine.values.words(words)),
        messages: Object.keys(machine.table.widgets).map((widget) => machine.values.message(widget)),
    };
}

const TRIGGERS = ['tap', 'double-tap', 'long-press', 'swipe', 'drag', 'pull', 'press', 'release', 'pointer-enter', 'pointer-leave', 'focus', 'blur'];
const WAITS = ['key', 'spoken', 'open', 'delay', 'delay', 'signal'];
const WAYS = ['left', 'right', 'up', 'down'];
const SIGNALS: Table['signals'] = Object.fromEntries(Object.entries({ lit: true, shelf: 1, glazes: [0, 2], pieces: 3, name: 'maren', day: null as Value }).map(([name, start]): [string, SignalRow] => {
    const items = name === 'shelf' || name === 'glazes' ? ['Top, 12', 'Middle', 'Low 3'] : [];
    return [name, { kind: { lit: 'on', shelf: 'one', glazes: 'several', pieces: 'number', name: 'text', day: 'date' }[name]!, start, month: null, min: 0, max: 10, step: 0.5, labels: items, parts: { value: items.map((one) => one.replaceAll(/\D/g, '')) } }];
}));
type Draw = (below: number) => number;
const one = <T>(next: Draw, of: readonly T[]): T => of[next(of.length)]!;
const several = <T>(next: Draw, most: number, make: () => T): T[] => Array.from({ length: next(most + 1) }, make);
const layers = (next: Draw): string[] => [...new Set(several(next, 3, () => `layer${next(4)}`)), ''];

/** A pseudo-random programme: screens that lie over each other, cues with all triggers, conditions and actions. */
function randomTable(next: Draw): Table {
    const ids = Array.from({ length: 2 + next(5) }, (_, i) => `screen${i}`);
    const cues: CueRow[] = [];
    const instances = (): string[] => several(next, 2, () => `use${next(4)}`);
    const plan = (): Plan | null => next(4) === 0 ? null : { duration: next(500), delay: next(200), easing: 'ease', above: 'arriving', tracks: [{ subject: 'arriving', property: 'opacity', times: [0, 1], values: [0, next(9)] }] };
    const signal = (): string => one(next, [...Object.keys(SIGNALS), 'serial', 'today', 'gone']);
    const value = (): string => one(next, ['on', 'Middle', 'Top, 12', '3', '4.5', 'maren', '', 'mar', 'yes', '12']);
    const compared = (): Test => ({ kind: 'signal', signal: signal(), part: one(next, ['', '', 'value', 'count']), compare: one(next, ['is', 'is-not', 'over', 'at-least', 'under', 'at-most', 'has', 'has-not', 'filled', 'empty']), value: next(5) === 0 ? 19_000 + next(3) : value(), to: next(4) === 0 ? signal() : '' });
    const test = (): Test => one(next, [compared, compared, compared, (): Test => ({ kind: 'state', axis: `axis${next(3)}`, state: `state${next(3)}`, not: next(2) === 0, ...(next(2) === 0 ? { instance: `use${next(4)}` } : {}) }), (): Test => ({ kind: 'fields', not: next(2) === 0 })])();
    const set = (): Deed => one<() => Deed>(next, [
        () => ({ kind: 'value', signal: 'lit', value: next(2) === 0 }), () => ({ kind: 'value', signal: 'shelf', value: next(4) - 1 }), () => ({ kind: 'value', signal: 'glazes', value: [next(3)] }), () => ({ kind: 'value', signal: 'pieces', value: next(30) / 3 }),
        () => ({ kind: 'value', signal: 'name', value: value() }), () => ({ kind: 'value', signal: 'day', value: 19_000 + next(3) }), () => ({ kind: 'value', signal: signal(), by: next(9) - 4 }),
        () => ({ kind: 'value', signal: signal(), steps: next(3) === 0 ? [{ do: 'read', signal: signal(), part: '' }] : [{ do: 'read', signal: signal(), part: '' }, { do: 'put', number: next(7) }, { do: one(next, ['add', 'subtract', 'multiply', 'divide']) }] }),
    ])();
    const deed = (): Deed => one<() => Deed>(next, [
        () => ({ kind: 'show', screen: one(next, ids), plan: plan(), inverse: plan() }), () => ({ kind: 'show', screen: one(next, ids), plan: plan(), inverse: plan() }),
        () => ({ kind: 'lay-over', screen: one(next, ids), plan: plan(), inverse: plan() }), () => ({ kind: 'lay-over', screen: one(next, ids), plan: null, inverse: null }),
        () => ({ kind: 'take-off', plan: plan(), inverse: plan() }), () => ({ kind: 'replace', screen: one(next, ids), plan: plan(), inverse: plan() }),
        () => ({ kind: 'return', plan: plan(), inverse: null, ...(next(3) === 0 ? { to: one(next, ids) } : next(3) === 0 ? { first: true } : {}) }),
        () => ({ kind: 'state', axis: `axis${next(3)}`, state: next(2) === 0 ? null : `state${next(3)}`, ...(next(3) === 0 ? { instance: `use${next(4)}` } : {}) }), set, set, () => ({ kind: one(next, ['scroll', 'focus']), layer: `layer${next(4)}` }),
    ])();
    const trigger = (kind: string): CueRow['trigger'] => {
        switch (kind) {
            case 'long-press': return { kind, press: 100 + next(600) };
            case 'swipe': return { kind, direction: one(next, WAYS) };
            case 'pull': return { kind, distance: 20 + next(100) };
            case 'drag': return { kind, direction: one(next, WAYS), distance: 50 + next(300) };
            case 'key': return { kind, key: one(next, ['A', 'Ctrl+B']) };
            case 'spoken': return { kind, phrase: one(next, ['kiln', 'open the kiln']) };
            case 'delay': return { kind, delay: next(3) === 0 ? 0 : next(2000) };
            case 'signal': return { kind, reaches: compared() };
            default: return { kind };
        }
    };
    const add = (kind: string): number => cues.push({
        id: `cue${cues.length}`, trigger: trigger(kind), conditions: several(next, 1, () => [test(), ...several(next, 1, test)]), actions: [deed(), ...several(next, 1, deed)], otherwise: several(next, 1, deed), turns: instances(),
    }) - 1;
    const over = (): Over => ({ place: 'bottom', x: 0, y: 0, across: one(next, ['own', 'whole']), down: one(next, ['own', 'whole']), margin: one(next, [0, 16, 300]), scrim: '#00000066', blur: 0, outside: next(2) === 0, dragged: next(2) === 0, away: one(next, WAYS), reach: 50 + next(300), plan: plan() ?? { duration: 250, delay: 0, easing: 'ease', above: 'arriving', tracks: [] }, inverse: { duration: next(400), delay: 0, easing: 'ease', above: 'leaving', tracks: [] } });
    const states = ids.map((id): State => ({
        id, name: id, width: 390, height: 844, view: 844, corner: 0, pointing: 'touch',
        cues: Object.fromEntries(['', 'layer0', 'layer1', 'layer2', 'layer3'].map((layer) => [layer, several(next, 3, () => add(one(next, TRIGGERS)))])),
        waits: several(next, 3, () => add(one(next, WAITS))), widgets: next(2) === 0 ? ['wname'] : [], over: over(),
    }));
    // Of some instances, along some axes; one that a cue names may not be there.
    const turns = Object.fromEntries(Array.from({ length: 3 }, (_, i) => [`use${i}`, Object.fromEntries(Array.from({ length: 1 + next(2) }, (_, axis) => [`axis${axis}`, 'state0']))]));
    return { ...silent, signals: SIGNALS, widgets: Object.fromEntries(Object.keys(SIGNALS).map((name) => [`w${name}`, { signal: name, rules: name === 'name' ? [{ kind: 'required', says: 'Fill this in' }] : [] }])), axes: { axis0: ['state0', 'state1'], axis1: ['state0', 'state1', 'state2'] }, turns, entry: next(10) === 0 ? null : ids[0]!, states, cues };
}

/** What a hand does with one press, from its beginning to its end. */
function randomPress(next: Draw): Happening[] {
    const [path, turns] = [layers(next), several(next, 3, () => `use${next(4)}`)];
    const [x, y] = [next(390), next(844)];
    const way = one(next, [[0, 0], [0, 0], [3, 2], [1, 0], [-1, 0], [0, 1], [0, -1]] as const);
    const events: Happening[] = [{ type: 'down', path, turns, x, y, touch: next(2) === 0, scrolls: next(3) === 0 ? { [one(next, path)]: [one(next, WAYS), `~${one(next, WAYS)}`], [one(next, path)]: [`~${one(next, WAYS)}`, one(next, WAYS)] } : {} }];
    const steps = way[0] === 0 && way[1] === 0 ? 0 : 1 + next(6);
    for (let i = 1; i <= steps; i++) events.push({ type: 'elapse', ms: next(90) }, { type: 'move', x: x + way[0] * i * (1 + next(40)), y: y + way[1] * i * (1 + next(40)) });
    if (next(4) === 0) events.push({ type: 'elapse', ms: next(900) });
    events.push(next(9) === 0 ? { type: 'cancel' } : { type: 'up' });
    if (next(5) > 0) events.push({ type: 'tap', path, turns, x, y });
    // Once more in the same place, soon or later.
    if (next(3) === 0) events.push({ type: 'elapse', ms: next(450) }, { type: 'down', path, turns, x, y }, { type: 'up' }, { type: 'tap', path, turns, x: x + next(30), y });
    return events;
}

test('the player and the simulator end at the same place, whatever a hand does with whatever cues', () => {
    const next = drawing(7);
    const runs = Array.from({ length: 900 }, () => {
        const table = randomTable(next);
        const events: Happening[] = Array.from({ length: 1 + next(25) }, (): Happening[] => {
            switch (next(14)) {
                case 0: return [{ type: 'return' }];
                case 1: return [next(6) > 0 ? { type: 'elapse', ms: next(300) } : next(3) === 0 ? { type: 'restart' } : { type: 'open', screen: one(next, table.states).id }];
                case 2: return [{ type: 'elapse', ms: next(1500) }];
                case 3: return [{ type: 'hover', path: layers(next), turns: [] }];
                case 4: return [{ type: 'key', key: one(next, ['A', 'B', 'Ctrl+B']) }, { type: 'say', words: one(next, ['Open the kiln!', 'kilns', 'OPEN  THE kiln, please', '']) }];
                case 5: return [{ type: one(next, ['focus', 'leave'] as const), widget: 'none', path: layers(next), turns: [] }];
                case 6: return [next(2) === 0 ? { type: 'outside' } : { type: 'jump', to: next(5) }];
                case 7: return [{ type: 'press', widget: `w${one(next, Object.keys(SIGNALS))}`, press: one(next, ['toggle', 'item', 'less', 'more', 'clear']), item: next(3) }];
                case 8: return [{ type: 'enter', widget: one(next, ['wname', 'wpieces']), value: next(2) === 0 ? one(next, ['', 'maren', '4.5', 'mar']) : next(30) / 3 }];
                default: return randomPress(next);
            }
        }).flat();
        return { table, events, seed: 1 + next(1e6), today: 19_000 + next(5) };
    });
    const ends = ask<End[]>('simulate.php', runs);
    const moved = ends.filter((end, i) => end.screen !== runs[i]!.table.entry).length;
    expect(moved).toBeGreaterThan(150);
    expect(ends.filter(({ over }) => over.length > 0).length).toBeGreaterThan(40);
    expect(ends.filter(({ done }) => done.length > 0).length).toBeGreaterThan(100);
    // Every kind of trigger has set something off somewhere.
    expect(new Set(runs.flatMap(({ table, events, seed, today }) => {
        const happened: string[] = [];
        const machine = new Machine(table, { fired: (id) => happened.push(table.cues.find((cue) => cue.id === id)!.trigger.kind) }, seed, today);
        events.forEach((event) => machine.send(event));
        return happened;
    }))).toEqual(new Set([...TRIGGERS, ...WAITS]));
    expect(ends.filter((end, i) => JSON.stringify(end.turns) !== JSON.stringify(runs[i]!.table.turns)).length).toBeGreaterThan(40);
    runs.forEach(({ table, events, seed: from, today }, i) => {
        const machine = new Machine(table, {}, from, today);
        events.forEach((event) => machine.send(event));
        expect(stand(machine)).toEqual(ends[i]);
    });
});

test('what is pressed and typed comes to the same in the player and the simulator', () => {
    const next = drawing(11);
    const typed = ['', 'maren', 'maren@oake.example', ' 12 ', '1,250.5 g', '-3', 'æther {x}', '0', '20 pieces', 'same'];
    const runs = ask<Table[]>('programmes.php', null).flatMap((table) => Array.from({ length: 150 }, () => {
        const widgets = Object.keys(table.widgets);
        const events = Array.from({ length: 1 + next(40) }, (): Happening => {
            const widget = widgets[next(widgets.length)]!;
            switch (next(9)) {
                case 0: return { type: 'enter', widget, value: next(2) === 0 ? typed[next(typed.length)]! : next(4000) / 37 - 20 };
                case 1: return { type: 'leave', widget };
                case 2: return { type: 'tap', path: Object.keys(table.states[0]!.cues) };
                case 3: return next(8) === 0 ? { type: 'restart' } : { type: 'leave', widget: widgets[next(widgets.length)]! };
                case 4: return { type: 'enter', widget, value: typed[next(typed.length)]! };
                default: return { type: 'press', widget, press: ['toggle', 'item', 'less', 'more', 'clear', 'earlier', 'later'][next(7)]!, item: next(9) - 1 };
            }
        });
        return { table, events, seed: 1 + next(1e6), today: next(40_000) };
    }));
    const ends = ask<End[]>('simulate.php', runs);
    const told = ends.filter((end) => end.messages.some((message) => message !== '')).length;
    expect(told).toBeGreaterThan(100);
    runs.forEach(({ table, events, seed: from, today }, i) => {
        const machine = new Machine(table, {}, from, today);
        events.forEach((event) => machine.send(event));
        expect(stand(machine)).toEqual(ends[i]);
    });
});

test('steps and springs are played by Chromium as the core works them out', async ({ page }) => {
    const curves = ['steps(4)', 'steps(3, start)', 'steps(5, jump-none)', 'steps(2, jump-both)', 'spring(1, 170, 26)', 'spring(1, 180, 12)', 'spring(0.5, 900, 8)', 'spring(1, 100, 60)'];
    // Not where it jumps: there a browser may be on either side.
    const times = Array.from({ length: 40 }, (_, i) => (i + 0.37) / 40);
    const ours = ask<{ css: string; at: number[] }[]>('played.php', { curves, times });
    await page.goto('/sign-in');
    const theirs = await page.evaluate(({ easings, times }) => easings.map((easing) => {
        const animation = document.body.animate([{ opacity: 0 }, { opacity: 1 }], { duration: 1000, easing, fill: 'both' });
        animation.pause();
        return times.map((time) => {
            animation.currentTime = time * 1000;
            return animation.effect!.getComputedTiming().progress!;
        });
    }), { easings: ours.map(({ css }) => css), times });
    ours.forEach(({ at }, i) => at.forEach((value, j) => expect(Math.abs(value - theirs[i]![j]!), `${curves[i]} at ${times[j]}`).toBeLessThan(i < 4 ? 1e-6 : 0.0025)));
});

for (const reversed of [false, true]) test(`easing curves are Chromium’s, ${reversed ? 'played in reverse' : 'played forwards'}`, async ({ page }) => {
    const curves = ['linear', 'ease', 'ease-in', 'ease-out', 'ease-in-out', 'cubic-bezier(0.3, -0.5, 0.7, 1.5)', 'cubic-bezier(1, 0, 0, 1)', 'cubic-bezier(0.05, 0.9, 0.1, 1)'];
    const times = Array.from({ length: 21 }, (_, i) => i / 20);
    // What goes back begins where the way ends.
    const ours = ask<number[][]>('easing.php', { curves, times, reversed }).map((curve) => curve.map((value) => (reversed ? 1 - value : value)));
    await page.goto('/sign-in');
    const theirs = await page.evaluate(({ curves, times, reversed }) => curves.map((easing) => {
        const animation = document.body.animate([{ opacity: 0 }, { opacity: 1 }], { duration: 1000, easing, fill: 'both', direction: reversed ? 'reverse' : 'normal' });
        animation.pause();
        return times.map((time) => {
            animation.currentTime = time * 1000;
            return animation.effect!.getComputedTiming().progress!;
        });
    }), { curves, times, reversed });
    ours.forEach((curve, i) => curve.forEach((value, j) => expect(Math.abs(value - theirs[i]![j]!), `${curves[i]} at ${times[j]}`).toBeLessThan(0.0005)));
});
