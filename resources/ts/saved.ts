/** The one quiet word beside the history: whether all that was done is kept by the server. */
import type { State } from './wall/server.ts';

export function showState(state: State, count: number): void {
    const label = document.getElementById('saved')!;
    label.textContent = state === 'waiting' ? `${count} not saved` : state;
    label.dataset['state'] = state;
    label.title = state === 'waiting' ? 'The server does not take changes now. They are kept in this browser, also over a reload, and sent as soon as it does.' : '';
}
