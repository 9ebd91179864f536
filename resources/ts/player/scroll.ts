/** How what is scrolled by a finger moves, as the core has it (`Kindred\Flow\Scrolling`), along one axis. */
export const RULES = { glide: 325, settle: 90, band: 0.55, flick: 0.3, rest: 0.5 };

export function held(asked: number, far: number, seen: number, bounce: boolean): number {
    const over = asked < 0 ? -asked : Math.max(0, asked - far);
    const within = Math.max(0, Math.min(far, asked));
    if (over <= 0 || !bounce) return within;
    const band = RULES.band * seen;
    const gives = band * (1 - 1 / (over / band + 1));
    return asked < 0 ? -gives : far + gives;
}

export function rest(at: number, speed: number, far: number, stops: number[], momentum: boolean): number {
    const aim = Math.max(0, Math.min(far, at + (momentum ? speed * RULES.glide : 0)));
    if (stops.length === 0) return aim;
    const onward = Math.abs(speed) < RULES.flick ? [] : stops.filter((stop) => (stop - at) * speed > 0);
    return (onward.length === 0 ? stops : onward).reduce((best, stop) => (Math.abs(stop - aim) < Math.abs(best - aim) ? stop : best));
}

export const glides = (at: number, to: number, far: number, snaps: boolean): boolean => !snaps && at >= 0 && at <= far && to > 0 && to < far;

export function after(ms: number, from: number, to: number, gliding: boolean): number {
    const left = (from - to) * Math.exp(-ms / RULES[gliding ? 'glide' : 'settle']);
    return Math.abs(left) < RULES.rest ? to : to + left;
}

export function page(at: number, stops: number[]): number {
    let nearest = 0;
    stops.forEach((stop, i) => {
        if (Math.abs(stop - at) < Math.abs(stops[nearest]! - at) - 1e-6) nearest = i;
    });
    return nearest;
}

export const stuck = (at: number, top: number, room: number): number => Math.max(0, Math.min(at - top, room));
