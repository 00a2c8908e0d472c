/** A joint that leads poorly: against the same line solved anew with so many ohms put in, and in the search. */
import { moistCase, pathOf, seven, type Strung } from '../tests/fenced';
import type { FenceWire } from '../tables/fence-wires';
import { nextStep, type LeakTestResult } from './find-leak';
import { leakSearch, type LeakTest, type PoorJoint } from './leak-search';
import { networkOf } from './line-network';
import { solve } from './network';

const source = { open: 7, within: 200 };
const searchOf = (strung: Strung, wire: FenceWire) =>
  leakSearch(pathOf(strung), { ...seven, wire }, source, moistCase);

/** What the test reads on the line with the joint in it, by solving all of it. */
function solvedAnew(
  strung: Strung,
  wire: FenceWire,
  test: LeakTest,
  { poorInto, ohms }: PoorJoint,
): number {
  const cuts = test.kind === 'open' ? [test.into] : [];
  const path = pathOf({ ...strung, cuts });
  const { network } = networkOf(path, { ...seven, wire }, source, moistCase);
  const pieces = network.pieces.map((it) =>
    Math.max(it.from, it.to) === poorInto && Math.min(it.from, it.to) === poorInto - 1
      ? { ...it, ohms: it.ohms + ohms }
      : it,
  );
  const { feed = 0 } = strung;
  const at = test.kind === 'read' ? test.at : feed < test.into ? test.into - 1 : test.into;
  return solve({ ...network, pieces }).volts[at] ?? NaN;
}

test('every reading with a poor joint is that of the line solved anew with it', () => {
  for (const wire of ['steel-2.5', 'polywire-3'] as const) {
    for (const feed of [0, 4, 9]) {
      const strung: Strung = {
        bays: 10,
        round: 15,
        feed,
        touched: { 1: 'grass', 6: 'weeds', 9: 'insulator' },
      };
      const search = searchOf(strung, wire);
      for (let poorInto = 1; poorInto < 10; poorInto += 1) {
        for (const test of search.tests) {
          const fault = { poorInto, ohms: 2000 };
          const anew = solvedAnew(strung, wire, test, fault);
          expect(search.reads(test, fault)).toBeCloseTo(anew, 4);
        }
      }
    }
  }
});

test('with sound insulators beyond it a poor joint is not felt; with weeds beyond less arrives there', () => {
  const fault = { poorInto: 5, ohms: 2000 };
  const read = (touched: Strung['touched'], at: number) =>
    searchOf({ bays: 10, round: 15, ...(touched && { touched }) }, 'steel-2').reads(
      { kind: 'read', at },
      fault,
    );
  expect(read({}, 9)).toBeGreaterThan(0.97 * read({}, 0));
  expect(read({ 8: 'weeds' }, 9)).toBeLessThan(0.9 * read({ 8: 'weeds' }, 0));
});

test.each(['steel-2', 'polywire-3'] as const)(
  'on %s: enough before, less beyond: it is found between the two, by readings alone',
  (wire) => {
    const strung: Strung = { bays: 16, round: 24, touched: { 14: 'weeds', 15: 'weeds' } };
    for (let into = 2; into < 14; into += 1) {
      const search = searchOf(strung, wire);
      const fault = { poorInto: into, ohms: 3000 };
      const told: LeakTestResult[] = [0, 15].map((at) => ({
        test: { kind: 'read', at },
        volts: search.reads({ kind: 'read', at }, fault),
      }));
      let step = nextStep(search, told, 15);
      for (let tests = 0; step.kind === 'test' && tests < 7; tests += 1) {
        told.push({ test: step.test, volts: search.reads(step.test, fault) });
        step = nextStep(search, told, 15);
      }
      expect(step).toEqual({ kind: 'found', bay: into, poorInto: into });
      expect(told.every(({ test }) => test.kind === 'read')).toBe(true);
      expect(told.length).toBeLessThanOrEqual(2 + 5);
    }
  },
);
