/**
 * What only later screens share is a file of its own (decision 20): it has to be there before a file that needs it is run. Files that do
 * without, and the file itself, are loaded as ever.
 */
export function loadRestFirst({ rest, alone }) {
  const load = globalThis.__loadBundleAsync;
  globalThis.__loadBundleAsync = async (path) => {
    if (path !== rest && !alone.includes(path)) {
      hint(path);
      await load(rest);
    }
    return load(path);
  };
  // The service worker fetches everything ahead; where a browser allows none, this much is.
  if (!('serviceWorker' in navigator)) setTimeout(() => void load(rest).catch(() => {}), 3000);
}

/** On its way while the rest is, but not run yet. */
function hint(href) {
  const link = document.createElement('link');
  document.head.append(Object.assign(link, { rel: 'preload', as: 'script', href }));
}
