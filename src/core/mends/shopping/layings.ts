/**
 * The ways in which a stretch can be laid on what is sold: in one width or in strips beside each other, along it or upright. Which of
 * them is taken is a matter of what all of it costs together (`best-division.ts`).
 */
import type { Roll } from '../cutting/cutting';
import type { Stretch } from './stretch';

/** A stretch as it is laid; mm. */
export interface Laying {
  /** How far each strip runs. */
  readonly along: number;
  /** Widths of strips side by side, with what they lie over each other. */
  readonly across: readonly number[];
}

/** Length of what is joined strip to strip, mm. */
export const seamOf = ({ along, across }: Laying): number => along * (across.length - 1);

/** Widths of strips, and the widest piece there can be; mm. */
interface Sizes {
  readonly widths: readonly number[];
  readonly widest: number;
}

/** Rolls whose sizes stretches are divided by: those in the shop, for an offcut is taken as it comes; those in the shed where no other is to be had. */
export function sizedBy(rolls: readonly Roll[]): readonly Roll[] {
  const inShop = rolls.filter(({ count }) => count === undefined);
  return inShop.length > 0 ? inShop : rolls;
}

/**
 * Those with the fewest seams first, of those as it lies before it is turned; never empty, though what is too large stays so. Only what is
 * joined at no post can be turned.
 */
export function layingsOf(
  { length, height, overlap, joints }: Stretch,
  rolls: readonly Roll[],
): readonly Laying[] {
  const widths = [...new Set(sizedBy(rolls).map(({ width }) => width))].sort((a, b) => b - a);
  const sizes = { widths, widest: Math.max(...rolls.map(({ width }) => width)) };
  const longest = Math.max(...rolls.map((it) => it.length));
  const laid = (along: number, wide: number) =>
    acrossOf(wide, overlap, sizes).map((across): Laying => ({ along, across }));
  const canBeTurned = joints.length === 0 && height <= longest;
  const all = [...laid(length, height), ...(canBeTurned ? laid(height, length) : [])];
  return all.length > 0
    ? all.sort((a, b) => a.across.length - b.across.length)
    : [{ along: length, across: [height] }];
}

/** Each way of coming to a width: whole, in strips of one width, or with a wider one for the rest. */
function acrossOf(width: number, overlap: number, { widths, widest }: Sizes): number[][] {
  const strips = widths
    // What is hardly wider than the overlap never comes to the other side.
    .filter((strip) => strip < width && strip >= 2 * overlap)
    .flatMap((strip) => {
      const [alike, mixed] = [strip, widest].map((last) => stripsOf(width, strip, last, overlap));
      return alike && mixed && alike.length !== mixed.length ? [alike, mixed] : [alike ?? []];
    });
  return [...(width <= widest ? [[width]] : []), ...strips];
}

/** Strips of one width until a last one covers the rest. */
function stripsOf(width: number, strip: number, last: number, overlap: number): number[] {
  const across: number[] = [];
  let left = width;
  while (left > last || (left > strip && across.length === 0)) {
    across.push(strip);
    left -= strip - overlap;
  }
  return [...across, left];
}
