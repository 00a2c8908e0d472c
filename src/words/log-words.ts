/** The log in words. */
import type { Place } from '@/core/place/place';
import { findBay } from '@/core/place/find';
import type { LogEntry, SightingKind } from '@/core/records/sighting';
import { animalName } from './headline';
import { count } from './names';

/** How it is known, for a chip and in a sentence. */
export const sightingNames: Readonly<Record<SightingKind, readonly [chip: string, said: string]>> =
  {
    seen: ['Seen', 'seen'],
    tracks: ['Tracks', 'tracks'],
    droppings: ['Droppings', 'droppings'],
    loss: ['A loss', 'a loss'],
    camera: ['Camera', 'on camera'],
  };

export function entryWords(place: Place, entry: LogEntry): string {
  if (entry.what === 'quiet-camera') {
    return `Camera: ${count(entry.nights, 'night')} with none of them`;
  }
  const bay = entry.bay === undefined ? undefined : findBay(place, entry.bay)?.bay.name;
  return `${animalName(entry.animal)}, ${sightingNames[entry.how][1]}${bay ? `, at ${bay}` : ''}`;
}
