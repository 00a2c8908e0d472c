import fc from 'fast-check';
import { writePlaceFile } from '../formats/place-file';
import { readPlaceFile } from '../formats/read-place-file';
import { judgeAll } from '../score/judge-all';
import { allBays } from './find';
import { beginningOf, elbow } from '../tests/elbow';
import { beginPaced, type PacedHouse } from './begin-paced';
import { lapOf } from './lap';
import { areaOf, closeOutline } from './outline';
import { checkPacing, isPacing, type PacedSide } from './pacing';
import type { Place } from './place';

function begun(sides: readonly PacedSide[], house?: PacedHouse): Place {
  const place = beginPaced(beginningOf(sides, house));
  if ('problem' in place) throw new Error(JSON.stringify(place));
  return place;
}

const hut: PacedHouse = { side: 1, width: 1400, depth: 1200, nestLid: true };

test('the lap goes all round, from the gate, and is as long as was paced', () => {
  for (const place of [begun(elbow), begun(elbow, hut)]) {
    const lap = lapOf(place);
    expect(lap.length).toBeCloseTo(4100 + 5600 + 2700 + 2200 + 1400 + 3400, 6);
    expect(lap.bays[0]?.bay.openings[0]?.kind).toBe('gate');
  }
});

test('the house stands inside, its back on the side that was named', () => {
  const place = begun(elbow, hut);
  const [run, house] = place.zones.map(({ outline }) => closeOutline(outline));
  expect(house?.misclosure).toBeCloseTo(0, 6);
  expect(areaOf(house?.points ?? [])).toBeCloseTo(1400 * 1200, 3);
  expect(areaOf(run?.points ?? [])).toBeCloseTo(4100 * 3400 + 2700 * 2200, 3);
  const back = lapOf(place).bays.find(({ face }) => face.between.includes('house'));
  expect(back?.face.between).toContain('outside');
  // The second side runs east along the north: the house's back lies on it, 2.1 m from its corner.
  expect(back?.start.y).toBeCloseTo(4100, 6);
  expect(back?.start.x).toBeCloseTo(2100, 6);
});

test('without a house the birds sleep in the run', () => {
  const place = begun(elbow);
  expect(place.zones.map(({ id }) => id)).toEqual(['run']);
  expect(place.flock[0]?.sleeps).toBe('run');
});

test('paced anticlockwise, the gate stays where pacing began: at the end of its side', () => {
  const back = elbow.map(({ length }, index, all) => {
    const side = all[(all.length - index) % all.length];
    const turn = -(all[(all.length - index - 1) % all.length]?.turn ?? 0);
    return { length: side?.length ?? length, turn };
  });
  const place = begun(back, { ...hut, side: 1 });
  const gateSide = place.faces
    .filter(({ along }) => along === 'side-1')
    .flatMap(({ bays }) => bays);
  expect(gateSide.at(-1)?.openings[0]?.kind).toBe('gate');
});

test('a house too wide for its side, too near the gate or too deep for the run is refused', () => {
  expect(beginPaced(beginningOf(elbow, { ...hut, width: 5200 }))).toEqual({
    problem: 'side-too-short',
    side: 1,
  });
  expect(beginPaced(beginningOf(elbow, { ...hut, side: 0, width: 2600 }))).toEqual({
    problem: 'side-too-short',
    side: 0,
  });
  expect(beginPaced(beginningOf(elbow, { ...hut, depth: 4200 }))).toEqual({
    problem: 'house-too-deep',
  });
});

test('property: whatever is begun is a place file that opens, has no id twice, and is judged', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 1500, max: 9000 }), { minLength: 3, maxLength: 8 }),
      fc.boolean(),
      fc.nat(),
      (lengths, left, pick) => {
        const turn = (left ? -360 : 360) / lengths.length;
        const pacing = checkPacing(lengths.map((length) => ({ length, turn })));
        if (!isPacing(pacing)) return;
        const house = { side: pick % lengths.length, width: 900, depth: 600, nestLid: true };
        const place = beginPaced({ ...beginningOf(elbow), pacing, house });
        if ('problem' in place) return;
        const read = readPlaceFile(writePlaceFile({ place, walks: [], mends: [], sightings: [] }));
        expect('file' in read).toBe(true);
        const gates = allBays(place).flatMap(({ bay }) =>
          bay.openings.filter((it) => it.kind === 'gate'),
        );
        expect(gates).toHaveLength(1);
        // Nothing has been read: nothing is sure, and every bay but boards is still to be looked at.
        const { waysIn, stops } = judgeAll(place, [])['night-shut'];
        expect(waysIn).toEqual([]);
        expect(stops.unread).toBeGreaterThan(20);
      },
    ),
    { numRuns: 60 },
  );
});
