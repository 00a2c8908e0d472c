/** Nothing lost, nothing blank: older files, damaged records, screens that fail, tabs without locks. */
import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, test } from './test';
import {
  exportPlace,
  go,
  headline,
  holdWriting,
  key,
  onward,
  openFile,
  openYard,
  unfold,
} from './steps';

/** Writes a record as something else might have left it. */
const leave = (page: Page, key: string, text: string) =>
  page.evaluate(
    async ([at, value]) => {
      const all = await indexedDB.databases();
      for (const { name = '' } of all) {
        const database = await new Promise<IDBDatabase>((resolve, reject) => {
          const opening = indexedDB.open(name);
          opening.onsuccess = () => resolve(opening.result);
          opening.onerror = () => reject(opening.error ?? new Error('no database'));
        });
        for (const store of database.objectStoreNames) {
          const writing = database.transaction(store, 'readwrite');
          const has = await new Promise<number>((resolve) => {
            const counting = writing.objectStore(store).count();
            counting.onsuccess = () => resolve(counting.result);
          });
          if (has < 3) continue;
          writing.objectStore(store).put(value, at);
          writing.objectStore(store).delete('revision');
          await new Promise((resolve) => (writing.oncomplete = resolve));
        }
        database.close();
      }
    },
    [key, text] as const,
  );

const rename = async (page: Page, name: string) => {
  await go(page, 'Place');
  await unfold(page, 'Name and units');
  const field = page.getByLabel('Name of the place');
  await field.fill(name);
  await field.blur();
  await expect(headline(page)).toHaveText(name);
};

test('a file of a place that is here replaces nothing: both are kept, or the one here is put aside', async ({
  page,
}) => {
  await openYard(page);
  const before = await exportPlace(page);
  await rename(page, 'Changed since');
  await openFile(page, 'old.json', before);
  const alert = page.getByRole('group', { name: 'It is here already' });
  await expect(alert).toContainText('Changed since is here already');
  await expect(alert).toContainText('Nothing was changed.');
  await page.getByRole('button', { name: 'Leave it as it is' }).click();
  await expect(headline(page)).toHaveText('Changed since');

  await openFile(page, 'old.json', before);
  await page.getByRole('button', { name: 'Keep both as two places' }).click();
  await expect(page.getByText(/^Samphire Yard \(from a file\) · /)).toBeVisible();
  await go(page, 'Place');
  await page.getByRole('button', { name: 'Other places' }).click();
  await page.getByRole('button', { name: 'Open Changed since' }).click();
  await expect(page.getByText(/^Changed since · /)).toBeVisible();

  await go(page, 'Place');
  await openFile(page, 'old.json', before);
  await page.getByRole('button', { name: 'Put Changed since aside and open the file' }).click();
  await expect(page.getByText(/^Samphire Yard · /)).toBeVisible();
  await go(page, 'Place');
  await page.getByRole('button', { name: 'Other places' }).click();
  await page.getByRole('button', { name: /^Bring back Changed since, put aside/ }).click();
  await expect(page.getByText(/^Changed since · /)).toBeVisible();
});

test('the demo as it began puts the one that was changed aside', async ({ page }) => {
  await openYard(page);
  await rename(page, 'My notes in it');
  await page.getByRole('button', { name: 'Other places' }).click();
  await page
    .getByRole('button', { name: /as it began$/ })
    .first()
    .click();
  await expect(page.getByText(/^Samphire Yard · /)).toBeVisible();
  await go(page, 'Place');
  await page.getByRole('button', { name: 'Other places' }).click();
  await page.getByRole('button', { name: /^Bring back My notes in it/ }).click();
  await expect(page.getByText(/^My notes in it · /)).toBeVisible();
});

