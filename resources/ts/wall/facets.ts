/** The facets: what the server says of the selection, and the changes that are made there. */
import { Listeners } from '../listeners.ts';
import { layerOf, inOneCopy } from './address.ts';
import { ahead } from './ahead.ts';
import { Binding } from './binding.ts';
import { Coats } from './coats.ts';
import { ColourField } from './colour.ts';
import { Components } from './components.ts';
import { isField, isWhole, isWritten, told, WRITTEN, type Field } from './fields.ts';
import { Fragment } from './fragments.ts';
import { short } from './geometry.ts';
import { Labels } from './labels.ts';
import { Moving } from './moving.ts';
import type { Picture } from './picture.ts';
import { Reflow } from './reflow.ts';
import type { Selection } from './selection.ts';
import type { Answer, Command, GradientLine, Radii } from './messages.ts';
import { fresh, type Problem, type Server } from './server.ts';

/** What the facets speak of: a change that is made in them is one of this, whatever is selected by then. */
export interface Subject { screen: string; layers: string[]; screens: string[] }

/** What belongs to no selection: settings that stay when it changes, and findings, which say themselves what they are about. */
const LASTING = ':is(#apart, #align-with, #gap), label:has(#apart), #checks, #checks *, #eye *';

/** The facets in the order of the keys that open them. */
const FACETS = ['where', 'look', 'words', 'cues', 'checks'];

/** Place and size, which layers and screens have alike. */
const FRAME = ['x', 'y', 'width', 'height'] as const;

/** What is known here of a layer's name: what the outline calls it, or the words of a text. */
export function nameOf(layer: SVGElement): string {
    const item = document.querySelector(`#reel [data-item="${layerOf(layer.dataset['layer']!)}"] .item-name`);
    return item?.textContent ?? (layer.dataset['kind'] === 'text' ? (layer.textContent ?? '').slice(0, 60) : '');
}

/** The layer on the screen, or on the wall, that a layer lies in. */
function outermost(layer: Element): Element {
    const around = layer.parentElement?.closest('[data-layer]') ?? null;
    return around ? outermost(around) : layer;
}

/** What the facets need of the rest of the wall. */
export interface Outside {
    /** Called when the picture shows what a value would make of it. */
    trying: () => void;
    /** Where the colours of the project are told. */
    used: string;
    /** Where the tokens are told that a property can be bound to. */
    tokens: string;
    picture: () => Promise<string | null>;
    /** Where on the window lies what is selected. */
    subject: () => DOMRect | null;
    pick: () => Promise<string | null>;
    contrast: (subject: Subject, field: string | null, colour: string) => Promise<string | null>;
}

export class Facets {
    private readonly place = document.getElementById('facets')!;
    private readonly fragment: Fragment;
    private subject: Subject;
    /** Told when they have been drawn. */
    readonly renewed = new Listeners();
    /** What they show: until the server has answered that is what was selected before. */
    private shown: Subject;
    /** What layers are brought into line with; kept from one selection to the next. */
    private alignWith = 'each';
    private gap = '';
    /** What is wrong with fields, in words. */
    private readonly refusals = new WeakMap<Element, string>();
    /** Whether a change made in a cell of an array is for that cell alone, one in an instance for that, one in what shows a state on its sheet. */
    private readonly apart = { cell: false, use: true, state: false };
    private readonly open = new Map<string, boolean>(JSON.parse(localStorage.getItem('kindred.facets') ?? '[]') as [string, boolean][]);
    /** The place and size that are shown. */
    private framed: string | null = null;
    private readonly coats: Coats;
    private readonly colours: ColourField;
    private readonly binding: Binding;
    private readonly components: Components;
    private readonly moving = new Moving(this.place);
    /** What the wall shows of a value that is not kept yet. */
    private tried: { reflow: Reflow; before: [string, Element][] } | null = null;
    /** The field that was being written in when the facets were drawn anew. */
    private entered: { field: Field; whole: boolean; typing: boolean } | null = null;

