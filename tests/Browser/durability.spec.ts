/** Four people write without pause, the database is killed in the middle, and nothing acknowledged is lost. */
import { expect, request } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { fresh } from '../../resources/ts/wall/server.ts';
import { allowError, openDemo, test } from './support/hand.ts';

const run = process.env['KINDRED_RUN'];

function query(sql: string): string[][] {
    const env = readFileSync(`${process.env['KINDRED_VAR']}/.env`, 'utf8');
    const read = (key: string): string => new RegExp(`^${key}=(.*)$`, 'm').exec(env)![1]!;
    const out = execFileSync('mariadb', ['--no-defaults', '-h127.0.0.1', `-P${read('DB_PORT')}`, '-ukindred', `-p${read('DB_PASSWORD')}`, 'kindred', '-N', '-e', sql], { stdio: ['ignore', 'pipe', 'ignore'] });
    return out.toString().trim().split('\n').filter(Boolean).map((row) => row.split('\t'));
}

test('every acknowledged edit survives SIGKILL, in order, and none twice', async ({ page, baseURL }) => {
    test.skip(!run || !process.env['KINDRED_VAR'], 'needs the database that bin/test starts');
    test.setTimeout(180_000);
    await openDemo(page, 'Crash');
    const project = new URL(page.url()).pathname.split('/')[2]!;
    const state = await page.context().storageState();
    const layers = ['t00002', 't00003', 'p00001', 't00007'];
    const screens = ['welcome', 'welcome', 'welcome', 'welcome'];
    const known = query(`select id, screen from layers where project_id = ${project} and parent = '' and screen <> '' and json_value(body, '$.locked') = 0 order by screen, id`);
    layers.forEach((_, i) => ([layers[i], screens[i]] = known[i * 7] as [string, string]));
    const start = new Map(query(`select id, x from layers where project_id = ${project}`).map(([id, x]) => [id, Number(x)]));

    let stop = false;
    let kill = false;
    const writer = async (i: number): Promise<{ token: string; sequence: number }[]> => {
        const api = await request.newContext({ baseURL: baseURL!, storageState: state });
        const html = await (await api.get(`/projects/${project}/wall`)).text();
        const csrf = /csrf-token" content="([^"]+)"/.exec(html)![1]!;
        const acknowledged: { token: string; sequence: number }[] = [];
        let base = 0;
        while (!stop) {
            const token = fresh();
            // The same edit is sent until it is acknowledged; its token keeps it from being made twice.
            for (;;) {
                const response = await api.post(`/projects/${project}/edits`, {
                    headers: { 'X-CSRF-TOKEN': csrf, Accept: 'application/json' },
                    data: { base, token, commands: [{ type: 'move-layers', screen: screens[i], layers: [layers[i]], dx: 1, dy: 0 }] },
                    timeout: 15_000,
                }).catch(() => null);
                if (response?.ok()) {
                    const { sequence } = (await response.json()) as { sequence: number };
                    acknowledged.push({ token, sequence });
                    base = Math.max(base, sequence);
                    break;
                }
                // What is refused would be refused again.
                expect(response?.status()).not.toBe(422);
                kill = kill || response === null || response.status() >= 500;
                await new Promise((done) => setTimeout(done, 100));
            }
        }
        await api.dispose();
        return acknowledged;
    };
    const writers = layers.map((_, i) => writer(i));
    /** How many edits the database holds; none while it is away. */
    const made = (): number => {
        try {
            return Number(query(`select count(*) from edits where project_id = ${project}`)[0]![0]);
        } catch {
            return 0;
        }
    };
    await expect.poll(made, { timeout: 30_000 }).toBeGreaterThan(60);
    const count = made();

    // What the open wall asks for while the database is away is answered so, and asked for again.
    allowError(/503/);
    process.kill(Number(readFileSync(`${run}/mysql.pid`, 'utf8').trim()), 'SIGKILL');
    await expect.poll(() => kill, { timeout: 20_000 }).toBe(true);
    // It is started again by what started it.
    await expect.poll(() => made(), { timeout: 60_000 }).toBeGreaterThan(count + 60);
    stop = true;
    const acknowledged = await Promise.all(writers);

    const rows = query(`select sequence, token from edits where project_id = ${project} order by sequence`);
    expect(rows.map(([sequence]) => Number(sequence))).toEqual(rows.map((_, i) => i + 1));
    const found = new Map(rows.map(([sequence, token]) => [token!, Number(sequence)]));
    expect(found.size).toBe(rows.length);
    expect(acknowledged.flat().length).toBe(rows.length);
    for (const own of acknowledged) {
        expect(own.length).toBeGreaterThan(20);
        const sequences = own.map(({ token }) => found.get(token));
        expect(sequences.every((sequence) => sequence !== undefined)).toBe(true);
        expect([...sequences].sort((a, b) => a! - b!)).toEqual(sequences);
    }
    const now = new Map(query(`select id, x from layers where project_id = ${project}`).map(([id, x]) => [id, Number(x)]));
    layers.forEach((layer, i) => expect(now.get(layer)! - start.get(layer)!).toBe(acknowledged[i]!.length));
});
