import fc from 'fast-check';
import { samphireYard } from '../../../../demo/samphire-yard';
import { countedIds } from '../../tests/new-ids';
import { applyReadings } from '../../records/apply-readings';
import { allBays, findBay, itemId, itemsOf } from '../find';
import { lapOf } from '../lap';
import type { Place } from '../place';
import { cutBay, joinBays, leastBay, movePost, nextTo } from './posts';

const { place, walks } = samphireYard;

const width = (it: Place, id: string) => findBay(it, id)?.bay.width;

function idsOf(it: Place): string[] {
  return allBays(it).flatMap(({ bay }) => itemsOf(bay).map(itemId));
}

test('a post set into a bay makes two of it; the lap stays as long', () => {
  const cut = cutBay(place, 'n2', 500, countedIds());
  if (!cut) throw new Error('not cut');
  expect(width(cut, 'n2')).toBe(500);
  expect(lapOf(cut).length).toBeCloseTo(lapOf(place).length, 6);
  const names = lapOf(cut).bays.map(({ bay }) => bay.name);
  expect(names[names.indexOf('north 2') + 1]).toBe('north 2 b');
});

test('no post stands in a gate, nor close by another', () => {
  const gate = findBay(place, 'w1')?.bay.openings[0];
  expect(cutBay(place, 'w1', (gate?.at ?? 0) + 100, countedIds())).toBeUndefined();
  expect(cutBay(place, 'n2', 20, countedIds())).toBeUndefined();
});

test('posts may stand as close as they are let, and no closer', () => {
  const whole = width(place, 'n2') ?? 0;
  for (const at of [leastBay, whole - leastBay]) {
    const cut = cutBay(place, 'n2', at, countedIds());
    expect(cut && width(cut, 'n2')).toBe(at);
  }
  expect(cutBay(place, 'n2', leastBay - 1, countedIds())).toBeUndefined();
  expect(cutBay(place, 'n2', whole - leastBay + 1, countedIds())).toBeUndefined();
  const both = whole + (width(place, nextTo(place, 'n2')?.id ?? '') ?? 0);
  for (const at of [leastBay, both - leastBay]) {
    const moved = movePost(place, 'n2', at);
    expect(moved && width(moved, 'n2')).toBe(at);
  }
  expect(movePost(place, 'n2', leastBay - 1)).toBeUndefined();
  expect(movePost(place, 'n2', both - leastBay + 1)).toBeUndefined();
  // Beside a gate, on either of its posts.
  const gate = findBay(place, 'w1')?.bay.openings[0];
  if (!gate) throw new Error('no gate');
  const { width: bay = 0 } = findBay(place, 'w1')?.bay ?? {};
  for (const at of [gate.at, gate.at + gate.width]) {
    const fits = at >= leastBay && at <= bay - leastBay;
    expect(cutBay(place, 'w1', at, countedIds()) !== undefined).toBe(fits);
  }
});

test('what was read of a bay does not speak of the one cut from it, and comes back when they are joined', () => {
  const cut = cutBay(place, 'n2', 500, countedIds());
  if (!cut) throw new Error('not cut');
  const found = applyReadings(cut, walks).place;
  expect(findBay(found, 'n2')?.bay.ground?.gapLifted).toEqual(
    findBay(applyReadings(place, walks).place, 'n2')?.bay.ground?.gapLifted,
  );
  expect(findBay(found, 'bay-new-1')?.bay.ground?.gapLifted).toBeUndefined();
  const joined = joinBays(cut, 'n2');
  expect(joined && width(joined, 'n2')).toBe(width(place, 'n2'));
});

test('property: whatever is done to posts, the lap keeps its length and no id is there twice', () => {
  const ids = allBays(place)
    .filter(({ face }) => face.kind === 'wall')
    .map(({ bay }) => bay.id);
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          id: fc.constantFrom(...ids),
          what: fc.constantFrom('cut', 'join', 'move'),
          at: fc.integer({ min: 0, max: 4000 }),
        }),
        { maxLength: 12 },
      ),
      (steps) => {
        const newId = countedIds();
        const after = steps.reduce<Place>((it, { id, what, at }) => {
          if (what === 'cut') return cutBay(it, id, at, newId) ?? it;
          return (what === 'join' ? joinBays(it, id) : movePost(it, id, at)) ?? it;
        }, place);
        expect(lapOf(after).length).toBeCloseTo(lapOf(place).length, 6);
        const all = idsOf(after);
        expect(new Set(all).size).toBe(all.length);
        for (const { bay } of allBays(after)) {
          for (const it of bay.openings) {
            expect(it.at).toBeGreaterThanOrEqual(0);
            expect(it.at + it.width).toBeLessThanOrEqual(bay.width + 1e-6);
          }
        }
      },
    ),
  );
});
