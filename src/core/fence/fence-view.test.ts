/** The line of the second demo place, and what is done to it. */
import { tamarackBank } from '../../../demo/tamarack-bank';
import type { Fence, Opening, Place } from '../place/place';
import { is } from '../place/possible';
import { applyReadings } from '../records/apply-readings';
import { setAttribute } from '../records/set-attribute';
import type { Touching } from '../tables/shocking';
import { fenceView, type FenceView } from './fence-view';
import { neededVolts } from './needed-volts';
import { linePathOf } from './line-path';
import { nextTest } from './next-test';

const date = '2026-10-10';
const found = applyReadings(tamarackBank.place, tamarackBank.walks).place;

const withFence = (changed: Partial<Fence>, place = found): Place => ({
  ...place,
  fence: { ...(place.fence ?? { id: 'fence', on: 'always' }), ...changed },
});

function viewOf(
  place: Place,
  ...more: [whatIf?: Parameters<typeof fenceView>[2], batteryRead?: string]
): FenceView {
  const [whatIf, batteryRead = date] = more;
  const view = fenceView(place, date, whatIf, batteryRead);
  if (!view) throw new Error('a described line');
  return view;
}

const first = (place: Place) => viewOf(place).first;

const bays = found.faces.flatMap((face) => face.bays);
const wireAt = (bay: string) => bays.find(({ id }) => id === bay)?.strands[0]?.id ?? '';
const touchedBy = (bay: string, by: Touching, place = found) =>
  setAttribute(place, wireAt(bay), 'strand.touching', is(by));

test('the line runs where wires are strung, in the order of the lap, and its path is told once', () => {
  const path = linePathOf(found);
  expect(path?.bays.map(({ bay }) => bay.name)).toEqual([
    'lane',
    'spring',
    'downhill 1',
    'downhill 2',
    'downhill 3',
    'orchard 1',
    'orchard 2',
  ]);
  expect(path).toMatchObject({ shape: 'open', feed: 0, far: 6 });
  expect(linePathOf(found)).toBe(path);
});

test('what was read stands as it was read; between, volts never rise on the way out', () => {
  const view = viewOf(found);
  expect(view.bays[0]).toMatchObject({ volts: 6.6, isRead: true });
  expect(view.bays.at(-1)).toMatchObject({ volts: 6.2, isRead: true });
  view.bays.slice(1).forEach(({ volts }, index) => {
    expect(volts).toBeLessThanOrEqual(view.bays[index]?.volts ?? 0);
  });
});

test('the most that any who lives here asks for is what is asked', () => {
  // Bears, by common practice 5 to 6 kV.
  expect(neededVolts(found)).toBe(6);
});