test('one record that cannot be read costs itself: it is said, its bytes are kept, the rest is whole', async ({
  page,
}) => {
  await openYard(page);
  await leave(page, 'walk/samphire-yard/half', '{"version":8,"record":{"id":');
  await leave(page, 'mend/samphire-yard/later', '{"version":99,"record":{}}');
  await page.reload();
  await expect(headline(page)).toHaveText('2 ways in tonight');
  await expect(
    page.getByText(/2 records of this place are left out of what you see/),
  ).toBeVisible();
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save what cannot be read as a file' }).click();
  const bytes = await readFile(await (await waiting).path(), 'utf8');
  expect(JSON.parse(bytes)).toEqual({
    'walk/samphire-yard/half': '{"version":8,"record":{"id":',
    'mend/samphire-yard/later': '{"version":99,"record":{}}',
  });
  await exportPlace(page);
  // Done with: the damaged one is out of sight and kept, the newer one waits for the next version.
  await go(page, 'Yard');
  await page.getByRole('button', { name: 'Put what is damaged away' }).click();
  await expect(page.getByText(/1 record of this place is left out of what you see/)).toBeVisible();
  await page.reload();
  await expect(page.getByText(/written by a newer Rookle/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Put what is damaged away' })).toHaveCount(0);
  await go(page, 'Place');
  const again = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save what is put away as a file' }).click();
  expect(JSON.parse(await readFile(await (await again).path(), 'utf8'))).toEqual({
    'walk/samphire-yard/half': '{"version":8,"record":{"id":',
  });
});

test('a place whose own record cannot be read leaves every other one to be opened', async ({
  page,
}) => {
  await openYard(page);
  await leave(page, 'place/samphire-yard', '{"version":8,"record":{"id":');
  await page.reload();
  await expect(page.getByText(/Its own record cannot be read/)).toBeVisible();
  await page.getByRole('link', { name: 'Other places' }).click();
  await page.getByRole('button', { name: 'Look at Tamarack Bank' }).click();
  await expect(page.getByText(/^Tamarack Bank · /)).toBeVisible();
});

test('a screen whose script is missing says so, once more is tried, and the way out stands', async ({
  page,
}) => {
  await openYard(page);
  await page.route(/figures-\w+\.js/, (route) => route.abort());
  // Loaded anew once by itself, and still not there: then it is said.
  await page.goto('/place');
  await page
    .getByRole('link', { name: /every figure/i })
    .first()
    .click();
  await expect(page.getByText('This screen failed')).toBeVisible();
  await expect(page.getByRole('navigation').getByRole('link', { name: 'Yard' })).toBeVisible();
  await page.unroute(/figures-\w+\.js/);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(headline(page)).toHaveText('Figures');
});

test('two tabs without the browser’s locks, as over plain http, lose nothing to each other', async ({
  page,
  context,
}) => {
  const withoutLocks = (it: Page) =>
    it.addInitScript(() => Object.defineProperty(navigator, 'locks', { value: undefined }));
  await withoutLocks(page);
  await openYard(page);
  const other = await context.newPage();
  await withoutLocks(other);
  await openYard(other);
  const field = (it: Page, height: string) => it.getByLabel(height, { exact: true });
  for (const it of [page, other]) await it.goto('/flock');
  // Told to the button itself: it moves while the other tab's groups come in, and a finger would miss it.
  const add = (it: Page) =>
    it.getByRole('button', { name: 'Another group' }).dispatchEvent('click');
  await expect(page.getByRole('button', { name: 'Another group' })).toBeVisible();
  await expect(other.getByRole('button', { name: 'Another group' })).toBeVisible();
  for (let times = 0; times < 4; times += 1) await Promise.all([add(page), add(other)]);
  // The demo's own group, and all eight that were added; each tab has heard of the other's once they are stored.
  for (const it of [page, other]) await expect(field(it, 'How many')).toHaveCount(9);
  await page.reload();
  await expect(field(page, 'How many')).toHaveCount(9);
});

test('what is half typed at a stop is there after Back, Leave and a reload; two quick taps answer one thing', async ({
  page,
}) => {
  await openYard(page);
  await page.goto('/walk/stop/n1?read=n1~ground.gap');
  const field = page.getByRole('textbox').first();
  const digit = (it: string) => page.getByRole('button', { name: it, exact: true }).last();
  await digit('4').click();
  await digit('7').click();
  await page.getByRole('button', { name: 'Back' }).click();
  const row = page.getByRole('button', { name: /^Gap under the sill: 6 mm/ });
  await expect(row).toContainText('typed, not saved yet');
  await row.click();
  await expect(field).toHaveValue('47');
  await page.getByRole('button', { name: 'Note', exact: true }).click();
  await page.getByLabel('Note to this reading').fill('by the drain');
  await page.getByRole('button', { name: /^Leave/ }).click();
  await page.goto('/walk/stop/n1?read=n1~ground.gap');
  await expect(field).toHaveValue('47');
  await page.reload();
  await expect(field).toHaveValue('47');
  const save = page.getByRole('button', { name: /^Save, then/ });
  const { x, y, width, height } = (await save.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  const spot = [x + width / 2, y + height / 2] as const;
  await page.touchscreen.tap(...spot);
  await page.touchscreen.tap(...spot);
  await save.waitFor({ state: 'detached' });
  // As a browser counts the second of two taps where another button has come under the finger meanwhile.
  const onward = page.getByRole('button', { name: /, then |^Next: / }).first();
  await onward.dispatchEvent('click', { detail: 2 });
  await expect(page.getByRole('button', { name: /^Gap under the sill: 47 mm/ })).not.toContainText(
    'typed, not saved yet',
  );
  await expect(page).toHaveURL(/stop\/n1/);
  // On a phone a stop fills the screen; the way to the place is on the walk's own page.
  await page.goto('/walk');
  const { walks } = JSON.parse(await exportPlace(page)) as {
    walks: { ended: boolean; readings: { item: string; attribute: string; note?: string }[] }[];
  };
  const own = walks.find(({ ended }) => !ended)?.readings ?? [];
  expect(own.map(({ item, attribute, note }) => [item, attribute, note])).toEqual([
    ['n1', 'ground.gap', 'by the drain'],
  ]);
});

test('the browser closes its database: what is said next is saved, what was typed stays, no screen knows of it', async ({
  page,
}) => {
  // As browsers do when they are pressed for room, or wake from a long sleep.
  await page.addInitScript(() => {
    const opened: IDBDatabase[] = [];
    Object.assign(globalThis, { closeAll: () => opened.splice(0).forEach((it) => it.close()) });
    const open = IDBFactory.prototype.open;
    IDBFactory.prototype.open = function (...asked) {
      const opening = open.apply(this, asked);
      opening.addEventListener('success', () => opened.push(opening.result));
      return opening;
    };
  });
  const closeAll = () =>
    page.evaluate(() => (globalThis as unknown as { closeAll: () => void }).closeAll());
  await page.goto('/walk/n2~ground.gap');
  await expect(headline(page)).toBeVisible();
  await closeAll();
  await key(page, '31');
  await closeAll();
  await onward(page);
  await closeAll();
  // Half typed, with nothing to keep it in but what is opened again.
  await key(page, '7');
  await closeAll();
  const typedAt = page.url();
  await page.getByRole('button', { name: /^Leave/ }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.goto(typedAt);
  await expect(page.getByRole('textbox').first()).toHaveValue('7');
  await page.goto('/item/n2');
  await expect(page.getByText('26 November 2026: 31 mm, measured')).toBeVisible();
});

test('two tabs at the same stop: what one says the other shows, and neither takes the other’s away', async ({
  page,
  context,
}) => {
  await openYard(page);
  await page.goto('/walk/stop/n1');
  const other = await context.newPage();
  await other.goto('/walk/stop/n1');
  const tick = (it: Page, name: string) =>
    it.getByRole('button', { name: `${name}: looked at, still so` });
  await tick(page, 'Condition').click();
  await expect(tick(other, 'Condition')).toHaveCount(0);
  await tick(other, 'Largest hole').click();
  await expect(tick(page, 'Largest hole')).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('listitem').first()).toBeVisible();
  for (const name of ['Condition', 'Largest hole']) {
    await expect(tick(page, name)).toHaveCount(0);
  }
});

test('the console is silent on every screen', async ({ page }) => {
  const said: string[] = [];
  page.on('console', (message) => {
    if (['error', 'warning'].includes(message.type())) said.push(message.text());
  });
  page.on('pageerror', (error) => said.push(error.message));
  await openYard(page);
  // A busy machine comes to what was asked for ahead late, and the browser remarks on it.
  const late = /preloaded using link preload but not used within a few seconds/;
  const first = said.filter((it) => !late.test(it));
  said.splice(0, said.length, ...first);
  const addresses = [
    ...['/', '/walk', '/mends', '/mends/plan', '/mends/shopping', '/mends/prices', '/mends/ageing'],
    ...['/place', '/places', '/records', '/report', '/figures', '/how', '/lives', '/sure'],
    ...[
      '/compare',
      '/flock',
      '/routine',
      '/begin',
      '/shut',
      '/nights',
      '/due',
      '/devices',
      '/happened',
      '/fence',
      '/bay/n2',
      '/item/n2',
      '/way/n2',
      '/zone/run',
    ],
    ...['/animal/red-fox', '/walk/n2~ground.gap', '/walk/stop/n2', '/nothing-here'],
  ];
  for (const address of addresses) {
    await page.goto(address);
    await expect(page.getByRole('heading').first()).toBeVisible();
  }
  expect(said).toEqual([]);
});

test('two counts of a loss filled while the first is still being kept: neither is lost @phone', async ({
  page,
}) => {
  await openYard(page);
  await page.goto('/lived');
  await page.getByRole('button', { name: 'Log a loss' }).click();
  const hurt = page.getByRole('textbox', { name: 'Hurt and alive' });
  const eggs = page.getByRole('textbox', { name: 'Eggs gone or broken' });
  await expect(hurt).toBeVisible();
  await holdWriting(page);
  await hurt.fill('2');
  await hurt.blur();
  await eggs.fill('5');
  await eggs.blur();
  await page.getByRole('button', { name: 'Last night' }).click();
  await expect(page.getByRole('button', { name: 'Last night' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  const losses = JSON.parse(await exportPlace(page)).sightings.filter(
    (it: { readonly what: string }) => it.what === 'loss',
  );
  expect(losses).toContainEqual(expect.objectContaining({ hurt: 2, eggs: 5 }));
});
