/** Writing on the wall: an editor over the words, set as they are. */
import { history } from 'prosemirror-history';
import type { Node } from 'prosemirror-model';
import { AllSelection, EditorState, Plugin, type Transaction } from 'prosemirror-state';
import { Decoration, DecorationSet, EditorView } from 'prosemirror-view';
import { putAway } from '../dialogs.ts';
import { familiesOf } from '../families.ts';
import type { Camera } from './camera.ts';
import { apply, type Matrix } from './geometry.ts';
import { beginsList, broken, keys, paragraphsBy, plain } from './paragraphs.ts';
import { DEEPEST, documentOf, lifted, markers, richOf, schema, settingOf, type Own, type Paragraph, type Rich, type Value } from './rich.ts';

export interface Setting { family: string; weight: string; size: number; lineHeight: number; letterSpacing: number; align: string; colour: string; transform: string; trim: boolean; italic: boolean; decoration: string; variant: string; verticalAlign: string }

export const PLAIN: Setting = { family: 'Hanken Grotesk', weight: '400', size: 16, lineHeight: 1.4, letterSpacing: 0, align: 'left', colour: '#1e2223', transform: 'none', trim: false, italic: false, decoration: 'none', variant: 'normal', verticalAlign: 'top' };

/** The weight from which on words count as bold. */
export const BOLD = 600;

/** What the style of a text can have instead of a run that covers it. */
const OF_STYLE: Own[] = ['family', 'weight', 'italic', 'size', 'letterSpacing', 'decoration', 'variant'];

export interface Writing {
    words: string;
    /** What of them is set in its own way, where they are words that can be; null for words that are set alike. */
    rich: Omit<Rich, 'words'> | null;
    setting: Setting;
    /** From the text's own space to the wall. */
    matrix: Matrix;
    /** px; null for free text. */
    width: number | null;
    /** px, where the box has a height of its own. */
    height?: number | null;
    /** Called once, with the words and how they are set. */
    done: (written: Rich, setting: Setting) => void;
    /** Where there is something to write next (Tab). */
    next?: () => void;
}

/** What is typed while it is asked for what there is to write; `left` when somebody went on before the answer came. */
export interface Awaited { left: string | null }

/** What the words that are selected have in common; what they have not is missing. */
export interface Selected { own: Partial<Record<Own, Value>>; paragraph: Partial<Required<Paragraph>>; setting: Setting }

/** Parts of the page in which one can be without leaving the words. */
const BESIDE = '#writing-options, #colour-field';

export class Writer {
    private readonly area: HTMLElement;
    private readonly view: EditorView;
    private writing: Writing | null = null;
    /** As it was opened, or last told. */
    private told: Rich = { words: '', runs: [], paragraphs: [] };
    /** Keys are already caught, though the words to write in are not known yet. */
    private awaited: Awaited | null = null;
    /** Told of each change of the words or of what is selected of them. */
    private readonly watching: (() => void)[] = [];

    constructor(private readonly camera: Camera, wall: HTMLElement) {
        this.area = wall.querySelector<HTMLElement>('#writing')!;
        camera.moved.add(() => this.place());
        this.view = new EditorView({ mount: this.area }, {
            state: this.stateOf(this.told),
            dispatchTransaction: (change) => this.changed(change),
            handleKeyDown: (_, event) => this.key(event),
            handleTextInput: (view, from, _, text) => this.isRich && text === ' ' && beginsList(view, from),
            transformPasted: (slice) => (this.writing?.rich ? broken(slice) : plain(broken(slice))),
            attributes: { 'role': 'textbox', 'aria-label': 'Text', 'aria-multiline': 'true', 'spellcheck': 'false' },
        });
        this.area.addEventListener('focusout', (event) => {
            if (!(event.relatedTarget as Element | null)?.closest(BESIDE)) this.finish();
        });
        // What is selected stays seen while one is in the options.
        for (const kind of ['focus', 'blur'] as const) this.area.addEventListener(kind, () => this.writing && this.view.updateState(this.view.state));
        this.area.addEventListener('keyup', () => this.settle());
        for (const kind of ['keydown', 'keyup', 'dblclick', 'contextmenu'] as const) this.area.addEventListener(kind, (event) => event.stopPropagation());
        // From the options of the words one comes back to them, or has done with them.
        document.addEventListener('pointerdown', (event) => {
            if (this.view.hasFocus()) this.settle();
            const target = event.target as Element;
            if (this.writing && !this.area.contains(document.activeElement) && !target.closest(`#writing, ${BESIDE}`)) this.finish();
        }, true);
    }

