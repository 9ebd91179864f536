/** What is on its way from one state to another. What is left again on its way turns round where it is. */
import type { Flown } from './flight.ts';

interface Run { flown: Flown; from: Element | null; to: Element | null }

export class Aloft {
    private readonly runs = new WeakMap<Element, Run>();

    /**
     * @param of what goes over; only one way of it is shown at a time
     * @param from what is shown before, and what after; null for nothing
     * @param make how it goes there; null for at once
     */
    go(of: Element, from: Element | null, to: Element | null, make: (() => Flown) | null): void {
        const run = this.runs.get(of);
        if (run && make && run.from === to && run.to === from && run.flown.animations.some((one) => one.playState === 'running')) {
            [run.from, run.to] = [from, to];
            return run.flown.reverse();
        }
        run?.flown.remove();
        this.runs.delete(of);
        if (!make) return;
        const now: Run = { flown: make(), from, to };
        this.runs.set(of, now);
        for (const animation of now.flown.animations) animation.startTime = document.timeline.currentTime;
        Promise.all(now.flown.animations.map((animation) => animation.finished)).then(() => {
            now.flown.remove();
            if (this.runs.get(of) === now) this.runs.delete(of);
        }, () => undefined);
    }
}
