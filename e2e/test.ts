/** Browser tests on one day of the year: what comes by and which boards are on depends on it. The clock runs on from there. */
import { test as base, type Page } from '@playwright/test';

export { expect, type Page } from '@playwright/test';

export const today = '2026-11-26';

/** The same for every page of a test: after a reload it is later, not earlier. */
export async function onTheDay(page: Page): Promise<void> {
  const ahead = Date.parse(`${today}T15:00:00`) - Date.now();
  await page.addInitScript((toToday: number) => {
    // A test may move on by so much more; a page that is not of the application has no storage.
    const more = location.protocol.startsWith('http') ? localStorage.getItem('shift') : null;
    const shift = toToday + Number(more ?? 0);
    const real = Date;
    globalThis.Date = class extends real {
      constructor(...given: []) {
        if (given.length > 0) super(...given);
        else super(real.now() + shift);
      }

      static override now() {
        return real.now() + shift;
      }
    } as DateConstructor;
  }, ahead);
}

export const test = base.extend({
  page: async ({ page }, run) => {
    await onTheDay(page);
    await run(page);
  },
});
