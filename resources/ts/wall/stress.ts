/** A screen under strain: one picture after another is asked for, what breaks is listed, and what would hold is done at a press. */
import { ask } from '../dialogs.ts';
import type { Parts } from './parts.ts';
import { anew } from './server.ts';

/** As many are looked at at once. */
const AT_ONCE = 2;

export class Stress {
    private stop = new AbortController();
    private screen = '';

    constructor(private readonly dialog: HTMLDialogElement, private readonly on: Pick<Parts, 'urls' | 'server' | 'problem'>, private readonly goTo: (screen: string, layer?: string) => void) {
        dialog.addEventListener('close', () => this.stop.abort());
        dialog.addEventListener('click', (event) => void this.pressed((event.target as Element).closest<HTMLElement>('[data-part]')));
        dialog.addEventListener('change', (event) => {
            if ((event.target as HTMLElement).dataset['part'] === 'broken') this.dialog.classList.toggle('only-broken', (event.target as HTMLInputElement).checked);
        });
    }

    async open(screen: string): Promise<void> {
        if (screen === '') return;
        this.screen = screen;
        const wanted = ask(this.dialog);
        await this.on.server.rest();
        const answer = await fetch(this.url(''), { headers: { Accept: 'text/html' } }).catch(() => null);
        if (!answer?.ok) return this.on.problem(new Error('The server could not show that.'));
        const text = await answer.text();
        if (!wanted()) return;
        this.dialog.classList.remove('only-broken');
        this.dialog.innerHTML = text;
        if (!this.dialog.open) this.dialog.showModal();
        await this.fill();
    }

    private url(strain: string): string {
        return this.on.urls['stress']!.replace('SCREEN', this.screen) + (strain === '' ? '' : `/${strain}`);
    }

    /** All of them anew, a few at once, until the dialog is closed. */
    private async fill(): Promise<void> {
        this.stop.abort();
        const stop = this.stop = new AbortController();
        const figures = [...this.dialog.querySelectorAll<HTMLElement>('[data-strain]')];
        const left = [...figures];
        let looked = 0;
        const look = async (): Promise<void> => {
            for (let figure = left.shift(); figure; figure = left.shift()) {
                this.say(`${looked} of ${figures.length} looked at`);
                figure.ariaBusy = 'true';
                const answer = await fetch(this.url(figure.dataset['strain']!), { headers: { Accept: 'text/html' }, signal: stop.signal }).catch(() => null);
                const shown = answer?.status === 200 ? await answer.text().catch(() => null) : null;
                if (stop.signal.aborted) return;
                figure.ariaBusy = null;
                // What has nothing to say to this screen is left out.
                figure.hidden = answer?.status === 204;
                if (shown !== null) figure.querySelector('[data-part=shown]')!.innerHTML = shown;
                figure.dataset['holds'] = String(figure.querySelector('[data-breaks="0"]') !== null);
                looked++;
            }
        };
        await Promise.all(Array.from({ length: AT_ONCE }, look));
        if (stop.signal.aborted) return;
        const breaks = [...this.dialog.querySelectorAll<HTMLElement>('[data-breaks]')].filter(({ dataset }) => dataset['breaks'] !== '0').length;
        this.say(breaks === 0 ? 'Everything holds.' : `Something breaks in ${breaks} of ${figures.filter(({ hidden }) => !hidden).length}.`);
    }

    private say(words: string): void {
        this.dialog.querySelector('[data-part=said]')!.textContent = words;
    }

    private async pressed(button: HTMLElement | null): Promise<void> {
        if (button?.dataset['part'] === 'go') {
            this.dialog.close();
            this.goTo(this.screen, button.dataset['layer'] || undefined);
        } else if (button?.dataset['part'] === 'fix') {
            this.stop.abort();
            (button as HTMLButtonElement).disabled = true;
            await this.on.server.edit(...anew(button.dataset['commands']!));
            if (this.dialog.open) await this.fill();
        }
    }
}
