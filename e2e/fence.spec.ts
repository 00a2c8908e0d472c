/** The electric line: strung, described, walked; when it falls, the leak is found, mended, and held by volts at the far end. */
import { exportPlace, headline, holdWriting, openYard } from './steps';
import { expect, test, type Page } from './test';

test.beforeEach(async ({ page }) => {
  await openYard(page);
});

const button = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, ...(typeof name === 'string' && { exact: true }) });

async function fill(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByRole('textbox', { name: label });
  await field.fill(text);
  await field.blur();
}

/** From no line at all to one that is described; taps and fields are counted. */
async function describe(page: Page): Promise<number> {
  let steps = 0;
  const tap = async (name: string) => {
    await button(page, name).first().click();
    steps += 1;
  };
  const type = async (label: string, text: string) => {
    await fill(page, label, text);
    steps += 1;
  };
  await page.goto('/fence');
  await expect(headline(page)).toHaveText('No electric line here yet');
  await tap('String a line');
  await tap('it runs across, hooked on');
  await tap('String it');
  await expect(headline(page)).toHaveText('Say how the line is made');
  await tap('12 V battery');
  await tap('steel 2 mm');
  await tap('Describe the line');
  await expect(headline(page)).toHaveText('How the line is made');
  await type('Volts with nothing on it, kV', '7');
  await type('Volts at 500 Ω, kV', '5');
  await tap('lead, wet');
  await tap('a handle to unhook');
  return steps;
}

test('a line is described in a score of touches, and says what to do first', async ({ page }) => {
  // Under two minutes at the pace of the stops: about five seconds a touch.
  expect(await describe(page)).toBeLessThanOrEqual(20);
  await page.getByRole('link', { name: '‹ Fence' }).click();
  await expect(headline(page)).toHaveText('Put a tester to the line');
  await expect(page.getByRole('img', { name: /^The line along \d+ bays, fed at/ })).toBeVisible();
});

test('a line along one wall only, of which one bay is left out', async ({ page }) => {
  await page.goto('/fence');
  await button(page, 'String a line').click();
  await button(page, 'Along some walls').click();
  await expect(button(page, 'String it')).toHaveCount(0);
  await page.getByRole('checkbox', { name: 'North 1 to north 3' }).click();
  await page.getByRole('checkbox', { name: 'North 2', exact: true }).click();
  await button(page, 'it runs across, hooked on').click();
  await button(page, 'String it').click();
  await button(page, 'mains').click();
  await button(page, 'steel 2 mm').click();
  await button(page, 'Describe the line').click();
  await page.getByRole('link', { name: '‹ Fence' }).click();
  await expect(page.getByRole('img', { name: /^The line along 2 bays, fed at/ })).toBeVisible();
});

