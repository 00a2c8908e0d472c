/** The walk: what it asks, in which order, in how few taps; and what becomes of it. */
import { expect, test, type Page } from './test';
import { headline, key, onward, openYard, unfold } from './steps';

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first();

async function leave(page: Page): Promise<void> {
  await button(page, 'Leave the walk; it waits').click();
  await expect(headline(page)).toHaveText('Walk in hand');
}

test.beforeEach(async ({ page }) => {
  await openYard(page);
  await page.goto('/walk');
  await expect(headline(page)).toHaveText('Walk the lap');
});

test('a short walk asks less, says what it leaves out, and can go the other way round', async ({
  page,
}) => {
  await page.getByRole('radio', { name: /^The whole walk/ }).click();
  await expect(page.getByText(/Leaves out/)).toBeHidden();
  await page.getByRole('radio', { name: /^After storm or snow/ }).click();
  await expect(page.getByText(/Leaves out \d+ readings: .*soil/)).toBeVisible();
  await button(page, /^gate, then south/).click();
  await button(page, /^Begin: /).click();
  await expect(headline(page)).toHaveText('Anything to climb by?');
  await leave(page);
  await expect(page.getByText(/^After storm or snow, begun/)).toBeVisible();
  await page.goto('/walk/end');
  await expect(page.getByText(/Leaves out \d+ readings: .*soil/)).toBeVisible();
  await page.goto('/walk');
  await expect(headline(page)).toHaveText('Walk in hand');
  const names = await page.getByRole('link', { name: /^Walk / }).allTextContents();
  // The gate first, then against the order in which the sides were paced.
  expect(names.findIndex((it) => /^Gate bay/.test(it))).toBe(1);
  expect(names.findIndex((it) => /^South/.test(it))).toBeLessThan(
    names.findIndex((it) => /^North/.test(it)),
  );
});

test('a walk of what was weak goes to the ways in, and keeps to them when they are shut', async ({
  page,
}) => {
  await page.getByRole('radio', { name: /^What was weak/ }).click();
  await button(page, /^Begin: /).click();
  await expect(page).not.toHaveURL(/\/walk$/);
  await page.goto('/walk/n2~ground.gap');
  await key(page, '5');
  await onward(page);
  await key(page, '5');
  await onward(page);
  await leave(page);
  await expect(page.getByText(/1 way in found so far/i)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Walk north 2' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Walk west 2' })).toBeHidden();
});

test('a stop is put off, to later or another day, and taken up again', async ({ page }) => {
  await button(page, /^Begin: /).click();
  await button(page, 'Put this stop off').click();
  await button(page, 'Another day').click();
  await expect(headline(page)).toHaveText('Gap under the sill');
  await button(page, 'Put this stop off').click();
  await button(page, 'Later on this walk').click();
  await expect(page.getByText(/^West 2/)).toBeVisible();
  await page.reload();
  await leave(page);
  await expect(page.getByText('Left for another day')).toBeVisible();
  await button(page, 'Take from a distance up again').click();
  await expect(page.getByText('Left for another day')).toBeHidden();
  await expect(page.getByRole('link', { name: 'Walk from a distance' })).toBeVisible();
});

test('one tap: still as last time, as the bay before, the rest of the bay, what does not wear', async ({
  page,
}) => {
  await page.goto('/walk/w1~ground.gap');
  await button(page, /^Still as last time: 8 mm/).click();
  await expect(page.getByText('Saved: gap under the sill, 8 mm')).toBeVisible();
  await page.goto('/walk/w2~ground.gap');
  // What is said of the bay before reads the same: that the question is left tells that this one is stored.
  const here = page.url();
  await button(page, 'As gate bay: 8 mm').click();
  await page.waitForURL((url) => url.href !== here);
  await page.goto('/walk/w2~ground.soil');
  const before = page.url();
  await button(page, /^What does not wear here is as last time \(\d+ readings\)/).click();
  await page.waitForURL((url) => url.href !== before);
  await page.goto('/item/w2');
  await expect(
    page.getByText('26 November 2026: 8 mm, estimated · worse than before. as at gate bay'),
  ).toBeVisible();
  await expect(page.getByText(/remembered.*as last time/).first()).toBeVisible();
});

