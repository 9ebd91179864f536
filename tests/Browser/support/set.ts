/** Words with runs and paragraphs as a page of HTML sets them, and where it puts them. */
import type { Page } from '@playwright/test';
import type { Paragraph, Run } from '../../../resources/ts/wall/rich.ts';

export interface Style { family: string; weight: number; size: number; lineHeight: number; letterSpacing: number; align: string; transform: string; italic: boolean }

export interface Case { text: { words: string; style: Style; wrapped: boolean; runs: Run[]; paragraphs: Paragraph[] }; width: number | null }

/** A run, or what of it is on one line. */
export interface Piece { x: number; width: number; top: number; high: number }

export interface Put { width: number; height: number; pieces: Piece[] }

export async function put(page: Page, cases: Case[]): Promise<Put[]> {
    return page.evaluate(async (all) => {
        const place = document.body.appendChild(document.createElement('div'));
        Object.assign(place.style, { position: 'absolute', left: '0', top: '0', width: '4000px', fontVariantLigatures: 'common-ligatures no-contextual', textRendering: 'geometricPrecision' });
        const boxes = all.map(({ text: { words, style, runs, paragraphs }, width }) => {
            const box = place.appendChild(document.createElement('div'));
            const set = (element: HTMLElement, to: Partial<Style>): void => {
                if (to.family !== undefined) element.style.fontFamily = `"${to.family}", "Further Scripts"`;
                if (to.weight !== undefined) element.style.fontWeight = String(to.weight);
                if (to.size !== undefined) element.style.fontSize = `${to.size}px`;
                if (to.letterSpacing !== undefined) element.style.letterSpacing = `${to.letterSpacing}em`;
                if (to.italic !== undefined) element.style.fontStyle = to.italic ? 'italic' : 'normal';
            };
            set(box, style);
            Object.assign(box.style, { position: 'relative', lineHeight: String(style.lineHeight), textAlign: style.align, textTransform: style.transform, width: width === null ? 'max-content' : `${width}px`, whiteSpace: width === null ? 'pre' : 'pre-wrap', overflowWrap: 'anywhere', display: 'flow-root' });
            let at = 0;
            const lines = words.split('\n');
            lines.forEach((line, n) => {
                const p = box.appendChild(document.createElement('p'));
                p.dir = 'auto';
                const { before = 0, after = 0, list = 'none', level = 0 } = paragraphs[n] ?? {};
                Object.assign(p.style, { margin: '0', marginTop: n === 0 ? '0' : `${before}px`, marginBottom: n === lines.length - 1 ? '0' : `${after}px`, paddingInlineStart: list === 'none' ? '0' : `${(level + 1) * 1.5}em` });
                const characters = [...line];
                for (let from = 0; from < characters.length;) {
                    const run = runs.find((one) => one.from <= at + from && at + from < one.to);
                    const next = run ? run.to - at : Math.min(...runs.map((one) => one.from - at).filter((one) => one > from), characters.length);
                    const to = Math.min(next, characters.length);
                    const span = p.appendChild(document.createElement('span'));
                    span.textContent = characters.slice(from, to).join('');
                    // Letter spacing is in em of what it spaces.
                    set(span, { letterSpacing: style.letterSpacing, ...run });
                    if (run?.colour) span.style.color = run.colour;
                    from = to;
                }
                if (characters.length === 0) p.appendChild(document.createElement('br'));
                at += characters.length + 1;
            });
            return box;
        });
        await document.fonts.ready;
        await Promise.all([...new Set(all.flatMap(({ text: { style, runs } }) => [style, ...runs.map((run) => ({ ...style, ...run }))].map((one) => `${one.italic ? 'italic ' : ''}${one.weight} 20px "${one.family}"`)))].map((font) => document.fonts.load(font)));
        await Promise.all([...new Set(all.map(({ text: { words } }) => words).filter((words) => /[\u0590-\u06ff]/.test(words)))].map((words) => document.fonts.load('20px "Further Scripts"', words)));
        const found = boxes.map((box) => {
            const corner = box.getBoundingClientRect();
            // Of a piece of spaces alone at the end of a line nothing is drawn.
            const pieces = [...box.querySelectorAll('span')].flatMap((span) => (span.textContent!.trim() === '' ? [] : [...span.getClientRects()])).filter((rect) => rect.width > 0);
            return { width: corner.width, height: corner.height, pieces: pieces.map((rect) => ({ x: rect.left - corner.left, width: rect.width, top: rect.top - corner.top, high: rect.height })) };
        });
        place.remove();
        return found;
    }, cases);
}
