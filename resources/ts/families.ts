/** The families that words are set in: their own, then that by which pages know all faces that stand in for what it lacks, as the server draws them. */
export const familiesOf = (family: string): string => `${JSON.stringify(family)}, "Further Scripts", sans-serif`;