test('the last reading is undone in the walk, and asked again', async ({ page }) => {
  await button(page, /^Begin: /).click();
  await leave(page);
  await page.getByRole('link', { name: 'Walk gate bay' }).click();
  await key(page, '44');
  await onward(page);
  await expect(page.getByText('3 ways in', { exact: true })).toBeVisible();
  // The browser's own back leaves the question, not the reading.
  await page.goBack();
  await expect(page.getByText(/1 of \d+ readings taken/)).toBeVisible();
  await page.goForward();
  await button(page, 'Undo the last reading').click();
  await expect(headline(page)).toHaveText('Gap under the sill');
  await expect(page.getByText('2 ways in', { exact: true })).toBeVisible();
});

test('a range, an everyday gauge, how it was taken, a note: all kept with the reading', async ({
  page,
}) => {
  await page.goto('/walk/w2~ground.gap');
  await key(page, '9');
  await button(page, 'to: from this to that').click();
  await page.getByRole('button', { name: '6', exact: true }).last().click();
  await button(page, 'Note').click();
  await page.getByLabel('Note to this reading').fill('where the root comes up');
  await onward(page);
  await expect(page.getByText('Saved: gap under the sill, 6 mm to 9 mm')).toBeVisible();
  await button(page, /^How it was taken/).click();
  await button(page, 'As wide as a finger: 14 to 20 mm').click();
  await expect(page.getByText('Rats pass')).toBeVisible();
  await onward(page);
  await page.goto('/item/w2');
  await expect(page.getByText(/6 mm to 9 mm, measured.*where the root comes up/)).toBeVisible();
  await expect(page.getByText(/14 mm to 20 mm, estimated/)).toBeVisible();
});

/** One red pixel. */
const picture = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8z8DwHwAFBQIAX8jx0gAAAABJRU5ErkJggg==',
  'base64',
);

test('a photo taken in the walk is shown there, at the way in and at the mend; what is no picture is refused', async ({
  page,
}) => {
  await page.goto('/walk/n2~ground.gap');
  await button(page, 'Photo').click();
  const add = async (name: string, mimeType: string, buffer: Buffer) => {
    const choosing = page.waitForEvent('filechooser');
    await button(page, 'Take or choose a photo').click();
    await (await choosing).setFiles({ name, mimeType, buffer });
  };
  await add('words.png', 'image/png', Buffer.from('no picture'));
  await expect(page.getByRole('alert')).toHaveText(/no picture that this browser can show/);
  await add('gap.png', 'image/png', picture);
  await expect(page.getByRole('img', { name: 'Photo of 26 November 2026' })).toBeVisible();
  await page.goto('/way/n2');
  await expect(
    page.getByRole('button', { name: /^Show the photo of north 2, 26 Nov/ }),
  ).toBeVisible();
  await button(page, 'Choose: Board along the sill').click();
  await expect(
    page.getByRole('button', { name: /^Show the photo of north 2, 26 Nov/ }),
  ).toBeVisible();
});

