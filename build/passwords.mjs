/** The most common passwords that are long enough to be taken, as a PHP list. */
import { mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { writePhp } from './php.mjs';

const root = join(fileURLToPath(import.meta.url), '../..');
const out = process.env.KINDRED_COMPILED ?? join(root, 'var/compiled');
/** Characters of the shortest that is accepted. */
const SHORTEST = 8;

const all = JSON.parse(readFileSync(join(root, 'node_modules/@zxcvbn-ts/language-common/src/passwords.json'), 'utf8'));
const common = all.map(String).filter((one) => one.length >= SHORTEST);
if (common.length < 1000) throw new Error(`Only ${common.length} common passwords were found.`);
mkdirSync(out, { recursive: true });
writePhp(join(out, 'passwords.php'), common);
console.log(`passwords: ${common.length}`);
