/** Compiles the icon library (24 px grid, 2 px strokes) and its search words into one PHP table. */
import { mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { writePhp } from './php.mjs';

const root = join(fileURLToPath(import.meta.url), '../..');
const out = process.env.KINDRED_COMPILED ?? join(root, 'var/compiled');
const library = join(root, 'node_modules/lucide-static');
const read = (name) => JSON.parse(readFileSync(join(library, name), 'utf8'));
const nodes = read('icon-nodes.json');
const tags = read('tags.json');
mkdirSync(out, { recursive: true });
const icons = Object.keys(nodes).sort().map((name) => [name, {
    nodes: nodes[name].map(([tag, attributes]) => [tag, Object.fromEntries(Object.entries(attributes).filter(([key]) => key !== 'key'))]),
    tags: tags[name] ?? [],
}]);
writePhp(join(out, 'icons.php'), new Map(icons));
console.log(`icons: ${icons.length}`);
