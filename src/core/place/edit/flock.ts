/** Groups of birds: who they are, where they sleep and spend the day. */
import { outside, type Group, type Place } from '../place';
import type { NewId } from './cover';
import { without, withChanged } from './change-bay';

/** A place has one group at least: without birds there is nothing to keep safe. */
export function dropGroup(place: Place, id: string): Place {
  return place.flock.length > 1 ? { ...place, flock: without(place.flock, id) } : place;
}

/** A few more birds, where the first group is. */
export function addGroup(place: Place, newId: NewId): Place {
  const { sleeps } = place.flock[0] ?? { sleeps: outside };
  return {
    ...place,
    flock: [...place.flock, { id: newId('group'), kind: 'grown', count: 1, sleeps }],
  };
}

/** What is set to `undefined` is no longer said. */
export function changeGroup(
  place: Place,
  id: string,
  change: { readonly [K in keyof Group]?: Group[K] | undefined },
): Place {
  return {
    ...place,
    flock: withChanged(place.flock, id, (group) => {
      const changed = Object.entries({ ...group, ...change }).filter(([, it]) => it !== undefined);
      return Object.fromEntries(changed) as unknown as Group;
    }),
  };
}
