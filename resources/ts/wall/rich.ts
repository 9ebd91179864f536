/**
 * Words whose parts are set in ways of their own, as the editor holds them: a document of paragraphs, with a mark for each property that
 * a run changes. The server counts in code points, a script in UTF-16.
 */
import { Schema, type Attrs, type MarkSpec, type Node } from 'prosemirror-model';
import { familiesOf } from '../families.ts';

/** From one character to before another, in code points, and what of them is other than in their text. Size in px, letter spacing in em. */
export interface Run { from: number; to: number; family?: string; weight?: number; italic?: boolean; size?: number; letterSpacing?: number; decoration?: string; variant?: string; colour?: string; link?: string }

/** Room before and after in px; `list` is `bullet` or `number`. What is not said is as in the schema. */
export interface Paragraph { before?: number; after?: number; list?: string; level?: number }

export interface Rich { words: string; runs: Run[]; paragraphs: Paragraph[] }

export type Own = Exclude<keyof Run, 'from' | 'to'>;
export type Value = string | number | boolean;

export const OWN: Own[] = ['family', 'size', 'weight', 'italic', 'letterSpacing', 'decoration', 'variant', 'colour', 'link'];

export const DEEPEST = 8;

const LINK = /^(https?:\/\/|mailto:|tel:)\S+$/;

export const isLink = (text: string): boolean => LINK.test(text) && text.length <= 2000;

const CSS: Record<Own, (value: Value) => string> = {
    family: (value) => `font-family: ${familiesOf(String(value))}`,
    size: (value) => `font-size: ${value}px`,
    weight: (value) => `font-weight: ${value}`,
    italic: (value) => `font-style: ${value ? 'italic' : 'normal'}`,
    // Of what it spaces: what is said of a text is in em of each of its runs.
    letterSpacing: (value) => `--tracking: ${value}em`,
    decoration: (value) => `text-decoration-line: ${value}`,
    variant: (value) => `font-variant: ${value} common-ligatures no-contextual`.replace('normal ', ''),
    colour: (value) => `color: ${value}`,
    link: () => 'text-decoration-line: underline',
};

/** What comes in from elsewhere: elements, and properties of their styles, with what they mean. */
const TAGS: Partial<Record<Own, [string, Value][]>> = { weight: [['strong', 700], ['b', 700]], italic: [['em', true], ['i', true]], decoration: [['u', 'underline'], ['s', 'line-through'], ['del', 'line-through']] };
const STYLES: Partial<Record<Own, [string, (css: string) => Value | null]>> = {
    weight: ['font-weight', (css) => ({ bold: 700, bolder: 700, normal: 400 })[css] ?? (Number(css) >= 1 && Number(css) <= 1000 ? Math.round(Number(css)) : null)],
    italic: ['font-style', (css) => (css === 'normal' ? false : css === 'italic' || css === 'oblique' ? true : null)],
    decoration: ['text-decoration-line', (css) => (css === 'underline' || css === 'line-through' ? css : null)],
};

function mark(name: Own): MarkSpec {
    const [property, read] = STYLES[name] ?? [null, null];
    return {
        attrs: { value: {} },
        inclusive: name !== 'link',
        toDOM: (one) => ['span', { 'style': CSS[name](one.attrs['value'] as Value), [`data-${name}`]: JSON.stringify(one.attrs['value']) }, 0],
        parseDOM: [
            { tag: `span[data-${name}]`, getAttrs: (dom) => told(dom.getAttribute(`data-${name}`)), consuming: false },
            ...(TAGS[name] ?? []).map(([tag, value]) => ({ tag, attrs: { value } })),
            ...(name === 'link' ? [{ tag: 'a[href]', getAttrs: (dom: HTMLElement) => (isLink(dom.getAttribute('href')!) ? { value: dom.getAttribute('href') } : false as const) }] : []),
            ...(property === null ? [] : [{ style: property, getAttrs: (css: string) => { const value = read!(css); return value === null ? false as const : { value }; } }]),
        ],
    };
}

function told(json: string | null): Attrs | false {
    try {
        return { value: JSON.parse(json ?? 'null') as Value };
    } catch {
        return false;
    }
}

/** How a paragraph stands in the editor: as the server lays it out, in em of the text. */
function standing({ before, after, list, level }: Attrs): string {
    const indent = `calc(var(--base) * ${list === 'none' ? 0 : (Number(level) + 1) * 1.5})`;
    return `margin: ${before}px 0 ${after}px; padding-inline-start: ${indent}; --indent: ${indent}`;
}

const item = (list: string) => (dom: HTMLElement): Attrs => ({ list, level: Math.min(DEEPEST, Math.max(0, depth(dom) - 1)) });

function depth(dom: Element): number {
    let lists = 0;
    for (let at = dom.parentElement; at; at = at.parentElement) lists += at.matches('ul, ol') ? 1 : 0;
    return lists;
}

export const schema = new Schema({
    nodes: {
        doc: { content: 'paragraph+' },
        paragraph: {
            content: '(text | break)*',
            attrs: { before: { default: 0 }, after: { default: 0 }, list: { default: 'none' }, level: { default: 0 } },
            toDOM: (node) => ['p', { 'dir': 'auto', 'style': standing(node.attrs), 'data-paragraph': JSON.stringify(node.attrs) }, 0],
            parseDOM: [
                { tag: 'p[data-paragraph]', getAttrs: (dom) => paragraphTold(dom.getAttribute('data-paragraph')) },
                { tag: 'ol > li', getAttrs: item('number') },
                { tag: 'li', getAttrs: item('bullet') },
                { tag: 'p' }, { tag: 'h1' }, { tag: 'h2' }, { tag: 'h3' }, { tag: 'h4' }, { tag: 'h5' }, { tag: 'h6' }, { tag: 'blockquote > :not(p)' }, { tag: 'tr' },
            ],
        },
        // Only in what is pasted: a break ends a paragraph here.
        break: { inline: true, group: 'inline', selectable: false, toDOM: () => ['br'], parseDOM: [{ tag: 'br' }] },
        text: { group: 'inline' },
    },
    marks: Object.fromEntries(OWN.map((name) => [name, mark(name)])) as Record<Own, MarkSpec>,
});

