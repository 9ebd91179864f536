/** The one quiet word beside the history: whether all that was done is kept by the server. */
import { toast } from './dialogs.ts';
import type { State } from './wall/server.ts';

let waited = false;

export function showState(state: State, count: number): void {
    const label = document.getElementById('saved')!;
    label.textContent = state === 'waiting' ? `${count} not saved` : state;
    label.dataset['state'] = state;
    label.title = state === 'waiting' ? 'The server does not take changes now. They are kept in this browser, also over a reload, and sent as soon as it does.' : '';
    // What was said of it is no longer true.
    if (waited && state === 'saved' && !document.getElementById('toast')!.hidden) toast('All changes are saved.');
    waited = state === 'waiting' || (waited && state !== 'saved');
}
