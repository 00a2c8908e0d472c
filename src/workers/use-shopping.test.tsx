/** The hook that asks for the shopping list: what goes to the worker, and when it need not be asked again. */
import { act, renderHook } from '@testing-library/react';
import { samphireYard } from '../../demo/samphire-yard';
import { firstShop } from '@/core/mends/shopping/shop';
import { shoppingList } from '@/core/mends/shopping/shopping-list';
import { applyReadings } from '@/core/records/apply-readings';
import type { Mend } from '@/core/records/mend';
import { aMend } from '@/core/tests/a-mend';
import type { Yard } from '@/store/records';
import type { FromShop, ToShop } from './shop-talk';
import { useShopping } from './use-shopping';

class HandWorker {
  static made: HandWorker[] = [];
  onmessage: ((event: { data: FromShop }) => void) | undefined;
  onerror: (() => void) | undefined;
  ended = false;
  heard: ToShop | undefined;

  constructor() {
    HandWorker.made.push(this);
  }

  postMessage(it: ToShop) {
    this.heard = it;
  }

  terminate() {
    this.ended = true;
  }
}

const { place, walks, sightings } = samphireYard;
const found = applyReadings(place, walks).place;

const board = (id: string, state: Mend['state']): Mend => aMend('sill-board', 'n2', { id, state });

const yardWith = (id: string): Yard => ({
  place,
  walks,
  sightings,
  mends: [board(id, 'planned'), board(`${id} done`, 'done')],
});

beforeEach(() => {
  HandWorker.made = [];
  (globalThis as { Worker?: unknown }).Worker = HandWorker;
});

afterEach(() => {
  delete (globalThis as { Worker?: unknown }).Worker;
});

function answer(worker: HandWorker | undefined, isFinal = true): void {
  const asked = worker?.heard;
  if (!asked) throw new Error('nothing was asked');
  const list = shoppingList(asked.found, asked.mends, asked.shop);
  act(() => worker?.onmessage?.({ data: { list, isFinal } }));
}

test('asks for what is planned only, and shows the answer', () => {
  const { result } = renderHook(({ yard }) => useShopping(yard, found), {
    initialProps: { yard: yardWith('a') },
  });
  expect(result.current).toMatchObject({ list: undefined, isWorking: true, failed: false });
  // What was found quickly is there to be read, while it is looked for something cheaper.
  answer(HandWorker.made[0], false);
  expect(result.current.list).toBeDefined();
  expect(result.current.isWorking).toBe(true);
  expect(HandWorker.made).toHaveLength(1);
  expect(HandWorker.made[0]?.heard?.mends.map(({ id }) => id)).toEqual(['a']);
  answer(HandWorker.made[0]);
  expect(result.current.isWorking).toBe(false);
  expect(result.current.list?.lines.map(({ sold }) => sold.material)).toContain('board');
});

test('a tick or the same again asks for nothing; a price does', () => {
  const yard = yardWith('b');
  const shop = firstShop(place);
  const { result, rerender } = renderHook(({ given }) => useShopping(given, found), {
    initialProps: { given: { ...yard, shop } as Yard },
  });
  answer(HandWorker.made[0]);
  rerender({ given: { ...yard, shop: { ...shop, ticked: ['x'] } } });
  expect(HandWorker.made).toHaveLength(1);
  expect(result.current.list).toBeDefined();
  const prices = [
    {
      id: 'board 2400',
      material: 'board',
      size: { form: 'bar', length: 2400 },
      cents: 1,
      seen: '2026-11-20',
    },
  ] as const;
  rerender({ given: { ...yard, shop: { ...shop, prices } } });
  expect(HandWorker.made).toHaveLength(2);
  expect(result.current.isWorking).toBe(true);
  answer(HandWorker.made[1]);
  expect(result.current.list?.lines.find(({ sold }) => sold.material === 'board')?.cents).toBe(1);
});

test('a worker that fails is said, and ends with the screen', () => {
  const yard = yardWith('c');
  const { result, unmount } = renderHook(() => useShopping(yard, found));
  act(() => HandWorker.made.at(-1)?.onerror?.());
  expect(result.current.failed).toBe(true);
  unmount();
  expect(HandWorker.made.at(-1)?.ended).toBe(true);
});

test('without workers it is said', () => {
  delete (globalThis as { Worker?: unknown }).Worker;
  const { result } = renderHook(() => useShopping(yardWith('d'), found));
  expect(result.current).toMatchObject({ failed: true, isWorking: false });
});
