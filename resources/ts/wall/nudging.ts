/** Arrow keys move at once; the server hears of it when they rest, or when something else is done. */
import type { Parts } from './parts.ts';

/** The keys rest after so long, ms. */
const REST = 250;

interface Nudge { dx: number; dy: number; timer: number; of: string; screen: string; screens: string[]; layers: SVGGElement[]; below: string[] | null; sent: () => void }

export class Nudging {
    private nudge: Nudge | null = null;

    constructor(private readonly on: Parts) {}

    by(dx: number, dy: number): void {
        const { selection, gestures, picture, overlay, server } = this.on;
        if (selection.layers.length === 0 && selection.screens.length === 0) return;
        const of = `${selection.layers} ${selection.screens}`;
        if (this.nudge && this.nudge.of !== of) this.settle();
        const nudge = this.nudge ??= {
            dx: 0, dy: 0, timer: 0, of, sent: server.hold(), screen: selection.screen, screens: selection.screens, below: gestures.below ? selection.layers : null,
            layers: gestures.below && selection.layers.length > 0 ? gestures.withBelow() : selection.elements().filter((layer) => !layer.hasAttribute('data-locked')),
        };
        const across = nudge.below ? 0 : dx;
        nudge.dx += across;
        nudge.dy += dy;
        for (const layer of nudge.layers) {
            const { x, y, width, height, rotation } = picture.box(layer);
            layer.setAttribute('transform', `translate(${across} ${dy})${layer.getAttribute('transform') ?? ''}`);
            layer.setAttribute('data-box', `${x + across} ${y + dy} ${width} ${height} ${rotation}`);
        }
        for (const screen of nudge.screens) picture.shift(screen, dx, dy);
        overlay.follow();
        clearTimeout(nudge.timer);
        nudge.timer = window.setTimeout(() => this.settle(), REST);
    }

    settle(): void {
        if (!this.nudge) return;
        const { dx, dy, timer, screen, screens, layers, below, sent } = this.nudge;
        clearTimeout(timer);
        this.nudge = null;
        if (dx !== 0 || dy !== 0) this.send(screen, screens, layers, below, dx, dy);
        sent();
    }

    private send(screen: string, screens: string[], layers: SVGGElement[], below: string[] | null, dx: number, dy: number): void {
        const { server, gestures } = this.on;
        if (screens.length > 0) void server.edit({ type: 'move-screens', screens, dx, dy });
        else if (below) void gestures.moveSection(screen, below, dy);
        else if (layers.length > 0) void server.edit({ type: 'move-layers', screen: screen || null, layers: layers.map((layer) => layer.dataset['layer']!), dx, dy });
    }
}
