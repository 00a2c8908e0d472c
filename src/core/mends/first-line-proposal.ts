/** A first line as it is offered by itself: before anything is planned, against all here that mind a shock. */
import { lineBays } from '../place/line-bays';
import type { Place } from '../place/place';
import { threatsMinded } from '../place/setting';
import { exclusionFor } from '../walk/what-it-means';
import { firstLineSpot } from './added-line';
import { firstLine, heightsOfFirst } from './catalogue/first-line';
import type { Proposal } from './propose';

/** `undefined` where a line hangs, or nothing that lives here minds one. */
export function firstLineProposal(place: Place): Proposal | undefined {
  const along = lineBays(place);
  const [bay] = along;
  const letsBy = threatsMinded(place).filter((id) => heightsOfFirst([id]).length > 0);
  const exclusion = exclusionFor(letsBy);
  if (!bay || !exclusion) return undefined;
  const weak = { spot: firstLineSpot(place), bay, along, letsBy, parts: [] };
  if (firstLine.fits?.(weak) !== true) return undefined;
  return { mend: firstLine, weak, exclusion, meetsStrict: true };
}
