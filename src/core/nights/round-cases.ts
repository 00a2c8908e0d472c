/** Which doors a night may find open, and how likely: all combinations of those that shut doors, each missing by itself. */
import type { Place } from '../place/place';
import type { LogEntry } from '../records/sighting';
import { awayOn } from './away';
import { missedChance, keeperOf } from './missed-chance';
import { nightOn } from './night';
import { shuttersOf, type Shutter } from './shutters';

/** One way the round may have gone. */
export interface RoundCase {
  /** Openings left open that the round should have shut. */
  readonly open: ReadonlySet<string>;
  readonly chance: number;
}

/** How a night's round may go. */
export interface RoundChance {
  /** Chance that anything is left open. */
  readonly missed: number;
  /** Nothing open first; chances add up to one. */
  readonly cases: readonly RoundCase[];
}

/** Doors that stay or fall together, and the chance that they are left open. */
export interface Missable {
  readonly doors: readonly string[];
  readonly chance: number;
}

/** Beyond so many, all further ones count as one: any of them open, all are (assumption of ours; cautious). */
const mostApart = 4;

/** All combinations. */
export function casesOf(missables: readonly Missable[]): RoundChance {
  const sorted = missables.filter(({ chance }) => chance > 0).sort((a, b) => b.chance - a.chance);
  const apart = sorted.slice(0, mostApart - 1);
  const rest = sorted.slice(mostApart - 1);
  const all = rest.length > 1 ? [...apart, together(rest)] : sorted;
  const cases = all.reduce<RoundCase[]>(
    (before, { doors, chance }) => [
      ...before.map((it) => ({ ...it, chance: it.chance * (1 - chance) })),
      ...before.map((it) => ({
        open: new Set([...it.open, ...doors]),
        chance: it.chance * chance,
      })),
    ],
    [{ open: new Set(), chance: 1 }],
  );
  const possible = cases.filter(({ chance }) => chance > 0);
  return {
    missed: possible.reduce((sum, { open, chance }) => sum + (open.size > 0 ? chance : 0), 0),
    cases: possible,
  };
}

function together(missables: readonly Missable[]): Missable {
  return {
    doors: missables.flatMap(({ doors }) => doors),
    chance: 1 - missables.reduce((none, { chance }) => none * (1 - chance), 1),
  };
}

const nightsInYear = 365;

const doorIds = ({ doors }: Shutter): string[] => doors.map(({ id }) => id);

/** As nights go here, nothing being known of any one of them: nights on which nobody shuts up are missed for certain, by hand. */
export function usualRound(place: Place, log: readonly LogEntry[]): RoundChance {
  return casesOf(
    shuttersOf(place).map((shutter): Missable => ({
      doors: doorIds(shutter),
      chance: usualChance(place, log, shutter),
    })),
  );
}

function usualChance(place: Place, log: readonly LogEntry[], shutter: Shutter): number {
  const { mean } = missedChance(place, log, shutter);
  if (shutter.kind === 'device') return mean;
  const unshut = Math.min(1, (place.routine?.nightsUnshut ?? 0) / nightsInYear);
  return unshut + (1 - unshut) * mean;
}

/** One night: what was said of it counts, then who is there to shut up. */
export function roundOn(place: Place, log: readonly LogEntry[], date: string): RoundChance {
  const { doors: said } = nightOn(place, log, date);
  const away = awayOn(log, date);
  const missables = shuttersOf(place).flatMap((shutter): Missable[] => {
    const unsaid = doorIds(shutter).filter((id) => !said.has(id));
    if (unsaid.length === 0) return [];
    if (shutter.kind === 'device' || !away) {
      return [{ doors: unsaid, chance: usualChance(place, log, shutter) }];
    }
    const covered = unsaid.filter(
      (id) => away.covers !== undefined && (away.doors?.includes(id) ?? true),
    );
    const { mean } = missedChance(place, log, shutter, away.covers?.trim() || keeperOf(place));
    return [
      { doors: covered, chance: mean },
      { doors: unsaid.filter((id) => !covered.includes(id)), chance: 1 },
    ].filter(({ doors }) => doors.length > 0);
  });
  const open = [...said].filter(([, was]) => was !== 'shut').map(([id]) => id);
  return casesOf([...missables, ...(open.length > 0 ? [{ doors: open, chance: 1 }] : [])]);
}
