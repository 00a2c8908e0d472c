/** What a stop of the walk says: one screen for all that is read there. */
import { spoken } from '../language';
import type { Place } from '@/core/place/place';
import type { ReadingValue } from '@/core/records/walk';
import type { Stop } from '@/core/walk/stops';
import { dayWords } from '../day-words';
import { lengthWords } from '../length-words';
import { capital, count, listOf } from '../names';
import { stopName } from '../walk-words';

type Named = Pick<Stop, 'bay' | 'section' | 'name'>;

export const stopText = spoken('stop', {
  stopOf: (index: number, many: number) => `Stop ${index} of ${many}`,
  whatHasChanged: 'What has changed here?',
  whatIsHere: 'What is here?',
  allRead: 'All read here',
  unread: 'not read',
  measureAnew: 'measure it anew: the answer hangs on it',
  lookedAt: (name: string) => `${name}: looked at, still so`,
  read: (name: string, figure: string) => `${name}: ${figure}. Read it`,
  open: (name: string) => `${name}: not read. Read it`,
  says: (name: string, answer: string) => `${name}: ${answer}`,
  upTo: (place: Place, value: ReadingValue) =>
    value !== 'cannot-tell' && 'to' in value ? `≤ ${lengthWords(value.to, place.units)}` : '',
  madeOf: (names: readonly string[]) => capital(listOf(names)),
  asDrawn: 'as drawn',
  readings: (many: number, day: string | undefined) =>
    `${count(many, 'reading')}${day === undefined ? '' : `, ${dayWords(day)}`}`,
  openMadeOf: 'What it is made of, one by one',
  closeMadeOf: 'Close what it is made of',
  wouldChangeNothing: (many: number) => `${many} would change nothing tonight`,
  showThem: 'Show them',
  hideThem: 'Hide them',
  asTheBayBefore: (name: string, many: number) => `As ${name}: ${count(many, 'reading')}`,
  leavesOut: 'Gaps, holes and what gives are measured here.',
  tight: (place: Place, to: number, many: number) =>
    `Tried all ${many}: a ${lengthWords(to, place.units)} gauge goes in nowhere`,
  allWell: (many: number) => `All ${many} as they should be`,
  affirmThen: (many: number, next: string) => `${many} left as they were, then ${next}`,
  touchWhatIsNotSo: 'touch a figure that is not so',
  next: (next: string) => `Next: ${next}`,
  nextLeaving: (many: number, next: string) => `Leave ${many} unread, then ${next}`,
  readFirst: (short: string) => `Read: ${short}`,
  affirmAndLeave: (affirmed: number, left: number, next: string) =>
    `${affirmed} as they were, ${left} unread, then ${next}`,
  theEnd: 'the end of the walk',
  back: 'Back',
  leave: 'Leave',
  backToTheStop: 'the stop',
  undo: 'Undo the last reading',
  oneAtATime: 'One question a screen',
  putOffLater: 'This stop later on this walk',
  putOffDay: 'This stop another day',
  stopName: (place: Place, stop: Named) => stopName(place, stop),
  walkByStops: (place: Place, stop: Named) => `Walk, stop by stop: ${stopName(place, stop)}`,
  goOnByStops: (place: Place, stop: Named) => `Go on, stop by stop: ${stopName(place, stop)}`,
  keys: 'Keys: Enter goes on, 1 to 9 open a row, PgUp goes back, Esc leaves.',
});
