/** What is typed as CSS means what it means in CSS: Chromium reads the same texts. */
import { expect, test, type Page } from '@playwright/test';
import { apart, shot } from './support/compare.ts';
import { ask } from './support/php.ts';
import { numbers } from './support/random.ts';

const [WIDTH, HEIGHT, APART, ACROSS] = [90, 70, 10, 10];
/** Between two colours with a hint Chromium draws nine straight pieces instead of the curve: so much of 255 they may be apart. */
const BENT = 64;
const seed = Number(process.env['KINDRED_SEED'] ?? 1);

type Read = { written: string; drawn: string } | null;
const read = (property: string, typed: string[]): Read[] => ask<Read[]>('typed.php', { width: WIDTH, height: HEIGHT, property, typed });

/** What to choose from, by a seed. */
function choices(from: number): { one: <T>(of: readonly T[]) => T; number: (low: number, high: number) => number; chance: (share: number) => boolean } {
    const next = numbers(from);
    return { one: (of) => of[Math.floor(next() * of.length)]!, number: (low, high) => Math.round(low + next() * (high - low)), chance: (share) => next() < share };
}

function colour(from: ReturnType<typeof choices>): string {
    const { one, number } = from;
    return one([
        () => one(['teal', 'rebeccapurple', 'Tomato', 'transparent', '#b4472e', '#E9C', '#17594f80', '#0af8']),
        () => `rgb(${number(0, 255)} ${number(0, 255)} ${number(0, 255)} / ${number(0, 100)}%)`, () => `rgba(${number(0, 255)}, ${number(0, 255)}, ${number(0, 255)}, 0.${number(1, 9)})`,
        () => `hsl(${number(0, 360)} ${number(0, 100)}% ${number(10, 90)}%)`, () => `hsl(${number(0, 360)}deg, ${number(0, 100)}%, ${number(10, 90)}%)`, () => `hwb(${number(0, 360)} ${number(0, 50)}% ${number(0, 50)}%)`,
    ])();
}

function stops(from: ReturnType<typeof choices>, round: boolean): string {
    const { one, number, chance } = from;
    const place = (low: number): string => (round ? one([`${number(low, low + 30)}%`, `${number(low, low + 30) * 3}deg`]) : one([`${number(low, low + 30)}%`, `${number(low, low + 30)}px`]));
    const many = number(2, 5);
    return Array.from({ length: many }, (_, i) => {
        const at = chance(0.5) ? ` ${place(i * 18)}${chance(0.2) ? ` ${place(i * 18 + 5)}` : ''}` : '';
        return `${i > 0 && chance(0.2) ? `${place(i * 15)}, ` : ''}${colour(from)}${at}`;
    }).join(', ');
}

function gradient(from: ReturnType<typeof choices>): string {
    const { one, number, chance } = from;
    const again = chance(0.2) ? 'repeating-' : '';
    const at = chance(0.5) ? ` at ${one(['left', 'top right', 'center', 'bottom', `${number(-10, 110)}% ${number(0, 100)}%`, `${number(0, 90)}px ${number(0, 70)}px`, 'left 20%', '30% bottom'])}` : '';
    const mixed = chance(0.2) ? 'in oklab' : '';
    const line = (...parts: string[]): string => [...parts, mixed].map((part) => part.trim()).filter((part) => part !== '').join(' ');
    const [kind, how] = one<() => [string, string]>([
        () => ['linear', line(one(['', `${number(-400, 400)}deg`, `${number(0, 100) / 100}turn`, `${number(0, 400)}grad`, 'to left', 'to bottom right', 'to top left']))],
        // What has no size and repeats is of one colour, of which Chromium has another mean.
        () => ['radial', line(`${one(['', 'circle', 'ellipse', ...(again === '' ? ['closest-side', 'closest-corner'] : []), 'farthest-side circle', 'circle farthest-corner', `${number(5, 60)}px`, `${number(5, 60)}px ${number(10, 90)}%`])}${at}`)],
        () => ['conic', line(`${chance(0.5) ? `from ${number(-360, 360)}deg` : ''}${at}`)],
    ])();
    return `${again}${kind}-gradient(${how === '' ? '' : `${how}, `}${stops(from, kind === 'conic')})`;
}

function shadow(from: ReturnType<typeof choices>): string {
    const { one, number, chance } = from;
    const length = (low: number, high: number): string => one([`${number(low, high)}px`, `${number(low * 10, high * 10) / 10}px`, '0', `+${number(0, high)}.5px`]);
    const lengths = [length(-30, 30), length(-30, 30), ...(chance(0.8) ? [length(0, 40), ...(chance(0.4) ? [length(-10, 20)] : [])] : [])].join(' ');
    const parts = [lengths, ...(chance(0.85) ? [colour(from)] : [])];
    if (chance(0.4)) parts.reverse();
    if (chance(0.3)) parts.splice(chance(0.5) ? 0 : parts.length, 0, one(['inset', 'INSET']));
    return parts.join(' ');
}

