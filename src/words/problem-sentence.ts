/** A reading that cannot be, in plain words. */
import type { LengthProblem, Units } from '@/core/walk/length-entry';
import { distanceWords, unitName } from './length-words';

export function lengthSentence(problem: LengthProblem, units: Units): string {
  const example = units === 'metric' ? '34, 3.4 cm or 1 3/8 in' : '1 3/8, 1.4 or 34 mm';
  switch (problem.problem) {
    case 'empty':
      return `Type a reading in ${unitName(units)}, or say “can’t tell”.`;
    case 'not-a-length':
      return `“${problem.text}” is not a length. Write it like ${example}.`;
    case 'negative':
      return 'A gap cannot be less than nothing. Type 0 where there is none.';
    case 'too-long':
      return `${distanceWords(problem.mm, units)} is more than this can be (at most ${distanceWords(problem.limit, units)}). Check the figure and its unit.`;
  }
}
