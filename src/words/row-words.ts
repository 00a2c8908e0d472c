/** What a row of a stop is called: the reading in short, with the height of its band, or the zone, where there are several. */
import { findBay } from '@/core/place/find';
import { floorsOf } from '@/core/place/floor';
import type { Place } from '@/core/place/place';
import { isReadTogether } from '@/core/records/read-together';
import type { Question } from '@/core/walk/questions';
import { questionWords } from './attributes';
import { lengthWords } from './length-words';
import { capital } from './names';

export function rowWords(place: Place, question: Question): string {
  const { short } = questionWords(question, place);
  const { band, section, name, bay } = question;
  // From one place inside all walls are looked at: each row says which, but of the floor, which is one for all.
  const isOfOneWall = bay !== undefined && !isReadTogether(question.attribute);
  if (question.from !== undefined && isOfOneWall) {
    return `${capital(short)}: ${findBay(place, bay)?.bay.name ?? bay}`;
  }
  // One may look in from another zone than the one whose floor it is.
  const floor = isReadTogether(question.attribute) && floorsOf(place).get(question.item)?.zone;
  if (floor && question.from !== undefined && floor !== question.from) {
    return `${capital(short)}: ${place.zones.find(({ id }) => id === floor)?.name ?? floor}`;
  }
  // One look up at all roofs: each row says whose.
  if (section === 'overhead' && name !== undefined && !band) return `${capital(short)}: ${name}`;
  if (!band) return capital(short);
  const [from, to] = band;
  return `${capital(short)}, ${lengthWords(from, place.units)} to ${lengthWords(to, place.units)} up`;
}
