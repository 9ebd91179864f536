/** Keys at the wall: they work whatever has the focus, except where text is typed. */
import { Shortcut, type Command, type Commands, type GROUPS } from './commands.ts';
import { told } from './fields.ts';
import type { Gestures } from './gestures.ts';
import type { Selection } from './selection.ts';

/** Fields in which letters, arrows and Delete belong to what is typed. */
const TYPED = 'input:not([type=checkbox], [type=color], [type=file], [type=range]), textarea, [contenteditable]';

/** What a focused control does itself with a key. */
function needs(target: Element, keys: string): boolean {
    if (target.closest('select')) return /^(Arrow|Home|End|Page|Enter|Space|Tab|Shift\+Tab)/.test(keys);
    if (target.closest('input')) return /^(Arrow|Space|Tab|Shift\+Tab|Enter)/.test(keys);
    return target.closest('button, a, summary') !== null && /^(Enter|Space|Tab|Shift\+Tab)$/.test(keys);
}

/** Commands of these groups are about what is selected. */
const ABOUT_SELECTION: readonly string[] = ['Selection', 'Editing', 'Arranging'] satisfies (typeof GROUPS)[number][];

/** Except these: they follow the order of the edits, or are about nothing that is selected. */
const BY_THEMSELVES = ['undo', 'redo', 'find'];

interface Pressed { keys: string; key: string; written: boolean }

export class Keyboard {
    /** Keys that wait for what they are about, in the order in which they were pressed. */
    private readonly waiting: Pressed[] = [];

    constructor(private readonly commands: Commands, private readonly gestures: Gestures, private readonly selection: Selection, private readonly wall: HTMLElement) {
        document.addEventListener('keydown', (event) => this.down(event));
        document.addEventListener('keyup', (event) => this.up(event));
        window.addEventListener('blur', () => this.letGo());
        // What was pressed by a pointer, and a choice that has been made, give the keys back to the wall.
        document.addEventListener('click', (event) => {
            const pressed = (event.target as Element).closest<HTMLElement>('button, summary, a, input:is([type=checkbox], [type=radio])');
            if (event.detail > 0 && pressed && pressed === document.activeElement && !pressed.closest('dialog')) pressed.blur();
        });
        document.addEventListener('change', (event) => {
            if (event.target instanceof HTMLSelectElement && event.target.closest('#facets')) event.target.blur();
        });
    }

    private down(event: KeyboardEvent): void {
        // For a moment a dialog that was just closed still has the focus.
        const target = (event.target as Element).closest('dialog:not([open])') ? document.body : event.target as Element;
        // Keys are those of an open dialog though what had the focus in it was drawn anew.
        if (event.defaultPrevented || target.closest('dialog') || document.querySelector('dialog:modal')) return;
        const keys = Shortcut.of(event);
        const typing = target.closest(TYPED) !== null;
        // With a modifier nothing is typed; what fields do with those themselves, they do.
        if (typing && !(keys.startsWith('Ctrl+') && !this.edits(target as HTMLInputElement, keys))) return;
        if (!typing && needs(target, keys)) return;
        const plain = !event.ctrlKey && !event.metaKey && !event.altKey;
        // What the browser does itself with a key, as to copy, it does at once.
        if (this.waiting.length > 0 && ((plain && event.key.length === 1) || this.commands.of(keys).length > 0)) return this.later(event, keys);
        if (plain && this.held(keys.replace('Shift+', ''), event)) return;
        const command = this.command(keys);
        if (!command) return;
        const waits = this.selection.isComing && !this.gestures.isUnderWay && ABOUT_SELECTION.includes(command.group) && !BY_THEMSELVES.includes(command.id);
        if (waits) return this.later(event, keys);
        event.preventDefault();
        command.run();
    }

    private command(keys: string): Command | undefined {
        return this.commands.of(keys).find((one) => one.when?.() !== false);
    }

    /** What has just been made is what the next keys are about. */
    private later(event: KeyboardEvent, keys: string): void {
        event.preventDefault();
        this.waiting.push({ keys, key: event.key, written: event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey });
        if (this.waiting.length === 1) void this.press();
    }

    private async press(): Promise<void> {
        for (let next = this.waiting[0]; next; next = this.waiting[0]) {
            // One of them may make what the next one is about.
            await this.selection.settled();
            this.waiting.shift();
            try {
                this.pressed(next);
            } catch (problem) {
                reportError(problem);
            }
        }
    }

    /** As if it were pressed now: one before it may have led into a field. */
    private pressed({ keys, key, written }: Pressed): void {
        const field = document.activeElement;
        if (!field?.matches(TYPED)) this.command(keys)?.run();
        else if (written) document.execCommand('insertText', false, key);
        else field.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
    }

    /** Whether a key with Ctrl belongs to a field: it undoes what has been typed there, and copies and pastes its words. */
    private edits(field: HTMLInputElement | HTMLTextAreaElement, keys: string): boolean {
        if (/^Ctrl\+(Shift\+)?[ZY]$/.test(keys)) return field.value !== told(field);
        return /^Ctrl\+(Shift\+)?([ACXV]|Arrow.*|Home|End|Backspace|Delete)$/.test(keys);
    }

    private held(key: string, event: KeyboardEvent): boolean {
        if (key === 'Space') {
            event.preventDefault();
            this.gestures.space = true;
            this.wall.classList.add('panning');
        } else if (key === 'B') this.gestures.below = true;
        else if (key === 'M') this.gestures.measure(true);
        else return false;
        return true;
    }

    private up(event: KeyboardEvent): void {
        const key = event.key.toLowerCase();
        if (key === 'm') this.gestures.measure(false);
        if (key === 'b') this.gestures.below = false;
        if (key !== ' ') return;
        this.gestures.space = false;
        this.wall.classList.remove('panning');
    }

    private letGo(): void {
        this.gestures.measure(false);
        this.gestures.below = false;
        this.gestures.space = false;
        this.wall.classList.remove('panning');
    }
}
