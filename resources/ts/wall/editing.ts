/** What is done to the selection as a whole: grouped, laid out, ordered, hidden, duplicated, deleted. */
import { toast } from '../dialogs.ts';
import { chosen, type Parts } from './parts.ts';
import type { Answer, Command } from './messages.ts';
import { fresh } from './server.ts';
import { layersIn } from './picture.ts';

export type Operation = 'union' | 'subtract' | 'intersect' | 'exclude';

export class Editing {
    /** @param openSheet shows the data sheet of an array */
    constructor(private readonly on: Parts, private readonly openSheet: (array: string) => void) {}

    /** Undoes a step, and selects what it restored. */
    undo(): void {
        const { server, selection, picture } = this.on;
        const select = selection.later();
        void server.undo().then((answer) => {
            const first = answer?.added[0] ? picture.layer(answer.added[0]) : null;
            select(() => answer && first && selection.pick(answer.added.filter((id) => picture.layer(id)), picture.screenOf(first)));
        });
    }

    remove(): void {
        const { selection, server } = this.on;
        if (selection.screens.length > 0) void server.edit({ type: 'delete-screens', screens: selection.screens });
        else if (selection.layers.length > 0) void server.edit({ type: 'delete-layers', ...chosen(this.on) });
    }

    duplicate(): Promise<void> {
        return this.on.selection.layers.length > 0 ? this.on.gestures.duplicate(16, 16, true) : this.duplicateScreen();
    }

    /** The current screen once more, beside itself, with its name counted up. */
    async duplicateScreen(): Promise<void> {
        const { selection, server, picture, camera } = this.on;
        const screen = selection.current;
        if (!screen) return;
        const select = selection.later();
        const answer = await server.edit({ type: 'duplicate-screen', screen, seed: fresh() });
        const added = answer?.patches.find((patch) => patch.added && patch.screen)?.screen;
        select(() => {
            if (!added) return;
            selection.pickScreens([added]);
            camera.reveal(picture.screenBox(added));
        });
    }

    group(): void {
        this.picked('group-layers');
    }

    /** The topmost of the selection masks the others; what is masked already is released. */
    mask(): void {
        const { selection, server } = this.on;
        const masked = selection.elements().some((layer) => layer.hasAttribute('data-masking') || layersIn(layer, '[data-masking]').length > 0);
        if (masked) void server.edit({ type: 'release-masks', ...chosen(this.on) });
        else if (selection.layers.length < 2) toast('Select what is to be masked and, above it, the shape, text or icon that masks it.');
        else this.picked('mask-layers');
    }

    async ungroup(): Promise<void> {
        const { selection, server } = this.on;
        const groups = selection.elements().filter((layer) => layer.matches('[data-kind=group], [data-kind=stack], [data-kind=compound]'));
        if (groups.length === 0) return toast('Select a group, a stack or a compound to take it apart.');
        const { screen } = selection;
        const inside = groups.flatMap((layer) => layersIn(layer).map((child) => child.dataset['layer']!));
        const select = selection.later();
        const answer = await server.edit({ type: 'ungroup-layers', ...chosen(this.on), parent: selection.group, layers: groups.map((layer) => layer.dataset['layer']!) });
        select(() => answer && selection.pick(inside, screen));
    }

    /** Puts the selected shapes together to one, of which they are the parts. */
    combine(operation: Operation): void {
        const { selection, picture } = this.on;
        if (selection.layers.length < 2) return toast('Select the shapes that are to become one: two or more.');
        // Put to a compound, the others lie in it afterwards.
        this.picked('combine-layers', () => selection.pick(selection.layers.filter((id) => !selection.layers.includes(picture.parentOf(picture.layer(id)!) ?? '')), selection.screen), { operation });
    }

    /** Makes one path of a compound; paths of other shapes, of words and icons. */
    flatten(): void {
        void this.on.server.edit({ type: 'convert-to-paths', ...chosen(this.on) });
    }

    /** Makes shapes of strokes. */
    outlineStrokes(): void {
        const { selection, server } = this.on;
        const { layers, screen } = selection;
        const select = selection.later();
        void server.edit({ type: 'outline-strokes', ...chosen(this.on), parent: selection.group })
            .then((answer) => select(() => answer && answer.added.length > 0 && selection.pick([...layers, ...answer.added], screen)));
    }

    /** Makes an icon of the project from the selection, which stays as it is. */
    makeIcon(): void {
        void this.on.server.edit({ type: 'make-icon', ...chosen(this.on) }).then((answer) => answer && toast('It is one of the icons of this project now (I).'));
    }

