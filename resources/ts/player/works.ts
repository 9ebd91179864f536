/** Working widgets on the page: shows what the machine says they hold, and tells it what a person does with them. */
import { familiesOf } from '../families.ts';
import type { Happening, Machine } from './machine.ts';
import { widthOf } from './over.ts';
import { Toggling } from './toggling.ts';

interface Face { family: string; weight: number; italic?: boolean; size: number; line: number; spacing: number; align: string; transform: string; lines?: string; variant?: string; colour: string | null; wrap: boolean }

/** How words are set that are not all alike: runs by the characters of the template, in code points, and paragraphs. */
interface Set { runs: { from: number; to: number; style: Record<string, string>; link: string | null }[]; paragraphs: { style: Record<string, string>; marker: string }[] }

/** Words as paragraphs with spans; what a placeholder says is set as its first character. */
function set({ runs, paragraphs }: Set, pieces: { from: number; to: number; text: string }[]): HTMLElement[] {
    const all: HTMLElement[] = [];
    const begin = (): HTMLElement => {
        const { style, marker } = paragraphs[all.length] ?? { style: {}, marker: '' };
        const p = document.createElement('p');
        p.dir = 'auto';
        Object.assign(p.style, style);
        p.style.setProperty('--indent', style['paddingInlineStart'] ?? '0px');
        if (marker) p.dataset['marker'] = marker;
        all.push(p);
        return p;
    };
    let p = begin();
    for (const { from, to, text } of pieces) {
        const characters = [...text];
        const literal = characters.length === to - from;
        for (let i = 0; i < characters.length;) {
            const run = runs.find((one) => one.from <= (literal ? from + i : from) && (literal ? from + i : from) < one.to);
            const next = !literal ? characters.length : Math.min(characters.length, ...[...runs.flatMap((one) => [one.from, one.to])].map((edge) => edge - from).filter((edge) => edge > i));
            characters.slice(i, next).join('').split('\n').forEach((line, n) => {
                if (n > 0) p = begin();
                const span = p.appendChild(document.createElement('span'));
                span.textContent = line;
                Object.assign(span.style, run?.style ?? {});
                if (run?.link) span.dataset['link'] = run.link;
            });
            i = next;
        }
    }
    return all;
}

/** Px of a screen between a widget and what opens from it, and between that and the edge of what is seen. */
const GAP = 4;

const key = (element: Element | null): string => element?.closest<SVGElement>('[data-works]')?.dataset['works'] ?? '';

export class Works {
    private readonly toggling: Toggling;
    /** The field that a drawn keyboard types into. */
    private typed: HTMLInputElement | HTMLTextAreaElement | null = null;
    private slid: SVGElement | null = null;
    private opened: HTMLElement | null = null;
    /** While a button is held the drawn keyboard stays, so that nothing moves away under the press. */
    private held = false;

    /** @param pane the screen that is shown */
    constructor(private readonly machine: Machine, private readonly frame: HTMLElement, private readonly pane: () => HTMLElement | null, private readonly send: (happening: Happening) => void, signal: AbortSignal) {
        this.toggling = new Toggling(machine);
        frame.addEventListener('pointerdown', (event) => this.down(event));
        // A drawn key leaves the caret where it is.
        frame.addEventListener('mousedown', (event) => {
            this.held = true;
            if ((event.target as Element).closest('[data-press=key]')) event.preventDefault();
        });
        // After the click that it may end in.
        addEventListener('mouseup', () => {
            this.held = false;
            setTimeout(() => this.putAway());
        }, { signal });
        frame.addEventListener('pointermove', (event) => this.slid && this.slide(event));
        for (const end of ['pointerup', 'pointercancel'] as const) frame.addEventListener(end, () => this.slid = null);
        frame.addEventListener('input', (event) => this.typing(event.target as HTMLInputElement));
        frame.addEventListener('focusin', (event) => this.focused(event.target as Element));
        frame.addEventListener('focusout', (event) => this.left(event.target as Element));
        frame.addEventListener('keydown', (event) => this.keyed(event));
    }

