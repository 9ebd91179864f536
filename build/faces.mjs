/**
 * Compiles the shipped faces into PHP tables: advances, pair adjustments, ligatures, outlines; and writes the styles that load them.
 *
 * Every figure comes from shaping with HarfBuzz, so kerning and ligatures are those that a
 * browser draws. Contextual alternates are off, here as on the wall. A pair is keyed by
 * (first << 21 | second); pairs exist within the latin file only, because a browser never
 * kerns across two font files.
 */
import { existsSync, mkdirSync, readFileSync, statSync, writeFileSync, copyFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import * as hb from 'harfbuzzjs';
import { writePhp } from './php.mjs';
import { forms, unpackWoff, verticals } from './sfnt.mjs';

const root = join(fileURLToPath(import.meta.url), '../..');
const out = process.env.KINDRED_COMPILED ?? join(root, 'var/compiled');
const faces = JSON.parse(readFileSync(join(root, 'build/faces.json'), 'utf8'));
mkdirSync(join(out, 'faces'), { recursive: true });
mkdirSync(join(out, 'fonts'), { recursive: true });

class Shaper {
    constructor(sfnt) {
        this.face = new hb.Face(new hb.Blob(sfnt.buffer.slice(sfnt.byteOffset, sfnt.byteOffset + sfnt.length)));
        this.font = new hb.Font(this.face);
        this.on = [new hb.Feature('calt', 0)];
        this.off = [new hb.Feature('calt', 0), new hb.Feature('liga', 0), new hb.Feature('clig', 0)];
        this.buffer = new hb.Buffer();
    }

    codepoints() {
        return [...this.face.collectUnicodes()].filter((code) => code >= 32 && code !== 127).sort((a, b) => a - b);
    }

    shape(text, features) {
        this.buffer.clearContents();
        this.buffer.addText(text);
        this.buffer.guessSegmentProperties();
        this.buffer.setDirection?.(hb.Direction?.LTR ?? 4);
        hb.shape(this.font, this.buffer, features);
        return this.buffer;
    }

    width(text, features = this.on) {
        let sum = 0;
        for (const position of this.shape(text, features).getGlyphPositions()) sum += position.xAdvance;
        return sum;
    }

    glyphs(text, features = this.on) {
        return this.shape(text, features).getGlyphInfos().map((info) => info.codepoint);
    }
}

const pairKey = (a, b) => a * 2097152 + b;

function compile(latinWoff, extendedWoff) {
    const sfnt = unpackWoff(latinWoff);
    const shaper = new Shaper(sfnt);
    const codes = shaper.codepoints();
    // An accented letter that the latin file lacks is still set from it where it has letter and mark:
    // the shaper takes them apart (UAX #15) before a browser asks the next file.
    const extended = extendedWoff ? new Shaper(unpackWoff(extendedWoff)) : null;
    const own = new Set(codes);
    for (const code of extended?.codepoints() ?? []) {
        const parts = [...String.fromCodePoint(code).normalize('NFD')].map((char) => char.codePointAt(0));
        if (!own.has(code) && parts.length > 1 && parts.every((part) => own.has(part))) codes.push(code);
    }
    const chars = codes.map((code) => String.fromCodePoint(code));
    const advances = new Map();
    const glyphs = new Map();
    codes.forEach((code, i) => {
        advances.set(code, shaper.width(chars[i]));
        const drawn = own.has(code) ? shaper : extended;
        const path = drawn.font.glyphToPath(drawn.glyphs(chars[i])[0]);
        if (path) glyphs.set(code, path);
    });

    const pairs = new Map();
    const plainPairs = new Map();
    const ligatures = new Map();
    const ligatureParts = new Set();
    codes.forEach((a, i) => codes.forEach((b, j) => {
        const text = chars[i] + chars[j];
        const sum = advances.get(a) + advances.get(b);
        const plain = shaper.width(text, shaper.off) - sum;
        const joined = shaper.width(text) - sum;
        if (joined !== 0) pairs.set(pairKey(a, b), joined);
        if (plain !== joined) plainPairs.set(pairKey(a, b), plain);
        if (plain !== joined || (a < 128 && b < 128)) {
            const ids = shaper.glyphs(text);
            if (ids.length === 1 && shaper.glyphs(text, shaper.off).length === 2) {
                ligatures.set(text, [shaper.width(text), shaper.font.glyphToPath(ids[0])]);
                ligatureParts.add(a).add(b);
            }
        }
    }));

    // What pairs alone cannot say: the neighbours of a ligature of two, ligatures of three, and their neighbours.
    const triples = new Map();
    const pair = (a, b) => pairs.get(pairKey(a, b)) ?? 0;
    const learn = (...codes) => {
        const text = String.fromCodePoint(...codes);
        const chars = [...text];
        let predicted = 0;
        codes.forEach((code, i) => {
            predicted += advances.get(code) + (i > 0 ? pair(codes[i - 1], code) : 0);
            if (i > 1 && codes.length > 3) predicted += triples.get(chars.slice(i - 2, i + 1).join('')) ?? 0;
        });
        const residue = shaper.width(text) - predicted;
        if (residue !== 0) triples.set(text, residue);
    };
    for (const text of [...ligatures.keys()]) {
        const [a, b] = [...text].map((char) => char.codePointAt(0));
        for (const c of codes) {
            learn(c, a, b);
            learn(a, b, c);
        }
        for (const c of ligatureParts) {
            const three = text + String.fromCodePoint(c);
            const ids = shaper.glyphs(three);
            if (ids.length === 1) ligatures.set(three, [shaper.width(three), shaper.font.glyphToPath(ids[0])]);
        }
    }

    for (const text of [...ligatures.keys()].filter((key) => [...key].length === 3)) {
        const parts = [...text].map((char) => char.codePointAt(0));
        for (const c of codes) {
            learn(c, ...parts);
            learn(...parts, c);
        }
    }

    if (extended) {
        for (const code of extended.codepoints()) {
            if (advances.has(code)) continue;
            const char = String.fromCodePoint(code);
            advances.set(code, extended.width(char));
            const path = extended.font.glyphToPath(extended.glyphs(char)[0]);
            if (path) glyphs.set(code, path);
        }
    }
    return {
        metrics: { ...verticals(sfnt), features: forms(shaper.face), latin: codes.length, advances, pairs, plainPairs, triples },
        outlines: { glyphs, ligatures },
        sfnt,
    };
}

const stamp = join(out, 'faces/index.php');
const newest = Math.max(...['build/faces.mjs', 'build/faces.json', 'build/beyond.json', 'build/php.mjs', 'build/sfnt.mjs'].map((file) => statSync(join(root, file)).mtimeMs));
if (existsSync(stamp) && statSync(stamp).mtimeMs > newest) {
    console.log('faces: up to date');
    process.exit(0);
}

const index = {};
/** The styles that name the files: the latin one comes last, so it is asked first; the other is fetched only for letters beyond it. */
let styles = '';
const BEYOND_LATIN = 'U+0100-02FF, U+1D00-1DBF, U+1E00-1EFF, U+20A0-20C0, U+2113, U+2C60-2C7F, U+A720-A7FF';
const named = (family, weight, style, file, range) => `@font-face { font-family: "${family}"; font-weight: ${weight}; font-style: ${style}; font-display: swap; ${range ? `unicode-range: ${range}; ` : ''}src: url("${relative(out, file)}") format("woff2"); }\n`;
for (const [family, weights] of Object.entries(faces)) {
    const slug = family.toLowerCase().replaceAll(' ', '-');
    const file = (subset, weight, style, type) => join(root, `node_modules/@fontsource/${slug}/files/${slug}-${subset}-${weight}-${style}.${type}`);
    const italic = weights.every((weight) => existsSync(file('latin', weight, 'italic', 'woff')));
    index[family] = { slug, weights, italic };
    for (const weight of weights) {
        for (const style of italic ? ['normal', 'italic'] : ['normal']) {
            const name = `${slug}-${weight}${style === 'italic' ? '-italic' : ''}`;
            const extended = file('latin-ext', weight, style, 'woff');
            const { metrics, outlines, sfnt } = compile(readFileSync(file('latin', weight, style, 'woff')), existsSync(extended) ? readFileSync(extended) : null);
            writePhp(join(out, `faces/${name}.php`), { family, weight, ...metrics });
            writePhp(join(out, `faces/${name}.outlines.php`), outlines);
            writeFileSync(join(out, `fonts/${name}.ttf`), sfnt);
            copyFileSync(file('latin', weight, style, 'woff2'), join(out, `fonts/${name}.woff2`));
            if (existsSync(extended)) styles += named(family, weight, style, file('latin-ext', weight, style, 'woff2'), BEYOND_LATIN);
            styles += named(family, weight, style, file('latin', weight, style, 'woff2'));
            console.log(`faces: ${family} ${weight}${style === 'italic' ? ' italic' : ''}`);
        }
    }
}

// What stands in for characters that these lack is shaped as it is laid out: its font is kept for that, and its tables are empty.
const hex = (text) => parseInt(text, 16);
for (const [family, { package: name, subset, weights, ranges }] of Object.entries(JSON.parse(readFileSync(join(root, 'build/beyond.json'), 'utf8')))) {
    const slug = family.toLowerCase().replaceAll(' ', '-');
    index[family] = { slug, weights, italic: false, ranges: ranges.split(', ').map((range) => range.slice(2).split('-')).map(([from, to]) => [hex(from), hex(to ?? from)]) };
    for (const weight of weights) {
        const file = (type) => join(root, `node_modules/@fontsource/${name}/files/${name}-${subset}-${weight}-normal.${type}`);
        const sfnt = unpackWoff(readFileSync(file('woff')));
        writeFileSync(join(out, `fonts/${slug}-${weight}.ttf`), sfnt);
        copyFileSync(file('woff2'), join(out, `fonts/${slug}-${weight}.woff2`));
        writePhp(join(out, `faces/${slug}-${weight}.php`), { family, weight, ...verticals(sfnt), features: [], latin: 0, advances: new Map(), pairs: new Map(), plainPairs: new Map(), triples: new Map() });
        writePhp(join(out, `faces/${slug}-${weight}.outlines.php`), { glyphs: new Map(), ligatures: new Map() });
        // Pages know all of them by one name, and look for a character only in those of one weight.
        for (const as of weights.length > 1 ? [weight] : [400, 700]) styles += named('Further Scripts', as, 'normal', file('woff2'), ranges);
        console.log(`faces: ${family} ${weight}`);
    }
}
writeFileSync(join(out, 'fonts/README'), 'Copied from the font packages by build/faces.mjs.\n');
writeFileSync(join(out, 'faces.css'), styles);
writePhp(stamp, index);
