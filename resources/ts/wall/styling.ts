/** The look of layers: copied from one to others, what looks alike, and what changes places or goes to other programs as a picture. */
import { toast } from '../dialogs.ts';
import { ask } from '../question.ts';
import { layerOf } from './address.ts';
import { chosen, type Parts } from './parts.ts';
import { fresh, Problem, send } from './server.ts';
import { BOLD } from './words.ts';

const KEPT = 'kindred.look';
const CUES = 'kindred.cues';

export type Likeness = 'look' | 'fill' | 'stroke' | 'effect' | 'type';

/** Parts of a look that are pasted alone, by the properties that make them up. */
export const PARTS = { fills: /^fills$/, strokes: /^strokes$/, effects: /^effects$/, corners: /^corners/, type: /^style\./ } as const;

interface Alike { layers: { id: string; screen: string }[]; more: boolean }

/** Of a look only a part, or all of it. */
const partOf = (look: object, part: keyof typeof PARTS | null): object => Object.fromEntries(Object.entries(look).filter(([path]) => part === null || PARTS[part].test(path)));

export class Styling {
    /** What was asked for last: the same once more looks on the whole wall. */
    private asked = '';
    /** What is being copied: whoever pastes at once means it. */
    private copying: Promise<void> = Promise.resolve();

    constructor(private readonly on: Parts) {}

    copyStyle(): void {
        this.copying = this.styleCopied();
    }

    /** The cues of the layer selected last, for other layers. */
    copyCues(): void {
        this.copying = this.cuesCopied();
    }

    private async styleCopied(): Promise<void> {
        const { server, urls, selection } = this.on;
        const id = selection.layers.at(-1);
        if (!id) return;
        await server.rest();
        try {
            const { style } = await send<{ style: object }>(`${urls['copy']!}?layers=${id}`);
            localStorage.setItem(KEPT, JSON.stringify(style));
            toast('The look is copied.');
        } catch (problem) {
            this.on.problem(problem);
        }
    }

    private async cuesCopied(): Promise<void> {
        const { server, urls, selection } = this.on;
        const id = selection.layers.at(-1);
        if (!id) return;
        await server.rest();
        try {
            const { layers } = await send<{ layers: { cues?: object[] }[] }>(`${urls['copy']!}?layers=${id}`);
            const cues = layers[0]?.cues ?? [];
            if (cues.length === 0) return toast('It has no cues yet: draw a thread from it first (G).');
            localStorage.setItem(CUES, JSON.stringify(cues));
            toast(cues.length === 1 ? 'The cue is copied. Shift + G gives it to what is selected.' : `${cues.length} cues are copied. Shift + G gives them to what is selected.`);
        } catch (problem) {
            this.on.problem(problem);
        }
    }

    /** One step for all that is selected. */
    async pasteCues(): Promise<void> {
        const { server, selection } = this.on;
        const [screen, layers, onto] = [selection.screen, selection.layers, chosen(this.on)];
        await this.copying;
        const cues = localStorage.getItem(CUES);
        if (!cues) return toast('There are no cues yet: copy those of a layer first (Alt + G).');
        if (screen === '') return toast('What lies loose on the wall has no cues; put it on a screen first.');
        if (layers.length > 0) await server.edit({ type: 'give-cues', ...onto, cues: JSON.parse(cues) as object[], seed: fresh() });
    }

    async pasteStyle(part: keyof typeof PARTS | null = null): Promise<void> {
        const { server, facets, selection } = this.on;
        const [layers, onto, inCell] = [selection.layers, chosen(this.on), facets.inCell];
        await this.copying;
        const kept = localStorage.getItem(KEPT);
        if (!kept) return toast('There is no look yet: copy that of a layer first.');
        if (layers.length > 0) await server.edit({ type: 'set-style', ...onto, style: partOf(JSON.parse(kept) as object, part), ...inCell });
    }