    constructor(
        private readonly url: string,
        private readonly picture: Picture,
        private readonly selection: Selection,
        private readonly server: Server,
        private readonly outside: Outside,
    ) {
        this.subject = this.shown = { screen: this.place.dataset['screen'] ?? '', layers: [], screens: [] };
        selection.changed.add(() => this.follow());
        this.fragment = new Fragment(this.place, () => this.address(this.subject), () => server.sequence, () => this.drawn());
        this.place.addEventListener('change', (event) => this.changed(event.target as HTMLInputElement));
        this.place.addEventListener('input', (event) => {
            const input = event.target as HTMLInputElement;
            if (input.id === 'gap') this.gap = input.value;
        });
        this.place.addEventListener('keydown', (event) => this.typed(event));
        this.place.addEventListener('click', (event) => this.pressed(event.target as Element, event.shiftKey));
        this.place.addEventListener('toggle', (event) => this.remember(event.target as HTMLDetailsElement), true);
        for (const kind of ['pointerdown', 'mousedown', 'click'] as const) this.place.addEventListener(kind, (event) => this.early(event), true);
        // Whoever enters a field means all that stands in it.
        this.place.addEventListener('focusin', (event) => {
            const field = event.target as Element;
            if (!(field instanceof HTMLInputElement) || !field.matches(WRITTEN)) return;
            field.select();
            field.addEventListener('mouseup', () => {
                if (field.selectionStart === field.selectionEnd) field.select();
            }, { once: true });
        });
        this.place.addEventListener('htmx:before:swap', () => {
            const field = document.activeElement;
            this.entered = isField(field) && this.place.contains(field)
                ? { field, whole: isWhole(field), typing: !(field instanceof HTMLSelectElement) && field.value !== told(field) } : null;
        });
        this.coats = new Coats(this.place, {
            edit: (...commands) => void this.server.edit(...commands.map((command) => ({ ...command, ...this.on, ...this.inCell }))),
            opened: () => this.renewed.tell(),
            picture: this.outside.picture,
        });
        this.colours = new ColourField(this.outside.used, {
            attempt: (field) => (this.place.contains(field) ? this.attempt(field) : said(field, 'input')),
            keep: (field) => (this.place.contains(field) ? this.keep(field) : said(field, 'change')),
            giveUp: (field) => {
                if (!this.place.contains(field)) return said(field, 'change');
                this.giveUp();
                if (field.dataset['screenField'] === 'ground') this.picture.ground(this.everyScreen(), field.value);
            },
            subject: () => this.outside.subject(),
            pick: () => this.outside.pick(),
            contrast: (field, colour) => this.outside.contrast(this.subject, field.dataset['field'] ?? null, colour),
        });
        this.binding = new Binding({ on: () => ({ screen: this.subject.screen || null, layers: this.subject.layers, screens: this.everyScreen() }), edit: (command) => this.server.edit({ ...command, ...this.inCell }), url: this.outside.tokens });
        this.components = new Components({
            on: () => this.on, shown: () => this.shown.layers[0] ?? '', inCell: () => this.inCell, settle: (field, made) => this.settle(field, made), server: this.server,
            pick: (layers) => this.selection.pick(layers, this.subject.screen), picture: this.outside.picture, accept,
        });
        this.wireLabels();
        this.drawn();
    }

    /** The selection may be another: what is typed and not sent yet belongs to the old one. */
    follow(): void {
        const { screen, layers, screens } = this.selection;
        if (this.address({ screen, layers, screens }) === this.address(this.subject)) return;
        const field = document.activeElement;
        if (isField(field) && this.place.contains(field)) field.blur();
        // What was sent was of the old one: the same once more is something else of the new one.
        for (const sent of this.place.querySelectorAll('[data-sent]')) sent.removeAttribute('data-sent');
        this.subject = { screen, layers: [...layers], screens: [...screens] };
        this.announce();
        void this.fragment.ask();
    }

    /** A press on a facet that still shows the earlier selection goes to the same control of the new one, once it is there. */
    private early(event: Event): void {
        const target = event.target as Element;
        // A field that something is written in is kept when the facets are drawn anew, with what is in it by then.
        if (this.place.ariaBusy !== 'true' || !event.isTrusted || target.closest('.subject') || target.closest(WRITTEN) || target.closest(LASTING)) return;
        event.preventDefault();
        event.stopPropagation();
        const control = target.closest<HTMLElement>('input, select, textarea, button, summary');
        if (event.type !== 'click' || !control) return;
        const { id, dataset } = control;
        const facet = control.closest<HTMLElement>('[data-facet]')?.dataset['facet'];
        const same = id !== '' ? `#${CSS.escape(id)}`
            : control.matches('summary') ? `[data-facet="${facet}"] > summary`
            : dataset['do'] ? `[data-do="${dataset['do']}"]${dataset['name'] ? `[data-name="${dataset['name']}"]` : ''}` : null;
        if (same === null) return;
        void this.fragment.ask().then(() => {
            const now = this.place.querySelector<HTMLElement>(same);
            if (now?.matches('button, summary, input[type=checkbox]')) now.click();
            else now?.focus();
        });
    }

