/** A script that is no longer there: after a new build the page still asks for the old one's. Loading the page anew finds the new. */

/** Whether it failed for want of a script, as browsers and the bundler's loader say it. */
export function isMissingScript(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  return /loading (module|chunk|css chunk)|requiring unknown module|dynamically imported module|importing a module script|failed to load .*\.js/i.test(
    `${error.name} ${error.message}`,
  );
}

const reloadedKey = 'rookle-reloaded';
/** Twice within so long is no new build, ms. */
const again = 60_000;

/** Once by itself; a page that was loaded anew for it just now says so instead. */
export function reloadOnce(error: unknown): void {
  if (!isMissingScript(error)) return;
  const last = Number(sessionStorage.getItem(reloadedKey) ?? 0);
  if (Date.now() - last < again) return;
  sessionStorage.setItem(reloadedKey, String(Date.now()));
  window.location.reload();
}
