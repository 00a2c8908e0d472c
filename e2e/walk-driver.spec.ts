/**
 * Walks both demo places from start to end by touch (phone) and by keyboard (wide), following one fixed script of readings, and says
 * what it took: stops, readings, taps a reading with digits counted. By keyboard also how long a key takes to be seen, at a processor
 * four times slower; printed, never asserted.
 */
import { expect, test, type Page } from './test';
import { openFile, headline } from './steps';
import { readFileSync } from 'node:fs';

/**
 * What a keeper does at the nth question, by what there is: mostly it is as it was; now and then a usual size, a figure typed, or it
 * cannot be told. The same in every run.
 */
function doAt(index: number): 'still' | 'chip' | 'typed' | 'cannot-tell' {
  const turn = (index * 7) % 20;
  if (turn === 3) return 'cannot-tell';
  if (turn === 9 || turn === 14) return 'typed';
  if (turn === 6 || turn === 11 || turn === 17) return 'chip';
  return 'still';
}

interface Driven {
  /** Taps or keys, reading by reading. */
  readonly taps: number[];
  readonly stops: number;
}

const middle = (numbers: readonly number[]) =>
  [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)] ?? 0;
const mean = (numbers: readonly number[]) =>
  numbers.reduce((sum, it) => sum + it, 0) / (numbers.length || 1);

const names = { 'samphire-yard': /^Samphire Yard/, 'tamarack-bank': /^Tamarack Bank/ };

/** Questions walked at the slower speed; the rest as fast as it goes. */
const slowly = 60;

for (const place of ['samphire-yard', 'tamarack-bank'] as const) {
  const tag = place === 'samphire-yard' ? [] : ['@long'];
  test(`${place} is walked from start to end`, { tag }, async ({ page, context }, info) => {
    test.setTimeout(600_000);
    const byKeys = info.project.name === 'wide';
    await page.goto('/place');
    await openFile(page, `${place}.json`, readFileSync(`demo/${place}.json`));
    await expect(headline(page)).toHaveText(/./);
    await expect(page.getByText(names[place]).first()).toBeVisible();
    await page.goto('/walk');
    await page.getByRole('button', { name: /^Begin: / }).click();
    await page.waitForURL(/~/);
    const session = await context.newCDPSession(page);
    if (byKeys) {
      await page.evaluate(watchKeys);
      await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
    }
    const { taps, stops } = await drive(page, byKeys, async () => {
      await page.evaluate('globalThis.waits = [...(globalThis.slow = globalThis.waits ?? [])]');
      await session.send('Emulation.setCPUThrottlingRate', { rate: 1 });
    });
    await expect(page.getByRole('button', { name: 'End this walk' })).toBeVisible();
    const left = await page.getByText(/, nothing left out\./).count();
    console.log(
      `${place} by ${byKeys ? 'keyboard' : 'touch'}: ${stops} stops, ${taps.length} readings, ` +
        `${byKeys ? 'keys' : 'taps'} a reading: median ${middle(taps)}, mean ${mean(taps).toFixed(2)}`,
    );
    if (byKeys) {
      const waits = (await page.evaluate(() => (globalThis as { slow?: number[] }).slow)) ?? [];
      const sorted = [...waits].sort((a, b) => a - b);
      const at = (share: number) => sorted[Math.floor(sorted.length * share)]?.toFixed(0) ?? '–';
      console.log(
        `  key to paint, four times slower: ${waits.length} keys, median ${at(0.5)} ms, 95th centile ${at(0.95)} ms (aim 100)`,
      );
    }
    expect(middle(taps)).toBeLessThanOrEqual(2);
    expect(left).toBe(1);
    await page.getByRole('button', { name: 'End this walk' }).click();
    await expect(page.getByText('This walk is ended. All of it is kept.')).toBeVisible();
  });
}

async function drive(page: Page, byKeys: boolean, fasten: () => Promise<void>): Promise<Driven> {
  const taps: number[] = [];
  const stops = new Set<string>();
  for (let index = 0; index < 500; index += 1) {
    const here = page.url();
    if (index === slowly) await fasten();
    if (here.endsWith('/walk/end')) break;
    await page.getByRole('button', { name: /^(Save, then|Next:)/ }).waitFor();
    const line =
      (await page
        .getByText(/· \d+ of \d+/)
        .first()
        .textContent()) ?? '';
    stops.add(line.split(' · ')[0] ?? '');
    // The address changes before the next question is drawn: what was seen then is looked at again, as a person does.
    let taken = 0;
    await expect(async () => {
      if (page.url() === here) {
        taken = byKeys ? await readByKeys(page, index) : await readByTouch(page, index);
      }
      await page.waitForURL((url) => url.href !== here, { timeout: 5_000 });
    }).toPass();
    taps.push(taken);
  }
  return { taps, stops: stops.size };
}

/** A reading by touch, with the tap that goes on; how many it took. */
async function readByTouch(page: Page, index: number): Promise<number> {
  const button = (name: string | RegExp) => page.getByRole('button', { name }).first();
  const isList = (await page.getByRole('radio').count()) > 0;
  const still = button(/^Still as last time/);
  const what = doAt(index);
  const onward = button(/^Save, then/);
  if (what === 'cannot-tell') {
    await button(/^can’t tell$/i).tap();
    return 1;
  }
  if (what === 'still' && (await still.count()) > 0) {
    await still.tap();
    return 1;
  }
  if (isList) {
    await page.getByRole('radio').first().tap();
    await onward.tap();
    return 2;
  }
  if (what === 'chip' && (await button('none').count()) > 0) {
    await button('none').tap();
    await onward.tap();
    return 2;
  }
  await page.getByRole('button', { name: '9', exact: true }).last().tap();
  await onward.tap();
  return 2;
}

async function readByKeys(page: Page, index: number): Promise<number> {
  const isList = (await page.getByRole('radio').count()) > 0;
  const hasStill = (await page.getByRole('button', { name: /^Still as last time/ }).count()) > 0;
  const what = doAt(index);
  if (!isList) await expect(page.getByRole('textbox')).toBeFocused();
  const keys =
    what === 'cannot-tell'
      ? ['*']
      : what === 'still' && hasStill
        ? ['=']
        : isList
          ? ['1', 'Enter']
          : // Ten of anything can be: inches of mesh, kilovolts, birds.
            [...(what === 'typed' ? '10' : '0'), 'Enter'];
  for (const key of keys) await page.keyboard.press(key);
  return keys.length;
}

/** Every key from its being pressed to the frame after what it did was drawn, ms. */
const watchKeys = `(() => {
  globalThis.waits = [];
  addEventListener('keydown', ({ timeStamp }) => {
    requestAnimationFrame(() => {
      const { port1, port2 } = new MessageChannel();
      port2.onmessage = () => globalThis.waits.push(performance.now() - timeStamp);
      port1.postMessage('');
    });
  }, true);
})()`;
