/** Words in many scripts: as wide, broken and placed as Chromium sets them. */
import { expect, type Page } from '@playwright/test';
import { PNG } from 'pngjs';
import { openDemo, test } from './support/hand.ts';
import { ask } from './support/php.ts';
import { numbers, rounds } from './support/random.ts';

interface Style { family: string; weight: number; size: number; lineHeight: number; letterSpacing: number; italic: boolean; variant: string }
interface Case { words: string; style: Style; width: number | null }
interface Run { text: string; x: number; width: number }
type Lines = { text: string; width: number; runs: Run[] }[];

/** Made of words that a pottery might use. */
const WORDS: Record<string, string[]> = {
    latin: ['bowl', 'glaze', 'Affinity', 'kiln', 'fifty', '12', '3.5', '(two)', 'raku,', '1/2', '1,110', '7714'],
    arabic: ['خزف', 'طين', 'السلام', 'فرن', 'أزرق', 'لا', 'الفخار،', 'مُدَوَّر', '٤٢'],
    hebrew: ['חרס', 'קדרות', 'כבשן', 'שָׁלוֹם', 'כחול'],
    devanagari: ['मिट्टी', 'कुम्हार', 'क्षेत्र', 'भट्ठी', 'नीला', 'स्त्री', 'द्वितीय', 'र्क'],
    thai: ['เครื่องปั้นดินเผา', 'น้ำเงิน', 'เตาเผา', 'ดินเหนียว', 'ที่นี่'],
    greek: ['άργιλος', 'φούρνος', 'Μπλε'],
    cyrillic: ['глина', 'печь', 'Синий'],
    emoji: ['🏺', '👍🏽', '👩‍🎨', '❤️', '🔥🔥', '🇫🇮'],
};

const FAMILIES = ['Hanken Grotesk', 'Lora', 'Spectral', 'JetBrains Mono', 'Bricolage Grotesque'];

function cases(seed: number, count: number, wrapped: boolean): Case[] {
    const random = numbers(seed);
    const below = (most: number): number => Math.floor(random() * most);
    const one = <T>(of: T[]): T => of[below(of.length)]!;
    return Array.from({ length: count }, () => {
        const scripts = Array.from({ length: 1 + below(3) }, () => one(Object.keys(WORDS)));
        const words = Array.from({ length: wrapped ? 12 + below(20) : 1 + below(7) }, () => one(WORDS[one(scripts)]!)).join(' ');
        const style = { family: one(FAMILIES), weight: one([400, 500, 700]), size: 10 + below(30), lineHeight: 1.5, letterSpacing: one([0, 0, 0, 0.05]), italic: below(6) === 0, variant: 'normal' };
        // Only what the face has: nothing is put on for one that lacks it.
        style.variant = one(['normal', 'normal', 'normal', 'diagonal-fractions', ...(/^(Lora|Spectral|Bricolage)/.test(style.family) ? ['tabular-nums', 'proportional-nums'] : [])]);
        return { words, style, width: wrapped ? 120 + below(300) : null };
    });
}

/** As a page of HTML sets them: the lines by the characters that are on them, how wide each is, and where runs of ours lie. */
async function set(page: Page, all: Case[], ours: Lines[]): Promise<{ lines: string[]; widths: number[]; runs: (number[] | null)[] }[]> {
    return page.evaluate(async ([all, ours]) => {
        const place = document.body.appendChild(document.createElement('div'));
        Object.assign(place.style, { position: 'absolute', left: '0', top: '0', fontVariantLigatures: 'common-ligatures no-contextual', textRendering: 'geometricPrecision' });
        const boxes = all.map(({ words, style, width }) => {
            const box = place.appendChild(document.createElement('div'));
            box.textContent = words;
            Object.assign(box.style, {
                fontFamily: `"${style.family}", "Further Scripts"`, fontWeight: String(style.weight), fontSize: `${style.size}px`, lineHeight: '1.5', letterSpacing: `${style.letterSpacing}em`, fontStyle: style.italic ? 'italic' : 'normal', fontVariant: `${style.variant} common-ligatures no-contextual`.replace('normal ', ''),
                unicodeBidi: 'plaintext', textAlign: 'left', width: width === null ? 'max-content' : `${width}px`, whiteSpace: width === null ? 'pre' : 'pre-wrap', overflowWrap: 'anywhere',
            });
            return box;
        });
        const fonts = [...new Set(all.flatMap(({ words, style }) => [`${style.weight} 20px "${style.family}"`, `${style.weight} 20px "Further Scripts"`].map((font) => JSON.stringify([style.italic ? `italic ${font}` : font, words]))))];
        await Promise.all(fonts.map((one) => document.fonts.load(...(JSON.parse(one) as [string, string]))));
        const found = boxes.map((box, i) => {
            const text = box.firstChild as Text;
            const corner = box.getBoundingClientRect();
            const range = document.createRange();
            const rects = (from: number, to: number): DOMRect[] => {
                range.setStart(text, from);
                range.setEnd(text, to);
                return [...range.getClientRects()].filter((rect) => rect.width > 0);
            };
            const lines: string[] = [];
            const spans: [number, number][] = [];
            let top = -Infinity;
            for (const { segment, index } of new Intl.Segmenter('en', { granularity: 'grapheme' }).segment(text.data)) {
                const [rect] = rects(index, index + segment.length);
                if (rect && segment !== ' ' && rect.top > top + 1) {
                    lines.push('');
                    spans.push([index, index]);
                    top = rect.top;
                }
                lines[lines.length - 1] += segment;
                spans[spans.length - 1]![1] = index + segment.length;
            }
            const trimmed = spans.map(([from, to]): [number, number] => [from, from + text.data.slice(from, to).trimEnd().length]);
            const widths = trimmed.map(([from, to]) => {
                const all = rects(from, to);
                return Math.max(...all.map((rect) => rect.right)) - Math.min(...all.map((rect) => rect.left));
            });
            const runs = trimmed.flatMap(([from, to], n) => (ours[i]![n]?.runs ?? []).map((run) => {
                const words = run.text.trim();
                const at = text.data.indexOf(words, from);
                // Only what stands there once can be found.
                if (words === '' || at < 0 || at + words.length > to || text.data.indexOf(words, at + 1) >= 0) return null;
                const of = rects(at, at + words.length);
                return [Math.min(...of.map((rect) => rect.left)) - corner.left, Math.max(...of.map((rect) => rect.right)) - corner.left];
            }));
            return { lines: lines.map((line) => line.trimEnd()), widths, runs };
        });
        place.remove();
        return found;
    }, [all, ours] as const);
}

