/** Copying, cutting and pasting, here and with other programs. */
import { toast } from '../dialogs.ts';
import { layerOf } from './address.ts';
import type { Making } from './making.ts';
import { chosen, type Parts } from './parts.ts';
import type { Answer, Command } from './messages.ts';
import { fresh, send, type Problem } from './server.ts';

/** The browser's own clipboard holds a mark by which a paste knows that what was copied here is meant. */
const MARK = 'kindred layers ';
const KEPT = 'kindred.clipboard';
/** Commands that bring along what a paste needs, in the step of the paste itself. */
const AT_ONCE = 40;
const PROJECT = document.getElementById('wall-page')?.dataset['project'] ?? '';

interface Kept { mark: string; screen: string; layers: { x: number; y: number }[]; icons?: unknown[]; fonts?: unknown[]; project?: string; needs?: string[]; times: number }

const elsewhere = (event: Event): boolean => (event.target as Element | null)?.closest?.('input, textarea, select, dialog, [contenteditable]') !== null;

export class Clipboard {
    /** What is being copied: a paste waits for it. */
    private copying: Promise<void> = Promise.resolve();

    constructor(private readonly on: Parts, private readonly making: Making) {
        for (const kind of ['copy', 'cut'] as const) {
            document.addEventListener(kind, (event) => {
                if (elsewhere(event) || on.selection.layers.length === 0) return;
                event.preventDefault();
                const mark = MARK + fresh();
                event.clipboardData?.setData('text/plain', mark);
                this.copying = this.copy(kind === 'cut', mark);
            });
        }
        document.addEventListener('paste', (event) => {
            if (elsewhere(event)) return;
            event.preventDefault();
            this.pasted(event.clipboardData);
        });
    }

    private pasted(data: DataTransfer | null): void {
        const text = data?.getData('text/plain') ?? '';
        const files = [...(data?.files ?? [])];
        const { selection, server } = this.on;
        // Text that is no mark of ours comes from outside, and so do files; an empty clipboard means what was copied here.
        if (files.length > 0) void this.making.files(files, null);
        else if (text === '' || text.startsWith(MARK)) void this.paste();
        else if (/[\t\n]/.test(text.trim()) && !text.trimStart().startsWith('<') && this.widgetWithEntries()) void server.edit({ type: 'fill-widget', screen: selection.screen || null, layer: layerOf(selection.layers[0]!), table: text.replace(/\n+$/, '') });
        else void this.making.bring(text, null, 'what was copied elsewhere');
    }

    private async copy(cut: boolean, mark: string): Promise<void> {
        await this.on.selection.settled();
        // What is meant is what is selected now, not when the answer comes.
        const meant = chosen(this.on);
        await this.on.server.rest();
        const kept = await send<{ layers: unknown[]; icons: unknown[]; fonts: unknown[]; needs: string[] }>(`${this.on.urls['copy']!}?layers=${meant.layers.join(',')}`).catch((problem: Problem) => {
            this.on.problem(problem);
            return null;
        });
        if (!kept) return;
        localStorage.setItem(KEPT, JSON.stringify({ mark, screen: meant.screen ?? '', layers: kept.layers, icons: kept.icons, fonts: kept.fonts, project: PROJECT, needs: kept.needs, times: cut ? 0 : 1 }));
        if (cut) await this.on.server.edit({ type: 'delete-layers', ...meant, cut: true });
    }

    /** At the same place; on the screen that it came from, a little beside each time. */
    private async paste(): Promise<void> {
        const { selection, server } = this.on;
        const [saved, select] = [server.hold(), selection.later()];
        // Where it is meant to go is where one is now, not when the copy is there.
        const { screen, screens } = selection;
        const made = await this.copying.then(() => this.put(screen, screens)).finally(saved);
        select(() => made && selection.pick(made.added, screen));
    }

    private async put(screen: string, screens: string[]): Promise<Answer | null> {
        const { server } = this.on;
        const kept = JSON.parse(localStorage.getItem(KEPT) ?? 'null') as Kept | null;
        if (!kept) {
            toast('There is nothing to paste yet: copy layers first.');
            return null;
        }
        const by = kept.screen === screen ? 16 * kept.times : 0;
        localStorage.setItem(KEPT, JSON.stringify({ ...kept, times: kept.times + (kept.screen === screen ? 1 : 0) }));
        const along = { ...((kept.icons ?? []).length > 0 ? { icons: kept.icons } : {}), ...((kept.fonts ?? []).length > 0 ? { fonts: kept.fonts } : {}) };
        const brought = await this.brought(kept);
        if (!brought) return null;
        const { commands: taking } = brought;
        const layers = brought.layers.map((layer) => ({ ...layer, x: layer.x + by, y: layer.y + by }));
        // More than fits into one step goes before it.
        while (taking.length > AT_ONCE) await server.edit(...taking.splice(0, AT_ONCE));
        const step = `Paste ${layers.length === 1 ? 'a layer' : `${layers.length} layers`}`;
        if (screens.length > 1) {
            // At the same place on every screen that is selected, in one step.
            await server.edit(...taking, ...screens.map((one) => ({ type: 'create-layers', screen: one, layers: brought.layers, ...along, seed: fresh(), step: `${step} on ${screens.length} screens` })));
            return null;
        }
        return server.edit(...taking, { type: 'create-layers', screen: screen || null, layers, ...along, seed: fresh(), step });
    }

    /** What was copied in another project as it is here, and how it takes along the components and tokens that it shows; null where it cannot. */
    private async brought({ project, needs, layers }: Kept): Promise<{ commands: Command[]; layers: Kept['layers'] } | null> {
        if (!project || project === PROJECT || !needs?.length) return { commands: [], layers };
        await this.on.server.rest();
        return send<{ commands: Command[]; layers: Kept['layers'] }>(this.on.urls['along']!, { from: project, keys: needs, layers }).catch((problem: Problem) => {
            this.on.problem(problem);
            return null;
        });
    }

    /** Whether the one widget that is selected has entries, which a table that was copied elsewhere can fill. */
    private widgetWithEntries(): boolean {
        const { selection } = this.on;
        return selection.layers.length === 1 && selection.elements()[0]?.hasAttribute('data-entries') === true;
    }
}
