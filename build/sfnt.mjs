/** What font files hold (OpenType 1.9): their tables, and the measures that CSS takes of them. */
import { inflateSync } from 'node:zlib';

/** WOFF 1.0 (W3C): a table directory of zlib-compressed tables, put back as an sfnt. */
export function unpackWoff(woff) {
    const count = woff.readUInt16BE(12);
    const tables = [];
    for (let i = 0; i < count; i++) {
        const at = 44 + i * 20;
        const [offset, packed, length, checksum] = [4, 8, 12, 16].map((n) => woff.readUInt32BE(at + n));
        const body = woff.subarray(offset, offset + packed);
        tables.push({ tag: woff.subarray(at, at + 4), checksum, length, data: packed < length ? inflateSync(body) : body });
    }
    const head = Buffer.alloc(12 + 16 * count);
    woff.copy(head, 0, 4, 8);
    const power = Math.floor(Math.log2(count));
    head.writeUInt16BE(count, 4);
    head.writeUInt16BE(16 * 2 ** power, 6);
    head.writeUInt16BE(power, 8);
    head.writeUInt16BE(16 * (count - 2 ** power), 10);
    const parts = [head];
    let offset = head.length;
    tables.forEach(({ tag, checksum, length, data }, i) => {
        tag.copy(head, 12 + i * 16);
        head.writeUInt32BE(checksum, 16 + i * 16);
        head.writeUInt32BE(offset, 20 + i * 16);
        head.writeUInt32BE(length, 24 + i * 16);
        const padded = Buffer.alloc((length + 3) & ~3);
        data.copy(padded);
        parts.push(padded);
        offset += padded.length;
    });
    return Buffer.concat(parts);
}

export function table(sfnt, name) {
    for (let i = 0, count = sfnt.readUInt16BE(4); i < count; i++) {
        if (sfnt.toString('latin1', 12 + i * 16, 16 + i * 16) === name) {
            return sfnt.subarray(sfnt.readUInt32BE(20 + i * 16));
        }
    }
    return null;
}

/** Vertical metrics the way CSS takes them: OS/2 typographic when the font asks for it, hhea otherwise. */
export function verticals(sfnt) {
    const [head, hhea, os2, post] = ['head', 'hhea', 'OS/2', 'post'].map((name) => table(sfnt, name));
    const typographic = (os2.readUInt16BE(62) & 128) !== 0;
    const source = typographic ? [os2, 68, 70, 72] : [hhea, 4, 6, 8];
    return {
        unitsPerEm: head.readUInt16BE(18),
        ascent: source[0].readInt16BE(source[1]),
        descent: -source[0].readInt16BE(source[2]),
        lineGap: source[0].readInt16BE(source[3]),
        xHeight: os2.readInt16BE(86),
        capHeight: os2.readInt16BE(88),
        // The upper edges of the lines under and through words, upwards from the baseline, and how thick they are.
        underline: [post.readInt16BE(8), post.readInt16BE(10)],
        lineThrough: [os2.readInt16BE(28), os2.readInt16BE(26)],
    };
}

/** The features of OpenType that a font has for other forms of figures and letters (CSS Fonts 4, `font-variant`). */
const FORMS = ['lnum', 'onum', 'pnum', 'tnum', 'frac', 'ordn', 'zero', 'smcp', 'c2sc'];

export const forms = (face) => FORMS.filter((tag) => face.getTableFeatureTags('GSUB').includes(tag));
