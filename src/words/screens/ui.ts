/** What the screens of `ui` say. */
import type { Units } from '@/core/place/place';
import { distanceWords, lengthWords } from '../length-words';

export const uiText = {
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
  close2: 'Close',
  change2: 'Change',
  left: (leftOf: string) => `left ${leftOf}`,
} as const;
