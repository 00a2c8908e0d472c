/** The judgement as a few plain lines for the command line. */
import type { Judgement } from '@/core/score/judge';
import { animalName, headline, holdWords, wayOnward, wayTitle } from './headline';
import { rungLong } from './minutes-words';
import { attackNames, listOf } from './names';

export function assessText(judgement: Judgement, date: string | null): string {
  const { place } = judgement.found;
  const { answer, when, under } = headline(judgement);
  const ways = judgement.waysIn.map(
    (way, index) => `  ${index + 1}. ${wayTitle(place, way)}. ${wayOnward(place, way)}`,
  );
  const animals = judgement.animals.map(
    ({ animal, about, minutes }) =>
      `  ${animalName(animal)}: ${about ? rungLong(minutes.best) : 'about by day only'}`,
  );
  return [
    `${place.name}, night, shut${date === null ? '' : `, as walked on ${date}`}`,
    `${answer} ${when}. ${under}`,
    ...ways,
    `${holdWords(judgement.hold)}.`,
    ...animals,
    `Judged: ${listOf(judgement.judged.map((attack) => attackNames[attack]))}.`,
    `Not judged yet: ${listOf(judgement.notJudged.map((attack) => attackNames[attack]))}; electric strands.`,
    'Rookle ranks and explains; it promises nothing.',
  ].join('\n');
}
