/** The browser's pure parts: what becomes of commands before they are sent, of lists that are pasted, of keys that are pressed. */
import { expect, test } from '@playwright/test';
import { listed } from '../../resources/ts/brief/list.ts';
import { perScreen } from '../../resources/ts/wall/across.ts';
import { alone, copiesOf, inOneCopy, layerOf } from '../../resources/ts/wall/address.ts';
import { Shortcut } from '../../resources/ts/wall/commands.ts';
import { bent, isSmooth, parsePath, pathText, pulled, withSpots, type Part } from '../../resources/ts/wall/curve.ts';
import type { Point } from '../../resources/ts/wall/geometry.ts';
import { rounded } from '../../resources/ts/wall/lanes.ts';
import type { Command } from '../../resources/ts/wall/messages.ts';
import { documentOf, lifted, markers, richOf, type Paragraph, type Run } from '../../resources/ts/wall/rich.ts';
import type { Picture } from '../../resources/ts/wall/picture.ts';
import { Selection } from '../../resources/ts/wall/selection.ts';
import { shaped } from '../../resources/ts/wall/shaping.ts';
import { ask } from './support/php.ts';
import { numbers } from './support/random.ts';

const home = new Map([['bowl', 'welcome'], ['mug', 'welcome'], ['jug', 'kiln'], ['note', '']]);
const screenOf = (id: string): string | null => home.get(id) ?? null;

test('a command on layers of several screens is one for each of them', () => {
    const move: Command = { type: 'move-layers', screen: 'welcome', layers: ['bowl', 'jug', 'mug', 'note'], dx: 4, dy: 0 };
    expect(perScreen([move], screenOf)).toEqual([
        { ...move, screen: 'welcome', layers: ['bowl', 'mug'] },
        { ...move, screen: 'kiln', layers: ['jug'] },
        { ...move, screen: null, layers: ['note'] },
    ]);
    // Of what makes new things each has a seed of its own, or the new ones would have the same names.
    const copies = perScreen([{ type: 'duplicate-layers', screen: 'welcome', layers: ['bowl', 'jug'], seed: 'abc', dx: 8, dy: 8 }], screenOf);
    expect(copies.map((one) => one['seed'])).toEqual(['abc0', 'abc1']);
    const places: Command = { type: 'place-layers', screen: 'welcome', places: [{ id: 'bowl', x: 1 }, { id: 'jug', x: 2 }] };
    expect(perScreen([places], screenOf).map((one) => [one['screen'], one['places']])).toEqual([['welcome', [{ id: 'bowl', x: 1 }]], ['kiln', [{ id: 'jug', x: 2 }]]]);
});

test('a command that is about one screen, or knows several, goes as it is', () => {
    const same: Command[] = [
        { type: 'move-layers', screen: 'welcome', layers: ['bowl', 'mug'], dx: 1, dy: 1 },
        // What is not on the wall any more is looked for where the command says.
        { type: 'delete-layers', screen: 'welcome', layers: ['bowl', 'gone'] },
        { type: 'align-layers', screen: 'welcome', across: ['welcome', 'kiln'], layers: ['bowl', 'jug'], edge: 'left', with: 'last' },
        { type: 'create-layers', screen: 'welcome', seed: 'x', layers: [{ kind: 'box' }] },
        { type: 'rename-layer', layer: 'bowl', name: 'Bowl' },
        { type: 'move-screens', screens: ['welcome', 'kiln'], dx: 1, dy: 0 },
    ];
    expect(perScreen(same, screenOf)).toEqual(same);
});

test('what lies in a copy is called by the copies that it lies in', () => {
    expect([layerOf('label.row1.size2'), copiesOf('label.row1.size2'), layerOf('label'), copiesOf('label')]).toEqual(['label', ['row1', 'size2'], 'label', []]);
    expect([['a.one', 'b.one'], ['a.one', 'b.two'], ['a.one.x', 'b.one.x'], ['a.one.x', 'b.one'], ['a', 'b'], []].map(inOneCopy)).toEqual([true, false, true, false, false, false]);
});

