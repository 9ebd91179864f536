/** Partners for a text: what can stand beside it by a type scale, whose ratio is remembered. */
import { familiesOf } from '../families.ts';
import { chosen, type Parts } from './parts.ts';
import { fresh } from './server.ts';

const RATIO = 'kindred.ratio';
/** The largest that a partner is shown in the facets, px. */
const LARGEST = 22;

interface Style { family: string; weight: number; size: number; letterSpacing: number; transform?: string }

export class Partners {
    private readonly place = document.getElementById('facets')!;

    /** @param write opens a text to be written in */
    constructor(private readonly on: Parts, private readonly write: (layer: SVGElement) => void) {
        on.facets.renewed.add(() => this.show());
        this.place.addEventListener('click', (event) => {
            const button = (event.target as Element).closest<HTMLElement>('[data-partner]');
            if (button) void this.add(button);
        });
        this.place.addEventListener('change', ({ target }) => {
            if ((target as Element).id !== 'partners-ratio') return;
            localStorage.setItem(RATIO, (target as HTMLSelectElement).value);
            this.show();
        });
        this.show();
    }

    /** Shows the scale of the ratio, each partner as it would look. */
    show(): void {
        const select = this.place.querySelector<HTMLSelectElement>('#partners-ratio');
        if (!select) return;
        const kept = localStorage.getItem(RATIO);
        if (kept !== null && [...select.options].some((option) => option.value === kept)) select.value = kept;
        for (const scale of this.place.querySelectorAll<HTMLElement>('.partner-scale')) scale.hidden = scale.dataset['ratio'] !== select.value;
        for (const button of this.place.querySelectorAll<HTMLElement>('[data-partner]')) {
            const { family, weight, size, letterSpacing, transform } = JSON.parse(button.dataset['style']!) as Style;
            Object.assign(button.querySelector('b')!.style, { fontFamily: familiesOf(family), fontWeight: String(weight), fontSize: `${Math.min(LARGEST, size)}px`, letterSpacing: `${letterSpacing}em`, textTransform: transform ?? 'none' });
        }
    }

    private async add(button: HTMLElement): Promise<void> {
        const { server, selection, picture } = this.on;
        const { screen } = selection;
        const { screen: on, layers: [layer] } = chosen(this.on);
        const select = selection.later();
        const answer = await server.edit({ type: 'pair-text', screen: on, layer: layer!, parent: selection.group, words: button.dataset['partner']!, above: button.dataset['above'] === 'true', style: JSON.parse(button.dataset['style']!) as object, seed: fresh() });
        const added = answer?.added[0];
        const drawn = added === undefined ? null : picture.layer(added);
        select(() => {
            if (!drawn) return;
            selection.pick([added!], screen);
            this.write(drawn);
        });
    }
}
