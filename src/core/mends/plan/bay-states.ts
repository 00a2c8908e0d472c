/** A bay with any of its mends made: the place as it would be found, and what is asked of it, each worked out once. */
import type { When } from '../../effort/when';
import { findBay } from '../../place/find';
import type { Bay, BayId, Place } from '../../place/place';
import { getOrMake } from '../../place/kept';
import { whenOf, type Scenario } from '../../score/scenario';
import type { Animal } from '../../tables/animals';
import type { Candidate } from './candidates';
import { spotWeights, type SpotWeights } from './spot-weights';
import { withMends } from './with-mends';

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
}

/** `ready`: the found place with all that any candidate adds standing ready. */
export function bayStates(ready: Place, candidates: readonly Candidate[]): BayStates {
  const places = new Map<string, Place>();
  const states = new Map<string, State>();
  const placeWith = (made: readonly number[]): Place =>
    getOrMake(places, made.join(), () =>
      withMends(
        ready,
        made.flatMap((index) => candidates[index]?.mend ?? []),
      ),
    );
  return {
    weights: (id, made, animal, scenario, date) => {
      const { place, bay } = getOrMake(states, `${made.join()} ${id}`, () => {
        const with_ = placeWith(made);
        const found = findBay(with_, id)?.bay;
        if (!found) throw new Error(`no bay ${id}`);
        return { place: with_, bay: found };
      });
      const when: When = whenOf(place, scenario, date);
      return spotWeights(place, bay, animal, when);
    },
  };
}
