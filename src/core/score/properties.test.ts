/** Properties of the model over random places: better never hurts, the range holds every completion, same input, same answer. */
import fc from 'fast-check';
import { attributes, type AttributeId } from '../attributes';
import { judgedCase } from '../fence/line-case';
import { linePathOf } from '../fence/line-path';
import { believedLine } from '../fence/reaching';
import { solveLine } from '../fence/solved-line';
import { sourceOf } from '../fence/source';
import { findItem } from '../place/find';
import type { Place } from '../place/place';
import { bounds, isKnown, members, type Possible } from '../place/possible';
import { setAttribute } from '../records/set-attribute';
import { grounds, type Ground } from '../tables/fence-ground';
import { randomFloored, randomPlace } from '../tests/random-place';
import { isBetter } from '../walk/better';
import { questionsOf, type Question } from '../walk/questions';
import { judge, type Judgement } from './judge';
import { judgeAll } from './judge-all';
import { scenarios } from './scenario';
import { often } from '../tests/often';

// A busy machine takes a minute for some of these alone.
jest.setTimeout(120_000);

/** Every single change to a random place that the attribute's declared order calls better. */
function oneBetter(it: Place): fc.Arbitrary<{ after: Place; changed: string }> {
  const ordered = questionsOf(it).filter(
    ({ attribute, known }) => attributes[attribute].better !== 'none' && isKnown(known),
  );
  return fc.constantFrom(...ordered).chain((question) =>
    fc.double({ min: 0, max: 1, noNaN: true }).map((share) => {
      const value = betterValue(question, share);
      return {
        after: setAttribute(it, question.item, question.attribute, value),
        changed: `${question.id} ${JSON.stringify(question.known)} → ${JSON.stringify(value)}`,
      };
    }),
  );
}

function betterValue({ attribute, known }: Question, share: number): Possible {
  const kind = attributes[attribute];
  if (kind.value === 'choice') {
    const { is } = known as { readonly is: string };
    const better = kind.choices.filter((it) => isBetter(attribute, it, is));
    return { is: better[Math.floor(better.length * share)] ?? is };
  }
  const [now] = bounds(known as { is: number }, kind.limits);
  return { is: kind.better === 'more' ? now + (kind.limits[1] - now) * share : now * share };
}

const withBetter = randomPlace('all').chain((before) =>
  oneBetter(before).map((better) => ({ before, ...better })),
);

test('better never hurts: no animal’s chance rises, nothing more is lost, no hold falls', () => {
  const attributesSeen = new Set<string>();
  fc.assert(
    fc.property(withBetter, ({ before, after, changed }) => {
      attributesSeen.add(changed.split(/[~ ]/)[1] ?? '');
      const [was, is] = [judgeAll(before, []), judgeAll(after, [])];
      for (const scenario of scenarios) {
        const [a, b] = [was[scenario], is[scenario]];
        a.animals.forEach((animal, index) => {
          const now = b.animals[index];
          expect([changed, now?.chance.worst ?? 0]).toEqual([
            changed,
            Math.min(now?.chance.worst ?? 0, animal.chance.worst + 1e-12),
          ]);
          animal.groups.forEach((group, at) => {
            expect(now?.groups[at]?.chance.worst ?? 0).toBeLessThanOrEqual(
              group.chance.worst + 1e-12,
            );
          });
        });
        expect(b.hold.worst ?? 100).toBeGreaterThanOrEqual((a.hold.worst ?? 100) - 1e-9);
      }
    }),
    { numRuns: often(125) },
  );
  // A property that never met an order would prove nothing of it.
  expect(attributesSeen.size).toBeGreaterThanOrEqual(12);
});

