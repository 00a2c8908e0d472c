/** A cutting as it is found. */
import type { Piece, Roll, Section, Strip } from './cutting';
import type { Packed } from './packing';

/** A set of rolls that takes all pieces, with its price in hundredths. */
export interface Found {
  readonly rolls: readonly Roll[];
  readonly packed: Packed;
  readonly cents: number;
}

/** Pieces side by side, as long as the longest of them, which is the first. */
export function sectionOf(row: readonly Piece[], from: number): Section {
  let across = 0;
  const strips = row.map(({ id, length, width }): Strip => {
    const strip = { piece: id, across, length, width };
    across += width;
    return strip;
  });
  return { from, length: row[0]?.length ?? 0, strips };
}
