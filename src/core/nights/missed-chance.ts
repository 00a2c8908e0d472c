/**
 * The chance that a round leaves a door open, from the log of who or what shuts it: Beta, whose prior is the table's figure with the
 * weight of so many evenings. With `m` the prior mean, `w` its weight, `n` evenings and `k` of them missed: Beta(m·w + k, (1 − m)·w + n − k).
 */
import type { Place } from '../place/place';
import type { DoorState } from '../records/evening';
import type { LogEntry } from '../records/sighting';
import { missedBy, priorRounds, staysOpenShare } from '../tables/shutting';
import { nightRecords, type NightRecord } from './night';
import { shuttersOf, type Shutter } from './shutters';
import { getOrMake, memoized } from '../memo';

/** How often a round is missed. */
export interface MissedChance {
  readonly mean: number;
  /** What it is Beta-distributed by; see missed-band.ts. */
  readonly beta: readonly [a: number, b: number];
  readonly made: number;
  readonly missed: number;
  /** Of a door that shuts itself: it stayed open, and it shut a bird out. Both zero of a person. */
  readonly stayedOpen: number;
  readonly birdOut: number;
}

/** Evenings on record. */
export interface Rounds {
  readonly made: number;
  readonly missed: number;
  readonly stayedOpen: number;
  readonly birdOut: number;
}

const noRounds: Rounds = { made: 0, missed: 0, stayedOpen: 0, birdOut: 0 };

/** The posterior after so many evenings, before which it was `prior`. */
export function missedAfter(
  prior: number,
  { made, missed, stayedOpen, birdOut }: Rounds,
): MissedChance {
  const weight = priorRounds.value;
  const [a, b] = [prior * weight + missed, (1 - prior) * weight + made - missed];
  return {
    mean: a / (a + b),
    beta: [a, b],
    made,
    missed,
    stayedOpen,
    birdOut,
  };
}

/** Of a door that shuts itself: how often it stays open, and how often it shuts a bird out; each Beta by itself. */
export function waysToFail(
  prior: number,
  rounds: Rounds,
): { open: MissedChance; out: MissedChance } {
  const { made, stayedOpen, birdOut } = rounds;
  const of = (share: number, missed: number): MissedChance =>
    missedAfter(prior * share, { made, missed, stayedOpen: 0, birdOut: 0 });
  return {
    open: of(staysOpenShare.value, stayedOpen),
    out: of(1 - staysOpenShare.value, birdOut),
  };
}

/** The table's figure for one that shuts: the likeliest to be missed of its doors decides. */
export function priorOf({ doors }: Shutter): number {
  return Math.max(0, ...doors.map(({ shutBy }) => missedBy[shutBy].value));
}

/** Who shuts up as a rule, by name; empty where nobody said. */
export const keeperOf = ({ routine }: Place): string => routine?.shuts?.trim() ?? '';

/** Who did it; an evening that names nobody was the keeper's. */
export const nameOf = (place: Place, { by }: Pick<NightRecord, 'by'>): string =>
  by?.trim() || keeperOf(place);

/**
 * How one's doors stood that evening. Where none of a person's was said, what else was shut by hand in those days stands for them:
 * whoever forgot one forgets another. What was shut otherwise then is no round of theirs.
 */
export function doorsShutBy(
  { kind, doors }: Shutter,
  { doors: said, shutBy }: NightRecord,
): ReadonlyMap<string, DoorState> {
  const isNow = (id: string): boolean => doors.some((door) => door.id === id);
  const byDevice = kind === 'device';
  const own = [...said].filter(([id]) => {
    const by = shutBy.get(id);
    return by === undefined ? isNow(id) : (by === 'light') === byDevice;
  });
  const ofNow = own.filter(([id]) => isNow(id));
  return new Map(ofNow.length > 0 || byDevice ? ofNow : own);
}

/** How it stood of the doors of one that shuts; `undefined` where nothing was said of them. */
function outcomeOf(shutter: Shutter, night: NightRecord): 'shut' | 'open' | 'bird-out' | undefined {
  const said = [...doorsShutBy(shutter, night).values()];
  if (said.length === 0) return undefined;
  if (said.some((was) => was === 'open' || was === 'jammed')) return 'open';
  return said.includes('bird-out') ? 'bird-out' : 'shut';
}

/** Rounds of one that shuts by who made them; kept by the log, for doors and keeper as they are. */
const counted = memoized(
  (_: readonly LogEntry[]) => new Map<string, ReadonlyMap<string, Rounds>>(),
);

function countRounds(
  place: Place,
  log: readonly LogEntry[],
  shutter: Shutter,
): ReadonlyMap<string, Rounds> {
  const key = [shutter.kind, keeperOf(place), ...shutter.doors.map(({ id }) => id)].join('\n');
  return getOrMake(counted(log), key, () => {
    const rounds = new Map<string, Rounds>();
    for (const night of nightRecords(log).values()) {
      const outcome = outcomeOf(shutter, night);
      if (outcome === undefined) continue;
      const isDevice = shutter.kind === 'device';
      const name = isDevice ? '' : nameOf(place, night);
      const { made, missed, stayedOpen, birdOut } = rounds.get(name) ?? noRounds;
      rounds.set(name, {
        made: made + 1,
        missed: missed + (outcome === 'shut' ? 0 : 1),
        stayedOpen: stayedOpen + (isDevice && outcome === 'open' ? 1 : 0),
        birdOut: birdOut + (isDevice && outcome === 'bird-out' ? 1 : 0),
      });
    }
    return rounds;
  });
}

/** Evenings on record of one that shuts; those that were told as a sum are the keeper's. `name`: of the person. */
export function roundsOf(
  place: Place,
  log: readonly LogEntry[],
  shutter: Shutter,
  name: string,
): Rounds {
  const by = shutter.kind === 'device' ? '' : name;
  const logged = countRounds(place, log, shutter).get(by) ?? noRounds;
  const told = place.routine?.rounds;
  const isTold =
    shutter === shuttersOf(place)[0] && (shutter.kind === 'device' || name === keeperOf(place));
  if (!told || !isTold) return logged;
  return { ...logged, made: logged.made + told.made, missed: logged.missed + told.missed };
}

/** Chance that one that shuts leaves a door open. `name`: of the person; absent: the keeper. */
export function missedChance(
  place: Place,
  log: readonly LogEntry[],
  shutter: Shutter,
  name = keeperOf(place),
): MissedChance {
  return missedAfter(priorOf(shutter), roundsOf(place, log, shutter, name));
}

/** Everybody who made a round, by name, the keeper first; empty: the keeper, where nobody said a name. */
export function namesOf(place: Place, log: readonly LogEntry[]): string[] {
  const away = log.flatMap((it) => (it.what === 'away' && it.covers ? [it.covers.trim()] : []));
  const cover = place.routine?.whenAway?.trim();
  return [
    ...new Set([
      keeperOf(place),
      ...(cover ? [cover] : []),
      ...away,
      ...[...nightRecords(log).values()].map((night) => nameOf(place, night)),
    ]),
  ];
}
