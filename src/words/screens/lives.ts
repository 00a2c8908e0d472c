/** What the screens of `lives` say. */
import { spoken } from '../language';
import type { Place } from '@/core/place/place';
import { rateWords } from '../animal-words';
import { dayWords } from '../day-words';
import { animalName } from '../headline';
import { entryWords } from '../log-words';

export const livesText = spoken('lives', {
  cameraNightsWithNothing: 'Camera nights with nothing',
  nightsUpToLastNight:
    'Nights up to last night on which a camera stood by the run and caught none of the animals above.',
  nights: 'Nights',
  logThem: 'Log them',
  when: 'When',
  birdsLost: 'Birds lost',
  ofWhichBirds: 'Of which birds',
  theFlock: 'The flock from that day',
  isFewer: 'Fewer by so many',
  isCountedWithout: 'Counted without them already',
  whoItWas: 'Who it was',
  notKnown: 'not known',
  howItIsKnown: 'How it is known',
  somethingUnknown: 'Something was here that nobody could name',
  forSoManyWeeks: 'For so many weeks',
  birdsHurt: 'Hurt and alive',
  eggsGone: 'Eggs gone or broken',
  whatWasFound: 'What was found, and who it may have been',
  severalDeadWithoutAWound:
    'Gloves for dead birds. Several dead without a wound are a disease until a vet or the authority says otherwise; write down here only what something from outside took.',
  closeTheLap: 'Close the lap',
  whereOnTheLap: 'Where on the lap?',
  slideItTouchTheBay: 'Slide it; touch the bay.',
  today: 'Today',
  lastNight: 'Last night',
  aWeekAgo: 'A week ago',
  whoIsReckonedWith: 'Who is reckoned with',
  knownInAsFarAs: (regionName: string) =>
    `Known in ${regionName}, as far as the tables go. Tap one off if it never comes.`,
  whatLiesNearAndWhat: 'What lies near, and what calls them',
  theOddBirdIsAccepted: 'The odd bird is accepted',
  leavesHeadlineAndPlan:
    'For an animal that you would rather live with. It leaves the headline, the hold and the plan; what it takes is still counted in the losses.',
  acceptTheOddBirdTo: (id: Parameters<typeof animalName>[0]) =>
    `${animalName(id)}: accept the odd bird`,
  whatIsPutUpAgainstThem: 'What is put up against them',
  keepsAFewAway:
    'Each keeps a few visits away while it is new (assumption of ours: one in ten). None of it closes a gap.',
  howOftenEachComesBy: 'How often each comes by',
  reckonedFromWhatLiesNear:
    'Reckoned from what lies near, until you say it: tap to go through the words.',
  asYouSay: 'as you say',
  asReckoned: 'as reckoned',
  changeOften: (id: Parameters<typeof animalName>[0], oftenName: string, it: string) =>
    `${animalName(id)}: ${oftenName}, ${it}. Change`,
  reckonedSeasonApartByThe: (name: string, usual: number, visits: number) =>
    `${name}: reckoned ${rateWords(usual)}, season apart; by the log now ${rateWords(visits)}.`,
  reckonedDottedByTheLog: (usual: number, visits: number) =>
    `Reckoned ${rateWords(usual)} (dotted); by the log ${rateWords(visits)}.`,
  close: 'Close',
  logIt: 'Log it',
  logToday: (name: string, sightingName: string) => `${name}: ${sightingName}, today`,
  theLog: 'The log',
  nothingYetFromTheFirst:
    'Nothing yet. From the first entry on, nights on which you noted nothing count, too, if only a little.',
  changeIt: 'Change',
  takeOut: 'Take out',
  takeOutEntry: (place: Place, entry: Parameters<typeof entryWords>[1], date: string) =>
    `Take out: ${entryWords(place, entry)}, ${dayWords(date)}`,
  whoComesAndHowOften: 'Who comes, and how often',
  theLogAndWhoIs: 'The log, and who is reckoned with',
  place: 'Place',
  whatLivesHere: 'What lives here',
  reckonedFromWhatLiesNearMoved: (regionName: string) =>
    `${regionName}. Reckoned from what lies near, moved by what you see. Log what you see, and what a camera does not.`,
  whoComesAndHowOftenNow: 'Who comes, and how often now',
  logged: (place: Place, entry: Parameters<typeof entryWords>[1]) =>
    `Logged: ${entryWords(place, entry)}`,
  closeFor: (name: string) => `Close ${name}`,
  log: (name: string) => `Log ${name}`,
  howIsItKnownThat: (name: string) => `How is it known that ${name} came?`,
  changeEntry: (place: Place, entry: Parameters<typeof entryWords>[1], date: string) =>
    `Change: ${entryWords(place, entry)}, ${dayWords(date)}`,
  wholeNights: (most: number) => `A whole number of nights, 1 to ${most}.`,
  daysAgo: (days: number) => `${days} days ago`,
  allEntries: (entries: number) => `All ${entries}`,
});
