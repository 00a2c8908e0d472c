/**
 * From mends to what is cut and counted for them: every mesh, apron, cover and batten as pieces from measured lengths. Aprons run on
 * from bay to bay and round corners, and are joined only at posts, with overlap; mesh higher than any roll is wide is strips side by
 * side.
 */
import type { Mend, MendKind } from '../../records/mend';
import type { BayId, Place } from '../../place/place';
import { practice } from '../../tables/millimetres';
import { catalogue, type Amount, type Material } from '../catalogue';
import { meshOverlap } from '../catalogue/catalogue-mend';
import { joinedRuns } from './runs';
import type { Stretch } from './stretch';
import { weakOf } from './weak-of';

/** Of aprons and skirts where one ends and the next begins, mm. */
export const apronOverlap = practice(150, 'Aprons overlap 150 mm and more.');

/** Cut to a length: board, batten, channel. */
export interface Length {
  readonly mend: string;
  readonly bay: BayId;
  readonly material: Material;
  readonly length: number;
}

/** So much of what is counted rather than cut. */
export interface Count {
  readonly mend: string;
  readonly material: Material;
  /** Pieces; of wire millimetres; of slabs and kerbs a stretch to be laid, mm. */
  readonly count: number;
  /** Of a stretch laid with slabs, how deep, mm. */
  readonly depth?: number;
}

/** All that mends take, before anything is divided into what is sold. */
export interface TakeOff {
  readonly stretches: readonly Stretch[];
  readonly lengths: readonly Length[];
  readonly counts: readonly Count[];
  /** Mends of which nothing is known: the keeper's own, and those whose bay has been taken away. */
  readonly untold: readonly string[];
}

interface Taken {
  readonly mend: Mend;
  readonly amount: Amount;
}

/** Everything that these mends take, from measured lengths. */
export function takeOff(found: Place, mends: readonly Mend[]): TakeOff {
  const untold: string[] = [];
  const taken = mends.flatMap((mend): Taken[] => {
    const weak = mend.kind === 'own' ? undefined : weakOf(found, mend);
    if (mend.kind === 'own' || !weak) {
      untold.push(mend.id);
      return [];
    }
    return catalogue[mend.kind].takes(weak).map((amount) => ({ mend, amount }));
  });
  const sheets = taken.filter(({ amount }) => isSheet(amount));
  const others = taken.filter(({ amount }) => !isSheet(amount));
  return {
    stretches: stretchesOf(found, sheets),
    lengths: others.flatMap(lengthsOf),
    counts: others.flatMap(countsOf),
    untold,
  };
}

/** What is laid along the foot of the wall runs on past the post. */
const alongGround: readonly MendKind[] = [
  'sill-apron',
  'apron-out',
  'skirt-down',
  'skirt-and-foot',
];

const cutToLength: readonly Material[] = ['board', 'batten', 'channel'];
const laid: readonly Material[] = ['slabs', 'kerb'];

function isSheet({ material, ...amount }: Amount): boolean {
  return (
    'length' in amount &&
    amount.height !== undefined &&
    !cutToLength.includes(material) &&
    !laid.includes(material)
  );
}

function lengthsOf({ mend, amount }: Taken): Length[] {
  if (!('length' in amount) || !cutToLength.includes(amount.material)) return [];
  const { material, length, cut = [length] } = amount;
  return cut
    .filter((it) => it > 0)
    .map((it) => ({ mend: mend.id, bay: mend.bay, material, length: it }));
}

function countsOf({ mend, amount }: Taken): Count[] {
  const { material } = amount;
  if (!('length' in amount)) return [{ mend: mend.id, material, count: amount.count }];
  if (cutToLength.includes(material)) return [];
  const depth = amount.height !== undefined && { depth: amount.height };
  return [{ mend: mend.id, material, count: amount.length, ...depth }];
}

function stretchesOf(found: Place, sheets: readonly Taken[]): Stretch[] {
  const isRunning = ({ mend }: Taken): boolean => alongGround.includes(mend.kind);
  const stretchOf = ({ mend, amount }: Taken, overlap: number): Stretch => ({
    mends: [mend.id],
    bays: [mend.bay],
    material: amount.material,
    ...sizeOf(amount),
    joints: [],
    overlap,
  });
  const running = sheets.filter(isRunning).map((it) => ({
    mend: it.mend,
    stretch: stretchOf(it, apronOverlap.value),
  }));
  const single = sheets
    .filter((it) => !isRunning(it))
    .map((it) => stretchOf(it, meshOverlap.value));
  return [...joinedRuns(found, running), ...single];
}

function sizeOf(amount: Amount): { readonly length: number; readonly height: number } {
  return 'length' in amount
    ? { length: amount.length, height: amount.height ?? 0 }
    : { length: 0, height: 0 };
}
