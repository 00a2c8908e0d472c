/** How many random cases a property is tried on: as many as a run of all tests has time for, or `TIMES=10` times as many. */

const times = Number(process.env.TIMES ?? 1);

/** As `numRuns` of a property that takes seconds. */
export const often = (runs: number): number => Math.ceil(runs * times);
