/**
 * What later screens share is in files of its own (decision 20), which have to be there before a file that needs them is run.
 * The page says which, by the address of the file; one that is not named needs none.
 */
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
  // The service worker fetches everything ahead; where a browser allows none, this much is.
  if (!('serviceWorker' in navigator)) {
    const all = new Set(Object.values(before).flat());
    setTimeout(() => all.forEach(askFor), 3000);
  }
}

/** Fetched, not run. */
function askFor(href: string): void {
  const link = document.createElement('link');
  document.head.append(Object.assign(link, { rel: 'preload', as: 'script', href }));
}
