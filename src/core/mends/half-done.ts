/** Jobs begun and not ended: mends against an animal of which some are made, and how it still comes in. */
import type { Mend } from '../records/mend';
import type { BayId } from '../place/place';
import type { AnimalId } from '../tables/animals';

/** An animal that some of the mends against it are made for, and not all. */
export interface HalfDone {
  readonly animal: AnimalId;
  /** Done or holding, of those that are for it. */
  readonly made: readonly Mend[];
  readonly left: readonly Mend[];
  /** Bays of the way it takes now, from outside to the birds. */
  readonly way: readonly BayId[];
}

/** What a judgement says of ways: enough to see who comes by which. */
interface Ways {
  readonly waysIn: readonly Way[];
  readonly slowWays: readonly Way[];
}

interface Way {
  readonly by: readonly {
    readonly animal: AnimalId;
    readonly route: { readonly steps: readonly { readonly bay: { readonly id: BayId } }[] };
  }[];
}

/** Only where it still comes in; one that is kept out is done with, whatever is left on the list. */
export function halfDone({ waysIn, slowWays }: Ways, mends: readonly Mend[]): HalfDone[] {
  const isMade = ({ state }: Mend): boolean => state === 'done' || state === 'held';
  const animals = [...new Set(mends.flatMap(({ stops }) => stops))];
  return animals.flatMap((animal): HalfDone[] => {
    const own = mends.filter(({ stops }) => stops.includes(animal));
    const [made, left] = [own.filter(isMade), own.filter((it) => !isMade(it))];
    const by = [...waysIn, ...slowWays].flatMap((way) => way.by).find((it) => it.animal === animal);
    if (made.length === 0 || left.length === 0 || !by) return [];
    return [{ animal, made, left, way: by.route.steps.map(({ bay }) => bay.id) }];
  });
}
