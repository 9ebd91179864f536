/** What lies between two ways in which something is drawn. */
import type { Plan } from './table.ts';

const camel = (name: string): string => name.replace(/-(.)/g, (_, letter: string) => letter.toUpperCase());

/** What a layer draws itself, in order. */
export const own = (layer: Element): SVGElement[] => [...layer.children].filter((one): one is SVGElement => one instanceof SVGElement && !one.hasAttribute('data-layer') && !one.matches('filter, mask, clipPath, defs, [data-inside], [data-turns], rect[pointer-events=all]'));

/** How an element has it in CSS: a transform of SVG is one without units. */
export function transform(element: SVGGraphicsElement): string {
    const matrix = element.transform.baseVal.consolidate()?.matrix;
    return matrix ? `matrix(${matrix.a}, ${matrix.b}, ${matrix.c}, ${matrix.d}, ${matrix.e}, ${matrix.f})` : 'none';
}

/** How long something moves; null where it does not. */
export function timing(plan: Plan): { duration: number; delay: number; easing: string; fill: 'backwards' } | null {
    return plan.duration + plan.delay > 0 && !matchMedia('(prefers-reduced-motion: reduce)').matches ? { duration: plan.duration, delay: plan.delay, easing: plan.easing, fill: 'backwards' } : null;
}

/** From where it is it goes back. What is asked of `reverse` comes to hold a little later, and the pace, which is set at once, would overtake it. */
export function turnBack(animation: Animation): void {
    animation.playbackRate = -animation.playbackRate;
    animation.play();
}

/** A colour that goes over through OKLab, as in a match: what is given so is not mixed as sRGB (CSS Color 4, section 12.1). */
const colour = (value: string): string => (value.startsWith('#') || value.startsWith('rgb') ? `oklab(from ${value} l a b / alpha)` : value);

/** The frames between two elements; null where they look the same. */
export function between(from: Element, to: Element, names: readonly string[]): Keyframe[] | null {
    const [first, last]: [Keyframe, Keyframe] = [{}, {}];
    for (const name of names) {
        const [was, is] = [from.getAttribute(name), to.getAttribute(name)];
        if (was === is) continue;
        if (name === 'transform') {
            [first['transform'], last['transform']] = [transform(from as SVGGraphicsElement), transform(to as SVGGraphicsElement)];
            continue;
        }
        if (name === 'fill' || name === 'stroke') {
            [first[name], last[name]] = [colour(was ?? 'none'), colour(is ?? 'none')];
            continue;
        }
        const [usual, unit] = name.endsWith('opacity') ? ['1', ''] : ['0', 'px'];
        first[camel(name)] = `${was ?? usual}${unit}`;
        last[camel(name)] = `${is ?? usual}${unit}`;
    }
    return Object.keys(first).length === 0 ? null : [first, last];
}