    /** Words that are all bold, or all italic, become plain; others become so, all of them. */
    toggle(how: 'bold' | 'italic'): void {
        const { server, facets, selection } = this.on;
        const texts = selection.elements().filter((layer) => layer.dataset['kind'] === 'text');
        const already = texts.every((layer) => (how === 'italic' ? layer.querySelector(':scope > rect[data-set~=italic]') : Number(layer.querySelector(':scope > text')?.getAttribute('font-weight')) >= BOLD));
        const value = how === 'italic' ? String(!already) : already ? '400' : '700';
        void server.edit({ type: 'set-field', ...chosen(this.on), field: how === 'italic' ? 'style.italic' : 'style.weight', value, ...facets.inCell });
    }

    /** What looks like the selection is selected: once on its screen, again on the whole wall. */
    async alike(by: Likeness): Promise<void> {
        const { server, urls, selection, picture } = this.on;
        if (selection.layers.length === 0) return;
        await server.rest();
        const key = `${by} ${[...selection.layers].sort().join()}`;
        const everywhere = this.asked === key;
        try {
            const { layers, more } = await send<Alike>(`${urls['alike']!}?by=${by}&layers=${selection.layers.map(layerOf).join(',')}${everywhere ? '&everywhere=1' : ''}`);
            const there = layers.filter(({ id }) => picture.layer(id));
            if (there.length === 0) return toast(`Nothing has a ${by} to be alike in.`);
            const ids = there.map(({ id }) => picture.layer(id)!.dataset['layer']!);
            selection.pick(ids, ids.some((id) => picture.screenOf(picture.layer(id)!) === selection.screen) ? selection.screen : there[0]!.screen);
            this.asked = everywhere ? '' : `${by} ${[...ids].sort().join()}`;
            const gone = layers.length - there.length;
            const said = more ? 'More look like it than can be selected at once; these are the first. '
                : gone > 0 ? `${gone === 1 ? 'One that looks' : `${gone} that look`} like it ${gone === 1 ? 'is' : 'are'} not shown on the wall. ` : '';
            toast(`${said}${ids.length === 1 ? 'It is the only one' : `${ids.length} are alike`}${everywhere ? ' on the whole wall.' : ' here; once more looks on the whole wall.'}`);
        } catch (problem) {
            this.on.problem(problem);
        }
    }

    swap(): void {
        if (this.on.selection.layers.length !== 2) return toast('Select two layers to swap their places.');
        void this.on.server.edit({ type: 'swap-layers', ...chosen(this.on) });
    }

    /** Of the selection for other programs: SVG as text and as a drawing, or PNG at twice its size. */
    async copyAs(format: 'svg' | 'png'): Promise<void> {
        const { server, urls, selection } = this.on;
        await server.rest();
        const screen = selection.screens[0];
        const url = screen
            ? `${urls[`screen-${format}`]!.replace('SCREEN', screen)}?scale=2`
            : `${urls[`cut-out-${format}`]!}?scale=2&layers=${selection.layers.map(layerOf).join(',')}`;
        const type = format === 'svg' ? 'image/svg+xml' : 'image/png';
        const bytes = ask(url, { headers: { Accept: 'application/json' } }).then(async (answer) => {
            if (!answer.ok) throw new Problem(((await answer.json().catch(() => ({}))) as { message?: string }).message ?? 'It could not be drawn; try it again in a moment.', answer.status, '');
            return answer.arrayBuffer();
        }, () => {
            throw new Problem('The server does not answer; try it again in a moment.', 0, '');
        });
        // Browsers let a page write here only while a press or a key is under way: what is written may come later.
        const items = Object.fromEntries([type, ...(format === 'svg' ? ['text/plain'] : [])].filter((one) => ClipboardItem.supports(one)).map((one) => [one, bytes.then((all) => new Blob([all], { type: one }))]));
        try {
            await navigator.clipboard.write([new ClipboardItem(items)]);
            toast(`Copied as ${format.toUpperCase()}.`);
        } catch (problem) {
            await bytes.catch((said: unknown) => (problem = said));
            this.on.problem(problem instanceof Problem ? problem : new Problem('This browser does not let the page copy pictures; hand over offers the same as files.', 0, ''));
        }
    }
}
