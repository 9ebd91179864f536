/**
 * A match: what is seen of two screens, or of an instance in two states, goes over from the one to the other, over both, as the server
 * has worked it out. What it has drawn itself changes on the way; all else is taken from the pictures of the two as they are there.
 */
import { turnBack } from './between.ts';
import type { Flight, Pose, Taken } from './table.ts';

/** Attributes that are properties of CSS, too, and move by themselves, by what they are of; all others are set in each frame. */
const LENGTHS = ['x', 'y', 'width', 'height', 'rx', 'ry', 'cx', 'cy', 'r', 'stroke-width'];
const PLAIN = ['fill', 'stroke', 'opacity', 'fill-opacity', 'stroke-opacity', 'stop-color', 'stop-opacity', 'flood-color', 'flood-opacity', 'd'];
const SHAPES = ['rect', 'circle', 'ellipse', 'path', 'image', 'line'];

/** What makes a part of a picture answer or change; a copy does neither. */
const LIVE = ['data-layer', 'data-at', 'data-turns', 'data-states', 'data-works', 'data-when', 'data-item', 'data-slide', 'data-fill', 'data-live', 'data-face', 'data-words', 'data-press', 'data-position', 'data-scroll', 'role', 'tabindex'];

const camel = (name: string): string => name.replace(/-(.)/g, (_, letter: string) => letter.toUpperCase());

interface Set { element: Element; name: string; values: (string | null)[]; by: Animation }
interface Offset { x: number; y: number }
interface Move { element: SVGGElement; poses: Pose[]; by: Animation }

/** Where it is not known how one becomes the other. */
const HERE: Pose = [0, 0, 0, 1, 1, 0, 0];
const GOES: Taken = { at: '', whole: true, poses: [HERE, HERE], opacity: [1, 0] };
const COMES: Taken = { ...GOES, opacity: [0, 1] };
const alone = (part: { leaving?: Taken; arriving?: Taken }): Flight => ({ ground: [], late: 0, parts: [{ delay: 0, ...part }] });
export const [DISSOLVE, GO, COME] = [alone({ leaving: GOES, arriving: COMES }), alone({ leaving: GOES }), alone({ arriving: COMES })];

/** One of the two pictures; what is found in it by its address is where that is. */
export interface Side { picture: Element; scroll: number; find: (at: string) => SVGGElement | null }

/** Of what changes its ids, so that several flights of one kind do not share what only one of them changes. */
let flights = 0;

export class Flown {
    readonly animations: Animation[] = [];
    private readonly sets: Set[] = [];
    private readonly moves: Move[] = [];
    /** What tells how far parts have come, by their delays. */
    private readonly clocks = new Map<number, Animation>();
    private readonly root: HTMLElement | SVGGElement;
    private frame = 0;

    /**
     * @param into what holds both pictures: an element of a page, or a group in a picture
     * @param before the child of that which stays above; at the end without one
     * @param backward whether what the flight says of the arriving screen is about the one that leaves
     * @param timing with the delay and duration of each part
     * @param offset how far what lies around an element is scrolled
     */
    constructor(into: HTMLElement | SVGElement, flight: Flight, private readonly leaving: Side, private readonly arriving: Side, private readonly backward: boolean, private readonly timing: KeyframeAnimationOptions, private readonly offset: (element: Element) => Offset, before: Element | null = null) {
        const inPicture = into instanceof SVGElement;
        const svg = document.createElementNS('http://www.w3.org/2000/svg', inPicture ? 'g' : 'svg');
        this.root = inPicture ? svg as SVGGElement : document.createElement('div');
        this.root.classList.add('flight');
        this.root.setAttribute('aria-hidden', 'true');
        if (!inPicture) this.root.append(svg);
        const ground = this.way(flight.ground);
        if (ground.length > 0) this.root.style.background = ground[0]!;
        if (ground.length > 1) this.animate(this.root, ground.map((background) => ({ background })), 0);
        // Read once, all together.
        const drawn = new DOMParser().parseFromString(`<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink">${flight.parts.map(({ markup }) => `<g>${markup ?? ''}</g>`).join('')}</svg>`, 'image/svg+xml').documentElement;
        if (inPicture) named(drawn, `f${flights++}-`);
        svg.append(...[...document.importNode(drawn, true).children]);
        flight.parts.forEach((part, i) => this.part(svg.children[i] as SVGGElement, part, this.backward ? flight.late - part.delay : part.delay));
        // What hangs up already is laid out anew with each animation.
        into.insertBefore(this.root, before);
        for (const { picture } of [leaving, arriving]) picture.classList.add('flown');
        if (this.sets.length + this.moves.length > 0) this.follow();
    }

