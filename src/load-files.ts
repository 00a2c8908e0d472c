/**
 * What later screens share is in files of its own (decision 20), which have to be there before a file that needs them is run. And a
 * screen whose file has to be waited for is shown 0.3 s later than it could be: React holds back what takes the place of a blank. So
 * the file of the first screen is there before anything is drawn, and those of all others as soon as nobody waits for anything.
 */

/** By the address of each screen's file, those that have to be there before it; the page says so. */
export type FilesBefore = Readonly<Record<string, readonly string[]>>;

type Load = (address: string) => Promise<void>;

/** The bundler's own way of loading a file; `expo` puts it there. */
const page = globalThis as typeof globalThis & { __loadBundleAsync: Load };

export function loadFilesBefore(before: FilesBefore): void {
  const load = page.__loadBundleAsync;
  page.__loadBundleAsync = async (address) => {
    const needed = before[address] ?? [];
    if (needed.length > 0) {
      askFor(address);
      await Promise.all(needed.map(load));
    }
    return load(address);
  };
}

/** Whatever does not come is asked for again, and missed aloud, by the screen that needs it. */
export async function loadFiles(addresses: readonly string[]): Promise<void> {
  await Promise.allSettled(addresses.map((address) => page.__loadBundleAsync(address)));
}

/** One by one, once the service worker has fetched everything or, where a browser allows none, the first screen has long been drawn. */
export async function loadOthers(addresses: readonly string[]): Promise<void> {
  // Where a browser has one and forbids it, it is never ready.
  await ('serviceWorker' in navigator
    ? Promise.race([navigator.serviceWorker.ready, after(8000)])
    : after(3000));
  for (const address of addresses) {
    await idle();
    await loadFiles([address]);
  }
}

const after = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

const idle = () =>
  'requestIdleCallback' in globalThis
    ? new Promise((resolve) => requestIdleCallback(resolve))
    : after(100);

/** Fetched, not run; once. */
function askFor(href: string): void {
  const links = [...document.head.querySelectorAll('link[rel=preload]')];
  if (links.some((link) => link.getAttribute('href') === href)) return;
  const link = document.createElement('link');
  document.head.append(Object.assign(link, { rel: 'preload', as: 'script', href }));
}
