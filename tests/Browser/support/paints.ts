/** Boxes painted at random from a seed, and the same as CSS would paint them. */
import { numbers } from './random.ts';

export interface Painted { layer: Record<string, unknown>; html: string }

type Said = Record<string, unknown>;

const BLENDS = ['normal', 'normal', 'multiply', 'screen', 'overlay', 'darken', 'lighten', 'hard-light', 'soft-light', 'difference', 'exclusion'];
/** Of these the outcome hangs on the last bit of a channel, where what lies below is dark, light or nearly grey: of one colour, over one colour. */
const STEEP = ['color-dodge', 'color-burn', 'hue', 'saturation', 'color', 'luminosity'];

/** Chance, and paint that is made by it, for a box so many px wide. */
function chances(seed: number, width: number) {
    const next = numbers(seed);
    const below = (count: number): number => Math.floor(next() * count);
    const one = <T>(list: T[]): T => list[below(list.length)]!;
    const chance = (share: number): boolean => next() < share;
    const hex = (n: number): string => n.toString(16).padStart(2, '0');
    const colour = (alpha: number, most = 255): { hex: string; css: string } => {
        const [r, g, b] = [below(256), below(256), below(256)];
        const a = chance(alpha) ? below(most + 1) : most;
        return { hex: `#${hex(r)}${hex(g)}${hex(b)}${a === 255 ? '' : hex(a)}`, css: `rgb(${r} ${g} ${b} / ${a / 255})` };
    };
    const percent = (share: number): string => `${Math.round(share * 1e6) / 1e4}%`;

    const gradient = (seen: number): { fill: Record<string, unknown>; css: string } => {
        const kind = one(['linear', 'linear', 'radial', 'conic']);
        const count = 2 + below(7);
        const places = Array.from({ length: count }, () => Math.round((next() * 1.3 - 0.15) * 100) / 100).sort((a, b) => a - b);
        // Now and then two stops at one place: a hard edge.
        if (count > 3 && chance(0.3)) places[2] = places[1]!;
        const repeats = places[count - 1]! - places[0]! > 0.15 && chance(0.2);
        const space = chance(0.35) ? 'oklab' : 'srgb';
        const stops: Record<string, unknown>[] = [];
        const said: string[] = [];
        places.forEach((at, i) => {
            const { hex: written, css } = colour(seen);
            // Chromium draws the bend of a hint with nine stops, which is near only where it is slight.
            const hint = !repeats && i < count - 1 && places[i + 1]! - at > 0.1 && chance(0.2) ? Math.round((at + (places[i + 1]! - at) * (0.38 + next() * 0.24)) * 1000) / 1000 : null;
            stops.push({ colour: written, at, ...(hint === null ? {} : { hint }) });
            said.push(`${css} ${percent(at)}`);
            if (hint !== null) said.push(percent(hint));
        });
        const fill: Record<string, unknown> = { kind, stops, ...(repeats ? { repeats } : {}), ...(space === 'oklab' ? { space } : {}) };
        let head = '';
        if (kind !== 'radial') {
            const angle = below(360);
            fill['angle'] = angle;
            head = `${kind === 'conic' ? 'from ' : ''}${angle}deg`;
        }
        if (kind !== 'linear') {
            // Not right on an edge: of what has no height there and repeats, Chromium shows another mean than CSS Images 4 (section 3.2.3) has.
            const [cx, cy] = [Math.round(next() * 120 - 10) / 100 + 0.004, Math.round(next() * 120 - 10) / 100 + 0.004];
            Object.assign(fill, { centreX: cx, centreY: cy });
            if (kind === 'radial') {
                const circle = chance(0.4);
                const extent = one(['closest-side', 'farthest-side', 'closest-corner', 'farthest-corner', 'own']);
                const [rx, ry] = [Math.round((0.1 + next()) * 100) / 100, Math.round((0.1 + next()) * 100) / 100];
                Object.assign(fill, { circle, extent, radiusX: rx, radiusY: ry });
                const size = extent !== 'own' ? extent : circle ? `${rx * width}px` : `${percent(rx)} ${percent(ry)}`;
                head = `${circle ? 'circle' : 'ellipse'} ${size}`;
            }
            head += ` at ${percent(cx)} ${percent(cy)}`;
        }
        return { fill, css: `${repeats ? 'repeating-' : ''}${kind}-gradient(${head} in ${space}, ${said.join(', ')})` };
    };

    return { next, below, one, chance, colour, percent, gradient };
}