    remove(): void {
        cancelAnimationFrame(this.frame);
        for (const animation of this.animations) animation.cancel();
        this.root.remove();
        for (const { picture } of [this.leaving, this.arriving]) picture.classList.remove('flown');
    }

    /** Above both screens, below what lies over them. */
    raise(by: number): void {
        this.root.style.zIndex = String(by);
    }

    /** From where it is by now it goes back the way it came. */
    reverse(): void {
        for (const animation of this.animations) turnBack(animation);
    }

    private part(group: SVGGElement, part: Flight['parts'][number], delay: number): void {
        if (part.markup && part.poses) {
            const elements = [...group.querySelectorAll('*')];
            const clock = this.clock(delay);
            // Browsers make a picture of its own of all that they move: of hundreds that takes longer than to draw them all anew.
            this.moves.push({ element: group, poses: this.scrolled(part.poses, this.offsets(part.of)), by: clock });
            const animated = new Map<Element, PropertyIndexedKeyframes>();
            for (const { part: at, attribute, values } of part.changes ?? []) this.change(elements[at]!, attribute, this.way(values), clock, animated);
            for (const [element, frames] of animated) this.animate(element, frames, delay);
            return;
        }
        // Two that become each other are mixed, each as much as it is there.
        if (part.leaving && part.arriving) group.classList.add('mixed');
        for (const [taken, there] of [[part.leaving, true], [part.arriving, false]] as const) if (taken) this.take(group, taken, there, delay);
    }

    private take(group: SVGGElement, taken: Taken, fromFirst: boolean, delay: number): void {
        const found = (fromFirst !== this.backward ? this.leaving : this.arriving).find(taken.at);
        if (!found) return;
        const by = this.offset(found);
        const copy = found.cloneNode(taken.whole) as SVGGElement;
        if (!taken.whole) copy.append(...[...found.children].filter((child) => !child.matches('[data-layer], [data-inside]')).map((child) => child.cloneNode(true)));
        copy.removeAttribute('transform');
        copy.removeAttribute('display');
        for (const one of [copy, ...copy.querySelectorAll('*')]) for (const name of LIVE) one.removeAttribute(name);
        for (const field of copy.querySelectorAll<HTMLElement>('input, textarea')) field.tabIndex = -1;
        // What it lets through by itself stays as it is; how it comes and goes is its holder's.
        const holder = group.appendChild(document.createElementNS(group.namespaceURI, 'g') as SVGGElement);
        holder.append(copy);
        this.move(holder, taken.poses, delay, this.way(taken.opacity), by, fromFirst !== this.backward);
    }

    /** The other way round where the flight runs backward. */
    private way<T>(values: readonly T[]): T[] {
        return this.backward ? [...values].reverse() : [...values];
    }

    private clock(delay: number): Animation {
        const known = this.clocks.get(delay) ?? this.animate(this.root, [{ order: 0 }, { order: 0 }], delay);
        this.clocks.set(delay, known);
        return known;
    }

    /** How far a layer is scrolled in containers, where it leaves and where it arrives. */
    private offsets(of: [string, string] | undefined): [Offset, Offset] {
        const [from, to] = this.way(of ?? ['', '']);
        const by = (side: Side, at: string): Offset => {
            const element = at === '' ? null : side.find(at);
            return element ? this.offset(element) : { x: 0, y: 0 };
        };
        return [by(this.leaving, from!), by(this.arriving, to!)];
    }

    /** Where something lies on both screens, as far as these are scrolled. */
    private scrolled(poses: readonly [Pose, Pose], by: readonly [Offset, Offset]): Pose[] {
        return this.way(poses).map(([x, y, ...more], i) => [x - by[i]!.x, y - by[i]!.y - (i === 0 ? this.leaving : this.arriving).scroll, ...more]);
    }

