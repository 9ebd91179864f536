/** The house style on a page that changes nothing else: what the page shows follows. */
import { toast } from './dialogs.ts';
import { wireHouse } from './house/beside.ts';
import { showState } from './saved.ts';
import { Pending } from './wall/pending.ts';
import { isHeard, Server } from './wall/server.ts';

const place = document.getElementById('house')!;
const server = new Server(
    JSON.parse(place.dataset['urls']!) as Record<string, string>,
    Number(place.dataset['sequence']),
    new Pending(place.dataset['pending']!, localStorage),
    () => document.dispatchEvent(new Event('kindred:edited')),
    (problem) => isHeard(problem) || toast(problem.message, problem.isWrong),
    showState,
);
wireHouse(server);
server.resume();

const follows = document.querySelector('[data-follows]');
if (follows) {
    document.addEventListener('kindred:edited', async () => {
        const answer = await fetch(location.href).catch(() => null);
        if (!answer?.ok) return;
        const there = new DOMParser().parseFromString(await answer.text(), 'text/html').querySelector('[data-follows]');
        if (there) follows.replaceChildren(...there.childNodes);
    });
}