    /** A new screen: its words become boxes that can be filled, its fields can be typed into. */
    dress(pane: HTMLElement): void {
        const keys = pane.querySelector('[data-keys]');
        if (keys) pane.append(keys);
        pane.querySelectorAll<SVGForeignObjectElement>('foreignObject[data-face]').forEach((place) => {
            const face = JSON.parse(place.dataset['face']!) as Face;
            const live = place.dataset['live'];
            const box = live === 'entry' || live === 'lines' ? this.entry(place, live) : document.createElement('div');
            Object.assign(box.style, {
                fontFamily: familiesOf(face.family), fontWeight: String(face.weight), fontStyle: face.italic ? 'italic' : 'normal', fontSize: `${face.size}px`, lineHeight: `${face.line}px`,
                letterSpacing: face.spacing === 0 ? '' : `${face.spacing}em`, textTransform: face.transform, color: face.colour ?? '', textAlign: face.align, textDecorationLine: face.lines ?? 'none', fontVariant: face.variant ?? 'normal',
                justifyContent: { left: 'flex-start', center: 'center', right: 'flex-end' }[face.align] ?? '',
            });
            box.classList.add('live');
            box.classList.toggle('wrap', face.wrap);
            place.append(box);
        });
        for (const link of pane.querySelectorAll<SVGElement>('[data-link]')) {
            link.setAttribute('role', 'link');
            link.tabIndex = 0;
        }
        this.update(pane);
    }

    /** Shows what is held now; where a person sees it change, on its way. */
    update(pane: HTMLElement, moves = false): void {
        const values = this.machine.values;
        pane.querySelectorAll<SVGForeignObjectElement>('foreignObject[data-face]').forEach((place) => this.fill(place));
        this.toggling.show(pane.querySelectorAll<SVGElement>('[data-when]'), (part) => this.shows(part), moves);
        pane.querySelectorAll<SVGElement>('[data-slide]').forEach((part) => part.style.transform = `translateX(${values.share(key(part)) * Number(part.dataset['slide'])}px)`);
        pane.querySelectorAll<SVGElement>('[data-fill]').forEach((part) => part.style.clipPath = `inset(-4px ${(1 - values.share(key(part))) * Number(part.dataset['fill'])}px -4px -4px)`);
        pane.querySelectorAll<SVGElement>('[data-press]').forEach((area) => this.name(area));
    }

    /** What opened from a widget closes; true when something was open. */
    close(): boolean {
        const opened = this.opened;
        this.opened = null;
        opened?.setAttribute('hidden', '');
        return opened !== null;
    }

    /** A press on the screen, with whether a widget took it `whole`, so that it does nothing else. */
    press(event: MouseEvent): 'whole' | 'shared' | null {
        const top = document.elementsFromPoint(event.clientX, event.clientY).find((element) => this.pane()?.contains(element));
        const inside = this.opened?.contains(top ?? null) ?? false;
        if (!inside && this.close()) return 'whole';
        if (top?.matches('.live.typed')) return 'shared';
        const area = top?.closest<SVGElement>('[data-press]');
        if (area) {
            this.act(area);
            return inside || area.dataset['press'] === 'open' || area.dataset['press'] === 'key' ? 'whole' : 'shared';
        }
        // A press anywhere on a field is meant for its words.
        const field = top?.closest<SVGElement>('[data-signal=text]');
        field?.querySelector<HTMLElement>('.live.typed')?.focus();
        return field ? 'shared' : null;
    }

    /** The first field that shows an error. */
    toWrong(pane: HTMLElement): void {
        const wrong = [...pane.querySelectorAll<SVGElement>('[data-works]')].find((widget) => this.machine.values.message(widget.dataset['works']!) !== '');
        wrong?.querySelector<HTMLElement>('.live.typed, [data-press]')?.focus();
    }

    private shows(part: SVGElement): boolean {
        const states = part.dataset['when']!.split(' ');
        const widget = key(part);
        const item = part.dataset['item'] === undefined ? null : Number(part.dataset['item']);
        const keyboard = part.closest<SVGElement>('[data-keyboard]');
        const holds = (pair: string[], now: string): boolean => !pair.some((state) => states.includes(state)) || states.includes(now);
        const [values, value] = [this.machine.values, this.machine.values.of(widget)];
        const range = values.range(widget);
        return holds(['off', 'on'], (keyboard ? keyboard.dataset['page'] === 'signs' : values.isOn(widget, item)) ? 'on' : 'off')
            && holds(['empty', 'filled'], value === '' ? 'empty' : 'filled')
            && holds(['min', 'between', 'max'], value === range?.min ? 'min' : value === range?.max ? 'max' : 'between')
            && holds(['right', 'wrong'], values.message(widget) === '' ? 'right' : 'wrong');
    }

