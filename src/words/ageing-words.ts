/** Things that grow old, in plain words. */
import type { AgeingKind } from '@/core/tables/lives';
import type { Failure } from '@/core/score/failure';
import { animalList } from './names';

export const ageingNames: Readonly<Record<AgeingKind, readonly [name: string, look: string]>> = {
  'canvas-in-sun': ['Canvas in the sun', 'Pull at it; hold it to the light.'],
  'netting-in-sun': ['Netting in the sun', 'Pull at a cord: does it snap?'],
  'ties-in-sun': ['Ties in the sun', 'Bend one: does it crack?'],
  staples: ['Staples', 'Take hold at the staple line and pull by hand.'],
  'wire-in-air': ['Mesh in the weather', 'Look for rust where wires cross, and pull there.'],
  'wire-in-ground': [
    'Mesh in the ground',
    'Uncover it in one place, where it is wettest, and pull.',
  ],
  'timber-on-ground': ['Timber on wet ground', 'Push a screwdriver in along the foot.'],
};

/** What its failure would open, as a sentence. */
export function failureWords({ opensTo, changesNothing }: Failure): string {
  if (opensTo.length > 0) return `Gone, it would let in ${animalList(opensTo)}.`;
  return changesNothing
    ? 'Gone, it would change nothing tonight: something else holds, or they come in already.'
    : 'Gone, it would be one way in more for those that come in already.';
}
