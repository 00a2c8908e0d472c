/** What the screens of `ui` say. */
import { spoken } from '../language';
import type { Units } from '@/core/place/place';
import { distanceWords, lengthWords } from '../length-words';

export const uiText = spoken('ui', {
  hoursOfWork: 'hours of work',
  openOrMinutes: 'open or minutes',
  notLookedAt: 'not looked at',
  skirt: (mm: number, units: Units) => `skirt ${lengthWords(mm, units)}`,
  apron: (apron: number, units: Units) => `apron ${lengthWords(apron, units)}`,
  theOuterWallOfUnrolled: (name: string, length: number, units: Units) =>
    `The outer wall of ${name} unrolled from the gate, ${distanceWords(length, units)}.`,
  lapSmaller: 'Lap smaller',
  lapLarger: 'Lap larger',
  birds: (birds: number) => `${birds} birds`,
  planOfNorthUpEvery: (name: string) =>
    `Plan of ${name}, north up. Every bay is listed as a button.`,
  close: 'close',
  change: 'change',
  closePicker: (label: string, shown: string) => `${label}: ${shown}. Close`,
  changePicker: (label: string, shown: string) => `${label}: ${shown}. Change`,
  left: (leftOf: string) => `left ${leftOf}`,
  lap: (name: string, name2: string) => `Lap, ${name} (${name2})`,
});
