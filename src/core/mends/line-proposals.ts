/** Mends of the line as they are offered by themselves, before anything is planned, against all here that mind a shock. */
import { allBays } from '../place/find';
import { lineBays } from '../place/line-bays';
import type { Bay, Place } from '../place/place';
import { threatsMinded } from '../place/setting';
import { hasWire } from '../place/strand-there';
import { animals } from '../tables/animals';
import { exclusionFor } from '../walk/what-it-means';
import { firstLineSpot } from './added-line';
import { firstLine, heightsOfFirst } from './catalogue/first-line';
import { batteryFresh, earthReturn, earthRods } from './catalogue/line-earth';
import type { CatalogueMend } from './catalogue';
import { lineWants } from './line-wants';
import type { Proposal } from './propose';
import type { WeakSpot } from './weak-spot';

/** A first line; `undefined` where one hangs, or nothing that lives here minds it. */
export function firstLineProposal(place: Place): Proposal | undefined {
  const letsBy = threatsMinded(place).filter((id) => heightsOfFirst([id]).length > 0);
  return proposalOf(firstLine, weakAlong(firstLineSpot(place), lineBays(place), letsBy));
}

/**
 * What the circuit of a described line wants: a fresh battery, more earth, a wire to earth where the ground carries too little. `isUsedUp`:
 * by what was drawn since it was read the battery has few nights left, however it looked.
 */
export function circuitProposals(place: Place, isUsedUp = false): readonly Proposal[] {
  const strung = allBays(place)
    .map(({ bay }) => bay)
    .filter(hasWire);
  const wants = lineWants(place);
  const letsBy = threatsMinded(place).filter((id) => animals[id].shocked);
  const weak = place.fence && weakAlong({ kind: 'fence', item: place.fence.id }, strung, letsBy);
  if (!wants || !weak) return [];
  const line = { ...wants, isSpent: wants.isSpent || isUsedUp };
  return [batteryFresh, earthRods, earthReturn].flatMap(
    (mend) => proposalOf(mend, { ...weak, line }) ?? [],
  );
}

function weakAlong(
  spot: WeakSpot['spot'],
  along: readonly Bay[],
  letsBy: WeakSpot['letsBy'],
): WeakSpot | undefined {
  const [bay] = along;
  return bay && { spot, bay, along, letsBy, parts: [] };
}

function proposalOf(mend: CatalogueMend, weak: WeakSpot | undefined): Proposal | undefined {
  const exclusion = weak && exclusionFor(weak.letsBy);
  return weak && exclusion && mend.fits?.(weak) === true
    ? { mend, weak, exclusion, meetsStrict: true }
    : undefined;
}
