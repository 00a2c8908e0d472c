/** A reading that cannot be, in plain words. */
import type { AmountUnit, AttributeId } from '@/core/place/attributes';
import type { LengthProblem, Units } from '@/core/walk/length-entry';
import { distanceWords, unitName, unitOf } from './length-words';

export function readingSentence(
  problem: LengthProblem,
  attribute: AttributeId,
  units: Units,
): string {
  const unit = unitOf(attribute);
  return unit === 'mm' ? lengthSentence(problem, units) : amountSentence(problem, unit);
}

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

function amountSentence(problem: LengthProblem, unit: Exclude<AmountUnit, 'mm'>): string {
  switch (problem.problem) {
    case 'empty':
      return `Type a reading in ${unit}, or say “can’t tell”.`;
    case 'not-a-length':
      return `“${problem.text}” is not a number of ${unit}. Write it like 4.5.`;
    case 'negative':
      return 'It cannot be less than nothing. Type 0 where there is none.';
    case 'too-long':
      return `${problem.mm} ${unit} is more than this can be (at most ${problem.limit} ${unit}). Check the figure and its unit.`;
  }
}
