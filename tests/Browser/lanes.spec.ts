/** Threads run between screens, not across them. */
import { expect, test } from '@playwright/test';
import type { Box, Point } from '../../resources/ts/wall/geometry.ts';
import { Lanes, rounded, type Course } from '../../resources/ts/wall/lanes.ts';
import { numbers } from './support/random.ts';

const crosses = (a: Point, b: Point, { x, y, width, height }: Box): boolean =>
    Math.min(a.x, b.x) < x + width - 0.01 && Math.max(a.x, b.x) > x + 0.01 && Math.min(a.y, b.y) < y + height - 0.01 && Math.max(a.y, b.y) > y + 0.01;

/** Screens in rows that are not quite rows, as on a wall that has grown, and threads between any two of them. */
function wall(seed: number, rows: number, columns: number, count: number): { screens: Map<string, Box>; courses: Course[] } {
    const random = numbers(seed);
    const screens = new Map<string, Box>();
    for (let row = 0; row < rows; row++) {
        for (let column = 0; column < columns; column++) {
            screens.set(`s${row}x${column}`, { x: column * 520 + Math.round(random() * 40), y: row * 1100 + Math.round(random() * 60), width: 390, height: 700 + Math.round(random() * 260) });
        }
    }
    const ids = [...screens.keys()];
    const any = (): string => ids[Math.floor(random() * ids.length)]!;
    const courses = Array.from({ length: count }, (): Course => {
        const screen = any();
        const box = screens.get(screen)!;
        return { screen, target: any(), from: { x: box.x + 20 + random() * 200, y: box.y + 20 + random() * (box.height - 90), width: 100, height: 44 } };
    }).filter(({ screen, target }) => screen !== target);
    return { screens, courses };
}

for (const [seed, rows, columns, count] of [[1, 1, 6, 40], [2, 4, 6, 200], [3, 6, 9, 200]] as const) {
    test(`${count} threads between ${rows * columns} screens cross none of them`, () => {
        const { screens, courses } = wall(seed, rows, columns, count);
        const found = new Lanes(screens).ways(courses);
        courses.forEach(({ from, screen, target }, n) => {
            const way = found[n]!;
            const box = screens.get(target)!;
            const [start, end] = [way[0]!, way.at(-1)!];
            expect([from.x, from.x + from.width].includes(start.x) || [from.y, from.y + from.height].includes(start.y)).toBe(true);
            expect([box.x, box.x + box.width].includes(end.x) || [box.y, box.y + box.height].includes(end.y)).toBe(true);
            way.slice(1).forEach((b, i) => {
                const a = way[i]!;
                expect(Math.min(Math.abs(a.x - b.x), Math.abs(a.y - b.y))).toBeLessThan(0.01);
                const across = [...screens].filter(([id, other]) => !(id === screen && i === 0) && crosses(a, b, other)).map(([id]) => `${screen} to ${target} across ${id}`);
                expect(across).toEqual([]);
            });
        });
    });
}

test('a thread leaves by the side nearest to its target and goes the short way', () => {
    const screens = new Map<string, Box>([['left', { x: 0, y: 0, width: 390, height: 844 }], ['right', { x: 470, y: 0, width: 390, height: 844 }], ['below', { x: 0, y: 930, width: 390, height: 844 }]]);
    const from = { x: 60, y: 300, width: 120, height: 40 };
    const [to, back, down] = new Lanes(screens).ways([
        { from, screen: 'left', target: 'right' },
        { from: { ...from, x: 700 }, screen: 'right', target: 'left' },
        { from: { x: 100, y: 780, width: 190, height: 40 }, screen: 'left', target: 'below' },
    ]);
    expect([to![0], to!.at(-1)]).toEqual([{ x: 180, y: 320 }, { x: 470, y: 380 }]);
    expect([back![0], back!.at(-1)]).toEqual([{ x: 700, y: 320 }, { x: 390, y: 380 }]);
    expect([down![0], down!.at(-1)]).toEqual([{ x: 195, y: 820 }, { x: 195, y: 930 }]);
});

test('what leads to one screen runs together, what leads to others beside it', () => {
    const { screens } = wall(5, 1, 4, 0);
    const box = screens.get('s0x0')!;
    const courses = [100, 200, 300].flatMap((y): Course[] => ['s0x2', 's0x3'].map((target) => ({ screen: 's0x0', target, from: { x: box.x + 20, y: box.y + y, width: 60, height: 30 } })));
    const found = new Lanes(screens).ways(courses).map((way) => way!);
    const last = (n: number): Point[] => found[n]!.slice(-3);
    expect(last(0)).toEqual(last(2));
    expect(last(0)).toEqual(last(4));
    const level = (n: number): number[] => found[n]!.slice(1).filter((b, i) => b.y === found[n]![i]!.y && Math.abs(b.x - found[n]![i]!.x) > 300).map(({ y }) => y);
    expect(level(0)).not.toEqual(level(1));
});

test('screens over each other leave no way, and a way has round bends', () => {
    const screens = new Map<string, Box>([['a', { x: 0, y: 0, width: 400, height: 800 }], ['b', { x: 50, y: 50, width: 300, height: 700 }]]);
    expect(new Lanes(screens).ways([{ from: { x: 60, y: 60, width: 10, height: 10 }, screen: 'b', target: 'a' }])).toHaveLength(1);
    expect(rounded([{ x: 0, y: 0 }, { x: 100, y: 0 }, { x: 100, y: 50 }], 10)).toBe('M0 0L90 0Q100 0 100 10L100 50');
});

for (const gap of [24, 60, 86, 110, 300]) {
    test(`between rows ${gap} px apart a thread keeps off the names above the screens, as far as there is room`, () => {
        const screens = new Map<string, Box>(['a', 'b', 'c'].flatMap((id, i): [string, Box][] => [
            [`${id}1`, { x: i * 470, y: 0, width: 390, height: 844 }], [`${id}2`, { x: i * 470, y: 844 + gap, width: 390, height: 844 }],
        ]));
        const [way] = new Lanes(screens).ways([{ from: { x: 20, y: 900 + gap, width: 100, height: 40 }, screen: 'a2', target: 'c2' }]);
        // Between the rows it runs level, past the screen in the middle.
        const level = way!.slice(1).filter((b, i) => b.y === way![i]!.y && b.y > 844 && b.y < 844 + gap).map(({ y }) => y);
        expect(level).toHaveLength(1);
        const [over, under] = [level[0]! - 844, 844 + gap - level[0]!];
        expect(over).toBeGreaterThan(5);
        expect(under).toBeGreaterThanOrEqual(Math.min(58, gap * 0.5));
    });
}
