/** What `kindred:measure` says of the project that is open. */
import type { Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { test } from '@playwright/test';

export interface Measured { id: string; name: string; x: number; y: number; width: number; height: number; lines?: string[] }

export async function measured(page: Page, screen: string, device?: string): Promise<Measured[]> {
    const path = test.info().outputPath('measured.kindred.json');
    writeFileSync(path, await (await page.request.get(page.url().replace(/wall.*/, 'hand-over/project'))).body());
    const options = [`--screen=${screen}`, ...(device ? [`--device=${device}`] : [])];
    return JSON.parse(execFileSync('php', ['artisan', 'kindred:measure', path, ...options]).toString()) as Measured[];
}

/** Pairs of these that cover a part of each other. */
export function overlapping(boxes: Measured[]): string[] {
    return boxes.flatMap((a, i) => boxes.slice(i + 1)
        .filter((b) => a.x < b.x + b.width - 0.01 && b.x < a.x + a.width - 0.01 && a.y < b.y + b.height - 0.01 && b.y < a.y + a.height - 0.01)
        .map((b) => `${a.name} and ${b.name}`));
}