    get active(): boolean {
        return this.writing !== null || this.awaited !== null;
    }

    /** Whether parts of the words can be set in ways of their own. */
    get isRich(): boolean {
        return this.writing?.rich != null;
    }

    watch(told: () => void): void {
        this.watching.push(told);
    }

    /** Catches what is typed from now on, while the words are being asked for. */
    expect(): Awaited {
        this.finish();
        const awaited = this.awaited = { left: null };
        this.show({ words: '', runs: [], paragraphs: [] });
        this.area.classList.add('awaited');
        this.view.focus();
        return awaited;
    }

    /** Nothing is written after all. */
    forget(awaited: Awaited): void {
        if (this.awaited === awaited) this.close();
    }

    /** Opens the editor that was announced, or one at once. What was typed since replaces all the words. */
    open(writing: Writing, awaited: Awaited | null = null): void {
        if (awaited && this.awaited !== awaited) {
            if (awaited.left !== null) writing.done({ words: awaited.left, runs: [], paragraphs: [] }, writing.setting);
            return;
        }
        const typed = awaited ? this.words : '';
        this.awaited = null;
        this.finish();
        this.writing = writing;
        this.area.classList.remove('awaited');
        this.told = { words: writing.words, runs: writing.rich?.runs ?? [], paragraphs: writing.rich?.paragraphs ?? [] };
        this.show(typed === '' ? this.told : { words: typed, runs: [], paragraphs: [] });
        this.set(writing.setting);
        this.place();
        this.focus();
        if (typed === '') this.view.dispatch(this.view.state.tr.setSelection(new AllSelection(this.view.state.doc)));
        this.notify();
    }

    /** Gives the words and style that the server knows; the words only where nothing was typed yet. */
    learn(rich: Rich, setting: Setting): void {
        if (!this.writing) return;
        const untouched = same(richOf(this.view.state.doc), this.told);
        this.writing = { ...this.writing, words: rich.words, setting, rich: this.writing.rich && { runs: rich.runs, paragraphs: rich.paragraphs } };
        if (untouched && !same(rich, this.told)) {
            this.show(rich);
            this.view.dispatch(this.view.state.tr.setSelection(new AllSelection(this.view.state.doc)));
        }
        if (untouched) this.told = rich;
        this.set(setting);
        this.place();
        this.notify();
    }

    /** The caret is in the words again. */
    focus(): void {
        this.view.focus();
    }

    /** What is selected of the words has in common. */
    selected(): Selected {
        const setting = this.writing?.setting ?? PLAIN;
        const { doc, selection, storedMarks } = this.view.state;
        const seen: Partial<Record<Own, Set<Value | undefined>>> = {};
        const note = (marks: readonly { type: { name: string }; attrs: Record<string, unknown> }[]): void => {
            for (const name of Object.keys(schema.marks) as Own[]) (seen[name] ??= new Set()).add(marks.find((one) => one.type.name === name)?.attrs['value'] as Value | undefined ?? usual(name, setting));
        };
        const paragraphs: Node[] = [];
        doc.nodesBetween(selection.from, selection.to, (node) => {
            if (node.type.name === 'paragraph') paragraphs.push(node);
            if (node.isText && !selection.empty) note(node.marks);
        });
        if (Object.keys(seen).length === 0) note(storedMarks ?? selection.$head.marks());
        const own = Object.fromEntries(Object.entries(seen).flatMap(([name, values]) => (values.size === 1 && [...values][0] !== undefined ? [[name, [...values][0]]] : [])));
        const attrs = ['before', 'after', 'list', 'level'].flatMap((name) => (new Set(paragraphs.map((one) => one.attrs[name] as Value)).size === 1 ? [[name, paragraphs[0]!.attrs[name] as Value]] : []));
        return { own, paragraph: Object.fromEntries(attrs) as Selected['paragraph'], setting };
    }