test('what is moved in one cell alone is sent as the values that it has there', () => {
    const at = { x: 12.34567, y: 8, width: 40, height: 20, rotation: 0 };
    const box = (id: string): typeof at | null => (id === 'mark.one' ? at : null);
    const move: Command = { type: 'move-layers', screen: 'kiln', layers: ['mark.one', 'gone.one'], dx: 1, dy: 0 };
    expect(alone(move, true, false, box)).toEqual([
        { type: 'set-field', screen: 'kiln', layers: ['mark.one'], field: 'x', value: '12.346', apart: true },
        { type: 'set-field', screen: 'kiln', layers: ['mark.one'], field: 'y', value: '8', apart: true },
    ]);
    const placed = alone({ type: 'place-layers', screen: 'kiln', places: [{ id: 'mark.one', ...at, width: 50 }] }, true, false, box);
    expect(placed.map((one) => `${String(one['field'])} ${String(one['value'])}`)).toEqual(['x 12.346', 'y 8', 'width 50', 'height 20', 'rotation 0']);
    // In a state of a component they are not for one copy alone; what becomes of what is deleted the server knows.
    expect(alone(move, false, true, box)[0]).toEqual({ type: 'set-field', screen: 'kiln', layers: ['mark.one'], field: 'x', value: '12.346' });
    expect(alone({ type: 'delete-layers', screen: 'kiln', layers: ['mark.one'] }, true, false, box)).toEqual([{ type: 'delete-layers', screen: 'kiln', layers: ['mark.one'], apart: true }]);
    // In all cells, or with what knows cells itself, nothing changes.
    for (const [command, apart] of [[move, false], [{ type: 'set-words', layer: 'mark.one', words: 'x' }, true]] as [Command, boolean][]) {
        expect(alone(command, apart, false, box)).toEqual([command]);
    }
});

for (const [text, rows] of [
    ['Kiln\r\nShelf\n\n  \nGlaze', ['Kiln', 'Shelf', 'Glaze']],
    ['- Kiln\n* Shelf\n• Glaze\n– Clay', ['Kiln', 'Shelf', 'Glaze', 'Clay']],
    ['1. Kiln\n2) Shelf\n12.  Glaze', ['Kiln', 'Shelf', 'Glaze']],
    ['[ ] Kiln\n[x] Shelf', ['Kiln', 'Shelf']],
    ['1200 degrees\n-20 % for members\n3.5 kg of clay', ['1200 degrees', '-20 % for members', '3.5 kg of clay']],
    ['Kiln\tfires\t\tcools\nShelf', ['Kiln: fires, cools', 'Shelf']],
    [`${'w'.repeat(300)}\nShelf`, ['w'.repeat(200), 'Shelf']],
    ['', []],
] as [string, string[]][]) {
    test(`a list is read as rows: ${JSON.stringify(text).slice(0, 40)}`, () => {
        expect(listed(text).map(({ title, words }) => (words === '' ? title : `${title}: ${words}`))).toEqual(rows);
    });
}

test('keys are called alike however they are pressed', () => {
    const pressed = (key: string, more: Partial<Record<'ctrlKey' | 'metaKey' | 'shiftKey' | 'altKey', boolean>> = {}): string =>
        Shortcut.of({ key, code: /^[a-z]$/i.test(key) ? `Key${key.toUpperCase()}` : key, ctrlKey: false, metaKey: false, shiftKey: false, altKey: false, ...more } as KeyboardEvent);
    expect(pressed('z', { ctrlKey: true })).toBe('Ctrl+Z');
    expect(pressed('z', { metaKey: true })).toBe('Ctrl+Z');
    expect(pressed('Z', { ctrlKey: true, shiftKey: true })).toBe('Ctrl+Shift+Z');
    expect(pressed('a')).toBe('A');
    expect(pressed('A', { shiftKey: true })).toBe('Shift+A');
    expect(pressed('ArrowLeft', { altKey: true })).toBe('Alt+ArrowLeft');
    expect(pressed('/')).toBe('/');
    // What needs Shift on one keyboard and not on another is one key.
    expect(pressed('?', { shiftKey: true })).toBe('?');
});