describe('what to do first', () => {
  const well = withFence({
    on: 'nights',
    near: is(7.5),
    volts: is(7.2),
    open: is(8),
    stake: is(0.2),
    rest: is(12.7),
  });

  test.each<[string, Place, string]>([
    ['a flat battery', withFence({ battery: is('flat') }), 'flat'],
    [
      'nobody has put a tester to it',
      withFence({ near: { any: true }, volts: { any: true } }),
      'unread',
    ],
    [
      'the energizer is weak by itself',
      withFence({ open: is(4), near: is(3.8), volts: is(3.6) }),
      'energizer',
    ],
    [
      'volts gone with the mesh on the wire',
      touchedBy('orchard-2', 'mesh', withFence({ volts: is(2) })),
      'touching',
    ],
    ['volts fine, ground dry', withFence({ ground: is('dry') }, well), 'dry'],
    ['too little in the battery', withFence({ rest: is(12.3) }, well), 'battery'],
    ['a stake that reads too much', withFence({ stake: is(0.6) }, well), 'rods'],
    ['nobody has read the stake of a poor earth', notTested(well), 'earth-unread'],
    ['nothing', well, 'sound'],
  ])('%s', (_, place, kind) => {
    const cleared = kind === 'touching' ? place : clear(place);
    expect(first(cleared)).toMatchObject({ kind });
  });

  test('less arrives than should, and nothing is seen to touch: a leak, and the test that tells most', () => {
    const place = clear(withFence({ volts: is(2.4), near: is(2.6), open: is(8) }));
    expect(first(place)).toMatchObject({ kind: 'leak' });
    const { fence } = place;
    if (!fence?.line) throw new Error('described');
    expect(nextTest(viewOf(place), { ...fence, line: fence.line })).toMatchObject({ kind: 'test' });
  });

  test('a handle that is off', () => {
    const off = (it: Opening): Opening =>
      it.kind === 'gate' ? { ...it, lineBy: 'handle', hooked: is('no') } : it;
    const place = {
      ...found,
      faces: found.faces.map((face) => ({
        ...face,
        bays: face.bays.map((bay) => ({ ...bay, openings: bay.openings.map(off) })),
      })),
    };
    expect(first(place)).toMatchObject({ kind: 'handle-off', bay: 'lane-1' });
  });

  /** One short rod, and no earth test. */
  function notTested(place: Place): Place {
    if (!place.fence?.line) throw new Error('described');
    const { stake: _stake, ...fence } = place.fence;
    const rods = { count: 1, length: 300, diameter: 10, apart: 0 };
    return { ...place, fence: { ...fence, line: { ...place.fence.line, rods } } };
  }

  /** Nothing touches any wire. */
  function clear(place: Place): Place {
    return bays
      .flatMap(({ strands }) => strands)
      .reduce((it, { id }) => setAttribute(it, id, 'strand.touching', is('nothing')), place);
  }
});

describe('what would be', () => {
  const now = viewOf(found);
  const least = (view: FenceView) => Math.min(...view.bays.map(({ reaching }) => reaching));

  test('dry or frozen ground, deep snow and long grass leave less; wet ground no less', () => {
    expect(least(viewOf(found, { ground: 'dry' }))).toBeLessThan(least(now) / 2);
    expect(least(viewOf(found, { ground: 'frozen' }))).toBeLessThan(least(now));
    expect(least(viewOf(found, { snow: 400 }))).toBe(0);
    expect(least(viewOf(found, { grass: 400 }))).toBeLessThan(least(now));
    expect(least(viewOf(found, { ground: 'wet' }))).toBeGreaterThanOrEqual(least(now));
  });

  test('a rod more lowers what stands on the stake', () => {
    expect(viewOf(found, { moreRods: 1 }).stake).toBeLessThan(now.stake ?? 0);
  });

  test('a handle off is hooked on first', () => {
    const gate = bays.flatMap(({ openings }) => openings).find(({ kind }) => kind === 'gate');
    if (!gate) throw new Error('a gate');
    expect(viewOf(found, { unhooked: gate.id }).first).toMatchObject({ kind: 'handle-off' });
  });

  test('nothing of it is kept', () => {
    expect(viewOf(found)).toEqual(now);
  });
});

test('no line described, or none strung: nothing to show', () => {
  const { line: _, ...bare } = found.fence ?? { id: 'fence', on: 'always' };
  expect(fenceView({ ...found, fence: bare }, date)).toBeUndefined();
  const unstrung = found.faces.map((face) => ({
    ...face,
    bays: face.bays.map((bay) => ({ ...bay, strands: [] })),
  }));
  expect(fenceView({ ...found, faces: unstrung }, date)).toBeUndefined();
});

describe('the battery', () => {
  test('has been drawn on since it was read', () => {
    const [now, then] = [viewOf(found), viewOf(found, {}, '2026-10-02')];
    expect((now.nights?.value ?? 0) - (then.nights?.value ?? 0)).toBeCloseTo(8, 6);
    expect(then.changeOn?.localeCompare(now.changeOn ?? '')).toBe(-1);
    expect(viewOf(found, {}, '2026-01-01').nights?.value).toBe(0);
  });

  test('that nobody has read is told of as full, and asks for nothing', () => {
    const view = fenceView(found, date);
    expect(view).toMatchObject({ batteryRead: undefined, changeOn: undefined });
    expect(view?.first.kind).not.toBe('battery');
  });
});
