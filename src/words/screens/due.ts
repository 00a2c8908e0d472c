/** What the screen of `due` says. */
import type { Due } from '@/core/rounds/due';
import { dayOf } from '@/core/rounds/due';
import type { WeatherKind } from '@/core/records/weather';
import { dayWords } from '../day-words';
import { spoken } from '../language';
import type { AnimalId } from '@/core/tables/animals';
import { animalList, listOf } from '../names';

const isDue = (many: number): string => (many === 1 ? '1 thing is due' : `${many} things are due`);

/** The first few by name. */
const mostNamed = 2;

function named(all: readonly string[]): string {
  const names = all.map((it) => it.charAt(0).toLowerCase() + it.slice(1));
  const more = names.length - mostNamed;
  return more > 0 ? `${names.slice(0, mostNamed).join(', ')}, ${more} more.` : `${listOf(names)}.`;
}

export const dueText = spoken('due', {
  due: 'What falls due',
  yard: 'Yard',
  /** `next`: the first that is not due yet. */
  title: (now: number, next: Due | undefined) => {
    if (now > 0) return isDue(now);
    return next ? `Nothing is due until ${dayWords(dayOf(next))}` : 'Nothing is due';
  },
  onTheYard: (names: readonly string[]) => `${isDue(names.length)}: ${named(names)}`,
  among: named,
  under:
    'Nearest first. A reading that is taken is done with; only rounds of your own are ticked off.',
  now: 'Due now',
  later: 'Later',
  done: 'Done today',
  putOff: 'Put off',
  putOffIt: (name: string) => `Put off: ${name}`,
  doneIt: (name: string) => `Done today: ${name}`,
  why: 'Why',
  until: 'Until',
  tomorrow: 'tomorrow',
  aWeek: 'in a week',
  aMonth: 'in a month',
  keep: 'Put it off',
  notNow: 'Leave it',
  letsIn: (animals: readonly AnimalId[]) => `Not done, it lets in ${animalList(animals)}.`,
  weather: 'Weather',
  weatherWhy: 'Say it on the day: what it asks to be looked at falls due.',
  itHas: (weather: WeatherKind) => (weather === 'storm' ? 'It stormed' : 'It snowed'),
  own: 'A round of your own',
  ownName: 'What is to be done',
  ownEvery: 'Every how many days',
  ownFirst: 'First due, like 2026-12-05',
  ownAdd: 'Add a round of your own',
  ownKeep: 'Keep it',
  ownTakeOut: 'Take it out',
  ownTakeItOut: (name: string) => `Take out: ${name}`,
  ownIncomplete: 'Say what is to be done, and how often.',
  calendar: 'In your phone’s calendar',
  calendarWhy:
    'A file for the calendar you have: what falls due, reminded of at nine, and when to shut up for the next four weeks, reminded of at sunset. Take a later one in over it: what has moved moves.',
  calendarAll: 'All of it',
  calendarRounds: 'What falls due',
  calendarDusk: 'Dusk',
  noPosition: 'For dusk say where the place lies, under How you run it.',
  shutUp: 'Shut up',
  shutUpText: (dark: string) => `Dark by ${dark}. All shut, all home?`,
  couldNot: 'The file could not be made in this browser.',
  looks: 'What each look is for, and what it would open',
});
