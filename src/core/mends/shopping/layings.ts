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
  /** Turned: strips stand across the stretch. Only what is joined at no post can be. */
  readonly isUpright: boolean;
}

/** Length of what is joined strip to strip, mm. */
export const seamOf = ({ along, across }: Laying): number => along * (across.length - 1);

/** Sizes of what is sold that decide what can be laid; mm. */
interface Sizes {
  readonly widths: readonly number[];
  readonly widest: number;
  readonly longest: number;
}

/** Those with the fewest seams first, of those as it lies before it stands; never empty, though what is too large stays so. */
export function layingsOf(stretch: Stretch, rolls: readonly Roll[]): readonly Laying[] {
  const widths = [...new Set(rolls.map(({ width }) => width))].sort((a, b) => b - a);
  const sizes = {
    widths,
    widest: Math.max(...widths),
    longest: Math.max(...rolls.map(({ length }) => length)),
  };
  const { length, height, overlap } = stretch;
  const isFree = stretch.joints.length === 0;
  const lying = acrossOf(height, overlap, sizes).map((across) => ({
    along: length,
    across,
    isUpright: false,
  }));
  const standing =
    isFree && height <= sizes.longest
      ? acrossOf(length, overlap, sizes).map((across) => ({
          along: height,
          across,
          isUpright: true,
        }))
      : [];
  const all = [...lying, ...standing].sort((a, b) => a.across.length - b.across.length);
  return all.length > 0 ? all : [{ along: length, across: [height], isUpright: false }];
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
