/**
 * Which doors a night may find open, and how likely: all combinations of those that shut doors, each missing by itself; of several doors
 * that one person shuts all may be forgotten, or those that the log has seen forgotten alone.
 */
import type { Place } from '../place/place';
import type { LogEntry } from '../records/sighting';
import { awayOn } from './away';
import { missedChance, keeperOf } from './missed-chance';
import { nightOn } from './night';
import { shuttersOf, type Shutter } from './shutters';
import { someLeft } from './some-left';

/** One way the round may have gone. */
export interface RoundCase {
  /** Openings left open that the round should have shut, or fallen shut by themselves that it should have fastened. */
  readonly open: ReadonlySet<string>;
  /** Of them those that were seen open: none has fallen shut. */
  readonly seen?: ReadonlySet<string>;
  readonly chance: number;
}

/** How a night's round may go. */
export interface RoundChance {
  /** Chance that anything is left open. */
  readonly missed: number;
  /** Nothing open first; chances add up to one. */
  readonly cases: readonly RoundCase[];
}

/** Doors left open together, and how likely. */
export interface LeftOpen {
  readonly doors: readonly string[];
  readonly chance: number;
}

/** What one that shuts may leave open: at most one of these a night, else nothing. */
export type Missable = readonly LeftOpen[];

/** Beyond so many, all further ones count as one: any of them open, all are (assumption of ours; cautious). */
const mostApart = 4;

const chanceOf = (missable: Missable): number =>
  missable.reduce((sum, { chance }) => sum + chance, 0);

/** All combinations. */
export function casesOf(missables: readonly Missable[]): RoundChance {
  const sorted = missables
    .filter((it) => chanceOf(it) > 0)
    .sort((a, b) => chanceOf(b) - chanceOf(a));
  const apart = sorted.slice(0, mostApart - 1);
  const rest = sorted.slice(mostApart - 1);
  const all = rest.length > 1 ? [...apart, together(rest)] : sorted;
  const cases = all.reduce<RoundCase[]>(
    (before, missable) => [
      ...before.map((it) => ({ ...it, chance: it.chance * (1 - chanceOf(missable)) })),
      ...missable.flatMap(({ doors, chance }) =>
        before.map((it) => ({
          open: new Set([...it.open, ...doors]),
          chance: it.chance * chance,
        })),
      ),
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
  return [
    {
      doors: missables.flatMap((it) => it.flatMap(({ doors }) => doors)),
      chance: 1 - missables.reduce((none, it) => none * (1 - chanceOf(it)), 1),
    },
  ];
}

const nightsInYear = 365;

const doorIds = ({ doors }: Shutter): string[] => doors.map(({ id }) => id);

/** As nights go here, nothing being known of any one of them: nights on which nobody shuts up are missed for certain, by hand. */
export function usualRound(place: Place, log: readonly LogEntry[]): RoundChance {
  return casesOf(shuttersOf(place).map((shutter) => usuallyLeft(place, log, shutter)));
}

/** What one that shuts leaves open as nights go here; by name of a person, the keeper where absent: a night that is covered is covered. */
export function usuallyLeft(
  place: Place,
  log: readonly LogEntry[],
  shutter: Shutter,
  name?: string,
): Missable {
  const { mean, beta } = missedChance(place, log, shutter, name);
  const doors = doorIds(shutter);
  if (shutter.kind === 'device') return [{ doors, chance: mean }];
  const unshut =
    name === undefined ? Math.min(1, (place.routine?.nightsUnshut ?? 0) / nightsInYear) : 0;
  const weight = beta[0] + beta[1];
  // A new person's doors are forgotten all at once, until the log says otherwise; what it has seen seldom counts as all of them.
  const some = someLeft(place, log, shutter, name)
    .slice(0, mostSome)
    .map((it) => ({ doors: it.doors, chance: ((1 - unshut) * it.evenings) / weight }));
  const all = Math.max(0, unshut + (1 - unshut) * mean - chanceOf(some));
  return [{ doors, chance: all }, ...some];
}

/** So many sets of doors forgotten by themselves are told apart (assumption of ours). */
const mostSome = 2;

/** Of those doors only; what is left of nothing is nothing left open. */
function among(missable: Missable, which: (id: string) => boolean): Missable {
  return missable
    .map(({ doors, chance }) => ({ doors: doors.filter(which), chance }))
    .filter(({ doors }) => doors.length > 0);
}

/** One night: what was said of it counts, then who is there to shut up. */
export function roundOn(place: Place, log: readonly LogEntry[], date: string): RoundChance {
  const { doors: said } = nightOn(place, log, date);
  const away = awayOn(log, date);
  const isUnsaid = (id: string): boolean => !said.has(id);
  const missables = shuttersOf(place).flatMap((shutter): Missable[] => {
    if (shutter.kind === 'device' || !away) {
      return [among(usuallyLeft(place, log, shutter), isUnsaid)];
    }
    const isCovered = (id: string): boolean =>
      away.covers !== undefined && (away.doors?.includes(id) ?? true);
    const by = away.covers?.trim() || keeperOf(place);
    const unsaid = doorIds(shutter).filter(isUnsaid);
    return [
      among(usuallyLeft(place, log, shutter, by), (id) => isUnsaid(id) && isCovered(id)),
      [{ doors: unsaid.filter((id) => !isCovered(id)), chance: 1 }].filter(
        ({ doors }) => doors.length > 0,
      ),
    ];
  });
  const open = [...said].filter(([, was]) => was !== 'shut').map(([id]) => id);
  if (open.length === 0) return casesOf(missables);
  const round = casesOf([...missables, [{ doors: open, chance: 1 }]]);
  return { ...round, cases: round.cases.map((it) => ({ ...it, seen: new Set(open) })) };
}