    /** What is shown may have changed. */
    again(): void {
        void this.fragment.ask();
    }

    /** While a layer is moved or resized its place and size are known here before the server has heard of it. */
    frame(): void {
        const layer = this.subject.layers.length === 1 ? this.picture.layer(this.subject.layers[0]!) : null;
        // The marks are drawn anew with every step of the camera, too.
        const at = layer?.getAttribute('data-box') ?? null;
        if (!layer || at === this.framed) return;
        this.framed = at;
        const box = this.picture.box(layer);
        for (const name of FRAME) {
            const field = this.place.querySelector<HTMLInputElement>(`#f-${name}`);
            if (field && field !== document.activeElement && !field.hasAttribute('data-dragged')) field.value = field.defaultValue = short(box[name]);
        }
        const gist = this.place.querySelector('[data-facet=where] > summary > .gist');
        if (gist) gist.textContent = `${short(box.x)}, ${short(box.y)} · ${short(box.width)} × ${short(box.height)}`;
    }

    /** Opens a facet and goes into its first field; where the facets still show the earlier selection, into that of the new one as soon as it is there. */
    openFacet(number: number): void {
        const first = (): HTMLElement | null => {
            const facet = this.place.querySelector<HTMLDetailsElement>(`details[data-facet=${FACETS[number - 1]}]`);
            if (facet) facet.open = true;
            return facet?.querySelector<HTMLElement>('input, select, .rows button') ?? null;
        };
        if (this.place.ariaBusy !== 'true') return first()?.focus();
        // The first field of another selection may be another one: what is typed before it is there is meant for it.
        const { subject } = this;
        const typed = ahead((words) => void this.fragment.ask().then(() => {
            const field = subject === this.subject ? first() : null;
            if (!(field instanceof HTMLInputElement && field.matches(WRITTEN)) || words === '') return;
            field.value = words;
            said(field, 'change');
        }));
        void this.fragment.ask().then(() => typed.into(!typed.givenUp && subject === this.subject ? first() : null));
    }

    /** The name, ready to be typed over. */
    async rename(): Promise<void> {
        // What is typed before the name is there is meant for it.
        const { screen, layers, screens } = this.selection;
        const [layer] = layers;
        const typed = ahead((name) => {
            if (name.trim() !== '') void this.server.edit(layer ? { type: 'rename-layer', layer, name } : { type: 'set-screen-field', screen: screens[0] ?? screen, field: 'name', value: name });
        });
        await this.fragment.ask();
        typed.into(typed.givenUp ? null : this.place.querySelector<HTMLInputElement>('.subject input'));
    }

    /** The next heavier or lighter weight that the selected texts have. */
    async weigh(by: 1 | -1): Promise<void> {
        if (this.place.ariaBusy === 'true') await this.fragment.ask();
        const weights = this.place.querySelector<HTMLSelectElement>('#f-style-weight');
        const next = weights?.options[weights.selectedIndex + by];
        if (!weights || !next || next.disabled) return;
        weights.value = next.value;
        weights.dispatchEvent(new Event('change', { bubbles: true }));
    }

    /** Colours what is selected with a colour that is taken from the wall. */
    async takeColour(): Promise<void> {
        if (this.colours.active) return this.colours.pick();
        const { on, inCell } = this;
        const value = await this.outside.pick();
        if (value !== null && on.layers.length > 0) await this.server.edit({ type: 'set-field', ...on, field: 'fills.0.paint', value, ...inCell });
    }

    /** Resolves when the facets have been told what the server says now. */
    told(): Promise<void> {
        return this.fragment.ask();
    }

    /** The line of the gradient that is at hand: that whose details are open, or the uppermost; undefined while that is not known. */
    gradient(): GradientLine | null | undefined {
        if (this.place.ariaBusy === 'true') return undefined;
        const coat = [...this.place.querySelectorAll<HTMLElement>('[data-line]')].find((one) => one.querySelector('[data-details]:not([hidden])'));
        return coat ? JSON.parse(coat.dataset['line']!) as GradientLine : null;
    }

    /** The path that the one selected layer is; null where it is none, undefined while that is not known. */
    path(): string | null | undefined {
        return this.place.ariaBusy === 'true' ? undefined : this.place.querySelector<HTMLElement>('[data-path]')?.dataset['path'] ?? null;
    }

