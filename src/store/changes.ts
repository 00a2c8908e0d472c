/** What one change of a place writes and takes away. */
import type { Shop } from '@/core/mends/shopping/shop';
import type { Place } from '@/core/place/place';
import type { Mend } from '@/core/records/mend';
import type { LogEntry } from '@/core/records/sighting';
import type { Walk } from '@/core/records/walk';

/** What a change writes; what it does not name stays as it is. */
export interface Changes {
  readonly place?: Place;
  readonly walks?: readonly Walk[];
  readonly mends?: readonly Mend[];
  readonly removedWalks?: readonly Walk[];
  readonly removedMends?: readonly Mend[];
  readonly sightings?: readonly LogEntry[];
  readonly removedSightings?: readonly LogEntry[];
  readonly shop?: Shop;
  /** There was none before. */
  readonly removedShop?: Shop;
}
