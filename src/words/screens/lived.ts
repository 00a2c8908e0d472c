/** What the screen of how it has gone so far says. */
import type { Place } from '@/core/place/place';
import type { Loss } from '@/core/records/sighting';
import { spoken } from '../language';
import { dayWords } from '../day-words';
import { animalName } from '../headline';
import { entryWords } from '../log-words';
import { capital } from '../names';

export const livedText = spoken('lived', {
  yard: 'Yard',
  howItHasGoneHere: 'How it has gone here',
  birdsLost: (sentence: string) =>
    `Birds lost: ${sentence.charAt(0).toLowerCase()}${sentence.slice(1)}`,
  inFigures: (ofFlock: string) => `${capital(ofFlock)}.`,
  whatYouHaveLivedThrough:
    'What was lost here, and how long nothing was, says more of this place than any table. It moves the losses, never the hold: a quiet year is no better wall.',
  keptLikeThis: 'Kept like this',
  keptLikeThisSince: 'Kept like this since, like 2022-04-01',
  birdsLostSince: 'Birds lost to something from outside since then',
  fromNowOn: 'What is lost from now on is logged below, each time by itself.',
  sayWhenFirst: 'Say first since when it has been kept like this.',
  notAfterToday: 'That day is still to come.',
  forget: 'Forget both',
  whatItComesTo: 'What it comes to',
  couldNotBeReckoned: 'Losses could not be reckoned in this browser.',
  beingReckoned: 'Being reckoned …',
  byTablesAlone: 'By the tables alone',
  withHowItHasGone: 'With how it has gone here',
  nineInTen: 'Nine times in ten between',
  whoIsMoved: 'Of each, by the tables and now',
  fromTo: (before: string, after: string) =>
    before === after ? `${after} a year` : `${before} → ${after} a year`,
  aYear: (birds: string) => `${birds} a year`,
  noWayKnownFor: (id: Parameters<typeof animalName>[0]) =>
    `A loss to ${animalName(id).toLowerCase()} is on record, but it has no way in as read: something is unread or was read wrongly. Walk after a loss.`,
  howItIsWeighed:
    'Every animal’s losses are a guess with the weight of about one loss seen (40 bird-years at the 3 % a year that free-range flocks are said to lose). Each loss seen and each quiet year is weighed against that guess, a loss with a name for that animal, one without for all.',
  losses: 'Losses',
  noneLogged: 'None logged.',
  logALoss: 'Log a loss',
  on: (date: string) => dayWords(date),
  change: 'Change',
  changeIt: (place: Place, loss: Loss) =>
    `Change: ${entryWords(place, loss)}, ${dayWords(loss.date)}`,
  takeOut: 'Take out',
  takeItOut: (place: Place, loss: Loss) =>
    `Take out: ${entryWords(place, loss)}, ${dayWords(loss.date)}`,
});
