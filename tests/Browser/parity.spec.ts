/** Where PHP and the browser must say the same: text widths, easing curves, and where a rehearsal stands. */
import { expect } from '@playwright/test';
import { Machine, type Happening } from '../../resources/ts/player/machine.ts';
import type { CueRow, Plan, Table } from '../../resources/ts/player/table.ts';
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

/** A programme without widgets. */
const silent = { programme: 5, signals: {}, widgets: {}, words: {}, axes: {}, turns: {}, shifts: {}, patterns: { number: '0', day: { as: 'date' }, month: { as: 'date' } } };

interface End { screen: string | null; trail: string[]; plan: Plan | null; turns: Record<string, Record<string, string>>; values: Record<string, unknown>; words: string[]; messages: string[] }

/** Where a machine stands, and what it shows. */
function stand(machine: Machine): End {
    return {
        screen: machine.screen, trail: machine.trail.map((step) => step.screen), plan: machine.plan, turns: { ...machine.turns },
        values: machine.values.all(),
        words: Object.keys(machine.table.words).map((words) => machine.values.words(words)),
        messages: Object.keys(machine.table.widgets).map((widget) => machine.values.message(widget)),
    };
}

/** A pseudo-random flow: screens, cues with and without delay, ways back. */
function randomTable(next: (below: number) => number): Table {
    const ids = Array.from({ length: 2 + next(6) }, (_, i) => `screen${i}`);
    const cues: CueRow[] = [];
    const instances = (): string[] => [`use${next(4)}`, `use${next(4)}`];
    const plan = (): Plan | null => next(4) === 0 ? null : { duration: next(500), delay: next(200), easing: 'ease', above: 'arriving', tracks: [{ subject: 'arriving', property: 'opacity', times: [0, 1], values: [0, next(9)] }] };
    const acting = (): CueRow['actions'][number] => {
        switch (next(7)) {
            case 0: return { kind: 'return' };
            case 1: return { kind: 'state', axis: `axis${next(3)}`, state: null };
            case 2: return { kind: 'state', axis: `axis${next(3)}`, state: `state${next(3)}` };
            default: return { kind: 'show', screen: ids[next(ids.length)]! };
        }
    };
    const add = (delay: number | null): number => cues.push({
        id: `cue${cues.length}`, trigger: delay === null ? { kind: 'tap' } : { kind: 'delay', delay }, conditions: [],
        actions: [acting()], plan: plan(), inverse: plan(),
        ...(delay === null || next(2) === 0 ? {} : { turns: instances().slice(0, 1 + next(2)) }),
    }) - 1;
    const states = ids.map((id) => ({
        id, name: id, width: 390, height: 844, view: 844, corner: 0, pointing: 'touch',
        taps: Object.fromEntries(Array.from({ length: next(4) }, (_, i) => [`layer${i}`, add(null)])),
        delays: Array.from({ length: next(3) }, () => add(next(3) === 0 ? 0 : next(2000))),
        widgets: [],
    }));
    // Of some instances, along some axes; one that a cue names may not be there.
    const turns = Object.fromEntries(Array.from({ length: 3 }, (_, i) => [`use${i}`, Object.fromEntries(Array.from({ length: 1 + next(2) }, (_, axis) => [`axis${axis}`, 'state0']))]));
    return { ...silent, axes: { axis0: ['state0', 'state1'], axis1: ['state0', 'state1', 'state2'] }, turns, entry: next(10) === 0 ? null : ids[0]!, states, cues };
}

test('the player and the simulator end at the same place', () => {
    let seed = 7;
    const next = (below: number): number => {
        seed = (seed * 1103515245 + 12345) % 2147483648;
        return (seed >> 8) % below;
    };
    const runs = Array.from({ length: 900 }, () => {
        const table = randomTable(next);
        const events: Happening[] = Array.from({ length: 1 + next(30) }, (): Happening => {
            switch (next(8)) {
                case 0: return { type: 'return' };
                case 1: return next(6) > 0 ? { type: 'elapse', ms: next(300) } : next(3) === 0 ? { type: 'restart' } : { type: 'open', screen: table.states[next(table.states.length)]!.id };
                case 2: case 3: return { type: 'elapse', ms: next(1500) };
                default: return { type: 'tap', layer: `layer${next(4)}`, turns: Array.from({ length: 1 + next(3) }, () => `use${next(4)}`) };
            }
        });
        return { table, events };
    });
    const ends = ask<End[]>('simulate.php', runs);
    const moved = ends.filter((end, i) => end.screen !== runs[i]!.table.entry).length;
    expect(moved).toBeGreaterThan(150);
    expect(ends.filter((end, i) => JSON.stringify(end.turns) !== JSON.stringify(runs[i]!.table.turns)).length).toBeGreaterThan(100);
    runs.forEach(({ table, events }, i) => {
        const machine = new Machine(table);
        events.forEach((event) => machine.send(event));
        expect(stand(machine)).toEqual(ends[i]);
    });
});

test('what is pressed and typed comes to the same in the player and the simulator', () => {
    let seed = 11;
    const next = (below: number): number => {
        seed = (seed * 1103515245 + 12345) % 2147483648;
        return (seed >> 8) % below;
    };
    const typed = ['', 'maren', 'maren@oake.example', ' 12 ', '1,250.5 g', '-3', 'æther {x}', '0', '20 pieces', 'same'];
    const runs = ask<Table[]>('programmes.php', null).flatMap((table) => Array.from({ length: 150 }, () => {
        const widgets = Object.keys(table.widgets);
        const events = Array.from({ length: 1 + next(40) }, (): Happening => {
            const widget = widgets[next(widgets.length)]!;
            switch (next(9)) {
                case 0: return { type: 'enter', widget, value: next(2) === 0 ? typed[next(typed.length)]! : next(4000) / 37 - 20 };
                case 1: return { type: 'leave', widget };
                case 2: return { type: 'tap', layer: Object.keys(table.states[0]!.taps)[0] ?? 'none' };
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
        const machine = new Machine(table, undefined, from, today);
        events.forEach((event) => machine.send(event));
        expect(stand(machine)).toEqual(ends[i]);
    });
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