test('what cannot be is refused with a sentence, and nothing of it is kept', async ({ page }) => {
  await describe(page);
  await fill(page, 'Volts at 500 Ω, kV', '9');
  await expect(page.getByText(/^With nothing on it there must be more volts/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Volts at 500 Ω, kV' })).toHaveValue('5');
  await fill(page, 'Volts with nothing on it, kV', 'lots');
  await expect(page.getByText(/from 0\.1 to 15/)).toBeVisible();
});

test('two fields filled while the first is still being kept: neither is lost @phone', async ({
  page,
}) => {
  await describe(page);
  await holdWriting(page);
  await fill(page, 'Joules', '2');
  await fill(page, 'Draws, mA', '120');
  await button(page, 'lithium (LiFePO₄)').click();
  await expect(button(page, 'lithium (LiFePO₄)')).toHaveAttribute('aria-pressed', 'true');
  const line = JSON.parse(await exportPlace(page)).place.fence.line;
  expect(line.energizer).toMatchObject({ joules: 2, draws: 120, battery: { kind: 'lithium' } });
});

/** The line described and walked, the tester showing so many kV near the energizer and at the far end. */
async function walkLine(page: Page, near: string, far: string): Promise<void> {
  await describe(page);
  await page.goto('/fence');
  await page.getByRole('link', { name: 'Walk the line' }).click();
  await expect(page.getByRole('radio', { name: /^Along the line/ })).toBeChecked();
  await button(page, /^Begin/)
    .first()
    .click();
  await expect(page).toHaveURL(/walk\/./);
  await page.goto('/place');
  const { place } = JSON.parse(await exportPlace(page)) as { place: { fence: { id: string } } };
  for (const [id, volts] of [
    ['check.voltsNear', near],
    ['fence.volts', far],
  ] as const) {
    await page.goto(`/walk/${place.fence.id}~${id}`);
    for (const digit of volts) await press(page, digit);
    const before = page.url();
    await button(page, /^(Save, then|Next:)/).click();
    await expect(page).not.toHaveURL(before);
  }
  await page.goto('/fence');
}

/** Test after test as the page asks for them; `shows`: what the tester then shows, by the page's own sentence. */
async function search(page: Page, shows: (asked: string) => string): Promise<void> {
  await page.getByRole('link', { name: 'Where is it?' }).click();
  for (let tests = 0; tests < 8; tests += 1) {
    await expect(headline(page)).toHaveText(
      /^(Open the line|Read the volts|It is at|Look at|Between)/,
    );
    const asked = (await headline(page).textContent()) ?? '';
    if (!/^(Open|Read)/.test(asked)) return;
    await fill(page, 'It reads, kV', shows(asked));
    await button(page, 'Write it down').click();
    await expect(headline(page)).not.toHaveText(asked);
  }
}

/** The mend that is on the screen, done and measured again: volts at the far end. */
async function holdsWith(page: Page, volts: string): Promise<void> {
  for (const digit of volts) await press(page, digit);
  await button(page, /^(Save, then|Next:|Save)/).click();
  await expect(
    page.getByText('Measured again: it holds against what it was made for.'),
  ).toBeVisible();
  await page.goto('/fence');
}

test('the line is walked; it has fallen; the leak is found, mended and held', async ({ page }) => {
  await walkLine(page, '3.4', '3.4');
  await expect(headline(page)).toHaveText('Something drags the line down');
  // The tester is played: the leak is in the last bay, so opening anywhere brings the volts back.
  await search(page, (asked) => (asked.startsWith('Open') ? '6.9' : '3.4'));
  await expect(headline(page)).toHaveText(/^It is at/);
  await button(page, 'weeds lying over it').or(button(page, 'the mesh itself')).last().click();
  await expect(headline(page)).toHaveText('Clear what touches the strand');
  await button(page, 'Mark it done').click();
  await button(page, 'Measure again').click();
  await page.getByRole('radio', { name: /^nothing/ }).click();
  await button(page, /^(Save, then|Next:|Save)/).click();
  await holdsWith(page, '6.6');
  await expect(headline(page)).not.toHaveText('Something drags the line down');
});

test('live near the energizer, dead at the far end: where the wire is broken is found, it is joined and holds', async ({
  page,
}) => {
  await walkLine(page, '6.9', '0');
  await expect(headline(page)).toHaveText('Part of the line is dead');
  // Broken into the last bay: wherever else it is read it lives.
  await search(page, () => '6.9');
  await expect(headline(page)).toHaveText(/^Between .* and .* the wire no longer leads$/);
  await button(page, 'a broken wire, or a joint undone or poor').click();
  await expect(headline(page)).toHaveText('Join the wire anew');
  await button(page, 'Mark it done').click();
  await button(page, 'Measure again').click();
  await holdsWith(page, '6.6');
  await expect(headline(page)).not.toHaveText('Part of the line is dead');
});

test('a first line is put on the list; it is there and holds once volts are read at its far end', async ({
  page,
}) => {
  await page.goto('/fence');
  await button(page, /^Put it on the list of mends/).click();
  await expect(headline(page)).toHaveText('A first electric line');
  await page.goto('/fence');
  await expect(headline(page)).toHaveText('No electric line here yet');
  await page.getByRole('link', { name: /^A first electric line: on the list, planned/ }).click();
  await button(page, 'Mark it done').click();
  await button(page, 'Measure again').click();
  await expect(headline(page)).toHaveText('Volts on the line');
  for (const digit of '6.6') await press(page, digit);
  await button(page, /^Save/).click();
  await expect(
    page.getByText('Measured again: it holds against what it was made for.'),
  ).toBeVisible();
  await page.goto('/fence');
  await expect(headline(page)).toHaveText('Say how the line is made');
});

const press = (page: Page, digit: string) => button(page, digit).last().click();

test('what would be is one tap, and nothing of it is kept; a search is practised without a fence', async ({
  page,
}) => {
  await page.goto('/places');
  await button(page, 'Look at Tamarack Bank').click();
  await expect(page.getByText(/^Tamarack Bank · 20 birds/)).toBeVisible();
  await page.goto('/fence');
  const asItIs = await headline(page).textContent();
  await button(page, 'Dry ground').click();
  await expect(headline(page)).toHaveText(/^If so: the ground keeps the current/);
  await button(page, 'Dry ground').click();
  await expect(headline(page)).toHaveText(asItIs ?? '');
  await button(page, 'Handle off at the gate').click();
  await expect(headline(page)).toHaveText('If so: hook the handle on at the gate');
  await button(page, 'As it is').click();
  await expect(headline(page)).toHaveText(asItIs ?? '');
  await page.getByRole('link', { name: 'Where is it?' }).click();
  await button(page, 'Practise without a fence').click();
  for (let tests = 0; tests < 8; tests += 1) {
    const make = button(page, 'Make the test');
    if ((await make.count()) === 0) break;
    const was = await headline(page).textContent();
    await make.click();
    await expect(headline(page)).not.toHaveText(was ?? '');
  }
  await expect(headline(page)).toHaveText(/^(It is at|Look at|Between) /);
  await expect(page.getByText(/^It was at .*: \d tests?\.$/)).toBeVisible();
});

test('earth that is missing is put on the list from the line, and holds once the rods are counted', async ({
  page,
}) => {
  await page.goto('/places');
  await button(page, 'Look at Tamarack Bank').click();
  await expect(page.getByText(/^Tamarack Bank · 20 birds/)).toBeVisible();
  await page.goto('/fence');
  await button(page, 'Put it on the list of mends: More earth rods').click();
  await expect(headline(page)).toHaveText('More earth rods');
  await button(page, 'Mark it done').click();
  await button(page, 'Measure again').click();
  await expect(headline(page)).toHaveText('How many earth rods are there?');
  // More than the four that are asked for.
  await press(page, '6');
  await button(page, /^Save/).click();
  await expect(
    page.getByText('Measured again: it holds against what it was made for.'),
  ).toBeVisible();
  await page.goto('/fence');
  await expect(page.getByText('Rods missing: none.')).toBeVisible();
});
