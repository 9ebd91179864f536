/** Writing on the wall: a text area over the words, set as they are. */
import { putAway } from '../dialogs.ts';
import type { Camera } from './camera.ts';
import { apply, type Matrix } from './geometry.ts';

export interface Setting { family: string; weight: string; size: number; lineHeight: number; letterSpacing: number; align: string; colour: string; transform: string; trim: boolean; italic: boolean }

export const PLAIN: Setting = { family: 'Hanken Grotesk', weight: '400', size: 16, lineHeight: 1.4, letterSpacing: 0, align: 'left', colour: '#1e2223', transform: 'none', trim: false, italic: false };

/** The weight from which on words count as bold. */
export const BOLD = 600;

export interface Writing {
    words: string;
    setting: Setting;
    /** From the text's own space to the wall. */
    matrix: Matrix;
    /** px; null for free text. */
    width: number | null;
    /** Called once, with the words and their style; with null when the writing was cancelled. */
    done: (words: string | null, setting: Setting) => void;
    /** Where there is something to write next (Tab). */
    next?: () => void;
    /** The weights that the face has, for Ctrl+B and Ctrl+I; none where the words have no face of their own. */
    weights?: number[];
}

/** What is typed while it is asked for what there is to write; `left` when somebody went on before the answer came. */
export interface Awaited { left: string | null }

export class Writer {
    private readonly area: HTMLTextAreaElement;
    private writing: Writing | null = null;
    /** What was changed by keys since it was opened. */
    private restyled: Partial<Setting> = {};
    /** Keys are already caught, though the words to write in are not known yet. */
    private awaited: Awaited | null = null;

    constructor(private readonly camera: Camera, wall: HTMLElement) {
        this.area = wall.querySelector<HTMLTextAreaElement>('#writing')!;
        this.area.addEventListener('blur', () => this.finish(true));
        this.area.addEventListener('input', () => this.grow());
        this.area.addEventListener('keydown', (event) => this.key(event));
        // What is pressed in the words is no press on the wall.
        for (const kind of ['dblclick', 'contextmenu'] as const) this.area.addEventListener(kind, (event) => event.stopPropagation());
    }

    get active(): boolean {
        return this.writing !== null || this.awaited !== null;
    }

    /** Catches what is typed from now on, while the words are being asked for. */
    expect(): Awaited {
        this.finish(true);
        const awaited = this.awaited = { left: null };
        this.area.value = '';
        this.area.hidden = false;
        this.area.classList.add('awaited');
        this.area.focus({ preventScroll: true });
        return awaited;
    }

    /** Nothing is written after all. */
    forget(awaited: Awaited): void {
        if (this.awaited === awaited) this.close();
    }

    /** Opens the editor that was announced, or one at once. What was typed since replaces all the words. */
    open(writing: Writing, awaited: Awaited | null = null): void {
        if (awaited && this.awaited !== awaited) {
            if (awaited.left !== null) writing.done(awaited.left, writing.setting);
            return;
        }
        const typed = awaited ? this.area.value : '';
        this.awaited = null;
        this.finish(true);
        this.writing = writing;
        this.restyled = {};
        this.area.classList.remove('awaited');
        this.area.value = typed || writing.words;
        this.area.hidden = false;
        this.set(writing.setting);
        this.show();
        this.area.focus({ preventScroll: true });
        if (typed === '') this.area.select();
    }

    /** Gives the words and style that the server knows; the words only where nothing was typed yet. */
    learn(words: string, setting: Setting): void {
        if (!this.writing) return;
        const untouched = this.area.value === this.writing.words;
        this.writing = { ...this.writing, words, setting: { ...setting, ...this.restyled } };
        if (untouched && this.area.value !== words) {
            this.area.value = words;
            this.area.select();
        }
        this.set(this.writing.setting);
        this.show();
    }

    private set(setting: Setting): void {
        Object.assign(this.area.style, {
            fontFamily: `"${setting.family}", sans-serif`,
            fontWeight: setting.weight,
            fontStyle: setting.italic ? 'italic' : 'normal',
            fontSize: `${setting.size}px`,
            lineHeight: String(setting.lineHeight),
            letterSpacing: `${setting.letterSpacing}em`,
            textAlign: setting.align,
            color: setting.colour,
            textTransform: setting.transform,
            whiteSpace: this.writing?.width === null ? 'pre' : 'pre-wrap',
        });
    }

    private key(event: KeyboardEvent): void {
        event.stopPropagation();
        const command = event.ctrlKey || event.metaKey;
        if (event.key === 'Tab') {
            event.preventDefault();
            const next = this.writing?.next;
            this.finish(true);
            next?.();
        } else if (event.key === 'Escape') {
            event.preventDefault();
            // What stands there is as it was; what is new is kept, and undo takes it back.
            this.finish(this.writing?.words === '');
        } else if (event.key === 'Enter' && command) {
            event.preventDefault();
            this.finish(true);
        } else if (event.key.toLowerCase() === 'b' && command && this.writing?.weights?.length) {
            event.preventDefault();
            const { weights, setting } = this.writing;
            const bold = Number(setting.weight) >= BOLD;
            const wanted = bold ? 400 : 700;
            const weight = weights.reduce((best, one) => (Math.abs(one - wanted) < Math.abs(best - wanted) ? one : best));
            this.restyle({ weight: String(weight) });
        } else if (event.key.toLowerCase() === 'i' && command && this.writing?.weights?.length) {
            event.preventDefault();
            this.restyle({ italic: !this.writing.setting.italic });
        }
    }

    private restyle(changed: Partial<Setting>): void {
        if (!this.writing) return;
        Object.assign(this.restyled, changed);
        this.writing = { ...this.writing, setting: { ...this.writing.setting, ...changed } };
        this.set(this.writing.setting);
        this.grow();
    }

    /** Keeps its place on the wall when the window moves over it. */
    show(): void {
        if (!this.writing) return;
        const m = this.writing.matrix;
        const at = this.camera.toView(apply(m, { x: 0, y: this.writing.setting.trim ? -roomAboveCapitals(this.writing.setting) : 0 }));
        const s = this.camera.scale;
        this.area.style.transform = `matrix(${m.a * s}, ${m.b * s}, ${m.c * s}, ${m.d * s}, ${at.x}, ${at.y})`;
        this.grow();
    }

    finish(keep: boolean): void {
        const { writing, awaited } = this;
        if (awaited && keep && this.area.value !== '') awaited.left = this.area.value;
        this.close();
        writing?.done(keep ? this.area.value : null, writing.setting);
    }

    private close(): void {
        this.writing = null;
        this.awaited = null;
        putAway(this.area);
        this.area.classList.remove('awaited');
    }

    private grow(): void {
        const area = this.area.style;
        area.width = this.writing?.width != null ? `${this.writing.width}px` : '20px';
        area.height = '0';
        area.height = `${this.area.scrollHeight}px`;
        if (this.writing?.width == null) area.width = `${this.area.scrollWidth + 4}px`;
    }
}

/** How far capitals lie below the top of their line, px: what a trimmed text leaves out of its box. */
function roomAboveCapitals({ family, weight, italic, size, lineHeight }: Setting): number {
    const pen = document.createElement('canvas').getContext('2d')!;
    pen.font = `${italic ? 'italic ' : ''}${weight} ${size}px "${family}"`;
    const { fontBoundingBoxAscent: ascent, fontBoundingBoxDescent: descent, actualBoundingBoxAscent: capitals } = pen.measureText('H');
    return (size * lineHeight - ascent - descent) / 2 + ascent - capitals;
}