async function compared(page: Page, all: Case[]): Promise<string[]> {
    const ours = ask<Lines[]>('scripts.php', all);
    const theirs = await set(page, all, ours);
    const wrong: string[] = [];
    all.forEach(({ words, style, width }, i) => {
        const { family, weight, size, letterSpacing, variant } = style;
        const about = `${family} ${weight} ${size}px ${letterSpacing}em ${variant}${style.italic ? ' italic' : ''} in ${width}: ${words}`;
        const [mine, browser] = [ours[i]!, theirs[i]!];
        if (mine.map((line) => line.text).join('\n') !== browser.lines.join('\n')) return void wrong.push(`${about}\n  lines ${JSON.stringify(mine.map((line) => line.text))} are ${JSON.stringify(browser.lines)}`);
        mine.forEach((line, n) => {
            // A browser rounds each run to 64ths of a px.
            if (Math.abs(line.width - browser.widths[n]!) > Math.max(0.1, line.runs.length / 64)) wrong.push(`${about}\n  line ${n} is ${browser.widths[n]} wide, not ${line.width}`);
        });
        mine.flatMap((line) => line.runs).forEach((run, n) => {
            const place = browser.runs[n];
            if (place && run.text === run.text.trim() && Math.abs(run.x - place[0]!) > 0.2) wrong.push(`${about}\n  “${run.text}” begins at ${place[0]}, not ${run.x}`);
        });
    });
    return wrong;
}

test('lines in many scripts are as wide as Chromium sets them, and their runs lie where they do there', async ({ page }) => {
    await openDemo(page, 'Scripts');
    expect(await compared(page, cases(Number(process.env['KINDRED_SEED'] ?? 1), rounds(200), false))).toEqual([]);
});

test('words in many scripts are broken where Chromium breaks them', async ({ page }) => {
    await openDemo(page, 'Scripts');
    expect(await compared(page, cases(Number(process.env['KINDRED_SEED'] ?? 1), rounds(100), true))).toEqual([]);
});

/** Of the pixels that are dark in one of two pictures the share that are light in the other. */
function unlike(one: PNG, other: PNG): number {
    let [ink, off] = [0, 0];
    for (let i = 0; i < one.data.length; i += 4) {
        const [a, b] = [one.data[i]!, other.data[i]!];
        if (Math.min(a, b) < 128) ink++;
        if (Math.abs(a - b) > 128) off++;
    }
    return ink === 0 ? 1 : off / ink;
}

test('words as outlines cover what the same words cover that the browser sets', async ({ page }) => {
    const random = numbers(7);
    const texts = cases(7, rounds(12), true).map((one) => ({ ...one, style: { ...one.style, size: 22 + Math.floor(random() * 14) } }));
    await openDemo(page, 'Scripts');
    for (const { words, style } of texts) {
        const [live, outlined] = ask<[string, string]>('drawn.php', { words, style, width: 420 });
        const pictures = [];
        for (const svg of [live, outlined]) {
            await page.evaluate(async ([svg, words]) => {
                document.getElementById('shown')?.remove();
                const place = document.body.appendChild(document.createElement('div'));
                place.id = 'shown';
                Object.assign(place.style, { position: 'fixed', inset: '0', zIndex: '9999', background: '#fff' });
                place.innerHTML = svg!;
                for (const set of place.querySelectorAll('[font-family]')) await document.fonts.load(`${getComputedStyle(set).fontStyle} ${getComputedStyle(set).fontWeight} 20px ${getComputedStyle(set).fontFamily}`, words);
            }, [svg, words]);
            pictures.push(PNG.sync.read(await page.screenshot({ clip: { x: 0, y: 0, width: 460, height: 640 } })));
        }
        expect(unlike(pictures[0]!, pictures[1]!), words).toBeLessThan(0.05);
    }
});
