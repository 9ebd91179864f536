/** How the browser's modules are built on each other. */
import { expect, test } from '@playwright/test';
import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize } from 'node:path';

const ROOT = 'resources/ts';

test('no module is built on one that is built on it, types included', () => {
    const files = readdirSync(ROOT, { recursive: true }).map(String).filter((file) => file.endsWith('.ts') && !file.endsWith('.d.ts'));
    const built = new Map(files.map((file) => [file, [...readFileSync(join(ROOT, file), 'utf8').matchAll(/from '(\.{1,2}\/[^']+)'/g)].map((found) => normalize(join(dirname(file), found[1]!)))]));
    expect(files.length).toBeGreaterThan(40);
    for (const on of built.values()) for (const one of on) expect(built.has(one), one).toBe(true);
    const circles: string[] = [];
    const walked = new Set<string>();
    const walk = (file: string, way: string[]): void => {
        if (way.includes(file)) circles.push([...way.slice(way.indexOf(file)), file].join(' → '));
        if (walked.has(file) || way.includes(file)) return;
        for (const next of built.get(file)!) walk(next, [...way, file]);
        walked.add(file);
    };
    files.forEach((file) => walk(file, []));
    expect(circles).toEqual([]);
});
