/** A screen shows what commands would make of it, until they are carried out or left alone. */
import type { Command } from './messages.ts';
import type { Parts } from './parts.ts';

export class Preview {
    private turn = 0;
    private before: { screen: string; svg: SVGSVGElement } | null = null;

    constructor(private readonly on: Pick<Parts, 'server' | 'picture' | 'overlay'>) {}

    async show(commands: Command[], screen: string): Promise<void> {
        this.end();
        const turn = ++this.turn;
        const sequence = this.on.server.sequence;
        const patches = await this.on.server.foresee(commands);
        const svg = this.on.picture.drawing(screen);
        // What was edited meanwhile would be taken back with it.
        if (turn !== this.turn || !svg || this.on.server.sequence !== sequence) return;
        this.before = { screen, svg: svg.cloneNode(true) as SVGSVGElement };
        this.on.picture.patch(patches.filter((patch) => patch.layer && patch.at === screen || (patch.layer && patch.removed)));
        this.on.picture.stage.dataset['foreseen'] = screen;
        this.on.overlay.show();
    }

    /** The screen is as it is. */
    end(): void {
        this.turn++;
        if (!this.before) return;
        const { screen, svg } = this.before;
        this.before = null;
        delete this.on.picture.stage.dataset['foreseen'];
        this.on.picture.drawing(screen)?.replaceWith(svg);
        this.on.picture.forget();
        this.on.overlay.show();
    }
}
