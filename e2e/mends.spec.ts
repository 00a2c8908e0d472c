/** Mends from the plan to holding: bought in a shop without a network, cut, done, measured badly and well, found open again, reported. */
import { readFile } from 'node:fs/promises';
import Papa from 'papaparse';
import { pdfText } from './pdf-text';
import { exportPlace, go, headline, key, onward, openFile, openYard } from './steps';
import { expect, test, type Page } from './test';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first();

async function planned(page: Page): Promise<void> {
  await openYard(page);
  await page.goto('/mends/plan');
  await expect(headline(page)).toHaveText(/^4 mends: about 9\d in 100 losses spared$/);
  await button(page, 'Put 4 mends on my list').click();
  await expect(headline(page)).toHaveText('4 mends in hand');
}

async function measured(page: Page, ...readings: string[]): Promise<void> {
  await button(page, 'Measure again').click();
  for (const digits of readings) {
    await key(page, digits);
    await onward(page);
  }
}

async function saved(page: Page, name: string | RegExp): Promise<Buffer> {
  const waiting = page.waitForEvent('download');
  await button(page, name).click();
  return readFile(await (await waiting).path());
}

const downloaded = async (page: Page, name: string | RegExp): Promise<string> =>
  (await saved(page, name)).toString('utf8');

test.describe('with the service worker', () => {
  test.use({ serviceWorkers: 'allow' });

  test('planned, bought offline, cut, done, measured twice, held, open again, reported', async ({
    page,
    context,
  }, info) => {
    if (info.project.name !== 'phone') return;
    test.setTimeout(180_000);
    await planned(page);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
    await context.setOffline(true);

    // In the shop: the list, by its address, and two ticks that outlive a reload.
    await page.goto('/mends/shopping');
    await expect(headline(page)).toHaveText('€66.25 to buy');
    const lines = page.getByRole('checkbox');
    await expect(lines).toHaveCount(4);
    await page.getByRole('checkbox', { name: /of Board, 2\.4 m, €10\.56/ }).click();
    await page.getByRole('checkbox', { name: /of Two-motion latch/ }).click();
    await expect(page.getByText(/^2 lines of 4 ticked/)).toBeVisible();
    await page.reload();
    await expect(page.getByText(/^2 lines of 4 ticked/)).toBeVisible();
    await expect(page.getByText('€72.88')).toBeVisible();
    await button(page, 'All of it is bought').click();

    // Cut: one board, drawn; what is left of it is in stock.
    await expect(headline(page)).toHaveText('1 piece to cut');
    await expect(page.getByText(/^1850 mm\. Board along the sill: north 2/)).toBeVisible();
    await expect(page.getByRole('img', { name: '2.4 m, cut into 1 piece' })).toBeVisible();
    await expect(page.getByText('1 piece, used before any roll is bought')).toBeVisible();
    await page.goto('/mends/shopping');
    await expect(headline(page)).toHaveText('Nothing to buy');
    await context.setOffline(false);

    // Done, measured badly, measured well.
    await page.goto('/mends');
    await page.getByRole('link', { name: /^Board along the sill, bought/ }).click();
    await button(page, 'Mark it done').click();
    await measured(page, '8', '24');
    await expect(page.getByText(/still get by/)).toBeVisible();
    await expect(headline(page)).toHaveText('Board along the sill');
    await measured(page, '8', '9');
    await expect(
      page.getByText('Measured again: it holds against what it was made for.'),
    ).toBeVisible();
    // One hole of several is shut: who still comes in, and where, stands beside it.
    await expect(page.getByText(/^Rats still come in elsewhere: /)).toBeVisible();
    await page.goto('/mends');
    await expect(
      page.getByRole('group', { name: 'Half done' }).getByText(/^Rat: 1 of \d made/),
    ).toBeVisible();

    // Ten days on a walk finds it worse.
    await page.addInitScript(() => {
      const before = Date;
      const ahead = 10 * 86_400_000;
      globalThis.Date = class extends before {
        constructor(...given: []) {
          if (given.length > 0) super(...given);
          else super(before.now() + ahead);
        }

        static override now() {
          return before.now() + ahead;
        }
      } as DateConstructor;
    });
    await page.goto('/walk/n2~ground.gap');
    await key(page, '40');
    await onward(page);
    await page.goto('/mends');
    await page.getByRole('link', { name: /^Board along the sill, open again/ }).click();
    await expect(
      page.getByText(/Open again since 6 December 2026\. It held from 26 November 2026\./),
    ).toBeVisible();

    // What to hand on.
    await page.goto('/records');
    await expect(page.getByRole('group', { name: '6 December 2026' })).toContainText('open again');
    await page.getByRole('link', { name: 'A report to print or save as PDF' }).click();
    await expect(headline(page)).toHaveText('Samphire Yard: 2 ways in tonight');
    const pages = await pdfText(await page.pdf({ format: 'A4', printBackground: true }));
    const text = pages.join(' ');
    expect(pages.length).toBeLessThanOrEqual(4);
    for (const part of [
      'Samphire Yard: 2 ways in tonight',
      'north 2, under the sill',
      'Board along the sill, north 2',
      'open again',
      'skirt 620 mm, apron 320 mm',
      'it promises nothing',
    ]) {
      expect(text).toContain(part);
    }
    expect(text).not.toContain('Print, or save as PDF');
  });
});