    /** Lays the selection out as a stack, with what can be read off where it lies. */
    stack(): void {
        if (this.on.selection.layers.length === 0) return toast('Select layers, or a group, to lay them out as a stack.');
        this.picked('stack-layers');
    }

    /** Lets the selection be scrolled, in a container that ends where the screen does. */
    scroll(): void {
        if (this.on.selection.layers.length === 0) return toast('Select layers, or a group, that are to be scrolled together.');
        this.picked('scroll-layers');
    }

    /** Makes the selection the design of a cell, repeated once for each row of a data sheet, which opens. */
    array(): void {
        if (this.on.selection.layers.length === 0) return toast('Select what one cell is to look like, to repeat it as an array.');
        this.picked('array-layers', (answer) => answer.added[0] && this.openSheet(answer.added[0]));
    }

    /** Makes a component of the selection, of which the first instance takes its place. */
    component(): void {
        const { selection, server, picture } = this.on;
        const { layers, screen } = selection;
        const select = selection.later();
        void server.edit({ type: 'make-component', ...chosen(this.on), seed: fresh() }).then((answer) => {
            // Of one layer the instance is that layer; of several it is new.
            const uses = (answer?.added ?? []).filter((id) => picture.layer(id)?.dataset['component'] !== undefined);
            select(() => answer && selection.pick(uses.length > 0 ? uses : layers, screen));
            if (answer) toast('A component: its sheet hangs below the screens, and it stands first in the kit (K).');
        });
    }

    /** Shows where the selected instance is designed, or the one in which the selection lies. */
    goToComponent(): void {
        const screen = this.on.selection.elements()[0]?.closest<SVGElement>('[data-component]')?.dataset['component'];
        if (screen) document.dispatchEvent(new CustomEvent('kindred:go', { detail: { screen } }));
    }

    release(): void {
        void this.on.server.edit({ type: 'release-instances', ...chosen(this.on), seed: fresh() });
    }

    /** Makes something of the selection and selects that. */
    private picked(type: string, then: (answer: Answer) => void = () => undefined, more: Record<string, unknown> = {}): void {
        const { selection, server } = this.on;
        const { layers, screen } = selection;
        if (layers.length === 0) return;
        const select = selection.later();
        void server.edit({ type, ...chosen(this.on), ...more, seed: fresh() }).then((answer) => select(() => {
            if (!answer) return;
            selection.pick(answer.added.length > 0 ? answer.added : layers, screen);
            then(answer);
        }));
    }

    /** In front of or behind its siblings: by one, or of all. */
    order(to: 'front' | 'forward' | 'backward' | 'back'): void {
        const { selection, picture, server } = this.on;
        const own = selection.elements();
        const parent = own[0]?.parentElement;
        if (!parent || own.some((layer) => layer.parentElement !== parent)) return;
        const siblings = layersIn(parent);
        const rest = siblings.filter((layer) => !own.includes(layer));
        const places = own.map((layer) => siblings.indexOf(layer));
        const above = to === 'front' ? rest.at(-1)
            : to === 'back' ? undefined
            : to === 'forward' ? siblings.slice(Math.max(...places) + 1).find((layer) => rest.includes(layer)) ?? rest.at(-1)
            : siblings.slice(0, Math.min(...places)).filter((layer) => rest.includes(layer)).at(-2);
        void server.edit({ type: 'reorder-layers', screen: selection.screen || null, parent: picture.parentOf(own[0]!), layers: selection.layers, above: above?.dataset['layer'] ?? null });
    }

    /** Hides, shows, locks, unlocks. */
    mark(name: 'hidden' | 'locked'): void {
        const { selection, server } = this.on;
        const layers = selection.elements();
        if (layers.length === 0) return;
        const on = name === 'hidden' ? layers.every((layer) => layer.getAttribute('display') === 'none') : layers.every((layer) => layer.hasAttribute('data-locked'));
        void server.edit({ type: 'mark-layers', ...chosen(this.on), [name]: !on });
    }

    /** Wider, narrower, higher, lower, by keys. */
    size(dx: number, dy: number): void {
        const { selection, server, picture, facets } = this.on;
        const commands = selection.elements().flatMap((layer): Command[] => {
            const { width, height } = picture.box(layer);
            const set = (field: string, value: number): Command => ({ type: 'set-field', screen: selection.screen || null, layers: [layer.dataset['layer']!], field, value: String(Math.max(1, value)), ...facets.inCell });
            return [...(dx !== 0 ? [set('width', width + dx)] : []), ...(dy !== 0 ? [set('height', height + dy)] : [])];
        });
        if (commands.length > 0) void server.edit(...commands);
    }

    /** A widget becomes the plain layers that it is drawn from. */
    openWidget(): void {
        this.picked('open-widgets');
    }
}
