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
  andAgain: (word: string) => `${word} once more in the year`,
  notThen: (word: string, nth: number) => `${word}: take stretch ${nth} away`,
  isNoDay: (text: string) => `“${text}” is no day. Write it like 2026-05-01.`,
  isNoDayOfThe: (text: string) => `“${text}” is no day of the year. Write it like 1 Nov.`,
  atMostLettersThisHas: (most: number, many: number) =>
    `At most ${most} letters; this has ${many}.`,
  wrongSum: 'Write it like 12 or 12.50.',
});
