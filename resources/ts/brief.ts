/** The brief: entries written, reordered, tied and planned; each change is an edit like any other. */
import htmx from 'htmx.org';
import { toast, wireDialogs, wireToast } from './dialogs.ts';
import { showState } from './saved.ts';
import { Pending } from './wall/pending.ts';
import type { Command } from './wall/messages.ts';
import { fresh, Problem, send, Server } from './wall/server.ts';

const page = document.getElementById('brief')!;
const body = document.getElementById('brief-body')!;
const search = document.getElementById('brief-search') as HTMLInputElement;
const urls = JSON.parse(page.dataset['urls']!) as Record<string, string>;
const server = new Server(urls, Number(page.dataset['sequence']), new Pending(page.dataset['pending']!, localStorage), () => undefined, (problem) => toast(problem.message, true), showState);

/** Loads follow each other; what is typed meanwhile stays, for the body is morphed. */
let loading: Promise<unknown> = Promise.resolve();
function load(): Promise<unknown> {
    return (loading = loading.then(() => htmx.ajax('GET', `${urls['body']!}?q=${encodeURIComponent(search.value)}`, { target: body, swap: 'innerMorph' })).catch(() => toast('The brief could not be shown anew; reload the page.', true)));
}

async function edit(command: Command): Promise<boolean> {
    const answer = await server.edit(command);
    await load();
    return answer !== null;
}

const entryOf = (target: Element): HTMLElement => target.closest<HTMLElement>('[data-entry]')!;
const partOf = (target: Element): string => target.closest<HTMLElement>('[data-part]')!.dataset['part']!;
const put = (target: Element, changes: Record<string, unknown>): Promise<boolean> => edit({ type: 'put-entry', entry: { id: entryOf(target).dataset['entry'], part: partOf(target), ...changes } });
const leads = (card: Element): string[] => [...card.querySelectorAll<HTMLElement>('[data-target]')].map((one) => one.dataset['target']!);

async function add(part: string): Promise<void> {
    const id = fresh();
    search.value = '';
    if (await edit({ type: 'put-entry', entry: { id, part } })) document.querySelector<HTMLInputElement>(`#entry-${id} .title`)?.focus();
}

/** The words of an entry as they are typed, instead of as they are read. */
function write(card: HTMLElement): void {
    const words = card.querySelector<HTMLTextAreaElement>('textarea')!;
    card.querySelector<HTMLElement>('.prose')!.hidden = true;
    words.hidden = false;
    words.focus();
}

function written(words: HTMLTextAreaElement): void {
    const prose = entryOf(words).querySelector<HTMLElement>('.prose')!;
    words.hidden = true;
    prose.hidden = false;
    if (words.value !== words.defaultValue) void put(words, { words: words.value });
}

/** Puts an entry after another of its part, or first. */
const move = (id: string, after: string | null): Promise<boolean> => edit({ type: 'move-entry', entry: id, after });

function step(card: HTMLElement, up: boolean): void {
    const all = [...card.parentElement!.children] as HTMLElement[];
    const at = all.indexOf(card) + (up ? -2 : 1);
    if (up ? at < -1 : at >= all.length) return;
    void move(card.dataset['entry']!, all[at]?.dataset['entry'] ?? null).then(() => document.querySelector<HTMLElement>(`#entry-${card.dataset['entry']} [data-brief-do=${up ? 'up' : 'down'}]`)?.focus());
}

async function bring(files: Iterable<File>): Promise<void> {
    for (const file of files) {
        const form = new FormData();
        form.append('picture', file);
        try {
            const asset = await send<{ hash: string; width: number; height: number }>(urls['assets']!, form);
            const colours = await send<string[]>(urls['colours']!.replace('0'.repeat(64), asset.hash));
            await edit({ type: 'put-entry', entry: { id: fresh(), part: 'reference', title: file.name.replace(/\.[^.]*$/, '').slice(0, 120), asset: asset.hash, width: asset.width, height: asset.height, colours } });
        } catch (problem) {
            toast(problem instanceof Problem ? problem.message : `“${file.name}” could not be brought in.`, true);
        }
    }
}

function hang(entries: string[]): void {
    const device = document.querySelector<HTMLSelectElement>('#plan-device')?.value ?? 'phone';
    void edit({ type: 'hang-plan', entries, device, seed: fresh() }).then((done) => done && toast(entries.length === 1 ? 'It hangs on the wall now.' : 'They hang on the wall now.'));
}

