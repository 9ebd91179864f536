/** A rehearsal with all that steers it: on its own page, beside the wall, and in the web page that leaves the application. */
import { Player, type Told } from './player.ts';
import type { Table } from './table.ts';

/** What time can be slowed down to; 0 stands still until it is stepped. */
const PACES: [number, string][] = [[1, 'As it is'], [0.5, 'Half as fast'], [0.25, 'A quarter'], [0.1, 'A tenth'], [0, 'Step by step']];
/** ms of a step. */
const STEP = 50;
/** The longer side of a bank card, mm (ISO/IEC 7810, ID-1). */
const CARD = 85.6;
const KEPT = 'kindred.per-mm';

export interface Outside {
    /** The screen that it starts from; null for the project's first. */
    start: string | null;
    /** Where keys are taken. */
    keys: Document | HTMLElement;
    /** Leads out of it; nothing where there is no way out. */
    leave?: (screen: string | null) => void;
    /** Gives the programme with all devices turned, or as they are, once their screens are on the page; null where it could not. */
    turn?: (turned: boolean) => Promise<Table | null>;
    told?: Told;
}

export class Rehearsal {
    player: Player;
    private turned = false;

    constructor(private readonly root: HTMLElement, table: Table, private readonly outside: Outside) {
        root.innerHTML = `
            <div class="bar">
                <button type="button" data-play="back" title="Return (left arrow)">Return</button>
                <button type="button" data-play="restart" title="Restart (R)">Restart</button>
                <button type="button" data-play="areas" aria-pressed="false" title="Show what can be tapped (T)">Tappable areas</button>
                <button type="button" data-play="signals" aria-pressed="false" title="What widgets hold, by the names that words in braces use (S)">Signals</button>
                <button type="button" data-play="path" aria-pressed="false" title="The screens of the way here, to go back to (P)">Path</button>
                <label class="pace" title="Slower and faster (comma and full stop); a full stop steps where time stands still">Pace <select>${PACES.map(([rate, name]) => `<option value="${rate}">${name}</option>`).join('')}</select></label>
                <button type="button" data-play="step" title="${STEP} ms on (full stop)" hidden>Step</button>
                ${outside.turn ? '<button type="button" data-play="turn" aria-pressed="false" title="The device turned on its side (O)">Turn</button>' : ''}
                <button type="button" data-play="real" aria-pressed="false" title="As large as in the hand (Z); the ruler is set once">Real size</button>
                <button type="button" data-play="whole" title="Without anything around it (F); Escape leaves it">Full screen</button>
                <label class="say" title="What is spoken, typed: Enter says it" hidden>Say <input type="text" maxlength="200" autocomplete="off" spellcheck="false"></label>
                <output class="screen-now" aria-live="polite"></output>
            </div>
            <div class="table" role="group" tabindex="0" aria-label="Rehearsal. Down and up arrow go through what can be tapped, Enter taps it.">
                <div class="device"></div>
                <dl class="signals" hidden></dl>
                <ol class="path" aria-label="The way here" hidden></ol>
                <p class="nothing" hidden>There is no screen to rehearse yet. Add one on the wall first.</p>
            </div>
            <dialog class="ruler" aria-label="The ruler">
                <p>Hold a bank card to the bar, and make the bar as long as the card.</p>
                <div class="measure"></div>
                <input type="range" min="150" max="700" step="1" aria-label="Length of the bar">
                <button type="button" data-play="measured">It is as long</button>
            </dialog>`;
        this.player = this.made(table, outside.start);
        this.find<HTMLElement>('.say').hidden = !table.cues.some(({ trigger }) => trigger.kind === 'spoken');
        this.find('.say').addEventListener('keydown', (event) => this.said(event as KeyboardEvent));
        root.addEventListener('click', (event) => this.pressed(event.target as Element));
        this.find('.pace').addEventListener('change', () => this.pace(Number(this.select.value)));
        this.find('[type=range]').addEventListener('input', () => this.measure());
        document.addEventListener('fullscreenchange', () => {
            root.classList.toggle('whole', document.fullscreenElement === root);
            this.player.real(root.classList.contains('whole') ? null : this.perMm());
        });
        outside.keys.addEventListener('keydown', (event) => this.typed(event as KeyboardEvent));
    }

