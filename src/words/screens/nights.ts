/** What the screen of nights says. */
import { missedBand } from '@/core/nights/missed-band';
import type { MissedChance } from '@/core/nights/missed-chance';
import type { Night } from '@/core/nights/night';
import type { Place } from '@/core/place/place';
import type { Away, Learning } from '@/core/records/spells';
import type { LearningReason } from '@/core/tables/shutting';
import type { Range } from '@/core/score/judge';
import { spoken } from '../language';
import { dayWords, yearDayWords } from '../day-words';
import { holdWords } from '../headline';
import { capital, count } from '../names';
import {
  awayWords,
  doorName,
  eveningWords,
  lateWords,
  learningNames,
  learningWords,
} from '../night-words';

/** "2 %", "0.7 %". */
const percent = (share: number): string =>
  `${share >= 0.1 ? Math.round(share * 100) : Math.round(share * 1000) / 10} %`;

export const nightsText = spoken('nights', {
  yard: 'Yard',
  nights: 'Nights',
  title: (missed: number, said: number) =>
    said === 0
      ? 'No evening written down yet'
      : missed === 0
        ? said === 1
          ? 'Shut on the one night that is known'
          : `Shut on all ${said} nights that are known`
        : `A door stood open on ${missed} of ${count(said, 'night')}`,
  under: (unknown: number, all: number) =>
    unknown === 0
      ? `The last ${all} nights, each of them known.`
      : `Of the last ${all} nights ${unknown} are not known: they count neither as shut nor as missed.`,
  marksSay: (all: number, shut: number, missed: number) =>
    `The last ${all} nights: ${shut} shut, ${missed} with a door open, ${all - shut - missed} not known`,
  shortDay: (day: string) => (day === '' ? '' : yearDayWords(day.slice(5))),
  legend:
    'A filled door: shut, above the line before dark, below it after. An empty frame: a door stood open; with a dot, found so in the morning. A small dot: not known. A roof: you were away.',
  unsaid: 'Not said, of the last week',
  amiss: 'Nights that went otherwise',
  noneAmiss: 'None of these nights.',
  night: (place: Place, night: Night) => night.said.map((it) => eveningWords(place, it)).join('. '),
  late: (minutes: number) => lateWords(minutes),
  who: 'Who shuts up, and how often it is missed',
  whoName: (name: string) => name || 'Whoever does as a rule',
  device: (place: Place, opening: string) => `${capital(doorName(place, opening))}, by itself`,
  chance: ({ mean }: MissedChance) => percent(mean),
  chanceWords: (chance: MissedChance) => {
    const { made, missed } = chance;
    const [low, high] = missedBand(chance).map(percent);
    return `${made === 0 ? 'Nothing on record' : `${missed} of ${count(made, 'evening')} missed`}; nine times in ten between ${low} and ${high}.`;
  },
  twoWays: (open: MissedChance, out: MissedChance) =>
    `It stays open ${percent(open.mean)}, and shuts a bird out ${percent(out.mean)} of evenings.`,
  chanceFrom:
    'Starts at once in fifty by hand or cord, once in a hundred by a door that shuts itself, weighed as fifty evenings (assumption of ours); every evening written down moves it. Tonight and the year go by it.',
  noDoors: 'No door here is shut in an evening round.',
  away: 'Nights away',
  noneAway: 'None ahead.',
  awayIs: (place: Place, it: Away) => awayWords(place, it),
  awayHold: (hold: Range) => `${holdWords(hold)} on those nights.`,
  asTonight: (hold: Range) =>
    `With every door shut they would hold as a shut night: ${holdWords(hold).toLowerCase()}.`,
  wouldHelp:
    'What would make them as good: somebody who covers every door, or a door that shuts itself.',
  addAway: 'Add nights away',
  firstNight: 'First night, like 2026-12-24',
  lastNight: 'Last night, like 2026-12-28',
  whoCovers: 'Who covers',
  nobody: 'Nobody',
  somebodyElse: 'Somebody else',
  theirName: 'Their name',
  whichDoors: 'Which doors',
  keepAway: 'Write it down',
  sayDays: 'Say the first and the last night.',
  learning: 'Birds to look for at dusk',
  learningWhy:
    'New or young birds, or all of them after a pen was moved, do not find in by themselves for some evenings.',
  learningIs: (place: Place, it: Learning) =>
    `${learningWords(place, it)}, from ${dayWords(it.date)}`,
  learningName: (why: LearningReason) => learningNames[why],
  allBirds: 'All',
  ofWhich: 'Which birds',
  takeOut: 'Take out',
  takeItOut: (what: string) => `Take out: ${what}`,
  years: 'Year by year',
  year: (shut: number, missed: number) =>
    `${count(shut, 'night')} shut, ${missed} with a door open`,
  table: 'All evenings as a table',
  sayNight: (date: string) => `Say how the night of ${dayWords(date)} was`,
  dayOf: (date: string) => dayWords(date),
});
