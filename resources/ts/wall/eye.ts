/** What the eye meets first: listed in the facets, and drawn over the screen as heat with the order in numbers. */
import { Fragment } from './fragments.ts';
import type { Parts } from './parts.ts';

interface Warm { layer: string; share: number; x: number; y: number; width: number; height: number }

/** As many have a number. */
const NUMBERED = 10;

export class Eye {
    private fragment: Fragment | null = null;
    private screen = '';
    private heated = false;

    constructor(private readonly on: Parts, private readonly goTo: (screen: string, layer?: string) => void) {
        const facets = document.getElementById('facets')!;
        on.facets.renewed.add(() => this.follow());
        facets.addEventListener('toggle', (event) => {
            if ((event.target as Element).id === 'facet-eye') this.follow();
        }, true);
        facets.addEventListener('click', (event) => this.pressed((event.target as Element).closest<HTMLElement>('button[data-eye]')));
        facets.addEventListener('change', (event) => {
            const box = event.target as HTMLInputElement;
            if (box.dataset['eye'] !== 'heat') return;
            event.stopPropagation();
            this.heated = box.checked;
            this.draw();
        });
    }

    /** The screen at hand may be another one. */
    follow(): void {
        const screen = this.on.selection.current;
        const place = document.getElementById('eye');
        if (!place || !place.closest('details')!.open || screen === '' || this.on.picture.screen(screen)?.hasAttribute('data-sheet')) {
            this.draw();
            return;
        }
        this.screen = screen;
        if (!this.fragment || this.fragment.place !== place) this.fragment = new Fragment(place, () => this.on.urls['prominence']!.replace('SCREEN', this.screen), () => this.on.server.sequence, () => this.shown(), document.getElementById('facets')!);
        void this.fragment.ask();
    }

    private shown(): void {
        const box = document.querySelector<HTMLInputElement>('#eye [data-eye=heat]');
        if (box) box.checked = this.heated;
        this.draw();
    }

    /** Heat over the screen that is listed. */
    private draw(): void {
        for (const old of this.on.picture.stage.querySelectorAll('svg.heat')) old.remove();
        const list = document.querySelector<HTMLElement>('#eye [data-heat]');
        const screen = list?.dataset['screen'] ?? '';
        const article = this.on.picture.screen(screen);
        if (!this.heated || !list || !article || !list.closest('details')!.open || screen !== this.on.selection.current) return;
        const { width, height } = this.on.picture.screenBox(screen);
        const warm = JSON.parse(list.dataset['heat']!) as Warm[];
        const one = (name: string, attributes: Record<string, string | number>, text = ''): SVGElement => {
            const made = document.createElementNS('http://www.w3.org/2000/svg', name);
            for (const [key, value] of Object.entries(attributes)) made.setAttribute(key, String(value));
            made.textContent = text;
            return made;
        };
        const svg = one('svg', { class: 'heat', width, height, viewBox: `0 0 ${width} ${height}`, 'aria-hidden': 'true' });
        const paint = one('radialGradient', { id: 'warm' });
        paint.append(one('stop', { offset: 0, class: 'warmest' }), one('stop', { offset: 1, class: 'cold' }));
        svg.append(paint, one('rect', { class: 'veil', width, height }));
        for (const { share, x, y, width: wide, height: high } of [...warm].reverse()) {
            svg.append(one('ellipse', { cx: x, cy: y, rx: wide / 2 + 30, ry: high / 2 + 30, fill: 'url(#warm)', opacity: Math.min(1, 0.1 + share) }));
        }
        for (const [i, { x: middle, y, width: wide }] of warm.slice(0, NUMBERED).entries()) {
            const x = Math.max(12, middle - wide / 2 - 2);
            svg.append(one('circle', { cx: x, cy: y, r: 11 }), one('text', { x, y: y + 4, 'text-anchor': 'middle' }, String(i + 1)));
        }
        article.append(svg);
    }

    private pressed(button: HTMLElement | null): void {
        const { selection, server } = this.on;
        switch (button?.dataset['eye']) {
            case 'go': return this.goTo(this.screen, button.dataset['layer']!);
            case 'set': {
                const layers = selection.screen === this.screen ? selection.layers : [];
                return void server.edit({ type: 'set-reading', screen: this.screen, layers });
            }
            case 'clear': return void server.edit({ type: 'set-reading', screen: this.screen, layers: [] });
        }
    }
}
