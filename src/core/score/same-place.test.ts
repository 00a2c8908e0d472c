/** The same place told in another way is the same place: no animal's chance hangs on how it was written down. */
import fc from 'fast-check';
import type { Bay, Face, Opening, Place } from '../place/place';
import { randomPlace, type Knowledge } from '../tests/random-place';
import { animalIds } from '../tables/animals';
import { judgeAll } from './judge-all';
import { scenarios } from './scenario';
import { often } from '../tests/often';

/** Chances at both ends, and the holds, scenario by scenario; nothing of names and order. */
function toldOf(place: Place): unknown {
  const all = judgeAll(place, []);
  return scenarios.map((scenario) => {
    const { animals, hold } = all[scenario];
    const chances = animals.map(({ animal, chance, minutes, groups }) => ({
      animal,
      ...rounded(chance),
      quick: rounded(minutes),
      groups: groups.map((it) => [it.group, rounded(it.chance), rounded(it.exposure)]).sort(),
    }));
    return { hold: rounded(hold), chances: chances.sort((a, b) => (a.animal < b.animal ? -1 : 1)) };
  });
}

/** Sums in another order differ in their last figures. */
const rounded = <T>(it: T): T =>
  JSON.parse(JSON.stringify(it), (_, value: unknown) =>
    typeof value === 'number' ? Math.round(value * 1e6) / 1e6 : value,
  ) as T;

const eachFace = (place: Place, change: (face: Face) => Face): Place => ({
  ...place,
  faces: place.faces.map(change),
});
const eachBay = (place: Place, change: (bay: Bay) => Bay): Place =>
  eachFace(place, (face) => ({ ...face, bays: face.bays.map(change) }));

const backwards = <T>(all: readonly T[]): T[] => [...all].reverse();

/** Everything of a bay again beside it, under other names. */
function again(bay: Bay): Bay {
  const own = (id: string): string => `${id}-again`;
  const layer = <T extends { readonly id: string }>(it: T): T => ({ ...it, id: own(it.id) });
  return {
    ...bay,
    id: own(bay.id),
    bands: bay.bands.map((it) => ({ ...it, id: own(it.id), layers: it.layers.map(layer) })),
    openings: bay.openings.map((it): Opening => ({
      ...it,
      id: own(it.id),
      latches: it.latches.map(layer),
      ...(it.cover && { cover: it.cover.map(layer) }),
    })),
    strands: bay.strands.map(layer),
  };
}

const isWithoutLine = ({ fence }: Place): boolean => fence?.line === undefined;

const retold: readonly (readonly [
  name: string,
  knowledge: Knowledge,
  retell: (place: Place) => Place,
])[] = [
  [
    'walls, floors and roofs in another order',
    'some',
    (place) => ({ ...place, faces: backwards(place.faces), zones: backwards(place.zones) }),
  ],
  [
    'bays of a wall from right to left, and what is in them in another order',
    'some',
    (place) =>
      eachBay(
        eachFace(place, (face) => ({ ...face, bays: backwards(face.bays) })),
        (bay) => ({
          ...bay,
          openings: backwards(bay.openings).map((it) => ({
            ...it,
            latches: backwards(it.latches),
            ...(it.cover && { cover: backwards(it.cover) }),
          })),
          strands: backwards(bay.strands),
          bands: bay.bands.map((band) => ({ ...band, layers: backwards(band.layers) })),
        }),
      ),
  ],
  [
    'a wall between the run and outside, or between outside and the run',
    'some',
    (place) =>
      eachFace(place, (face) =>
        face.kind === 'wall' ? { ...face, between: [face.between[1], face.between[0]] } : face,
      ),
  ],
  [
    'every bay twice',
    'some',
    (place) =>
      eachFace(place, (face) => ({ ...face, bays: face.bays.flatMap((bay) => [bay, again(bay)]) })),
  ],
  [
    'animals in another order, in another unit',
    'some',
    (place) => ({
      ...place,
      units: place.units === 'metric' ? 'imperial' : 'metric',
      setting: { ...place.setting, lives: backwards(place.setting.lives) },
      flock: backwards(place.flock),
    }),
  ],
  [
    'a figure, or a range from that figure to itself',
    'all',
    (place) =>
      JSON.parse(JSON.stringify(place), (_, value: unknown) =>
        isAmount(value) ? { from: value.is, to: value.is } : value,
      ) as Place,
  ],
];

const isAmount = (it: unknown): it is { readonly is: number } =>
  typeof it === 'object' && it !== null && 'is' in it && typeof it.is === 'number';

test.each(retold)('%s', (_, knowledge, retell) => {
  fc.assert(
    fc.property(randomPlace(knowledge).filter(isWithoutLine), (place) => {
      expect(toldOf(retell(place))).toEqual(toldOf(place));
    }),
    { numRuns: often(15) },
  );
});

test('an animal more changes nothing for the others', () => {
  fc.assert(
    fc.property(randomPlace('some'), fc.constantFrom(...animalIds), (place, id) => {
      const { lives } = place.setting;
      const more: Place = {
        ...place,
        setting: { ...place.setting, lives: [...lives.filter((it) => it !== id), id] },
      };
      const [before, after] = [judgeAll(place, []), judgeAll(more, [])];
      for (const scenario of scenarios) {
        for (const it of before[scenario].animals) {
          const same = after[scenario].animals.find(({ animal }) => animal === it.animal);
          expect(same).toEqual(it);
        }
      }
    }),
    { numRuns: often(15) },
  );
});
