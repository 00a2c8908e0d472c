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
  halfTyped: 'typed, not saved yet',
  spared: 'judged by its kind',
  measureAnew: 'measure it anew: the answer hangs on it',
  lookedAt: (name: string) => `${name}: looked at, still so`,
  read: (name: string, figure: string) => `${name}: ${figure}. Read it`,
  open: (name: string) => `${name}: not read. Read it`,
  changesNothing: 'would change nothing tonight',
  openIdle: (name: string) => `${name}: would change nothing tonight`,
  says: (name: string, answer: string) => `${name}: ${answer}`,
  upTo: (place: Place, value: ReadingValue) =>
    value !== 'cannot-tell' && 'to' in value ? `≤ ${lengthWords(value.to, place.units)}` : '',
  madeOf: (names: readonly string[]) => capital(listOf(names)),
  asDrawn: 'as drawn',
  soFar: (ways: string) => `${ways} so far`,
  skirt: (down: string, out: string) =>
    out === '' ? `mesh ${down} down` : `mesh ${down} down, ${out} out`,
  readings: (many: number, day: string | undefined) =>
    `${count(many, 'reading')}${day === undefined ? '' : `, ${dayWords(day)}`}`,
  openMadeOf: 'What it is made of, one by one',
  closeMadeOf: 'Close what it is made of',
  wouldChangeNothing: (many: number) => `${many} would change nothing tonight`,
  showThem: 'Show them',
  hideThem: 'Hide them',
  asTheBayBefore: (name: string, many: number) => `As ${name}: ${count(many, 'reading')}`,
  wallsAhead: (many: number) =>
    many === 1
      ? 'The wall ahead like this one: the same'
      : `${many} walls ahead like this one: the same`,
  wallsAheadSaid: (many: number, readings: number) =>
    `${count(many, 'wall')} ahead like this one, the same: ${count(readings, 'reading')}`,
  /** `gauge`: mm; `others`: how many are looked at beside it; `next`: absent where something may be left to read. */
  asItShouldBe: (
    place: Place,
    gauge: number | undefined,
    others: number,
    next: string | undefined,
  ) => {
    const then = next === undefined ? '' : `, then ${next}`;
    if (gauge === undefined) {
      return others === 1 ? `As it should be${then}` : `All ${others} as they should be${then}`;
    }
    const tried = `${lengthWords(gauge, place.units)} gauge goes in nowhere`;
    const rest = others > 1 ? `, ${others} more as they should be` : '';
    return `${tried}${others === 1 ? ', one more as it should be' : rest}${then}`;
  },
  affirmThen: (many: number, next: string) => `${many} left as they were, then ${next}`,
  next: (next: string) => `Next: ${next}`,
  nextLeaving: (many: number, next: string) => `Leave ${many} unread, then ${next}`,
  readFirst: (name: string, more: number) =>
    more > 0 ? `Read: ${name}, and ${more} more` : `Read: ${name}`,
  goOnUnread: (many: number) => `Go on, ${many} unread`,
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
  walkByStops: (place: Place, stop: Named | undefined) =>
    `Walk, stop by stop${stop ? `: ${stopName(place, stop)}` : ''}`,
  goOnByStops: (place: Place, stop: Named) => `Go on, stop by stop: ${stopName(place, stop)}`,
  keys: 'Keys: Enter is the big button, arrows mark a row, digits go into it, Space says it is so, a letter opens a row, PgDn goes on, PgUp goes back, Esc leaves.',
});
