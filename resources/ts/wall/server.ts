/** Talks to the server: edits go one after another, each against the latest edit that this window has seen. */
import { ask } from '../question.ts';
import type { Answer, Command, Patch } from './messages.ts';
import { Pending, type Kept } from './pending.ts';

/** What did not work, in words for people; `place` names the field. */
export class Problem extends Error {
    /** @param again whether the server asks for the same once more */
    constructor(message: string, readonly status: number, readonly place: string, private readonly again = false) {
        super(message);
    }

    /** Whether something is wrong: that there are no more steps to be taken back is none. */
    get isWrong(): boolean {
        return this.place !== 'steps';
    }

    /** Whether the same request may be answered when it is sent again: nobody answered, nobody is signed in, or there is no room or no time now. */
    get passes(): boolean {
        return this.again || [0, 401, 419, 429, 502, 503, 504, 507].includes(this.status);
    }
}

/** Edits are being sent; they wait for a server that does not take them now; or all is answered. */
export type State = 'saved' | 'saving' | 'waiting';

const csrf = (): HTMLMetaElement | null => document.querySelector('meta[name=csrf-token]');

/** Letters and digits, a letter first: an id or seed that nobody else has. */
export function fresh(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(11));
    return 'n' + [...bytes].map((byte) => (byte % 36).toString(36)).join('');
}

/** Commands that came with a page, ready to be sent: sent a second time they make a second thing. */
export const anew = (commands: string): Command[] => (JSON.parse(commands) as Command[]).map((command) => 'seed' in command ? { ...command, seed: fresh() } : command);

/** @param signal with which the caller cancels the request */
export async function send<T>(url: string, body?: unknown, signal?: AbortSignal): Promise<T> {
    const form = body instanceof FormData;
    const text = body === undefined || form ? '' : JSON.stringify(body);
    const response = await ask(url, {
        method: body === undefined ? 'GET' : 'POST',
        headers: {
            Accept: 'application/json',
            'X-CSRF-TOKEN': csrf()?.content ?? '',
            ...(body === undefined || form ? {} : { 'Content-Type': 'application/json' }),
        },
        // What is on its way arrives though the page is left; browsers take so much of that.
        keepalive: text !== '' && text.length < 16_000,
        ...(body === undefined ? {} : { body: form ? body : text }),
        ...(signal ? { signal } : {}),
    }).catch(() => {
        throw new Problem('The server does not answer; try it again in a moment.', 0, '');
    });
    if (response.status === 204) return undefined as T;
    if (response.ok) {
        // An answer that was cut off on its way is none.
        return (await response.json().catch(() => {
            throw new Problem('The answer of the server was cut off; try it again in a moment.', 0, '');
        })) as T;
    }
    const problem = (await response.json().catch(() => ({}))) as { message?: string; place?: string; again?: boolean };
    if (response.status === 401 || response.status === 419) {
        throw new Problem('You have been signed out. Sign in again in another tab, then go on here; changes that are not saved yet are kept.', response.status, '');
    }
    throw new Problem(problem.message || `The server could not do that (${response.status}). Nothing was changed.`, response.status, problem.place ?? '', problem.again);
}

/** Whether whoever asked says what did not work where it was typed. */
export function isHeard(problem: Problem): boolean {
    return problem.status === 422 && !document.dispatchEvent(new CustomEvent('kindred:refused', { detail: problem.message, cancelable: true }));
}

/** The most steps that one request undoes. */
const MOST_STEPS = 20;

/** Pauses between tries while the server does not take edits, ms. */
const PAUSES = [300, 600, 1200, 2500, 5000, 10_000];

export class Server {
    private queue: Promise<unknown> = Promise.resolve();
    private waiting = 0;
    /** Whether the server does not take edits now. */
    private away = false;
    /** Edits of this window that were answered: they are no other people's. */
    private own: number[] = [];
    /** What was asked for last, for as long as it waits. */
    private last: { kept: Kept; sent: boolean; done: Promise<Answer | null> } | null = null;
    /** A question for what others have done that waits for its turn: it covers all who ask meanwhile. */
    private catching: Promise<unknown> | null = null;
    /** What commands come to where several things are edited together. */
    spread: (commands: Command[]) => Command[] = (commands) => commands;

    /** Sends what the hand has done already and waits for more of its kind, so that edits come in the order of the hand. */
    settle: () => void = () => undefined;

    constructor(
        private readonly urls: Record<string, string>,
        private base: number,
        private readonly pending: Pending,
        private readonly onAnswer: (answer: Answer) => void,
        private readonly onProblem: (problem: Problem) => void,
        private readonly onState: (state: State, count: number) => void,
    ) {
        window.addEventListener('beforeunload', (event) => {
            if (this.away) event.preventDefault();
        });
        // Whoever leaves the page leaves the field, which keeps what was typed.
        window.addEventListener('pagehide', () => {
            (document.activeElement as HTMLElement | null)?.blur();
            this.settle();
        });
    }

    /** The latest edit that this window shows. */
    get sequence(): number {
        return this.base;
    }

    /** How many edits were made here and not answered yet. */
    get open(): number {
        return this.waiting;
    }

    /** Sends what an earlier page left unanswered. */
    resume(): void {
        for (const kept of this.pending.left()) void this.enqueue(() => this.deliver(kept));
    }

