/** Ways of laying stretches, against all ways there are on small lists, and examples that anyone can reckon after. */
import fc from 'fast-check';
import { cheapestCutting } from '../cutting/cheapest-cutting';
import type { Roll } from '../cutting/cutting';
import { meshRolls, rollsOf } from '../../tests/mesh-rolls';
import { bestDivision, seamWorth } from './best-division';
import { divided } from './divide';
import { layingsOf, seamOf, type Laying } from './layings';
import type { Stretch } from './stretch';

const stretchOf = (length: number, height: number, joints: readonly number[] = []): Stretch => ({
  mends: ['a'],
  bays: ['a'],
  material: 'welded-13',
  length,
  height,
  joints,
  overlap: 50,
});

const bought = (stretches: readonly Stretch[], rolls: readonly Roll[]) => {
  const best = bestDivision(stretches, rolls);
  return {
    rolls: best?.cutting.rolls.map(({ roll }) => roll.id).sort(),
    pieces: best?.pieces.map(({ length, width }) => [length, width]),
  };
};

test('a panel is turned where that leaves another beside it', () => {
  // Two windows, 850 by 400: side by side along 850 mm of one roll, where one after the other they would take 800 of 900.
  const one = rollsOf([900, 850, 1000]);
  const windows = [stretchOf(400, 850), stretchOf(400, 850), stretchOf(850, 50)];
  expect(bought(windows, one).rolls).toEqual(['900x850']);
  // Three of 580 by 290 lie in one 900 of a roll only where all three are turned.
  const three = [1, 2, 3].map(() => stretchOf(290, 580));
  expect(bought(three, rollsOf([900, 580, 700], [600, 5000, 3000])).rolls).toEqual(['900x580']);
});

test('one panel is laid across where the other would not lie beside it: one roll instead of a dearer one', () => {
  // Along the roll two strips of 2,300 take 4,600 and leave 450 mm beside one; across, five of 700 and the 1,300 take 4,800 of 5,000.
  const panels = [stretchOf(2300, 700), stretchOf(1300, 500)];
  expect(bought(panels, meshRolls).rolls).toEqual(['600x5000']);
});

test('what is sold wide enough only by the long roll is joined of two narrow ones', () => {
  const { rolls, pieces } = bought([stretchOf(4000, 1150)], meshRolls);
  // Twice 600 with 50 mm over each other: one roll of 10 m, for less than a quarter of the wide one's price.
  expect(rolls).toEqual(['600x10000']);
  expect(pieces).toEqual([
    [4000, 600],
    [4000, 600],
  ]);
});

test('two widths are joined where neither alone comes cheaper', () => {
  const narrow = rollsOf([600, 5000, 3000], [900, 5000, 4500]);
  const { rolls, pieces } = bought([stretchOf(5000, 1400)], narrow);
  expect(rolls).toEqual(['600x5000', '900x5000']);
  // With 50 mm over each other they come to 1,400.
  expect(pieces?.reduce((sum, [, width = 0]) => sum + width, 0)).toBe(1450);
});

test('a seam is not tied for less than it is worth', () => {
  const seam = (seamWorth.value * 5000) / 1000;
  const rolls = (wide: number) => rollsOf([600, 10_000, 3000], [1100, 5000, wide]);
  expect(bought([stretchOf(5000, 1100)], rolls(3000 + seam - 1)).pieces).toHaveLength(1);
  expect(bought([stretchOf(5000, 1100)], rolls(3000 + seam + 1)).pieces).toHaveLength(2);
});

test('what runs from post to post is never turned', () => {
  for (const { along } of layingsOf(stretchOf(800, 400, [500]), meshRolls)) expect(along).toBe(800);
  expect(layingsOf(stretchOf(800, 400), meshRolls).some(({ along }) => along === 400)).toBe(true);
});

