/** The drawer of the house style on a page that is no wall. */
import type { Server } from '../wall/server.ts';
import { HouseDrawer } from './drawer.ts';
import { Libraries } from './libraries.ts';

export function wireHouse(server: Server): void {
    const place = document.getElementById('house')!;
    const urls = JSON.parse(place.dataset['urls']!) as { house: string; houseRead: string; inventory: string; merge: string; scheme: string; libraries: string; wall: string };
    const button = document.querySelector<HTMLElement>('[data-act=house]')!;
    const drawer = new HouseDrawer(place, {
        urls,
        sequence: () => server.sequence,
        edit: (...commands) => server.edit(...commands),
        opened: (open) => button.setAttribute('aria-pressed', String(open)),
        colour: (field) => field.focus(),
        drawn: () => undefined,
    });
    const libraries = new Libraries(document.getElementById('libraries') as HTMLDialogElement, { url: urls.libraries, edit: (command) => server.edit(command), catchUp: () => server.catchUp() });
    document.addEventListener('click', (event) => {
        const act = (event.target as Element).closest<HTMLElement>('[data-act]')?.dataset['act'];
        if (act === 'house') void drawer.toggle();
        else if (act === 'libraries') void libraries.open();
    });
    document.addEventListener('kindred:edited', () => void drawer.again());
    document.addEventListener('kindred:do', (event) => void ((event as CustomEvent<string>).detail === 'redo' ? server.redo() : server.undo()));
    document.addEventListener('kindred:go', (event) => location.assign(`${urls.wall}#${(event as CustomEvent<{ screen?: string }>).detail.screen ?? ''}`));
}
