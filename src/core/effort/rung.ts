/** How hard something is for an animal, in five rungs; minutes are what the route arithmetic counts. */

export const rungs = ['open', 'minutes', 'hour', 'night', 'holds'] as const;
export type Rung = (typeof rungs)[number];

/** Minutes counted for a rung. "holds" has none: it is kept as its own value, never as infinity. */
export const rungMinutes: Readonly<Record<Exclude<Rung, 'holds'>, number>> = {
  open: 0,
  minutes: 5,
  hour: 60,
  night: 480,
};

/** Minutes of a rung, `null` for one that holds. */
export function minutesOf(rung: Rung): number | null {
  return rung === 'holds' ? null : rungMinutes[rung];
}

/** The rung that a number of minutes reaches (a sum along a route); `null` holds. */
export function rungOf(minutes: number | null): Rung {
  if (minutes === null) return 'holds';
  if (minutes < rungMinutes.minutes) return 'open';
  if (minutes < rungMinutes.hour) return 'minutes';
  return minutes < rungMinutes.night ? 'hour' : 'night';
}

/** Less than zero where `a` is easier than `b`. */
export function compareRungs(a: Rung, b: Rung): number {
  return rungs.indexOf(a) - rungs.indexOf(b);
}

/** The rung so many steps harder (below zero: easier), within the scale. */
export function shifted(rung: Rung, steps: number): Rung {
  const at = Math.max(0, Math.min(rungs.indexOf(rung) + steps, rungs.length - 1));
  return rungs[at] ?? rung;
}

/** Steps of ours between "enough" and "nothing", by the worst ratio of what is there to what is enough. */
export function rungOfRatio(ratio: number): Rung {
  if (ratio >= 1) return 'holds';
  if (ratio >= 0.75) return 'night';
  return ratio >= 0.5 ? 'hour' : 'minutes';
}

/** Sums minutes; what holds anywhere holds altogether. */
export function addMinutes(a: number | null, b: number | null): number | null {
  return a === null || b === null ? null : a + b;
}

/** Above zero where `a` holds out longer. */
export function compareMinutes(a: number | null, b: number | null): number {
  if (a === b) return 0;
  if (a === null) return 1;
  return b === null ? -1 : a - b;
}
