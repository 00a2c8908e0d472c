import fc from 'fast-check';
import { countedIds } from '../../tests/new-ids';
import type { Bay } from '../place';
import { any, is } from '../possible';
import { addLayer, cutBand, dropBand, dropLayer, moveBandTop, setHeight, setSeason } from './cover';

const bay: Bay = {
  id: 'b',
  name: 'b',
  width: 1800,
  height: 1800,
  top: { kind: 'open' },
  bands: [
    { id: 'low', from: 0, to: 600, layers: [{ id: 'l1', mesh: is('welded-13' as const) }] },
    { id: 'high', from: 600, to: 1800, layers: [{ id: 'l2', mesh: any }] },
  ],
  ground: {},
  openings: [],
  strands: [],
};

test('a band is cut at a height, covered above as below under ids of its own', () => {
  const cut = cutBand(bay, 900, countedIds());
  expect(cut?.bands.map(({ from, to }) => [from, to])).toEqual([
    [0, 600],
    [600, 900],
    [900, 1800],
  ]);
  expect(cut?.bands[2]?.layers[0]?.id).not.toBe('l2');
  expect(cutBand(bay, 610, countedIds())).toBeUndefined();
  expect(cutBand(bay, -5, countedIds())).toBeUndefined();
});

test('a layer is put on inside, comes off again, and may be on for a season only', () => {
  const two = addLayer(bay, 'low', countedIds(), 'hex-25');
  const [, inner] = two.bands[0]?.layers ?? [];
  expect(inner?.mesh).toEqual({ is: 'hex-25' });
  const winter = setSeason(two, inner?.id ?? '', () => ({ from: '11-01', to: '03-31' }));
  expect(winter.bands[0]?.layers[1]?.on).toEqual({ from: '11-01', to: '03-31' });
  expect(setSeason(winter, inner?.id ?? '', () => undefined)).toEqual(two);
  expect(dropLayer(two, inner?.id ?? '')).toEqual(bay);
});

test('property: bands always cover the wall once from the ground to its top', () => {
  const step = fc.record({
    what: fc.constantFrom('cut', 'drop', 'move', 'height'),
    at: fc.integer({ min: -100, max: 3000 }),
    which: fc.nat(5),
  });
  fc.assert(
    fc.property(fc.array(step, { maxLength: 15 }), (steps) => {
      const newId = countedIds();
      const after = steps.reduce<Bay>((it, { what, at, which }) => {
        const band = it.bands[which % it.bands.length]?.id ?? '';
        if (what === 'cut') return cutBand(it, at, newId) ?? it;
        if (what === 'drop') return dropBand(it, band);
        return what === 'move' ? moveBandTop(it, band, at) : setHeight(it, at);
      }, bay);
      expect(after.bands[0]?.from).toBe(0);
      expect(after.bands.at(-1)?.to).toBe(after.height);
      after.bands.forEach(({ from, to }, index) => {
        expect(to).toBeGreaterThan(from);
        expect(after.bands[index + 1]?.from ?? to).toBe(to);
      });
    }),
  );
});
