/** Writing on the wall: new words, the words of a text, what can be written and changed in a widget. */
import { copiesOf, layerOf } from './address.ts';
import { unapply, type Box, type Point } from './geometry.ts';
import type { Picture } from './picture.ts';
import type { Command } from './messages.ts';
import { send, type Server } from './server.ts';
import type { Selection } from './selection.ts';
import { tidy, type Paragraph, type Rich, type Run } from './rich.ts';
import { PLAIN, type Awaited, type Setting, type Writer } from './words.ts';

/** What can be changed at a point of a widget, or the words that are shown next after some. */
interface Spot { place: string; words: string; field: string | null; value: string; box: Box | null; style: Omit<Setting, 'colour' | 'weight'> & { weight: number } | null; colour: string | null }

interface CopiedText { words: string; wrapped: boolean; runs?: Run[]; paragraphs?: Paragraph[]; style: Omit<Setting, 'colour' | 'weight' | 'verticalAlign'> & { weight: number }; verticalAlign?: string; fills: { colour: string }[] }

/** What writing asks of the wall around it. */
export interface Around {
    urls: Record<string, string>;
    picture: Picture;
    selection: Selection;
    server: Server;
    writer: Writer;
    /** For changes in one cell of an array. */
    /** Whether what is written in a layer is for the copy alone in which it lies. */
    inCell: (layer: string) => object;
    create: (screen: string, layer: Record<string, unknown>) => void;
    /** Opens the widget's facet, where it has no words to write in place. */
    reveal: () => void;
    /** An icon is chosen for a place in a widget. */
    chooseIcon: (screen: string, layer: string, place: string) => void;
    problem: (problem: unknown) => void;
}

export class Writing {
    constructor(private readonly on: Around) {}

    /** New words at a place on a screen: free, or wrapped at a width. */
    begin(screen: string, at: Point, width: number | null): void {
        const origin = this.on.picture.screenBox(screen);
        const rise = width === null ? PLAIN.size * PLAIN.lineHeight / 2 : 0;
        const place = { x: at.x, y: Math.round(at.y - rise) };
        this.on.writer.open({
            words: '', rich: { runs: [], paragraphs: [] }, setting: PLAIN, width, matrix: { a: 1, b: 0, c: 0, d: 1, e: origin.x + place.x, f: origin.y + place.y },
            done: (written, { family, weight, italic, size, lineHeight, letterSpacing, align, colour, decoration, variant }) => {
                if (written.words.trim() === '') return;
                this.on.create(screen, {
                    kind: 'text', ...place, width: width ?? 0, height: 0, ...written, wrapped: width !== null,
                    style: { family, weight: Number(weight), italic, size, lineHeight, letterSpacing, align, decoration, variant }, fills: [{ colour }],
                });
            },
        });
    }

    /** In a layer that is there: at a place that was pressed, or in its first words. */
    edit(layer: SVGElement, at: Point | null = null): void {
        const id = layer.dataset['layer']!;
        const screen = this.on.picture.screenOf(layer);
        this.on.selection.pick([id], screen);
        if (layer.dataset['kind'] === 'widget') return void this.inWidget(layer, id, screen, at, at === null ? '' : null);
        this.inText(layer, id, screen);
    }

    /** The editor opens with what the picture shows, before the server has said how it is written. */
    private inText(layer: SVGElement, id: string, screen: string): void {
        const { picture, writer, server } = this.on;
        const shown = asShown(layer, picture.box(layer));
        let original: Rich = shown.rich;
        let before = shown.setting;
        layer.setAttribute('visibility', 'hidden');
        const show = (): void => picture.layer(id)?.removeAttribute('visibility');
        const asking = new AbortController();
        const box = picture.box(layer);
        writer.open({
            words: original.words, rich: original, setting: before, width: shown.wrapped ? box.width : null, height: box.height, matrix: picture.matrix(layer),
            done: (written, setting) => {
                asking.abort();
                show();
                const on = { screen: screen || null, ...this.on.inCell(id) };
                if (written.words.trim() === '' && copiesOf(id).length === 0) return void server.edit({ type: 'delete-layers', screen: screen || null, layers: [id] });
                // What all words have is a matter of the style, which takes from them what they had of their own.
                const commands: Command[] = STYLED.filter((name) => setting[name] !== before[name]).map((name) => ({ type: 'set-field', layers: [id], field: `style.${name}`, value: String(setting[name]), ...on }));
                if (!alike(written, original)) commands.push({ type: 'set-words', layer: id, ...written, ...on });
                if (commands.length > 0) void server.edit(...commands);
            },
        });
        void send<{ layers: CopiedText[] }>(`${this.on.urls['copy']!}?layers=${id}`, undefined, asking.signal).then(({ layers: [text] }) => {
            if (!text || asking.signal.aborted) return;
            original = tidy({ words: text.words, runs: text.runs ?? [], paragraphs: text.paragraphs ?? [] });
            before = { ...PLAIN, ...text.style, weight: String(text.style.weight), verticalAlign: text.verticalAlign ?? 'top', colour: text.fills.at(-1)?.colour ?? PLAIN.colour };
            writer.learn(original, before);
        }, () => undefined);
    }