test('the list goes on as text, as a table and on paper; prices are the keeper’s own', async ({
  page,
}, info) => {
  if (info.project.name !== 'wide') return;
  await planned(page);
  await page.goto('/mends/prices');
  await button(page, /^Board, \d on sale/).click();
  await button(page, 'Board, 2.4 m: change').click();
  await page.getByRole('textbox', { name: 'Price of 2.4 m' }).fill('dear');
  await button(page, 'Keep it, seen today').click();
  await expect(page.getByText('Write it like 12 or 12.50.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Price of 2.4 m' }).fill('6,50');
  await button(page, 'Keep it, seen today').click();
  await expect(page.getByText('2.4 m: €6.50')).toBeVisible();
  await expect(page.getByText(/^Seen 26 November 2026/)).toBeVisible();
  await page.goto('/mends/shopping');
  await expect(headline(page)).toHaveText('€62.19 to buy');
  const rows = Papa.parse<Record<string, string>>(await downloaded(page, 'Save as a table (CSV)'), {
    header: true,
    skipEmptyLines: true,
  }).data;
  const board = rows.find((row) => row.What?.startsWith('Board'));
  expect(board).toMatchObject({ Count: '1', Sum: '6.5', 'Price seen': '2026-11-26' });
  expect(rows.reduce((sum, row) => sum + Number(row.Sum), 0)).toBeCloseTo(62.19, 2);
  const [paper = ''] = await pdfText(await page.pdf({ format: 'A4' }));
  expect(paper).toContain('€62.19 to buy');
  expect(paper).not.toContain('All of it is bought');
  // The plan reckons with it too.
  await page.goto('/mends/plan');
  await expect(page.getByText(/^€62\.19 in the shop/)).toBeVisible();
});

test('due, who and what it took stand with the mend; only some are shown; all is undone', async ({
  page,
}, info) => {
  if (info.project.name !== 'wide') return;
  await planned(page);
  const table = page.getByRole('group', { name: 'Mends and how far they are' });
  await expect(table.getByRole('link')).toHaveCount(4);
  const names = () => table.getByRole('link').evaluateAll((all) => all.map((it) => it.ariaLabel));
  const along = await names();
  await button(page, 'work').click();
  const byWork = await names();
  expect(byWork).not.toEqual(along);
  expect([...byWork].sort()).toEqual([...along].sort());
  await button(page, 'the lap').click();
  expect(await names()).toEqual(along);
  await table.getByRole('link', { name: /^Board along the sill/ }).click();
  await button(page, 'Write it down').click();
  await page.getByRole('textbox', { name: /^Due/ }).fill('2026-02-30');
  await button(page, 'Keep it').click();
  await expect(page.getByText('“2026-02-30” is no day. Write it like 2026-12-05.')).toBeVisible();
  await page.getByRole('textbox', { name: /^Due/ }).fill('2026-11-20');
  await page.getByRole('textbox', { name: 'Who does it' }).fill('whoever is home');
  await page.getByRole('textbox', { name: 'Money spent' }).fill('9.20');
  await button(page, 'Keep it').click();
  await expect(page.getByText('Due 6 days ago, 20 November 2026.')).toBeVisible();
  await go(page, 'Mends');
  await expect(table.getByText('spent €9.20')).toBeVisible();
  await button(page, 'Show only some').click();
  await button(page, 'Badger').click();
  await expect(table.getByRole('link')).toHaveCount(2);
  await button(page, 'Show all').click();
  await expect(table.getByRole('link')).toHaveCount(4);
});

