/** What the screens of `places` say. */
import { spoken } from '../language';
import { dayWords } from '../day-words';

export const placesText = spoken('places', {
  yourPlaces: 'Your places',
  demoPlaces: 'Demo places',
  scenesOfOurOwnInvention: 'Scenes of our own invention, to look round in. Nobody lives there.',
  asItBegan: (name: string) => `${name}: as it began`,
  takenAway: 'Taken away',
  bringBack: (name: string, at: string | undefined) =>
    at === undefined
      ? `Bring back ${name}`
      : `Bring back ${name}, put aside ${dayWords(at.slice(0, 10))}`,
  openNow: (name: string) => `${name} (open now)`,
  open: (name: string) => `Open ${name}`,
  yesIsGoneForGood: (name: string) => `Yes, ${name} is gone for good`,
  removeForGood: (name: string) => `Remove ${name} for good`,
  place: 'Place',
  places: 'Places',
  eachIsKeptForItself: 'Each is kept for itself, in this browser only.',
  beginAnotherPlace: 'Begin another place',
  lookAt: (name: string) => `Look at ${name}`,
  couldNotBeFetched: 'It could not be fetched: is there a network? Nothing was changed.',
  copy: (name: string) => `Copy ${name}`,
});
