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
    const length = [...words].length;
    const runs: Case['text']['runs'] = [];
    for (let at = number(0, 6); at < length - 1;) {
        const to = Math.min(length, at + number(1, 16));
        runs.push({
            from: at, to,
            ...(chance(0.4) ? { weight: one([300, 400, 500, 600, 700]) } : {}), ...(chance(0.3) ? { italic: chance(0.7) } : {}), ...(chance(0.3) ? { size: number(9, 40) } : {}),
            ...(chance(0.2) ? { family: one(FAMILIES) } : {}), ...(chance(0.15) ? { letterSpacing: one([0.05, -0.02, 0.2]) } : {}), ...(chance(0.3) ? { colour: '#b4472e' } : {}),
        });
        at = to + (chance(0.3) ? 0 : number(0, 12));
    }
    return {
        text: {
            words, wrapped: true, runs: runs.filter((run) => Object.keys(run).length > 2),
            style: { family: one(FAMILIES), weight: one([400, 600]), size: number(11, 32), lineHeight: one([1, 1.2, 1.4, 1.75]), letterSpacing: one([0, 0, 0, 0.04]), align: one(['left', 'center', 'right']), transform: one(['none', 'none', 'uppercase', 'capitalize']), italic: chance(0.15) },
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
        if (Math.abs(laid.height - shown.height) > 0.06) return say(`height ${laid.height}, Chromium ${shown.height}`);
        const runs = laid.lines.flatMap((line) => line.runs.map((run) => ({ ...run, baseline: line.baseline }))).filter((run) => run.text.trim() !== '');
        const seen = shown.paragraphs.flatMap((paragraph) => paragraph.pieces).filter((piece) => piece.text.trim() !== '');
        if (runs.length !== seen.length) return say(`${runs.length} pieces, Chromium ${seen.length}: ${runs.map((run) => run.text).join('|')} and ${seen.map((piece) => piece.text).join('|')}`);
        runs.forEach((run, n) => {
            const piece = seen[n]!;
            pieces++;
            // The baseline of Chromium's piece, from the top of its face.
            const baseline = piece.top + run.at - Math.floor((1000 - piece.high) / 2);
            if (run.text.trim().toLowerCase() !== piece.text.trim().toLowerCase() && one.text.style.transform === 'none') say(`“${run.text}”, Chromium “${piece.text}”`);
            if (Math.abs(run.x - piece.x) > 0.1) say(`“${run.text}” at ${run.x}, Chromium ${piece.x}`);
            if (Math.abs(run.baseline - baseline) > 0.06) say(`“${run.text}” stands at ${run.baseline}, Chromium ${baseline}`);
        });
    });
    expect(wrong.slice(0, 12)).toEqual([]);
    expect(pieces).toBeGreaterThan(1500);
});
