/** The judgement as a few plain lines for the command line. */
import type { Assessment } from '@/core/formats/assess-json';
import type { Judgement, Range } from '@/core/score/judge';
import { absenceWords } from './animal-words';
import { animalName, headline, holdWords, wayOnward, wayTitle } from './headline';
import { bandWords, livedWords, lossSentence, lossWords } from './loss-words';
import { levelLong } from './minutes-words';
import { attackNames, listOf } from './names';
import { scenarioPlain } from './scenario-words';

export function assessText({ judgement, tonight, month, year }: Assessment): string {
  const { found, date, scenario } = judgement;
  const { place } = found;
  const { answer, when, under } = headline(judgement);
  const animals = judgement.animals.map(
    ({ animal, presence, minutes }) =>
      `  ${animalName(animal)}: ${presence === 'about' ? levelRange(minutes) : absenceWords[presence]}`,
  );
  const missed = Math.round(tonight.missedRound * 1000) / 10;
  return [
    `${place.name}, ${scenarioPlain[scenario]}${date === undefined ? '' : `, on ${date}`}`,
    `${answer} ${when}. ${under}`,
    ...wayLines(judgement),
    `${holdWords(judgement.hold)}. Tonight, with a round missed ${missed} in 100: ${holdWords(tonight.hold).toLowerCase()}.`,
    `Birds lost as it stands. ${lossSentence(year, judgement.birds)} ${livedWords(year)} In a month ${bandWords(month.band)}; eggs ${lossWords(month.eggs)}.`,
    ...animals,
    `Judged: ${listOf(judgement.judged.map((attack) => attackNames[attack]))}; electric strands.`,
    'Rookle ranks and explains; it promises nothing.',
  ].join('\n');
}

/** Both ends where something unread lies between them. */
function levelRange({ best, worst }: Range): string {
  return best === worst
    ? levelLong(best)
    : `${levelLong(best)}; with all that is unread wide open, ${levelLong(worst)}`;
}

function wayLines({ found, waysIn, slowWays, waysToEggs }: Judgement): string[] {
  const { place } = found;
  const line = (way: Judgement['waysIn'][number], mark: string) =>
    `  ${mark}. ${wayTitle(place, way)}. ${wayOnward(place, way)}`;
  return [
    ...waysIn.map((way, index) => line(way, String(index + 1))),
    ...slowWays.map((way) => line(way, 'slow')),
    ...waysToEggs.map((way) => line(way, 'eggs')),
  ];
}