    /** Sets a property of the words that are selected, or of what is typed next; null for what their text has. */
    change(name: Own, value: Value | null): void {
        if (!this.writing?.rich) return;
        const { state } = this.view;
        const type = schema.marks[name]!;
        const change = state.tr;
        const mark = value === null || value === usual(name, this.writing.setting) ? null : type.create({ value });
        if (state.selection.empty) {
            this.view.dispatch(mark ? change.addStoredMark(mark) : change.removeStoredMark(type));
            return;
        }
        for (const { $from, $to } of state.selection.ranges) {
            change.removeMark($from.pos, $to.pos, type);
            if (mark) change.addMark($from.pos, $to.pos, mark);
        }
        this.view.dispatch(change);
    }

    /** Draws a line under or through the words that are selected, or takes it off. */
    toggleLine(line: string): void {
        const has = new Set(String(this.selected().own.decoration ?? 'none').split(' '));
        if (!has.delete(line)) has.add(line);
        this.change('decoration', ['underline', 'line-through'].filter((each) => has.has(each)).join(' ') || 'none');
    }

    /** Sets how the paragraphs that are selected stand. */
    changeParagraphs(by: (paragraph: Required<Paragraph>) => Paragraph): void {
        if (!this.writing?.rich) return;
        paragraphsBy(by)(this.view.state, (change) => this.view.dispatch(change));
    }

    /** The window moves over the wall, or what is written grows. */
    place(): void {
        if (!this.writing) return;
        const { matrix: m, setting, width, height } = this.writing;
        this.area.style.width = width === null ? 'max-content' : `${width}px`;
        const share = { top: 0, middle: 0.5, bottom: 1 }[setting.verticalAlign] ?? 0;
        const down = (height == null ? 0 : (height - this.area.offsetHeight) * share) - (setting.trim ? roomAboveCapitals(setting) : 0);
        const at = this.camera.toView(apply(m, { x: 0, y: down }));
        const s = this.camera.scale;
        this.area.style.transform = `matrix(${m.a * s}, ${m.b * s}, ${m.c * s}, ${m.d * s}, ${at.x}, ${at.y})`;
    }

    /** Leaves the words, which are kept as they are by now. */
    finish(): void {
        const { writing, awaited } = this;
        if (awaited && this.words !== '') awaited.left = this.words;
        const written = richOf(this.view.state.doc);
        this.close();
        if (!writing) return;
        const { rich, common } = lifted(written, writing.rich ? OF_STYLE : []);
        const setting = { ...writing.setting, ...common, ...(common.weight === undefined ? {} : { weight: String(common.weight) }) } as Setting;
        writing.done(rich, setting);
    }

    private get words(): string {
        return richOf(this.view.state.doc).words;
    }

    private stateOf(rich: Rich): EditorState {
        return EditorState.create({
            doc: documentOf(rich),
            plugins: [
                history(),
                ...keys,
                new Plugin({ props: { decorations: (state) => this.decorations(state) } }),
            ],
        });
    }

    private show(rich: Rich): void {
        this.area.hidden = false;
        this.view.updateState(this.stateOf(rich));
    }

    private changed(change: Transaction): void {
        this.view.updateState(this.view.state.apply(change));
        this.place();
        this.notify();
    }

    private notify(): void {
        for (const told of this.watching) told();
    }

