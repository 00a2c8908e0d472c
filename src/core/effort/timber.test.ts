/** Rot begins at the timber along the ground, under mesh that is as good as new (common practice; a screwdriver tells). */
import { allBays } from '../place/find';
import { failed, ageingOf } from '../rounds/ageing';
import { lossesOfYear } from '../score/losses';
import { buildProblem } from '../mends/plan/build-problem';
import { lossWith } from '../mends/plan/loss';
import { withMends } from '../mends/plan/with-mends';
import { proposalsFor } from '../mends/propose';
import { weakSpots } from '../mends/spots';
import { judgePen, penPlace } from '../tests/one-pen';
import { animalIds, type AnimalId } from '../tables/animals';
import { timberStates, type TimberState } from '../tables/timber';

const hold = (animal: AnimalId, timber?: TimberState | 'unread') => {
  const { best, worst } = judgePen([animal], { mesh: 'welded-13', ...(timber && { timber }) }).hold;
  // Whoever takes eggs only has no hold to lower.
  return { best: best ?? 100, worst: worst ?? 100 };
};
const getsIn = (animal: AnimalId, timber: TimberState) =>
  hold(animal, timber).best < hold(animal).best;

test('sound timber changes nothing, whoever comes', () => {
  for (const id of animalIds) expect(getsIn(id, 'sound')).toBe(false);
});

test('rotten boards stop no fox; soft ones stop it, and not a raccoon, a badger or a dog', () => {
  expect(getsIn('red-fox', 'rotten')).toBe(true);
  expect(getsIn('red-fox', 'soft')).toBe(false);
  for (const id of ['raccoon', 'european-badger', 'domestic-dog'] as const) {
    expect(getsIn(id, 'soft')).toBe(true);
  }
});

test('a rat gnaws through what is soft, a stoat does not, and no hawk lands on it', () => {
  expect(getsIn('norway-rat', 'soft')).toBe(true);
  for (const id of ['stoat', 'red-tailed-hawk'] as const) {
    expect(getsIn(id, 'rotten')).toBe(false);
  }
});

test('for every animal sound holds no worse than soft, soft no worse than rotten, and unread reaches from best to worst', () => {
  for (const id of animalIds) {
    const [sound = NaN, soft = NaN, rotten = NaN] = timberStates.map((it) => hold(id, it).worst);
    expect(sound).toBeGreaterThanOrEqual(soft);
    expect(soft).toBeGreaterThanOrEqual(rotten);
    const unread = hold(id, 'unread');
    expect(unread.worst).toBeCloseTo(rotten, 9);
    expect(unread.best).toBeCloseTo(sound, 9);
  }
});

const pen = penPlace(['raccoon', 'red-fox', 'norway-rat'], { mesh: 'welded-13', timber: 'rotten' });

test('new timber is what is offered for it; made, nothing is lost by it any more', () => {
  const [first] = allBays(pen);
  if (!first) throw new Error('no bay');
  const weak = weakSpots(pen, first.bay).filter(({ spot }) => spot.kind === 'timber');
  expect(weak).toHaveLength(1);
  expect(new Set(weak[0]?.letsBy)).toEqual(new Set(['raccoon', 'red-fox', 'norway-rat']));
  expect(weak.flatMap((it) => proposalsFor(it).map(({ mend }) => mend.kind))).toEqual([
    'base-timber',
  ]);
  const { problem, candidates, ready } = buildProblem(pen, { year: 2026 });
  const all = candidates.flatMap(({ mend }, index) => (mend.kind === 'base-timber' ? [index] : []));
  const mends = all.flatMap((it) => candidates[it]?.mend ?? []);
  const made = lossesOfYear(withMends(ready, mends), [], {}, 2026).birds.low;
  expect(all.length).toBeGreaterThan(1);
  expect(lossWith(problem, all)).toBeCloseTo(made, 6);
  expect(made).toBeLessThan(0.1 * lossesOfYear(pen, [], {}, 2026).birds.low);
});

test('it falls due for a look each year, and given way it is rotten', () => {
  const sound = penPlace(['raccoon'], { mesh: 'welded-13', timber: 'sound', soil: 'firm' });
  const [aged] = ageingOf(sound, new Map(), [], '2026-06-01').filter(
    ({ kind }) => kind === 'timber-on-ground',
  );
  if (!aged) throw new Error('nothing ages');
  const gone = failed(sound, aged);
  const bay = allBays(gone).find((it) => it.bay.id === aged.bay)?.bay;
  expect(bay?.ground?.timber).toEqual({ is: 'rotten' });
});
