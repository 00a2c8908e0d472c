/** The shop as it is stored: prices, ticks, a purchase with its offcuts, notes of a mend, and all of it taken back. */
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { samphireYard } from '../../demo/samphire-yard';
import { readPlaceFile } from '@/core/formats/read-place-file';
import { firstShop } from '@/core/mends/shopping/shop';
import { shoppingList } from '@/core/mends/shopping/shopping-list';
import { applyReadings } from '@/core/records/apply-readings';
import type { Mend } from '@/core/records/mend';
import { aMend } from '@/core/tests/a-mend';
import { redo, undo } from './change-yard';
import { exportText, keepPlace } from './keep-place';
import { bringBack, duplicatePlace, removeForGood, removePlace } from './places';
import { loadYard, type Yard } from './records';
import { storage } from './storage';
import { useShopChanges } from './use-shop-changes';
import { unstamped } from './tests/unstamped';

const { place, walks, sightings } = samphireYard;
const found = applyReadings(place, walks).place;

const apron = (bay: string, state: Mend['state'] = 'planned'): Mend =>
  aMend('sill-apron', bay, { id: `apron ${bay}`, state });

const mends = [apron('n1'), apron('n3'), apron('s1', 'done')];

async function opened() {
  await storage.clear();
  const client = new QueryClient();
  await keepPlace(client, { place, walks, mends, sightings });
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  return { client, ...renderHook(() => useShopChanges(), { wrapper }).result.current };
}

async function stored(): Promise<Yard> {
  const yard = await loadYard();
  if (!yard) throw new Error('no yard');
  return unstamped(yard);
}

const price = {
  id: 'welded-13 600x5000',
  material: 'welded-13',
  size: { form: 'sheet', width: 600, length: 5000 },
  cents: 1999,
  seen: '2026-11-20',
} as const;

test('a price is kept, replaced, and forgotten', async () => {
  const { setPrice, forgetPrice } = await opened();
  expect((await stored()).shop).toBeUndefined();
  await setPrice(price);
  await setPrice({ ...price, cents: 2100 });
  expect((await stored()).shop?.prices).toEqual([{ ...price, cents: 2100 }]);
  await forgetPrice(price.id);
  expect((await stored()).shop?.prices).toEqual([]);
});

test('a tick is set and taken off; the allowance is kept', async () => {
  const { tick, setAllowance } = await opened();
  await tick('a');
  await tick('b');
  await tick('a');
  await setAllowance(20);
  expect((await stored()).shop).toMatchObject({ ticked: ['b'], allowance: 20 });
});

test('what is bought moves its mends on, empties the basket and leaves offcuts; undone, nothing of it was', async () => {
  const { client, buy, tick } = await opened();
  const planned = mends.filter(({ state }) => state === 'planned');
  const list = shoppingList(found, planned, firstShop(place));
  await tick(list.lines[0]?.sold.id ?? '');
  const before = await stored();
  await buy(
    list,
    planned.map(({ id }) => id),
  );
  const { shop, mends: after } = await stored();
  expect(after.map(({ id, state }) => [id, state]).sort()).toEqual([
    ['apron n1', 'bought'],
    ['apron n3', 'bought'],
    ['apron s1', 'done'],
  ]);
  expect(shop?.ticked).toEqual([]);
  expect(shop?.purchases).toMatchObject([{ cents: list.cents, mends: ['apron n1', 'apron n3'] }]);
  expect(shop?.offcuts.length).toBeGreaterThan(0);
  // Each piece knows what it is for.
  const pieces = shop?.purchases[0]?.cuttings.flatMap((it) => it.pieces) ?? [];
  expect([...new Set(pieces.flatMap((it) => it.mends))].sort()).toEqual(['apron n1', 'apron n3']);
  expect(await undo(client)).toBe('buying-the-things');
  expect(await stored()).toEqual(before);
  await redo(client);
  expect((await stored()).shop).toEqual(shop);
});

test('the first price undone leaves no shop behind', async () => {
  const { client, setPrice } = await opened();
  await setPrice(price);
  await undo(client);
  expect((await stored()).shop).toBeUndefined();
  expect(await storage.getItem(`shop/${place.id}`)).toBeNull();
  await redo(client);
  expect((await stored()).shop?.prices).toEqual([price]);
});

test('an offcut that is gone is taken out of stock', async () => {
  const { buy, dropOffcut } = await opened();
  const planned = mends.filter(({ state }) => state === 'planned');
  await buy(shoppingList(found, planned, firstShop(place)), []);
  const [first] = (await stored()).shop?.offcuts ?? [];
  await dropOffcut(first?.id ?? '');
  expect((await stored()).shop?.offcuts.map(({ id }) => id)).not.toContain(first?.id);
});

test('what is noted of a mend is kept beside its state; nothing said is nothing kept', async () => {
  const { noteMend } = await opened();
  await noteMend('apron n1', { due: '2026-12-05', who: 'Ash', spent: { cents: 1200 } });
  const noted = async () => (await stored()).mends.find(({ id }) => id === 'apron n1');
  expect(await noted()).toEqual({
    ...mends[0],
    due: '2026-12-05',
    who: 'Ash',
    spent: { cents: 1200 },
  });
  await noteMend('apron n1', { due: undefined, who: undefined, spent: {} });
  expect(await noted()).toEqual(mends[0]);
});

test('the shop goes where its place goes: out as a file, as a copy, away and back', async () => {
  const { client, setPrice } = await opened();
  await setPrice(price);
  const yard = await stored();
  const read = readPlaceFile(exportText(yard));
  expect('file' in read && read.file.shop).toEqual(yard.shop);
  await duplicatePlace(client, yard, 'other');
  expect((await stored()).shop).toEqual({ ...yard.shop, placeId: 'other' });
  await removePlace(client, 'other');
  expect(await loadYard()).toBeNull();
  await bringBack(client, 'removed/other');
  expect((await stored()).shop?.placeId).toBe('other');
  await removePlace(client, 'other');
  await removeForGood(client, 'removed/other');
  expect(await storage.getItem('shop/other')).toBeNull();
});
