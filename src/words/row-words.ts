/** What a row of a stop is called: the reading in short, with the height of its band where there are several. */
import type { Place } from '@/core/place/place';
import type { Question } from '@/core/walk/questions';
import { questionWords } from './attributes';
import { lengthWords } from './length-words';
import { capital } from './names';

export function rowWords(place: Place, question: Question): string {
  const { short } = questionWords(question, place);
  const { band } = question;
  if (!band) return capital(short);
  const [from, to] = band;
  return `${capital(short)}, ${lengthWords(from, place.units)} to ${lengthWords(to, place.units)} up`;
}