document.addEventListener('click', (event) => {
    const target = event.target as Element;
    const button = target.closest<HTMLElement>('[data-brief-do]');
    if (!button || target.closest('a')) return;
    switch (button.dataset['briefDo']) {
        case 'add': return void add(partOf(button));
        case 'bring': return document.getElementById('reference-file')!.click();
        case 'write': return write(entryOf(button));
        case 'up':
        case 'down': return step(entryOf(button), button.dataset['briefDo'] === 'up');
        case 'remove': return void edit({ type: 'remove-entry', entry: entryOf(button).dataset['entry'] });
        case 'untie': return void edit({ type: 'tie-entry', entry: entryOf(button).dataset['entry'], tied: false, ties: [JSON.parse(button.dataset['tie']!) as unknown] });
        case 'unlead': return void put(button, { leadsTo: leads(entryOf(button)).filter((one) => one !== button.dataset['target']) });
        case 'hang': return hang([entryOf(button).dataset['entry']!]);
        case 'hang-all': return hang([...button.closest('section')!.querySelectorAll<HTMLElement>('[data-entry]')].map((card) => card.dataset['entry']!));
        case 'undo': return void server.undo().then(load);
        case 'redo': return void server.redo().then(load);
        default:
    }
});

body.addEventListener('change', (event) => {
    const input = event.target as HTMLInputElement;
    const { entryField, condition } = input.dataset;
    if (entryField === 'words') return;
    if (entryField) void put(input, { [entryField]: entryField === 'screen' && input.value === '' ? null : input.value });
    else if (condition) void put(input, { conditions: [...entryOf(input).querySelectorAll<HTMLInputElement>('[data-condition]')].filter((one) => one.checked).map((one) => one.dataset['condition']) });
    else if (input.dataset['leadTo'] !== undefined && input.value !== '') void put(input, { leadsTo: [...leads(entryOf(input)), input.value] });
    else if (input.dataset['tieTo'] !== undefined && input.value !== '') void edit({ type: 'tie-entry', entry: entryOf(input).dataset['entry'], ties: [{ kind: 'screen', id: input.value, name: (event.target as HTMLSelectElement).selectedOptions[0]!.text }] });
    else if (input.dataset['trace'] !== undefined && input.value !== '') trace(input as unknown as HTMLSelectElement);
});

/** Lays a reference under a screen on the wall. */
function trace(select: HTMLSelectElement): void {
    const image = entryOf(select).querySelector<HTMLImageElement>('img.reference')!;
    const name = select.selectedOptions[0]!.text;
    const asset = image.src.split('/').at(-1);
    void edit({ type: 'set-tracing', screen: select.value, asset, width: image.naturalWidth, height: image.naturalHeight }).then((done) => done && toast(`It lies under “${name}” on the wall.`));
    select.value = '';
}

body.addEventListener('focusout', (event) => {
    if (event.target instanceof HTMLTextAreaElement) written(event.target);
});

document.addEventListener('keydown', (event) => {
    const target = event.target as HTMLElement;
    if (event.key === 'Enter' && target.matches('.title')) target.blur();
    else if (event.key === 'Enter' && target.matches('.prose')) {
        event.preventDefault();
        write(entryOf(target));
    } else if (event.key === 'Escape' && target.matches('textarea, .title')) {
        (target as HTMLInputElement).value = (target as HTMLInputElement).defaultValue;
        target.blur();
    } else if (event.key === 'Enter' && (event.ctrlKey || event.metaKey) && target.matches('textarea')) target.blur();
    else if (event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey) && !target.matches('input, textarea')) {
        event.preventDefault();
        void (event.shiftKey ? server.redo() : server.undo()).then(load);
    }
});

let waiting = 0;
search.addEventListener('input', () => {
    clearTimeout(waiting);
    waiting = window.setTimeout(() => void load(), 150);
});

let dragged: HTMLElement | null = null;
body.addEventListener('dragstart', (event) => {
    dragged = (event.target as Element).closest('.grip') ? entryOf(event.target as Element) : null;
    event.dataTransfer?.setData('text/plain', '');
});
body.addEventListener('dragover', (event) => {
    const card = (event.target as Element).closest<HTMLElement>('[data-entry]');
    const same = dragged && card && card !== dragged && card.parentElement === dragged.parentElement;
    for (const one of body.querySelectorAll('.drop-above, .drop-below')) one.classList.remove('drop-above', 'drop-below');
    if (same) {
        const { top, height } = card.getBoundingClientRect();
        card.classList.add(event.clientY < top + height / 2 ? 'drop-above' : 'drop-below');
    }
    if (same || event.dataTransfer?.types.includes('Files')) event.preventDefault();
});
body.addEventListener('drop', (event) => {
    const files = event.dataTransfer?.files;
    if (files?.length) {
        event.preventDefault();
        return void bring(files);
    }
    const card = body.querySelector<HTMLElement>('.drop-above, .drop-below');
    const above = card?.classList.contains('drop-above');
    card?.classList.remove('drop-above', 'drop-below');
    if (!card || !dragged) return;
    event.preventDefault();
    const after = above ? (card.previousElementSibling as HTMLElement | null) : card;
    if (after !== dragged) void move(dragged.dataset['entry']!, after?.dataset['entry'] ?? null);
    dragged = null;
});

const file = document.getElementById('reference-file') as HTMLInputElement;
file.addEventListener('change', () => {
    void bring([...(file.files ?? [])]);
    file.value = '';
});

window.addEventListener('focus', () => void server.catchUp());
wireDialogs();
wireToast();

server.resume();
