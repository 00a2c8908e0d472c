/** What falls due in words. */
import type { Place } from '@/core/place/place';
import type { PutOffReason } from '@/core/records/due-said';
import type { Due } from '@/core/rounds/due';
import { ageingNames } from './ageing-words';
import { dayWords, dueWords } from './day-words';
import { bayName } from './fence-words';
import { capital, count, listOf } from './names';
import { awayWords, learningWords } from './night-words';
import { mendTitle } from './plan-words';
import { readingTitle, readingWords } from './reading-words';

export const putOffNames: Readonly<Record<PutOffReason, string>> = {
  weather: 'The weather',
  'no-time': 'No time',
  waiting: 'Waiting for something',
  'not-needed': 'Not needed now',
};

/** "every day", "every 2 weeks", "every 10 days". */
export function everyWords(days: number): string {
  if (days === 1) return 'every day';
  if (days % 7 !== 0) return `every ${days} days`;
  return days === 7 ? 'every week' : `every ${days / 7} weeks`;
}

/** What is to be done, and why. */
export function dueName(
  place: Place,
  { of }: Pick<Due, 'of'>,
): readonly [name: string, why: string] {
  switch (of.kind) {
    case 'line-volts':
      return [
        'Read the line',
        'A line that nobody reads may have been dead for weeks: all that it turns back walks up to the wall.',
      ];
    case 'battery-volts':
      return [
        'Read the battery',
        'At rest: what it gives when it is low no longer reaches a nose.',
      ];
    case 'battery-empty':
      return [
        'Charge or change the battery',
        'By its last reading it is used up then, and the line is dead from that night.',
      ];
    case 'pull-test':
      return [
        'Pull test',
        'Edges, doors and corners by hand: staples and ties let go a little at a time.',
      ];
    case 'whole-walk':
      return [
        'The whole walk',
        'Before young are fed in spring, and before winter: what nobody has looked at is not known to hold.',
      ];
    case 'ageing': {
      const [name, why] = ageingNames[of.ageing];
      return [name, `${count(of.bays, 'bay')} to look at. ${why}`];
    }
    case 'mend': {
      const title = mendTitle(place, of.mend);
      if (of.wants === 'measure')
        return [`Measure again: ${title}`, 'It is done; that it holds nobody has measured.'];
      if (of.wants === 'open') return [`Open again: ${title}`, 'It held, and was found open.'];
      return [title, 'The day that was set for it.'];
    }
    case 'see-to': {
      const { reading } = of.job;
      const title = `${readingTitle(place, reading)} ${capital(readingWords(place, reading))}`;
      return of.wants === 'do'
        ? [title, 'A walk found it so. It closes no way in, and wants seeing to.']
        : [`Look again: ${title}`, 'It is said to be done; nobody has looked since.'];
    }
    case 'away':
      return [
        awayWords(place, of.away),
        'A round that is missed leaves every door open: say who covers.',
      ];
    case 'learning':
      return ['Look for birds at dusk', learningWords(place, of.learning)];
    case 'panels':
      return [
        of.wants === 'on' ? 'Put the panels on' : 'Take the panels off',
        `Boards and covers that are on for a part of the year: ${listOf(of.bays.map((id) => bayName(place, id)))}.`,
      ];
    case 'mow':
      return [
        'Mow under the wires',
        'By what grass grows in a day, it comes up to the lowest wire then, and drags it down.',
      ];
    case 'weather':
      return of.weather.weather === 'storm'
        ? [
            'Look round after the storm',
            'Staples, roof edges, doors, what lies on the line: by hand.',
          ]
        : [
            'Dig the line and the netting out',
            'A wire under snow gives nothing, and netting comes down under it. Clear it from the side, never from under it.',
          ];
    case 'own':
      return [of.round.name, `Your own round, ${everyWords(of.round.every)}.`];
  }
}

/** What is done again and again: of all else it says nothing that it was never done. */
const again: readonly Due['of']['kind'][] = [
  'line-volts',
  'battery-volts',
  'pull-test',
  'whole-walk',
  'ageing',
  'panels',
  'mow',
  'own',
];

/** "Due in 3 days, 5 December 2026. Last done 28 November 2026." */
export function dueLine({ of, day, last, putOff }: Due, today: string): string {
  const due = `${dueWords(day, today)}.`;
  if (putOff) {
    return `Put off to ${dayWords(putOff.to)}: ${putOffNames[putOff.why].toLowerCase()}. ${due}`;
  }
  if (!again.includes(of.kind)) return due;
  return last === undefined
    ? `${due} Never done, as far as is known.`
    : `${due} Last done ${dayWords(last)}.`;
}
