/** Describing a place and changing it: from a shape, by touch, with everything taken back again; nothing read is lost. */
import { expect, test, type Page } from './test';
import { readFileSync } from 'node:fs';
import { beginPlace } from '../src/core/place/begin';
import { writePlaceFile } from '../src/core/formats/place-file';
import type { Place } from '../src/core/place/place';
import { emptyPort } from './places';
import {
  exportPlace,
  go,
  headline,
  nextInBegin,
  openFile,
  openYard,
  saidIn,
  unfold,
  tryBegin,
} from './steps';

const press = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name, ...(typeof name === 'string' && { exact: true }) }).click();

/** Types into a field and leaves it. */
async function enter(page: Page, label: string, text: string): Promise<void> {
  await page.getByLabel(label, { exact: true }).fill(text);
  await page.getByLabel(label, { exact: true }).blur();
}

test.describe('from nothing', () => {
  test.use({ baseURL: `http://localhost:${emptyPort}` });

  test('a place is described from a shape, and recognised in plan and lap', async ({
    page,
  }, info) => {
    let [taps, keys] = [0, 0];
    const tap = async (name: string | RegExp) => {
      await press(page, name);
      taps += 1;
    };
    const type = async (label: string, text: string) => {
      await enter(page, label, text);
      taps += 1;
      keys += text.length;
    };
    const lowMesh = /^Made of, up to 600 mm: 13 mm welded mesh/;
    await page.goto('/');
    await tap(/^House on sections/);
    await type('Run, along the gate’s side', '3.2 m');
    await type('Run, away from the gate', '1.6 m');
    await nextInBegin(page);
    await tap('a village');
    await nextInBegin(page);
    await type('Name of the place', 'Withy Corner');
    await tap('Begin');
    await expect(headline(page)).toHaveText('Not walked yet');
    await expect(page.getByText('Withy Corner · 6 birds · not walked yet')).toBeVisible();
    await go(page, 'Place');
    await page.getByRole('link', { name: 'Change run' }).click();
    // Kept as it was typed.
    await expect(page.getByLabel('front: length')).toHaveValue('3.2 m');
    await page.goBack();
    await expect(page.getByRole('img', { name: /^Plan of Withy Corner/ })).toBeVisible();
    // 3.2 m and 1.2 m along, 1.6 m deep: once round is 12 m.
    await expect(page.getByRole('img', { name: /unrolled from the gate, 12\.0 m/ })).toBeVisible();
    // The whole run is like this: one bay said, and the others after it.
    taps += 1;
    await page.getByRole('button', { name: /^left: not looked at$/ }).click();
    await expect(headline(page)).toHaveText('Left');
    await tap(/^Made of, up to 600 mm: not looked at/);
    await tap('13 mm welded mesh');
    await expect(page.getByRole('button', { name: lowMesh })).toBeVisible();
    await tap('all walls like it');
    await tap(/^Make \d+ bays like this one$/);
    await expect(page.getByText('Said of the others too.', { exact: true })).toBeVisible();
    await page.goto('/bay/run-back-1');
    await expect(page.getByRole('button', { name: lowMesh })).toBeVisible();
    console.log(
      `${info.project.name}: described from a shape in ${taps} taps and ${keys} keystrokes`,
    );
  });

  test('names that could do harm are drawn, kept and taken out as they are', async ({ page }) => {
    const name = '<script>document.title="x"</script> 🐓 حظيرة الدجاج';
    page.on('dialog', () => expect('a dialog').toBe('none'));
    await page.goto('/');
    await press(page, /^House and run/);
    await page.getByLabel('Run, along the gate’s side').fill('0 m');
    await tryBegin(page);
    await expect(page.getByRole('alert')).toHaveText(/too short/);
    await page.getByLabel('Run, along the gate’s side').fill('-4 m');
    await tryBegin(page);
    await expect(page.getByRole('alert')).toHaveText(/less than nothing/);
    await page.getByLabel('Run, along the gate’s side').fill('4 m');
    await nextInBegin(page);
    await press(page, 'a village');
    await nextInBegin(page);
    await page.getByLabel('Name of the place').fill('x'.repeat(500));
    await press(page, 'Begin');
    await expect(page.getByRole('alert')).toHaveText(/up to 80 letters/);
    await page.getByLabel('Name of the place').fill(name);
    await press(page, 'Begin');
    await expect(page.getByText(`${name} · 6 birds`)).toBeVisible();
    await page.goto('/zone/run');
    await enter(page, 'left: name', `${'ل'.repeat(40)} <b>🪵</b>`);
    const file = JSON.parse(await exportPlace(page)) as { place: Place };
    expect(file.place.name).toBe(name);
    expect(file.place.zones[0]?.outline.sides[1]?.name).toBe(`${'ل'.repeat(40)} <b>🪵</b>`);
    await expect(page).toHaveTitle(/Rookle/);
    expect(await drawingText(page, 'Plan as a picture')).not.toMatch(/<b>|<script>/);
  });

  test('two thousand bays are drawn, kept and judged', { tag: '@phone' }, async ({ page }) => {
    await page.goto('/');
    await openFile(page, 'long.json', manyBays(2000));
    await expect(headline(page)).toBeVisible({ timeout: 60_000 });
    await expect(page.getByRole('img', { name: /^Plan of Long Fence/ })).toBeVisible({
      timeout: 60_000,
    });
    await expect(page.getByRole('button', { name: /^Lap, / })).toHaveCount(2000, {
      timeout: 60_000,
    });
    const file = JSON.parse(await exportPlace(page)) as { place: Place };
    expect(file.place.faces.flatMap(({ bays }) => bays).length).toBeGreaterThanOrEqual(2000);
  });
});

