/** A bay with any of its mends made: the place as it would be found, and what is asked of it, each worked out once. */
import { allBays, findBay } from '../../place/find';
import type { Bay, BayId, Face, Place } from '../../place/place';
import { getOrMake } from '../../memo';
import { whenOf, type Scenario } from '../../score/scenario';
import { isLineSpot } from '../../place/spot';
import type { Animal } from '../../tables/animals';
import type { Candidate } from './candidates';
import { bayMissed, type Missed } from './missed';
import { spotWeights, type SpotWeights } from './spot-weights';
import { withTargets, withMends } from './with-mends';

/** Weights of a bay by the mends that are made of it. */
export interface BayStates {
  /** `made`: places in `candidates`, ascending. */
  weights(bay: BayId, made: readonly number[], at: Meeting): SpotWeights;
}

/** Who is met, and how the place stands. */
export interface Meeting {
  readonly animal: Animal;
  readonly scenario: Scenario;
  readonly date: string;
  readonly missed?: Missed;
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
  const lines = new Map<string, Place>();
  // What the line gives in one bay hangs on all that is done to it, wherever, and on nothing else.
  const lineWith = (made: readonly number[]): Place => {
    const ofLine = made.filter((it) => isLineSpot(candidates[it]?.mend.spot.kind ?? 'bare'));
    if (ofLine.length === 0) return ready;
    const mends = ofLine.flatMap((index) => candidates[index]?.mend ?? []);
    return getOrMake(lines, ofLine.join(), () => withMends(ready, mends));
  };
  const stateOf = (id: BayId, made: readonly number[]): State => {
    const mends = made.flatMap((index) => candidates[index]?.mend ?? []);
    const place = withTargets(alone.get(id) ?? ready, mends);
    const bay = findBay(place, id)?.bay;
    if (!bay) throw new Error(`no bay ${id}`);
    const line = findBay(lineWith(made), id)?.bay;
    return { place, bay: withLineOf(bay, line), asked: new Map() };
  };
  return {
    weights: (id, made, { animal, scenario, date, missed }) => {
      const key = `${made.join()} ${id}`;
      const { place, bay, asked } = getOrMake(states, key, () => stateOf(id, made));
      const who = missed ? [...missed].sort().join() : '';
      return getOrMake(asked, `${animal.id} ${scenario} ${date} ${who}`, () =>
        spotWeights(
          place,
          missed ? bayMissed(bay, missed) : bay,
          animal,
          whenOf(place, scenario, date),
        ),
      );
    },
  };
}

/** The bay, told of the line as another is. */
function withLineOf(bay: Bay, told: Bay | undefined): Bay {
  const { reaching: _reaching, below: _below, ...rest } = bay;
  return {
    ...rest,
    ...(told && { strands: told.strands }),
    ...(told?.reaching && { reaching: told.reaching }),
    ...(told?.below && { below: told.below }),
  };
}

/** What stands elsewhere has no say in what a bay lets by, save the line it hangs on. */
function onlyBay(place: Place, face: Face, bay: Bay): Place {
  return { ...place, faces: [{ ...face, bays: [bay] }] };
}
