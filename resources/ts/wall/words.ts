/** Writing on the wall: a text area over the words, set as they are. */
import type { Camera } from './camera.ts';
import { apply, type Matrix } from './geometry.ts';

export interface Setting { family: string; weight: string; size: number; lineHeight: number; letterSpacing: number; align: string; colour: string; transform: string; trim: boolean }

export const PLAIN: Setting = { family: 'Hanken Grotesk', weight: '400', size: 16, lineHeight: 1.4, letterSpacing: 0, align: 'left', colour: '#1e2223', transform: 'none', trim: false };

export interface Writing {
    words: string;
    setting: Setting;
    /** From the text's own space to the wall. */
    matrix: Matrix;
    /** px; null for free text. */
    width: number | null;
    done: (words: string) => void;
    /** Where there is something to write next (Tab). */
    next?: () => void;
}

export class Writer {
    private readonly area: HTMLTextAreaElement;
    private writing: Writing | null = null;

    constructor(private readonly camera: Camera, wall: HTMLElement) {
        this.area = wall.querySelector<HTMLTextAreaElement>('#writing')!;
        this.area.addEventListener('blur', () => this.finish(true));
        this.area.addEventListener('input', () => this.grow());
        this.area.addEventListener('keydown', (event) => {
            event.stopPropagation();
            const next = this.writing?.next;
            if (event.key === 'Tab' && next) {
                event.preventDefault();
                this.finish(true);
                return next();
            }
            if (event.key === 'Escape' || (event.key === 'Enter' && (event.ctrlKey || event.metaKey))) {
                event.preventDefault();
                this.finish(true);
            }
        });
    }

    get active(): boolean {
        return this.writing !== null;
    }

    open(writing: Writing): void {
        this.finish(true);
        this.writing = writing;
        const { setting } = writing;
        this.area.value = writing.words;
        this.area.hidden = false;
        Object.assign(this.area.style, {
            fontFamily: `"${setting.family}", sans-serif`,
            fontWeight: setting.weight,
            fontSize: `${setting.size}px`,
            lineHeight: String(setting.lineHeight),
            letterSpacing: `${setting.letterSpacing}em`,
            textAlign: setting.align,
            color: setting.colour,
            textTransform: setting.transform,
            whiteSpace: writing.width === null ? 'pre' : 'pre-wrap',
        });
        this.show();
        this.area.focus();
        this.area.select();
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
        const writing = this.writing;
        if (!writing) return;
        this.writing = null;
        this.area.hidden = true;
        if (keep) writing.done(this.area.value);
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
function roomAboveCapitals({ family, weight, size, lineHeight }: Setting): number {
    const pen = document.createElement('canvas').getContext('2d')!;
    pen.font = `${weight} ${size}px "${family}"`;
    const { fontBoundingBoxAscent: ascent, fontBoundingBoxDescent: descent, actualBoundingBoxAscent: capitals } = pen.measureText('H');
    return (size * lineHeight - ascent - descent) / 2 + ascent - capitals;
}