function paragraphTold(json: string | null): Attrs | false {
    try {
        return JSON.parse(json ?? '{}') as Attrs;
    } catch {
        return false;
    }
}

export function documentOf({ words, runs, paragraphs }: Rich): Node {
    let at = 0;
    let open = 0;
    const nodes = words.split('\n').map((line, n) => {
        const characters = [...line];
        const pieces: Node[] = [];
        for (let from = 0; from < characters.length;) {
            while (runs[open] && runs[open]!.to <= at + from) open++;
            const run = runs[open];
            const inside = run !== undefined && run.from <= at + from;
            const to = Math.min(characters.length, inside ? run.to - at : run === undefined ? characters.length : run.from - at);
            pieces.push(schema.text(characters.slice(from, to).join(''), inside ? marksOf(run) : []));
            from = to;
        }
        at += characters.length + 1;
        return schema.node('paragraph', paragraphs[n] ?? null, pieces);
    });
    return schema.node('doc', null, nodes);
}

const marksOf = (run: Run) => OWN.filter((name) => run[name] !== undefined).map((name) => schema.mark(name, { value: run[name] }));

export function richOf(document: Node): Rich {
    const runs: Run[] = [];
    const paragraphs: Paragraph[] = [];
    const lines: string[] = [];
    let at = 0;
    document.forEach((paragraph) => {
        const { before, after, list, level } = paragraph.attrs as Required<Paragraph>;
        paragraphs.push({ ...(before ? { before } : {}), ...(after ? { after } : {}), ...(list === 'none' ? {} : { list }), ...(level ? { level } : {}) });
        lines.push(paragraph.textContent);
        paragraph.forEach((piece) => {
            const length = [...piece.text ?? ''].length;
            if (piece.marks.length > 0) {
                const own = Object.fromEntries(OWN.flatMap((name) => piece.marks.filter((one) => one.type.name === name).map((one) => [name, one.attrs['value'] as Value])));
                runs.push({ from: at, to: at + length, ...own });
            }
            at += length;
        });
        at += 1;
    });
    while (paragraphs.length > 0 && Object.keys(paragraphs.at(-1)!).length === 0) paragraphs.pop();
    return { words: lines.join('\n'), runs, paragraphs };
}

/** As the editor gives it back: what is said in another order, or though it is so anyway, counts as the same. */
export const tidy = (rich: Rich): Rich => richOf(documentOf(rich));

/** How the first of some words are set that differ from their text, in CSS: so is what stands before them. */
export function settingOf(paragraph: Node): string {
    return (paragraph.firstChild?.marks ?? []).filter((one) => one.type.name !== 'link' && one.type.name !== 'decoration').map((one) => CSS[one.type.name as Own](one.attrs['value'] as Value).replace(/^([a-z])/, '--marker-$1')).join('; ');
}

/** What all of the words have in common as their own is how the text is set; it stays a run where the text cannot have it. */
export function lifted({ words, runs, paragraphs }: Rich, liftable: Own[]): { rich: Rich; common: Partial<Record<Own, Value>> } {
    const common: Partial<Record<Own, Value>> = {};
    const covered = runs.reduce((sum, run) => sum + run.to - run.from, 0);
    const characters = [...words].filter((one) => one !== '\n').length;
    if (characters > 0 && covered >= characters) {
        for (const name of liftable) {
            const value = runs[0]![name];
            if (value !== undefined && runs.every((run) => run[name] === value)) common[name] = value;
        }
    }
    const rest = runs.map((run) => Object.fromEntries(Object.entries(run).filter(([name]) => !(name in common))) as unknown as Run).filter((run) => Object.keys(run).length > 2);
    return { rich: { words, runs: rest, paragraphs }, common };
}

/** The markers of paragraphs, as the server counts them: bullets and dashes in turn; numbers, letters and Roman numbers in turn. */
export function markers(paragraphs: Paragraph[]): string[] {
    const counts: number[] = [];
    return paragraphs.map(({ list = 'none', level = 0 }) => {
        counts.length = Math.min(counts.length, list === 'none' ? 0 : level + 1);
        if (list !== 'number') {
            delete counts[level];
            return list === 'none' ? '' : ['•', '–'][level % 2]!;
        }
        const count = counts[level] = (counts[level] ?? 0) + 1;
        return `${[String, alphabetic, roman][level % 3]!(count)}.`;
    });
}

function alphabetic(number: number): string {
    return number <= 0 ? '' : alphabetic(Math.floor((number - 1) / 26)) + String.fromCharCode(97 + (number - 1) % 26);
}

function roman(number: number): string {
    const letters: [string, number][] = [['m', 1000], ['cm', 900], ['d', 500], ['cd', 400], ['c', 100], ['xc', 90], ['l', 50], ['xl', 40], ['x', 10], ['ix', 9], ['v', 5], ['iv', 4], ['i', 1]];
    if (number > 3999) return String(number);
    return letters.reduce((out, [letter, value]) => {
        const times = Math.floor(number / value);
        number -= times * value;
        return out + letter.repeat(times);
    }, '');
}