    /** Whether the one selected layer has a gradient. */
    get hasGradient(): boolean {
        return this.place.querySelector('[data-line]') !== null;
    }

    /** Lays hold of the gradient of the one selected layer: its details open, and its line shows. False where it has none. */
    openGradient(): boolean {
        const coat = this.place.querySelector<HTMLElement>('[data-line]')?.dataset['coat'];
        if (coat) this.coats.reveal(coat);
        if (coat) this.renewed.tell();
        return coat !== undefined;
    }

    /** Opens the colour field for a stop of a gradient. */
    colourStop(paint: string, stop: number): void {
        const field = this.place.querySelector<HTMLInputElement>(`[data-field="${paint}.stops.${stop}.colour"]`);
        if (!field) return;
        this.coats.reveal(paint);
        this.colours.open(field);
    }

    /** The corners that run parallel to those of what the one selected layer lies in; null where there is nothing to offer. */
    concentric(): Radii | null {
        const said = this.place.ariaBusy === 'true' ? null : this.place.querySelector<HTMLElement>('[data-do=concentric]')?.dataset['corners'];
        return said ? (JSON.parse(said) as Radii) : null;
    }

    /** Opens the facet of that name. */
    reveal(name: string): void {
        this.open.set(name, true);
        this.mark();
        this.again();
    }

    /** Shows a refusal at the field that it is about; false when there is no such field. */
    explain(problem: Problem): boolean {
        const pending = this.place.querySelector<HTMLElement>('[data-pending]');
        if (!pending || problem.status !== 422) return false;
        this.refusals.set(pending, problem.message);
        pending.setAttribute('aria-invalid', 'true');
        complain(pending, problem.message);
        pending.removeAttribute('data-pending');
        delete pending.dataset['sent'];
        return true;
    }

    /** Whether a change is for the cell in which the selection lies, and for no other. */
    get inCell(): { apart?: true } {
        return this.apartOf(this.selection.layers);
    }

    /** The same of layers that may not be selected any more. */
    apartOf(layers: string[]): { apart?: true } {
        const kind = this.copied(layers);
        return kind !== null && this.apart[kind] ? { apart: true } : {};
    }

    /** Whether what is changed is so in one state of a component alone, unless it is for one instance. */
    get inState(): boolean {
        const layer = this.copied() === null ? null : this.picture.layer(this.selection.layers[0]!);
        return layer?.parentElement?.closest('[data-component]')?.hasAttribute('data-states') === true;
    }

    /** In what kind of copy layers lie, by the outermost; null where they lie in none, or in several. */
    private copied(layers = this.selection.layers): 'cell' | 'use' | 'state' | null {
        const layer = inOneCopy(layers) ? this.picture.layer(layers[0]!) : null;
        const around = layer && this.picture.copiedBy(layer);
        if (!layer || !around) return null;
        const component = around.dataset['component'];
        return component === undefined ? 'cell' : component === this.picture.screenOf(layer) ? 'state' : 'use';
    }

    private address({ screen, layers, screens }: Subject): string {
        return `${this.url}?screen=${screens[0] ?? screen}&layers=${layers.join(',')}${screens.length > 1 ? `&screens=${screens.join(',')}` : ''}`;
    }

    /** What is known of a new selection shows at once; the rest rests until the server has said it. */
    private announce(): void {
        const { layers, screens, screen } = this.subject;
        const layer = layers.length === 1 ? this.picture.layer(layers[0]!) : null;
        const only = screens[0] ?? screen;
        const about = layer ? [nameOf(layer), layer.dataset['kind'] ?? '']
            : layers.length + screens.length > 1 ? [layers.length > 1 ? `${layers.length} layers` : `${screens.length} screens`, '']
            : only !== '' ? [this.picture.screen(only)?.querySelector('.screen-name')?.textContent ?? '', 'screen'] : null;
        const head = this.place.querySelector('.subject');
        if (head && about) {
            const [name, kind] = [document.createElement('span'), document.createElement('span')];
            [name.className, kind.className] = ['flex-1 truncate', 'kind'];
            [name.textContent, kind.textContent] = about as [string, string];
            head.replaceChildren(name, kind);
        }
        // Nothing that is said of the old selection is to be taken for the new one.
        this.place.ariaBusy = 'true';
        this.framed = null;
        for (const field of this.place.querySelectorAll('[aria-invalid]')) accept(field);
        if (layer) this.frame();
    }