test('the end says what was found, what changed, what is to be seen to and what was left', async ({
  page,
}) => {
  await page.goto('/walk/outside~check.branches');
  await page.getByRole('radio', { name: /^yes/ }).click();
  await onward(page);
  await page.goto('/walk/s1~ground.gap');
  await key(page, '40');
  await onward(page);
  await expect(page.getByText(/can get in by elbow 1/)).toBeVisible();
  await page.goto('/walk/n2~ground.gapLifted');
  await key(page, '10');
  await onward(page);
  await page.goto('/walk/flock~check.heads');
  await key(page, '4');
  await button(page, 'to: from this to that').click();
  await page.getByRole('button', { name: '5', exact: true }).last().click();
  await onward(page);
  await page.goto('/walk/end');
  await expect(headline(page)).toHaveText('3 ways in found');
  await expect(
    page.getByText(/4 readings, 1 worse and 1 better than before, \d+ not taken/),
  ).toBeVisible();
  await expect(page.getByText(/^Gap under the sill, elbow 1: .* now 40 mm$/)).toBeVisible();
  await expect(page.getByText(/^Lift the bottom edge, north 2: .* now 10 mm$/)).toBeVisible();
  await expect(page.getByText('Branches over it? Yes.')).toBeVisible();
  await expect(page.getByText(/An uncertain count can hide a loss/)).toBeVisible();
  await expect(page.getByText(/birds missing at the least/)).toBeVisible();
  await expect(page.getByText(/^Mends: board along the sill/).first()).toBeVisible();
  await button(page, 'End this walk').click();
  await expect(page.getByText('This walk is ended. All of it is kept.')).toBeVisible();
  await page.goto('/walk');
  await expect(headline(page)).toHaveText('Walk the lap');
  await expect(page.getByRole('link', { name: 'What the last walk found' })).toBeVisible();
});

test('a second tab takes up the walk that is in hand; beginning again does not end it', async ({
  page,
  context,
}) => {
  const second = await context.newPage();
  await second.goto('/walk');
  await expect(headline(second)).toHaveText('Walk the lap');
  await button(page, /^Begin: /).click();
  await button(page, 'can’t tell').or(button(page, 'Can’t tell')).click();
  await expect(headline(page)).toHaveText('Anything to climb by?');
  await expect(headline(second)).toHaveText('Walk in hand');
  await expect(second.getByText(/1 of \d+ readings taken/)).toBeVisible();
});

test('by keyboard: digits, still, as the bay before, can’t tell, choices, skip and back', async ({
  page,
}, info) => {
  if (info.project.name !== 'wide') return;
  await page.goto('/walk/w1~ground.gap');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('8');
  await page.keyboard.press('Enter');
  await expect(headline(page)).toHaveText('Lift the bottom edge');
  await page.keyboard.press('=');
  await expect(headline(page)).toHaveText('What is the ground here?');
  await page.keyboard.press('2');
  await expect(page.getByRole('radio', { name: /^2?firm soil/ })).toBeChecked();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Saved: what the ground is, firm soil')).toBeVisible();
  await page.goto('/walk/w2~ground.gap');
  await expect(page.getByRole('textbox')).toBeFocused();
  await page.keyboard.press('?');
  await expect(page.getByText('still as last time')).toBeVisible();
  await page.keyboard.press('+');
  await expect(page.getByText('Saved: gap under the sill, 8 mm')).toBeVisible();
  await page.keyboard.press('*');
  await expect(page.getByText('Saved: lift the bottom edge, could not tell')).toBeVisible();
  await page.keyboard.press('PageUp');
  await expect(headline(page)).toHaveText('Lift the bottom edge');
  await page.keyboard.press('PageDown');
  await expect(headline(page)).toHaveText('What is the ground here?');
  await page.keyboard.press('Escape');
  await expect(headline(page)).toHaveText('Walk in hand');
});

test('sunlight and signals are chosen and stay', async ({ page }) => {
  await page.goto('/place');
  await unfold(page, 'Looks and signals');
  await button(page, 'sunlight').click();
  await button(page, 'a tremble').click();
  await page.getByRole('link', { name: 'Walk', exact: true }).first().click();
  await expect(headline(page)).not.toHaveText('Place');
  await page.goto('/place');
  await unfold(page, 'Looks and signals');
  await expect(button(page, 'a tremble')).toHaveAttribute('aria-pressed', 'true');
  await expect(page.locator('html')).toHaveAttribute('data-appearance', 'sunlight');
});
