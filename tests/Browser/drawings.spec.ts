/** Drawings that are brought in against Chromium's drawing of them: gradients, clips, masks, mixing, filters, strokes. */
import { expect, test, type Page } from '@playwright/test';
import { apart, shot } from './support/compare.ts';
import { ask } from './support/php.ts';
import { numbers } from './support/random.ts';

const [WIDTH, HEIGHT] = [120, 90];

interface Brought { css: string; brought: { page: string; left: string[] }[] }

const bring = (drawings: string[]): Brought => ask<Brought>('brought.php', { drawings, width: WIDTH, height: HEIGHT });

const drawing = (inner: string): string => `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" width="${WIDTH}" height="${HEIGHT}">${inner}</svg>`;

const STOPS = '<stop offset="0" stop-color="#b4472e"/><stop offset=".4" stop-color="#e9c46a"/><stop offset="1" stop-color="#17594f" stop-opacity=".6"/>';
const GROUND = '<rect width="120" height="90" fill="#cfd8dc"/><circle cx="80" cy="30" r="40" fill="#6b3a5b"/>';

/** By what they are about; each is to look the same, and to leave nothing out. */
const DRAWINGS: Record<string, string> = {
    'a gradient across a box': `<linearGradient id="g">${STOPS}</linearGradient><rect x="10" y="10" width="90" height="60" fill="url(#g)"/>`,
    'a slanted gradient of a box that is no square': `<linearGradient id="g" x1="0" y1="0" x2="1" y2="1">${STOPS}</linearGradient><rect x="10" y="20" width="100" height="40" rx="12" fill="url(#g)"/>`,
    'a gradient in the space of the drawing': `<linearGradient id="g" gradientUnits="userSpaceOnUse" x1="20" y1="10" x2="70" y2="60">${STOPS}</linearGradient><rect x="10" y="10" width="60" height="60" fill="url(#g)"/><circle cx="90" cy="50" r="25" fill="url(#g)"/>`,
    'a gradient that is turned and enlarged': `<linearGradient id="g" gradientTransform="rotate(30 .5 .5) scale(.7 1.4)">${STOPS}</linearGradient><rect x="10" y="10" width="100" height="70" fill="url(#g)"/>`,
    'a gradient that takes its stops from another': `<linearGradient id="s">${STOPS}</linearGradient><linearGradient id="g" href="#s" y1="0" x2="0" y2="1"/><ellipse cx="60" cy="45" rx="50" ry="30" fill="url(#g)"/>`,
    'a gradient that repeats': `<linearGradient id="g" x2=".3" spreadMethod="repeat">${STOPS}</linearGradient><rect x="10" y="10" width="100" height="70" fill="url(#g)"/>`,
    'a gradient there and back': `<linearGradient id="g" x1=".2" x2=".5" spreadMethod="reflect">${STOPS}</linearGradient><rect x="10" y="10" width="100" height="70" fill="url(#g)"/>`,
    'a gradient out from a point': `<radialGradient id="g" cx=".3" cy=".4" r=".6">${STOPS}</radialGradient><rect x="10" y="10" width="100" height="50" fill="url(#g)"/>`,
    'a gradient out from a point of the drawing': `<radialGradient id="g" gradientUnits="userSpaceOnUse" cx="60" cy="45" r="40" gradientTransform="translate(60 45) scale(1 .5) translate(-60 -45)">${STOPS}</radialGradient><rect x="5" y="5" width="110" height="80" fill="url(#g)"/>`,
    'gradients of a path and of its stroke': `<linearGradient id="g" y2="1">${STOPS}</linearGradient><linearGradient id="h" x2="0" y2="1"><stop stop-color="#000"/><stop offset="1" stop-color="#fff"/></linearGradient><path d="M20 70C30 10 60 10 70 50S100 80 110 20L60 85Z" fill="url(#g)" stroke="url(#h)" stroke-width="4"/>`,
    'a gradient in a group that is moved and enlarged': `<linearGradient id="g" gradientUnits="userSpaceOnUse" x1="0" x2="30">${STOPS}</linearGradient><g transform="translate(20 10) scale(2)"><rect width="40" height="30" fill="url(#g)" fill-opacity=".7"/></g>`,
    'a clip by a circle': `${GROUND}<clipPath id="c"><circle cx="60" cy="45" r="30"/></clipPath><g clip-path="url(#c)"><rect width="60" height="90" fill="#17594f"/><rect x="60" width="60" height="90" fill="#b4472e"/></g>`,
    'a clip of several shapes': `<clipPath id="c"><rect x="5" y="5" width="50" height="40" rx="8"/><circle cx="80" cy="60" r="25"/><path d="M60 10h30v10h-30z"/></clipPath><rect width="120" height="90" fill="#17594f" clip-path="url(#c)"/>`,
    'a clip in shares of what it cuts': `<clipPath id="c" clipPathUnits="objectBoundingBox"><circle cx=".5" cy=".5" r=".4"/></clipPath><rect x="20" y="10" width="80" height="80" fill="#17594f" clip-path="url(#c)"/>`,
    'a clip by the rule of even and odd': `<clipPath id="c"><path clip-rule="evenodd" d="M10 10h100v70h-100zM40 30h40v30h-40z"/></clipPath><rect width="120" height="90" fill="#17594f" clip-path="url(#c)"/>`,
    'a mask by light': `${GROUND}<linearGradient id="l"><stop stop-color="#fff"/><stop offset="1" stop-color="#000"/></linearGradient><mask id="m"><rect width="120" height="90" fill="url(#l)"/></mask><rect x="10" y="10" width="100" height="70" fill="#17594f" mask="url(#m)"/>`,
    'a mask by alpha': `${GROUND}<linearGradient id="l" x2="0" y2="1"><stop stop-color="#000"/><stop offset="1" stop-color="#000" stop-opacity="0"/></linearGradient><mask id="m" mask-type="alpha"><rect width="120" height="90" fill="url(#l)"/></mask><g mask="url(#m)"><rect x="10" y="10" width="50" height="70" fill="#17594f"/><rect x="60" y="10" width="50" height="70" fill="#b4472e"/></g>`,
    'a mask and a clip together': `<clipPath id="c"><circle cx="60" cy="45" r="40"/></clipPath><mask id="m"><rect y="20" width="120" height="40" fill="#fff" fill-opacity=".5"/></mask><g clip-path="url(#c)"><rect width="120" height="90" fill="#17594f" mask="url(#m)"/></g>`,
    'layers that are mixed': `${GROUND}<circle cx="40" cy="45" r="30" fill="#e9c46a" style="mix-blend-mode:multiply"/><g style="mix-blend-mode:screen;isolation:isolate" opacity=".8"><rect x="50" y="40" width="60" height="40" fill="#17594f"/><rect x="70" y="50" width="60" height="40" fill="#b4472e"/></g>`,
    'a blur': `<filter id="f" x="-50%" y="-50%" width="200%" height="200%"><feGaussianBlur stdDeviation="4" color-interpolation-filters="sRGB"/></filter><rect x="30" y="25" width="60" height="40" fill="#17594f" filter="url(#f)"/>`,
    'a shadow': '<filter id="f" x="-50%" y="-50%" width="200%" height="200%" color-interpolation-filters="sRGB"><feDropShadow dx="3" dy="5" stdDeviation="3" flood-color="#b4472e" flood-opacity=".7"/></filter><path d="M30 25h60v40h-60z" fill="#17594f" filter="url(#f)"/>',
    'a shadow that is built of steps': '<filter id="f" x="0" y="0" width="120" height="90" filterUnits="userSpaceOnUse" color-interpolation-filters="sRGB"><feFlood flood-opacity="0" result="BackgroundImageFix"/><feColorMatrix in="SourceAlpha" type="matrix" values="0 0 0 0 0 0 0 0 0 0 0 0 0 0 0 0 0 0 127 0" result="hardAlpha"/><feOffset dx="2" dy="4"/><feGaussianBlur stdDeviation="3"/><feComposite in2="hardAlpha" operator="out"/><feColorMatrix type="matrix" values="0 0 0 0 0.1 0 0 0 0 0.2 0 0 0 0 0.4 0 0 0 0.5 0"/><feBlend mode="normal" in2="BackgroundImageFix" result="shadow"/><feBlend mode="normal" in="SourceGraphic" in2="shadow" result="shape"/></filter><g filter="url(#f)"><rect x="30" y="25" width="60" height="40" rx="6" fill="#fff"/></g>',
    'functions of a filter': `${GROUND}<g style="filter:saturate(.3) brightness(1.2)"><rect x="10" y="10" width="60" height="70" fill="#17594f"/><rect x="60" y="30" width="50" height="40" fill="#b4472e"/></g>`,
    'dashes, ends and corners': '<path d="M15 75L40 15L70 75L105 15" fill="none" stroke="#17594f" stroke-width="8" stroke-linejoin="round" stroke-linecap="round" stroke-dasharray="14 12"/>',
};

