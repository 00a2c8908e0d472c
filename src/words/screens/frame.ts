/** What the screens of `frame` say. */
import { spoken } from '../language';
import type { Damaged } from '@/store/records';
import { count, listOf } from '../names';

const sortNames: Readonly<Record<string, readonly [one: string, many: string]>> = {
  walk: ['walk', 'walks'],
  mend: ['mend', 'mends'],
  sighting: ['entry of the log', 'entries of the log'],
  shop: ['prices and offcuts', 'prices and offcuts'],
  photo: ['photo', 'photos'],
};

/** "2 walks and a mend". */
function sortsOf(damaged: readonly Damaged[]): string {
  const sorts = new Map<string, number>();
  for (const { key } of damaged) {
    const sort = key.slice(0, key.indexOf('/'));
    sorts.set(sort, (sorts.get(sort) ?? 0) + 1);
  }
  return listOf(
    [...sorts].map(([sort, many]) => {
      const [one, several] = sortNames[sort] ?? [sort, sort];
      return many === 1 ? one : `${many} ${several}`;
    }),
  );
}

const becauseOf = (damaged: readonly Damaged[]): string =>
  damaged.every(({ why }) => why === 'newer')
    ? 'was written by a newer Rookle'
    : 'cannot be read: it is damaged, or of a newer Rookle';

export const frameText = spoken('frame', {
  thereIsNothingAtThis: 'There is nothing at this address',
  toTheYard: 'To the yard',
  toThePage: 'To the page',
  yard: 'Yard',
  walk: 'Walk',
  mends: 'Mends',
  place: 'Place',
  nothingHere: 'Nothing here',
  titleOf: (name: string) => `${name} · Rookle`,
  aNewVersionOfRookle: 'A new version of Rookle is ready.',
  useItNow: 'Use it now',
  main: 'Main',
  name: 'Rookle',
  thePlaceCouldNotBe: 'The place could not be read',
  thePlaceIsUnreadable: (damaged: readonly Damaged[]) =>
    `Its own record ${becauseOf(damaged)}. It was left as it is, with all that belongs to it; nothing was deleted. Other places open as ever.`,
  someAreUnreadable: (damaged: readonly Damaged[]) =>
    `${count(damaged.length, 'record')} of this place ${damaged.length === 1 ? 'is' : 'are'} left out of what you see (${sortsOf(damaged)}): ${damaged.length === 1 ? 'it' : 'each'} ${becauseOf(damaged)}. Nothing was deleted; the rest is whole.`,
  saveTheirBytes: 'Save what cannot be read as a file',
  putAwayDamaged: 'Put what is damaged away',
  tryAgain: 'Try again',
  otherPlaces: 'Other places',
  beginOrOpen: 'Begin a place, or open a file',
  aScriptIsMissing:
    'A part of Rookle could not be loaded: there is no network, or a newer Rookle has taken its place. What was saved is safe.',
  thisScreenFailed: 'This screen failed',
  whatYouTypedElsewhere:
    'What was saved before is safe. Try again; if it fails again, go to the yard and save a copy of the place as a file.',
  thisBrowserDidNotHand:
    'This browser did not hand out its storage. Private windows and full disks do that. Nothing was deleted.',
});
