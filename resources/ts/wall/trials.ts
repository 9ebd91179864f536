/** Several values of one property of a layer side by side, in a dialog; the one that is chosen is set. */
import { toast } from '../dialogs.ts';
import type { Server } from './server.ts';

export class Trials {
    constructor(private readonly dialog: HTMLDialogElement, private readonly url: string, private readonly server: Server) {
        dialog.addEventListener('submit', (event) => {
            event.preventDefault();
            this.again((event.target as HTMLFormElement));
        });
        // Another property begins with values of its own.
        dialog.addEventListener('change', (event) => {
            const form = (event.target as Element).closest<HTMLFormElement>('[data-trial-form]');
            if ((event.target as HTMLSelectElement).name === 'field' && form) void this.load(this.layer(), `field=${(event.target as HTMLSelectElement).value}`);
        });
        dialog.addEventListener('click', (event) => {
            const chosen = (event.target as Element).closest<HTMLElement>('[data-choose]');
            if (!chosen) return;
            const screen = dialog.querySelector<HTMLElement>('[data-trial]')!.dataset['screen'];
            void server.edit({ type: 'set-field', screen, layers: [this.layer()], field: chosen.dataset['field'], value: chosen.dataset['choose'] });
            dialog.close();
        });
    }

    async open(layer: string): Promise<void> {
        if (await this.load(layer, '')) this.dialog.showModal();
    }

    private layer(): string {
        return this.dialog.querySelector<HTMLElement>('[data-trial]')!.dataset['trial']!;
    }

    private again(form: HTMLFormElement): void {
        const data = new FormData(form);
        void this.load(this.layer(), new URLSearchParams({ field: String(data.get('field')), values: String(data.get('values')) }).toString());
    }

    private async load(layer: string, query: string): Promise<boolean> {
        await this.server.rest();
        const answer = await fetch(`${this.url.replace('LAYER', layer)}?${query}`, { headers: { Accept: 'text/html' } }).catch(() => null);
        if (!answer?.ok) {
            toast('The values could not be shown; a layer on a screen has to be selected.', true);
            return false;
        }
        this.dialog.innerHTML = await answer.text();
        return true;
    }
}
