/** What axe finds wrong with a page as it stands. Run within it: a page of its own for each look would take six times as long. */
import axeCore, { type RunOptions } from 'axe-core';
import { expect, type Page } from './test';

/** Each violation as a line: its rule, and the elements. */
export async function violationsOn(page: Page, options: RunOptions = {}): Promise<string[]> {
  await page.evaluate(axeCore.source);
  return page.evaluate(async (given) => {
    const { violations } = await globalThis.axe.run(document, {
      ...given,
      resultTypes: ['violations'],
    });
    return violations.map(
      ({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`,
    );
  }, options);
}

/** Rules of WCAG 2.2 A and AA, and axe's own good practice. */
const tags = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** In daylight and at dusk; dusk changes colours and nothing else. */
export async function expectNoViolations(page: Page): Promise<void> {
  const rules: Readonly<Record<'light' | 'dark', RunOptions>> = {
    light: { runOnly: tags },
    dark: { runOnly: { type: 'rule', values: ['color-contrast'] } },
  };
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme });
    expect(await violationsOn(page, rules[colorScheme])).toEqual([]);
  }
}

declare global {
  var axe: typeof axeCore;
}
