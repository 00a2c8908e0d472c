/** What comes later pushes nothing that can be touched from under a finger. */
import { expect, test, type Page } from './test';
import { openYard } from './steps';

/** Pages of which a part is worked out, measured or fetched after they are first seen. */
const pages = [
  '/',
  '/walk',
  '/walk?purpose=settle',
  '/mends/plan',
  '/mends/shopping',
  '/mends/cutting',
  '/lived',
  '/report',
  '/compare',
  '/sure',
  '/nights',
  '/shut',
  '/fence',
  '/places',
  '/begin',
  '/animal/raccoon',
];

/** px: less than this nobody misses what is 48 high. */
const slack = 8;

interface Watch {
  /** What moved, and by how many px. */
  readonly moved: Map<string, number>;
  /** Asked of workers and not answered. */
  pending: number;
  /** When the page last changed, ms. */
  changed: number;
}

/** Answers of workers come late, and every control is looked at in every frame. */
async function watch(page: Page, slack: number): Promise<void> {
  await page.addInitScript((slack: number) => {
    const it: Watch = { moved: new Map(), pending: 0, changed: 0 };
    Object.assign(globalThis, { watched: it });
    const late = 600;
    const Before = Worker;
    globalThis.Worker = class extends Before {
      override postMessage(message: unknown): void {
        it.pending += 1;
        super.postMessage(message);
      }
      override set onmessage(hear: (event: MessageEvent) => void) {
        super.onmessage = (event: MessageEvent) => {
          const isOnTheWay = (event.data as { kind?: string }).kind === 'progress';
          setTimeout(() => {
            if (!isOnTheWay) it.pending -= 1;
            hear.call(this, event);
          }, late);
        };
      }
    };
    const first = new WeakMap<Element, number>();
    const look = () => {
      for (const control of document.querySelectorAll(
        'a,button,input,[role=button],[role=radio]',
      )) {
        const { top, bottom, width } = control.getBoundingClientRect();
        const before = first.get(control);
        if (before !== undefined && Math.abs(top - before) > slack) {
          const name = control.getAttribute('aria-label') ?? control.textContent;
          it.moved.set(name.slice(0, 60), Math.round(top - before));
        } else if (before === undefined && width > 0 && bottom > 0 && top < innerHeight) {
          first.set(control, top);
        }
      }
      requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
    document.addEventListener('DOMContentLoaded', () => {
      new MutationObserver(() => (it.changed = performance.now())).observe(document.body, {
        childList: true,
        subtree: true,
        attributes: true,
      });
    });
  }, slack);
}

/** Nothing is asked any more, and nothing has changed for a second. */
const isQuiet = (page: Page) =>
  page.evaluate(() => {
    const { pending, changed } = (globalThis as unknown as { watched: Watch }).watched;
    return pending <= 0 && changed > 0 && performance.now() - changed > 1000;
  });

test('nothing that can be touched moves when what is worked out comes', async ({ page }) => {
  await openYard(page);
  await watch(page, slack);
  const moved: Record<string, unknown> = {};
  for (const address of pages) {
    await page.goto(address);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect.poll(() => isQuiet(page), { timeout: 60_000 }).toBe(true);
    const here = await page.evaluate(() => [
      ...(globalThis as unknown as { watched: Watch }).watched.moved,
    ]);
    if (here.length > 0) moved[address] = here;
  }
  expect(moved).toEqual({});
});