    /** Markers of lists; and what is selected, while one is in the options of the words. */
    private decorations(state: EditorState): DecorationSet {
        const shown = markers(richOf(state.doc).paragraphs.concat(Array.from({ length: state.doc.childCount }, () => ({}))).slice(0, state.doc.childCount));
        const all: Decoration[] = [];
        state.doc.forEach((node, at, n) => shown[n] && all.push(Decoration.node(at, at + node.nodeSize, { 'data-marker': shown[n], 'style': settingOf(node) })));
        if (this.writing && !state.selection.empty && !this.view?.hasFocus()) all.push(Decoration.inline(state.selection.from, state.selection.to, { class: 'chosen' }));
        return DecorationSet.create(state.doc, all);
    }

    private set(setting: Setting): void {
        Object.assign(this.area.style, {
            fontFamily: familiesOf(setting.family),
            fontWeight: setting.weight,
            fontStyle: setting.italic ? 'italic' : 'normal',
            fontSize: `${setting.size}px`,
            lineHeight: String(setting.lineHeight),
            textAlign: setting.align,
            color: setting.colour,
            textTransform: setting.transform,
            textDecorationLine: setting.decoration,
            fontVariant: setting.variant === 'normal' ? '' : `${setting.variant} common-ligatures no-contextual`,
            whiteSpace: this.writing?.width === null ? 'pre' : 'pre-wrap',
        });
        this.area.style.setProperty('--tracking', `${setting.letterSpacing}em`);
        this.area.style.setProperty('--base', `${setting.size}px`);
    }

    /**
     * The browser tells of a selection only when it has time, which may be after the next key, and after the editor has put back the one
     * that it knew when it was come back to: it is told now.
     */
    private settle(): void {
        document.dispatchEvent(new Event('selectionchange'));
    }

    private key(event: KeyboardEvent): boolean {
        this.settle();
        const command = event.ctrlKey || event.metaKey;
        const inList = this.writing?.rich && this.view.state.selection.$from.parent.attrs['list'] !== 'none';
        const taken = this.writing?.rich && command ? this.styled(event.key.toLowerCase(), event.shiftKey) : false;
        if (event.key === 'Tab' && inList) {
            this.changeParagraphs((one) => ({ ...one, level: Math.max(0, Math.min(DEEPEST, one.level + (event.shiftKey ? -1 : 1))) }));
        } else if (event.key === 'Tab') {
            const next = this.writing?.next;
            this.finish();
            next?.();
        } else if (event.key === 'Escape' || (event.key === 'Enter' && command)) {
            // Undo takes it back.
            this.finish();
        } else if (!taken) {
            return false;
        }
        event.preventDefault();
        return true;
    }

    /** The keys that every editor has for how words are set. */
    private styled(key: string, shift: boolean): boolean {
        const { own } = this.selected();
        if (key === 'b') this.change('weight', Number(own.weight ?? 0) >= BOLD ? 400 : 700);
        else if (key === 'i') this.change('italic', own.italic !== true);
        else if (key === 'u') this.toggleLine('underline');
        else if (key === 'x' && shift) this.toggleLine('line-through');
        else if (key === 'k') document.querySelector<HTMLElement>('#writing-options [data-do=link]')?.click();
        else return false;
        return true;
    }

    private close(): void {
        this.writing = null;
        this.awaited = null;
        putAway(this.area);
        this.area.classList.remove('awaited');
        this.notify();
    }
}

/** What a property is where no run says it. */
function usual(name: Own, setting: Setting): Value | undefined {
    return name === 'weight' ? Number(setting.weight) : name === 'link' ? undefined : setting[name];
}

const same = (a: Rich, b: Rich): boolean => JSON.stringify(a) === JSON.stringify(b);

/** How far capitals lie below the top of their line, px: what a trimmed text leaves out of its box. */
function roomAboveCapitals({ family, weight, italic, size, lineHeight }: Setting): number {
    const pen = document.createElement('canvas').getContext('2d')!;
    pen.font = `${italic ? 'italic ' : ''}${weight} ${size}px "${family}"`;
    const { fontBoundingBoxAscent: ascent, fontBoundingBoxDescent: descent, actualBoundingBoxAscent: capitals } = pen.measureText('H');
    return (size * lineHeight - ascent - descent) / 2 + ascent - capitals;
}
