/** What lies between two ways in which something is drawn. */
import type { Plan } from './table.ts';

/** What a layer draws itself, in order. */
export const own = (layer: Element): SVGElement[] => [...layer.children].filter((one): one is SVGElement => one instanceof SVGElement && !one.hasAttribute('data-layer') && !one.matches('filter, mask, clipPath, defs, [data-inside], [data-turns], rect[pointer-events=all]'));

/** How an element has it in CSS: a transform of SVG is one without units. */
function transform(element: SVGGraphicsElement): string {
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

/** The frames between two elements, of which the transform and lengths change; null where they look the same. */
export function between(from: Element, to: Element, names: readonly string[]): Keyframe[] | null {
    const [first, last]: [Keyframe, Keyframe] = [{}, {}];
    for (const name of names) {
        const [was, is] = [from.getAttribute(name), to.getAttribute(name)];
        if (was === is) continue;
        if (name === 'transform') {
            [first['transform'], last['transform']] = [transform(from as SVGGraphicsElement), transform(to as SVGGraphicsElement)];
            continue;
        }
        [first[name], last[name]] = [`${was ?? 0}px`, `${is ?? 0}px`];
    }
    return Object.keys(first).length === 0 ? null : [first, last];
}