    private fill(place: SVGForeignObjectElement): void {
        const box = place.firstElementChild as HTMLElement;
        const [widget, values] = [key(place), this.machine.values];
        const item = Number(place.closest<SVGElement>('[data-item]')?.dataset['item'] ?? 0);
        const words = values.words(place.dataset['words'] ?? '');
        if (box instanceof HTMLInputElement || box instanceof HTMLTextAreaElement) {
            const value = String(values.of(widget) ?? '');
            if (box.value !== value) box.value = value;
            box.setAttribute('aria-invalid', String(values.message(widget) !== ''));
            return;
        }
        switch (place.dataset['live']) {
            case 'value': {
                const shown = values.shown(widget);
                box.textContent = shown || words;
                box.classList.toggle('hint', shown === '');
                break;
            }
            case 'message': box.textContent = values.message(widget); break;
            case 'month': box.textContent = values.month(widget); break;
            case 'day': case 'chosen-day': box.textContent = values.dayIn(widget, item); break;
            default:
                if (place.dataset['set']) box.replaceChildren(...set(JSON.parse(place.dataset['set']) as Set, values.pieces(place.dataset['words'] ?? '')));
                else box.textContent = words;
        }
    }

    /** A field over its words; they are its hint while it is empty. */
    private entry(place: SVGForeignObjectElement, live: string): HTMLInputElement | HTMLTextAreaElement {
        const field = document.createElement(live === 'lines' ? 'textarea' : 'input');
        const widget = place.closest<SVGElement>('[data-works]')!;
        field.classList.add('typed');
        field.placeholder = this.machine.values.words(place.dataset['words'] ?? '');
        field.setAttribute('aria-label', widget.dataset['label'] ?? '');
        field.maxLength = 2000;
        field.autocomplete = 'off';
        field.spellcheck = false;
        return field;
    }

    private name(area: SVGElement): void {
        const [widget, values] = [key(area), this.machine.values];
        const item = area.dataset['item'] === undefined ? null : Number(area.dataset['item']);
        if (['switch', 'radio', 'checkbox'].includes(area.getAttribute('role') ?? '')) area.setAttribute('aria-checked', String(values.isOn(widget, item)));
        const range = area.dataset['press'] === 'slide' ? values.range(widget) : undefined;
        if (range) {
            area.setAttribute('aria-valuemin', String(range.min));
            area.setAttribute('aria-valuemax', String(range.max));
            area.setAttribute('aria-valuenow', String(values.of(widget)));
        }
    }

    private down(event: PointerEvent): void {
        const area = (event.target as Element).closest<SVGElement>('[data-press]');
        if (area?.dataset['press'] !== 'slide') return;
        this.slid = area;
        this.frame.setPointerCapture(event.pointerId);
        this.slide(event);
    }

    /** The middle of a knob keeps 10 px from either end of its track. */
    private slide(event: PointerEvent): void {
        const area = this.slid!;
        const box = area.getBoundingClientRect();
        const scale = box.width / Number(area.getAttribute('width'));
        const range = this.machine.values.range(key(area));
        const way = Number(area.parentElement?.querySelector<SVGElement>('[data-slide]')?.dataset['slide'] ?? 0) * scale;
        if (!range || way <= 0) return;
        const share = Math.max(0, Math.min(1, (event.clientX - box.left - (box.width - way) / 2) / way));
        this.tell({ type: 'enter', widget: key(area), value: range.min + share * (range.max - range.min) });
    }

    private act(area: SVGElement): void {
        const press = area.dataset['press']!;
        const widget = key(area);
        if (press === 'open') this.open(area);
        else if (press === 'key') this.strike(area);
        else if (press !== 'slide') {
            this.tell({ type: 'press', widget, press, item: Number(area.dataset['item'] ?? -1) });
            if (press === 'item') this.close();
        }
    }

