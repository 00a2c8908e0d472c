import { samphireYard } from '../../../demo/samphire-yard';
import { setAttribute } from '../records/set-attribute';
import { judge } from './judge';
import { judgeAll } from './judge-all';
import { tonight } from './tonight';

const { place, walks } = samphireYard;

/** Share of a cat's visits that fall into dusk and night: it is about at any hour. */
const catByNight = 2 / 3;

describe('the demo place', () => {
  const judgement = judge(place, walks);

  test('two ways in at night: under a sill for mink, stoats and rats; by the nest lid for stoats and rats', () => {
    const found = judgement.waysIn.map((way) => [
      way.id,
      way.by.map(({ animal }) => animal).sort(),
    ]);
    expect(found).toEqual([
      ['n2', ['american-mink', 'norway-rat', 'stoat']],
      ['h1', ['norway-rat', 'stoat']],
    ]);
  });

  test('the way under the sill goes on by the pop door', () => {
    const steps = judgement.waysIn[0]?.by[0]?.route.steps ?? [];
    expect(steps.map((step) => [step.bay.id, step.into])).toEqual([
      ['n2', 'run'],
      ['hw', 'house'],
    ]);
  });

  test('one slow way: rats dig under the short skirt in about an hour', () => {
    const [slow, ...more] = judgement.slowWays;
    expect(more).toEqual([]);
    expect(slow?.bays).toEqual(['s3', 's4']);
    expect(slow?.by.map(({ animal, route }) => [animal, route.minutes])).toEqual([
      ['norway-rat', 60],
    ]);
    expect(judgement.marks.get('s4')).toBe('hours');
  });

  /** Visits a night × the share of them that try × bantams a visit, for October by water and stone walls among fields. */
  const weights = {
    fox: (1 / 7) * 2 * 0.012 * 5,
    badger: (1 / 7) * 2 * 0.002 * 2,
    mink: (1 / 60) * 2 * 1.5 * (2 / 3) * 0.015 * 8,
    stoat: (1 / 60) * 4 * (2 / 3) * 0.015 * 3,
    rat: (1 / 7) * 4 * 1.5 * 0.05 * 0.05,
    cat: (1 / 7) * 2 * catByNight * 0.012 * 0.4,
  };
  const total = Object.values(weights).reduce((sum, it) => sum + it, 0);

  test('hold by hand: mink, stoat and rat walk in', () => {
    const { mink, stoat, rat } = weights;
    expect(judgement.hold.best).toBeCloseTo(100 * (1 - (mink + stoat + rat) / total), 9);
  });

  test('a goshawk is no threat at night', () => {
    expect(judgement.animals.find((it) => it.animal === 'goshawk')?.presence).toBe('other-hours');
  });

  test('marks agree with the ways in', () => {
    const open = [...judgement.marks].filter(([, mark]) => mark === 'open').map(([id]) => id);
    expect(open.sort()).toEqual(['h1', 'hw', 'n2']);
    expect(judgement.marks.get('s3')).toBe('hours');
    expect(judgement.marks.get('s5')).toBe('unread');
    expect(judgement.marks.get('w1')).toBe('holds');
  });

  test('with sill and nest lid shut nothing gets in, and what is unread is said', () => {
    const mended = (['ground.gap', 'ground.gapLifted'] as const).reduce(
      (it, attribute) => setAttribute(it, 'n2', attribute, { is: 5 }),
      place,
    );
    const late = walks.map((walk) => ({
      ...walk,
      readings: walk.readings.filter(
        ({ item, attribute }) =>
          !(item === 'n2' && attribute.startsWith('ground.gap')) &&
          !(item === 'nest-lid' && attribute === 'opening.gapPulled'),
      ),
    }));
    const shut = setAttribute(mended, 'nest-lid', 'opening.gapPulled', { is: 9 });
    const after = judge(shut, late);
    expect(after.waysIn).toEqual([]);
    // What is left is the slow way under the short skirt (an hour at a patience of 240 minutes), and boards to gnaw a night.
    const left = weights.rat * Math.exp(-60 / 240);
    expect(after.hold.best).toBeCloseTo(100 * (1 - left / total), 9);
    expect(after.stops.unread).toBe(3);
  });
});

describe('the demo place in other hours', () => {
  const all = judgeAll(place, walks);

  test('a forgotten round leaves the pop door open: mink and stoats by the same sill, and the badger a night of digging', () => {
    const ways = all['left-open'].waysIn.map(({ id }) => id);
    expect(ways).toEqual(['n2', 'h1']);
    const doors = all['left-open'].waysIn[0]?.by[0]?.route.steps[1]?.by;
    expect(doors).toMatchObject({ attack: 'wait', item: 'pop-door' });
  });

  test('by day the birds are in the run, and a cat reaches in under the sill', () => {
    const [first] = all['day-run'].waysIn;
    expect(first?.id).toBe('n2');
    const cat = first?.by.find(({ animal }) => animal === 'domestic-cat');
    expect(cat?.route.steps.map(({ by }) => by.attack)).toEqual(['reach']);
  });

  test('nobody lets them out: no birds are ranging, nothing to hold', () => {
    expect(all.ranging.hold).toEqual({ best: null, worst: null });
  });

  test('tonight blends the shut night with one in fifty forgotten', () => {
    const { hold, missedRound } = tonight(all);
    expect(missedRound).toBe(0.02);
    const { 'night-shut': shut, 'left-open': open } = all;
    expect(hold.best).toBeCloseTo(0.98 * (shut.hold.best ?? 0) + 0.02 * (open.hold.best ?? 0), 9);
  });
});
