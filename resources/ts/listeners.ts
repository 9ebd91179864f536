/** Those who are told when something happens, in the order in which they came. */
export class Listeners<Told extends unknown[] = []> {
    private readonly all: ((...told: Told) => void)[] = [];

    add(listener: (...told: Told) => void): void {
        this.all.push(listener);
    }

    tell(...told: Told): void {
        for (const listener of this.all) listener(...told);
    }
}
