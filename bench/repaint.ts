/** From a changed reading to the yard painted anew, in the browser: the reading is taken back and given again by key, storage included. */
import { chromium, type Browser, type Page } from '@playwright/test';
import { samphireYard } from '../demo/samphire-yard';
import { tamarackBank } from '../demo/tamarack-bank';
import { chromiumArguments, chromiumPath } from '../e2e/places';
import { largePlace } from './large-place';
import { emptyBrowser, openPlace, type File } from './opened-place';

/** Middles of several, ms. */
export interface Took {
  /** Judging, drawing, layout and paint: what the page is busy with. */
  readonly work: number;
  /** Until sentence and drawings are seen: with the wait for the screen's next frame. */
  readonly seen: number;
  /** Until the list of ways in is seen too. */
  readonly all: number;
}

export interface Repaint {
  readonly samphire: Took;
  readonly tamarack: Took;
  readonly sixty: Took;
  /** The same at a quarter of the processor's speed. */
  readonly sixtySlow: Took;
}

export async function repaint(address: string): Promise<Repaint> {
  const browser = await chromium.launch({ executablePath: chromiumPath, args: chromiumArguments });
  const sixty = { place: largePlace(60), walks: [], mends: [], sightings: [] };
  const times = {
    samphire: await measured(browser, address, samphireYard, 'nest-lid~opening.gapPulled', '10', 1),
    // Inches here.
    tamarack: await measured(browser, address, tamarackBank, 'nest-lid~opening.gapPulled', '3', 1),
    sixty: await measured(browser, address, sixty, 'north-3~ground.gap', '40', 1),
    sixtySlow: await measured(browser, address, sixty, 'north-3~ground.gap', '40', 4),
  };
  await browser.close();
  return times;
}

async function measured(
  browser: Browser,
  address: string,
  file: File,
  question: string,
  reading: string,
  slower: number,
): Promise<Took> {
  const { context, page } = await emptyBrowser(browser);
  // The other tabs are told when the screens are.
  await page.addInitScript(() => {
    const tell = BroadcastChannel.prototype.postMessage;
    BroadcastChannel.prototype.postMessage = function (message: unknown) {
      performance.mark('yard-changed');
      tell.call(this, message);
    };
  });
  await openPlace(page, address, file);
  await page.goto(`${address}/walk/${question}`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  for (const digit of reading) {
    await page.getByRole('button', { name: digit, exact: true }).last().click();
  }
  await page.getByRole('button', { name: /^Save, then/ }).click();
  await page.waitForTimeout(500);
  await page.getByRole('navigation').getByRole('link', { name: 'Yard' }).click();
  await page.getByRole('group', { name: 'Scenario' }).waitFor();
  await page.waitForTimeout(3000);
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slower });
  const times: Took[] = [];
  for (let turn = 0; turn < 8; turn += 1) {
    times.push(await once(page, turn % 2 === 0 ? 'z' : 'Z'));
    await page.waitForTimeout(1200);
  }
  await context.close();
  const middle = (of: keyof Took) =>
    Math.round(times.map((it) => it[of]).sort((a, b) => a - b)[4] ?? 0);
  return { work: middle('work'), seen: middle('seen'), all: middle('all') };
}

/** Undo or redo; from the change's being known to the screens ("yard-changed") to the frame after the page was last changed by it. */
async function once(page: Page, key: 'z' | 'Z'): Promise<Took> {
  const done = page.evaluate(
    () =>
      new Promise<Took>((resolve, reject) => {
        const page = globalThis as unknown as {
          scheduler: { postTask: (task: () => void, how: object) => Promise<void> };
        };
        setTimeout(() => reject(new Error('the list of ways in did not change')), 10_000);
        performance.clearMarks('yard-changed');
        const list = document.querySelector('[aria-label="Ways in and animals"]');
        let first: Omit<Took, 'all'> | undefined;
        const watch = new MutationObserver(async (changes) => {
          const [mark] = performance.getEntriesByName('yard-changed');
          if (!mark) return;
          const isList = changes.some(({ target }) => list?.contains(target));
          // The name of what can be taken back changes at once: what is waited for is the sentence, or a drawing.
          const isAnswer = changes.some(({ target }) =>
            (target instanceof Element ? target : target.parentElement)?.closest('h1, svg'),
          );
          if (!isAnswer && !isList) return;
          const isFirst = first === undefined;
          if (isFirst) first = { work: 0, seen: 0 };
          if (isList) watch.disconnect();
          if (!isFirst && !isList) return;
          const drawn = performance.now() - mark.startTime;
          await new Promise(requestAnimationFrame);
          const frame = performance.now();
          // Before anything else that waits: a slice of the lists would be counted as painting.
          await page.scheduler.postTask(() => undefined, { priority: 'user-blocking' });
          const now = performance.now();
          const seen = now - mark.startTime;
          if (isFirst) first = { work: drawn + now - frame, seen };
          if (isList) resolve({ ...(first ?? { work: 0, seen }), all: seen });
        });
        watch.observe(document.body, {
          subtree: true,
          childList: true,
          characterData: true,
          attributes: true,
        });
      }),
  );
  await page.keyboard.press(key === 'z' ? 'Control+z' : 'Control+Shift+Z');
  return done;
}