/** A strip whose bays are cut small until there are so many. */
function manyBays(count: number): string {
  const sizes = {
    runWidth: 90_000,
    runDepth: 60_000,
    runHeight: 1800,
    houseWidth: 1,
    houseDepth: 1,
  };
  const place = beginPlace({
    id: 'long',
    name: 'Long Fence',
    units: 'metric',
    region: 'gb',
    birds: 6,
    kind: 'grown',
    shape: 'hoop',
    sizes: { ...sizes, sections: 1 },
  });
  if ('problem' in place) throw new Error(place.problem);
  const each = count / 4;
  const faces = place.faces.map((face) => {
    const [bay] = face.bays;
    if (!bay || face.kind !== 'wall') return face;
    const bays = Array.from({ length: each }, (_, index) => ({
      ...bay,
      id: `${bay.id}-${index}`,
      name: `${bay.name} ${index + 1}`,
      width: bay.width / each,
      openings: [],
      bands: bay.bands.map((band) => ({
        ...band,
        id: `${band.id}-${index}`,
        layers: band.layers.map((layer) => ({ ...layer, id: `${layer.id}-${index}` })),
      })),
    }));
    return { ...face, bays };
  });
  return writePlaceFile({ place: { ...place, faces }, walks: [], mends: [], sightings: [] });
}

/** Saves a drawing as a picture; its text. */
async function drawingText(page: Page, button: string): Promise<string> {
  const waiting = page.waitForEvent('download');
  await press(page, button);
  return readFileSync(await (await waiting).path(), 'utf8');
}

test('every change can be taken back and done again, by button and by key', async ({ page }) => {
  await openYard(page);
  const before = await exportPlace(page);
  await page.getByRole('button', { name: /^north 2: open or minutes$/ }).click();
  await expect(headline(page)).toHaveText('North 2');
  // What is said of the sill counts at once: the way in is gone.
  await enter(page, 'Gap under the sill', '5 mm');
  await press(page, 'Another mesh from some height up');
  await unfold(page, 'Electric strands');
  await press(page, 'A strand along this bay');
  await unfold(page, 'Name and posts');
  await enter(page, 'Name of the bay', 'by the willow');
  await expect(headline(page)).toHaveText('By the willow');
  await press(page, 'Undo: the name');
  await expect(headline(page)).toHaveText('North 2');
  await press(page, 'Redo: the name');
  await expect(headline(page)).toHaveText('By the willow');
  await expect(page.getByRole('button', { name: 'Undo: the name' })).toBeVisible();
  for (const left of ['Undo: a strand', 'Undo: another band', 'Undo: gap under the sill']) {
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name: left })).toBeVisible();
  }
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveCount(0);
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByRole('button', { name: 'Undo: gap under the sill' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('button', { name: /^Undo/ })).toHaveCount(0);
  expect(saidIn(await exportPlace(page))).toEqual(saidIn(before));
});

test('two lids of one kind are described once', async ({ page }) => {
  await openYard(page);
  await go(page, 'Place');
  await page.getByRole('button', { name: /^north 2: open or minutes$/ }).click();
  for (let hatch = 0; hatch < 2; hatch += 1) {
    await press(page, 'There is one more …');
    await press(page, 'hatch');
  }
  await page.getByRole('button', { name: 'Change hatch' }).first().click();
  await press(page, 'One more latch');
  await press(page, 'Others of its kind like this one');
  await press(page, 'Make hatch, north 2 like this one');
  await expect(page.getByText('Said of the others too.').first()).toBeVisible();
  const hatches = (text: string) =>
    (JSON.parse(text) as { place: Place }).place.faces
      .flatMap(({ bays }) => bays.flatMap(({ openings }) => openings))
      .filter(({ kind }) => kind === 'hatch');
  const latches = (text: string) => hatches(text).map((it) => it.latches.length);
  expect(latches(await exportPlace(page))).toEqual([2, 2]);
  await press(page, 'Undo: doors alike');
  await expect(page.getByRole('button', { name: 'Undo: a latch' })).toBeVisible();
  expect(latches(await exportPlace(page))).toEqual([2, 1]);
});

