/** The rehearsal page, in the application and in the web page that leaves it. */
import '../css/player.css';
import type { Table } from './player/table.ts';
import { Player } from './player/player.ts';
import { Behind } from './behind.ts';

const root = document.getElementById('rehearsal')!;
const table = JSON.parse(document.getElementById('programme')!.textContent!) as Table;

root.innerHTML = `
    <div class="bar">
        <button type="button" data-play="back" title="Return (left arrow)">Return</button>
        <button type="button" data-play="restart" title="Restart (R)">Restart</button>
        <button type="button" data-play="areas" aria-pressed="false" title="Show what can be tapped (T)">Tappable areas</button>
        <button type="button" data-play="signals" aria-pressed="false" title="What widgets hold, by the names that words in braces use (S)">Signals</button>
        <label class="say" title="What is spoken, typed: Enter says it" hidden>Say <input type="text" maxlength="200" autocomplete="off" spellcheck="false"></label>
        <output class="screen-now" aria-live="polite"></output>
    </div>
    <div class="table" role="group" tabindex="0" aria-label="Rehearsal. Down and up arrow go through what can be tapped, Enter taps it.">
        <div class="device"></div>
        <dl class="signals" hidden></dl>
        <p class="nothing" hidden>There is no screen to rehearse yet. Add one on the wall first.</p>
    </div>`;

// Pages that have left the application show what they were made with.
const themes = document.querySelector<HTMLTemplateElement>('#rehearsal-themes');
if (themes) {
    root.querySelector('.screen-now')!.before(themes.content.cloneNode(true));
    root.querySelector<HTMLSelectElement>('[data-theme]')!.addEventListener('change', (event) => {
        const there = new URL(location.href);
        there.searchParams.set('theme', (event.target as HTMLSelectElement).value);
        there.searchParams.set('screen', player.machine.screen ?? '');
        location.replace(there);
    });
}

new Behind(root);

const signals = root.querySelector<HTMLElement>('.signals')!;
const player: Player = new Player(root, table, root.dataset['start'] || null, { changed: () => listSignals() });
const areas = root.querySelector<HTMLElement>('[data-play=areas]')!;

const say = root.querySelector<HTMLElement>('.say')!;
// Somewhere something waits for words.
say.hidden = !table.cues.some(({ trigger }) => trigger.kind === 'spoken');
say.addEventListener('keydown', (event) => {
    event.stopPropagation();
    const field = event.target as HTMLInputElement;
    if (event.key === 'Escape') field.blur();
    if (event.key !== 'Enter') return;
    player.say(field.value);
    field.select();
});

/** Signals by name, with what they hold now. */
function listSignals(): void {
    if (signals.hidden || !player) return;
    signals.replaceChildren(...player.machine.values.list().flatMap(([name, value]) => ['dt', 'dd'].map((tag) => Object.assign(document.createElement(tag), { textContent: tag === 'dt' ? name : value || '–' }))));
}

function toggleSignals(): void {
    signals.hidden = !signals.hidden;
    root.querySelector('[data-play=signals]')!.setAttribute('aria-pressed', String(!signals.hidden));
    listSignals();
}

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
        case 'signals': return toggleSignals();
        default:
    }
});

/** Out of what a widget has opened; then to the screen on the wall that is being looked at. A page that has left the application has no wall. */
function leave(): void {
    const { wall, start } = root.dataset;
    if (!player.close() && wall) location.assign(player.machine.screen === start ? wall : `${wall}#${player.machine.screen}`);
}

/** The screens are others by now: what is rehearsed goes on where it is. */
document.addEventListener('kindred:edited', async () => {
    const answer = await fetch(location.href).catch(() => null);
    if (!answer?.ok) return;
    const there = new DOMParser().parseFromString(await answer.text(), 'text/html');
    for (const template of document.querySelectorAll('template[data-screen]')) template.remove();
    document.body.append(...there.querySelectorAll('template[data-screen]'));
    if (!player.redraw(JSON.parse(there.getElementById('programme')!.textContent!) as Table)) location.reload();
});

document.addEventListener('keydown', (event) => {
    if ((event.target as Element).closest('#house, dialog')) return;
    // What a cue waits for is that, whatever else the key would do here.
    if (!(event.target as Element).matches('input, textarea, select') && player.key(named(event))) return event.preventDefault();
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    const onTable = (event.target as Element).closest('.table') !== null || event.target === document.body;
    if (event.key === 'ArrowLeft' || event.key === 'Backspace') player.back();
    else if (event.key.toLowerCase() === 'r') player.restart();
    else if (event.key.toLowerCase() === 't') toggleAreas();
    else if (event.key.toLowerCase() === 's') toggleSignals();
    else if (event.key === 'Escape' && !(event.target as Element).matches('input, textarea, select')) leave();
    else if (onTable && event.key === 'ArrowDown') player.focusNext(1);
    else if (onTable && event.key === 'ArrowUp') player.focusNext(-1);
    else if (onTable && event.key === 'Enter') player.pressFocused();
    else return;
    event.preventDefault();
});

/** A key as cues name it. */
function named({ key, ctrlKey, altKey, metaKey, shiftKey }: KeyboardEvent): string {
    const name = key === ' ' ? 'Space' : key.length === 1 ? key.toUpperCase() : key;
    // Which signs need Shift differs from keyboard to keyboard; the sign is what counts.
    const shifted = shiftKey && (name.length > 1 || /\p{L}/u.test(name));
    return `${ctrlKey ? 'Ctrl+' : ''}${altKey ? 'Alt+' : ''}${metaKey ? 'Meta+' : ''}${shifted ? 'Shift+' : ''}${name}`;
}

export { player };
