/** What a mesh or board is called, what it clears, and who of those that live here tears it. */
import type { CoverId } from '@/core/place/bay';
import type { Place } from '@/core/place/place';
import { meshes } from '@/core/tables/meshes';
import { tornBy } from '@/core/walk/what-it-means';
import { lengthWords } from '../length-words';
import { animalList, meshNames, unitIndex } from '../names';
import type { AnswerWords } from './attribute-words';

export function coverWords(cover: CoverId, place: Place): AnswerWords {
  return [meshNames[cover][unitIndex(place)], clearWords(cover, place)];
}

function clearWords(cover: CoverId, place: Place): string {
  if (cover === 'none') return 'open';
  const { clear, kind } = meshes[cover];
  const torn = tornBy(place, cover);
  const opening =
    kind === 'solid' || clear.value === 0
      ? 'no opening while it is sound'
      : `clears ${lengthWords(clear.value, place.units)}`;
  const entangles =
    kind === 'fabric' && clear.value > 0 ? '; hung slack, it entangles wildlife and birds' : '';
  return `${opening}${torn.length > 0 ? `; torn by ${animalList(torn)}` : ''}${entangles}`;
}
