/** What stands around the wall: its zoom as a number, the masthead where there is little room, the small pictures of the reel. */
import type { Camera } from './camera.ts';
import type { Picture } from './picture.ts';
import type { Selection } from './selection.ts';

/** How near one is, in percent; typed, it is gone to. */
export class ZoomField {
    private readonly field = document.getElementById('zoom') as HTMLInputElement;

    constructor(private readonly camera: Camera) {
        const { field } = this;
        camera.moved.add(() => this.show());
        field.addEventListener('change', () => {
            const percent = Number(field.value.replace(/[%\s]/g, '').replace(',', '.'));
            if (percent > 0) camera.zoomTo(percent / 100);
            this.write();
        });
        field.addEventListener('focus', () => field.select());
        field.addEventListener('keydown', (event) => {
            if (event.key === 'Escape') this.write();
            if (event.key === 'Enter' || event.key === 'Escape') field.blur();
        });
    }

    /** Unless somebody is typing another. */
    private show(): void {
        if (document.activeElement !== this.field) this.write();
    }

    private write(): void {
        this.field.value = `${Math.round(this.camera.scale * 100)}%`;
    }
}

/** Where there is little room the groups of the masthead open from one button. */
export function foldMasthead(changed: (narrow: boolean) => void): void {
    const narrow = matchMedia('(max-width: 900px)');
    const views = document.getElementById('views') as HTMLDetailsElement;
    const fold = (): void => {
        views.open = !narrow.matches;
        changed(narrow.matches);
    };
    narrow.addEventListener('change', fold);
    document.addEventListener('click', (event) => {
        if (narrow.matches && views.open && !views.contains(event.target as Node)) views.open = false;
    });
    fold();
}

export function showFinish(finish: string): void {
    for (const button of document.querySelectorAll<HTMLElement>('[data-finish]')) button.setAttribute('aria-pressed', String(button.dataset['finish'] === finish));
}

/** Says how to begin, where there is nothing yet. */
export function showEmpty(picture: Picture): void {
    document.getElementById('empty')!.hidden = picture.screens().length > 0 || picture.stage.querySelector('.loose [data-layer]') !== null;
}

/** The screen that a rehearsal starts at: the one at hand, or that of the project. */
export const startOf = (selection: Selection): string => selection.screen || document.getElementById('wall-page')!.dataset['entry'] || '';

/** The links to the rehearsal start at the screen at hand. */
export function leadTo(url: string, selection: Selection): void {
    const screen = startOf(selection);
    for (const link of document.querySelectorAll<HTMLAnchorElement>('[data-rehearse]')) link.href = `${url}${screen ? `?screen=${screen}` : ''}`;
}
