import fc from 'fast-check';
import { samphireYard } from '../../../demo/samphire-yard';
import { attributes, type AttributeId } from '../place/attributes';
import { findItem } from '../place/find';
import type { Place } from '../place/place';
import { bounds } from '../place/possible';
import { setAttribute } from '../place/set-attribute';
import { questionsOf } from '../walk/questions';
import { randomPlace } from '../tests/random-place';
import { judge, type Judgement } from './judge';

const { place, walks } = samphireYard;

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

  test('hold by hand: of weights 35, mink 10, stoat 5 and rat 4 walk in', () => {
    expect(judgement.hold.best).toBeCloseTo(100 * (1 - 19 / 35));
  });

  test('a goshawk is no threat at night', () => {
    expect(judgement.animals.find((it) => it.animal === 'goshawk')?.about).toBe(false);
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
    // What is left is the slow way under the short skirt: a rat's weight of 4 in 35, an hour at a patience of 240 minutes.
    expect(after.hold.best).toBeCloseTo(100 * (1 - (4 * Math.exp(-60 / 240)) / 35));
    expect(after.stops.unread).toBe(3);
  });
});

/** Every single change to a random place that the attribute's declared order calls better. */
function oneBetter(it: Place): fc.Arbitrary<Place> {
  const lengths = questionsOf(it).filter(
    ({ attribute, known }) => attributes[attribute].value === 'length' && known !== undefined,
  );
  return fc.constantFrom(...lengths).chain(({ item, attribute, known }) => {
    const [low, high] = bounds(known as never, limits(attribute));
    const [, most] = limits(attribute);
    const more = attributes[attribute].better === 'more';
    return fc
      .double({ min: 0, max: 1, noNaN: true })
      .map((share) =>
        setAttribute(it, item, attribute, { is: more ? low + (most - low) * share : high * share }),
      );
  });
}

function limits(id: AttributeId): readonly [number, number] {
  const attribute = attributes[id];
  return attribute.value === 'length' ? attribute.limits : [0, 0];
}

const withBetter = (knowledge: 'all' | 'some') =>
  randomPlace(knowledge).chain((before) => oneBetter(before).map((after) => ({ before, after })));

describe('properties over random places', () => {
  test('better never hurts: no animal’s chance rises, the hold does not fall', () => {
    fc.assert(
      fc.property(withBetter('all'), ({ before, after }) => {
        const [a, b] = [judge(before, []), judge(after, [])];
        a.animals.forEach((animal, index) => {
          expect(b.animals[index]?.chance.worst ?? 0).toBeLessThanOrEqual(animal.chance.worst);
        });
        expect(b.hold.worst ?? 100).toBeGreaterThanOrEqual((a.hold.worst ?? 100) - 1e-9);
      }),
      { numRuns: 150 },
    );
  });

  test('the range holds every completion, and its ends meet when all is read', () => {
    fc.assert(
      fc.property(randomPlace('some').chain(completed), ({ partly, whole }) => {
        const [range, { hold }] = [judge(partly, []).hold, judge(whole, [])];
        expect(hold.best).toEqual(hold.worst);
        if (hold.best === null || range.best === null || range.worst === null) return;
        expect(hold.best).toBeLessThanOrEqual(range.best + 1e-9);
        expect(hold.best).toBeGreaterThanOrEqual(range.worst - 1e-9);
      }),
      { numRuns: 150 },
    );
  });

  test('a way in that was found stays found whatever the unread gaps turn out to be', () => {
    fc.assert(
      fc.property(randomPlace('some').chain(completed), ({ partly, whole }) => {
        const bays = (it: Judgement) => it.waysIn.flatMap((way) => way.bays);
        const after = bays(judge(whole, []));
        for (const id of bays(judge(partly, []))) expect(after).toContain(id);
      }),
      { numRuns: 100 },
    );
  });

  test('open marks are exactly the bays on routes of the ways in', () => {
    fc.assert(
      fc.property(randomPlace('some'), (it) => {
        const { marks, waysIn } = judge(it, []);
        for (const way of waysIn) for (const id of way.bays) expect(marks.get(id)).toBe('open');
        if (waysIn.length === 0) expect([...marks.values()]).not.toContain('open');
      }),
      { numRuns: 100 },
    );
  });

  test('same input, same answer', () => {
    fc.assert(
      fc.property(randomPlace('some'), (it) => {
        expect(judge(it, [])).toEqual(judge(structuredClone(it), []));
      }),
      { numRuns: 50 },
    );
  });
});

/** One completion of everything a place leaves open. */
function completed(partly: Place): fc.Arbitrary<{ partly: Place; whole: Place }> {
  return fc
    .array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 7, maxLength: 7 })
    .map((shares) => ({ partly, whole: completeWith(partly, shares) }));
}

/** Reads what is open, and what is asked only because of what was read, until nothing is. */
function completeWith(place: Place, shares: readonly number[]): Place {
  // An unmeasured clear opening is its mesh's own (the tables'), so that reading the mesh completes it.
  const open = questionsOf(place).filter(
    ({ known, attribute }) =>
      attribute !== 'layer.clear' && (known === undefined || !('is' in known)),
  );
  if (open.length === 0) return place;
  const read = open.reduce((it, { item, attribute, known }, index) => {
    const share = shares[index % shares.length] ?? 0;
    const kind = attributes[attribute];
    if (!findItem(it, item)) return it;
    if (kind.value === 'length') {
      const [low, high] = bounds(known as never, kind.limits);
      return setAttribute(it, item, attribute, { is: low + (high - low) * share });
    }
    const all = known && 'oneOf' in known ? known.oneOf : kind.choices;
    const chosen = all[Math.min(all.length - 1, Math.floor(share * all.length))] ?? 'none';
    return setAttribute(it, item, attribute, { is: chosen });
  }, place);
  return completeWith(read, shares);
}
