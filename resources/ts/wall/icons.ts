/** Icons that a person keeps at hand, and those that are brought into the project. */
import { toast } from '../dialogs.ts';
import { Problem, send, type Server } from './server.ts';

interface OwnIcon { name: string; lines?: string; areas?: string }

export class Icons {
    private readonly input = document.getElementById('icon-file') as HTMLInputElement;

    constructor(private readonly dialog: HTMLDialogElement, private readonly urls: Record<string, string>, private readonly server: Server) {
        dialog.addEventListener('click', (event) => this.pressed((event.target as Element).closest<HTMLElement>('[data-favourite], [data-remove], [data-icon], [data-bring]')));
        this.input.addEventListener('change', () => {
            const files = [...this.input.files ?? []];
            this.input.value = '';
            void this.take(files);
        });
    }

    /** What there is to choose from, as it is now. */
    async refresh(): Promise<void> {
        await this.server.rest();
        this.dialog.dispatchEvent(new Event('kindred:icons'));
    }

    /** SVG files as icons of the project, in one step; what is none of them says why. */
    async take(files: File[]): Promise<void> {
        const icons: OwnIcon[] = [];
        const refused: string[] = [];
        for (const file of files) {
            const form = new FormData();
            form.append('icon', file);
            try {
                icons.push((await send<{ icon: OwnIcon }>(`${this.urls['icons']!}?${new URLSearchParams({ taken: icons.map(({ name }) => name).join(' ') })}`, form)).icon);
            } catch (problem) {
                if (!(problem instanceof Problem)) throw problem;
                refused.push(`${file.name}: ${problem.message}`);
            }
        }
        if (icons.length > 0 && (await this.server.edit({ type: 'put-icons', icons }))) {
            await this.refresh();
            const names = `Imported: ${icons.map(({ name }) => name).join(', ')}.`;
            toast([names, ...refused].join(' '), refused.length > 0);
        } else if (refused.length > 0) {
            toast(refused.join(' '), true);
        }
    }

    private pressed(button: HTMLElement | null): void {
        if (!button) return;
        const { favourite, remove, icon } = button.dataset;
        if (favourite) {
            const on = button.getAttribute('aria-pressed') !== 'true';
            for (const one of this.dialog.querySelectorAll(`[data-favourite="${CSS.escape(favourite)}"]`)) one.setAttribute('aria-pressed', String(on));
            void this.keep({ icon: favourite, favourite: on });
        } else if (remove) {
            void this.server.edit({ type: 'remove-icon', icon: remove }).then(() => this.refresh());
        } else if (icon) {
            void this.keep({ icon, used: true });
        } else {
            this.input.click();
        }
    }

    /** What a person keeps is no part of the document: where it cannot be kept, nothing else is lost. */
    private async keep(what: { icon: string; favourite?: boolean; used?: boolean }): Promise<void> {
        try {
            await send(this.urls['icons-kept']!, what);
        } catch (problem) {
            if (!(problem instanceof Problem)) throw problem;
            if (what.favourite !== undefined) toast('The favourite could not be kept; try it again in a moment.', true);
        }
    }
}
