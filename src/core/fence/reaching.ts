/**
 * What the judgement takes from a described line: in every bay the volts that reach an animal there, in kV as the tables mean them. What
 * was read beats what is worked out; what nobody has tested is not believed.
 */
import isSame from 'fast-deep-equal';
import type { Bound } from '../effort/bound';
import { answersBy } from '../memo';
import { mostVolts } from '../attributes/limits';
import type { Bay, Face, Fence, FenceLine, Place } from '../place/place';
import { members, type PossibleAmount } from '../place/possible';
import { feedStates } from '../place/fence';
import { grounds as allGrounds, referenceGround, type Ground } from '../tables/fence-ground';
import { soundSource } from '../tables/fence-animal';
import { worthOfVolts } from './animal-share';
import { judgedCase, type LineCase } from './line-case';
import { linePathOf, type LinePath } from './line-path';
import { readVolts, roomBetween, type ReadVolts } from './read-volts';
import { solveLine, type SolvedLine } from './solved-line';
import { sourceOf } from './source';

/** The line in one bay, as it is believed. */
export interface BelievedBay {
  readonly bay: Bay;
  /** On the wire, kV. */
  readonly volts: number;
  /** What reaches an animal, kV as the tables mean them. */
  readonly reaching: number;
  /** Read in this bay, near the energizer, or at the far end. */
  readonly isRead: boolean;
}

/** The line as read and worked out together, in the order of the path. */
export function believedLine(
  path: LinePath,
  fence: Fence & { readonly line: FenceLine },
  lineCase: LineCase,
  solved = solvedLine(path, fence, lineCase),
  read = readVolts(path, fence),
): BelievedBay[] {
  const isBest = lineCase.bound === 'best';
  const plain = worthOfVolts(soundSource.value, lineCase.ground, fence.line.back, lineCase.snow);
  return path.bays.map(({ bay, isLive }, index): BelievedBay => {
    const own = solved?.bays[index];
    const room = roomBetween(path, read, index);
    const isDead = !isLive || isFlat(fence, isBest) || (read.size === 0 && !isBest);
    const volts = isDead ? 0 : own ? within(own.volts, room) : unsolved(path, read, room, isBest);
    return {
      bay,
      volts,
      reaching: volts * (own?.worth ?? plain),
      isRead: read.has(index),
    };
  });
}

/** The line worked out; `undefined` without an energizer to work from. */
export function solvedLine(
  path: LinePath,
  fence: Fence & { readonly line: FenceLine },
  lineCase: LineCase,
): SolvedLine | undefined {
  const source = sourceOf(fence);
  return source && solveLine(path, fence.line, source, lineCase);
}

/** A battery found flat feeds nothing, whatever was read before. */
const isFlat = ({ battery }: Fence, isBest: boolean): boolean => {
  if (!battery) return false;
  const states: readonly string[] = members(battery, feedStates);
  return isBest ? states.every((it) => it === 'flat') : states.includes('flat');
};

const within = (value: number, [low, high]: ReadVolts): number =>
  Math.max(low, Math.min(value, high));

/** Without an energizer to work from: what was read beyond, or on a ring the least that was read. */
function unsolved(
  { shape }: LinePath,
  read: ReadonlyMap<number, ReadVolts>,
  [low, high]: ReadVolts,
  isBest: boolean,
): number {
  if (read.size === 0) return isBest ? mostVolts : 0;
  if (low > 0) return isBest ? Math.min(high, Math.max(low, highestOf(read))) : low;
  if (isBest) return Math.min(high, mostVolts);
  return shape === 'ring' ? Math.min(...[...read.values()].map(([least]) => least)) : 0;
}

const highestOf = (read: ReadonlyMap<number, ReadVolts>): number =>
  Math.max(...[...read.values()].map(([, high]) => high));

/** The place with each of its bays told what reaches an animal there; the same object where no line is described. */
export function withReaching(place: Place): Place {
  const { fence } = place;
  if (!fence?.line) return place;
  const path = linePathOf(place);
  const told = path ? reachingBy(path, { ...fence, line: fence.line }) : new Map<string, never>();
  const faces = place.faces.map((face) => faceTold(face, told));
  return faces.every((face, index) => face === place.faces[index]) ? place : { ...place, faces };
}

/** What was read between two figures may have been either: at its best the upper, at its worst the lower. */
function atEnd(read: ReadonlyMap<number, ReadVolts>, bound: Bound): Map<number, ReadVolts> {
  return new Map(
    [...read].map(([index, [low, high]]) => {
      const end = bound === 'best' ? high : low;
      return [index, [end, end]];
    }),
  );
}

interface LastTold {
  readonly fence: Fence;
  readonly line: readonly unknown[];
  readonly told: ReadonlyMap<string, PossibleAmount>;
}

const lastTold = answersBy<FenceLine, LastTold>();

/** Worked out anew only where something of the line has changed: every reading of a walk comes by here. */
function reachingBy(
  path: LinePath,
  fence: Fence & { readonly line: FenceLine },
): ReadonlyMap<string, PossibleAmount> {
  // Where it runs, what touches it and what was read: nothing else of a bay has a say.
  const line = path.bays.map(({ bay, isLive, fromBefore }) => [
    bay.id,
    bay.strands,
    isLive,
    fromBefore,
  ]);
  const last = lastTold.get(fence.line);
  if (last && isSame(last.fence, fence) && isSame(last.line, line)) return last.told;
  // Whichever of the grounds it may be today.
  const grounds = fence.ground ? members<Ground>(fence.ground, allGrounds) : [referenceGround];
  const at = (bound: Bound) =>
    grounds.map((ground) => {
      const lineCase: LineCase = { ...judgedCase(fence, bound), ground };
      const source = sourceOf(fence, bound);
      const solved = source && solveLine(path, fence.line, source, lineCase);
      return believedLine(path, fence, lineCase, solved, atEnd(readVolts(path, fence), bound));
    });
  const [best, worst] = [at('best'), at('worst')];
  const told = new Map(
    path.bays.map(({ bay }, index): [string, PossibleAmount] => {
      const low = Math.min(...worst.map((it) => rounded(it[index])));
      const high = Math.max(...best.map((it) => rounded(it[index])));
      return [bay.id, low === high ? { is: low } : { from: Math.min(low, high), to: high }];
    }),
  );
  lastTold.set(fence.line, { fence, line, told });
  return told;
}

/** A tester shows a tenth of a kilovolt; finer steps would only make alike bays differ. */
const rounded = (it: BelievedBay | undefined): number =>
  Math.round((it?.reaching ?? 0) * 100) / 100;

const toldFaces = answersBy<Face, Face>();
const toldBays = answersBy<Bay, Bay>();

function faceTold(face: Face, told: ReadonlyMap<string, PossibleAmount>): Face {
  const bays = face.bays.map((bay) => bayTold(bay, told.get(bay.id)));
  if (bays.every((bay, index) => bay === face.bays[index])) return face;
  const last = toldFaces.get(face);
  if (last && bays.every((bay, index) => bay === last.bays[index])) return last;
  const made = { ...face, bays };
  toldFaces.set(face, made);
  return made;
}

/** Told the same again, the same object. */
function bayTold(bay: Bay, reaching: PossibleAmount | undefined): Bay {
  if (isSame(bay.reaching, reaching)) return bay;
  const last = toldBays.get(bay);
  if (last && isSame(last.reaching, reaching)) return last;
  const { reaching: _before, ...rest } = bay;
  const made: Bay = reaching ? { ...rest, reaching } : rest;
  toldBays.set(bay, made);
  return made;
}
