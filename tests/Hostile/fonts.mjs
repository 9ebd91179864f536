/**
 * Opens fonts that were changed at random, one after another in one process, and writes those that are taken nevertheless.
 *
 *   node fonts.mjs SEED COUNT FOLDER
 *
 * Writes JSON: how many were taken and refused, what was neither, and how long the longest took, ms.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { open, Refused } from '../../app/Fonts/take.mjs';
import { unpackWoff } from '../../build/sfnt.mjs';

const [, , seed, count, folder] = process.argv;
let state = Number(seed);
const random = () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
};
const below = (most) => Math.floor(random() * most);
const file = (name) => readFileSync(join(import.meta.dirname, '../../node_modules/@fontsource', name));

const woff = [file('lora/files/lora-latin-400-italic.woff'), file('noto-sans-hebrew/files/noto-sans-hebrew-hebrew-400-normal.woff'), file('caveat/files/caveat-latin-400-normal.woff'), file('noto-sans-thai/files/noto-sans-thai-thai-700-normal.woff')];
const bases = [...woff.map((one) => Buffer.from(unpackWoff(one))), woff[0], file('lora/files/lora-latin-400-italic.woff2')];

const changes = [
    (bytes) => { for (let i = 1 + below(12); i > 0; i--) bytes[below(bytes.length)] ^= 1 << below(8); return bytes; },
    (bytes) => bytes.subarray(0, below(bytes.length)),
    (bytes) => bytes.fill(below(2) * 255, below(bytes.length), below(bytes.length)),
    // Where a table lies and how long it is, the second and the third number of its entry.
    (bytes) => { bytes.writeUInt32BE(below(2) ? 0xffffffff : below(bytes.length * 2), 12 + 16 * below(Math.min(16, bytes.readUInt16BE(4))) + 8 + 4 * below(2)); return bytes; },
    (bytes) => { for (let i = 1 + below(6); i > 0; i--) bytes.writeUInt16BE([0, 1, 0x7fff, 0x8000, 0xffff][below(5)], 2 * below(Math.floor(bytes.length / 2))); return bytes; },
    (bytes) => { const [from, to, length] = [below(bytes.length), below(bytes.length), below(2000)]; bytes.copy(bytes, to, from, Math.min(bytes.length, from + length)); return bytes; },
];

const said = { taken: 0, refused: 0, damaged: 0, longest: 0 };
for (let i = 0; i < Number(count); i++) {
    const changed = changes[below(changes.length)](Buffer.from(bases[below(bases.length)]));
    const began = performance.now();
    try {
        const { faces } = await open(changed);
        faces.forEach(({ sfnt }, n) => writeFileSync(join(folder, `${i}-${n}.ttf`), sfnt));
        said.taken++;
    } catch (problem) {
        // Whatever else is thrown is said as "damaged" to who brings it.
        said[problem instanceof Refused ? 'refused' : 'damaged']++;
    }
    said.longest = Math.max(said.longest, performance.now() - began);
}
process.stdout.write(JSON.stringify(said));