test('everything goes out as one file, photos too, and comes back', async ({ page }, info) => {
  if (info.project.name !== 'wide') return;
  await planned(page);
  await page.goto('/item/n2');
  const picture = page.waitForEvent('filechooser');
  await button(page, 'Add a photo').click();
  await (await picture).setFiles('docs/screenshots/yard-phone.png');
  await expect(page.getByText(/^Made small .* 1 photo of this place/)).toBeVisible();
  await go(page, 'Place');
  const backup = await saved(page, 'Save everything, photos too');
  const before = await exportPlace(page);
  await openFile(page, 'cut-short.zip', backup.subarray(0, -300));
  await expect(page.getByText(/It may be cut short\. Nothing was changed\./)).toBeVisible();
  await button(page, 'Remove from this browser').click();
  await button(page, /^Yes, remove/).click();
  await expect(headline(page)).toHaveText('Begin a place');
  await openFile(page, 'backup.zip', backup);
  await expect(headline(page)).toHaveText('2 ways in tonight');
  expect(await exportPlace(page)).toBe(before);
  await page.goto('/item/n2');
  await expect(page.getByText(/^Made small .* 1 photo of this place/)).toBeVisible();
});

test('readings and mends are tables for any spreadsheet', async ({ page }, info) => {
  if (info.project.name !== 'wide') return;
  await planned(page);
  // What writes tables is loaded when asked for: where that fails it is said, and a reload puts it right.
  const writer = /\/csv-[^/]*\.js$/;
  await page.route(writer, (request) => request.abort());
  await page.goto('/records');
  await button(page, 'All mends as a table (CSV)').click();
  await expect(page.getByText(/^The table could not be made here and now\./)).toBeVisible();
  await page.unroute(writer);
  await page.reload();
  const read = (text: string) =>
    Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true }).data;
  const readings = read(await downloaded(page, 'All readings as a table (CSV)'));
  expect(readings).toHaveLength(193);
  const gap = readings.find((row) => row.Item === 'n2' && row.Attribute === 'ground.gapLifted');
  expect(gap).toMatchObject({ From: '38', To: '38', Unit: 'mm', Date: '2026-10-18' });
  const mends = read(await downloaded(page, 'All mends as a table (CSV)'));
  expect(mends.map((row) => row.Planned)).toEqual(Array.from({ length: 4 }, () => '2026-11-26'));
});

test('what grows old is due once its time has come, and what it would open is said', async ({
  page,
}, info) => {
  if (info.project.name !== 'wide') return;
  await openYard(page);
  await page.goto('/mends/due');
  await expect(headline(page)).toHaveText('Nothing due for a look');
  await page.addInitScript(() => {
    const before = Date;
    globalThis.Date = class extends before {
      constructor(...given: []) {
        if (given.length > 0) super(...given);
        else super(before.now() + 400 * 86_400_000);
      }

      static override now() {
        return before.now() + 400 * 86_400_000;
      }
    } as DateConstructor;
  });
  await page.reload();
  await expect(headline(page)).toHaveText(/^\d+ looks due$/);
  await expect(page.getByText(/^Gone, it would let in .*goshawks.* by day/).first()).toBeVisible();
  await expect(
    page.getByText(/^Looked at 18 October 2026\. Due \d+ days ago/).first(),
  ).toBeVisible();
});
