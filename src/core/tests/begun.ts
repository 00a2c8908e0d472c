/** A place as it is begun from a starting shape: at the shape's usual sizes, nothing read. */
import { beginPlace, type Beginning } from '../place/begin';
import type { Place } from '../place/place';
import { shapes, type ShapeId, type Sizes } from '../place/shapes';

/** Sizes of a shape as they are proposed, mm. */
export const usualSizes = (shape: ShapeId): Sizes =>
  Object.fromEntries(
    Object.entries(shapes[shape].asks).map(([size, [millimetres]]) => [size, millimetres]),
  ) as Sizes;

/** Six grown hens in a suburb in Britain, unless it is said otherwise. Throws where no such place can be begun. */
export function begun(
  shape: ShapeId,
  told: Partial<Omit<Beginning, 'shape' | 'sizes'>> = {},
): Place {
  const place = beginPlace({
    ...{ id: 'p', name: shape, units: 'metric', region: 'gb', where: 'suburb', birds: 6 },
    ...{ kind: 'grown', shape, sizes: usualSizes(shape) },
    ...told,
  });
  if ('problem' in place) throw new Error(place.problem);
  return place;
}