test('two hundred gradients, typed at random, are drawn as CSS draws them, and so is what is written back', async ({ page }) => {
    const typed = Array.from({ length: 200 }, (_, i) => gradient(choices(seed * 1000 + i)));
    expect(await refused(page, 'background', typed)).toEqual([]);
    const ours = read('background', typed);
    expect(typed.filter((_, i) => ours[i] === null)).toEqual([]);
    const [width, height] = [APART + ACROSS * (WIDTH + APART), APART + (typed.length / ACROSS) * (HEIGHT + APART)];
    const place = (i: number): { x: number; y: number } => ({ x: APART + (i % ACROSS) * (WIDTH + APART), y: APART + Math.floor(i / ACROSS) * (HEIGHT + APART) });
    const at = (i: number): string => `left:${place(i).x}px;top:${place(i).y}px;width:${WIDTH}px;height:${HEIGHT}px`;
    const css = await shot(page, typed.map((text, i) => `<div style="${at(i)};background:${text}"></div>`).join(''), width, height);
    const drawn = await shot(page, ours.map((one, i) => `<div style="${at(i)}">${one!.drawn}</div>`).join(''), width, height);
    const written = await shot(page, ours.map((one, i) => `<div style="${at(i)};background:${one!.written}"></div>`).join(''), width, height);
    const bends = (text: string): boolean => /, -?[\d.]+(%|px|deg)(,|$)/.test(text);
    const off = (other: typeof css): string[] => typed.flatMap((text, i) => {
        const share = apart(other, css, { ...place(i), width: WIDTH, height: HEIGHT }, other === drawn && bends(text) ? BENT : undefined);
        return share > 0.005 ? [`${text}: ${ours[i]!.written}, ${(share * 100).toFixed(1)} %`] : [];
    });
    expect(off(drawn)).toEqual([]);
    expect(off(written)).toEqual([]);
});

test('three hundred shadows, typed at random, are what CSS makes of them', async ({ page }) => {
    const typed = Array.from({ length: 300 }, (_, i) => shadow(choices(seed * 1000 + i)));
    expect(await refused(page, 'box-shadow', typed)).toEqual([]);
    const ours = read('box-shadow', typed);
    // Colours are kept in 255ths.
    const computed = async (texts: string[]): Promise<number[][]> => (await styles(page, 'box-shadow', texts)).map((text) => [text.includes('inset') ? 1 : 0, ...[...text.matchAll(/-?\d+(\.\d+)?/g)].map(([n]) => Number(n))]).map(([inset, ...n]) => {
        const [lengths, of] = [n.slice(-4), n.slice(0, -4)];
        return [inset!, ...lengths, of[0]!, of[1]!, of[2]!, of[3] ?? 1];
    });
    // A shadow that says no colour has that of the words around it, black here.
    const [theirs, written] = [await computed(typed), await computed(ours.map((one) => one?.written ?? 'none'))];
    expect(typed.filter((_, i) => theirs[i]!.some((n, k) => Math.abs(n - (written[i]![k] ?? NaN)) > (k < 5 ? 0.001 : k < 8 ? 1 : 0.003) || written[i]![k] === undefined)).map((text) => `${text}: ${ours[typed.indexOf(text)]?.written}`)).toEqual([]);
});

test('what CSS refuses is refused', async ({ page }) => {
    const gradients = ['linear-gradient(45, red, blue)', 'linear-gradient(to up, red, blue)', 'radial-gradient(-5px, red, blue)', 'radial-gradient(circle 10px 20px, red, blue)', 'conic-gradient(45deg, red, blue)', 'linear-gradient(red, 20%, 30%, blue)', 'linear-gradient(20%, red, blue)', 'linear-gradient(red, blue, 50%)', 'linear-gradient(red blue)', 'conic-gradient(red 10px, blue)', 'linear-gradient(red, bluish)', 'rgb(1 2)', 'hsl(20% 10% 10%)'];
    const shadows = ['1px', '1px 2px -3px', '1px 2px 3px 4px 5px', 'red 1px blue 2px', '1px 2px red blue', 'inset inset 1px 2px', '10% 2px', 'inset', '1px red 2px'];
    expect(await refused(page, 'background', gradients)).toEqual(gradients);
    expect(await refused(page, 'box-shadow', shadows)).toEqual(shadows);
    expect(gradients.filter((_, i) => read('background', gradients)[i] !== null)).toEqual([]);
    expect(shadows.filter((_, i) => read('box-shadow', shadows)[i] !== null)).toEqual([]);
});

async function refused(page: Page, property: string, texts: string[]): Promise<string[]> {
    return page.evaluate(([name, all]) => all.filter((text) => !CSS.supports(name, text)), [property, texts] as const);
}

async function styles(page: Page, property: string, texts: string[]): Promise<string[]> {
    return page.evaluate(([name, all]) => all.map((text) => {
        const element = document.body.appendChild(document.createElement('div'));
        element.style.setProperty(name, text);
        const said = getComputedStyle(element).getPropertyValue(name);
        element.remove();
        return said;
    }), [property, texts] as const);
}
