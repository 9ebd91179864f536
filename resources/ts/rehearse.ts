/** The rehearsal page, in the application and in the web page that leaves it. */
import '../css/player.css';
import type { Table } from './player/machine.ts';
import { Player } from './player/player.ts';

const root = document.getElementById('rehearsal')!;
const table = JSON.parse(document.getElementById('programme')!.textContent!) as Table;

root.innerHTML = `
    <div class="bar">
        <button type="button" data-play="back" title="Return (left arrow)">Return</button>
        <button type="button" data-play="restart" title="Restart (R)">Restart</button>
        <button type="button" data-play="areas" aria-pressed="false" title="Show what can be tapped (T)">Tappable areas</button>
        <output class="screen-now" aria-live="polite"></output>
    </div>
    <div class="table" role="group" tabindex="0" aria-label="Rehearsal. Down and up arrow go through what can be tapped, Enter taps it.">
        <div class="device"></div>
        <p class="nothing" hidden>There is no screen to rehearse yet. Add one on the wall first.</p>
    </div>`;

const player = new Player(root, table, root.dataset['start'] || null);
const areas = root.querySelector<HTMLElement>('[data-play=areas]')!;

function toggleAreas(): void {
    const on = areas.getAttribute('aria-pressed') !== 'true';
    areas.setAttribute('aria-pressed', String(on));
    player.showAreas(on);
}

root.addEventListener('click', (event) => {
    switch ((event.target as Element).closest<HTMLElement>('[data-play]')?.dataset['play']) {
        case 'back': return player.back();
        case 'restart': return player.restart();
        case 'areas': return toggleAreas();
        default:
    }
});

document.addEventListener('keydown', (event) => {
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const onTable = (event.target as Element).closest('.table') !== null || event.target === document.body;
    if (event.key === 'ArrowLeft' || event.key === 'Backspace') player.back();
    else if (event.key.toLowerCase() === 'r') player.restart();
    else if (event.key.toLowerCase() === 't') toggleAreas();
    else if (onTable && event.key === 'ArrowDown') player.focusNext(1);
    else if (onTable && event.key === 'ArrowUp') player.focusNext(-1);
    else if (onTable && event.key === 'Enter') player.pressFocused();
    else return;
    event.preventDefault();
});

export { player };
