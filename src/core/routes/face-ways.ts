/** The ways through one face for one animal, kept for as long as the face is as it was found. */
import type { Bound } from '../effort/bound';
import type { When } from '../effort/when';
import { answersBy, getOrMake, memoized } from '../memo';
import { outside, type Face, type ZoneId } from '../place/place';
import type { Animal } from '../tables/animals';
import { bayWays, isSeasonal, isWired, type BayWay, type BayWays } from './bay-ways';
import { caseRest, caseSlot } from './case-slot';

/** An outer face keeps the ways of every bay; of an inner one only the lightest of each kind is ever gone. */
export interface FaceWays {
  readonly bays: readonly BayWays[];
  readonly through: BayWay | undefined;
  readonly reach: BayWay | undefined;
}

/** Whether outside is on one side of it. */
export function isOuter({ between }: Face): boolean {
  return between[0] === outside || between[1] === outside;
}

/** The zone behind an outer face. */
export function zoneInside({ between: [a, b] }: Face): ZoneId {
  return a === outside ? b : a;
}

interface Kept {
  readonly bySlot: (FaceWays | undefined)[];
  readonly byRest: Map<string, FaceWays>;
}

const answers = answersBy<Face, WeakMap<Animal, Kept>>();

/** The ways through a face for one animal in circumstances; worked out once. */
export function faceWays(face: Face, animal: Animal, bound: Bound, when: When): FaceWays {
  const perAnimal = getOrMake(answers, face, () => new WeakMap<Animal, Kept>());
  const own = getOrMake(perAnimal, animal, (): Kept => ({ bySlot: [], byRest: new Map() }));
  const { seasonal, wired, doored } = traits(face);
  // Where nothing tells cases apart they share an answer.
  const slot = caseSlot(bound, {
    doors: doored ? when.doors : 'as-habit',
    birds: animal.reaches ? when.birds : 'at-roost',
  });
  if (seasonal || wired) {
    const key = `${slot} ${caseRest(seasonal, wired, when)}`;
    return getOrMake(own.byRest, key, () => workOut(face, animal, bound, when));
  }
  return (own.bySlot[slot] ??= workOut(face, animal, bound, when));
}

const traits = memoized((face: Face) => ({
  seasonal: face.bays.some(isSeasonal),
  wired: face.bays.some(isWired),
  doored: face.bays.some(({ openings }) => openings.length > 0),
}));

function workOut(face: Face, animal: Animal, bound: Bound, when: When): FaceWays {
  const bays: BayWays[] = [];
  let through: BayWay | undefined;
  let reach: BayWay | undefined;
  // One turn, no lists in between: this is done for every animal whenever a bay is read.
  for (const bay of face.bays) {
    const ways = bayWays(bay, animal, bound, when);
    if (!ways.through && !ways.reach) continue;
    bays.push(ways);
    through = lighter(through, ways.through);
    reach = lighter(reach, ways.reach);
  }
  return { bays, through, reach };
}

const lighter = (a: BayWay | undefined, b: BayWay | undefined): BayWay | undefined =>
  a && b ? (b.weight < a.weight ? b : a) : (a ?? b);
