/** Who it may have been, as plain lines for the command line. */
import { findBay } from '@/core/place/find';
import type { Place } from '@/core/place/place';
import type { Inquiry, Ranked, RankedWay } from '@/core/signs/inquiry';
import { capital, listOf } from './names';
import { culpritName, foundWords, shareWords, signQuestionWords } from './sign-words';

const few = 5;

export function signsText(place: Place, { who, ways, look, next }: Inquiry): string {
  return [
    'Likeliest, by what was found and by this place’s own ways; a ranking, no verdict:',
    ...who.slice(0, few).map((it) => `  ${rankedText(it)}`),
    'By which way:',
    ...ways.slice(0, few).map((it) => `  ${wayText(place, it)}`),
    look.length > 0
      ? `Look in this order: ${listOf(look.map((id) => findBay(place, id)?.bay.name ?? id))}.`
      : 'No way in is known that fits: look at what has not been read.',
    next === undefined
      ? 'Nothing more asked would tell much.'
      : `Ask next: ${signQuestionWords[next]}`,
  ].join('\n');
}

function rankedText({ culprit, share, speaksFor, speaksAgainst }: Ranked): string {
  const said = [
    ...(speaksFor.length > 0 ? [`for it: ${listOf(speaksFor.map(foundWords))}`] : []),
    ...(speaksAgainst.length > 0 ? [`against: ${listOf(speaksAgainst.map(foundWords))}`] : []),
  ];
  return [`${shareWords(share)} ${culpritName(culprit)}`, ...said].join('; ');
}

export function wayText(place: Place, way: RankedWay): string {
  return `${shareWords(way.share)} ${culpritName(way.culprit)}, ${byWayWords(place, way)}`;
}

/** "by north 2", "by north 2, if what is unread there is open", "by no way that is known". */
export function byWayWords(place: Place, { way, isInTheOpen, culprit }: RankedWay): string {
  if (way) {
    const name = capital(findBay(place, way.bay)?.bay.name ?? way.bay);
    return way.isUnread ? `by ${name}, if what is unread there is open` : `by ${name}`;
  }
  if (isInTheOpen) return 'in the open';
  return isNoAnimal(culprit) ? 'no way in' : 'by no way that is known';
}

const isNoAnimal = (culprit: RankedWay['culprit']): boolean =>
  ['disease', 'own-flock', 'strayed', 'person'].includes(culprit);