    private open(area: SVGElement): void {
        const pane = this.pane();
        const opened = [...(pane?.querySelectorAll<HTMLElement>('[data-opens]') ?? [])].find((one) => one.dataset['opens'] === key(area));
        if (!pane || !opened) return;
        const sheet = pane.querySelector('.sheet')!.getBoundingClientRect();
        const from = area.getBoundingClientRect();
        const width = widthOf(pane);
        const scale = sheet.width / width;
        const [left, top, bottom] = [(from.left - sheet.left) / scale, (from.top - sheet.top) / scale, (from.bottom - sheet.top) / scale];
        const [first, last] = [pane.scrollTop, pane.scrollTop + pane.clientHeight];
        opened.removeAttribute('hidden');
        const height = opened.scrollHeight;
        const below = last - bottom - 2 * GAP >= height || last - bottom >= top - first;
        const room = Math.max(80, (below ? last - bottom : top - first) - 2 * GAP);
        Object.assign(opened.style, {
            left: `${Math.max(0, Math.min(left, width - opened.offsetWidth))}px`,
            top: `${below ? bottom + GAP : top - GAP - Math.min(height, room)}px`, maxHeight: `${room}px`,
        });
        this.opened = opened;
        opened.querySelector<SVGElement>('[aria-checked=true], [data-press]')?.focus();
    }

    private strike(area: SVGElement): void {
        const cap = area.dataset['key']!;
        const board = area.closest<SVGElement>('[data-keyboard]')!;
        if (cap === 'other') {
            board.dataset['page'] = board.dataset['page'] === 'signs' ? 'letters' : 'signs';
            return this.update(this.pane()!);
        }
        const field = this.typed;
        if (!field) return;
        const [from, to] = [field.selectionStart ?? field.value.length, field.selectionEnd ?? field.value.length];
        if (cap === 'return' && field instanceof HTMLInputElement) return field.blur();
        if (cap === 'delete') field.setRangeText('', from === to ? Math.max(0, from - 1) : from, to, 'end');
        else field.setRangeText(cap === 'return' ? '\n' : cap, from, to, 'end');
        this.typing(field);
    }

    private typing(field: HTMLInputElement | HTMLTextAreaElement): void {
        if (field.matches('.live.typed')) this.tell({ type: 'enter', widget: key(field), value: field.value });
    }

    private focused(element: Element): void {
        if (!element.matches('.live.typed')) return;
        this.typed = element as HTMLInputElement;
        const board = this.pane()?.querySelector<HTMLElement>('[data-keys]');
        if (!board) return;
        board.removeAttribute('hidden');
        this.pane()!.classList.add('typing');
        const [field, edge] = [element.getBoundingClientRect(), board.getBoundingClientRect()];
        const scale = edge.width / (board.offsetWidth || 1);
        if (field.bottom > edge.top) this.pane()!.scrollTop += (field.bottom - edge.top) / scale + 24;
    }

    private left(element: Element): void {
        if (!element.matches('.live.typed')) return;
        this.tell({ type: 'leave', widget: key(element) });
        if (!this.held) this.putAway();
    }

    /** The drawn keyboard goes, unless something is typed into. */
    private putAway(): void {
        if (document.activeElement?.matches('.live.typed')) return;
        for (const pane of this.frame.querySelectorAll('.pane.typing')) {
            pane.querySelector('[data-keys]')?.setAttribute('hidden', '');
            pane.classList.remove('typing');
        }
    }

    private keyed(event: KeyboardEvent): void {
        const target = event.target as Element;
        if (target.matches('.live.typed')) {
            if (event.key === 'Escape' || (event.key === 'Enter' && target instanceof HTMLInputElement)) (target as HTMLElement).blur();
            return event.stopPropagation();
        }
        if (event.key === 'Escape' && this.close()) return event.stopPropagation();
        const area = target.closest<SVGElement>('[data-press]');
        if (!area) return;
        if (event.key === 'Enter' || event.key === ' ') this.act(area);
        else if (!this.arrow(area, event.key)) return;
        event.preventDefault();
        event.stopPropagation();
    }

    /** Arrows step a slider, and go from item to item, of which one that is chosen alone is chosen at once. */
    private arrow(area: SVGElement, pressed: string): boolean {
        const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[pressed];
        if (by === undefined) return false;
        if (area.dataset['press'] === 'slide') {
            this.tell({ type: 'press', widget: key(area), press: (pressed === 'ArrowUp' ? 1 : pressed === 'ArrowDown' ? -1 : by) > 0 ? 'more' : 'less' });
            return true;
        }
        if (area.dataset['press'] !== 'item') return false;
        const items = [...area.parentElement!.querySelectorAll<SVGElement>('[data-press=item]')];
        items[(items.indexOf(area) + by + items.length) % items.length]?.focus();
        return true;
    }

    private tell(happening: Happening): void {
        this.send(happening);
        const pane = this.pane();
        if (pane) this.update(pane);
    }
}