    private move(element: SVGGElement, poses: readonly [Pose, Pose], delay: number, opacity: number[], by: Offset, leaves: boolean): void {
        const none = { x: 0, y: 0 };
        const frames = this.scrolled(poses, leaves ? [by, none] : [none, by]).map(([x, y, angle, across, down, width, height], i): Keyframe => ({
            transform: `translate(${x}px, ${y}px) rotate(${angle}deg) scale(${across}, ${down}) translate(${-width / 2}px, ${-height / 2}px)`, opacity: opacity[i]!,
        }));
        this.animate(element, frames, delay);
    }

    /** Of one element all that moves by itself is one animation. */
    private change(element: Element, name: string, values: (string | null)[], by: Animation, animated: Map<Element, PropertyIndexedKeyframes>): void {
        const length = LENGTHS.includes(name) && (name === 'stroke-width' || SHAPES.includes(element.tagName));
        if (values.includes(null) || !(length || (PLAIN.includes(name) && (name !== 'd' || values.every((value) => value!.length > 0))))) {
            this.sets.push({ element, name, values, by });
            return;
        }
        const said = (value: string): string => (name === 'd' ? `path("${value}")` : length ? `${value}px` : value);
        animated.set(element, { ...animated.get(element), [camel(name)]: values.map((value) => said(value!)) });
    }

    private animate(element: Element, frames: Keyframe[] | PropertyIndexedKeyframes, delay: number): Animation {
        const animation = element.animate(frames, { ...this.timing, delay: ((this.timing.delay as number | undefined) ?? 0) + delay });
        this.animations.push(animation);
        return animation;
    }

    /** What no animation can change is set in each frame, as far as that has come. */
    private follow(): void {
        const progress = new Map([...this.clocks.values()].map((clock) => [clock, clock.effect?.getComputedTiming().progress ?? 0]));
        for (const { element, poses, by } of this.moves) {
            const at = progress.get(by) ?? 0;
            const [x, y, angle, across, down, width, height] = poses[0]!.map((value, i) => Math.round((value + (poses[1]![i]! - value) * at) * 1000) / 1000) as Pose;
            element.setAttribute('transform', `translate(${x} ${y})${angle === 0 ? '' : `rotate(${angle})`}${across === 1 && down === 1 ? '' : `scale(${across} ${down})`}translate(${-width / 2} ${-height / 2})`);
        }
        for (const { element, name, values, by } of this.sets) {
            const value = between(values, progress.get(by) ?? 0);
            if (value === null) element.removeAttribute(name);
            else if (element.getAttribute(name) !== value) element.setAttribute(name, value);
        }
        this.frame = requestAnimationFrame(() => this.follow());
    }
}

/** A layer in a picture, in the state that is shown. */
export function shown(picture: Element, at: string): SVGGElement | null {
    const [layer, ...copies] = at.split('.');
    const named = copies.length > 0 ? `[data-at="${CSS.escape(at)}"]` : `[data-layer="${CSS.escape(layer!)}"]`;
    return [...picture.querySelectorAll<SVGGElement>(named)].find((one) => (one.parentElement!.closest('[data-states][display=none]') ?? picture).contains(picture)) ?? null;
}

/** Gives what has names in a drawing other ones, and what points to it, too. */
function named(drawing: Element, prefix: string): void {
    for (const one of drawing.querySelectorAll('[id]')) one.id = prefix + one.id;
    for (const one of drawing.querySelectorAll('*')) for (const { name, value } of one.attributes) if (/^#|url\(#/.test(value)) one.setAttribute(name, value.replace(/^#|url\(#/g, (start) => start + prefix));
}

/** Of values at equal steps what lies there: numbers go evenly, all else in steps. */
export function between(values: (string | null)[], at: number): string | null {
    const place = Math.max(0, Math.min(1, at)) * (values.length - 1);
    const i = Math.min(values.length - 2, Math.floor(place));
    const [from, to, share] = [values[i]!, values[i + 1]!, place - i];
    const number = /-?(?:\d+\.?\d*|\.\d+)(?:e-?\d+)?/g;
    if (from === null || to === null || from.includes('#') || from.replace(number, '0') !== to.replace(number, '0')) return share < 0.5 ? from : to;
    const others = to.match(number) ?? [];
    let n = 0;
    return from.replace(number, (one) => {
        const other = Number(others[n++]);
        return String(Math.round((Number(one) + (other - Number(one)) * share) * 1000) / 1000);
    });
}
