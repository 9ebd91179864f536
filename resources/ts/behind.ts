/** What lies behind layers that it is seen through: references to what is drawn there, so that it is always as it is by now. */

/** What is no drawing itself. */
const HELPERS = 'clipPath, mask, filter, linearGradient, radialGradient, pattern, defs, style, .behind';

/** Elements that are put together by themselves before they are seen: what lies in them sees nothing behind them (Filter Effects 2, section 2.1). */
const APART = '[opacity], [filter], [mask], [clip-path], [class*="blend-"], .isolated';

/** So many references one picture has at most: beyond them layers show as if nothing were seen through them. */
const MOST = 5000;

interface Frame { matrix: SVGMatrix; drawn: Element[] }

export class Behind {
    private readonly all: HTMLCollectionOf<Element>;
    private named = 0;

    constructor(root: Element) {
        this.all = root.getElementsByClassName('behind');
        new MutationObserver((changes) => this.show(new Set(changes.map(({ target }) => target)))).observe(root, { subtree: true, childList: true, attributes: true, attributeFilter: ['transform'] });
        this.show(new Set([root]));
    }

    /** In the pictures in which something has changed, or that have come. */
    private show(changed: Set<Node>): void {
        const pictures = new Map<Element, boolean>();
        const has = (picture: Element): boolean => {
            if (!pictures.has(picture)) pictures.set(picture, [...changed].some((one) => picture.contains(one) || one.contains(picture)));
            return pictures.get(picture)!;
        };
        const left = new Map<Element, number>();
        for (const one of [...this.all]) {
            const picture = one.closest('svg')!;
            if (has(picture)) left.set(picture, (left.get(picture) ?? MOST) - this.fill(one, (left.get(picture) ?? MOST) > 0));
        }
    }

    /** @return how much of what is drawn lies behind it */
    private fill(behind: Element, shows: boolean): number {
        const holder = behind.firstElementChild!;
        const frames = shows ? framesBehind(behind.parentElement as unknown as SVGGElement) : [];
        for (const one of frames.flatMap(({ drawn }) => drawn)) one.id ||= `drawn-${++this.named}`;
        const places = frames.map(({ matrix: { a, b, c, d, e, f } }) => `matrix(${a} ${b} ${c} ${d} ${e} ${f})`);
        const hrefs = frames.map(({ drawn }) => drawn.map(({ id }) => `#${id}`));
        // Written only where it is otherwise: every change is seen again.
        if (JSON.stringify(hrefs) !== JSON.stringify([...holder.children].map((frame) => [...frame.children].map((use) => use.getAttribute('href'))))) {
            holder.replaceChildren(...hrefs.map((all) => element('g', {}, ...all.map((href) => element('use', { href })))));
        }
        for (const [i, frame] of [...holder.children].entries()) if (frame.getAttribute('transform') !== places[i]) frame.setAttribute('transform', places[i]!);
        return frames.reduce((many, { drawn }) => many + drawn.length, 0);
    }
}

/** All that is drawn before a layer, the lowest first, in the coordinates of the layer. */
function framesBehind(layer: SVGGElement): Frame[] {
    const frames: Frame[] = [];
    let matrix = back(layer);
    for (let at: Element = layer; at.parentElement; at = at.parentElement) {
        const around = at.parentElement as unknown as SVGGElement;
        const drawn = [...around.children].slice(0, [...around.children].indexOf(at)).filter((one) => !one.matches(HELPERS));
        if (drawn.length > 0) frames.unshift({ matrix, drawn });
        if (around.tagName === 'svg' || around.matches(APART) || around.querySelector(':scope > .behind')) break;
        matrix = matrix.multiply(back(around));
    }
    return frames;
}

/** From where an element lies to its own coordinates. */
function back(element: SVGGElement): SVGMatrix {
    let matrix = element.ownerSVGElement!.createSVGMatrix();
    for (const { matrix: one } of element.transform.baseVal) matrix = matrix.multiply(one);
    return matrix.inverse();
}

function element(name: string, attributes: Record<string, string>, ...children: Element[]): Element {
    const made = document.createElementNS('http://www.w3.org/2000/svg', name);
    for (const [key, value] of Object.entries(attributes)) made.setAttribute(key, value);
    made.append(...children);
    return made;
}
