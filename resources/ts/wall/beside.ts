/** The rehearsal beside the wall: what it shows and which cue has happened light up there, and edits show in it while it goes on. */
import '../../css/player.css';
import { toast } from '../dialogs.ts';
import { asked } from '../player/asked.ts';
import { Rehearsal } from '../player/rehearsal.ts';

/** ms from one redrawing to the next at least. */
const BETWEEN = 400;
/** ms that a cue stays lit. */
const LIT = 1400;

/** A rule, and no mark: screens are drawn anew with edits. */
const sheet = new CSSStyleSheet();
document.adoptedStyleSheets.push(sheet);

export interface Around {
    url: string;
    /** Sends what waits, so that it is seen. */
    rest: () => Promise<unknown>;
    /** Lights a cue's thread; none without one. */
    light: (cue: string | null) => void;
    /** Brings a screen into view, where it is not. */
    seen: (screen: string) => void;
    /** It takes room from the wall, or gives it back. */
    moved: () => void;
}

export class Beside {
    private rehearsal: Rehearsal | null = null;
    private turned = false;
    private waiting = 0;
    private lit = 0;

    constructor(private readonly panel: HTMLElement, private readonly around: Around) {
        panel.querySelector('[data-part=close]')!.addEventListener('click', () => this.close());
        document.addEventListener('kindred:edited', () => this.edited());
        // Keys pressed in it are its own.
        for (const kind of ['keydown', 'keyup', 'wheel', 'paste', 'copy', 'cut'] as const) panel.addEventListener(kind, (event) => event.stopPropagation());
    }

    get isOpen(): boolean {
        return !this.panel.hidden;
    }

    async open(screen: string): Promise<void> {
        await this.around.rest();
        const table = await this.ask(screen);
        if (!table) return toast('The rehearsal could not be opened; try it again in a moment.', true);
        const root = this.panel.querySelector<HTMLElement>('#rehearsal')!;
        if (this.rehearsal) {
            this.rehearsal.begin(table, screen);
        } else {
            this.rehearsal = new Rehearsal(root, table, {
                start: screen, keys: this.panel, leave: () => this.close(),
                turn: async (now) => {
                    this.turned = now;
                    return this.ask(this.rehearsal?.player.machine.screen ?? '');
                },
                told: { shown: () => this.arrived(), fired: (cue) => this.fired(cue) },
            });
        }
        this.panel.hidden = false;
        this.around.moved();
        this.show();
        root.querySelector<HTMLElement>('.table')!.focus();
    }

    close(): void {
        this.panel.hidden = true;
        sheet.replaceSync('');
        this.around.light(null);
        this.around.moved();
        document.getElementById('wall')?.focus();
    }

    private ask(screen: string): ReturnType<typeof asked> {
        return asked(`${this.around.url}?${new URLSearchParams({ screen, ...(this.turned ? { turned: '1' } : {}) })}`, this.panel);
    }

    /** Another screen is shown: the wall goes there, too. */
    private arrived(): void {
        this.show();
        const { machine } = this.rehearsal?.player ?? {};
        const top = machine?.over.at(-1) ?? machine?.screen ?? null;
        if (this.isOpen && top !== null) this.around.seen(top);
    }

    /** Where the rehearsal is. */
    private show(): void {
        const { machine } = this.rehearsal?.player ?? {};
        const shown = machine ? [machine.screen, ...machine.over].filter((id) => id !== null) : [];
        const of = (selector: (id: string) => string): string => shown.map((id) => selector(CSS.escape(id))).join(', ');
        sheet.replaceSync(shown.length === 0 ? '' : `${of((id) => `#stage .screen[data-screen="${id}"]`)} { outline: 5px dashed var(--color-clay); outline-offset: 8px; } ${of((id) => `#reel [data-card="${id}"]`)} { box-shadow: inset 3px 0 0 var(--color-clay); }`);
    }

    private fired(cue: string): void {
        clearTimeout(this.lit);
        this.around.light(cue);
        this.lit = window.setTimeout(() => this.around.light(null), LIT);
    }

    private edited(): void {
        if (!this.isOpen || this.waiting !== 0) return;
        this.waiting = window.setTimeout(async () => {
            const table = await this.ask(this.rehearsal?.player.machine.screen ?? '');
            this.waiting = 0;
            if (!table || !this.isOpen) return;
            this.rehearsal?.redraw(table);
            this.show();
        }, BETWEEN);
    }
}
