/** The list of all keys, in which they can be changed. */
import { GROUPS, Shortcut, type Command, type Commands } from './commands.ts';

/** Keys that browsers and the system keep for themselves. */
const TAKEN = /^(Ctrl\+[NTW]|Ctrl\+Shift\+[NTW]|F5|F11|F12|Alt\+F4|Escape|Tab|Shift\+Tab|Enter)$/;

export class KeyList {
    private readonly dialog = document.getElementById('keys') as HTMLDialogElement;
    private readonly list = this.dialog.querySelector<HTMLElement>('[data-keys]')!;
    private asking: Command | null = null;

    /** @param keep stores what a person has changed */
    constructor(private readonly commands: Commands, private readonly keep: (own: Record<string, string[]>) => void) {
        this.dialog.addEventListener('click', (event) => this.pressed(event.target as Element));
        this.dialog.addEventListener('keydown', (event) => this.key(event));
        this.dialog.addEventListener('close', () => (this.asking = null));
    }

    show(): void {
        this.asking = null;
        this.draw();
        this.dialog.showModal();
    }

    private draw(problem = ''): void {
        const rows: Node[] = [];
        for (const group of GROUPS) {
            const commands = this.commands.all.filter((command) => command.group === group && (command.listed || this.commands.keys(command).length > 0 || command === this.asking));
            if (commands.length === 0) continue;
            rows.push(tag('h3', group, 'mt-3 mb-1 text-[13px]'));
            for (const command of commands) rows.push(this.row(command, command === this.asking ? problem : ''));
        }
        this.list.replaceChildren(...rows);
        this.dialog.querySelector<HTMLButtonElement>('[data-keys-reset]')!.hidden = Object.keys(this.commands.changed).length === 0;
        this.list.querySelector<HTMLElement>('[data-asking]')?.focus();
    }

    private row(command: Command, problem: string): HTMLElement {
        const row = tag('div', '', 'key-row');
        const keys = command.listed ? command.keys ?? [] : this.commands.keys(command);
        const shown = keys.map(Shortcut.show).join(', ');
        row.append(tag('span', command.name, 'flex-1'));
        if (command === this.asking) {
            const button = tag('button', 'Press the new keys', 'button');
            button.dataset['asking'] = '';
            row.append(button);
            if (problem !== '') row.append(tag('p', problem, 'field-problem basis-full'));
        } else if (command.listed) {
            row.append(tag('kbd', shown, ''));
        } else {
            const button = tag('button', shown, `button quiet${this.commands.changed[command.id] ? ' own' : ''}`);
            button.dataset['change'] = command.id;
            button.title = 'Change these keys';
            button.setAttribute('aria-label', `${command.name}: ${shown}; change`);
            row.append(button);
        }
        return row;
    }

    private pressed(target: Element): void {
        const change = target.closest<HTMLElement>('[data-change]')?.dataset['change'];
        if (change) {
            this.asking = this.commands.get(change) ?? null;
            this.draw();
        } else if (target.closest('[data-keys-reset]')) {
            this.store({});
        }
    }

    private key(event: KeyboardEvent): void {
        const command = this.asking;
        if (!command || ['Shift', 'Control', 'Alt', 'Meta', 'AltGraph'].includes(event.key)) return;
        event.preventDefault();
        event.stopPropagation();
        const keys = Shortcut.of(event);
        if (keys === 'Escape') {
            this.asking = null;
            return this.draw();
        }
        const other = this.commands.of(keys).find((one) => one !== command);
        if (TAKEN.test(keys) || ['Space', 'M', 'B'].includes(keys)) return this.draw(`${Shortcut.show(keys)} cannot be given to something else.`);
        if (other) return this.draw(`${Shortcut.show(keys)} is “${other.name}” already. Give that other keys first, or press others here.`);
        this.asking = null;
        this.store({ ...this.commands.changed, [command.id]: [keys] });
    }

    private store(own: Record<string, string[]>): void {
        this.commands.set(own);
        this.keep(this.commands.changed);
        this.draw();
    }
}

function tag(name: string, text: string, style: string): HTMLElement {
    const element = document.createElement(name);
    element.textContent = text;
    element.className = style;
    if (element instanceof HTMLButtonElement) element.type = 'button';
    return element;
}
