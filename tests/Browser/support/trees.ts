/** Stacks in stacks and arrays of them, made at random from a seed, and the same as HTML with CSS flexbox and grid. */
const DIRECTIONS = ['row', 'row', 'column', 'column', 'row-reverse', 'column-reverse'];
const SHARING = ['flex-start', 'flex-end', 'center', 'space-between', 'space-around', 'space-evenly'];
const ALIGNING = ['stretch', 'flex-start', 'flex-end', 'center', 'baseline'];
const WORDS = 'Kiln firing stoneware glaze Fernhollow wheel 1,174 °C booked shelf bisque of and the unloading porcelain'.split(' ');

export interface Sizing { width?: string; height?: string; minWidth?: number; maxWidth?: number; minHeight?: number; maxHeight?: number; alignSelf?: string }
export interface Node {
    id: string; kind: string; x: number; y: number; width: number; height: number; sizing: Sizing; children?: Node[];
    direction?: string; wrap?: string; rowGap?: number; columnGap?: number; padding?: Record<string, number>; justifyContent?: string; alignItems?: string; alignContent?: string;
    columns?: number | null; minWidth?: number; cellHeight?: string; sheet?: { columns: object[]; rows: { id: string; cells: Record<string, string> }[] };
    words?: string; wrapped?: boolean; style?: { family: string; weight: number; size: number; lineHeight: number; trim: boolean };
}

/** A tree of up to four levels; `seed` decides everything. */
export function tree(seed: number): Node {
    let state = seed * 2654435761 % 4294967296;
    const next = (): number => {
        state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
        return state / 4294967296;
    };
    const below = (count: number): number => Math.floor(next() * count);
    const one = <T>(list: T[]): T => list[below(list.length)]!;
    const chance = (share: number): boolean => next() < share;
    let count = 0;
    const make = (depth: number): Node => {
        const id = `node${count++}`;
        const sizing: Sizing = {};
        const kind = depth === 0 ? 'stack' : one(depth < 4 ? ['stack', 'stack', 'box', 'text', 'text'] : ['box', 'text']);
        sizing.width = depth === 0 ? one(['length', 'length', 'content']) : one(kind === 'box' ? ['length', 'length', 'length', 'stretch'] : ['length', 'content', 'content', 'stretch']);
        sizing.height = depth === 0 ? one(['length', 'content', 'content']) : one(kind === 'box' ? ['length', 'length', 'length', 'stretch'] : kind === 'text' ? ['content', 'content', 'content', 'stretch'] : ['length', 'content', 'content', 'stretch']);
        if (chance(0.12)) sizing.minWidth = below(160);
        if (chance(0.12)) sizing.maxWidth = 20 + below(240);
        if (chance(0.1)) sizing.minHeight = below(120);
        if (chance(0.1)) sizing.maxHeight = 20 + below(200);
        if (depth > 0 && chance(0.25)) sizing.alignSelf = one(ALIGNING);
        const node: Node = { id, kind, x: 0, y: 0, width: kind === 'stack' ? 60 + below(500) : 8 + below(140), height: kind === 'stack' ? 40 + below(360) : 8 + below(90), sizing };
        // Line heights of whole 64ths of a px, to which Chromium cuts each line off; we keep what was asked for.
        if (kind === 'text') {
            node.words = Array.from({ length: 1 + below(9) }, () => one(WORDS)).join(' ');
            node.wrapped = sizing.width !== 'content' || chance(0.8);
            node.style = { family: one(['Hanken Grotesk', 'Lora', 'JetBrains Mono']), weight: 400, size: 10 + below(16), lineHeight: one([1, 1.25, 1.5, 1.75]), trim: chance(0.2) };
        }
        if (kind === 'stack') {
            node.direction = one(DIRECTIONS);
            node.wrap = one(['nowrap', 'nowrap', 'nowrap', 'wrap', 'wrap', 'wrap-reverse']);
            node.rowGap = chance(0.5) ? below(24) : 0;
            node.columnGap = chance(0.5) ? below(24) : 0;
            node.padding = chance(0.5) ? { top: below(20), right: below(20), bottom: below(20), left: below(20) } : { top: 0, right: 0, bottom: 0, left: 0 };
            node.justifyContent = one(SHARING);
            node.alignItems = one(ALIGNING);
            node.alignContent = one([...SHARING, 'stretch', 'stretch']);
            node.children = Array.from({ length: 1 + below(5) }, () => make(depth + 1));
            // In columns that wrap, Chromium's own widths of content depend on heights that it learns later: set widths only.
            if (node.direction.startsWith('column') && node.wrap !== 'nowrap') for (const child of node.children) if (child.sizing.width === 'content') Object.assign(child, { wrapped: true, sizing: { ...child.sizing, width: 'length' } });
        }
        return node;
    };
    return make(0);
}

