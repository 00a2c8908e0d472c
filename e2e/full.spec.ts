/** A browser whose storage is full, by a quota it keeps itself: said in a sentence, nothing lost, and it goes on when there is room. */
import { expect, test } from './test';
import { demoPort } from './places';
import { headline, key, onward, openYard, tryOnward } from './steps';

/** Room for the place, and for little more, bytes. Set before the browser first asks what there is. */
const quota = 1_500_000;

test('full storage loses no confirmed reading and ends no walk', async ({
  page,
  context,
}, info) => {
  if (info.project.name !== 'phone') return;
  const session = await context.newCDPSession(page);
  const origin = `http://localhost:${demoPort}/`;
  await session.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: quota });
  await openYard(page);
  await page.goto('/walk/w2~ground.gap');
  await key(page, '7');
  await onward(page);
  await expect(page.getByText('Saved: gap under the sill, 7 mm')).toBeVisible();
  expect(await page.evaluate(fill)).toBe('QuotaExceededError');
  await key(page, '8');
  await tryOnward(page);
  await expect(page.getByRole('alert')).toHaveText(/storage is full/);
  await expect(headline(page)).toHaveText('Lift the bottom edge');
  await expect(page.getByRole('textbox')).toHaveValue('8');
  // Shut and opened again: what was confirmed is there, the walk is in hand, what was refused is not.
  await page.reload();
  await expect(page.getByText('Saved: gap under the sill, 7 mm')).toBeVisible();
  await page.goto('/walk');
  await expect(headline(page)).toHaveText('Walk in hand');
  await expect(page.getByText(/1 of \d+ readings taken/)).toBeVisible();
  await page.evaluate(makeRoom);
  await page.goto('/walk/w2~ground.gapLifted');
  await key(page, '8');
  await onward(page);
  await expect(page.getByText('Saved: lift the bottom edge, 8 mm')).toBeVisible();
});

/** Fills what is left, in ever smaller pieces, with what cannot be packed; the name of the last refusal. */
const fill = `(async () => {
  const database = await new Promise((resolve) => {
    const opening = indexedDB.open('filler', 1);
    opening.onupgradeneeded = () => opening.result.createObjectStore('x', { autoIncrement: true });
    opening.onsuccess = () => resolve(opening.result);
  });
  const put = (size) => new Promise((resolve) => {
    const writing = database.transaction('x', 'readwrite');
    const signs = Array.from({ length: size }, () => String.fromCharCode(33 + Math.random() * 90));
    writing.objectStore('x').add(signs.join(''));
    writing.oncomplete = () => resolve('');
    writing.onabort = () => resolve(writing.error?.name);
  });
  let last = '';
  for (let size = 200000; size >= 50; size = Math.floor(size / 2)) {
    for (let tries = 0; tries < 40; tries += 1) {
      const failed = await put(size);
      if (failed !== '') { last = failed; break; }
    }
  }
  database.close();
  return last;
})()`;

const makeRoom = `new Promise((resolve) => {
  const gone = indexedDB.deleteDatabase('filler');
  gone.onsuccess = gone.onerror = () => resolve(undefined);
})`;
