/** What applies to what is under the pointer: by a right press, a long touch, or the menu key. */
import { putAway } from '../dialogs.ts';
import { layerOf } from './address.ts';
import { Shortcut, type About, type Commands } from './commands.ts';

/** How long a touch must rest to open the menu, ms. */
const LONG = 550;

export interface Under { about: About; /** Other layers under the same point, the uppermost first. */ layers: { id: string; name: string; screen: string }[]; /** What they are called, where that is not known here. */ named: Promise<Record<string, string>> | null }

export class Menu {
    private readonly place = document.getElementById('menu')!;
    private before: Element | null = null;
    private touch = 0;

    /**
     * @param under finds, and selects, what a menu at a point is about
     * @param pick selects a layer that lies under others
     */
    constructor(wall: HTMLElement, private readonly commands: Commands, private readonly under: (at: { clientX: number; clientY: number } | null) => Under, private readonly pick: (id: string, screen: string) => void) {
        wall.addEventListener('contextmenu', (event) => {
            if ((event.target as Element).closest('#writing')) return;
            event.preventDefault();
            // By the menu key the browser says a place of its own.
            this.show(event.button === -1 || event.detail === 0 && event.pointerType === '' ? null : event);
        });
        wall.addEventListener('pointerdown', (event) => {
            clearTimeout(this.touch);
            if (event.pointerType === 'touch') this.touch = window.setTimeout(() => this.show(event), LONG);
        });
        for (const kind of ['pointermove', 'pointerup', 'pointercancel'] as const) wall.addEventListener(kind, (event) => {
            if (kind !== 'pointermove' || Math.hypot(event.movementX, event.movementY) > 3) clearTimeout(this.touch);
        });
        document.addEventListener('pointerdown', (event) => {
            if (!this.place.contains(event.target as Element)) this.close(false);
        }, true);
        this.place.addEventListener('click', (event) => this.chosen((event.target as Element).closest<HTMLElement>('button')));
        this.place.addEventListener('keydown', (event) => this.key(event));
        window.addEventListener('blur', () => this.close(false));
    }

    /** At a place in the window; without one beside what is selected. */
    show(at: { clientX: number; clientY: number } | null): void {
        const { about, layers, named } = this.under(at);
        const commands = this.commands.menu(about);
        const rare = commands.filter((command) => command.rare);
        const entries = [...commands.filter((command) => !command.rare), ...rare].map((command) => {
            const button = entry(command.short ?? command.name, this.commands.keys(command)[0]);
            button.dataset['command'] = command.id;
            button.hidden = command.rare === true;
            return button;
        });
        if (rare.length > 0) {
            const more = entry('More …');
            more.dataset['more'] = '';
            entries.splice(commands.length - rare.length, 0, more);
        }
        const below = layers.map(({ id, name, screen }) => {
            const button = entry(name);
            button.dataset['pick'] = id;
            button.dataset['screen'] = screen;
            return button;
        });
        void named?.then((names) => {
            for (const button of below) button.firstElementChild!.textContent = names[layerOf(button.dataset['pick']!)] ?? button.textContent;
        });
        if (entries.length + below.length === 0) return;
        const title = document.createElement('p');
        title.textContent = 'Under the pointer';
        this.place.replaceChildren(...entries, ...(below.length > 1 ? [title, ...below] : []));
        if (this.place.hidden) this.before = document.activeElement;
        this.place.hidden = false;
        const brackets = document.querySelector('#overlay .marks')?.getBoundingClientRect();
        const wall = this.place.parentElement!.getBoundingClientRect();
        const [x, y] = at ? [at.clientX, at.clientY] : brackets && brackets.width > 0 ? [brackets.left + Math.min(brackets.width, 40), brackets.top + Math.min(brackets.height, 40)] : [wall.left + 40, wall.top + 40];
        const { width, height } = this.place.getBoundingClientRect();
        this.place.style.left = `${Math.max(4, Math.min(x, innerWidth - width - 4))}px`;
        this.place.style.top = `${Math.max(4, Math.min(y, innerHeight - height - 4))}px`;
        this.place.querySelector('button')?.focus();
    }

    close(back = true): void {
        if (this.place.hidden) return;
        putAway(this.place);
        if (back && this.before instanceof HTMLElement) this.before.focus({ preventScroll: true });
    }

    private chosen(button: HTMLElement | null): void {
        if (!button) return;
        const { command, pick, screen } = button.dataset;
        if (button.dataset['more'] !== undefined) return this.more(button);
        this.close();
        if (pick !== undefined) this.pick(pick, screen ?? '');
        else if (command) this.commands.run(command);
    }

    /** What is seldom wanted shows, too. */
    private more(button: HTMLElement): void {
        const rare = [...this.place.querySelectorAll<HTMLElement>('button[hidden]')];
        for (const one of rare) one.hidden = false;
        button.remove();
        rare[0]?.focus();
        this.place.style.top = `${Math.max(4, Math.min(this.place.offsetTop, innerHeight - this.place.offsetHeight - 4))}px`;
    }

    private key(event: KeyboardEvent): void {
        const buttons = [...this.place.querySelectorAll<HTMLButtonElement>('button:not([hidden])')];
        const at = buttons.indexOf(document.activeElement as HTMLButtonElement);
        const to = { ArrowDown: at + 1, ArrowUp: at - 1 + buttons.length, Home: 0, End: buttons.length - 1 }[event.key];
        event.stopPropagation();
        if (to !== undefined) {
            event.preventDefault();
            buttons[to % buttons.length]?.focus();
        } else if (event.key === 'Escape' || event.key === 'Tab') {
            event.preventDefault();
            this.close();
        }
    }
}

function entry(name: string, keys?: string): HTMLButtonElement {
    const button = document.createElement('button');
    button.type = 'button';
    button.setAttribute('role', 'menuitem');
    const word = document.createElement('span');
    word.textContent = name;
    button.append(word);
    if (keys) {
        const key = document.createElement('kbd');
        key.textContent = Shortcut.show(keys);
        button.append(key);
    }
    return button;
}
