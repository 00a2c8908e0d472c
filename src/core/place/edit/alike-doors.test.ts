import fc from 'fast-check';
import { applyReadings } from '../../records/apply-readings';
import type { Walk } from '../../records/walk';
import { countedIds } from '../../tests/new-ids';
import { randomPlace } from '../../tests/random-place';
import { allBays } from '../find';
import type { ItemId, Opening, Place } from '../place';
import { any } from '../possible';
import { makeDoorsAlike, othersOfItsKind } from './alike-doors';

const openingsOf = (place: Place): Opening[] => allBays(place).flatMap(({ bay }) => bay.openings);

const lid = (id: ItemId, more: Partial<Opening> = {}): Opening => ({
  id,
  name: id,
  kind: 'nest-lid',
  at: 100,
  up: 400,
  width: 600,
  height: 250,
  latches: [{ id: `${id}-latch`, kind: any }],
  habit: 'every-night',
  shutBy: 'hand',
  ...more,
});

/** One side with three nest boxes and a pop door. */
function threeLids(): Place {
  const [place] = fc.sample(randomPlace('some'), { numRuns: 1, seed: 4 });
  const [face, ...faces] = place?.faces ?? [];
  const [bay] = face?.bays ?? [];
  if (!place || !face || !bay) throw new Error('no bay');
  const openings = [
    lid('first', {
      latches: [{ id: 'first-latch', kind: { is: 'slide-bolt' } }],
      cover: [{ id: 'first-board', mesh: { is: 'solid-board' }, condition: { is: 'sound' } }],
      moves: 'lifts-off',
      letGo: 'falls-shut',
      gap: { is: 4 },
      hinges: { is: 'tight' },
    }),
    lid('second', { width: 400, gap: { is: 22 }, hinges: { is: 'loose' } }),
    lid('third'),
    lid('pop', { kind: 'pop-door' }),
  ];
  return { ...place, faces: [{ ...face, bays: [{ ...bay, openings }] }, ...faces] };
}

test('others are those of its kind; they take what it is made of, how it moves and what latches it', () => {
  const place = threeLids();
  const others = othersOfItsKind(place, 'first').map(({ opening }) => opening.id);
  expect(others.slice(0, 2)).toEqual(['second', 'third']);
  expect(others).not.toContain('pop');
  const [first, ...before] = openingsOf(place);
  if (!first) throw new Error('no lid');
  const [, second, third, pop] = openingsOf(
    makeDoorsAlike(place, first, new Set(['second']), countedIds()),
  );
  expect(second).toMatchObject({
    name: 'second',
    width: 400,
    gap: { is: 22 },
    hinges: { is: 'loose' },
    moves: 'lifts-off',
    letGo: 'falls-shut',
    latches: [{ kind: { is: 'slide-bolt' } }],
    // A board’s state is each lid’s own.
    cover: [{ mesh: { is: 'solid-board' }, condition: any }],
  });
  expect([third, pop]).toEqual(before.slice(1, 3));
});

test('what was read of the old latch does not speak for the new one', () => {
  const place = threeLids();
  const walk: Walk = {
    id: 'w',
    placeId: place.id,
    kind: 'lap',
    ended: true,
    date: '2026-10-18',
    purpose: 'full',
    readings: [
      {
        id: 'r',
        item: 'second-latch',
        attribute: 'latch.kind',
        value: { is: 'hook-and-eye' },
        how: 'looked',
        at: '2026-10-18T10:00:00Z',
      },
    ],
  };
  const [first] = openingsOf(place);
  if (!first) throw new Error('no lid');
  const alike = makeDoorsAlike(place, first, new Set(['second']), countedIds());
  const [, second] = openingsOf(applyReadings(alike, [walk]).place);
  expect(second?.latches.map(({ kind }) => kind)).toEqual([{ is: 'slide-bolt' }]);
});

test('what nobody has read of the one shown takes nothing from the others', () => {
  const place = threeLids();
  const third = openingsOf(place)[2];
  if (!third) throw new Error('no lid');
  const [first] = openingsOf(makeDoorsAlike(place, third, new Set(['first']), countedIds()));
  expect(first?.latches).toEqual(openingsOf(place)[0]?.latches);
  expect(first?.cover).toEqual(openingsOf(place)[0]?.cover);
});

test('in any place all else stays as it is, sizes and gaps too', () => {
  let made = 0;
  fc.assert(
    fc.property(randomPlace('some'), fc.nat(), (place, which) => {
      const all = openingsOf(place);
      const shown = all[which % Math.max(all.length, 1)];
      if (!shown) return;
      const ids = new Set(othersOfItsKind(place, shown.id).map(({ opening }) => opening.id));
      const alike = makeDoorsAlike(place, shown, ids, countedIds());
      const own = ({ id, name, kind, at, up, width, height, gap, gapPulled, hinges }: Opening) => ({
        ...{ id, name, kind, at, up, width, height, gap, gapPulled, hinges },
      });
      expect(openingsOf(alike).map(own)).toEqual(all.map(own));
      openingsOf(alike).forEach((it, index) => {
        if (!ids.has(it.id)) expect(it).toBe(all[index]);
        else
          expect([it.habit, it.shutBy, it.moves]).toEqual([shown.habit, shown.shutBy, shown.moves]);
      });
      made += ids.size;
    }),
  );
  expect(made).toBeGreaterThan(20);
});