    /** Shows what screens look like by now, where the rehearsal stands; where they are others it begins anew on the same screen. */
    redraw(table: Table): void {
        const { screen } = this.player.machine;
        if (!this.player.redraw(table)) this.begin(table, table.states.some(({ id }) => id === screen) ? screen : null);
    }

    /** Begins anew, on a screen. */
    begin(table: Table, screen: string | null): void {
        this.player.end();
        const frame = document.createElement('div');
        frame.className = 'device';
        this.find('.device').replaceWith(frame);
        this.player = this.made(table, screen);
        this.player.pace(Number(this.select.value));
        this.player.real(this.perMm());
        this.player.showAreas(this.isOn('areas'));
    }

    private made(table: Table, start: string | null): Player {
        const { told } = this.outside;
        return new Player(this.root, table, start, {
            ...told, changed: () => {
                this.list();
                told?.changed?.();
            },
        });
    }

    private find<T extends Element>(selector: string): T {
        return this.root.querySelector<T>(selector)!;
    }

    private get select(): HTMLSelectElement {
        return this.find('.pace select');
    }

    private isOn(name: string): boolean {
        return this.find(`[data-play=${name}]`).getAttribute('aria-pressed') === 'true';
    }

    private mark(name: string, on: boolean): void {
        this.find(`[data-play=${name}]`).setAttribute('aria-pressed', String(on));
    }

    private said(event: KeyboardEvent): void {
        event.stopPropagation();
        const field = event.target as HTMLInputElement;
        if (event.key === 'Escape') field.blur();
        if (event.key !== 'Enter') return;
        this.player.say(field.value);
        field.select();
    }

    /** Values by name, with what they hold now, and the way here. */
    private list(): void {
        // The machine tells of its first values while it is made.
        if (!this.player) return;
        const make = <K extends keyof HTMLElementTagNameMap>(tag: K, words: string): HTMLElementTagNameMap[K] => Object.assign(document.createElement(tag), { textContent: words });
        const [signals, path] = [this.find<HTMLElement>('.signals'), this.find<HTMLElement>('.path')];
        if (!signals.hidden) signals.replaceChildren(...this.player.machine.values.list().flatMap(([name, value]) => [make('dt', name), make('dd', value || '–')]));
        if (path.hidden) return;
        const steps = this.player.path();
        path.replaceChildren(...steps.map((name, i) => {
            const item = document.createElement('li');
            const button = item.appendChild(make('button', name));
            button.type = 'button';
            if (i === steps.length - 1) button.setAttribute('aria-current', 'step');
            else button.dataset['jump'] = String(i);
            return item;
        }));
    }

    private pressed(target: Element): void {
        const jump = target.closest<HTMLElement>('[data-jump]')?.dataset['jump'];
        if (jump !== undefined) return this.player.jump(Number(jump));
        const act = target.closest<HTMLElement>('[data-play]')?.dataset['play'];
        if (act) this.act(act);
    }

    private act(act: string): void {
        switch (act) {
            case 'back': return this.player.back();
            case 'restart': return this.player.restart();
            case 'step': return this.player.step(STEP);
            case 'turn': return void this.turn();
            case 'whole': return void (document.fullscreenElement ? document.exitFullscreen() : this.root.requestFullscreen().catch(() => undefined));
            case 'real': return this.real();
            case 'measured': return this.measured();
            case 'areas':
                this.mark('areas', !this.isOn('areas'));
                return this.player.showAreas(this.isOn('areas'));
            default: {
                const panel = this.find<HTMLElement>(`.${act}`);
                panel.hidden = !panel.hidden;
                this.mark(act, !panel.hidden);
                this.list();
            }
        }
    }

