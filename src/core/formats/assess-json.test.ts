/** The assessment tells enough: somebody with only the JSON computes every weakest route and the hold again. */
import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import type { Place } from '../place/place';
import type { Walk } from '../records/walk';
import { judgeAll } from '../score/judge-all';
import { lossesOfMonth } from '../score/losses';
import { scenarios, type Scenario } from '../score/scenario';
import { tonight } from '../score/tonight';
import { trend } from '../score/trend';
import { randomPlace } from '../tests/random-place';
import { assessJson } from './assess-json';
import { publishedSchemas } from './published-schemas';
import { often } from '../tests/often';

const valid = new Ajv2020({ allErrors: false }).compile(publishedSchemas.assess);

function assessed(place: Place, walks: readonly Walk[], scenario: Scenario): Assessed {
  const judgements = judgeAll(place, walks);
  const month = lossesOfMonth(place, walks, {});
  const json = assessJson({
    judgement: judgements[scenario],
    tonight: tonight(judgements),
    month,
    year: month,
    trend: trend(place, walks, { scenario }),
  });
  return JSON.parse(JSON.stringify(json)) as Assessed;
}

/** As much of it as the reader outside needs. */
interface Assessed {
  hold: [number | null, number | null];
  zones: { id: string }[];
  animals: {
    animal: string;
    about: boolean;
    patience: number;
    groups: { zone: string; weight: number; chance: [number, number] }[];
    weakest: { weight: number } | null;
  }[];
  items: {
    between: [string, string];
    animal: string;
    through: Ends;
    reach: Ends;
  }[];
}
interface Ends {
  minutes: [number | null, number | null];
  turnedBack: [number | null, number | null];
}

/** Floyd–Warshall over the zones (textbook; recalled from memory), one arc an item, the birds as one more zone. */
function lightest(
  json: Assessed,
  animal: Assessed['animals'][number],
  goals: string[],
  end: 0 | 1,
) {
  const nodes = ['outside', ...json.zones.map(({ id }) => id), '*'];
  const weight = new Map<string, number>();
  const put = (a: string, b: string, w: number) =>
    weight.set(`${a}>${b}`, Math.min(w, weight.get(`${a}>${b}`) ?? Infinity));
  for (const item of json.items.filter((it) => it.animal === animal.animal)) {
    const arc = ({ minutes, turnedBack }: Ends): number | undefined => {
      const [m, s] = [minutes[end], turnedBack[end]];
      return m === null ? undefined : m / animal.patience - Math.log(1 - (s ?? 0));
    };
    const [a, b] = item.between;
    const through = arc(item.through);
    if (through !== undefined) {
      put(a, b, through);
      put(b, a, through);
    }
    const reach = arc(item.reach);
    if (reach !== undefined && goals.includes(b)) put(a, '*', reach);
    if (reach !== undefined && goals.includes(a)) put(b, '*', reach);
  }
  goals.forEach((zone) => put(zone, '*', 0));
  for (const via of nodes)
    for (const from of nodes)
      for (const to of nodes) {
        const [x, y] = [weight.get(`${from}>${via}`), weight.get(`${via}>${to}`)];
        if (x !== undefined && y !== undefined) put(from, to, x + y);
      }
  return weight.get('outside>*') ?? null;
}

function expectRecomputed(json: Assessed): void {
  const sums = [0, 1].map((end) => {
    let [through, total] = [0, 0];
    for (const animal of json.animals) {
      for (const group of animal.groups) {
        const weight = animal.about ? lightest(json, animal, [group.zone], end as 0 | 1) : null;
        // In a tree only what climbs or flies has a bird; the document says that by its chance alone.
        const isInTree = group.zone === 'outside' && group.chance[0] === 0;
        const chance = weight === null || isInTree ? 0 : Math.exp(-weight);
        // Chances stand low end first, which is the place at its best.
        expect(group.chance[end === 0 ? 1 : 0]).toBeCloseTo(chance, 9);
        through += group.weight * chance;
        total += group.weight;
      }
    }
    return total === 0 ? null : 100 * (1 - through / total);
  });
  json.hold.forEach((hold, end) => {
    const mine = sums[end] ?? null;
    if (hold === null || mine === null) expect(hold).toBe(mine);
    else expect(hold).toBeCloseTo(mine, 6);
  });
}

test.each(scenarios)('the demo place, %s', (scenario) => {
  const json = assessed(samphireYard.place, samphireYard.walks, scenario);
  expect(valid(json)).toBe(true);
  expectRecomputed(json);
});

test('random places, half read', () => {
  fc.assert(
    fc.property(randomPlace('some'), fc.constantFrom(...scenarios), (place, scenario) => {
      const json = assessed(place, [], scenario);
      if (!valid(json)) throw new Error(JSON.stringify(valid.errors));
      expectRecomputed(json);
    }),
    { numRuns: often(12) },
  );
});

test('what comes for eggs alone has chances, and neither weakest route nor a next one', () => {
  const [group] = samphireYard.place.flock;
  if (!group) throw new Error('no birds');
  const place: Place = {
    ...samphireYard.place,
    setting: { ...samphireYard.place.setting, lives: ['rat-snake'] },
    flock: [{ ...group, kind: 'grown' }],
  };
  const [snake] = assessed(place, samphireYard.walks, 'night-shut').animals;
  expect(snake).toMatchObject({ weakest: null, next: null, minutes: [null, null] });
  // By the nest lid, 22 mm when pulled, over the quarter inch that shuts it out.
  expect(snake?.groups).toMatchObject([{ weight: 0, chance: [1, 1] }]);
});
