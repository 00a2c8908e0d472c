/** What a walk need not ask again by hand: what does not wear, move or come loose between two walks, and stands in the record. */
import type { Walk } from '../place/walk';
import { readingIn } from './open-walk';
import type { Question, QuestionKind } from './questions';
import type { Stop } from './stops';

/** Gaps, pulls, holes, states, digging and what touches a strand are always read anew. */
const lasting: readonly QuestionKind[] = [
  'soil',
  'wire-floor',
  'frame-weight',
  'pegs',
  'skirt-mesh',
  'skirt-depth',
  'skirt-outward',
  'fixing',
  'mesh',
  'clear-opening',
  'roost',
  'latch',
  'strand-height',
  'strand-stand-off',
];

/** Questions of this stop that one tap answers as they were; only those that this walk has not asked yet. */
export function lastingHere(stop: Stop, walk: Walk | undefined): Question[] {
  return stop.questions.filter(
    (question) =>
      lasting.includes(question.kind) &&
      question.known !== undefined &&
      ('is' in question.known || 'from' in question.known) &&
      !readingIn(walk, question),
  );
}
