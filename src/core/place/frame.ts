/** A light frame stands on the ground by all its outer walls: what is read of the frame as a whole is read once, at the first. */
import { memoized } from '../memo';
import { lapOf } from './lap';
import { piecesOf } from './pieces';
import { outside, type BayId, type Place } from './place';

/** The bays of one frame that stand on the ground, in the order in which they are walked. */
export type Frame = readonly [first: BayId, ...rest: BayId[]];

/** By each bay of a frame, or of a pen that is moved, that stands on the ground, the frame; a bay between set posts is in none. */
export const framesOf = memoized((place: Place): ReadonlyMap<BayId, Frame> => {
  const frames = new Map<BayId, Frame>();
  if (!hasFrame(place)) return frames;
  const pieces = piecesOf(place);
  const moving = new Set(place.zones.filter(({ moves }) => moves).map(({ id }) => id));
  const byPiece = new Map<number, BayId[]>();
  for (const { bay, face } of lapOf(place).bays) {
    const zone = face.between.find((it) => it !== outside);
    const piece = zone === undefined ? undefined : pieces.get(zone);
    const isFrame = bay.ground?.weight !== undefined || (zone !== undefined && moving.has(zone));
    if (!bay.ground || !isFrame || piece === undefined) continue;
    byPiece.set(piece, [...(byPiece.get(piece) ?? []), bay.id]);
  }
  for (const [first, ...rest] of byPiece.values()) {
    if (first === undefined) continue;
    for (const id of [first, ...rest]) frames.set(id, [first, ...rest]);
  }
  return frames;
});

function hasFrame({ zones, faces }: Place): boolean {
  if (zones.some(({ moves }) => moves !== undefined)) return true;
  return faces.some(({ bays }) => bays.some(({ ground }) => ground?.weight !== undefined));
}
