/** Parts of the page that the server draws, kept in step with the wall. */
import htmx from 'htmx.org';
import { toast } from '../dialogs.ts';
import { ask } from '../question.ts';

/** Pauses before a part is asked for again when there was no answer, ms. */
const PAUSES = [300, 1000, 3000, 10_000];
/** An answer that has not come by then is lost, and asked for again, ms; each time twice as long is waited. */
const LOST = 15_000;
/** How many answers in a row may be older than what the wall shows. */
const OVERTAKEN = 5;
/** Refusals that pass: nobody is signed in, something was changed meanwhile, too much was asked at once. */
const PASSING = [401, 408, 409, 419, 425, 429];

/* What is under a pressed pointer stays there until its click has been heard. */
let pressed: Element | null = null;
let released: (() => void)[] = [];
const release = (): void => {
    // The click comes right after the release.
    setTimeout(() => {
        pressed = null;
        const waiting = released;
        released = [];
        for (const go of waiting) go();
    });
};
addEventListener('pointerdown', (event) => (pressed = event.target as Element), true);
for (const kind of ['pointerup', 'pointercancel', 'dragend']) addEventListener(kind, release, true);
addEventListener('blur', release);

/** What is in the hand: a row that is being dragged, a name that is being written; each by itself, for one place can be held twice. */
const held = new Set<{ element: Element }>();

/** Keeps what is drawn around an element as it is, until what is given back is called. */
export function hold(element: Element): () => void {
    const hand = { element };
    held.add(hand);
    return () => {
        held.delete(hand);
        if (pressed === null) release();
    };
}

/** Resolves when no pointer is pressed in a place, nothing of it is in the hand, and no list of choices is open there. */
export async function free(place: Element): Promise<void> {
    while (place.contains(pressed) || [...held].some(({ element }) => place.contains(element) || element.contains(place))) await new Promise<void>((go) => released.push(go));
    const choice = document.activeElement;
    if (choice instanceof HTMLSelectElement && place.contains(choice) && choice.matches(':open')) {
        await new Promise<void>((go) => ['change', 'blur', 'keyup', 'pointerup'].forEach((kind) => choice.addEventListener(kind, () => go(), { once: true })));
    }
}

/* What is marked here while a change is under way is none of the server's. */
htmx.config.morphIgnore = [...(htmx.config.morphIgnore ?? []), 'data-pending', 'data-sent', 'aria-invalid', 'aria-busy'];

/* What a person has opened stays open, what is being chosen stays as it is, and pictures stay until others have come, whatever the server draws. */
htmx.registerExtension('kept', {
    'htmx_before_morph_attr': (element: Element, { attrName }: { attrName: string }) => !(attrName === 'open' && element instanceof HTMLDetailsElement) && !(attrName === 'src' && element.hasAttribute('data-small')),
    'htmx_before_morph_node': (element: Element) => !(element === document.activeElement && element.matches('input[type=color]')),
});

/**
 * One part of the page. It is asked for as often as wanted: one request at a time, always for what is wanted now. An answer
 * that is older than what the wall shows, or about something else than what is wanted by now, is dropped and asked for again.
 * What is refused for good is said, and asked for no more until somebody wants it anew.
 */
export class Fragment {
    private wanted = 0;
    private patience = LOST;
    private running: Promise<void> | null = null;
    private fetching: { url: string; stop: AbortController } | null = null;
    private wake: (() => void) | null = null;

    /**
     * @param url what is wanted now
     * @param known the latest edit that the wall shows
     * @param shown called when the part shows what was asked for
     * @param around what moves when the part grows: nothing is drawn while a pointer is pressed there
     */
    constructor(readonly place: HTMLElement, private readonly url: () => string, private readonly known: () => number, private readonly shown: (url: string) => void = () => undefined, private readonly around: HTMLElement = place) {}

    /** Resolves when the part shows what is wanted now. */
    ask(): Promise<void> {
        this.wanted++;
        if (this.fetching && this.fetching.url !== this.url()) this.fetching.stop.abort();
        this.wake?.();
        return this.running ??= this.run();
    }

    private async run(): Promise<void> {
        // The calls of one moment are answered together.
        await Promise.resolve();
        let done = 0;
        let [failed, old] = [0, 0];
        try {
            while (done < this.wanted && this.place.isConnected) {
                const turn = this.wanted;
                const url = this.url();
                const answer = await this.fetch(url);
                if (answer === 'stopped' || url !== this.url()) continue;
                if (answer === null) {
                    await this.pause(PAUSES[Math.min(failed++, PAUSES.length - 1)]!);
                    continue;
                }
                if (answer.refused === 0 && answer.sequence < this.known()) {
                    // Edits that come quickly overtake answers; a server that stays behind is not asked without a pause.
                    if (++old > OVERTAKEN) await this.pause(PAUSES[0]!);
                    continue;
                }
                [failed, old] = [0, 0];
                if (answer.refused > 0) {
                    done = turn;
                    // What somebody has just deleted goes from the wall by itself.
                    if (answer.refused !== 404) toast(new DOMParser().parseFromString(answer.text, 'text/html').querySelector('main p')?.textContent ?? 'The server cannot show that.', true);
                    continue;
                }
                await free(this.around);
                if (url !== this.url() || answer.sequence < this.known() || !this.place.isConnected) continue;
                await htmx.swap({ text: answer.text, target: this.place, sourceElement: this.place, swap: 'innerMorph' });
                this.shown(url);
                done = turn;
            }
        } finally {
            // At once: whoever asks from now on is not answered by this.
            this.running = null;
        }
    }

    private async fetch(url: string): Promise<{ text: string; sequence: number; refused: number } | 'stopped' | null> {
        const stop = new AbortController();
        this.fetching = { url, stop };
        const lost = setTimeout(() => {
            this.patience *= 2;
            stop.abort();
        }, this.patience);
        try {
            // What is shown is always of now: no request waits for what another one puts into the browser's cache.
            const response = await ask(url, { headers: { 'HX-Request': 'true', Accept: 'text/html' }, cache: 'no-store', signal: stop.signal });
            const text = await response.text();
            this.patience = LOST;
            const refused = response.status >= 400 && response.status < 500 && !PASSING.includes(response.status) ? response.status : 0;

            return response.ok || refused > 0 ? { text, sequence: Number(response.headers.get('Kindred-Sequence')), refused } : null;
        } catch {
            return stop.signal.aborted ? 'stopped' : null;
        } finally {
            clearTimeout(lost);
            this.fetching = null;
        }
    }

    /** Until the time is over or the part is asked for again. */
    private pause(ms: number): Promise<void> {
        return new Promise((done) => {
            const timer = setTimeout(() => this.wake?.(), ms);
            this.wake = () => {
                clearTimeout(timer);
                this.wake = null;
                done();
            };
        });
    }
}
