import type { Href } from 'expo-router';

/** An entry of the router's history: the file of the screen below src/app, without its ending, and what its address says. */
interface Entry {
  readonly name: string;
  readonly params?: object | undefined;
}

/** Whether a link leads to what that entry shows. */
export function isRouteOf(href: Href, { name, params = {} }: Entry): boolean {
  const to = typeof href === 'string' ? { pathname: href, params: {} } : href;
  const path = to.pathname.slice(1);
  if (name !== path && name !== (path === '' ? 'index' : `${path}/index`)) return false;
  return JSON.stringify(said(to.params ?? {})) === JSON.stringify(said(params));
}

/** What is said, in one order. Addresses say everything in letters. */
function said(params: object): readonly (readonly [string, string])[] {
  return Object.entries(params)
    .filter(([, value]) => value !== undefined)
    .map(([key, value]) => [key, String(value)] as const)
    .sort(([a], [b]) => (a < b ? -1 : 1));
}
