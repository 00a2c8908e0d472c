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

/** Readings by which a door comes into the round or changes hands; one that falls shut by itself, once it has a latch that somebody fastens. */
const moves: readonly AttributeId[] = [
  ...(['opening.habit', 'opening.shutBy', 'opening.byDay', 'opening.letGo'] as const),
  'latch.kind',
];

/** All ways the round may go with any of these mends made; nobody missing first. `ready`: with all they add standing ready. */
export function missedCases(
  found: Place,
  log: readonly LogEntry[],
  ready: Place,
  mends: readonly Pick<Mend, 'bay' | 'targets'>[],
): readonly MissedCase[] {
  const moving = mends.filter(({ targets }) => targets.some((it) => moves.includes(it.attribute)));
  // Two may be needed: shut each night, and a latch on what falls shut by itself.
  const sets = moving.flatMap((mend, index) => [
    [mend],
    ...moving.slice(index + 1).flatMap((it) => (it.bay === mend.bay ? [[mend, it]] : [])),
  ]);
  const all = [found, ...sets.map((it) => withMends(ready, it))].flatMap((place) =>
    shuttersOf(place).map((shutter) => [place, shutter] as const),
  );
  // Of who shuts more doors once a mend is made those are told apart; one that is not yet in the round changes nothing by being missed.
  const widest = new Map<string, (typeof all)[number]>();
  for (const it of all) {
    const before = widest.get(it[1].id);
    if (!before || before[1].doors.length < it[1].doors.length) widest.set(it[1].id, it);
  }
  const missables = [...widest.values()].map(([place, shutter]) =>
    whoMisses(shutter, usuallyLeft(place, log, shutter)),
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