test('a wall taken away takes no reading with it', async ({ page }) => {
  await openYard(page);
  const readings = (text: string) =>
    (JSON.parse(text) as { walks: { readings: unknown[] }[] }).walks.flatMap((it) => it.readings);
  const before = await exportPlace(page);
  await page.getByRole('link', { name: 'Change hut' }).click();
  await press(page, 'There is no hut: take it away');
  await expect(page.getByText('12 bantams sleep in it. Where will they?')).toBeVisible();
  await page.getByRole('button', { name: 'run', exact: true }).click();
  await expect(headline(page)).toHaveText('It is gone');
  await expect(page.getByText(/birds? in the open/)).toHaveCount(0);
  const without = await exportPlace(page);
  expect(readings(without)).toEqual(readings(before));
  expect(without).not.toContain('"hut-north"');
  await press(page, 'Undo: taking hut away');
  await expect(page.getByRole('button', { name: 'Undo: taking hut away' })).toHaveCount(0);
  expect(saidIn(await exportPlace(page))).toEqual(saidIn(before));
});

test('a nest box is added, the flock and the routine are said', async ({ page }) => {
  await openYard(page);
  await go(page, 'Place');
  await page.getByRole('link', { name: 'Add a run, a house or a nest box' }).click();
  await press(page, 'nest box');
  await press(page, /^Built against/);
  await press(page, 'hut back');
  await press(page, 'Add it');
  await expect(page.getByRole('link', { name: 'Change nest box' })).toBeVisible();
  await page.getByRole('link', { name: 'Change the flock' }).click();
  await press(page, 'Another group');
  const group = page.getByRole('group', { name: '1 hens' }).getByLabel('What you call them');
  await group.fill('the broody');
  await page.getByRole('heading', { level: 1 }).click();
  await expect(page.getByRole('group', { name: '1 the broody' })).toBeVisible();
  await go(page, 'Place');
  await page.getByRole('link', { name: 'Change the routine' }).click();
  await press(page, 'Forget where it is');
  await press(page, 'Say where it is');
  await expect(page.getByText(/Today the sun sets at \d\d:\d\d/)).toBeVisible();
  const file = JSON.parse(await exportPlace(page)) as { place: Place };
  expect(file.place.zones.map(({ kind }) => kind)).toContain('nest-box');
  expect(file.place.flock).toHaveLength(2);
  expect(file.place.setting.position).toEqual({ latitude: 52, longitude: 0 });
});

test('plan and lap are pictures that open elsewhere', async ({ page }) => {
  await openYard(page);
  await go(page, 'Place');
  for (const button of ['Plan as a picture', 'Lap as a picture']) {
    const svg = await drawingText(page, button);
    expect(svg).toContain('xmlns="http://www.w3.org/2000/svg"');
    expect(svg).not.toContain('var(--');
    const size = await page.evaluate(async (text) => {
      const image = new Image();
      image.src = URL.createObjectURL(new Blob([text], { type: 'image/svg+xml' }));
      await image.decode();
      return [image.naturalWidth, image.naturalHeight];
    }, svg);
    expect(size[0]).toBeGreaterThan(300);
    expect(size[1]).toBeGreaterThan(100);
  }
});

test('both demo places, a copy of one, and what was taken away', async ({ page }) => {
  await openYard(page);
  await go(page, 'Place');
  await press(page, 'Other places');
  await press(page, 'Look at Tamarack Bank');
  await expect(page.getByText(/^Tamarack Bank · 20 birds/)).toBeVisible();
  await expect(headline(page)).toHaveText(/ways in tonight$/);
  await go(page, 'Place');
  await press(page, 'Other places');
  await press(page, 'Copy Tamarack Bank');
  await expect(headline(page)).toHaveText('Tamarack Bank (copy)');
  await press(page, 'Other places');
  await expect(page.getByRole('heading', { name: 'Your places' })).toBeVisible();
  await press(page, 'Open Samphire Yard');
  await expect(headline(page)).toHaveText('2 ways in tonight');
  await go(page, 'Place');
  await press(page, 'Other places');
  await press(page, 'Open Tamarack Bank (copy)');
  // The other place is stored before it is shown.
  await expect(page.getByText(/^Tamarack Bank \(copy\) · 20 birds/)).toBeVisible();
  await go(page, 'Place');
  await press(page, 'Remove from this browser');
  await press(page, /^Yes, remove/);
  await expect(headline(page)).toHaveText('Begin a place');
  await press(page, /^Bring back Tamarack Bank \(copy\), put aside /);
  await expect(page.getByText(/^Tamarack Bank \(copy\) · 20 birds/)).toBeVisible();
});

test('dusk is chosen and stays', async ({ page }) => {
  await openYard(page);
  await go(page, 'Place');
  const field = () => page.evaluate(() => getComputedStyle(document.body).backgroundColor);
  const light = await field();
  await unfold(page, 'Looks and signals');
  await press(page, 'dusk');
  await expect.poll(field).not.toBe(light);
  const dusk = await field();
  await page.reload();
  await expect.poll(field).toBe(dusk);
});
