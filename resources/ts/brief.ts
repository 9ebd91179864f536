/** The brief: entries written, reordered, tied and planned; each change is an edit like any other. */
import htmx from 'htmx.org';
import { toast, wireDialogs, wireToast } from './dialogs.ts';
import { Flow } from './brief/flow.ts';
import { entryOf, partOf, Rows } from './brief/rows.ts';
import { wireHouse } from './house/beside.ts';
import { showState } from './saved.ts';
import { Fragment } from './wall/fragments.ts';
import type { Command } from './wall/messages.ts';
import { Pending } from './wall/pending.ts';
import { fresh, isHeard, Problem, send, Server } from './wall/server.ts';

const page = document.getElementById('brief')!;
const body = document.getElementById('brief-body')!;
const search = document.getElementById('brief-search') as HTMLInputElement;
const urls = JSON.parse(page.dataset['urls']!) as Record<string, string>;
const server = new Server(urls, Number(page.dataset['sequence']), new Pending(page.dataset['pending']!, localStorage), () => void (shown.ask(), document.dispatchEvent(new Event('kindred:edited'))), (problem) => isHeard(problem) || toast(problem.message, problem.isWrong), showState);

/* What is open and what is being written stays so, whatever the server draws. */
htmx.config.morphIgnore = [...(htmx.config.morphIgnore ?? []), 'data-open', 'data-writing', 'aria-expanded'];

/** Redrawn after every edit; an answer that does not include all edits made here is not shown. */
const shown = new Fragment(body, () => `${urls['body']!}?q=${encodeURIComponent(search.value)}`, () => server.sequence + server.open, () => flow.drawn());

async function edit(...commands: Command[]): Promise<boolean> {
    const answer = await server.edit(...commands);
    if (!answer) void shown.ask();
    return answer !== null;
}

const put = (target: Element, changes: Record<string, unknown>): Promise<boolean> => edit(rows.put(entryOf(target), changes));
const row = (id: string): HTMLElement | null => document.getElementById(`entry-${id}`);
const leads = (card: Element): string[] => [...card.querySelectorAll<HTMLElement>('[data-target]')].map((one) => one.dataset['target']!);

const rows = new Rows(body, (...commands) => void edit(...commands));
const flow = new Flow(body, {
    lead: (from, to, on) => {
        const card = row(from);
        if (!card) return;
        const others = leads(card).filter((one) => one !== to);
        void put(card, { leadsTo: on ? [...others, to] : others });
    },
    show: (id) => {
        const card = row(id);
        card?.scrollIntoView({ block: 'nearest' });
        card?.querySelector<HTMLInputElement>('.title')?.focus();
    },
});

async function bring(files: Iterable<File>): Promise<void> {
    for (const file of files) {
        const form = new FormData();
        form.append('picture', file);
        try {
            const asset = await send<{ hash: string; width: number; height: number }>(urls['assets']!, form);
            const colours = await send<string[]>(urls['colours']!.replace('0'.repeat(64), asset.hash));
            await edit({ type: 'put-entry', entry: { id: fresh(), part: 'reference', title: file.name.replace(/\.[^.]*$/, '').slice(0, 120), asset: asset.hash, width: asset.width, height: asset.height, colours } });
        } catch (problem) {
            toast(problem instanceof Problem ? problem.message : `“${file.name}” could not be imported.`, true);
        }
    }
}

function hang(entries: string[]): void {
    const device = document.querySelector<HTMLSelectElement>('#plan-device')?.value ?? 'phone';
    void edit({ type: 'hang-plan', entries, device, seed: fresh() }).then((done) => done && toast(entries.length === 1 ? 'It hangs on the wall now.' : 'They hang on the wall now.'));
}

/** What a button does, by what it says. */
const doing: Record<string, (button: HTMLElement) => void> = {
    add: (button) => {
        if (search.value !== '') {
            search.value = '';
            void shown.ask();
        }
        rows.add(partOf(button));
    },
    bring: () => document.getElementById('reference-file')!.click(),
    open: (button) => rows.open(entryOf(button)),
    write: (button) => rows.write(entryOf(button)),
    up: (button) => rows.step(entryOf(button), true),
    down: (button) => rows.step(entryOf(button), false),
    remove: (button) => void edit({ type: 'remove-entry', entry: entryOf(button).dataset['entry'] }),
    untie: (button) => void edit({ type: 'tie-entry', entry: entryOf(button).dataset['entry'], tied: false, ties: [JSON.parse(button.dataset['tie']!) as unknown] }),
    unlead: (button) => void put(button, { leadsTo: leads(entryOf(button)).filter((one) => one !== button.dataset['target']) }),
    hang: (button) => hang([entryOf(button).dataset['entry']!]),
    'hang-one': (button) => hang([button.dataset['of']!]),
    'hang-all': (button) => hang([...button.closest('section')!.querySelectorAll<HTMLElement>('[data-entry]')].map((card) => card.dataset['entry']!)),
    undo: () => void server.undo(),
    redo: () => void server.redo(),
};

document.addEventListener('click', (event) => {
    const target = event.target as Element;
    const button = target.closest<HTMLElement>('[data-brief-do]');
    if (button && !target.closest('a')) doing[button.dataset['briefDo']!]?.(button);
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

document.addEventListener('keydown', (event) => {
    const target = event.target as HTMLElement;
    const button = target.closest<HTMLElement>('g[data-brief-do]');
    if (button && (event.key === 'Enter' || event.key === ' ')) {
        event.preventDefault();
        doing[button.dataset['briefDo']!]?.(button);
    }
    if (event.key.toLowerCase() !== 'z' || !(event.ctrlKey || event.metaKey)) return;
    // While something is being written, the letters are taken back; otherwise the step.
    if (target.matches('input, textarea') && (target as HTMLInputElement).value !== (target as HTMLInputElement).defaultValue) return;
    event.preventDefault();
    void (event.shiftKey ? server.redo() : server.undo());
});

let waiting = 0;
search.addEventListener('input', () => {
    clearTimeout(waiting);
    waiting = window.setTimeout(() => void shown.ask(), 150);
});

body.addEventListener('dragover', (event) => {
    if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
});
body.addEventListener('drop', (event) => {
    const files = event.dataTransfer?.files;
    if (!files?.length) return;
    event.preventDefault();
    void bring(files);
});

const file = document.getElementById('reference-file') as HTMLInputElement;
const chosen = (): void => {
    if (file.files?.length) void bring([...file.files]);
    file.value = '';
};
file.addEventListener('change', chosen);

window.addEventListener('focus', () => void server.catchUp());
wireDialogs();
wireToast();

// Whoever comes here to write a part of it begins at once.
const begun = body.querySelector<HTMLElement>(`[data-part="${CSS.escape(new URLSearchParams(location.search).get('begin') ?? '')}"]`);
if (begun) {
    history.replaceState(null, '', location.pathname);
    begun.scrollIntoView();
    if (!begun.querySelector('[data-entry]')) begun.querySelector<HTMLElement>('[data-brief-do=add]')?.click();
}
wireHouse(server);
server.resume();
// What was chosen before this was there.
chosen();
