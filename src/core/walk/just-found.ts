/** What the last reading of a walk has shown to be plainly open: said at once, while the keeper stands there. */
import type { Walk } from '../records/walk';
import type { AnimalRoute, WayIn } from '../routes/ways-in';
import { paceOf } from '../routes/pace';

/** A way in that the last reading laid open. */
export interface JustFound {
  readonly way: WayIn;
  /** The animals it was found open to, quickest first. */
  readonly by: readonly AnimalRoute[];
  readonly reading: Walk['readings'][number];
}

/** `undefined` where the last reading opened nothing. */
export function justFound(waysIn: readonly WayIn[], walk: Walk | undefined): JustFound | undefined {
  const reading = walk?.readings.at(-1);
  if (!reading || reading.value === 'cannot-tell') return undefined;
  for (const way of waysIn) {
    const by = way.by.filter(
      ({ route }) =>
        paceOf(route) === 'way-in' &&
        route.steps.some(({ by: part, also }) =>
          [part, ...also].some(
            ({ item, attribute }) => item === reading.item && attribute === reading.attribute,
          ),
        ),
    );
    if (by.length > 0) return { way, by, reading };
  }
  return undefined;
}