describe('the range', () => {
  test('holds every completion, and its ends meet when all is read', () => {
    fc.assert(
      fc.property(randomFloored('some').chain(completed), ({ partly, whole }) => {
        const [range, point] = [judgeAll(partly, []), judgeAll(whole, [])];
        for (const scenario of scenarios) {
          const { hold } = point[scenario];
          expect(hold.best).toEqual(hold.worst);
          isWithin(hold, range[scenario].hold);
        }
      }),
      { numRuns: often(40) },
    );
  });

  test('never widens when something unread is read', () => {
    fc.assert(
      fc.property(randomFloored('some').chain(oneRead), ({ partly, after }) => {
        const [range, narrower] = [judgeAll(partly, []), judgeAll(after, [])];
        for (const scenario of scenarios) isWithin(narrower[scenario].hold, range[scenario].hold);
      }),
      { numRuns: often(40) },
    );
  });

  test('on small places, is exactly the least and most of all completions enumerated', () => {
    fc.assert(
      fc.property(randomFloored('all').chain(twoForgotten), (partly) => {
        const { hold, animals } = judge(partly, []);
        const all = enumerated(partly).map((it) => judge(it, []));
        for (const it of all) isWithin(it.hold, hold);
        // Each animal's ends are met by some completion; two animals' need not be met by the same one.
        animals.forEach((animal, index) => {
          const chances = all.map((it) => it.animals[index]?.chance.best ?? 0);
          expect(animal.chance.best).toBeCloseTo(Math.min(...chances), 9);
          expect(animal.chance.worst).toBeCloseTo(Math.max(...chances), 9);
        });
      }),
      { numRuns: often(10) },
    );
  });
});

function isWithin(inner: Judgement['hold'], outer: Judgement['hold']): void {
  if (inner.best === null || inner.worst === null || outer.best === null || outer.worst === null) {
    expect([inner.best, inner.worst]).toEqual([outer.best, outer.worst]);
    return;
  }
  expect(inner.best).toBeLessThanOrEqual(outer.best + 1e-9);
  expect(inner.worst).toBeGreaterThanOrEqual(outer.worst - 1e-9);
}

test('a way in that was found stays found whatever the unread gaps turn out to be', () => {
  fc.assert(
    fc.property(randomPlace('some').chain(completed), ({ partly, whole }) => {
      const [before, after] = [judgeAll(partly, []), judgeAll(whole, [])];
      for (const scenario of scenarios) {
        const bays = (it: Judgement) => it.waysIn.flatMap((way) => way.bays);
        const found = bays(after[scenario]);
        for (const id of bays(before[scenario])) expect(found).toContain(id);
      }
    }),
    { numRuns: often(30) },
  );
});

test('open marks are exactly the bays on routes of the ways in', () => {
  fc.assert(
    fc.property(randomPlace('some'), (it) => {
      for (const { marks, waysIn } of Object.values(judgeAll(it, []))) {
        for (const way of waysIn) for (const id of way.bays) expect(marks.get(id)).toBe('open');
        if (waysIn.length === 0) expect([...marks.values()]).not.toContain('open');
      }
    }),
    { numRuns: often(30) },
  );
});

test('of two doors that give way alike, neither is drawn as holding', () => {
  const gap = (place: Place, item: string) =>
    setAttribute(place, item, 'bay.largestHole', { is: 60 });
  fc.assert(
    fc.property(randomPlace('all'), (it) => {
      const place = ['w0', 'f0', 'b0'].reduce(gap, {
        ...it,
        setting: { ...it.setting, lives: ['american-mink'] },
        flock: [{ id: 'g', kind: 'grown', count: 5, sleeps: 'house' }],
      } as Place);
      const { marks } = judge(place, []);
      expect([marks.get('w0'), marks.get('f0'), marks.get('b0')]).toEqual(['open', 'open', 'open']);
    }),
    { numRuns: often(15) },
  );
});

test('what is kept never goes stale: reading after reading, the answer is that of a place never seen before', () => {
  const readings = fc.array(fc.tuple(fc.nat(), fc.double({ min: 0, max: 1, noNaN: true })), {
    minLength: 3,
    maxLength: 5,
  });
  fc.assert(
    fc.property(randomPlace('some'), readings, (place, all) => {
      let now = place;
      for (const [pick, share] of all) {
        const questions = questionsOf(now);
        const question = questions[pick % questions.length];
        if (!question) return;
        // Read anew from all it may be: what was known is changed, not only narrowed.
        now = readOne(now, { ...question, known: undefined }, share);
        expect(judgeAll(now, [])).toEqual(judgeAll(structuredClone(now), []));
      }
    }),
    { numRuns: 10 },
  );
});

test('same input, same answer', () => {
  fc.assert(
    fc.property(randomPlace('some'), (it) => {
      expect(judgeAll(structuredClone(it), [])).toEqual(judgeAll(it, []));
    }),
    { numRuns: 25 },
  );
});

const isOpen = ({ known, attribute }: Reading): boolean =>
  // An unmeasured clear opening is its mesh's own (the tables'), so that reading the mesh completes it.
  attribute !== 'layer.clear' && !isKnown(known);