/** One case, as large as `width` by `height`; what is drawn round it reaches 12 px further at most. */
export function painted(seed: number, x: number, y: number, width: number, height: number): Painted {
    const { below, one, chance, colour, gradient } = chances(seed, width);
    const fills: Record<string, unknown>[] = [];
    const images: string[] = [];
    const steep = chance(0.2);
    const coats = steep ? 2 : 1 + below(3);
    const blends = steep ? [one(STEEP), 'normal'] : Array.from({ length: coats }, (_, i) => (i === coats - 1 || chance(0.4) ? 'normal' : one(BLENDS)));
    for (let i = 0; i < coats; i++) {
        const last = i === coats - 1;
        const blend = blends[i]!;
        const solid = steep || chance(0.2) ? colour(steep ? 0 : 0.7) : null;
        const made = solid ? { fill: { colour: solid.hex }, css: `linear-gradient(${solid.css}, ${solid.css})` } : gradient(last ? 0.15 : 0.6);
        fills.push({ ...made.fill, ...(blend === 'normal' ? {} : { blend }) });
        images.push(made.css);
    }
    const radii = Array.from({ length: 4 }, () => (chance(0.4) ? 0 : below(30)));
    const corners = { topLeft: radii[0], topRight: radii[1], bottomRight: radii[2], bottomLeft: radii[3] };
    const effects: Record<string, unknown>[] = [];
    const shadows: string[] = [];
    // What draws PNG blurs too little below a standard deviation of 2 px, which is half of a shadow's blur.
    for (let i = chance(0.5) ? 1 + below(3) : 0; i > 0; i--) {
        // Chromium blurs the shadows of boxes and filters in two ways, which are up to 10 of 255 apart where a shadow is dark and opaque.
        const { hex: written, css: said } = colour(0.8, 178);
        const [inner, x, y, blur, spread] = [chance(0.4), below(13) - 6, below(13) - 6, chance(0.2) ? 0 : 4 + below(11), below(11) - 4];
        effects.push({ colour: written, inner, offsetX: x, offsetY: y, blur, spread });
        shadows.push(`${inner ? 'inset ' : ''}${x}px ${y}px ${blur}px ${spread}px ${said}`);
    }
    const blurred = chance(0.1) ? 2 + below(3) : 0;
    if (blurred > 0) effects.push({ kind: 'blur', radius: blurred });
    const strokes: Record<string, unknown>[] = [];
    const css = [`left:${x}px;top:${y}px;width:${width}px;height:${height}px;border-radius:${radii.map((r) => `${r}px`).join(' ')};background-image:${images.join(', ')};background-blend-mode:${blends.join(', ')};box-shadow:${shadows.join(', ') || 'none'};filter:${blurred > 0 ? `blur(${blurred}px)` : 'none'}`];
    // What is blurred is blurred with its stroke, which is another box here.
    if (blurred === 0 && chance(0.6)) {
        const position = one(['inside', 'centre', 'outside']);
        const stroke = colour(0.3);
        const uneven = chance(0.4);
        // Chromium lays borders on whole pixels, so half of a width in the middle of an edge is a whole px.
        const step = position === 'centre' ? 2 : 1;
        const widths = uneven ? Array.from({ length: 4 }, () => (chance(0.3) ? 0 : (1 + below(10 / step)) * step)) : Array.from({ length: 4 }, ((w) => () => w)((1 + below(10 / step)) * step));
        const out = { inside: 0, centre: 0.5, outside: 1 }[position]!;
        strokes.push({ colour: stroke.hex, width: Math.max(1, widths[0]!), position, ...(uneven ? { sides: { top: widths[0], right: widths[1], bottom: widths[2], left: widths[3] } } : {}) });
        const [top, right, bottom, left] = widths.map((w) => w * out) as [number, number, number, number];
        const round = (r: number, across: number, down: number): [number, number] => (r === 0 ? [0, 0] : [r + across, r + down]);
        const outer = [round(radii[0]!, left, top), round(radii[1]!, right, top), round(radii[2]!, right, bottom), round(radii[3]!, left, bottom)];
        css.push(`left:${x - left}px;top:${y - top}px;width:${width + left + right}px;height:${height + top + bottom}px;box-sizing:border-box;border:solid ${stroke.css};border-width:${widths.map((w) => `${w}px`).join(' ')};border-radius:${outer.map(([r]) => `${r}px`).join(' ')} / ${outer.map(([, r]) => `${r}px`).join(' ')}`);
    }
    return { layer: { id: `case${seed}`, kind: 'box', name: `Case ${seed}`, x, y, width, height, fills, strokes, corners, effects }, html: css.map((style) => `<div style="${style}"></div>`).join('') };
}