test('offcuts are cut from as they come: a shed full of them is no more work than an empty one', () => {
  const shed = Array.from({ length: 40 }, (_, at): Roll => ({
    id: `offcut ${at}`,
    width: 200 + 13 * at,
    length: 400 + 31 * at,
    cents: 0,
    count: 1,
  }));
  const stretch = stretchOf(900, 500);
  expect(layingsOf(stretch, [...meshRolls, ...shed])).toEqual(layingsOf(stretch, meshRolls));
  // It lies in the shed only turned: 500 by 900 of an offcut 600 wide.
  const [turned] =
    bestDivision([stretchOf(500, 900)], [...meshRolls, ...shed])?.cutting.rolls ?? [];
  expect(turned?.roll.cents).toBe(0);
});

test('small lists: hardly dearer than the best of all ways of laying each stretch', () => {
  const sides = fc.integer({ min: 20, max: 130 }).map((it) => it * 10);
  const lists = fc.sample(fc.array(fc.tuple(sides, sides), { minLength: 1, maxLength: 3 }), {
    seed: 5,
    numRuns: 40,
  });
  const over = lists.map((list) => {
    const stretches = list.map(([length, height]) => stretchOf(length, height));
    const costs = combined(stretches.map((it) => layingsOf(it, meshRolls))).flatMap((layings) => {
      const result = cheapestCutting(
        divided(stretches, meshRolls, { longest: 0, layings }),
        meshRolls,
      );
      return 'cutting' in result ? [result.cutting.cents + worthOf(layings)] : [];
    });
    const best = bestDivision(stretches, meshRolls);
    const ours = (best?.cutting.cents ?? Infinity) + seamsIn(best?.pieces ?? []);
    // Nothing found is cheaper than all that there is.
    expect(ours).toBeGreaterThanOrEqual(Math.min(...costs) - 1e-6);
    return ours / Math.min(...costs) - 1;
  });
  expect(over.filter((it) => it < 1e-6).length).toBeGreaterThanOrEqual(38);
  expect(Math.max(...over)).toBeLessThan(0.1);
});

const worthOf = (layings: readonly Laying[]): number =>
  layings.reduce((sum, it) => sum + (seamOf(it) * seamWorth.value) / 1000, 0);

/** Of pieces with ids of their stretch: all but one strip of each are joined to another. */
function seamsIn(pieces: readonly { readonly id: string; readonly length: number }[]): number {
  const byStretch = new Map<string, number[]>();
  for (const { id, length } of pieces) {
    const stretch = id.split('.')[0] ?? '';
    byStretch.set(stretch, [...(byStretch.get(stretch) ?? []), length]);
  }
  return [...byStretch.values()].reduce(
    (sum, [length = 0, ...others]) => sum + (others.length * length * seamWorth.value) / 1000,
    0,
  );
}

const combined = <T>(each: readonly (readonly T[])[]): T[][] =>
  each.reduce<T[][]>((all, some) => all.flatMap((it) => some.map((one) => [...it, one])), [[]]);

test('a joined run is no dearer than laid whole from post to post', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 800, max: 2500 }), { minLength: 2, maxLength: 8 }),
      fc.integer({ min: 300, max: 1000 }),
      (bays, height) => {
        const ends = bays.map((_, at) => bays.slice(0, at + 1).reduce((sum, it) => sum + it, 0));
        const run = stretchOf(ends.at(-1) ?? 0, height, ends.slice(0, -1));
        const layings = [layingsOf(run, meshRolls)[0] as Laying];
        const plain = [0, 5000, 10_000, 25_000].flatMap((longest) => {
          const result = cheapestCutting(
            divided([run], meshRolls, { longest, layings }),
            meshRolls,
          );
          return 'cutting' in result ? [result.cutting.cents] : [];
        });
        const best = bestDivision([run], meshRolls);
        expect(best?.cutting.cents).toBeLessThanOrEqual(Math.min(...plain));
      },
    ),
    { numRuns: 20 },
  );
});
