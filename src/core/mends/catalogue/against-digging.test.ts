import { samphireYard } from '../../../../demo/samphire-yard';
import { digEffort, stopsInGround } from '../../effort/dig';
import { applyReadings } from '../../records/apply-readings';
import { findBay } from '../../place/find';
import { setAttribute } from '../../records/set-attribute';
import { animals, animalIds } from '../../tables/animals';
import { proposalsFor, targetsOf } from '../propose';
import { weakSpots } from '../spots';
import { leastEnough } from './against-digging';

const found = applyReadings(samphireYard.place, samphireYard.walks).place;
const bay = findBay(found, 's4')?.bay;
const spot = bay && weakSpots(found, bay).find((weak) => weak.spot.kind === 'dig');

test('the short skirt is a weak spot for rats', () => {
  expect(spot?.letsBy).toEqual(
    ['red-fox', 'european-badger', 'stoat', 'norway-rat'].filter((id) =>
      spot?.letsBy.includes(id as never),
    ),
  );
  expect(spot?.letsBy).toContain('norway-rat');
});

test('an apron alone or depth alone is not offered against rats: neither is enough for them', () => {
  const kinds = spot ? proposalsFor(spot).map(({ mend }) => mend.kind) : [];
  expect(kinds).toEqual(['skirt-and-foot', 'slabs-along']);
});

test('against foxes an apron, depth or both are offered, as far as foxes require', () => {
  expect(leastEnough(['red-fox'], ({ depth }) => depth.value === 0)).toEqual({
    depth: 0,
    outward: 450,
  });
  expect(leastEnough(['red-fox'], ({ outward }) => outward.value === 0)).toEqual({
    depth: 450,
    outward: 0,
  });
  expect(leastEnough(['norway-rat'], ({ depth }) => depth.value === 0)).toEqual({
    depth: 0,
    outward: 600,
  });
  expect(leastEnough([], () => true)).toBeUndefined();
});

test('what is enough for several is enough for each of them', () => {
  // A bear bites through any mesh; no skirt is meant for it.
  const diggers = animalIds.filter(
    (id) => animals[id].digs && stopsInGround({ is: 'welded-13' }, animals[id], 'worst'),
  );
  expect(diggers).not.toContain('black-bear');
  const least = leastEnough(diggers, () => true);
  const dug =
    bay &&
    ['skirt.depth', 'skirt.outward'].reduce(
      (it, attribute) =>
        setAttribute(it, 's4', attribute as 'skirt.depth', {
          is: (attribute === 'skirt.depth' ? least?.depth : least?.outward) ?? 0,
        }),
      found,
    );
  const after = dug && findBay(dug, 's4')?.bay;
  for (const id of diggers) {
    expect(after && digEffort(after, animals[id], 'worst')?.level).toBe('holds');
  }
});

test('measuring again asks for mesh, depth, width and tie', () => {
  const both = spot && proposalsFor(spot).find(({ mend }) => mend.kind === 'skirt-and-foot');
  expect(both && targetsOf(both)).toEqual([
    { item: 's4', attribute: 'skirt.mesh', value: { is: 'welded-13' } },
    { item: 's4', attribute: 'skirt.depth', value: { atLeast: 500 } },
    { item: 's4', attribute: 'skirt.outward', value: { atLeast: 600 } },
    { item: 's4', attribute: 'skirt.tied', value: { is: 'yes' } },
  ]);
});
