/** The morning after: a loss written down, asked about, ranked, and corrected when a camera settles it. */
import { exportPlace, headline, openYard } from './steps';
import { expect, test, type Page } from './test';

test.beforeEach(async ({ page }) => {
  await openYard(page);
});

const answer = async (page: Page, name: string): Promise<void> => {
  await page.getByRole('button', { name, exact: true }).click();
  await expect(page.getByRole('button', { name, exact: true })).toHaveCount(0);
};

/** Answers what is asked as far as it is known, and passes over the rest. */
async function tell(page: Page, known: Readonly<Record<string, string>>): Promise<number> {
  let taps = 0;
  for (let asked = 0; asked < 9; asked += 1) {
    const question = page.getByRole('group', { name: /\?$/ }).first();
    if ((await question.count()) === 0) break;
    const name = (await question.getAttribute('aria-label')) ?? '';
    if (known[name]) await answer(page, known[name]);
    else {
      await question.getByRole('button', { name: 'Can’t tell' }).click();
      await expect(page.getByRole('group', { name, exact: true })).toHaveCount(0);
    }
    taps += 1;
  }
  return taps;
}

test('a loss is written down and ranked within a dozen taps; the flock is fewer from that day', async ({
  page,
}) => {
  let taps = 0;
  const tap = async (name: string | RegExp): Promise<void> => {
    await page.getByRole('button', { name }).first().click();
    taps += 1;
  };
  await page.goto('/');
  await page.getByRole('link', { name: /^Birds missing, hurt or dead/ }).click();
  taps += 1;
  await expect(page.getByText(/^Several dead without a wound/)).toBeVisible();
  await tap('Found dead: one more');
  await tap(/^Write down: 1 gone and 1 dead/);
  await expect(page.getByText('Question 1')).toBeVisible();
  await tell(page, {
    'When was it?': 'By night',
    'What do the dead or hurt look like?': 'Small bites on neck or head',
    'What is broken, dug or open?': 'Nothing',
    'What does it smell of?': 'Strong musk',
  });
  await expect(headline(page)).toHaveText(/^(Most likely: )?(mink|stoat)/i);
  // Two taps more than what was answered: count, write down, four answers.
  expect(taps + 4).toBeLessThanOrEqual(12);
  await expect(page.getByText('For it:', { exact: false }).first()).toBeVisible();
  await expect(page.getByText(/^Look first at /)).toBeVisible();
  const asked = page.url();
  await page.goto('/');
  await expect(page.getByText(/Samphire Yard · 10 birds/)).toBeVisible();
  // And at dusk so many are looked for.
  await page.goto('/shut');
  await expect(page.getByText('10 bantams')).toBeVisible();
  await page.getByRole('button', { name: 'All shut, all home' }).click();
  await expect(page.getByText('10 in')).toBeVisible();
  // The walk after it begins where it most likely came in.
  await page.goto(asked);
  await page.getByRole('button', { name: /^Walk after a loss: \d walls? first/ }).click();
  await expect(page).toHaveURL(/\/walk/);
});

test('a camera settles it later: what was thought first is kept', async ({ page }) => {
  await page.goto('/happened');
  await page.getByRole('button', { name: /^Write down: 1 gone/ }).click();
  await expect(page.getByText('Question 1')).toBeVisible();
  await tell(page, {
    'When was it?': 'By night',
    'What is left where they were taken?': 'A trail of feathers',
  });
  const thought = await headline(page).textContent();
  const known = page.getByRole('group', { name: 'It is known now' });
  await known.getByRole('button', { name: 'Fox', exact: true }).click();
  await expect(headline(page)).toHaveText('It was: fox');
  await expect(page.getByText(/^Thought first: /)).toBeVisible();
  await page.goto('/place');
  const file = JSON.parse(await exportPlace(page)) as {
    sightings: { what: string; animal?: string; thought?: unknown[]; fewer?: number }[];
    place: { flock: { count: number }[] };
  };
  const loss = file.sightings.find(({ what }) => what === 'loss');
  expect(loss).toMatchObject({ animal: 'red-fox', fewer: 1 });
  expect(loss?.thought?.length).toBeGreaterThan(1);
  expect(thought).not.toBe('It was: fox');
  // The flock’s own number is not written over.
  expect(file.place.flock[0]?.count).toBe(12);
});

test('answers are kept as they are given, and can be taken back', async ({ page }) => {
  await page.goto('/happened');
  await page.getByRole('button', { name: /^Write down: 1 gone/ }).click();
  await expect(page.getByText('Question 1')).toBeVisible();
  const before = await headline(page).textContent();
  const question = page.getByRole('group', { name: /\?$/ }).first();
  await question.getByRole('button').first().click();
  // On a phone one question stands alone; what it comes to is a tap away.
  await expect(page.getByText('Question 2')).toBeVisible();
  const whole = page.getByRole('button', { name: 'Who it may have been, and by which way' });
  if (await whole.isVisible()) await whole.click();
  const back = page.getByRole('button', { name: /^Take back: / });
  await expect(back).toHaveCount(1);
  await page.reload();
  await expect(back).toHaveCount(1);
  await back.click();
  await expect(headline(page)).toHaveText(before ?? '');
});
