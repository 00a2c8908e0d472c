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
