/** Words whose parts are set in ways of their own: laid out as a page of HTML lays them out, written and set by hand. */
import { expect } from '@playwright/test';
import { signIn, test } from './support/hand.ts';
import { ask } from './support/php.ts';
import { numbers } from './support/random.ts';
import { put, type Case } from './support/set.ts';

const seed = Number(process.env['KINDRED_SEED'] ?? 1);
const FAMILIES = ['Hanken Grotesk', 'Bricolage Grotesque', 'Lora', 'Spectral', 'JetBrains Mono', 'Caveat'];
const WORDS = 'Bring an apron and a towel clay is on us AVATAR Tomato fiery offices well-known kiln at 1,240 °C — “Wheel throwing” costs €48.50 for two o’clock Élan straße To We Va'.split(' ');

interface Laid { height: number; width: number; lines: { text: string; bottom: number; baseline: number; runs: { text: string; x: number; width: number; at: number }[] }[] }

function passage(i: number): Case {
    const next = numbers(seed * 100_000 + i);
    const one = <T>(of: readonly T[]): T => of[Math.floor(next() * of.length)]!;
    const number = (low: number, high: number): number => Math.round(low + next() * (high - low));
    const chance = (share: number): boolean => next() < share;
    const words = Array.from({ length: number(1, 4) }, () => (chance(0.1) ? '' : Array.from({ length: number(1, 14) }, () => one(WORDS)).join(' '))).join('\n');
    const characters = [...words];
    const length = characters.length;
    // A run that ends within a ligature takes it apart here and colours its parts there; one that begins behind an apostrophe begins a word there.
    const joins = (at: number): boolean => characters[at - 1] === 'f' || characters[at - 1] === '’';
    const runs: Case['text']['runs'] = [];
    for (let at = number(0, 6); at < length - 1;) {
        while (at < length - 1 && joins(at)) at++;
        let to = Math.min(length, at + number(1, 16));
        while (to < length && joins(to)) to++;
        runs.push({
            from: at, to,
            ...(chance(0.4) ? { weight: one([300, 400, 500, 600, 700]) } : {}), ...(chance(0.3) ? { italic: chance(0.7) } : {}), ...(chance(0.3) ? { size: number(9, 40) } : {}),
            ...(chance(0.2) ? { family: one(FAMILIES) } : {}), ...(chance(0.15) ? { letterSpacing: one([0.05, -0.02, 0.2]) } : {}), ...(chance(0.3) ? { colour: '#b4472e' } : {}),
        });
        at = to + (chance(0.3) ? 0 : number(0, 12));
    }
    const style = { family: one(FAMILIES), weight: one([400, 600]), size: number(11, 32), lineHeight: one([1, 1.2, 1.4, 1.75]), letterSpacing: one([0, 0, 0, 0.04]), align: one(['left', 'center', 'right']), transform: one(['none', 'none', 'uppercase', 'capitalize']), italic: chance(0.15) };
    // What is so anyway is left out of a run.
    const own = runs.map((run) => Object.fromEntries(Object.entries(run).filter(([name, value]) => (style as Record<string, unknown>)[name] !== value)) as unknown as typeof run);
    return {
        text: {
            words, wrapped: true, style, runs: own.filter((run) => Object.keys(run).length > 2),
            paragraphs: words.split('\n').map(() => ({ ...(chance(0.4) ? { before: number(0, 30) } : {}), ...(chance(0.4) ? { after: number(0, 30) } : {}), ...(chance(0.3) ? { list: one(['bullet', 'number']), level: number(0, 2) } : {}) })),
        },
        width: chance(0.2) ? null : number(160, 420),
    };
}

test('three hundred texts with runs, lists and spaced paragraphs lie where Chromium puts them', async ({ page }) => {
    await signIn(page);
    const cases = Array.from({ length: 300 }, (_, i) => passage(i));
    const ours = ask<Laid[]>('rich.php', cases);
    const theirs = await put(page, cases);
    const wrong: string[] = [];
    let pieces = 0;
    cases.forEach((one, i) => {
        const [laid, shown] = [ours[i]!, theirs[i]!];
        const say = (what: string): void => { wrong.push(`${i}: ${what} · ${JSON.stringify(one.text.words)}`); };
        // A browser counts in 64ths of a px, line by line.
        const slack = 0.03 + laid.lines.length / 64;
        if (Math.abs(laid.height - shown.height) > slack) return say(`height ${laid.height}, Chromium ${shown.height}`);
        const runs = laid.lines.flatMap((line) => line.runs.map((run) => ({ ...run, baseline: line.baseline }))).filter((run) => run.text.trim() !== '');
        const seen = shown.pieces.map((piece) => ({ ...piece, foot: piece.top - Math.floor((1000 - piece.high) / 2) }));
        for (const run of runs) {
            pieces++;
            const off = (piece: (typeof seen)[number]): number => Math.max(Math.abs(run.x - piece.x) / 0.15, Math.abs(run.baseline - run.at - piece.foot) / slack);
            const best = seen.reduce((a, b) => (off(a) <= off(b) ? a : b));
            if (off(best) > 1) say(`“${run.text}” at ${run.x}, ${run.baseline - run.at}; Chromium ${best.x}, ${best.foot}`);
        }
    });
    expect(wrong.slice(0, 12)).toEqual([]);
    expect(pieces).toBeGreaterThan(1500);
});