test('the bends of a way are round, as far as there is room', () => {
    expect(rounded([{ x: 0, y: 0 }, { x: 100, y: 0 }], 14)).toBe('M0 0L100 0');
    expect(rounded([{ x: 0, y: 0 }, { x: 100, y: 0 }, { x: 100, y: 60 }], 14)).toBe('M0 0L86 0Q100 0 100 14L100 60');
    // Two bends near each other share what is between them.
    expect(rounded([{ x: 0, y: 0 }, { x: 100, y: 0 }, { x: 100, y: 10 }, { x: 200, y: 10 }], 14)).toBe('M0 0L95 0Q100 0 100 5L100 5Q100 10 105 10L200 10');
    // A bend without a way is none.
    expect(rounded([{ x: 0, y: 0 }, { x: 50, y: 0 }, { x: 50, y: 0 }, { x: 50, y: 30 }], 14)).toBe('M0 0L50 0L50 0L50 30');
});

test('a path is read, bent and pulled in the browser just as in the core', () => {
    const next = numbers(5);
    const n = (low: number, high: number): number => Math.round(low + next() * (high - low));
    const point = (): Point => ({ x: n(-100, 200), y: n(-100, 200) });
    const text = ({ x, y }: Point): string => `${x} ${y}`;
    const cases = Array.from({ length: 150 }, () => {
        const many = n(2, 5);
        const first = point();
        let [last, handle] = [first, null as Point | null];
        const curves = Array.from({ length: many }, () => {
            const to = point();
            const curved = next() < 0.6;
            // Now and then a handle goes straight on from the one before.
            const out = handle && next() < 0.5 ? { x: 2 * last.x - handle.x, y: 2 * last.y - handle.y } : point();
            handle = curved ? point() : null;
            last = to;
            return curved ? `C${text(out)} ${text(handle!)} ${text(to)}` : `L${text(to)}`;
        }).join('');
        const part = `M${text(first)}${curves}${next() < 0.5 ? 'Z' : next() < 0.3 ? `L${text(first)}Z` : ''}`;
        return { d: part + (next() < 0.3 ? `M${text(point())}L${text(point())}L${text(point())}Z` : ''), after: n(0, many - 1), t: 0.2 + next() * 0.6, by: [n(-30, 30), n(-30, 30)] as const, to: [n(-100, 200), n(-100, 200)] as const, apart: next() < 0.3 };
    });
    const theirs = ask<{ read: string; bent: string; pulled: string; smooth: boolean[] }[]>('curves.php', cases);
    const numbered = (d: string): number[] => d.split(/[MLCZ\s]+/).filter(Boolean).map(Number);
    const alike = (ours: Part[], d: string): void => {
        const mine = pathText(ours);
        expect(mine.replace(/[^MLCZ]/g, '')).toBe(d.replace(/[^MLCZ]/g, ''));
        expect(numbered(mine)).toEqual(numbered(d).map((one) => expect.closeTo(one, 2)));
    };
    for (const [i, { d, after, t, by, to, apart }] of cases.entries()) {
        const parts = parsePath(d);
        const { read, bent: bending, pulled: pulling, smooth } = theirs[i]!;
        alike(parts, read);
        expect(parts[0]!.nodes.map(isSmooth)).toEqual(smooth);
        alike([bent(parts[0]!, after, t, { x: by[0], y: by[1] }), ...parts.slice(1)], bending);
        alike(withSpots(parts, [{ subpath: 0, node: after }], (node) => pulled(node, 'out', { x: to[0], y: to[1] }, apart)), pulling);
    }
});

test('words with runs and paragraphs come out of the editor as they went in', () => {
    const next = numbers(15);
    const number = (low: number, high: number): number => Math.floor(low + next() * (high - low + 1));
    const letters = [...'abc dé ß😀漢\n'];
    for (let n = 0; n < 300; n++) {
        const words = Array.from({ length: number(0, 30) }, () => letters[number(0, letters.length - 1)]!).join('');
        const length = [...words].length;
        const runs: Run[] = [];
        for (let at = number(0, 4); at < length; at += number(3, 6)) {
            const to = Math.min(length, at + number(1, 2));
            // A run of a line's end alone sets nothing.
            if (![...words].slice(at, to).includes('\n')) runs.push({ from: at, to, ...(n % 2 ? { weight: number(1, 9) * 100 } : { colour: '#b4472e', italic: true }) });
        }
        const paragraphs = words.split('\n').map((): Paragraph => (number(0, 1) ? { list: 'bullet', ...(number(0, 1) ? { level: 2 } : {}) } : { before: number(1, 9) }));
        expect(richOf(documentOf({ words, runs, paragraphs }))).toEqual({ words, runs, paragraphs });
    }
});