    private pace(rate: number): void {
        this.select.value = String(rate);
        this.find<HTMLElement>('[data-play=step]').hidden = rate > 0;
        this.player.pace(rate);
    }

    private async turn(): Promise<void> {
        const table = await this.outside.turn?.(!this.turned);
        if (!table) return;
        this.turned = !this.turned;
        this.mark('turn', this.turned);
        this.redraw(table);
    }

    private perMm(): number | null {
        return this.isOn('real') ? Number(localStorage.getItem(KEPT)) || null : null;
    }

    /** Real size; without a ruler that is set first. */
    private real(): void {
        this.mark('real', !this.isOn('real'));
        if (this.isOn('real') && this.perMm() === null) {
            this.find<HTMLInputElement>('[type=range]').value = String(Math.round(CARD * 96 / 25.4));
            this.measure();
            const dialog = this.find<HTMLDialogElement>('.ruler');
            dialog.onclose = () => this.perMm() === null && this.mark('real', false);
            return dialog.showModal();
        }
        this.player.real(this.perMm());
    }

    private measure(): void {
        this.find<HTMLElement>('.measure').style.width = `${this.find<HTMLInputElement>('[type=range]').value}px`;
    }

    private measured(): void {
        localStorage.setItem(KEPT, String(Number(this.find<HTMLInputElement>('[type=range]').value) / CARD));
        this.find<HTMLDialogElement>('.ruler').close();
        this.player.real(this.perMm());
    }

    private typed(event: KeyboardEvent): void {
        const target = event.target as Element;
        if (target.closest('#house, dialog')) return;
        // What a cue waits for is that, whatever else the key would do here.
        if (!target.matches('input, textarea, select') && this.player.key(named(event))) return this.done(event);
        if (event.ctrlKey || event.metaKey || event.altKey || target.matches('input, textarea, select')) return;
        const onTable = target.closest('.table') !== null || target === document.body;
        const rate = Number(this.select.value);
        switch (event.key.length === 1 ? event.key.toLowerCase() : event.key) {
            case 'ArrowLeft': case 'Backspace': this.act('back'); break;
            case 'r': this.act('restart'); break;
            case 't': this.act('areas'); break;
            case 's': this.act('signals'); break;
            case 'p': this.act('path'); break;
            case 'z': this.act('real'); break;
            case 'f': this.act('whole'); break;
            case 'o': if (this.outside.turn) this.act('turn'); break;
            case ',': this.pace(PACES[Math.min(PACES.length - 1, PACES.findIndex(([one]) => one === rate) + 1)]![0]); break;
            case '.': if (rate === 0) this.act('step'); else this.pace(PACES[Math.max(0, PACES.findIndex(([one]) => one === rate) - 1)]![0]); break;
            case 'Escape': if (!this.player.close()) this.outside.leave?.(this.player.machine.screen); break;
            case 'ArrowDown': if (!onTable) return; this.player.focusNext(1); break;
            case 'ArrowUp': if (!onTable) return; this.player.focusNext(-1); break;
            case 'Enter': if (!onTable) return; this.player.pressFocused(); break;
            default: return;
        }
        this.done(event);
    }

    private done(event: KeyboardEvent): void {
        event.preventDefault();
        // What lies around it, such as the wall, has keys of its own.
        if (this.outside.keys !== document) event.stopPropagation();
    }
}

/** A key as cues name it. */
function named({ key, ctrlKey, altKey, metaKey, shiftKey }: KeyboardEvent): string {
    const name = key === ' ' ? 'Space' : key.length === 1 ? key.toUpperCase() : key;
    // Which signs need Shift differs from keyboard to keyboard; the sign is what counts.
    const shifted = shiftKey && (name.length > 1 || /\p{L}/u.test(name));
    return `${ctrlKey ? 'Ctrl+' : ''}${altKey ? 'Alt+' : ''}${metaKey ? 'Meta+' : ''}${shifted ? 'Shift+' : ''}${name}`;
}
