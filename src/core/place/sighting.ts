/** What was seen of an animal, or not seen: the log that moves how often it is reckoned with. */
import type { AnimalId } from '../tables/animals';

export const sightingKinds = ['seen', 'tracks', 'droppings', 'loss', 'camera'] as const;
export type SightingKind = (typeof sightingKinds)[number];

export type LogEntry = Sighting | QuietNights;

export interface Sighting {
  readonly id: string;
  readonly placeId: string;
  /** Day, YYYY-MM-DD. */
  readonly date: string;
  readonly what: 'sighting';
  readonly animal: AnimalId;
  readonly how: SightingKind;
  /** The bay it was at, where known. */
  readonly bay?: string;
}

/** Nights a camera watched and saw none of the animals listed in the place. */
export interface QuietNights {
  readonly id: string;
  readonly placeId: string;
  /** Last night watched, YYYY-MM-DD. */
  readonly date: string;
  readonly what: 'quiet-camera';
  readonly nights: number;
}
