import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { applyReadings } from '@/core/records/apply-readings';
import { lapOf } from '@/core/place/lap';
import { fittingScale, lapFrame } from './lap-frame';
import { distanceLabelsOf, sideLabelsOf, skirtLabelsOf, type LapLabel } from './lap-labels';
import { lapLayout } from './lap-layout';
import { letter } from './site-plan-labels';

const place = applyReadings(samphireYard.place, samphireYard.walks).place;
const lap = lapOf(place);

const clear = (labels: readonly LapLabel[]) =>
  labels.every((a, index) =>
    labels
      .slice(index + 1)
      .every((b) => a.y !== b.y || a.x + [...a.text].length * letter <= b.x + 1 || b.x < a.x),
  );

test.each([0.018, 0.04, 0.075, 0.14, 0.25])('at %d px a mm nothing stands on anything', (scale) => {
  const layout = lapLayout(place, lap, { scale, above: 28, below: 90, margin: 18 });
  const sides = sideLabelsOf(layout);
  const skirts = skirtLabelsOf(place, layout);
  const metres = distanceLabelsOf(place, layout);
  expect(clear(sides)).toBe(true);
  expect(clear(skirts)).toBe(true);
  expect(clear(metres)).toBe(true);
  expect(metres[0]?.text).toBe('0 m');
  expect(skirts.length).toBeGreaterThan(0);
  for (const { text, x } of skirts) {
    expect(x + [...text].length * letter).toBeLessThanOrEqual(layout.width);
  }
});

test('what has room is written whole', () => {
  const layout = lapLayout(place, lap, { scale: 0.25, above: 28, below: 200, margin: 18 });
  expect(sideLabelsOf(layout).map(({ text }) => text)).toContain('west');
  expect(
    skirtLabelsOf(place, layout)
      .map(({ text }) => text)
      .join(' '),
  ).toMatch(/skirt 330 mm.*apron \d+ mm|apron \d+ mm.*skirt 330 mm/);
});

test('the sides of the second demo place have their whole names on a wide screen', () => {
  const bank = applyReadings(tamarackBank.place, tamarackBank.walks).place;
  const around = lapOf(bank);
  const layout = lapLayout(bank, around, lapFrame(around, fittingScale(around, 1156)));
  const names = sideLabelsOf(layout).map(({ text }) => text);
  expect(names).toEqual(layout.sides.map(({ name }) => name));
  expect(names).toContain('hoop front');
});
