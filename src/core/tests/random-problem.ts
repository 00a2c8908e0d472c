/** Random plan problems for property tests: a few zones, links between them, mends that raise them, prices of all kinds. */
import fc from 'fast-check';
import {
  birdsEnd,
  outsideEnd,
  type Link,
  type LinkState,
  type Option,
  type PlanProblem,
  type Term,
} from '../mends/plan/problem';

/** Few values, so that ties are common; null holds. */
const weights = [0, 0.02, 0.25, 1, 2] as const;

const weight = fc.constantFrom<number | null>(...weights, null);

function option(count: number): fc.Arbitrary<Omit<Option, 'id'>> {
  return fc.record({
    cents: fc.constantFrom(0, 1, 100, 250, 250, 900),
    minutes: fc.constantFrom(0, 5, 5, 30, 90),
    excludes: fc.subarray(
      Array.from({ length: count }, (_, index) => index),
      { maxLength: Math.min(2, count) },
    ),
  });
}

/** Exclusions go both ways and never to oneself. */
function mutual(options: readonly Omit<Option, 'id'>[]): Option[] {
  return options.map((it, index) => ({
    ...it,
    id: `m${index}`,
    excludes: options
      .map((_, other) => other)
      .filter(
        (other) =>
          other !== index &&
          (it.excludes.includes(other) || (options[other]?.excludes.includes(index) ?? false)),
      ),
  }));
}

function states(
  mends: readonly number[],
  options: readonly Option[],
  base: number | null,
  raised: readonly (number | null)[],
): LinkState[] {
  const all: LinkState[] = [];
  for (let mask = 0; mask < 1 << mends.length; mask += 1) {
    const made = mends.filter((_, bit) => mask & (1 << bit));
    if (made.some((a) => made.some((b) => options[a]?.excludes.includes(b)))) continue;
    // A mend raises by what is its own, and never lowers.
    const best = made.reduce<number>(
      (most, mend) => Math.max(most, raised[mends.indexOf(mend)] ?? Infinity),
      base ?? Infinity,
    );
    const value = best === Infinity ? null : best;
    all.push({ mask, weight: value, minutes: value === null ? null : value * 100 });
  }
  return all;
}

function link(zones: number, options: readonly Option[]): fc.Arbitrary<Link> {
  const end = fc.integer({ min: 0, max: zones - 1 });
  const places = options.map((_, index) => index);
  return fc
    .record({
      inner: fc.boolean(),
      from: end,
      to: fc.oneof({ weight: 4, arbitrary: end }, { weight: 1, arbitrary: fc.constant(birdsEnd) }),
      mends: fc.subarray(places, { maxLength: Math.min(3, places.length) }),
      base: weight,
      raised: fc.array(weight, { minLength: 3, maxLength: 3 }),
    })
    .map(({ inner, from, to, mends, base, raised }): Link => ({
      bay: 'b',
      by: { way: 'through', spot: { kind: 'ground', item: 'b' } },
      from: inner && from !== to ? from : outsideEnd,
      to,
      mends,
      states: states(mends, options, base, raised),
    }));
}

function term(options: readonly Option[]): fc.Arbitrary<Term> {
  return fc.integer({ min: 1, max: 3 }).chain((zones) =>
    fc
      .record({
        // A flock of ten hens that may all be gone, and ducks enough to hardly feel it.
        hens: fc.constantFrom(0, 1, 5, 40),
        ducks: fc.constantFrom(0, 0, 3),
        links: fc.array(link(zones, options), { minLength: 1, maxLength: 7 }),
      })
      .map(({ hens, ducks, links }): Term => ({
        animal: 'stoat',
        zone: 'z0',
        scenarios: ['night-shut'],
        weight: hens + ducks,
        weightOf: { hens, ducks },
        shutFrom: 100,
        zones: Array.from({ length: zones }, (_, index) => `z${index}`),
        links,
      })),
  );
}

/** Small enough for every set to be tried. */
export const randomProblem: fc.Arbitrary<PlanProblem> = fc
  .integer({ min: 1, max: 8 })
  .chain((count) => fc.array(option(count), { minLength: count, maxLength: count }))
  .map(mutual)
  .chain((candidates) =>
    fc.array(term(candidates), { minLength: 1, maxLength: 4 }).map((terms) => ({
      candidates,
      terms,
      fixedOf: { hens: 0.5 },
      flock: { hens: 10, ducks: 100 },
    })),
  );

/** Every set that can be made together. */
export function everySet({ candidates }: PlanProblem): number[][] {
  return candidates.reduce<number[][]>(
    (sets, it, index) => [
      ...sets,
      ...sets
        .filter((set) => !set.some((other) => it.excludes.includes(other)))
        .map((set) => [...set, index]),
    ],
    [[]],
  );
}

export function sumOf(
  { candidates }: PlanProblem,
  set: readonly number[],
  of: 'cents' | 'minutes',
): number {
  return set.reduce((total, it) => total + (candidates[it]?.[of] ?? 0), 0);
}
