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
    camera: ['Camera', 'on camera'],
    shocked: ['Got a shock', 'touched the live line'],
  };

/** The same with a loss among them. */
export const logNames = { ...sightingNames, loss: ['A loss', 'a loss'] } as const;

export function entryWords(place: Place, entry: LogEntry): string {
  if (entry.what === 'quiet-camera') {
    return `Camera: ${count(entry.nights, 'night')} with none of them`;
  }
  if (entry.what === 'loss') {
    const who = entry.animal ? `: ${animalName(entry.animal).toLowerCase()}` : '';
    return `${count(entry.birds, 'bird')} lost${who}${atBay(place, entry.bay)}`;
  }
  return `${animalName(entry.animal)}, ${sightingNames[entry.how][1]}${atBay(place, entry.bay)}`;
}

function atBay(place: Place, id: string | undefined): string {
  const name = id === undefined ? undefined : findBay(place, id)?.bay.name;
  return name ? `, at ${name}` : '';
}
