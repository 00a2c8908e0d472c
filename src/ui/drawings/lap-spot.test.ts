import { samphireYard } from '../../../demo/samphire-yard';
import { tamarackBank } from '../../../demo/tamarack-bank';
import { lapOf } from '@/core/place/lap';
import { judge } from '@/core/score/judge';
import { scenarios } from '@/core/score/scenario';
import { boxOf, lapLayout } from './lap-layout';
import { lapSpot } from './LapRoute';
import { birdsAbout, birdsAtRoost } from './site-plan-zones';

const frame = { scale: 0.05, above: 20, below: 60, margin: 10 };

test('every way in by the lap ends within its bay, between top edge and ground', () => {
  let ways = 0;
  for (const { place, walks } of [samphireYard, tamarackBank]) {
    for (const scenario of scenarios) {
      const judgement = judge(place, walks, { scenario, date: '2026-07-15' });
      const layout = lapLayout(judgement.found.place, lapOf(judgement.found.place), frame);
      for (const way of [...judgement.waysIn, ...judgement.slowWays]) {
        const box = boxOf(layout, way.id);
        if (!box) continue;
        ways += 1;
        const { x, y } = lapSpot(box, layout, way);
        expect(x).toBeGreaterThanOrEqual(box.x);
        expect(x).toBeLessThanOrEqual(box.x + box.width);
        expect(y).toBeGreaterThanOrEqual(box.y);
        expect(y).toBeLessThanOrEqual(layout.ground);
      }
    }
  }
  expect(ways).toBeGreaterThan(6);
});

test('a lid is pointed at where it is, a gap under the sill at the ground', () => {
  const { waysIn, found } = judge(samphireYard.place, samphireYard.walks);
  const layout = lapLayout(found.place, lapOf(found.place), frame);
  const spotOf = (id: string) => {
    const way = waysIn.find((it) => it.id === id);
    const box = boxOf(layout, id);
    if (!way || !box) throw new Error(id);
    return { box, spot: lapSpot(box, layout, way) };
  };
  expect(spotOf('n2').spot.y).toBe(layout.ground);
  const { box, spot } = spotOf('h1');
  const lid = box.openings.find(({ opening }) => opening.kind === 'nest-lid');
  expect(spot.y).toBeCloseTo((lid?.y ?? 0) + (lid?.height ?? 0) / 2);
});

test('by day the birds are counted in the run, at night in the hut', () => {
  const { place, walks } = samphireYard;
  const inZones = (scenario: 'night-shut' | 'day-run') => [
    ...birdsAbout(judge(place, walks, { scenario }).whereabouts),
  ];
  expect(inZones('night-shut')).toEqual([...birdsAtRoost(place)]);
  expect(inZones('day-run')).toEqual([['run', 12]]);
});
