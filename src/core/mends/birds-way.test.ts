/** A keeper's door is shut by day by a mend; the birds' own way never is (common practice). */
import { samphireYard } from '../../../demo/samphire-yard';
import { allBays } from '../place/find';
import type { Group, Opening, Place } from '../place/place';
import { applyReadings } from '../records/apply-readings';
import { whenOf } from '../score/scenario';
import { isBirdsWay } from './birds-way';
import { weakSpots } from './spots';
import { plannedMend, proposalsFor } from './propose';
import { withMends } from './plan/with-mends';

const found = applyReadings(samphireYard.place, samphireYard.walks).place;

/** The yard with doors and birds so. */
const yard = (doors: Readonly<Record<string, Partial<Opening>>>, group: Partial<Group> = {}) => ({
  ...found,
  flock: found.flock.map(({ ranging: _, ...it }) => ({ ...it, ...group })),
  faces: found.faces.map((face) => ({
    ...face,
    bays: face.bays.map((bay) => ({
      ...bay,
      openings: bay.openings.map((it) => ({ ...it, ...doors[it.id] })),
    })),
  })),
});

const doorOf = (place: Place, id: string): Opening => {
  const all = allBays(place).flatMap(({ bay }) => bay.openings);
  return all.find((it) => it.id === id) as Opening;
};

const proposed = (place: Place, bayId: string) => {
  const when = whenOf(place, 'day-run');
  const bay = allBays(place).find(({ bay: { id } }) => id === bayId)?.bay;
  return bay ? weakSpots(place, bay, when).flatMap(proposalsFor) : [];
};

const open = { gate: { byDay: 'open' } } as const;
const ranges = { ranging: { zone: 'outside', hours: 3, watched: true } };

test('a gate that stands open by day is to be kept shut, and then nothing walks in by it', () => {
  const place = yard(open);
  const [proposal] = proposed(place, 'w1').filter(({ mend }) => mend.kind === 'shut-by-day');
  if (!proposal) throw new Error('not proposed');
  const shut = withMends(place, [plannedMend(place, proposal, 'm1', '2026-11-30T10:00:00Z')]);
  expect(doorOf(shut, 'gate').byDay).toBe('shut');
  expect(proposed(shut, 'w1').map(({ mend }) => mend.kind)).not.toContain('shut-by-day');
});

test.each<readonly [what: string, place: Place, door: string, isTheirs: boolean]>([
  ['nobody ranges', yard(open), 'gate', false],
  ['they range by it, and there is no other', yard(open, ranges), 'gate', true],
  ['it is opened for them to range', yard({ gate: { byDay: 'open-while-ranging' } }), 'gate', true],
  ['their own door', yard({}), 'pop-door', true],
  ['their own door, another beside it', yard(open, ranges), 'pop-door', true],
])('birds need it by day: %s', (_what, place, door, isTheirs) => {
  expect(isBirdsWay(place, doorOf(place, door))).toBe(isTheirs);
  const bay = allBays(place).find((it) => it.bay.openings.some(({ id }) => id === door))?.bay;
  const kinds = proposed(place, bay?.id ?? '').map(({ mend }) => mend.kind);
  if (isTheirs) expect(kinds).not.toContain('shut-by-day');
});

test('of two keeper’s doors that both stand open one stays the birds’', () => {
  const place = yard(open, ranges);
  const second: Opening = { ...doorOf(place, 'gate'), id: 'gate-2', name: 'second gate' };
  const both: Place = {
    ...place,
    faces: place.faces.map((face) => ({
      ...face,
      bays: face.bays.map((bay) => ({
        ...bay,
        openings: bay.openings.flatMap((it) => (it.id === 'gate' ? [it, second] : [it])),
      })),
    })),
  };
  expect(['gate', 'gate-2'].map((id) => isBirdsWay(both, doorOf(both, id)))).toEqual([true, false]);
});
