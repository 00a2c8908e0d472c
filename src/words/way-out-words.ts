/** By what a keeper's own birds get out. */
import type { Place } from '@/core/place/place';
import type { WayOut } from '@/core/score/gets-out';
import { lengthWords } from './length-words';
import { birdNames, capital } from './names';

export function wayOutWords({ group, bay, clear, isDoor }: WayOut, { units }: Place): string {
  const who = capital(group.name ?? birdNames[group.kind]);
  return isDoor
    ? `${who}: ${bay.name}, which stands open by day.`
    : `${who}: ${bay.name}, by ${lengthWords(clear, units)}.`;
}
