/** What packs and unpacks backups, fetched when one is asked for: no screen waits for it. */
export const zipper = () => import('./zip');
