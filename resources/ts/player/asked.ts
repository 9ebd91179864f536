/** Asks for the page of a rehearsal, and takes its screens and its programme from it. */
import type { Table } from './table.ts';

/**
 * @param into where the screens are kept, in place of those that were there
 * @returns null where it could not be had
 */
export async function asked(url: string, into: HTMLElement): Promise<Table | null> {
    const answer = await fetch(url, { headers: { Accept: 'text/html' } }).catch(() => null);
    if (!answer?.ok) return null;
    const there = new DOMParser().parseFromString(await answer.text(), 'text/html');
    const programme = there.getElementById('programme');
    if (!programme) return null;
    for (const template of document.querySelectorAll('template[data-screen]')) template.remove();
    into.append(...[...there.querySelectorAll('template[data-screen]')].map((one) => document.importNode(one, true)));
    return JSON.parse(programme.textContent!) as Table;
}
