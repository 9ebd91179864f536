/** Fonts that are brought into the project: by a dialog, or dropped on the wall. */
import { toast } from '../dialogs.ts';
import { Problem, send, type Server } from './server.ts';

interface Axis { tag: string; min: number; usual: number; max: number }
interface OwnFace { family: string; weight: number; italic: boolean; asset: string }
interface Taken { fonts: OwnFace[]; axes: Axis[] }

export const isFont = (file: File): boolean => /\.(ttf|otf|woff2?|ttc)$/i.test(file.name) || /^(font\/|application\/(x-)?font)/.test(file.type);

/** What the axes are called that OpenType registers (1.9, "axis tags"). */
const AXES: Record<string, string> = { wdth: 'width', opsz: 'optical size', slnt: 'slant', ital: 'italic', wght: 'weight' };

export class Fonts {
    private readonly input = document.getElementById('font-file') as HTMLInputElement;
    /** Under which name the file that is chosen next is brought in. */
    private as = '';
    /** Variable fonts that came in since the page was opened, by family: their other axes can still be set. */
    private readonly variable = new Map<string, { file: File; axes: Axis[] }>();

    constructor(private readonly dialog: HTMLDialogElement, private readonly url: string, private readonly server: Server) {
        dialog.addEventListener('click', (event) => this.pressed((event.target as Element).closest<HTMLElement>('[data-fonts]')));
        this.input.addEventListener('change', () => {
            const [files, as] = [[...this.input.files ?? []], this.as];
            this.input.value = this.as = '';
            void this.take(files, as);
        });
    }

    async open(): Promise<void> {
        if (!(await this.draw())) return;
        if (!this.dialog.open) this.dialog.showModal();
    }

    /** What the dialog shows is drawn anew, while it is open: who has closed it meanwhile is left alone. */
    private async again(): Promise<void> {
        if (this.dialog.open && (await this.draw()) && this.dialog.open) this.dialog.querySelector<HTMLElement>('[data-closes]')!.focus();
    }

    private async draw(): Promise<boolean> {
        await this.server.rest();
        const answer = await fetch(this.url, { headers: { Accept: 'text/html' } });
        if (!answer.ok) {
            toast('The fonts could not be shown; try it again in a moment.', true);
            return false;
        }
        this.dialog.innerHTML = await answer.text();
        for (const shown of this.dialog.querySelectorAll<HTMLElement>('[data-shown]')) shown.style.fontFamily = JSON.stringify(shown.dataset['shown']);
        for (const [family, { axes }] of this.variable) this.showAxes(family, axes);
        return true;
    }

    /** Font files, one after another; what is none of them says why. */
    async take(files: File[], family = '', axes: Record<string, number> = {}): Promise<void> {
        const names: string[] = [];
        let hasAxes = false;
        for (const file of files) {
            toast(`Opening ${file.name} …`);
            const form = new FormData();
            form.append('font', file);
            try {
                const taken = await send<Taken>(`${this.url}?${new URLSearchParams({ family, axes: JSON.stringify(axes) })}`, form);
                const called = taken.fonts[0]!.family;
                if (!(await this.server.edit({ type: 'put-fonts', fonts: taken.fonts }))) return;
                hasAxes ||= taken.axes.length > 0;
                if (taken.axes.length > 0) this.variable.set(called, { file, axes: taken.axes.map((axis) => ({ ...axis, usual: axes[axis.tag] ?? axis.usual })) });
                names.push(taken.fonts.length === 1 ? `${called} ${taken.fonts[0]!.weight}${taken.fonts[0]!.italic ? ' italic' : ''}` : `${called}, ${taken.fonts.length} faces`);
            } catch (problem) {
                if (!(problem instanceof Problem)) throw problem;
                return toast(`${file.name}: ${problem.message}`, true);
            }
        }
        if (names.length === 0) return;
        toast(`Imported: ${names.join('; ')}.`);
        // Where there is more to choose than the weight, that is offered.
        await (hasAxes ? this.open() : this.again());
    }

    /** The fonts of the project have changed: pages know them by their styles, and the choice of families while one writes has them. */
    async changed(sequence: number): Promise<void> {
        const styles = document.getElementById('own-fonts') as HTMLLinkElement;
        styles.href = `${styles.dataset['styles']!}?r=${sequence}`;
        const options = await fetch(`${this.url}?as=choice`, { headers: { Accept: 'text/html' } });
        const choice = document.querySelector<HTMLSelectElement>('#writing-options [data-own=family]');
        if (options.ok && choice) choice.innerHTML = await options.text();
        await this.again();
    }

    private pressed(button: HTMLElement | null): void {
        const row = button?.closest<HTMLElement>('[data-family]');
        const family = row?.dataset['family'] ?? '';
        switch (button?.dataset['fonts']) {
            case 'bring': case 'supply':
                this.as = family;
                return this.input.click();
            case 'remove': return void this.server.edit({ type: 'remove-fonts', family });
            case 'replace': return void this.server.edit({ type: 'replace-family', family, by: row!.querySelector('select')!.value }).then(() => this.again());
            case 'axes': {
                const axes = Object.fromEntries([...row!.querySelectorAll<HTMLInputElement>('[data-axis]')].map((field) => [field.dataset['axis']!, Number(field.value)]));
                return void this.take([this.variable.get(family)!.file], family, axes);
            }
        }
    }

    /** The other axes of a variable font that is at hand. */
    private showAxes(family: string, axes: Axis[]): void {
        const place = this.dialog.querySelector<HTMLElement>(`[data-family="${CSS.escape(family)}"] [data-axes]`);
        if (!place) return;
        place.hidden = false;
        place.replaceChildren(...axes.map(({ tag, min, usual, max }) => {
            const label = document.createElement('label');
            const field = document.createElement('input');
            label.textContent = `${AXES[tag] ?? tag} `;
            label.title = `${min} to ${max}`;
            Object.assign(field, { className: 'field !w-16', type: 'number', step: 'any', min: String(min), max: String(max), value: String(usual) });
            field.dataset['axis'] = tag;
            label.append(field);
            return label;
        }));
        const button = document.createElement('button');
        Object.assign(button, { type: 'button', className: 'button', textContent: 'Set its axes' });
        button.dataset['fonts'] = 'axes';
        place.append(button);
    }
}
