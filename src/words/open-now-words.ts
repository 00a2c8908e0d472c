/** What is said when a reading leaves something plainly open, and what helps for tonight. */
import type { AttributeId } from '@/core/place/attributes';
import { findBay } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import type { JustFound } from '@/core/walk/just-found';
import { animalList, capital } from './names';

/** Temporary, to be done with what lies about; none takes the place of a mend. */
const tonightBy: readonly (readonly [part: string, words: string])[] = [
  ['ground.gap', 'stones or a board along the gap, wedged so that they cannot be rolled away.'],
  ['ground.', 'a board or slab against the edge, with weight on it.'],
  ['skirt.', 'slabs or a board flat along the foot of the wall.'],
  ['opening.', 'prop it: a stone against it, a wedge in the gap, a clip at the corner that gives.'],
  ['latch.', 'a clip or wire through the hasp. Check first that nobody can be shut in.'],
  ['bay.roost', 'a board between the perch and the mesh; leave the vents free.'],
  ['bay.', 'tie or clip it shut, or screw a board over it.'],
  ['layer.', 'a board or small mesh over it, tied on all round.'],
  ['strand.', 'clear what touches it, energizer off first; on again before dark.'],
  ['fence.', 'charge the battery, wet the earth stake, clear the line, energizer off first.'],
];

export function openNow(
  place: Place,
  { by, reading, way }: JustFound,
): { readonly title: string; readonly tonight: string } {
  const who = capital(animalList([...new Set(by.map(({ animal }) => animal))]));
  const bay = findBay(place, way.id)?.bay.name ?? way.id;
  return { title: `${who} can get in by ${bay}`, tonight: tonight(reading.attribute) };
}

function tonight(attribute: AttributeId): string {
  const found = tonightBy.find(([part]) => attribute.startsWith(part));
  return found?.[1] ?? 'block it with what lies about.';
}
