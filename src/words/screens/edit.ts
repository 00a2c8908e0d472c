/** What the screens of `edit` say. */
import { spoken } from '../language';

export const editText = spoken('edit', {
  aWholeNumber: 'A whole number',
  aNumber: 'A number',
  fromTo: (it: string, least: number, most: number) => `${it} from ${least} to ${most}.`,
  itNeedsAName: 'It needs a name.',
  on: 'On',
  allYearOnlyPartOf: (word: string) => `${word} all year. Only part of it`,
  from: (word: string) => `${word} from`,
  to: 'to',
  allYearAgain: (word: string) => `${word} all year again`,
  isNoDayOfThe: (text: string) => `“${text}” is no day of the year. Write it like 1 Nov.`,
  atMostLettersThisHas: (most: number, many: number) =>
    `At most ${most} letters; this has ${many}.`,
  wrongSum: 'Write it like 12 or 12.50.',
});
