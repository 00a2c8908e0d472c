/**
 * Where a wall tells the most: with all that stands beside it sound, so that nothing else lets in, and all that stands before and behind it
 * weak, so that nothing else keeps out. What changes nothing there changes nothing with anything between.
 */
import { allBays } from '../place/find';
import { outside, type BayId, type Face, type Place, type ZoneId } from '../place/place';

/** All faces between the same two zones: whoever is past one of them is past the barrier. */
export type Barrier = string;

const barrierAt = ({ between }: Pick<Face, 'between'>): Barrier => [...between].sort().join(' ');

/** The barrier that each bay is a part of. */
export function barriersOf(place: Place): ReadonlyMap<BayId, Barrier> {
  return new Map(allBays(place).map(({ bay, face }) => [bay.id, barrierAt(face)]));
}

/** For each way from outside that leads through the barrier as far as it goes: the barriers before and behind it. */
export function besidesOnTheWay(
  { faces }: Pick<Place, 'faces'>,
  through: Barrier,
): (readonly Barrier[])[] {
  const barriers = [...new Map(faces.map((face) => [barrierAt(face), face.between]))];
  const found = new Map<string, readonly Barrier[]>();
  const goOn = (zone: ZoneId, been: readonly ZoneId[], way: readonly Barrier[]): void => {
    const further = barriers.flatMap(([barrier, between]) => {
      const next = between.find((it) => it !== zone);
      const isOpen = between.includes(zone) && next !== undefined && !been.includes(next);
      return isOpen ? [{ barrier, next }] : [];
    });
    if (further.length === 0 && way.includes(through)) {
      const others = way.filter((it) => it !== through).sort();
      found.set(others.join('; '), others);
    }
    for (const { barrier, next } of further) goOn(next, [...been, next], [...way, barrier]);
  };
  goOn(outside, [outside], []);
  return [...found.values()];
}
