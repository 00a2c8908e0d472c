/** Files that are not what they should be: a clear sentence, nothing changed. And a place begun from nothing. */
import { recordsIn } from './own-browser';
import { expect, test } from './test';
import { readFileSync } from 'node:fs';
import { emptyPort } from './places';
import {
  exportPlace,
  go,
  headline,
  isPhone,
  nextInBegin,
  openFile,
  openYard,
  tryBegin,
} from './steps';

const demo = readFileSync('demo/samphire-yard.json', 'utf8');

const bad: [name: string, contents: () => string | Buffer, sentence: RegExp][] = [
  ['not JSON', () => 'hens, twelve', /cannot be read as JSON/],
  ['half a file', () => demo.slice(0, 9000), /cannot be read as JSON/],
  ['another program’s JSON', () => '{"version": 1}', /JSON, but not a Rookle place/],
  [
    'the wrong shape',
    () => demo.replace('"width": 1500', '"width": "wide"'),
    /This place cannot be read: .*width/,
  ],
  [
    'a newer version',
    () => demo.replace(/"version": \d+/, '"version": 99'),
    /written by a newer Rookle \(format 99/,
  ],
  ['a huge file', () => Buffer.alloc(21 * 1024 * 1024, 32), /This file has 21 MB/],
];

for (const [name, contents, sentence] of bad) {
  test(`${name} is refused, and the place stays as it was`, async ({ page }) => {
    await openYard(page);
    const before = await exportPlace(page);
    await openFile(page, 'file.json', contents());
    await expect(page.getByRole('alert')).toHaveText(sentence);
    await expect(page.getByRole('alert')).toHaveText(/Nothing was changed\.$/);
    expect(await exportPlace(page)).toBe(before);
    await go(page, 'Yard');
    await expect(headline(page)).toHaveText('2 ways in tonight');
  });
}

test.describe('without demo data', () => {
  test.use({ baseURL: `http://localhost:${emptyPort}` });

  test('the first visit begins a place, which is walked before it is judged', async ({ page }) => {
    await page.goto('/');
    await expect(headline(page)).toHaveText('Begin a place');
    await page.getByRole('button', { name: /^House and run/ }).click();
    await page.getByLabel('Run, along the gate’s side').fill('wide');
    await tryBegin(page);
    await expect(page.getByRole('alert')).toHaveText(
      /Run, along the gate’s side: “wide” is not a length/,
    );
    await page.getByLabel('Run, along the gate’s side').fill('4.2 m');
    await tryBegin(page);
    // What stands round it decides who is reckoned with: it is asked for where it is missing.
    if (isPhone(page)) await tryBegin(page);
    await expect(page.getByRole('alert')).toHaveText(/^Say what stands round it/);
    await page.getByRole('button', { name: 'a village', exact: true }).click();
    await nextInBegin(page);
    // A name is proposed; none at all is asked for.
    await expect(page.getByLabel('Name of the place')).toHaveValue('Our house and run');
    await page.getByLabel('Name of the place').fill('');
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await expect(page.getByRole('alert')).toHaveText(/Give the place a name/);
    // Leaving keeps it.
    await page.getByLabel('Name of the place').fill('Withy Corner');
    // Storing is not waited for by whoever types; who leaves within those milliseconds is no keeper.
    const isKept = async () => (await recordsIn(page)).some((it) => it.includes('Withy Corner'));
    await expect.poll(isKept).toBe(true);
    await page.reload();
    await page.getByRole('button', { name: /^House and run/ }).click();
    await expect(page.getByLabel('Run, along the gate’s side')).toHaveValue('4.2 m');
    await nextInBegin(page);
    await nextInBegin(page);
    await expect(page.getByLabel('Name of the place')).toHaveValue('Withy Corner');
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await expect(headline(page)).toHaveText('Not walked yet');
    await expect(page.getByText(/^Walk it now: about \d+ min/)).toBeVisible();
    await go(page, 'Walk');
    await page.getByRole('button', { name: /^Begin: from a distance/ }).click();
    await page.getByRole('button', { name: 'Leave the walk; it waits' }).click();
    await expect(page.getByRole('link', { name: 'Walk front 1', exact: true })).toBeVisible();
  });

  test('a run of any shape is paced; a turn that slipped is put right with one tap', async ({
    page,
  }, info) => {
    let [taps, keys] = [0, 0];
    const tap = async (name: string | RegExp) => {
      await page
        .getByRole('button', { name, ...(typeof name === 'string' && { exact: true }) })
        .click();
      taps += 1;
    };
    const type = async (label: string | RegExp, text: string) => {
      await page.getByLabel(label).fill(text);
      taps += 1;
      keys += text.length;
    };
    await page.goto('/');
    await tap('none of these: pace it, side by side');
    await tap('One more side');
    await tap('One more side');
    for (const [index, length] of [
      '4.1 m',
      '5.6 m',
      '2.7 m',
      '2.2 m',
      '1.4 m',
      '3.38 m',
    ].entries()) {
      await type(new RegExp(`^Side ${index + 1}`), length);
    }
    // Six turns to the right are half a turn too many.
    await expect(
      page.getByText(/turns come to 540°.*Did you turn left after side 4\?/),
    ).toBeVisible();
    await tryBegin(page);
    await expect(page.getByRole('alert')).toHaveText(/turns come to 540°/);
    await tap('Yes: left after side 4');
    await expect(
      page.getByText('19.4 m round, 19.8 m² inside. It missed its start by 2 cm (1 in 969)'),
    ).toBeVisible();
    // A house deeper than the run is refused, one that fits is taken.
    await tap('side 3');
    await type('House, front to back', '6 m');
    await tryBegin(page);
    await expect(page.getByRole('alert')).toHaveText(/reaches through another wall/);
    await type('House, front to back', '1.2 m');
    await nextInBegin(page);
    await tap('a village');
    await nextInBegin(page);
    await type('Name of the place', 'Elbow End');
    await tap('Begin');
    await expect(headline(page)).toHaveText('Not walked yet');
    await expect(page.getByText('Elbow End · 6 birds · not walked yet')).toBeVisible();
    await expect(
      page.getByRole('button', { name: /^side 3 .*: not looked at$/ }).first(),
    ).toBeVisible();
    console.log(`${info.project.name}: described by pacing in ${taps} taps and ${keys} keystrokes`);
  });

  test('a pen without a house is begun as well', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: /^House and run/ }).click();
    // What was typed into fields that are no longer asked is no trouble.
    await page.getByLabel('Run, along the gate’s side').fill('wide');
    await page.getByLabel('House, on from the run').fill('-3');
    if (isPhone(page)) await page.getByRole('button', { name: 'Back', exact: true }).click();
    await page.getByRole('button', { name: 'none of these: pace it, side by side' }).click();
    await page.getByRole('button', { name: 'there is no house' }).click();
    await expect(page.getByLabel('House, along its back')).toHaveCount(0);
    await nextInBegin(page);
    await page.getByRole('button', { name: 'a village', exact: true }).click();
    await nextInBegin(page);
    await page.getByRole('button', { name: 'Begin', exact: true }).click();
    await expect(headline(page)).toHaveText('Not walked yet');
    await go(page, 'Walk');
    await page.getByRole('button', { name: /^Begin: from a distance/ }).click();
    await page.getByRole('button', { name: 'Leave the walk; it waits' }).click();
    await expect(page.getByRole('link', { name: 'Walk gate side 1', exact: true })).toBeVisible();
  });

  test('the first visit opens a file', async ({ page }) => {
    await page.goto('/');
    await openFile(page, 'samphire-yard.json', demo);
    await expect(headline(page)).toHaveText('2 ways in tonight');
  });

  test('an address without a place leads to the beginning', async ({ page }) => {
    await page.goto('/mends');
    await expect(headline(page)).toHaveText('Begin a place');
  });
});
