/** @jest-environment jsdom */
import { loadFiles, loadFilesBefore, loadOthers } from './load-files';

const page = globalThis as typeof globalThis & { __loadBundleAsync: (it: string) => Promise<void> };

/** Stands in for the bundler's loader: what has been run, in order; what is refused never comes. */
function loader(refused: readonly string[] = []): string[] {
  const run: string[] = [];
  page.__loadBundleAsync = async (address) => {
    await Promise.resolve();
    if (refused.includes(address)) throw new Error('no network');
    run.push(address);
  };
  return run;
}

beforeEach(() => {
  document.head.innerHTML = '';
});

test('a file is run after those it needs, and asked for beside them, once', async () => {
  const run = loader();
  loadFilesBefore({ '/walk.js': ['/main.js', '/rest.js'], '/yard.js': [] });
  await page.__loadBundleAsync('/walk.js');
  expect(run).toEqual(['/main.js', '/rest.js', '/walk.js']);
  await page.__loadBundleAsync('/walk.js');
  await page.__loadBundleAsync('/yard.js');
  const asked = [...document.head.querySelectorAll('link')].map((it) => it.getAttribute('href'));
  expect(asked).toEqual(['/walk.js']);
});

test('a file whose part does not come is not run: half of it would count as broken for good', async () => {
  const run = loader(['/main.js']);
  loadFilesBefore({ '/walk.js': ['/main.js'] });
  await expect(page.__loadBundleAsync('/walk.js')).rejects.toThrow('no network');
  expect(run).not.toContain('/walk.js');
});

test('what does not come keeps nothing else from coming', async () => {
  const run = loader(['/a.js']);
  await loadFiles(['/a.js', '/b.js']);
  expect(run).toEqual(['/b.js']);
});

test('without a service worker the others come after three seconds, one by one', async () => {
  jest.useFakeTimers();
  const run = loader(['/b.js']);
  const done = loadOthers(['/a.js', '/b.js', '/c.js']);
  await jest.advanceTimersByTimeAsync(2900);
  expect(run).toEqual([]);
  await jest.advanceTimersByTimeAsync(1000);
  await done;
  expect(run).toEqual(['/a.js', '/c.js']);
  jest.useRealTimers();
});

test('with a service worker that is never ready, as where it is forbidden, they come after eight', async () => {
  jest.useFakeTimers();
  const never = { ready: new Promise(() => undefined) };
  Object.defineProperty(navigator, 'serviceWorker', { value: never, configurable: true });
  const run = loader([]);
  const done = loadOthers(['/a.js']);
  await jest.advanceTimersByTimeAsync(7900);
  expect(run).toEqual([]);
  await jest.advanceTimersByTimeAsync(1000);
  await done;
  expect(run).toEqual(['/a.js']);
  Reflect.deleteProperty(navigator, 'serviceWorker');
  jest.useRealTimers();
});