    /** Resolves with the answer, or null when the edit was refused (which has then been said). */
    edit(...commands: Command[]): Promise<Answer | null> {
        this.settle();
        return this.make('edits', this.spread(commands));
    }

    /** What commands would change in the picture; nothing of it is kept, and a question that fails has no answer. */
    preview(...commands: Command[]): Promise<Patch[]> {
        return send<Answer>(this.urls['preview']!, { base: this.base, commands: this.spread(commands) }).then((answer) => answer.patches, () => []);
    }

    /** What commands would change, in all that shows the same too. */
    foresee(commands: Command[]): Promise<Patch[]> {
        return send<Answer>(this.urls['preview']!, { base: this.base, commands: this.spread(commands), uses: true }).then((answer) => answer.patches, () => []);
    }

    undo(): Promise<Answer | null> {
        this.settle();
        return this.make('undo');
    }

    redo(): Promise<Answer | null> {
        this.settle();
        return this.make('redo');
    }

    /** Marks something as not saved until the returned function is called. */
    hold(): () => void {
        this.count(1);
        return () => this.count(-1);
    }

    /** Resolves when everything that was done up to now has been answered. */
    rest(): Promise<unknown> {
        this.settle();
        return this.queue;
    }

    /** Takes over what others have done. */
    catchUp(): Promise<unknown> {
        return (this.catching ??= this.enqueue(() => {
            this.catching = null;
            return this.missed();
        }, true));
    }

    private make(what: Kept['what'], commands: Command[] = []): Promise<Answer | null> {
        const { last } = this;
        // Steps that are taken back while others before them still wait go together.
        if (what !== 'edits' && last?.kept.what === what && !last.sent && last.kept.times < MOST_STEPS) {
            last.kept.times++;
            this.pending.put(last.kept);
            return last.done;
        }
        const one = { kept: this.pending.keep({ token: fresh(), what, base: this.base, commands, times: 1 }), sent: false, done: Promise.resolve<Answer | null>(null) };
        one.done = this.enqueue(() => {
            one.sent = true;
            return this.deliver(one.kept);
        });
        this.last = one;
        return one.done;
    }

    /** Sends an edit until it is answered or refused. */
    private async deliver({ token, what, base, commands, times }: Kept): Promise<Answer> {
        for (let tries = 0; ; tries++) {
            try {
                const answer = await send<Answer>(this.urls[what]!, what === 'edits' ? { base, token, commands, own: this.own.filter((one) => one > base) } : { token, times });
                this.pending.drop(token);
                this.away = false;
                if (answer.made !== null) this.own = [...this.own.slice(-199), answer.made];
                // One of several could not be taken: asked for alone, the server says why.
                if (times > 1 && answer.sequence - answer.base < times) void this.make(what);
                return answer;
            } catch (problem) {
                if (!(problem instanceof Problem) || !problem.passes) {
                    this.pending.drop(token);
                    this.away = false;
                    throw problem;
                }
                this.away = true;
                this.onState('waiting', this.waiting);
                // One who does not answer may be back at once; whoever says why has it said.
                if (problem.status === 401 || problem.status === 419) await this.signIn(problem, tries);
                else if (tries === 2) this.onProblem(problem.status === 0 ? new Problem('The server does not answer. Your changes are kept in this browser and sent as soon as it is back.', 0, '') : problem);
                await this.pause(PAUSES[Math.min(tries, PAUSES.length - 1)]!);
            }
        }
    }

    /** Whoever signed in again in another tab has another token for their requests. */
    private async signIn(problem: Problem, tries: number): Promise<void> {
        const found = await send<{ token: string }>(this.urls['token']!).catch(() => null);
        if (found) csrf()?.setAttribute('content', found.token);
        else if (tries === 0) this.onProblem(problem);
    }

    /** Until the time is over, the network is back, or somebody looks at the page again. */
    private pause(ms: number): Promise<void> {
        return new Promise((done) => {
            const end = (): void => {
                clearTimeout(timer);
                for (const kind of ['online', 'focus']) window.removeEventListener(kind, end);
                done();
            };
            const timer = setTimeout(end, ms);
            for (const kind of ['online', 'focus']) window.addEventListener(kind, end);
        });
    }

    private missed(): Promise<Answer> {
        return send<Answer>(`${this.urls['edits']!}?since=${this.base}`);
    }

    private enqueue(work: () => Promise<Answer>, quiet = false): Promise<Answer | null> {
        if (!quiet) this.count(1);
        const done = this.queue.then(work).then(
            async (answer) => {
                if (answer.base > this.base) await this.missed().then((all) => this.take(all), () => undefined);
                else this.take(answer);
                return answer;
            },
            async (problem: Problem) => {
                if (quiet) return null;
                // What others did is seen before it is said.
                if (problem.status === 409) await this.missed().then((answer) => this.take(answer), () => undefined);
                this.onProblem(problem);
                return null;
            },
        );
        this.queue = done.catch(() => undefined).finally(() => {
            if (!quiet) this.count(-1);
        });
        return done;
    }

    private count(by: 1 | -1): void {
        this.waiting += by;
        this.onState(this.waiting === 0 ? 'saved' : this.away ? 'waiting' : 'saving', this.waiting);
    }

    private take(answer: Answer): void {
        if (answer.sequence <= this.base && answer.patches.length === 0) return;
        this.base = Math.max(this.base, answer.sequence);
        this.onAnswer(answer);
    }
}