let known: Brought | null = null;

for (const [i, [what, inner]] of Object.entries(DRAWINGS).entries()) {
    test(`${what} looks the same once it is brought in, and nothing is left out`, async ({ page }) => {
        const { css, brought } = known ??= bring(Object.values(DRAWINGS).map(drawing));
        expect(brought[i]!.left).toEqual([]);
        expect(await off(page, drawing(inner), css, brought[i]!.page)).toBeLessThan(0.005);
    });
}

test('gradients at random look the same once they are brought in', async ({ page }) => {
    const next = numbers(Number(process.env['KINDRED_SEED'] ?? 1));
    const round = (n: number): number => Math.round(n * 100) / 100;
    const share = (): number => round(next() * 1.2 - 0.1);
    const drawings = Array.from({ length: 40 }, () => {
        const stops = Array.from({ length: 2 + Math.floor(next() * 4) }, (_, k) => `<stop offset="${round(k / 4)}" stop-color="hsl(${Math.floor(next() * 360)} 60% 50%)" stop-opacity="${round(0.4 + next() * 0.6)}"/>`).join('');
        const turned = next() < 0.4 ? ` gradientTransform="rotate(${Math.floor(next() * 90)} .5 .5) translate(${share() / 4} ${share() / 4})"` : '';
        const spread = next() < 0.3 ? ' spreadMethod="reflect"' : next() < 0.3 ? ' spreadMethod="repeat"' : '';
        const gradient = next() < 0.6
            ? `<linearGradient id="g" x1="${share()}" y1="${share()}" x2="${share()}" y2="${round(share() + 0.3)}"${turned}${spread}>${stops}</linearGradient>`
            : `<radialGradient id="g" cx="${share()}" cy="${share()}" r="${round(0.2 + next() * 0.6)}"${spread}>${stops}</radialGradient>`;
        return drawing(`${gradient}<rect x="${Math.floor(next() * 20)}" y="5" width="${50 + Math.floor(next() * 50)}" height="${30 + Math.floor(next() * 50)}" rx="6" fill="url(#g)"/>`);
    });
    const { css, brought } = bring(drawings);
    const differing: string[] = [];
    for (const [i, svg] of drawings.entries()) if (await off(page, svg, css, brought[i]!.page) >= 0.005) differing.push(svg);
    expect(differing).toEqual([]);
});

/** The share of the pixels that differ between a drawing and what became of it. */
async function off(page: Page, svg: string, css: string, brought: string): Promise<number> {
    const [theirs, ours] = [await shot(page, `<div>${svg}</div>`, WIDTH, HEIGHT), await shot(page, `<style>${css}</style>${brought}`, WIDTH, HEIGHT)];
    return apart(ours, theirs, { x: 0, y: 0, width: WIDTH, height: HEIGHT });
}
