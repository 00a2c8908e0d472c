/** What a keeper does, in the words of the screens. */
import { expect, type Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';

export async function openYard(page: Page): Promise<void> {
  await page.goto('/');
  await expect(headline(page)).toBeVisible();
}

export const headline = (page: Page) => page.getByRole('heading', { level: 1 });

export const go = (page: Page, place: 'Yard' | 'Walk' | 'Mends' | 'Place') =>
  page.getByRole('navigation').getByRole('link', { name: place }).click();

/** Opens a part that a phone folds away; on a wide screen it is open. */
export async function unfold(page: Page, title: string): Promise<void> {
  const part = page.getByRole('group', { name: title, exact: true });
  await part.waitFor();
  const folded = part.getByRole('button', { name: new RegExp(`^${title}: `), expanded: false });
  if ((await folded.count()) > 0) await folded.click();
}

/** Types a reading on the keys of the screen. */
export async function key(page: Page, digits: string): Promise<void> {
  await page.getByRole('button', { name: 'clear', exact: true }).click();
  for (const digit of digits) {
    await page.getByRole('button', { name: digit, exact: true }).last().click();
  }
}

/** The big button: saves where there is something to save, and goes on. The screen moves on only when it is stored. */
export async function onward(page: Page): Promise<void> {
  const before = page.url();
  await tryOnward(page);
  await expect(page).not.toHaveURL(before);
}

/** The same where it will be refused, and the screen stays. */
export const tryOnward = (page: Page) =>
  page.getByRole('button', { name: /^(Save, then|Next:)/ }).click();

/** Saves the whole place as a file; its text. */
export async function exportPlace(page: Page): Promise<string> {
  await go(page, 'Place');
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save a copy as a file' }).click();
  const path = await (await waiting).path();
  return readFile(path, 'utf8');
}

export async function openFile(page: Page, name: string, contents: string | Buffer): Promise<void> {
  const waiting = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a file' }).click();
  await (
    await waiting
  ).setFiles({ name, mimeType: 'application/json', buffer: Buffer.from(contents) });
}

export const isPhone = (page: Page): boolean => (page.viewportSize()?.width ?? 0) < 900;

/** A phone begins a place one thing a step; a wide screen has all of it beside each other. */
export async function nextInBegin(page: Page): Promise<void> {
  if (isPhone(page)) await page.getByRole('button', { name: 'Next', exact: true }).click();
}

/** Goes on where something is wrong and will be said: at the step of a phone, at the end on a wide screen. */
export async function tryBegin(page: Page): Promise<void> {
  const name = isPhone(page) ? 'Next' : 'Begin';
  await page.getByRole('button', { name, exact: true }).click();
}

/** What a file says, without when and on which phone it was written, and without marks of what was taken away. */
export function saidIn(file: string): unknown {
  const { gone: _, ...said } = JSON.parse(file, (field, value: unknown) =>
    field === 'written' || field === 'versions' ? undefined : value,
  ) as { gone?: unknown };
  return said;
}

/** Keeps all that is written waiting a while, so that a second field is filled before the screen has heard of the first. */
export const holdWriting = (page: Page) =>
  page.evaluate(() => {
    void navigator.locks.request(
      'rookle-yard',
      () => new Promise((free) => setTimeout(free, 1500)),
    );
  });
