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
  const bays = face.bays.map((bay) => bayWays(bay, animal, bound, when));
  return {
    bays: bays.filter(({ through, reach }) => through || reach),
    through: lightest(bays.flatMap(({ through }) => (through ? [through] : []))),
    reach: lightest(bays.flatMap(({ reach }) => (reach ? [reach] : []))),
  };
}

function lightest(ways: readonly BayWay[]): BayWay | undefined {
  const [first, ...rest] = ways;
  return first && rest.reduce((least, it) => (it.weight < least.weight ? it : least), first);
}
