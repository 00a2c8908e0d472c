/** A bay with any of its mends made: the place as it would be found, and what is asked of it, each worked out once. */
import { allBays, findBay } from '../../place/find';
import type { Bay, BayId, Face, Place } from '../../place/place';
import { getOrMake } from '../../memo';
import { whenOf, type Scenario } from '../../score/scenario';
import type { Animal } from '../../tables/animals';
import type { Candidate } from './candidates';
import { spotWeights, type SpotWeights } from './spot-weights';
import { withMends } from './with-mends';

/** Weights of a bay by the mends that are made of it. */
export interface BayStates {
  /** `made`: places in `candidates`, ascending. */
  weights(
    bay: BayId,
    made: readonly number[],
    animal: Animal,
    scenario: Scenario,
    date: string,
  ): SpotWeights;
}

interface State {
  readonly place: Place;
  readonly bay: Bay;
  readonly asked: Map<string, SpotWeights>;
}

/** `ready`: the found place with all that any candidate adds standing ready. */
export function bayStates(ready: Place, candidates: readonly Candidate[]): BayStates {
  const alone = new Map(allBays(ready).map(({ bay, face }) => [bay.id, onlyBay(ready, face, bay)]));
  const states = new Map<string, State>();
  const stateOf = (id: BayId, made: readonly number[]): State => {
    const place = withMends(
      alone.get(id) ?? ready,
      made.flatMap((index) => candidates[index]?.mend ?? []),
    );
    const bay = findBay(place, id)?.bay;
    if (!bay) throw new Error(`no bay ${id}`);
    return { place, bay, asked: new Map() };
  };
  return {
    weights: (id, made, animal, scenario, date) => {
      const key = `${made.join()} ${id}`;
      const { place, bay, asked } = getOrMake(states, key, () => stateOf(id, made));
      return getOrMake(asked, `${animal.id} ${scenario} ${date}`, () =>
        spotWeights(place, bay, animal, whenOf(place, scenario, date)),
      );
    },
  };
}

/** What stands elsewhere has no say in what a bay lets by, save the line it hangs on. */
function onlyBay(place: Place, face: Face, bay: Bay): Place {
  return { ...place, faces: [{ ...face, bays: [bay] }] };
}
