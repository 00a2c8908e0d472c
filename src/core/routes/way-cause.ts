/** What a way in is named by: the part of its first bay that lets most of its animals by. */
import type { PartEffort } from '../effort/reason';
import type { AnimalId } from '../tables/animals';
import type { AnimalRoute, WayIn } from './ways-in';

/** A part, and who of a way in gets by it; the others get by the same bay otherwise. */
export interface WayCause {
  readonly part: PartEffort;
  readonly by: readonly AnimalId[];
  readonly others: readonly AnimalId[];
}

/**
 * Of all parts by which the quickest of them gets by, the one that most of the others get by as well; of several the first. An owl
 * that takes the same bay is not said to lift its edge.
 */
export function causeOf({ by: all }: WayIn): WayCause | undefined {
  const [quickest] = all;
  if (!quickest) return undefined;
  const [first, ...rest] = partsOf(quickest).map((part): WayCause => {
    const by = all.filter((it) => partsOf(it).some((other) => isSamePart(other, part)));
    const others = all.filter((it) => !by.includes(it));
    return { part, by: by.map(idOf), others: others.map(idOf) };
  });
  return first && rest.reduce((most, it) => (it.by.length > most.by.length ? it : most), first);
}

const idOf = ({ animal }: AnimalRoute): AnimalId => animal;

function partsOf({ route }: AnimalRoute): readonly PartEffort[] {
  const [first] = route.steps;
  return [first.by, ...first.also];
}

const isSamePart = (a: PartEffort, b: PartEffort): boolean =>
  a.item === b.item && a.attack === b.attack && a.attribute === b.attribute;
