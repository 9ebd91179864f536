/** Dialogs of the wall that the server fills: copies of a group, a screen on all devices, devices and icons to choose from. */
import { ask, dialog } from '../dialogs.ts';
import { layerOf } from './address.ts';
import { Fragment, free } from './fragments.ts';
import htmx from 'htmx.org';
import type { Making } from './making.ts';
import { chosen, type Parts } from './parts.ts';
import { fresh, Problem } from './server.ts';
import type { Found, Together } from './together.ts';

/** ms after the last key until it is searched for. */
const TYPED = 120;

export class Asking {
    /** Where in a widget the icon that is chosen next goes. */
    private iconPlace: { screen: string; layer: string; place: string } | null = null;
    private exchange = false;
    /** The icons that are found: none of them moves away under a press. */
    private readonly listed: Fragment;
    private asking = 0;

    /** @param icon takes an icon in hand, to be placed */
    constructor(private readonly on: Parts, private readonly making: Making, private readonly together: Together, private readonly icon: (name: string, line: number) => void) {
        const sought = dialog('icons').querySelector<HTMLInputElement>('input[type=search]')!;
        this.listed = new Fragment(document.getElementById('icon-grid')!, () => `${on.urls['icons']!}?${new URLSearchParams({ q: sought.value })}`, () => 0);
        sought.addEventListener('input', () => {
            clearTimeout(this.asking);
            this.asking = window.setTimeout(() => void this.listed.ask(), TYPED);
        });
        sought.addEventListener('keydown', (event) => {
            if (event.key === 'Enter') void this.firstIcon(sought);
        });
        // Icons have come in.
        dialog('icons').addEventListener('kindred:icons', () => void this.listed.ask());
        dialog('icons').addEventListener('close', () => {
            this.iconPlace = null;
            this.exchange = false;
        });
        dialog('icons').addEventListener('click', (event) => {
            const { icon, line } = (event.target as Element).closest<HTMLElement>('[data-icon]')?.dataset ?? {};
            if (icon) this.iconChosen(icon, Number(line ?? 2));
        });
        dialog('devices').addEventListener('click', (event) => {
            const { device, width, height } = (event.target as Element).closest<HTMLElement>('[data-device]')?.dataset ?? {};
            if (!device) return;
            dialog('devices').close();
            this.making.screen(device, Number(width), Number(height));
        });
        document.getElementById('custom-size')!.addEventListener('submit', (event) => {
            const read = (name: string): number => Number(((event.target as HTMLFormElement).elements.namedItem(name) as HTMLInputElement).value);
            this.making.screen('custom', read('width'), read('height'));
        });
        dialog('copies').addEventListener('click', (event) => this.copiesPressed((event.target as Element).closest<HTMLElement>('[data-copies]')));
    }

    icons(for_: { screen: string; layer: string; place: string } | 'exchange' | null = null): void {
        this.exchange = for_ === 'exchange';
        this.iconPlace = for_ === 'exchange' ? null : for_;
        void this.listed.ask();
        dialog('icons').showModal();
    }

    /** Enter takes the first that is found, though it may not be there yet. */
    private async firstIcon(sought: HTMLInputElement): Promise<void> {
        const said = sought.value;
        if (said.trim() === '') return;
        clearTimeout(this.asking);
        await this.listed.ask();
        if (dialog('icons').open && sought.value === said) this.listed.place.querySelector<HTMLElement>('[data-icon]')?.click();
    }

    devices(): void {
        dialog('devices').showModal();
    }

    /** What is made of the same parts as the selection. */
    copies(): Promise<void> {
        return this.filled('copies', this.on.urls['copies']!.replace('LAYER', layerOf(this.on.selection.layers[0]!)));
    }

    /** The current screen on every device. */
    allDevices(): Promise<void> {
        const { selection, urls } = this.on;
        return this.filled('all-devices', urls['devices']!.replace('SCREEN', selection.current));
    }

    private async filled(id: string, url: string): Promise<void> {
        const wanted = ask(dialog(id));
        try {
            const answer = await fetch(url, { headers: { 'HX-Request': 'true', Accept: 'text/html' } });
            if (!answer.ok) throw new Problem(((await answer.json().catch(() => ({}))) as { message?: string }).message ?? 'The server could not show that; try it again in a moment.', answer.status, '');
            const text = await answer.text();
            if (!wanted()) return;
            await free(dialog(id));
            await htmx.swap({ text, target: dialog(id), sourceElement: dialog(id), swap: 'innerHTML' });
            if (!dialog(id).open) dialog(id).showModal();
        } catch (problem) {
            this.on.problem(problem instanceof Problem ? problem : new Problem('The server does not answer; try it again in a moment.', 0, ''));
        }
    }

    private iconChosen(name: string, line: number): void {
        const { selection, server, facets } = this.on;
        const { iconPlace, exchange } = this;
        dialog('icons').close();
        if (iconPlace) void server.edit({ type: 'write-widget', screen: iconPlace.screen || null, layer: layerOf(iconPlace.layer), place: iconPlace.place, words: name });
        else if (exchange && selection.elements()[0]?.dataset['kind'] === 'icon') void server.edit({ type: 'set-field', ...chosen(this.on), field: 'icon', value: name, ...facets.inCell });
        else this.icon(name, line);
    }

    private copiesPressed(button: HTMLElement | null): void {
        const data = button?.parentElement?.dataset;
        if (!button || !data) return;
        dialog('copies').close();
        const { selection, server, overlay } = this.on;
        const beside = JSON.parse(data['beside']!) as string[];
        const screen = data['screen'] ?? '';
        if (button.dataset['copies'] === 'together') {
            this.together.start(JSON.parse(data['found']!) as Found);
            overlay.show();
        } else if (button.dataset['copies'] === 'component') {
            const select = selection.later();
            const copies = (JSON.parse(data['found']!) as Found).copies.map(({ parts: [root] }) => root!);
            void server.edit({ type: 'gather-instances', layers: copies, seed: fresh() }).then((answer) => select(() => answer && selection.pick([copies[0]!], screen)));
        } else if (button.dataset['copies'] === 'select') {
            selection.pick(beside, screen);
        } else {
            const select = selection.later();
            void server.edit({ type: 'gather-copies', screen: screen || null, layers: beside, seed: fresh() })
                .then((answer) => select(() => answer?.added[0] && selection.pick([answer.added[0]], screen)));
        }
    }
}
