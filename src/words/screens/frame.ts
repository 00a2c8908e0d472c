/** What the screens of `frame` say. */
import { spoken } from '../language';

export const frameText = spoken('frame', {
  thereIsNothingAtThis: 'There is nothing at this address',
  toTheYard: 'To the yard',
  yard: 'Yard',
  walk: 'Walk',
  mends: 'Mends',
  place: 'Place',
  nothingHere: 'Nothing here',
  rookle: (name: string) => `${name} · Rookle`,
  aNewVersionOfRookle: 'A new version of Rookle is ready.',
  useItNow: 'Use it now',
  main: 'Main',
  rookle2: 'Rookle',
  thePlaceCouldNotBe: 'The place could not be read',
  oneOfItsRecordsWas: (key: string) =>
    `One of its records (${key}) was written by a newer Rookle or is damaged. It was left as it is; nothing was deleted.`,
  thisBrowserDidNotHand:
    'This browser did not hand out its storage. Private windows and full disks do that. Nothing was deleted.',
});
