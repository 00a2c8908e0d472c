/** Stretches divided into pieces that rolls take: along them only at posts, across them into strips side by side, with overlap. */
import type { BayId } from '../../place/place';
import type { Material } from '../catalogue';
import type { Piece, Roll } from '../cutting/cutting';
import { barWidth } from './bars';
import type { Laying } from './layings';
import type { Length } from './take-off';
import type { Stretch } from './stretch';

/** A piece with what it is cut for. */
export interface CutPiece extends Piece {
  readonly material: Material;
  readonly mends: readonly string[];
  readonly bays: readonly BayId[];
  /** Which of how many strips side by side, or lengths one after the other, counted from 1. */
  readonly part?: { readonly at: number; readonly of: number };
  /** It is longer than anything sold, and is joined between posts. */
  readonly joinedOnTheWay?: true;
}

/** How stretches are divided into pieces. */
export interface Division {
  /** No piece of a run is longer than this, where a post comes before; mm. */
  readonly longest: number;
  /** How each stretch is laid, in their order. */
  readonly layings: readonly Laying[];
}

/** Stretches as pieces that fit the rolls, joined at posts with overlap. */
export function divided(
  stretches: readonly Stretch[],
  rolls: readonly Roll[],
  { longest, layings }: Division,
): CutPiece[] {
  const most = Math.max(...rolls.map(({ length }) => length));
  return stretches.flatMap((stretch, at) => {
    const laying = layings[at];
    return laying ? dividedOne(stretch, laying, { longest, most, index: at }) : [];
  });
}

function dividedOne(
  stretch: Stretch,
  { along, across }: Laying,
  {
    longest,
    most,
    index,
  }: { readonly longest: number; readonly most: number; readonly index: number },
): CutPiece[] {
  const segments = segmentsOf(along, stretch.joints, stretch.overlap, longest, most);
  const count = segments.length * across.length;
  const { material, mends } = stretch;
  return segments.flatMap(({ length, from, to, isForced }, segment) =>
    across.map((width, row): CutPiece => {
      const at = segment * across.length + row;
      return {
        id: `${material} ${index}.${at}`,
        material,
        mends: count > 1 && stretch.joints.length > 0 ? mends.slice(from, to) : mends,
        bays: stretch.joints.length > 0 ? stretch.bays.slice(from, to) : stretch.bays,
        length: wholeMillimetres(length),
        width: wholeMillimetres(width),
        ...(count > 1 && { part: { at: at + 1, of: count } }),
        ...(isForced && { joinedOnTheWay: true as const }),
      };
    }),
  );
}

/** Nobody cuts finer; rounded up. */
const wholeMillimetres = (length: number): number => Math.ceil(length - 1e-6);

interface Segment {
  readonly length: number;
  /** Places in the stretch's bays. */
  readonly from: number;
  readonly to: number;
  readonly isForced: boolean;
}

/** As far as `longest` allows from post to post; `most`: beyond that there is no roll. */
function segmentsOf(
  length: number,
  joints: readonly number[],
  overlap: number,
  longest: number,
  most: number,
): Segment[] {
  const ends = [...joints, length];
  const segments: Segment[] = [];
  let [start, first] = [0, 0];
  ends.forEach((end, at) => {
    const next = ends[at + 1];
    const isLast = next === undefined;
    if (!isLast && next - start + overlap <= longest) return;
    const own = end - start + (isLast ? 0 : overlap);
    segments.push(...cutUp(own, overlap, most, first, at + 1));
    [start, first] = [end, at + 1];
  });
  return segments;
}

function cutUp(length: number, overlap: number, most: number, from: number, to: number): Segment[] {
  // Too short to be joined: whole, and so too large for what is sold.
  if (length <= most || most < 2 * overlap) return [{ length, from, to, isForced: false }];
  const parts = Math.ceil((length - overlap) / (most - overlap));
  const own = Math.ceil((length + (parts - 1) * overlap) / parts);
  return Array.from({ length: parts }, () => ({ length: own, from, to, isForced: true }));
}

/** Boards and battens; one longer than any sold is cut in equal parts, butted on a post or rail. */
export function dividedLengths(lengths: readonly Length[], rolls: readonly Roll[]): CutPiece[] {
  const most = Math.max(...rolls.map(({ length }) => length));
  return lengths.flatMap(({ material, mend, bay, length }, index) =>
    cutUp(length, 0, most, 0, 1).map((part, at, all): CutPiece => ({
      id: `${material} ${index}.${at}`,
      material,
      mends: [mend],
      bays: [bay],
      length: wholeMillimetres(part.length),
      width: barWidth,
      ...(all.length > 1 && { part: { at: at + 1, of: all.length } }),
      ...(part.isForced && { joinedOnTheWay: true as const }),
    })),
  );
}