/** One completion of everything a place leaves open. */
function completed(partly: Place): fc.Arbitrary<{ partly: Place; whole: Place }> {
  return fc
    .array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 7, maxLength: 7 })
    .map((shares) => ({ partly, whole: completeWith(partly, shares) }));
}

/** Reads what is open, and what is asked only because of what was read, until nothing is. */
function completeWith(place: Place, shares: readonly number[]): Place {
  const open = [...questionsOf(place), ...nearOf(place)].filter(isOpen);
  if (open.length === 0) return place;
  const read = open.reduce(
    (it, question, index) => readOne(it, question, shares[index % shares.length] ?? 0),
    place,
  );
  return completeWith(read, shares);
}

/** What is read beside the energizer, where anything was: no lap asks it anew, and it has its say in what the line carries. */
function nearOf({ fence }: Place): Reading[] {
  return fence?.near ? [{ item: fence.id, attribute: 'check.voltsNear', known: fence.near }] : [];
}

type Reading = Pick<Question, 'item' | 'attribute' | 'known'>;

function readOne(place: Place, { item, attribute, known }: Reading, share: number): Place {
  if (attributes[attribute].of !== 'fence' && !findItem(place, item)) return place;
  const value = memberOf(attribute, known, share);
  const most = mostOnLine(place, item, attribute);
  const given =
    most !== undefined && isKnown<number>(value) ? { is: Math.min(value.is, most) } : value;
  return setAttribute(place, item, attribute, given);
}

/** No tester reads more than arrives there at the best: such a line would be another than the one described. `undefined`: no reading of the line. */
function mostOnLine(place: Place, item: string, attribute: AttributeId): number | undefined {
  const { fence } = place;
  const path = linePathOf(place);
  if (!fence?.line || !path) return undefined;
  const at =
    attribute === 'strand.volts'
      ? path.bays.findIndex(({ wires }) => wires.some(({ id }) => id === item))
      : attribute === 'fence.volts'
        ? path.far
        : attribute === 'check.voltsNear'
          ? path.feed
          : -1;
  if (at < 0) return undefined;
  const line = { ...fence, line: fence.line };
  const source = sourceOf(line, 'best');
  const each = members<Ground>(fence.ground, grounds).map((ground) => {
    const lineCase = { ...judgedCase(line, 'best'), ground };
    const solved = source && solveLine(path, line.line, source, lineCase);
    return believedLine(path, line, lineCase, solved)[at]?.volts ?? Infinity;
  });
  return Math.max(...each);
}

/** A member of the set of possible values. */
function memberOf(attribute: AttributeId, known: Possible | undefined, share: number): Possible {
  const kind = attributes[attribute];
  if (kind.value === 'amount') {
    const [low, high] = bounds(known as { from: number; to: number } | undefined, kind.limits);
    return { is: low + (high - low) * share };
  }
  const all = members(known as { oneOf: string[] } | undefined, kind.choices);
  return { is: all[Math.min(all.length - 1, Math.floor(share * all.length))] ?? 'none' };
}

/** Something unread is read, and nothing else. */
function oneRead(partly: Place): fc.Arbitrary<{ partly: Place; after: Place }> {
  const open = questionsOf(partly).filter(isOpen);
  if (open.length === 0) return fc.constant({ partly, after: partly });
  return fc
    .tuple(fc.constantFrom(...open), fc.double({ min: 0, max: 1, noNaN: true }))
    .map(([question, share]) => ({ partly, after: readOne(partly, question, share) }));
}

/** A read place of which two choices are forgotten again. */
function twoForgotten(whole: Place): fc.Arbitrary<Place> {
  const choices = questionsOf(whole).filter(
    ({ attribute, known }) => attributes[attribute].value === 'choice' && isKnown(known),
  );
  return fc
    .subarray(choices, { minLength: Math.min(2, choices.length), maxLength: 2 })
    .map((forgotten) =>
      forgotten.reduce(
        (it, { item, attribute }) => setAttribute(it, item, attribute, { any: true }),
        whole,
      ),
    );
}

/** Every way of filling in the choices that are open. */
function enumerated(place: Place): Place[] {
  const open = questionsOf(place).find(
    (question) => isOpen(question) && attributes[question.attribute].value === 'choice',
  );
  if (!open) return [place];
  const kind = attributes[open.attribute];
  if (kind.value === 'amount') return [place];
  return kind.choices.flatMap((choice) =>
    enumerated(setAttribute(place, open.item, open.attribute, { is: choice })),
  );
}
