/**
 * Opens one font in a process of its own, whose memory and time are limited from outside, and writes it anew.
 *
 *   node take.mjs FOLDER '{"wdth": 87.5}'
 *
 * The font comes on standard input: TrueType, OpenType, WOFF or WOFF2. Of a variable one each hundred of its weights is pinned, upright and
 * sloped where it has both; its other axes are pinned where they are given, or else at their usual places. Each face is written into the folder as
 * NUMBER.ttf and NUMBER.woff2; a line of JSON says what they are. Exit code 3: it cannot be opened; standard error says why.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import fontverter from 'fontverter';
import * as hb from 'harfbuzzjs';
import subsetFont from 'subset-font';
import { forms, table, verticals } from '../../build/sfnt.mjs';

/** Bytes of a font that is unpacked. */
const MOST = 32 << 20;

/** Why a font is not taken. */
export class Refused extends Error {}

function refuse(why) {
    throw new Refused(why);
}

/** The kind of file, and how large it says it is once it is unpacked. */
function kindOf(bytes) {
    const magic = bytes.length >= 48 ? bytes.toString('latin1', 0, 4) : '';
    if (magic === 'ttcf') refuse('This file holds several fonts; bring in each by itself.');
    if (magic === 'wOFF' || magic === 'wOF2') return { packed: true, size: bytes.readUInt32BE(16) };
    if (magic === 'OTTO' || magic === 'true' || magic === '\0\x01\0\0') return { packed: false, size: bytes.length };
    return refuse('This is no font that can be read; use TTF, OTF, WOFF or WOFF2.');
}

/** A name from the name table (OpenType 1.9, `name`), in English where there is one. */
function named(sfnt, ...ids) {
    const names = table(sfnt, 'name');
    if (!names) return '';
    const [count, storage] = [names.readUInt16BE(2), names.readUInt16BE(4)];
    const found = new Map();
    for (let i = 0; i < Math.min(count, 2000); i++) {
        const [platform, , language, id, length, offset] = [0, 2, 4, 6, 8, 10].map((at) => names.readUInt16BE(6 + i * 12 + at));
        const bytes = names.subarray(storage + offset, storage + offset + length);
        const text = platform === 1 ? bytes.toString('latin1') : Buffer.from(bytes.subarray(0, bytes.length & ~1)).swap16().toString('utf16le');
        if (!found.has(id) || (platform === 3 && language === 0x409)) found.set(id, text);
    }
    return ids.map((id) => found.get(id) ?? '').find((text) => text.trim() !== '') ?? '';
}

/** A family without what its name says of one face. */
const plain = (family) => family.replace(/([ -](thin|hairline|(extra|ultra|semi|demi) ?(light|bold)|light|regular|book|medium|bold|black|heavy|italic|oblique|variable|vf))+$/i, '');

/**
 * @param pinned where axes are pinned, by tag
 * @throws Refused
 */
export async function open(bytes, pinned = {}) {
    const { packed, size } = kindOf(bytes);
    if (size > MOST) refuse('The font is larger than 32 MB once it is unpacked.');
    const sfnt = Buffer.from(packed ? await fontverter.convert(bytes, 'truetype') : bytes);
    if (sfnt.length > MOST) refuse('The font is larger than 32 MB once it is unpacked.');
    const missing = ['head', 'hhea', 'maxp', 'hmtx', 'cmap', 'OS/2', 'post', 'name'].filter((name) => !table(sfnt, name));
    if (missing.length > 0) refuse(`The font is damaged: it has no table “${missing[0]}”.`);
    if (!table(sfnt, 'glyf') && !table(sfnt, 'CFF ') && !table(sfnt, 'CFF2')) refuse('The font has no outlines; fonts of pictures alone cannot be taken.');
    const os2 = table(sfnt, 'OS/2');
    // OpenType 1.9, OS/2, fsType: 2 alone forbids that a font is embedded.
    if ((os2.readUInt16BE(8) & 0xf) === 2) refuse('The licence of this font forbids that it is embedded in pages; it says so itself.');

    const face = new hb.Face(new hb.Blob(sfnt.buffer.slice(sfnt.byteOffset, sfnt.byteOffset + sfnt.length)));
    const axes = Object.entries(face.getAxisInfos()).map(([tag, { min, default: usual, max }]) => ({ tag, min, usual, max }));
    const characters = [...face.collectUnicodes()].filter((code) => code > 32).length;
    if (characters === 0) refuse('The font has no characters.');

    const sloped = (os2.readUInt16BE(62) & 1) !== 0 || (table(sfnt, 'head').readUInt16BE(44) & 2) !== 0;
    const own = Math.min(1000, Math.max(1, os2.readUInt16BE(4) || 400));
    const axis = (tag) => axes.find((one) => one.tag === tag);
    const [weights, slope] = [axis('wght'), axis('ital') ?? axis('slnt')];
    const hundreds = weights ? Array.from({ length: 10 }, (_, i) => (i + 1) * 100).filter((weight) => weight >= weights.min && weight <= weights.max) : [own];
    const slopes = slope && slope.min !== slope.max ? [[false, slope.tag === 'slnt' ? Math.min(Math.max(0, slope.min), slope.max) : slope.min], [true, slope.tag === 'slnt' ? slope.min : slope.max]] : [[sloped, slope?.usual]];
    const others = axes.filter((one) => one !== weights && one !== slope);
    const faces = [];
    for (const weight of hundreds.length > 0 ? hundreds : [Math.round(weights.usual)]) {
        for (const [italic, at] of slopes) {
            const variationAxes = Object.fromEntries([
                ...others.map(({ tag, min, usual, max }) => [tag, Math.min(max, Math.max(min, Number(pinned[tag] ?? usual)))]),
                ...(weights ? [['wght', weight]] : []), ...(slope ? [[slope.tag, at]] : []),
            ]);
            const written = await subsetFont(sfnt, null, { targetFormat: 'truetype', keepAllGlyphs: true, noHinting: true, preserveNameIds: [1, 2, 16, 17], ...(axes.length > 0 ? { variationAxes } : {}) });
            const file = Buffer.from(await fontverter.convert(written, 'woff2'));
            faces.push({ weight, italic, metrics: { ...verticals(Buffer.from(written)), features: forms(face) }, sfnt: written, woff2: file });
        }
    }
    return { family: plain(named(sfnt, 16, 1)), characters, axes: others, faces };
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
    const [, , folder, given = '{}'] = process.argv;
    try {
        const { faces, ...about } = await open(readFileSync(0), JSON.parse(given));
        faces.forEach(({ sfnt, woff2 }, i) => {
            writeFileSync(join(folder, `${i}.ttf`), sfnt);
            writeFileSync(join(folder, `${i}.woff2`), woff2);
        });
        process.stdout.write(JSON.stringify({ ...about, faces: faces.map(({ weight, italic, metrics }) => ({ weight, italic, metrics })) }));
    } catch (problem) {
        process.stderr.write(problem instanceof Refused ? problem.message : 'The font is damaged or cut off.');
        process.exit(3);
    }
}
