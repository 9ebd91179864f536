/** What is set in the facets of instances, and on the sheet of a component. */
import type { Answer, Command } from './messages.ts';
import { fresh, type Server } from './server.ts';

type Input = HTMLInputElement | HTMLSelectElement;

export interface Around {
    /** The layers that the facets speak of. */
    on: () => { screen: string | null; layers: string[] };
    /** The layer that they show, which may still be the one that was selected before. */
    shown: () => string;
    inCell: () => { apart?: true };
    /** Waits for what a field has asked for. */
    settle: (field: Input, made: Promise<Answer | null>) => void;
    server: Server;
    pick: (layers: string[]) => void;
    /** A picture that is chosen, by its hash. */
    picture: () => Promise<string | null>;
    /** Nothing is wrong with a field any more. */
    accept: (field: Element) => void;
}

/** The component whose sheet a field stands for. */
const componentOf = (field: Element): string => field.closest<HTMLElement>('[data-component-of]')?.dataset['componentOf'] ?? '';

const component = (layer: string): string | undefined => document.querySelector<SVGElement>(`#stage [data-layer="${CSS.escape(layer)}"]`)?.dataset['component'];

/** The fields in which further states are added to axes that there are. */
const furtherStates = (): HTMLInputElement[] => [...document.querySelectorAll<HTMLInputElement>('#facets [data-add-state]:not(#add-axis)')];

/** What is entered for a slot of what was selected before is meant for the same slot of what is selected now. */
function ofNow(slot: string, shown: string, now: string): string {
    return now !== '' && shown !== now && slot.endsWith(`.${shown}`) && component(now) === component(shown) ? slot.slice(0, -shown.length) + now : slot;
}

export class Components {
    /** How many axes there were when a new one was asked for. */
    private axes: number | null = null;

    constructor(private readonly around: Around) {}

    /** Who has made an axis with its state adds the next state to it, in what is typed already too. */
    drawn(): void {
        const axes = furtherStates();
        if (this.axes === null || axes.length <= this.axes) return;
        this.axes = null;
        const [field, further] = [document.activeElement, axes.at(-1)!];
        if (!(field instanceof HTMLInputElement) || field.id !== 'add-axis') return;
        [further.value, field.value] = [field.value, ''];
        further.focus();
        further.setSelectionRange(further.value.length, further.value.length);
    }

    /** True where the field is about a component. */
    changed(input: Input): boolean {
        const command = this.commandOf(input);
        if (command === undefined) return false;
        this.around.accept(input);
        if (command !== null && input.id === 'add-axis') this.axes = furtherStates().length;
        if (command !== null) this.around.settle(input, this.around.server.edit(command));
        // What was added, or chosen once, is not what the field is.
        if (input.matches('[data-add-state], [data-add-slot], [data-remove-component]')) {
            input.value = '';
            delete input.dataset['sent'];
        }
        return true;
    }

    /** True where the button is about a component. */
    pressed(button: HTMLElement): boolean {
        const { id, axisId } = button.dataset;
        switch (button.dataset['do']) {
            case 'remove-state': this.edit({ type: 'remove-state', component: componentOf(button), axis: axisId, state: id }); return true;
            case 'remove-slot': this.edit({ type: 'remove-slot', component: componentOf(button), slot: id }); return true;
            case 'release-use': this.edit({ type: 'release-instances', ...this.around.on(), seed: fresh() }); return true;
            case 'slot-picture': void this.around.picture().then((asset) => asset && this.edit({ ...this.filled(id!, 'asset', ''), value: asset })); return true;
            case 'slot-icon':
                // An icon that is selected in an instance is exchanged in that alone.
                this.around.pick([id!]);
                document.dispatchEvent(new CustomEvent('kindred:do', { detail: 'exchange-icon' }));
                return true;
            default: return false;
        }
    }

    private edit(command: Command): void {
        void this.around.server.edit(command);
    }

    /** What a field asks for; null where that is nothing, undefined where the field is about something else. */
    private commandOf(input: Input): Command | null | undefined {
        const { axis, slot, path, axisName, state, addState, slotName, addSlot, exchange, removeComponent } = input.dataset;
        const { value } = input;
        const given = value.trim();
        if (axis !== undefined) return { type: 'set-states', ...this.around.on(), axis, state: value, ...this.around.inCell() };
        if (slot !== undefined) return this.filled(slot, path ?? '', input instanceof HTMLInputElement && input.type === 'checkbox' ? String(input.checked) : value);
        if (exchange !== undefined) return value === '' ? null : { type: 'exchange-instances', ...this.around.on(), component: value, ...this.around.inCell() };
        const component = componentOf(input);
        if (axisName !== undefined) return given === '' ? null : { type: 'rename-state', component, axis: axisName, ...(state === undefined ? {} : { state }), name: given };
        if (addState !== undefined) return given === '' ? null : { type: 'add-state', component, ...(addState === '' ? {} : addState === 'first' ? { alongFirst: true } : { axis: addState }), name: given, seed: fresh() };
        if (slotName !== undefined) return given === '' ? null : { type: 'put-slot', component, slot: { ...JSON.parse(slotName) as object, name: given } };
        if (addSlot !== undefined) return value === '' ? null : { type: 'put-slot', component, slot: { id: fresh(), ...JSON.parse(value) as object } };
        if (removeComponent !== undefined) return value === '' ? null : { type: 'remove-component', component, ...(value === 'release' ? {} : { instead: value }), seed: fresh() };
        return undefined;
    }

    /** What an instance fills in: in an array's cells where these take it from, otherwise in itself. */
    private filled(address: string, path: string, value: string): Command {
        const { screen, layers } = this.around.on();
        const slot = ofNow(address, this.around.shown(), layers[0] ?? '');
        const inCells = document.querySelector(`[data-layer="${CSS.escape(layers[0] ?? '')}"]`)?.closest('[data-array]');
        const apart = inCells ? this.around.inCell() : { apart: true };
        if (path === 'words') return { type: 'set-words', screen, layer: slot, words: value, ...apart };
        if (path === 'hidden') return { type: 'mark-layers', screen, layers: [slot], hidden: value !== 'true', ...apart };
        if (path === 'component') return { type: 'exchange-instances', screen, layers: [slot], component: value, ...apart };
        return { type: 'set-field', screen, layers: [slot], field: path, value, ...apart };
    }
}
