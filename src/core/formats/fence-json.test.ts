/** What is printed of a line: figures as the page has them, bays by their ids, and the next step of a search whichever it is. */
import Ajv2020 from 'ajv/dist/2020';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { fenceView, type FenceView } from '../fence/fence-view';
import type { NextStep } from '../fence/find-leak';
import { applyReadings } from '../records/apply-readings';
import { fenceJson } from './fence-json';
import { publishedSchemas } from './published-schemas';

const date = '2026-10-10';
const { place } = applyReadings(tamarackBank.place, tamarackBank.walks);
const viewed = fenceView(place, date, {}, date);
if (!viewed) throw new Error('a described line');
const view: FenceView = viewed;
const isValid = new Ajv2020().compile(publishedSchemas.fence);

/** As it is printed: what is `undefined` is not there. */
function printed(next: NextStep | undefined, of: FenceView = view) {
  const document = JSON.parse(JSON.stringify(fenceJson(place, date, of, next))) as ReturnType<
    typeof fenceJson
  >;
  expect(isValid(document)).toBe(true);
  return document;
}
const bayAt = (index: number) => view.path.bays[index]?.bay.id;

test('bay by bay what is on the wire, and which share of it reaches an animal', () => {
  const { bays, needed, ground } = printed(undefined);
  expect(bays.map(({ bay }) => bay)).toEqual(view.path.bays.map(({ bay }) => bay.id));
  expect([needed, ground]).toEqual([view.needed, view.lineCase.ground]);
  for (const [index, { volts, reaching, share, isRead }] of bays.entries()) {
    const own = view.bays[index];
    // To the nearest 10 V.
    expect(Math.abs(volts - (own?.volts ?? NaN))).toBeLessThanOrEqual(0.005 + 1e-9);
    expect(Math.abs(reaching - (own?.reaching ?? NaN))).toBeLessThanOrEqual(0.005 + 1e-9);
    expect(share).toBeCloseTo(reaching / volts, 1);
    expect(isRead).toBe(own?.isRead);
  }
});

test('a dead line gives no share', () => {
  const dead = { ...view, bays: view.bays.map((it) => ({ ...it, volts: 0, reaching: 0 })) };
  expect(printed(undefined, dead).bays.every(({ share }) => share === 0)).toBe(true);
});

test('what is not known is null', () => {
  const {
    stake: _stake,
    stakeRead: _read,
    earthOhms: _ohms,
    rodsMissing: _rods,
    nights: _nights,
    changeOn: _change,
    ...rest
  } = view;
  const unknown = { stake: null, stakeRead: null, earthOhms: null, rodsMissing: null };
  expect(printed(undefined, rest as FenceView)).toMatchObject({
    ...unknown,
    nights: null,
    changeOn: null,
    next: null,
  });
});

test('nights with their band; one without an end has none', () => {
  const nights = { value: 6.04, band: [3.16, Infinity] } as const;
  expect(printed(undefined, { ...view, nights } as FenceView).nights).toEqual({
    value: 6,
    from: 3.2,
    to: null,
  });
  const ended = { value: 6.04, band: [3.16, 8.88] } as const;
  expect(printed(undefined, { ...view, nights: ended } as FenceView).nights?.to).toBe(8.9);
});

test('the next step: a reading, a handle opened, bays to look at, or where it is and what', () => {
  const steps: readonly (readonly [NextStep, unknown])[] = [
    [
      { kind: 'test', test: { kind: 'read', at: 2 }, tells: 1 },
      { test: { kind: 'read', bay: bayAt(2) } },
    ],
    [
      { kind: 'test', test: { kind: 'open', into: 3 }, tells: 1 },
      { test: { kind: 'open', before: bayAt(3) } },
    ],
    [{ kind: 'look', bays: [1, 4] }, { look: [bayAt(1), bayAt(4)] }],
    [{ kind: 'found', bay: 1 }, { found: bayAt(1) }],
    [
      { kind: 'found', bay: 1, brokenInto: 2 },
      { found: bayAt(1), broken: true },
    ],
    [
      { kind: 'found', bay: 1, poorInto: 2 },
      { found: bayAt(1), poor: true },
    ],
  ];
  for (const [step, said] of steps) expect(printed(step).next).toEqual(said);
});
