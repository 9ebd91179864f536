/** Compiles the icon library (24 px grid, 2 px strokes) and its search words into one PHP table. */
import { mkdirSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { writePhp } from './php.mjs';

const root = join(fileURLToPath(import.meta.url), '../..');
const out = process.env.KINDRED_COMPILED ?? join(root, 'var/compiled');
const library = join(root, 'node_modules/lucide-static');
/** Marks of organisations do not belong among icons for everybody. */
const LEFT_OUT = new Set(['creative-commons', 'copyleft']);

function nodes(svg) {
    return [...svg.matchAll(/<(path|circle|rect|line|ellipse|polyline|polygon)\s([^>]*?)\/>/g)].map(([, tag, text]) => [
        tag,
        Object.fromEntries([...text.matchAll(/([\w-]+)="([^"]*)"/g)].map(([, name, value]) => [name, value])),
    ]);
}

const tags = JSON.parse(readFileSync(join(library, 'tags.json'), 'utf8'));
const names = readdirSync(join(library, 'icons')).filter((file) => file.endsWith('.svg')).map((file) => file.slice(0, -4)).sort();
const icons = names.filter((name) => !LEFT_OUT.has(name)).map((name) => [
    name,
    { nodes: nodes(readFileSync(join(library, 'icons', `${name}.svg`), 'utf8')), tags: tags[name] ?? [] },
]);
const empty = icons.filter(([, icon]) => icon.nodes.length === 0).map(([name]) => name);
if (empty.length > 0) throw new Error(`No shapes found in: ${empty.join(', ')}`);
mkdirSync(out, { recursive: true });
writePhp(join(out, 'icons.php'), new Map(icons));
console.log(`icons: ${icons.length}`);
