/** What is said when a reading leaves something plainly open, and what helps for tonight. */
import { findBay } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import type { JustFound } from '@/core/walk/just-found';
import { tonightWords } from './attributes';
import { animalList, capital } from './names';

export function openNow(
  place: Place,
  { by, reading, way }: JustFound,
): { readonly title: string; readonly tonight: string } {
  const who = capital(animalList([...new Set(by.map(({ animal }) => animal))]));
  const bay = findBay(place, way.id)?.bay.name ?? way.id;
  return { title: `${who} can get in by ${bay}`, tonight: tonightWords(reading.attribute) };
}
