/** What the screens of `ageing` say. */
import { spoken } from '../language';
import { dayWords } from '../day-words';
import { count } from '../names';

export const ageingText = spoken('ageing', {
  mends: 'Mends',
  nothingDueForALook: 'Nothing due for a look',
  due: (many: number) => `${count(many, 'look')} due`,
  staplesTiesNettingBuriedMesh:
    'Staples, ties, netting, buried mesh and timber give way with the years. A look is a reading taken on a walk; what would let something in comes first.',
  dueNow: 'Due',
  whatItWouldOpenCould: 'What it would open could not be worked out in this browser.',
  whatItWouldOpenIs: 'What it would open is being worked out …',
  later: 'Later',
  howLongThingsLast: 'How long things last',
  expectedLife: 'Expected life',
  lifeProofed: 'Treated, or proofed against sun',
  lookEvery: 'Look every',
  looked: (looked: string | undefined, due: string, isOld: boolean) => {
    const last =
      looked === undefined ? 'Never looked at.' : `Looked at ${dayWords(looked)}. ${due}.`;
    return isOld ? `${last} Older than the shortest of its lives.` : last;
  },
});