    /** The facets have been redrawn: fields show the values of the server, except the one that is being typed in. */
    private drawn(): void {
        // Of several of which one is chosen, what is chosen just now stands for all.
        const chosen = new Set([...this.place.querySelectorAll<HTMLInputElement>('[type=radio][data-pending]')].map(({ name }) => name));
        for (const field of this.place.querySelectorAll<Field>('input, select, textarea')) {
            if (field instanceof HTMLInputElement && field.type === 'radio' && chosen.has(field.name)) continue;
            // What the server draws says nothing of what it has refused.
            if (field.matches('[aria-invalid]') && !rowOf(field).querySelector('.field-problem')) complain(field, this.refusals.get(field) ?? '');
            const active = field === document.activeElement;
            const entered = active && this.entered?.field === field ? this.entered : null;
            if (!field.hasAttribute('data-pending')) delete field.dataset['sent'];
            if (entered?.typing || field.matches('[aria-invalid], [data-pending], [data-dragged]')) continue;
            if (field instanceof HTMLSelectElement) for (const option of field.options) option.selected = option.defaultSelected;
            else if (field instanceof HTMLInputElement && ['checkbox', 'radio'].includes(field.type)) field.checked = field.defaultChecked;
            else if (field.value !== field.defaultValue) field.value = field.defaultValue;
            // A field that was entered just now, its value selected, takes what is typed next in place of the value.
            if (entered?.whole) (field as HTMLInputElement).select();
        }
        this.entered = null;
        this.shown = this.subject;
        this.coats.drawn();
        this.components.drawn();
        this.colours.drawn();
        this.moving.drawn();
        this.place.ariaBusy = null;
        this.mark();
        // The rest of the wall is there by then.
        queueMicrotask(() => this.renewed.tell());
    }

    private mark(): void {
        for (const details of this.place.querySelectorAll<HTMLDetailsElement>('details[data-facet]')) {
            // One that was made of another keeps whether that was open, which says nothing of it.
            const open = this.open.get(details.dataset['facet']!) ?? details.dataset['usually'] !== 'closed';
            if (details.open !== open) details.open = open;
        }
        const apart = this.place.querySelector<HTMLInputElement>('#apart');
        const kind = this.copied();
        if (apart && kind) apart.checked = this.apart[kind];
        const choice = this.place.querySelector<HTMLSelectElement>('#align-with');
        if (choice) choice.value = this.alignWith;
        const gap = this.place.querySelector<HTMLInputElement>('#gap');
        if (gap && gap !== document.activeElement) gap.value = this.gap;
    }

    private remember(details: HTMLDetailsElement): void {
        if (!details.dataset['facet']) return;
        this.open.set(details.dataset['facet'], details.open);
        localStorage.setItem('kindred.facets', JSON.stringify([...this.open]));
    }

    /** The layers that the facets speak of, as commands name them. */
    private get on(): { screen: string | null; layers: string[] } {
        return { screen: this.subject.screen || null, layers: this.subject.layers };
    }

    private changed(input: HTMLInputElement | HTMLSelectElement): void {
        if (input.id === 'apart') {
            const kind = this.copied();
            if (kind) this.apart[kind] = (input as HTMLInputElement).checked;
            return;
        }
        if (input.id === 'align-with') {
            this.alignWith = input.value;
            return;
        }
        if (input.dataset['addGrid'] !== undefined) {
            if (input.value !== '') void this.server.edit(...this.everyScreen().map((one) => ({ type: 'put-grid', screen: one, grid: { id: fresh(), kind: input.value } })));
            return;
        }
        if (this.place.ariaBusy === 'true' && input.closest('[data-cue-field], [data-grid-field], [data-component-of]')) return this.later(input);
        if (this.components.changed(input)) return;
        if (input.dataset['screenTheme'] !== undefined) return void this.server.edit({ type: 'show-theme', theme: input.value || null, screens: this.everyScreen() });
        if (input.dataset['framed'] !== undefined) return void this.server.edit({ type: 'set-framed', framed: (input as HTMLInputElement).checked });
        if (input.dataset['makeCondition'] !== undefined) {
            if (input.value !== '') void this.server.edit({ type: 'make-condition', screen: this.owner().screen, condition: input.value, seed: fresh() });
            return;
        }
        if (input.dataset['offset'] !== undefined) {
            if (input.value.trim() !== '') this.settle(input, this.server.edit({ type: 'offset-shapes', ...this.on, by: input.value }));
            input.value = '';
            return;
        }
        // The browser says it once more when a field is left that Enter has sent already.
        if (isWritten(input) && input.value === told(input)) return;
        accept(input);
        const commands = this.commandsOf(input);
        if (commands.length > 0) this.settle(input, this.server.edit(...commands));
    }

