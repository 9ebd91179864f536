/** A look from a colour and a few choices: computed by the server, seen on the project's own screens, then taken. */
import type { Command } from '../wall/messages.ts';
import { Problem, send } from '../wall/server.ts';
import { showSamples } from './samples.ts';

export interface SchemeDesk {
    /** Computes one. */
    url: string;
    edit: (...commands: Command[]) => Promise<unknown>;
}

export class Scheming {
    private readonly dialog = document.getElementById('house-scheme') as HTMLDialogElement;
    private readonly form = this.dialog.querySelector('form')!;
    private readonly base = this.dialog.querySelector<HTMLInputElement>('[name=base]')!;
    /** The choices that it was computed for last. */
    private asked = '';
    /** What will make the look the project's own. */
    private made: Promise<Command[]> = Promise.resolve([]);

    constructor(private readonly desk: SchemeDesk) {
        this.form.addEventListener('change', () => void this.show());
        this.dialog.querySelector('.swatches')!.addEventListener('click', (event) => {
            const colour = (event.target as Element).closest<HTMLElement>('[data-shows]')?.dataset['shows'];
            if (colour) this.begin(colour);
        });
        // Enter in the field shows what it says; the button takes it.
        this.base.addEventListener('keydown', (event) => {
            if (event.key !== 'Enter') return;
            event.preventDefault();
            void this.show();
        });
        this.dialog.addEventListener('close', () => {
            // Whoever takes it before it is shown has it all the same.
            if (this.dialog.returnValue === 'take') void this.made.then((commands) => commands.length > 0 && this.desk.edit(...commands));
        });
    }

    open(): void {
        this.dialog.returnValue = '';
        this.asked = '';
        this.base.value = '';
        this.dialog.showModal();
        this.base.focus();
        void this.show();
    }

    /** Colours to begin with. */
    private offer(colours: string[]): void {
        const swatches = this.dialog.querySelector<HTMLElement>('.swatches')!;
        swatches.replaceChildren(...colours.map((colour) => {
            const swatch = Object.assign(document.createElement('button'), { type: 'button', title: colour });
            swatch.dataset['shows'] = colour;
            swatch.setAttribute('aria-label', `Begin with ${colour}`);
            return swatch;
        }));
        showSamples(swatches);
    }

    private begin(colour: string): void {
        this.base.value = colour;
        this.base.select();
        void this.show();
    }

    /** Computes it, where the choices are others than before. */
    private show(): Promise<unknown> {
        const choices = this.choices();
        if (choices !== this.asked) {
            this.asked = choices;
            this.made = this.compute(choices);
        }
        return this.made;
    }

    private choices(): string {
        return JSON.stringify(Object.fromEntries(new FormData(this.form)));
    }

    private async compute(choices: string): Promise<Command[]> {
        const note = this.dialog.querySelector<HTMLElement>('.field-problem')!;
        const say = (problem: string | null): void => {
            if (choices !== this.asked) return;
            note.hidden = problem === null;
            note.textContent = problem;
        };
        try {
            const { html, commands, base, beginnings } = await send<{ html: string; commands: Command[]; base: string; beginnings: string[] }>(this.desk.url, JSON.parse(choices));
            if (beginnings.length > 0) this.offer(beginnings);
            if (choices === this.asked) {
                // Whoever has begun to type goes on.
                if (this.base.value === '') {
                    this.base.value = base;
                    this.base.select();
                    this.asked = this.choices();
                    choices = this.asked;
                }
                const body = this.dialog.querySelector<HTMLElement>('.body')!;
                body.innerHTML = html;
                showSamples(body);
            }
            say(null);
            return commands;
        } catch (problem) {
            if (!(problem instanceof Problem)) throw problem;
            say(problem.message);
            return [];
        }
    }
}
