/** How far the widths that PHP works out lie from those that Chromium sets. */
import type { Page } from '@playwright/test';
import { corpus } from './corpus.ts';
import { ask } from './php.ts';

export interface Gap { face: string; line: string; by: number }

/** For every shipped face the line of the corpus that differs most, at 16 px; `by` in px. The page must have our styles. */
export function widestGaps(page: Page, tracking: number, many = 1000): Promise<Gap[]> {
    const lines = corpus(many);
    const size = 16;
    const faces = ask<{ family: string; weight: number; style: string; widths: number[] }[]>('widths.php', { lines, size, tracking });
    return page.evaluate(async ({ faces, lines, size, tracking }) => {
        const svg = document.createElementNS('http://www.w3.org/2000/svg', 'svg');
        const text = document.createElementNS('http://www.w3.org/2000/svg', 'text');
        text.setAttribute('class', 'set');
        text.setAttribute('xml:space', 'preserve');
        text.setAttribute('text-rendering', 'geometricPrecision');
        svg.append(text);
        document.body.append(svg);
        const found: Gap[] = [];
        for (const face of faces) {
            await document.fonts.load(`${face.style} ${face.weight} ${size}px "${face.family}"`, 'aŁ');
            for (const [name, value] of Object.entries({ 'font-family': face.family, 'font-weight': face.weight, 'font-style': face.style, 'font-size': size, 'letter-spacing': tracking * size })) text.setAttribute(name, String(value));
            let by = 0;
            let line = '';
            lines.forEach((one, i) => {
                text.textContent = one;
                const off = Math.abs(text.getComputedTextLength() - face.widths[i]!);
                if (off > by) [by, line] = [off, one];
            });
            found.push({ face: `${face.family} ${face.weight} ${face.style}`, line, by });
        }
        return found;
    }, { faces, lines, size, tracking });
}