    /** What names by an id what it is about is, while the facets show what was selected before, meant for that in the same place of what is selected now. */
    private later(input: HTMLInputElement | HTMLSelectElement): void {
        const [{ value }, { subject }, saved] = [input, this, this.server.hold()];
        void this.fragment.ask().then(() => {
            saved();
            if (!input.isConnected || this.subject !== subject) return;
            input.value = value;
            this.changed(input);
        });
    }

    /** What a field asks for with what it shows now. */
    private commandsOf(input: HTMLInputElement | HTMLSelectElement): Command[] {
        const { cueField, widgetField, gridField } = input.dataset;
        const { field, screenField } = this.meant(input);
        const value = input.type === 'checkbox' ? String((input as HTMLInputElement).checked) : input.value;
        if (field) return [{ type: 'set-field', ...this.on, field, value, ...this.inCell }];
        if (screenField) return this.everyScreen().map((one) => ({ type: 'set-screen-field', screen: one, field: screenField, value }));
        if (gridField) return [{ type: 'set-grid-field', screen: this.owner().screen, grid: input.closest<HTMLElement>('[data-grid]')!.dataset['grid'], field: gridField, value }];
        if (widgetField) return [{ type: 'set-widget', ...this.on, field: widgetField, value }];
        if (input.dataset['chosen'] !== undefined) return [{ type: 'set-widget', ...this.on, field: 'chosen', value: this.chosen(input) }];
        if (input.dataset['convert'] !== undefined) return [{ type: 'convert-widgets', ...this.on, widget: value }];
        if (cueField) return [{ type: 'set-cue-field', ...this.owner(), cue: input.closest<HTMLElement>('[data-cue]')!.dataset['cue'], field: cueField, value }];
        return input.dataset['rename'] ? [{ type: 'rename-layer', layer: input.dataset['rename'], name: value }] : [];
    }

    /** Place and size are those of what is selected now, also while the facets still show the screen, or the layer, before it. */
    private meant(input: HTMLElement): { field?: string | undefined; screenField?: string | undefined } {
        const { field, screenField } = input.dataset;
        const name = field ?? screenField;
        if (!FRAME.some((one) => one === name)) return { field, screenField };
        return this.subject.layers.length > 0 ? { field: name } : { screenField: name };
    }

    /** While a label is dragged the picture shows what its number would make of it. */
    private wireLabels(): void {
        new Labels(this.place, {
            stepped: (shown, field, steps) => this.stepped(shown, field, steps),
            follow: (field) => this.attempt(field),
            end: (field) => this.keep(field),
            cancel: () => this.giveUp(),
        });
    }

    /** The colour field for a field elsewhere, which is told of what is chosen as if it had been typed. */
    colour(field: HTMLInputElement): void {
        this.colours.open(field);
    }

    /** The field of the colour field may be drawn anew elsewhere. */
    coloured(): void {
        this.colours.drawn();
    }

    /** The wall shows what a field would make of it. */
    private attempt(field: HTMLInputElement): void {
        field.setAttribute('data-dragged', '');
        if (field.dataset['screenField'] === 'ground') return this.picture.ground(this.everyScreen(), field.value);
        if (field.dataset['field'] === undefined) return;
        this.tried ??= {
            reflow: new Reflow(this.server, this.picture, () => this.outside.trying()),
            before: [...new Set(this.subject.layers.flatMap((id) => this.picture.layer(id) ?? []).map(outermost))].map((layer) => [layer.getAttribute('data-layer')!, layer.cloneNode(true) as Element]),
        };
        this.tried.reflow.ask(this.commandsOf(field)[0]!);
    }

    private keep(field: HTMLInputElement): void {
        const sent = this.tried;
        this.tried = null;
        field.removeAttribute('data-dragged');
        sent?.reflow.stop();
        if (field.value === told(field)) return this.back(sent);
        this.settle(field, this.server.edit(...this.commandsOf(field)).then((answer) => {
            if (!answer || answer.patches.length === 0) this.back(sent);
            return answer;
        }));
    }

    private giveUp(): void {
        for (const field of this.place.querySelectorAll('[data-dragged]')) field.removeAttribute('data-dragged');
        this.back(this.tried);
        this.tried = null;
    }

    private back(tried: { reflow: Reflow; before: [string, Element][] } | null): void {
        tried?.reflow.stop();
        for (const [id, kept] of tried?.before ?? []) this.picture.layer(id)?.replaceWith(kept);
    }

