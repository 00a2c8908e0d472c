/** Fills in every reading of a place that a walk asks for, from a few figures that say in what state it is. */
import type { AttributeId } from '../attributes';
import { allBays, findBay } from '../place/find';
import { outside, type Face, type Place } from '../place/place';
import type { Possible } from '../place/possible';
import { setAttribute } from '../records/set-attribute';
import { meshes, type MeshId } from '../tables/meshes';
import { questionsOf, type Question } from '../walk/questions';

/** Values by attribute: a number in its unit, or a choice. */
export type State = Readonly<Partial<Record<AttributeId, number | string>>>;

/** Of the run's walls, and of the house's where it differs. */
export interface States {
  readonly run: State;
  readonly house?: State;
}

/** As a careful builder leaves it. */
export const sound: State = {
  'ground.gap': 5,
  'ground.gapLifted': 8,
  'ground.soil': 'firm',
  'ground.weight': 80,
  'ground.pegs': 450,
  'ground.timber': 'sound',
  'ground.digging': 'no',
  'ground.floor': 'none',
  'skirt.depth': 0,
  'skirt.outward': 610,
  'skirt.mesh': 'welded-25',
  'skirt.tied': 'yes',
  'bay.fixing': 'screws-washers',
  'bay.condition': 'sound',
  'bay.panelPulled': 0,
  'bay.largestHole': 0,
  'bay.roost': 600,
  'layer.mesh': 'welded-13',
  'layer.fixing': 'screws-washers',
  'layer.condition': 'sound',
  'opening.gap': 5,
  'opening.gapPulled': 6,
  'opening.hinges': 'tight',
  'opening.letGo': 'stays',
  'latch.kind': 'clip',
};

/** Rounds of asking: what is read raises further questions. */
const rounds = 6;

/** `states`: over what is sound. Throws where something is asked that no state says. */
export function readPlace(place: Place, { run, house = {} }: States): Place {
  let current = place;
  for (let round = 0; round < rounds; round += 1) {
    const asked = questionsOf(current).filter(({ answered }) => !answered);
    if (asked.length === 0) return laid(current, run, house);
    for (const question of asked) {
      const state = isOfHouse(current, question) ? { ...run, ...house } : run;
      current = setAttribute(
        current,
        question.item,
        question.attribute,
        valueOf(current, question, state),
      );
    }
  }
  return laid(current, run, house);
}

/** Habits are no question of a walk: they are laid over what is there. */
function laid(place: Place, run: State, house: State): Place {
  let current = place;
  for (const { bay, face } of allBays(place)) {
    const state = isHouseFace(place, face) ? { ...run, ...house } : run;
    for (const opening of bay.openings) {
      if (state['opening.habit'] === undefined || opening.kind !== 'pop-door') continue;
      const value = { is: state['opening.habit'] } as Possible;
      current = setAttribute(current, opening.id, 'opening.habit', value);
    }
  }
  return current;
}

function valueOf(place: Place, question: Question, state: State): Possible {
  if (question.attribute === 'layer.clear') return { is: clearOf(place, question) };
  const value =
    state[question.attribute] ?? usualFloor(place, question) ?? sound[question.attribute];
  if (value === undefined) throw new Error(`nothing says ${question.attribute}`);
  return { is: value } as Possible;
}

/** Houses have boards, where nothing else is said. */
function usualFloor(place: Place, { attribute, bay }: Question): string | undefined {
  if (attribute !== 'ground.floor' || bay === undefined) return undefined;
  return findBay(place, bay)?.bay.ground?.onFloor ? 'solid-board' : undefined;
}

/** As wide as such mesh is sold. */
function clearOf(place: Place, { item }: Question): number {
  for (const { bay } of allBays(place)) {
    const layers = [
      ...bay.bands.flatMap(({ layers }) => layers),
      ...bay.openings.flatMap(({ cover = [] }) => cover),
    ];
    const mesh = layers.find(({ id }) => id === item)?.mesh;
    if (mesh && 'is' in mesh) return meshes[mesh.is as MeshId]?.clear.value ?? 0;
  }
  return 0;
}

function isOfHouse(place: Place, { bay }: Question): boolean {
  const at = allBays(place).find((it) => it.bay.id === bay);
  return at !== undefined && isHouseFace(place, at.face);
}

function isHouseFace({ zones }: Place, { between }: Face): boolean {
  return between.some(
    (zone) => zone !== outside && zones.find(({ id }) => id === zone)?.kind === 'house',
  );
}
