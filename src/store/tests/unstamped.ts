/** What a place says, without when and on which phone it was written, and without what was taken away. */
import type { Yard } from '../records';

type Stamped = { readonly written?: unknown };

const bare = <T extends Stamped>({ written: _, ...record }: T) => record as T;

export function unstamped({ place, walks, mends, sightings, shop, damaged }: Yard): Yard {
  const { versions: _versions, ...said } = place;
  return {
    place: said,
    walks: walks.map(bare),
    mends: mends.map(bare).map((mend) => ({
      ...mend,
      history: mend.history.map(({ by: _, ...change }) => change),
    })),
    sightings: sightings.map(bare),
    ...(shop && { shop: bare(shop) }),
    ...(damaged && { damaged }),
  };
}
