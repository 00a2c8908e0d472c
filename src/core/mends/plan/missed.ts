/**
 * How the evening round goes, whatever mends are made: who misses it. Which doors that leaves open hangs on the mends: one that is now
 * shut each night is forgotten like the others, one with closers falls shut, one that shuts itself fails by itself.
 */
import { isOfTheRound } from '../../effort/doors';
import { casesOf, usuallyLeft, type Missable } from '../../nights/round-cases';
import { personId, shuttersOf, type Shutter } from '../../nights/shutters';
import type { Bay, Opening, Place } from '../../place/place';
import type { LogEntry } from '../../records/sighting';
import type { Mend } from '../../records/mend';
import type { AttributeId } from '../../attributes';
import { withMends } from './with-mends';

/** Of who shuts up, those that missed: the person (all doors that are theirs), single doors. `undefined`: as the scenario has it. */
export type Missed = ReadonlySet<string> | undefined;

/** One way the round may go. */
export interface MissedCase {
  readonly missed: ReadonlySet<string>;
  readonly chance: number;
}

/** Readings by which a door comes into the round, or changes hands. */
const moves: readonly AttributeId[] = ['opening.habit', 'opening.shutBy', 'opening.byDay'];

/** All ways the round may go with any of these mends made; nobody missing first. `ready`: with all they add standing ready. */
export function missedCases(
  found: Place,
  log: readonly LogEntry[],
  ready: Place,
  mends: readonly Pick<Mend, 'targets'>[],
): readonly MissedCase[] {
  const moving = mends.filter(({ targets }) => targets.some((it) => moves.includes(it.attribute)));
  const all = [found, ...moving.map((mend) => withMends(ready, [mend]))].flatMap((place) =>
    shuttersOf(place).map((shutter) => [place, shutter] as const),
  );
  const first = new Map([...all].reverse().map((it) => [it[1].id, it] as const));
  const missables = [...first.values()].map(([place, shutter]) =>
    // One that is not there yet has no evenings on record.
    whoMisses(shutter, usuallyLeft(place, place === found ? log : [], shutter)),
  );
  return casesOf(missables).cases.map(({ open, chance }) => ({ missed: open, chance }));
}

/** The whole of what one shuts by who it is, for there may be more of it; part of it by the doors. */
function whoMisses(shutter: Shutter, left: Missable): Missable {
  return left.map((it) =>
    it.doors.length === shutter.doors.length ? { ...it, doors: [whole(shutter)] } : it,
  );
}

const whole = ({ id, kind }: Pick<Shutter, 'id' | 'kind'>): string =>
  kind === 'person' ? personId : `/device/${id}`;

/** A bay with the doors of the round as they stand once these have missed it. */
export function bayMissed(bay: Bay, missed: ReadonlySet<string>): Bay {
  if (!bay.openings.some((door) => isShut(door, missed))) return bay;
  return {
    ...bay,
    openings: bay.openings.map((door) =>
      isShut(door, missed) ? { ...door, byDay: 'shut' } : door,
    ),
  };
}

/** Of the round, and not missed: it stands as one that is shut by day. */
function isShut(door: Opening, missed: ReadonlySet<string>): boolean {
  if (door.habit !== 'every-night' || !isOfTheRound(door)) return false;
  const { id } = door;
  if (door.shutBy === 'light') return !missed.has(whole({ id, kind: 'device' }));
  return !missed.has(id) && !missed.has(personId);
}
