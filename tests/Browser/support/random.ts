/** So many at random, or so many times as many with KINDRED_ROUNDS. */
export const rounds = (usual: number): number => Math.round(usual * Number(process.env['KINDRED_ROUNDS'] ?? 1));

/** Numbers from 0 to 1, the same for the same seed (mulberry32). */
export function numbers(seed: number): () => number {
    return () => {
        seed = (seed + 0x6d2b79f5) | 0;
        let t = Math.imul(seed ^ (seed >>> 15), 1 | seed);
        t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
        return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
    };
}
