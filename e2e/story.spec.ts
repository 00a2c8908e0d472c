/** The whole job once, thinly: yard, walk, way in, mend, measure again, held; out as a file, gone, and back. */
import { expect, test } from './test';
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { exportPlace, go, headline, key, onward, openFile, openYard } from './steps';

test('a keeper walks, finds a gap, mends it, measures again and sees it hold', async ({
  page,
}, info) => {
  await openYard(page);
  await expect(headline(page)).toHaveText('2 ways in tonight');
  await expect(page.getByText(/Mink, stoats and rats can get to the birds/)).toBeVisible();

  // The walk begins from a distance, then at the gate.
  await go(page, 'Walk');
  await page.getByRole('button', { name: /^Begin: from a distance, cover near the wall/ }).click();
  await expect(headline(page)).toHaveText('Cover near the wall?');
  await page.getByRole('button', { name: 'Leave the walk; it waits' }).click();
  await expect(page.getByText(/0 of \d+ readings taken/)).toBeVisible();
  await page.getByRole('link', { name: 'Walk gate bay' }).click();
  await key(page, '9');
  await expect(page.getByText('Nothing here passes')).toBeVisible();
  await onward(page);
  await expect(headline(page)).toHaveText('Lift the bottom edge');
  await page.getByRole('button', { name: 'Leave the walk; it waits' }).click();
  await expect(page.getByText(/1 of \d+ readings taken/)).toBeVisible();

  // A bay further on: what 30 mm means is said while it is typed, and the yard changes when it is saved.
  await page.getByRole('link', { name: 'Walk south 1' }).click();
  await key(page, '30');
  await expect(page.getByText('Mink, stoats and rats pass')).toBeVisible();
  await expect(page.getByText('Last: 6 mm, now worse')).toBeVisible();
  await expect(page.getByText('2 ways in', { exact: true })).toBeVisible();
  await onward(page);
  await expect(page.getByText('3 ways in', { exact: true })).toBeVisible();
  await expect(page.getByText('Mink, stoats and rats can get in by south 1')).toBeVisible();

  // The phone is locked, the tab reloaded: nothing is lost.
  await page.reload();
  await expect(headline(page)).toHaveText('Lift the bottom edge');
  await page.goto('/walk');
  await expect(page.getByText(/2 of \d+ readings taken/)).toBeVisible();

  // The yard shows it, and a mend is chosen from the way in.
  await go(page, 'Yard');
  await expect(headline(page)).toHaveText('3 ways in tonight');
  await page.getByRole('link', { name: /south 1, under the sill/ }).click();
  await page.getByRole('button', { name: 'Choose: Board along the sill' }).first().click();
  await expect(headline(page)).toHaveText('Board along the sill');
  await page.getByRole('button', { name: 'Mark it done' }).click();
  await expect(page.getByText(/Not counted yet: 2 readings to take again/)).toBeVisible();

  // Done is not held: the yard is judged as it was read.
  await go(page, 'Yard');
  await expect(headline(page)).toHaveText('3 ways in tonight');
  await expect(page.getByText(/1 mend done: measure again/)).toBeVisible();

  // Measured again, badly: it says what still gets by.
  await go(page, 'Mends');
  await page.getByRole('link', { name: /^Board along the sill, done/ }).click();
  await page.getByRole('button', { name: 'Measure again' }).click();
  await onwardWith(page, '8');
  await onwardWith(page, '20');
  await expect(page.getByText(/(Stoats and rats|Rats and stoats) still get by/)).toBeVisible();

  // Bettered and measured again: it holds, and the way in is gone.
  await page.getByRole('button', { name: 'Measure again' }).click();
  await onwardWith(page, '8');
  await onwardWith(page, '9');
  await expect(
    page.getByText('Measured again: it holds against what it was made for.'),
  ).toBeVisible();
  await go(page, 'Yard');
  await expect(headline(page)).toHaveText('2 ways in tonight');
  const answer = await page.getByText(/^Hold \d/).textContent();

  // Out as a file, which the command line judges alike.
  const text = await exportPlace(page);
  const file = info.outputPath('place.json');
  writeFileSync(file, text);
  const assessed = JSON.parse(
    execFileSync(process.execPath, ['scripts/command.mjs', 'assess', file, '--json'], {
      encoding: 'utf8',
    }),
  ) as { waysIn: { id: string }[]; hold: [low: number, high: number] };
  expect(assessed.waysIn.map((way) => way.id)).toEqual(['n2', 'h1']);
  expect(answer).toContain(`Hold ${Math.round(assessed.hold[0])}`);

  // Gone from this browser, and back from the file: the same answer, the same bytes.
  await page.getByRole('button', { name: 'Remove from this browser' }).click();
  await page.getByRole('button', { name: /^Yes, remove/ }).click();
  await expect(headline(page)).toHaveText('Begin a place');
  await page.reload();
  await expect(headline(page)).toHaveText('Begin a place');
  await openFile(page, 'place.json', text);
  await expect(headline(page)).toHaveText('2 ways in tonight');
  await expect(page.getByText(answer ?? '')).toBeVisible();
  await go(page, 'Mends');
  await expect(page.getByRole('link', { name: /^Board along the sill, holds/ })).toBeVisible();
  expect(await exportPlace(page)).toBe(text);
});

async function onwardWith(page: Parameters<typeof key>[0], digits: string): Promise<void> {
  await key(page, digits);
  const here = page.url();
  await onward(page);
  // The next keys are for the next question.
  await page.waitForURL((url) => url.href !== here);
}

test('a held mend that a later walk finds worse opens again', async ({ page }) => {
  await openYard(page);
  await page.getByRole('link', { name: /^Way in 2/ }).click();
  await page.getByRole('button', { name: 'Choose: Stop battens round the frame' }).click();
  await page.getByRole('button', { name: 'Mark it done' }).click();
  await page.getByRole('button', { name: 'Measure again' }).click();
  await onwardWith(page, '4');
  await onwardWith(page, '6');
  await expect(
    page.getByText('Measured again: it holds against what it was made for.'),
  ).toBeVisible();
  await page.goto('/walk/nest-lid~opening.gapPulled');
  await onwardWith(page, '30');
  await expect(headline(page)).toHaveText('Hinges of the nest lid');
  await page.goto('/mends');
  await expect(page.getByRole('link', { name: /^Stop battens .*, open again/ })).toBeVisible();
});