    /** After a change without effect, or refused without a message, the field shows the value of the server. */
    private settle(input: Field, made: Promise<Answer | null>): void {
        input.dataset['sent'] = input.value;
        // Several changes of one field may be under way.
        input.dataset['pending'] = String(Number(input.dataset['pending'] ?? 0) + 1);
        void made.then((answer) => {
            const left = Number(input.dataset['pending'] ?? 1) - 1;
            if (left > 0) input.dataset['pending'] = String(left);
            else delete input.dataset['pending'];
            // What was refused is not told: the same can be asked for again.
            if (answer === null && left <= 0) delete input.dataset['sent'];
            if ((answer === null && !input.hasAttribute('aria-invalid')) || answer?.patches.length === 0) this.again();
        });
    }

    /** The entries of a widget that are on. */
    private chosen(input: HTMLElement): string {
        const all = [...input.closest('.rows')!.querySelectorAll<HTMLInputElement>('[data-chosen]')];
        return all.filter((one) => one.checked).map((one) => one.dataset['chosen']).filter(Boolean).join(',');
    }

    /** The screens that the facets speak of. */
    private everyScreen(): string[] {
        const { screen, screens } = this.subject;
        return screens.length > 0 ? screens : [screen];
    }

    /** What the cues in the facets belong to: the one layer that is selected, or the screen. */
    private owner(): { screen: string; layer?: string } {
        const { screen, layers, screens } = this.subject;
        return { screen: screens[0] ?? screen, ...(layers.length === 1 ? { layer: layerOf(layers[0]!) } : {}) };
    }

    private typed(event: KeyboardEvent): void {
        const input = event.target as HTMLInputElement;
        // Enter takes the value and stays, the value selected; Escape gives the wall back.
        if (event.key === 'Enter' && input.matches('input:not([type=checkbox])')) {
            event.preventDefault();
            if (input.value !== told(input)) input.dispatchEvent(new Event('change', { bubbles: true }));
            input.select();
        }
        if (event.key === 'Escape') {
            this.giveUp();
            if (isField(input) && !(input instanceof HTMLSelectElement)) input.value = told(input);
            input.blur();
        }
        const step = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
        const stepped = step === 0 ? null : this.stepped(input.value, input, step * (event.shiftKey ? 10 : event.altKey ? 0.1 : 1));
        if (stepped !== null) {
            event.preventDefault();
            input.value = stepped;
            input.dispatchEvent(new Event('change', { bubbles: true }));
            input.select();
        }
    }

    /** What a number field would show so many of its steps from a value; null where that is no single number. */
    private stepped(value: string, input: HTMLInputElement, steps: number): string | null {
        const shown = /^(-?[\d.]+)(%?)$/.exec(value.trim());
        if (!shown || input.readOnly || !input.matches('input[data-step]') || Number.isNaN(Number(shown[1]))) return null;
        return String(Math.round((Number(shown[1]) + Number(input.dataset['step']) * steps) * 1000) / 1000) + shown[2]!;
    }

