/** A list of glazes, of which each opens its page by a match. */
const style = (size: number, weight: number): object => ({ family: 'Hanken Grotesk', weight, size, lineHeight: 1.3 });
const corners = (radius: number): object => ({ topLeft: radius, topRight: radius, bottomRight: radius, bottomLeft: radius });
const ink = [{ colour: '#1e2223' }];
const text = (id: string, name: string, words: string, x: number, y: number, size: number, more: object = {}): object => ({ kind: 'text', id, name, words, x, y, width: 200, height: Math.round(size * 1.3), style: style(size, 600), fills: ink, ...more });
const shadow = { effects: [{ colour: '#0000002a', blur: 14, offsetY: 4 }] };
const GLAZES = [['Fern', '#55785f'], ['Harbour', '#6f97ab'], ['Rust', '#c96d4c'], ['Oat', '#e8dccb'], ['Plum', '#80556b'], ['Celadon', '#a9c4b0'], ['Slate', '#68707a'], ['Ochre', '#d9a441']];

const cell = {
    kind: 'group', id: 'cell', name: 'Glaze', x: 0, y: 0, width: 342, height: 110,
    cues: [{ id: 'opens', trigger: { kind: 'tap' }, actions: [{ kind: 'show', screen: 'page', transition: { kind: 'match', duration: 600, easing: 'linear' } }] }],
    children: [
        { kind: 'box', id: 'card', name: 'Card', x: 0, y: 0, width: 342, height: 110, fills: [{ colour: '#ffffff' }], corners: corners(18), ...shadow },
        { kind: 'box', id: 'tile', name: 'Tile', x: 12, y: 12, width: 86, height: 86, fills: [{ colour: '#55785f' }], corners: corners(12) },
        text('name', 'Name', 'Fern', 114, 28, 20),
    ],
};

export const glazes = {
    format: 'kindred-canvas', version: 5, name: 'Glaze shop', entry: 'list', screens: [
        { id: 'list', name: 'List', device: 'phone', x: 0, y: 0, width: 390, height: 1200, view: 844, ground: '#f3ebe0', layers: [
            text('title', 'Title', 'Glazes', 24, 72, 32),
            { kind: 'array', id: 'shelf', name: 'Glazes', x: 24, y: 140, width: 342, height: 1000, columns: 1, rowGap: 16, children: [cell], sheet: {
                columns: [{ id: 'name', name: 'Name', slot: 'words', layer: 'name' }, { id: 'tone', name: 'Tone', slot: 'colour', layer: 'tile' }],
                rows: GLAZES.map(([name, tone], i) => ({ id: `glaze${i}`, cells: { name, tone } })),
            } },
        ] },
        { id: 'page', name: 'Page', device: 'phone', x: 480, y: 0, width: 390, height: 844, view: 844, ground: '#ffffff', layers: [
            { kind: 'box', id: 'pcard', name: 'Card', x: 0, y: 0, width: 390, height: 844, fills: [{ colour: '#ffffff' }], ...shadow },
            { kind: 'box', id: 'ptile', name: 'Tile', x: 0, y: 0, width: 390, height: 420, fills: [{ colour: '#c96d4c' }] },
            text('pname', 'Heading', 'Rust', 24, 450, 32),
            text('ptext', 'About', 'Brushes on thick and breaks orange over edges.', 24, 540, 16),
            { kind: 'ellipse', id: 'pback', name: 'Back', x: 16, y: 56, width: 44, height: 44, fills: [{ colour: '#ffffffcc' }], cues: [{ id: 'backs', trigger: { kind: 'tap' }, actions: [{ kind: 'return' }] }] },
        ] },
    ],
};
