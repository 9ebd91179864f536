/** Talks to the server: edits go one after another, each against the latest edit that this window has seen. */
import { plainly } from './cells.ts';

export interface Patch {
    layer?: string;
    screen?: string | null;
    parent?: string | null;
    above?: string | null;
    removed?: boolean;
    added?: boolean;
    shell?: boolean;
    svg?: string;
    cells?: CellsPatch;
    name?: string;
    box?: [number, number, number, number];
    view?: number;
    ground?: string;
    cues?: string;
    grid?: string;
    guides?: string;
    /** An entry of the brief that changed. */
    brief?: string;
    project?: { name: string; entry: string | null; finish: string };
    /** The screen, or every screen of the project, is drawn otherwise: its picture is asked for. */
    redraw?: boolean;
    reload?: boolean;
}

/** What changed in the cells of an array, by row: those drawn anew, where others went, how layers of all are painted now. */
export interface CellsPatch {
    order?: string[];
    drawn: Record<string, string>;
    /** Where the cells lie now, one after another: the left edges of the columns and the tops of the rows, in px. */
    places?: { x: number[]; y: number[] };
    /** Attributes to set or to take away, by layer; an element is named by its place in what the layer itself draws. */
    paint: Record<string, [number, string, string | null][]>;
}

export interface Answer { base: number; sequence: number; label: string; patches: Patch[]; added: string[] }

export type Command = { type: string } & Record<string, unknown>;

/** A refusal in words for people; `place` names the field. */
export class Problem extends Error {
    constructor(message: string, readonly status: number, readonly place: string) {
        super(message);
    }
}

const token = (): string => document.querySelector<HTMLMetaElement>('meta[name=csrf-token]')?.content ?? '';

/** Letters and digits, a letter first: an id or seed that nobody else has. */
export function fresh(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(11));
    return 'n' + [...bytes].map((byte) => (byte % 36).toString(36)).join('');
}

export async function send<T>(url: string, body?: unknown): Promise<T> {
    const form = body instanceof FormData;
    const response = await fetch(url, {
        method: body === undefined ? 'GET' : 'POST',
        headers: {
            Accept: 'application/json',
            'X-CSRF-TOKEN': token(),
            ...(body === undefined || form ? {} : { 'Content-Type': 'application/json' }),
        },
        ...(body === undefined ? {} : { body: form ? body : JSON.stringify(body) }),
    }).catch(() => {
        throw new Problem('The server does not answer. What you did last is not saved; try it again in a moment.', 0, '');
    });
    if (response.ok) return (await response.json()) as T;
    const problem = (await response.json().catch(() => ({}))) as { message?: string; place?: string };
    if (response.status === 401 || response.status === 419) {
        throw new Problem('You have been signed out. Sign in again in another tab, then go on here.', response.status, '');
    }
    throw new Problem(problem.message || `The server could not do that (${response.status}). Nothing was changed.`, response.status, problem.place ?? '');
}

export class Server {
    private queue: Promise<unknown> = Promise.resolve();
    private waiting = 0;
    /** What commands come to where several things are edited together. */
    spread: (commands: Command[]) => Command[] = (commands) => commands;

    /** Sends what the hand has done already and waits for more of its kind, so that edits come in the order of the hand. */
    settle: () => void = () => undefined;

    constructor(
        private readonly urls: Record<string, string>,
        private base: number,
        private readonly onAnswer: (answer: Answer) => void,
        private readonly onProblem: (problem: Problem) => void,
        private readonly onState: (busy: boolean) => void,
    ) {}

    /** Resolves with the answer, or null when the edit was refused (which has then been said). */
    edit(...commands: Command[]): Promise<Answer | null> {
        this.settle();
        const name = fresh();
        const plain = this.spread(commands).map(plainly);
        return this.enqueue(() => send<Answer>(this.urls['edits']!, { base: this.base, token: name, commands: plain }));
    }

    /** What commands would change in the picture; nothing of it is kept, and a question that fails has no answer. */
    preview(...commands: Command[]): Promise<Patch[]> {
        return send<Answer>(this.urls['preview']!, { base: this.base, commands: this.spread(commands).map(plainly) }).then((answer) => answer.patches, () => []);
    }

    undo(): Promise<Answer | null> {
        this.settle();
        return this.enqueue(() => send<Answer>(this.urls['undo']!, {}));
    }

    redo(): Promise<Answer | null> {
        this.settle();
        return this.enqueue(() => send<Answer>(this.urls['redo']!, {}));
    }

    /** Resolves when everything that was done up to now has been answered. */
    rest(): Promise<unknown> {
        this.settle();
        return this.queue;
    }

    /** Takes over what others have done. */
    catchUp(): Promise<unknown> {
        return this.waiting > 0 ? this.queue : this.enqueue(() => this.missed(), true);
    }

    private missed(): Promise<Answer> {
        return send<Answer>(`${this.urls['edits']!}?since=${this.base}`);
    }

    private enqueue(work: () => Promise<Answer>, quiet = false): Promise<Answer | null> {
        this.waiting++;
        if (!quiet) this.onState(true);
        const done = this.queue.then(work).then(
            async (answer) => {
                if (answer.base > this.base) await this.take(await this.missed());
                else this.take(answer);
                return answer;
            },
            async (problem: Problem) => {
                if (quiet) return null;
                this.onProblem(problem);
                if (problem.status === 409) await this.missed().then((answer) => this.take(answer), () => undefined);
                return null;
            },
        );
        this.queue = done.catch(() => undefined).finally(() => {
            this.waiting--;
            if (this.waiting === 0) this.onState(false);
        });
        return done;
    }

    private take(answer: Answer): void {
        if (answer.sequence <= this.base && answer.patches.length === 0) return;
        this.base = Math.max(this.base, answer.sequence);
        this.onAnswer(answer);
    }
}
