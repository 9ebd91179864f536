/** What stands around the wall: its zoom as a number, the masthead where there is little room, the small pictures of the reel. */
import type { Camera } from './camera.ts';

/** How near one is, in percent; typed, it is gone to. */
export class ZoomField {
    private readonly field = document.getElementById('zoom') as HTMLInputElement;

    constructor(private readonly camera: Camera) {
        const { field } = this;
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
    show(): void {
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
