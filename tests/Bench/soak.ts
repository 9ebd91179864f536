/**
 * Writers that never pause, while the database, PHP and nginx are killed; afterwards everything that was acknowledged has
 * to be in the log, once, in order, and the log replayed from the beginning has to give what is stored.
 */
import { test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';

const [base, run] = [process.env['KINDRED_URL']!, process.env['KINDRED_RUN']!];
const until = Date.now() + Number(process.env['KINDRED_SOAK'] ?? 10) * 60_000;
const WRITERS = 12;
const PROJECTS = 3;
/** Pause between two kills, ms. */
const BETWEEN = [200, 1400] as const;

const sleep = (ms: number): Promise<void> => new Promise((done) => setTimeout(done, ms));
const any = <T>(of: readonly T[]): T => of[Math.floor(Math.random() * of.length)]!;

class Person {
    private readonly cookies = new Map<string, string>();
    private csrf = '';

    async ask(method: string, path: string, body?: unknown): Promise<{ status: number; text: string }> {
        const form = typeof body === 'string';
        const response = await fetch(base + path, {
            method,
            redirect: 'manual',
            signal: AbortSignal.timeout(20_000),
            headers: {
                Accept: form ? 'text/html' : 'application/json',
                Cookie: [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; '),
                'X-CSRF-TOKEN': this.csrf,
                ...(body === undefined ? {} : { 'Content-Type': form ? 'application/x-www-form-urlencoded' : 'application/json' }),
            },
            ...(body === undefined ? {} : { body: form ? (body as string) : JSON.stringify(body) }),
        });
        for (const cookie of response.headers.getSetCookie()) {
            const [pair = ''] = cookie.split(';');
            this.cookies.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1));
        }
        const text = await response.text();
        const token = /csrf-token" content="([^"]+)"/.exec(text)?.[1];
        if (token) this.csrf = token;
        return { status: response.status, text };
    }

    /** Another window of the same browser. */
    again(): Person {
        const other = new Person();
        for (const [name, value] of this.cookies) other.cookies.set(name, value);
        other.csrf = this.csrf;
        return other;
    }

    async signIn(): Promise<void> {
        await this.ask('GET', '/sign-in');
        await this.ask('POST', '/sign-in/demo', `_token=${this.csrf}`);
        await this.ask('GET', '/');
    }
}

interface Sent { token: string; sequence: number | null }

const times: number[] = [];
const odd = new Map<string, number>();
let [away, signedOut, refused, failed] = [0, 0, 0, 0];
let awaySince = 0;

async function write(person: Person, project: number, layers: string[], sent: Sent[]): Promise<void> {
    let latest = 0;
    for (let i = 0; Date.now() < until; i++) {
        const token = `s${Math.random().toString(36).slice(2)}${i}`;
        const layer = any(layers);
        const command = any([
            { type: 'move-layers', screen: 'welcome', layers: [layer], dx: 1, dy: 0 },
            { type: 'move-layers', screen: 'welcome', layers: [layer], dx: 0, dy: -1 },
            { type: 'set-field', screen: 'welcome', layers: [layer], field: 'opacity', value: `${50 + (i % 50)}%` },
            { type: 'rename-layer', layer, name: `Layer ${i}` },
            { type: 'create-layers', screen: 'today', seed: token, layers: [{ kind: 'box', x: i % 300, y: i % 700, width: 9, height: 9 }] },
            { type: 'duplicate-screen', screen: 'booked', seed: token },
            { type: 'delete-screens', screens: ['later'] },
        ].slice(0, i % 40 === 39 ? 7 : 5));
        const body = i % 17 === 16 ? null : { base: latest, token, commands: [command] };
        const begun = Date.now();
        for (;;) {
            const answer = await person.ask('POST', `/projects/${project}/${body === null ? 'undo' : 'edits'}`, body ?? { token }).catch(() => null);
            if (answer?.status === 200) {
                let said: { sequence: number; made: number | null };
                try {
                    said = JSON.parse(answer.text) as typeof said;
                } catch {
                    // Cut off on its way: no answer.
                    continue;
                }
                const { sequence, made } = said;
                latest = Math.max(latest, sequence);
                sent.push({ token, sequence: made });
                times.push(Date.now() - begun);
                if (awaySince) [away, awaySince] = [away + Date.now() - awaySince, 0];
                break;
            }
            if (answer?.status === 401 || answer?.status === 419) {
                signedOut++;
                await person.signIn().catch(() => undefined);
            } else if (answer && answer.status < 500 && answer.status !== 429 && !answer.text.includes('"again":true')) {
                // Refused in words: others changed the same thing, or there is nothing to undo.
                if (answer.status !== 409 && answer.status !== 422) {
                    failed++;
                    odd.set(`${answer.status} ${answer.text.slice(0, 200)}`, (odd.get(`${answer.status} ${answer.text.slice(0, 200)}`) ?? 0) + 1);
                }
                refused++;
                latest = Math.max(latest, await person.ask('GET', `/projects/${project}/edits?since=${latest}`).then((since) => (JSON.parse(since.text) as { sequence?: number }).sequence ?? latest).catch(() => latest));
                break;
            } else {
                if (answer === null || answer.status === 502 || answer.status === 503) awaySince ||= Date.now();
                else if (answer.status === 500) {
                    failed++;
                    odd.set(`500 ${answer.text.slice(0, 80)}`, (odd.get(`500 ${answer.text.slice(0, 80)}`) ?? 0) + 1);
                }
                await sleep(60);
            }
        }
    }
}

const pids = (pattern: string): number[] => {
    try {
        return execFileSync('pgrep', ['-f', pattern]).toString().trim().split('\n').map(Number);
    } catch {
        return [];
    }
};
const targets: Record<string, () => number | undefined> = {
    database: () => Number(readFileSync(`${run}/mysql.pid`, 'utf8')) || undefined,
    'PHP worker': () => {
        const [master] = pids(`php-fpm: master process \\(${run}`);
        return master ? any(execFileSync('pgrep', ['-P', String(master)]).toString().trim().split('\n').map(Number)) : undefined;
    },
    PHP: () => pids(`php-fpm: master process \\(${run}`)[0],
    nginx: () => pids(`nginx: master process nginx -c ${run}`)[0],
};

async function kill(kills: Map<string, number>): Promise<void> {
    while (Date.now() < until - 5000) {
        await sleep(BETWEEN[0] + Math.random() * (BETWEEN[1] - BETWEEN[0]));
        const name = any(['database', 'database', 'PHP worker', 'PHP worker', 'PHP worker', 'PHP', 'nginx']);
        try {
            const pid = targets[name]!();
            if (!pid) continue;
            process.kill(pid, 'SIGKILL');
            kills.set(name, (kills.get(name) ?? 0) + 1);
        } catch {
            // It is just being started again.
        }
    }
}

function written(content: object): string {
    const path = `${tmpdir()}/kindred-soak-${process.pid}.kindred.json`;
    writeFileSync(path, JSON.stringify(content));
    return path;
}

test('soak', async () => {
    const owner = new Person();
    await owner.signIn();
    const file = JSON.parse((await owner.ask('GET', '/projects/1/hand-over/project')).text) as { name: string; screens: { id: string; layers: { id: string }[] }[] };
    const layers = file.screens.find((screen) => screen.id === 'welcome')!.layers.map((layer) => layer.id);
    const projects = Array.from({ length: PROJECTS }, () => Number(execFileSync('php', ['artisan', 'kindred:import', written(file), '--owner=demo@fernhollow.example']).toString().match(/project (\d+)/)![1]));
    const begins = new Map(projects.map((id) => [id, execFileSync('php', ['tests/Bench/replay.php', String(id), 'begin']).toString()]));

    const kills = new Map<string, number>();
    const sent = new Map<number, Sent[]>(projects.map((id) => [id, []]));
    // Windows of one browser: whoever signs in many times a minute is slowed down.
    const people = Array.from({ length: WRITERS }, () => owner.again());
    await Promise.all([kill(kills), ...people.map((person, i) => write(person, projects[i % PROJECTS]!, layers, sent.get(projects[i % PROJECTS]!)!))]);

    let [edits, lost, twice, wrong] = [0, 0, 0, 0];
    for (const project of projects) {
        const path = `${tmpdir()}/kindred-soak-${process.pid}-${project}.json`;
        writeFileSync(path, JSON.stringify(sent.get(project)));
        for (let tries = 0; ; tries++) {
            try {
                const found = JSON.parse(execFileSync('php', ['-d', 'memory_limit=2G', 'tests/Bench/replay.php', String(project), begins.get(project)!, path], { maxBuffer: 1 << 28 }).toString()) as { edits: number; lost: number; twice: number; wrong: number };
                [edits, lost, twice, wrong] = [edits + found.edits, lost + found.lost, twice + found.twice, wrong + found.wrong];
                break;
            } catch (problem) {
                if (tries > 20) throw problem;
                await sleep(1000);
            }
        }
    }
    const sorted = times.sort((a, b) => a - b);
    const p95 = sorted[Math.floor(sorted.length * 0.95)] ?? 0;
    console.log(`soak: ${[...kills].map(([name, count]) => `${count} x ${name}`).join(', ')} killed, ${[...kills.values()].reduce((a, b) => a + b, 0)} in all; ${times.length} edits acknowledged, ${edits} in the log, ${refused} refused in words, ${failed} failed without;`);
    for (const [what, count] of odd) console.log(`      ${count} x ${what}`);
    console.log(`      away ${(away / 1000).toFixed(0)} s in all; ${signedOut} signed out; answer at the median ${sorted[sorted.length >> 1] ?? 0} ms, p95 ${p95} ms (with the time away)`);
    console.log(`      lost ${lost}, twice ${twice}, not applying ${wrong}: ${lost + twice + wrong === 0 ? 'pass' : 'MISS'}`);
    if (lost + twice + wrong > 0) throw new Error('Something was lost, made twice, or does not apply.');
});