    /** Words are written, icons exchanged and states changed right where they are in a widget; its main words where nothing else is meant. */
    private async inWidget(layer: Element, id: string, screen: string, at: Point | null, after: string | null): Promise<void> {
        const { picture, server, writer, urls } = this.on;
        const m = picture.matrix(layer);
        const inside = at ? unapply(m, at) : null;
        const awaited = writer.expect();
        const ask = (where: string): Promise<Spot | null> => send<Spot | null>(`${urls['spot']!.replace('LAYER', layerOf(id))}?${where}`).catch(() => null);
        let spot = await ask(after === null ? `x=${inside!.x}&y=${inside!.y}` : `after=${after}`);
        // By keys from words to words; nothing else opens by itself.
        while (after !== null && spot && !(spot.style && spot.box)) spot = await ask(`after=${spot.place}`);
        // By key: the first words, and with Tab the next; what has none is written in its facets' main words.
        if (!spot && (after === null || after === '')) return this.mainWords(layer, id, screen, awaited);
        if (!spot?.style || !spot.box) writer.forget(awaited);
        if (spot?.field) return void server.edit({ type: 'set-widget', screen: screen || null, layers: [id], field: spot.field, value: spot.value });
        if (!spot) return;
        if (!spot.style || !spot.box) return this.on.chooseIcon(screen, id, spot.place);
        const { box, style } = spot;
        const { place, words: before } = spot;
        writer.open({
            words: before, rich: null, setting: { ...PLAIN, ...style, weight: String(style.weight), colour: spot.colour ?? PLAIN.colour }, width: Math.max(box.width, 40), matrix: { ...m, e: m.a * box.x + m.c * box.y + m.e, f: m.b * box.x + m.d * box.y + m.f },
            done: (written) => {
                if (written.words !== before) void server.edit({ type: 'write-widget', screen: screen || null, layer: layerOf(id), place, words: written.words });
            },
            next: () => void server.rest().then(() => {
                const now = picture.layer(id);
                if (now) void this.inWidget(now, id, screen, null, place);
            }),
        }, awaited);
    }

    /** The main words of a widget, written where it lies. */
    private async mainWords(layer: Element, id: string, screen: string, awaited: Awaited): Promise<void> {
        const { picture, server, writer, urls } = this.on;
        try {
            const { layers } = await send<{ layers: Record<string, string>[] }>(`${urls['copy']!}?layers=${layerOf(id)}`);
            const field = (['label', 'text', 'hint'] as const).find((one) => document.querySelector(`#facets [data-widget-field="${one}"]`)) ?? null;
            const words = field && layers[0]?.[field];
            if (field === null || words === undefined || words === null) {
                writer.forget(awaited);
                return this.on.reveal();
            }
            const { width, height } = picture.box(layer);
            const size = Math.max(11, Math.min(18, height * 0.5));
            const m = picture.matrix(layer);
            writer.open({
                words, rich: null, setting: { ...PLAIN, size }, width, matrix: { ...m, f: m.f + Math.max(0, (height - size * PLAIN.lineHeight) / 2) },
                done: (written) => {
                    if (written.words !== words) void server.edit({ type: 'set-widget', screen: screen || null, layers: [id], field, value: written.words });
                },
            }, awaited);
        } catch (problem) {
            writer.forget(awaited);
            this.on.problem(problem);
        }
    }
}

/** Other forms of figures and letters, in the order in which the server offers and keeps them. */
const forms = (): string[] => [...document.querySelectorAll<HTMLOptionElement>('#writing-options [data-own=variant] option')].map((option) => option.value);

/** Properties of the style of a text that can be changed while one writes in it. */
const STYLED = ['family', 'weight', 'italic', 'size', 'letterSpacing', 'decoration', 'variant'] as const;

const alike = (a: Rich, b: Rich): boolean => JSON.stringify([a.words, a.runs, a.paragraphs]) === JSON.stringify([b.words, b.runs, b.paragraphs]);

/** The words of a text and how they are set, as far as the picture tells. */
function asShown(layer: SVGElement, box: Box): { rich: Rich; setting: Setting; wrapped: boolean } {
    const grip = layer.querySelector<SVGElement>(':scope > rect[data-set]');
    const set = new Set((grip?.dataset['set'] ?? '').split(' '));
    const drawn = layer.querySelector<SVGTextElement>(':scope > text');
    const lines = [...(drawn?.querySelectorAll('tspan') ?? [])];
    const size = Number(drawn?.getAttribute('font-size') ?? PLAIN.size);
    const tall = lines.length > 1 ? (Number(lines[1]!.getAttribute('y')) - Number(lines[0]!.getAttribute('y'))) / size : box.height / size;
    const fill = drawn?.getAttribute('fill') ?? '';
    return {
        rich: tidy({
            words: grip?.dataset['words'] ?? lines.map((line) => line.textContent).join('\n'),
            runs: JSON.parse(grip?.dataset['runs'] ?? '[]') as Run[],
            paragraphs: JSON.parse(grip?.dataset['paragraphs'] ?? '[]') as Paragraph[],
        }),
        wrapped: set.has('wrapped'),
        setting: {
            family: (drawn?.getAttribute('font-family') ?? PLAIN.family).split(',')[0]!.replaceAll(/["']/g, ''),
            weight: drawn?.getAttribute('font-weight') ?? PLAIN.weight,
            italic: set.has('italic'),
            size,
            lineHeight: set.has('trim') || !(tall > 0.5 && tall < 4) ? PLAIN.lineHeight : tall,
            letterSpacing: Number(drawn?.getAttribute('letter-spacing') ?? 0) / size,
            align: ['center', 'right'].find((one) => set.has(one)) ?? 'left',
            colour: fill.startsWith('#') ? fill : PLAIN.colour,
            transform: ['uppercase', 'lowercase', 'capitalize'].find((one) => set.has(one)) ?? 'none',
            trim: set.has('trim'),
            decoration: ['underline', 'line-through'].filter((one) => set.has(one)).join(' ') || 'none',
            variant: forms().filter((one) => set.has(one)).join(' ') || 'normal',
            verticalAlign: ['middle', 'bottom'].find((one) => set.has(one)) ?? 'top',
        },
    };
}
