/** A reading that cannot be, in plain words. */
import { unitOf, type AttributeId } from '@/core/attributes';
import type { Unit } from '@/core/attributes/attribute';
import type { Units } from '@/core/place/place';
import type { AmountProblem } from '@/core/walk/amount-entry';
import type { LengthProblem } from '@/core/walk/length-entry';
import type { EntryProblem } from '@/core/walk/range-entry';
import { distanceWords, unitName } from './length-words';

export function readingSentence(
  problem: EntryProblem,
  attribute: AttributeId,
  units: Units,
): string {
  const unit = unitOf(attribute);
  switch (problem.problem) {
    case 'not-a-length':
    case 'too-long':
      return lengthSentence(problem, units);
    case 'not-a-number':
    case 'too-much':
      return amountSentence(problem, unit);
    case 'which':
      return whichSentence(problem);
    case 'empty':
    case 'negative':
      return unit === 'mm' ? lengthSentence(problem, units) : amountSentence(problem, unit);
  }
}

export function lengthSentence(problem: LengthProblem, units: Units): string {
  const example = units === 'metric' ? '34, 3.4 cm or 1 3/8 in' : '1 3/8, 1.4 or 34 mm';
  switch (problem.problem) {
    case 'empty':
      return `Type a reading in ${unitName(units)}, or say “can’t tell”.`;
    case 'not-a-length':
      return `“${problem.text}” is not a length. Write it like ${example}.`;
    case 'which':
      return whichSentence(problem);
    case 'negative':
      return 'A gap cannot be less than nothing. Type 0 where there is none.';
    case 'too-long':
      return `${distanceWords(problem.mm, units)} is more than this can be (at most ${distanceWords(problem.limit, units)}). Check the figure and its unit.`;
  }
}

function amountSentence(problem: AmountProblem, unit: Unit): string {
  switch (problem.problem) {
    case 'empty':
      return `Type a reading in ${unit}, or say “can’t tell”.`;
    case 'not-a-number':
      return `“${problem.text}” is not a number of ${unit}. Write it like 4.5.`;
    case 'which':
      return whichSentence(problem);
    case 'negative':
      return 'It cannot be less than nothing. Type 0 where there is none.';
    case 'too-much':
      return `${problem.value} ${unit} is more than this can be (at most ${problem.limit} ${unit}). Check the figure and its unit.`;
  }
}

/** What may be meant two ways is asked back, and never guessed. */
function whichSentence({
  text,
  of,
}: Extract<AmountProblem, { readonly problem: 'which' }>): string {
  const [only, other] = of;
  return other === undefined
    ? `“${text}”: do you mean ${only}? Type the unit with it.`
    : `“${text}” may be ${only} or ${other}: which? Type it with its unit.`;
}
