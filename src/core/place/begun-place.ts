/** What every new place has in common: its setting and its flock. */
import { usualThreats } from '../tables/animals';
import type { Region } from '../tables/regions';
import type { Surroundings } from '../tables/surroundings';
import type { Place } from './place';
import type { BirdKind } from '../tables/bird-kinds';
import type { Layout } from './shapes';

/** What the keeper says before anything is paced. */
export interface Named {
  readonly id: string;
  readonly name: string;
  readonly units: Place['units'];
  readonly region: Region;
  /** Absent: nobody has said. */
  readonly where?: Surroundings;
  readonly birds: number;
  readonly kind: BirdKind;
}

/** Nothing in it has been read: every figure of it is for the walk to find. */
export function begunPlace(it: Named, { zones, faces, sleeps }: Layout): Place {
  return {
    id: it.id,
    name: it.name,
    units: it.units,
    setting: {
      region: it.region,
      ...(it.where && { where: it.where }),
      lives: usualThreats(it.region, it.where, it.kind === 'chicks'),
      near: [],
    },
    flock: [{ id: 'birds', kind: it.kind, count: it.birds, sleeps }],
    zones,
    faces,
  };
}