    private pressed(target: Element, alone: boolean): void {
        const button = target.closest<HTMLElement>('[data-do]');
        if (!button) return;
        if (this.coats.pressed(button) || this.components.pressed(button)) return;
        const { screen } = this.subject;
        const owner = this.owner();
        const id = button.dataset['id'];
        switch (button.dataset['do']) {
            case 'colour': this.colours.open(this.place.querySelector<HTMLInputElement>(`#${button.dataset['of']}`)!); break;
            case 'token': void this.binding.open(button); break;
            case 'bind': void this.server.edit({ type: 'bind-token', ...this.on, field: button.dataset['of'], token: id, ...this.inCell }); break;
            case 'set': if (alone && button.dataset['alone'] !== undefined) this.onSide(button); else void this.server.edit({ type: 'set-field', ...this.on, field: button.dataset['name'], value: button.dataset['value'] ?? '', ...this.inCell }); break;
            case 'reset-override': void this.server.edit({ type: 'reset-override', screen: screen || null, layer: id, ...(button.dataset['fieldPath'] ? { field: button.dataset['fieldPath'] } : {}) }); break;
            case 'go': document.dispatchEvent(new CustomEvent('kindred:go', { detail: { screen: button.dataset['screen'], layer: button.dataset['layer'] } })); break;
            case 'concentric': void this.server.edit({ type: 'put-field', ...this.on, field: 'corners', value: JSON.parse(button.dataset['corners']!) as object, ...this.inCell }); break;
            case 'into-mask': this.selection.pick([id!], screen); break;
            case 'even': void this.server.edit({ type: 'even-layers', ...this.on }); break;
            case 'remove-grid': void this.server.edit({ type: 'remove-grid', screen: owner.screen, grid: id }); break;
            case 'detach': this.detach(screen); break;
            case 'sheet': document.dispatchEvent(new CustomEvent('kindred:sheet', { detail: id })); break;
            case 'mark': void this.server.edit({ type: 'mark-layers', ...this.on, ...this.inCell, [button.dataset['name']!]: button.dataset['value'] === 'true' }); break;
            case 'align': this.align(button.dataset['name']!); break;
            case 'distribute': this.distribute(button.dataset['name']!); break;
            case 'remove-cue': void this.server.edit({ type: 'remove-cue', ...owner, cue: id }); break;
            case 'pairs': document.dispatchEvent(new CustomEvent('kindred:pairs', { detail: { ...owner, at: this.subject.layers[0] ?? '', cue: button.closest<HTMLElement>('[data-cue]')!.dataset['cue']!, act: button.dataset['name']! } })); break;
            case 'link-entries': void this.server.edit({ type: 'link-entries', ...owner, seed: fresh() }); break;
            case 'cue-up': void this.server.edit({ type: 'set-cue-field', ...owner, cue: button.closest<HTMLElement>('[data-cue]')!.dataset['cue'], field: button.dataset['name'], value: button.dataset['to'] }); break;
            case 'add-cue': void this.server.edit({ type: 'put-cue', ...owner, cue: { id: fresh(), ...JSON.parse(button.dataset['cue']!) as object } }); break;
            case 'entry': void this.server.edit({ type: 'set-entry', screen: owner.screen }); break;
            default: document.dispatchEvent(new CustomEvent('kindred:do', { detail: button.dataset['do'] }));
        }
    }

    private detach(screen: string): void {
        const select = this.selection.later();
        void this.server.edit({ type: 'detach-arrays', ...this.on, seed: fresh() }).then((answer) => select(() => answer && this.selection.pick(answer.added, screen)));
    }

    /** A shadow on one side alone. */
    private onSide(button: HTMLElement): void {
        const sides = ['top', 'right', 'bottom', 'left'].map((side): Command => {
            const field = `${button.dataset['alone']!}.${side}`;
            return { type: 'set-field', ...this.on, field, value: String(field === button.dataset['name']), ...this.inCell };
        });
        void this.server.edit(...sides);
    }

    /** Brings the layers, or the screens, into line. */
    align(edge: string): void {
        const { layers, screens } = this.subject;
        const { across } = this.selection;
        if (layers.length > 0) void this.server.edit({ type: 'align-layers', ...this.on, ...(across.length > 1 && !across.includes('') ? { across } : {}), edge, with: layers.length === 1 ? 'parent' : this.alignWith });
        else if (screens.length > 1) void this.server.edit({ type: 'align-screens', screens, edge, withLast: this.alignWith === 'last' });
    }

    /** Equal gaps of the px that were typed, or of what room there is. */
    distribute(axis: string): void {
        const field = this.place.querySelector<HTMLInputElement>('#gap');
        const typed = this.gap.trim().replace(',', '.');
        if (field) accept(field);
        field?.setAttribute('data-pending', '');
        const gap = Number.isNaN(Number(typed)) ? typed : Number(typed);
        const { screens } = this.subject;
        const on = screens.length > 0 ? { type: 'distribute-screens', screens } : { type: 'distribute-layers', ...this.on };
        void this.server.edit({ ...on, axis, ...(typed === '' ? {} : { gap }) }).then(() => field?.removeAttribute('data-pending'));
    }
}

/** Tells who listens to a field that it has another value. */
function said(field: HTMLInputElement, kind: 'input' | 'change'): void {
    field.dispatchEvent(new Event(kind, { bubbles: true }));
}

function rowOf(field: Element): Element {
    return field.closest('.row') ?? field;
}

/** Says under a field what is wrong with it. */
function complain(field: Element, problem: string): void {
    const note = document.createElement('p');
    note.className = 'field-problem';
    note.role = 'alert';
    note.textContent = problem;
    rowOf(field).querySelector('.field-problem')?.remove();
    rowOf(field).append(note);
}

/** Nothing is wrong with a field any more. */
function accept(field: Element): void {
    field.removeAttribute('aria-invalid');
    rowOf(field).querySelector('.field-problem')?.remove();
}