/** Layers in a group, as large as `width` by `height`, some of which mask the others: masks, filters, mixing and what keeps it inside. */
export function grouped(seed: number, x: number, y: number, width: number, height: number): Painted {
    const { next, below, one, chance, colour, percent } = chances(seed, width);
    const round = (number: number): number => Math.round(number * 100) / 100;

    /** A mask that fades out: opaque, in between, clear. */
    const fading = (): { mask: Said; css: string } => {
        const angle = below(360);
        const last = 1 + below(3);
        const stops = Array.from({ length: last + 1 }, (_, i) => ({ at: round(i / last), alpha: i === 0 ? 255 : below(256) }));
        return {
            mask: { kind: 'linear', angle, stops: stops.map(({ at, alpha }) => ({ colour: `#000000${alpha.toString(16).padStart(2, '0')}`, at })) },
            css: `linear-gradient(${angle}deg, ${stops.map(({ at, alpha }) => `rgb(0 0 0 / ${alpha / 255}) ${percent(at)}`).join(', ')})`,
        };
    };
    const masked = (): { masks: Said[]; css: string } => {
        const all = Array.from({ length: chance(0.4) ? 1 + below(2) : 0 }, fading);
        return { masks: all.map(({ mask }) => mask), css: all.length === 0 ? '' : `;mask-image:${all.map(({ css }) => css).join(', ')};mask-composite:intersect;mask-mode:alpha` };
    };
    const adjusted = (most: number): { effects: Said[]; css: string } => {
        if (chance(0.5)) return { effects: [], css: '' };
        const said: [string, string, number][] = [];
        for (const [property, name, value] of [['brightness', 'brightness', 0.4 + next() * 1.2], ['contrast', 'contrast', 0.4 + next()], ['saturate', 'saturate', next() * 2], ['grayscale', 'grayscale', next()]] as const) {
            if (said.length < most && chance(0.45)) said.push([property, name, round(value)]);
        }
        return {
            effects: said.length === 0 ? [] : [{ kind: 'adjust', adjustment: Object.fromEntries(said.map(([property, , value]) => [property, value])) }],
            css: said.map(([, name, value]) => `${name}(${value})`).join(' '),
        };
    };

    const inside = Array.from({ length: 2 + below(2) }, (_, i): { layer: Said; html: string } => {
        const [left, top, wide, high] = i === 0 ? [0, 0, width, height] : [below(30), below(25), 30 + below(width - 60), 25 + below(height - 50)];
        const solid = chance(0.3) ? colour(0.5) : null;
        const paint = solid ? { fill: { colour: solid.hex }, css: `linear-gradient(${solid.css}, ${solid.css})` } : chances(seed * 10 + i, wide).gradient(0.4);
        const [blend, masks, filter, opacity] = [i === 0 || chance(0.5) ? 'normal' : one(BLENDS), masked(), adjusted(2), chance(0.3) ? round(0.2 + next() * 0.7) : 1];
        const radius = chance(0.5) ? below(20) : 0;
        return {
            layer: {
                id: `case${seed}in${i}`, kind: 'box', name: 'In it', x: left, y: top, width: wide, height: high, fills: [paint.fill], corners: { topLeft: radius, topRight: radius, bottomRight: radius, bottomLeft: radius },
                masks: masks.masks, effects: filter.effects, opacity, ...(blend === 'normal' ? {} : { blend }),
            },
            html: `<div style="left:${left}px;top:${top}px;width:${wide}px;height:${high}px;border-radius:${radius}px;background-image:${paint.css};mix-blend-mode:${blend};opacity:${opacity};filter:${filter.css || 'none'}${masks.css}"></div>`,
        };
    });
    const clips: { layer: Said; css: string }[] = [];
    if (chance(0.7)) {
        const [left, top, right, bottom] = [below(20), below(15), below(20), below(15)];
        const [wide, high, ellipse] = [width - left - right, height - top - bottom, chance(0.4)];
        const radii = Array.from({ length: 4 }, () => (chance(0.4) ? 0 : below(20)));
        clips.push({
            layer: { id: `case${seed}clip`, kind: ellipse ? 'ellipse' : 'box', name: 'Mask', masking: true, x: left, y: top, width: wide, height: high, fills: [{ colour: '#336699' }], corners: { topLeft: radii[0], topRight: radii[1], bottomRight: radii[2], bottomLeft: radii[3] } },
            css: ellipse ? `ellipse(${wide / 2}px ${high / 2}px at ${left + wide / 2}px ${top + high / 2}px)` : `inset(${top}px ${right}px ${bottom}px ${left}px round ${radii.map((r) => `${r}px`).join(' ')})`,
        });
    }
    const [masks, filter, opacity] = [masked(), adjusted(3), chance(0.3) ? round(0.3 + next() * 0.6) : 1];
    const isolated = chance(0.4);
    const effects = [...filter.effects];
    const filters = filter.css === '' ? [] : [filter.css];
    if (chance(0.3)) {
        const { hex, css } = colour(0.8, 150);
        const [dx, dy, blur] = [below(9) - 4, below(9) - 4, 4 + below(5)];
        effects.push({ colour: hex, offsetX: dx, offsetY: dy, blur });
        filters.push(`drop-shadow(${dx}px ${dy}px ${blur / 2}px ${css})`);
    }
    // A clip makes the group smaller: what is seen of the group is its box, in which its own masks lie.
    const box = clips[0] ? { x: Number(clips[0].layer['x']), y: Number(clips[0].layer['y']), width: Number(clips[0].layer['width']), height: Number(clips[0].layer['height']) } : { x: 0, y: 0, width, height };
    const moved = [...inside.map(({ layer }) => layer), ...clips.map(({ layer }) => layer)].map((layer) => ({ ...layer, x: Number(layer['x']) - box.x, y: Number(layer['y']) - box.y }));
    return {
        layer: { id: `case${seed}`, kind: 'group', name: `Case ${seed}`, x: x + box.x, y: y + box.y, width: box.width, height: box.height, masks: masks.masks, effects, opacity, ...(isolated ? { isolation: 'isolate' } : {}), children: moved },
        html: `<div style="left:${x + box.x}px;top:${y + box.y}px;width:${box.width}px;height:${box.height}px;opacity:${opacity};isolation:${isolated ? 'isolate' : 'auto'};filter:${filters.join(' ') || 'none'}${masks.css}">`
            + `<div style="left:${-box.x}px;top:${-box.y}px;width:${width}px;height:${height}px;clip-path:${clips[0]?.css ?? 'none'}">${inside.map(({ html }) => html).join('')}</div></div>`,
    };
}
