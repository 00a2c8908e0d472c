/** What the screens of `way` say. */
import { spoken } from '../language';
import type { Place } from '@/core/place/place';
import { dayWords } from '../day-words';
import { wayOnward } from '../headline';
import { levelLong } from '../minutes-words';
import { capital } from '../names';

export const wayText = spoken('way', {
  hideWhereThisComesFrom: 'Hide where this comes from',
  whereThisComesFrom: 'Where this comes from',
  notReadYet: 'Not read yet.',
  whatItDoesWithDoors: ' What it does with doors and latches: common practice.',
  strengthClass: (value: number) => `strength class ${value}`,
  read: (date: string, how: string) => `Read ${dayWords(date)}, ${how}.`,
  fromTheDescription: 'From the description.',
  named: (name: string, isForTonight: boolean) => (isForTonight ? `${name} (for tonight)` : name),
  aboutMin: (map: string, value: number) => `${map}. About ${value} min.`,
  chooseThisMend: 'Choose this mend',
  madeToWhatEachOf: 'Made to what each of them wants, the figures above.',
  twoDifferentMotionsAreMore:
    'Two different motions are more than they work out (common practice).',
  catchesByItself: 'It catches by itself when the door falls to (common practice).',
  intoThe: (number: number, name: string, into: string) =>
    `${number}. ${capital(name)}, into the ${into}`,
  whoComesThisWayTo: 'Who comes this way to the birds, and how far each gets:',
  moreMends: 'More mends',
  openForTheBirds:
    'It stands open by day because the birds go in and out by it: no mend shuts it then. Somebody about, and cover to run to, are what is left.',
  shutItEveryNightNo: 'Shut it every night: no mend stands in for that.',
  thereIsNoMendFor:
    'There is no mend for this in the list yet: the figures above say what would be enough.',
  yard: 'Yard',
  wayIn: (numberOf: string) => `Way in ${numberOf}`,
  effort: (
    place: Place,
    way: Parameters<typeof wayOnward>[1],
    minutes: Parameters<typeof levelLong>[0],
  ) => `${wayOnward(place, way)} Effort: ${levelLong(minutes)}.`,
  noWayInHereNow: 'No way in here now',
  asItWasLastRead: 'As it was last read, nothing that lives here gets to the birds by it.',
  toTheYard: 'To the yard',
  choose: (name: string) => `Choose: ${name}`,
  makeItOrLess: (used: string, animal: string) => `Make it ${used} or less (${animal}).`,
  makeItOrLessThe: (strict: string, used: string, animal: string) =>
    `Make it ${strict} or less, the stricter figure; it is judged by ${used} (${animal}).`,
  meetsByWhichItIs: (used: string, animal: string, strict: string) =>
    `Meets ${used} (${animal}), by which it is judged; not the stricter ${strict}.`,
});
