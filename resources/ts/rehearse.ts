/** The rehearsal page, in the application and in the web page that leaves it. */
import '../css/player.css';
import { Behind } from './behind.ts';
import { asked } from './player/asked.ts';
import { Rehearsal } from './player/rehearsal.ts';
import type { Table } from './player/table.ts';

const root = document.getElementById('rehearsal')!;
const table = JSON.parse(document.getElementById('programme')!.textContent!) as Table;
const { wall, start } = root.dataset;
let turned = false;

/** The address of what is shown, in another theme, or with devices on their sides. */
function there(): URL {
    const url = new URL(location.href);
    if (turned) url.searchParams.set('turned', '1');
    return url;
}

const rehearsal: Rehearsal = new Rehearsal(root, table, {
    start: start || null,
    keys: document,
    // A page that has left the application has no wall, and no other devices.
    ...(wall ? {
        leave: (screen) => location.assign(screen === start ? wall : `${wall}#${screen}`),
        turn: async (now) => {
            turned = now;
            return asked(there().href, document.body);
        },
    } : {}),
});

// Pages that have left the application show what they were made with.
const themes = document.querySelector<HTMLTemplateElement>('#rehearsal-themes');
if (themes) {
    root.querySelector('.screen-now')!.before(themes.content.cloneNode(true));
    root.querySelector<HTMLSelectElement>('[data-theme]')!.addEventListener('change', (event) => {
        const url = there();
        url.searchParams.set('theme', (event.target as HTMLSelectElement).value);
        url.searchParams.set('screen', rehearsal.player.machine.screen ?? '');
        location.replace(url);
    });
}

new Behind(root);

/** The screens are others by now: what is rehearsed goes on where it is. */
async function redraw(): Promise<void> {
    const fresh = await asked(there().href, document.body);
    if (fresh) rehearsal.redraw(fresh);
}

document.addEventListener('kindred:edited', () => void redraw());
// Another window of this browser has edited.
if (wall) new BroadcastChannel(`kindred.edited.${/projects\/(\d+)/.exec(wall)?.[1] ?? ''}`).addEventListener('message', () => void redraw());

const { player } = rehearsal;
export { player };