/** An array of cells of such a tree; the words of its first text come from the sheet. */
export function array(seed: number): Node {
    const design = tree(seed);
    const pick = (salt: number, count: number): number => (Math.imul(seed * 31 + salt, 2654435761) >>> 8) % count;
    const text = all(design).find(({ kind }) => kind === 'text');
    return {
        id: 'array', kind: 'array', x: 0, y: 0, width: 120 + pick(1, 900), height: 0, sizing: {},
        columns: pick(2, 2) === 0 ? 1 + pick(3, 5) : null, minWidth: 40 + pick(4, 400), rowGap: pick(5, 30), columnGap: pick(6, 30), cellHeight: pick(7, 3) === 0 ? 'equal' : 'content',
        sheet: {
            columns: text ? [{ id: 'words', name: 'Words', slot: 'words', layer: text.id }] : [],
            rows: Array.from({ length: 1 + pick(8, 12) }, (_, i) => ({ id: `row${i}`, cells: { words: Array.from({ length: 1 + pick(20 + i, 9) }, (_, word) => WORDS[pick(50 + i * 9 + word, WORDS.length)]!).join(' ') } })),
        },
        children: [{ ...design, sizing: { width: 'length', height: 'content' } }],
    };
}

const all = (node: Node): Node[] => [node, ...(node.children ?? []).flatMap(all)];

/** A cell as the grid item that it is: as wide and high as its area. */
function cell(array: Node, row: { id: string; cells: Record<string, string> }): string {
    const [column] = array.sheet!.columns as { layer?: string }[];
    const filled = (node: Node): Node => ({
        ...node, id: `${node.id}.${row.id}`,
        ...(node.id === column?.layer ? { words: row.cells['words']! } : {}),
        ...(node.children ? { children: node.children.map(filled) } : {}),
    });
    const design = filled(array.children![0]!);
    return html({ ...design, sizing: { ...design.sizing, width: 'content' } }, array);
}

/** The same as an element, by the meaning that the file format gives to each property. */
export function html(node: Node, parent: Node | null): string {
    const { sizing, padding, style } = node;
    const px = (n: number): string => `${n}px`;
    const row = parent?.direction?.startsWith('row') ?? true;
    const css: Record<string, string> = { 'box-sizing': 'border-box', flex: 'none', 'min-width': px(sizing.minWidth ?? 0), 'min-height': px(sizing.minHeight ?? 0) };
    if (sizing.maxWidth !== undefined) css['max-width'] = px(sizing.maxWidth);
    if (sizing.maxHeight !== undefined) css['max-height'] = px(sizing.maxHeight);
    if (sizing.alignSelf) css['align-self'] = sizing.alignSelf;
    for (const [side, isMain] of [['width', row], ['height', !row]] as const) {
        if (sizing[side] === 'length') css[side] = px(node[side]);
        if (parent && sizing[side] === 'stretch') css[isMain ? 'flex' : 'align-self'] = isMain ? '1 1 0px' : 'stretch';
    }
    if (!parent) Object.assign(css, { position: 'absolute', left: '0', top: '0', ...(sizing.width === 'content' ? { width: 'max-content' } : {}) });
    if (node.kind === 'stack') {
        Object.assign(css, {
            display: 'flex', 'flex-direction': node.direction!, 'flex-wrap': node.wrap!, 'row-gap': px(node.rowGap!), 'column-gap': px(node.columnGap!),
            padding: `${padding!['top']}px ${padding!['right']}px ${padding!['bottom']}px ${padding!['left']}px`,
            'justify-content': node.justifyContent!, 'align-items': node.alignItems!, 'align-content': node.alignContent!,
        });
    }
    if (node.kind === 'array') {
        Object.assign(css, {
            width: px(node.width), display: 'grid', 'row-gap': px(node.rowGap!), 'column-gap': px(node.columnGap!), 'grid-auto-rows': node.cellHeight === 'equal' ? '1fr' : 'auto',
            'grid-template-columns': node.columns ? `repeat(${node.columns}, minmax(0, 1fr))` : `repeat(auto-fill, minmax(min(${node.minWidth}px, 100%), 1fr))`,
        });
    }
    if (style) {
        Object.assign(css, {
            ...(style.trim ? { 'text-box': 'trim-both cap alphabetic' } : {}),
            font: `${style.weight} ${style.size}px/${style.lineHeight} '${style.family}'`, 'white-space': node.wrapped ? 'pre-wrap' : 'pre', 'overflow-wrap': 'anywhere',
            'font-variant-ligatures': 'common-ligatures no-contextual', 'text-rendering': 'geometricPrecision',
        });
    }
    const inner = node.kind === 'array' ? node.sheet!.rows.map((row) => cell(node, row)).join('') : (node.children ?? []).map((child) => html(child, node)).join('');
    const written = Object.entries(css).map(([name, value]) => `${name}:${value}`).join(';');
    return `<div id="${node.id}" style="${written}">${node.words ?? ''}${inner}</div>`;
}
