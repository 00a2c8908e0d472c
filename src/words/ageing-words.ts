/** Things that grow old, in plain words. */
import type { AgeingKind } from '@/core/tables/lifespans';
import type { Failure } from '@/core/score/failure';
import type { AnimalId } from '@/core/tables/animals';
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
  'timber-in-weather': ['Boards in the weather', 'Push a screwdriver in at the drip edge.'],
  posts: ['Posts in the ground', 'Push a screwdriver in at the ground line; rock the post.'],
};

/** What its failure would open, as a sentence. */
export function failureWords({ opensTo, changesNothing }: Failure): string {
  if (changesNothing) return 'Gone, it would change nothing: something else holds behind it.';
  if (opensTo.length === 0) return 'Gone, it would be one way more for those that come in already.';
  const at = (wanted: boolean): AnimalId[] =>
    opensTo
      .filter(({ scenario }) => (scenario === 'day-run') === wanted)
      .map(({ animal }) => animal);
  const [nights, days] = [at(false), at(true).filter((it) => !at(false).includes(it))];
  return `Gone, it would let in ${[
    nights.length > 0 ? `${animalList(nights)} at night` : undefined,
    days.length > 0 ? `${animalList(days)} by day` : undefined,
  ]
    .filter((it) => it !== undefined)
    .join(', and ')}.`;
}
