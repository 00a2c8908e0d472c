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
  close2: 'Close',
  change2: 'Change',
  left: (leftOf: string) => `left ${leftOf}`,
  barlowSemiCondensedArialNarrow: "'Barlow Semi Condensed', 'Arial Narrow', sans-serif",
  atkinsonHyperlegibleNextVerdana: "'Atkinson Hyperlegible Next', Verdana, sans-serif",
  rootDivOverflowVisibleImportant: '#root div{overflow:visible!important}',
  mediaPrefersColorSchemeDark: (rules: string) =>
    `@media (prefers-color-scheme:dark){:root:not([data-appearance=light],[data-appearance=sunlight]){color-scheme:dark;${rules}}}`,
  mediaPrint: (printRules: string) => `@media print{${printRules}}`,
  lap: (name: string, name2: string) => `Lap, ${name} (${name2})`,
  xmlVersion10Encoding: (withColours: string) => `<?xml version="1.0" encoding="UTF-8"?>
${withColours}
`,
  m8844l80m80l: 'M88 44l-8 0m8 0l-3 -7',
  m7618l68m68l6: 'M76 18l-6 8m6 -8l6 8',
  m8638l56m56l5: 'M86 38l-5 6m5 -6l5 6',
  m8226l68m68l6: 'M82 26l-6 8m6 -8l6 8',
  m9024l57m57l5: 'M90 24l-5 7m5 -7l5 7',
  m4820l57m57l5: 'M48 20l-5 7m5 -7l5 7',
  m8460l75m75l: 'M84 60l-7 -5m7 5l-7 5',
  m8636l86m86l: 'M86 36l-8 -6m8 6l-8 6',
  m4818l67m67l6: 'M48 18l-6 -7m6 7l6 -7',
  prefersReducedMotionReduce: '(prefers-reduced-motion: reduce)',
});
