import { samphireYard } from '../../../../demo/samphire-yard';
import { countedIds } from '../../tests/new-ids';
import { applyReadings } from '../../records/apply-readings';
import { findBay, isOutermost } from '../find';
import { makeAlike, reachOf } from './alike';
import { addStrand, setStanding, standingOf } from './ground';

const { place, walks } = samphireYard;
const found = applyReadings(place, walks).place;

test('a bay reaches its own side, and the walls of the same run; the house’s are none of them', () => {
  const { side, walls } = reachOf(place, 'n2');
  expect(side).toEqual(['n1', 'n3']);
  expect(walls).toContain('w2');
  expect(walls).not.toContain('h1');
  expect(walls.every((id) => isOutermost(findBay(place, id)?.face ?? ({} as never)))).toBe(true);
});

test('the whole run is like this, except one: cover and skirt are alike, gaps and doors stay each bay’s own', () => {
  const shown = findBay(found, 's3')?.bay;
  if (!shown) throw new Error('no s3');
  const ids = reachOf(place, 's3').walls.filter((id) => id !== 'n1');
  const alike = makeAlike(place, shown, ids, countedIds());
  expect(findBay(alike, 'n1')?.bay).toBe(findBay(place, 'n1')?.bay);
  const w1 = findBay(alike, 'w1')?.bay;
  expect(w1?.bands.map(({ layers }) => layers.map(({ mesh }) => mesh))).toEqual(
    shown.bands.map(({ layers }) => layers.map(({ mesh }) => mesh)),
  );
  expect(w1?.ground?.skirt).toEqual(shown.ground?.skirt);
  expect(w1?.openings).toEqual(findBay(place, 'w1')?.bay.openings);
  expect(w1?.width).toBe(findBay(place, 'w1')?.bay.width);
  // A layer is never read by what was read of another.
  const read = applyReadings(alike, walks).place;
  expect(findBay(read, 'w1')?.bay.bands).toEqual(w1?.bands);
  // Gaps that were measured are still known.
  expect(findBay(read, 'n2')?.bay.ground?.gapLifted).toEqual(
    findBay(found, 'n2')?.bay.ground?.gapLifted,
  );
});

test('a strand is strung along bays; the place has an electric line from then on, not yet read', () => {
  const { fence: _, ...bare } = place;
  const strung = addStrand(bare, ['n1', 'n2'], countedIds());
  expect(strung.fence).toMatchObject({ on: 'always' });
  expect(strung.fence?.volts).toBeUndefined();
  expect(findBay(strung, 'n2')?.bay.strands.at(-1)?.height).toEqual({ is: 150 });
});

test('what a wall stands on', () => {
  const { bay } = findBay(place, 'n2') ?? {};
  if (!bay) throw new Error('no n2');
  expect(standingOf(bay)).toBe('earth');
  const frame = setStanding(bay, 'frame');
  expect(standingOf(frame)).toBe('frame');
  expect(setStanding(frame, 'earth')).toEqual(bay);
  expect(standingOf(setStanding(bay, 'floor'))).toBe('floor');
});
