/** What the screens of `flock` say. */
import { spoken } from '../language';

export const flockText = spoken('flock', {
  place: 'Place',
  theFlock: 'The flock',
  birdsThatSpendNightAnd:
    'Birds that spend night and day together are a group: growers apart, a broody in a corner, the one that roosts in a tree.',
  anotherGroup: 'Another group',
  howMany: 'How many',
  lostOf: (fewer: number) => `Without the ${fewer} that losses on record took off.`,
  upTo: 'Up to, if the number changes',
  grownOn: 'Grown birds from, like 2026-09-01',
  title: (count: number, upTo: number | undefined, name: string) =>
    upTo !== undefined && upTo > count ? `${count} to ${upTo} ${name}` : `${count} ${name}`,
  whatTheyAre: 'What they are',
  whatYouCallThem: 'What you call them',
  theySleepIn: 'They sleep in',
  aTreeOrAnywhereOutside: 'a tree, or anywhere outside',
  byDayTheyAreIn: 'By day they are in',
  theRunTheirHouseOpens: 'the run their house opens on',
  theOpenAllDay: 'the open, all day',
  takeAway: (title: string) => `Take away: ${title}`,
  outOfTheRunTo: 'Out of the run, to range',
  whileSomeoneIsAbout: 'while someone is about',
  withNobodyAbout: 'with nobody about',
  hoursADay: 'Hours a day',
  theyRange: 'They range',
  inTheOpen: 'in the open',
});