test('what all words have as their own is how their text is set', () => {
    const bold = (from: number, to: number, more: Partial<Run> = {}): Run => ({ from, to, weight: 700, ...more });
    const rich = { words: 'Good\nclay', runs: [bold(0, 4, { italic: true }), bold(5, 9)], paragraphs: [] };
    expect(lifted(rich, ['weight', 'italic'])).toEqual({ common: { weight: 700 }, rich: { ...rich, runs: [{ from: 0, to: 4, italic: true }] } });
    expect(lifted(rich, ['italic'])).toEqual({ common: {}, rich });
    expect(lifted({ ...rich, runs: [bold(0, 3), bold(5, 9)] }, ['weight']).common).toEqual({});
});

test('lists are counted as the server counts them', () => {
    const next = numbers(3);
    const lists = Array.from({ length: 200 }, () => Array.from({ length: 12 }, (): Paragraph => ({ list: ['none', 'bullet', 'number', 'number'][Math.floor(next() * 4)]!, level: Math.floor(next() * 3) })));
    expect(lists.map(markers)).toEqual(ask('markers.php', lists));
});

test('a mark of a shape that is dragged', () => {
    const none = { shiftKey: false, ctrlKey: false, metaKey: false };
    const arc = { kind: 'arc', start: 0, sweep: 90, hole: 0, ends: 'sector' } as const;
    const on = (degrees: number, share = 1): Point => ({ x: share * Math.sin((degrees * Math.PI) / 180), y: -share * Math.cos((degrees * Math.PI) / 180) });
    const sweep = (now: number, degrees: number, keys = none): unknown => shaped('end', { ...arc, sweep: now }, arc, on(90), on(degrees), 50, keys);
    // It goes all round and stops there, instead of beginning anew; the same at nothing.
    expect([sweep(90, 120), sweep(350, 5), sweep(5, 355), sweep(90, 92), sweep(90, 92, { ...none, ctrlKey: true }), sweep(90, 53, { ...none, shiftKey: true })])
        .toEqual([120, 360, 1, 90, 92, 60].map((now) => ({ ...arc, sweep: now })));
    expect(shaped('start', arc, arc, on(0), on(30), 50, none)).toEqual({ ...arc, start: 30, sweep: 60 });
    expect([0.99, 0.5, 0.02].map((share) => (shaped('hole', arc, arc, on(45), on(45, share), 50, none) as { hole: number }).hole)).toEqual([0, 0.5, 0]);
    const star = { kind: 'polygon', points: 5, inner: 0.5, rounding: 0 } as const;
    const points = [120, 72, 60, 1, 200].map((degrees) => (shaped('points', star, star, on(72), on(degrees), 50, none) as { points: number }).points);
    expect(points).toEqual([3, 5, 6, 100, 3]);
    expect([0.3, 0.8, 2].map((share) => (shaped('inner', star, star, on(36), on(36, share), 50, none) as { inner: number }).inner)).toEqual([0.3, 1, 1]);
});

test('what is made is selected in its order, unless the hand has picked something else since', () => {
    const selection = new Selection({ layer: () => null } as unknown as Picture);
    selection.pick(['bowl'], 'welcome');
    const [first, second] = [selection.later(), selection.later()];
    first(() => selection.pick(['mug'], 'welcome'));
    second(() => selection.pick(['jug'], 'welcome'));
    expect(selection.layers).toEqual(['jug']);
    const [third, fourth] = [selection.later(), selection.later()];
    third();
    selection.pickScreens(['kiln']);
    fourth(() => selection.pick(['jug'], 'welcome'));
    expect([selection.layers, selection.screens]).toEqual([[], ['kiln']]);
});

test('who waits for what is being made does not wait for what is begun afterwards', async () => {
    const selection = new Selection({ layer: () => null } as unknown as Picture);
    const copied = selection.later();
    let came = false;
    const waiting = selection.settled().then(() => (came = true));
    // As a paste that waits for the copy, which waits for what is copied.
    const pasted = selection.later();
    await Promise.resolve();
    expect([came, selection.isComing]).toEqual([false, true]);
    copied();
    await waiting;
    expect(selection.isComing).toBe(true);
    pasted();
    await selection.settled();
    expect(selection.isComing).toBe(false);
});
