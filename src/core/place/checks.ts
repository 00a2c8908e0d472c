/**
 * What a walk looks at beside the readings that are judged: seen, recorded, compared with last time, never part of the hold. Of each
 * the answers, best first.
 */
import { yesNo } from './bay';

const noIsBest = ['no', 'yes'] as const;

export const choiceChecks = {
  /** From a distance. */
  'check.cover': noIsBest,
  'check.leaning': noIsBest,
  'check.branches': noIsBest,
  'check.food': noIsBest,
  'check.sign': noIsBest,
  /** Of a layer that is off at this time of year. */
  'check.dressed': ['off', 'on'],
  /** Overhead. */
  'check.eaves': ['firm', 'loose'],
  'check.load': noIsBest,
  /** The electric fence. */
  'check.battery': ['mains', 'full', 'low'],
  'check.on': yesNo,
  'check.signs': yesNo,
  'check.joined': noIsBest,
  /** Inside a run. */
  'check.dugInside': noIsBest,
  'check.vermin': noIsBest,
  'check.hides': yesNo,
  /** Of a zone a person can be shut in. */
  'check.wayOut': yesNo,
  /** In a house. */
  'check.air': yesNo,
  'check.lamp': ['none', 'safe', 'at-risk'],
  /** Force that works a latch. */
  'check.force': ['two-hands', 'hand', 'finger'],
  /** A pen that has been moved: square, off its jacks, pegs and earth stake in. */
  'check.square': yesNo,
  /** Everything closed as at dusk. */
  'check.shut': yesNo,
} as const;

export const amountChecks = {
  'check.voltsNear': { unit: 'kV', better: 'more', most: 15 },
  /** On the earth stake, against an independent probe. */
  'check.earth': { unit: 'kV', better: 'less', most: 15 },
  'check.heads': { unit: 'birds', better: 'none', most: 10_000 },
  'check.shutTook': { unit: 'min', better: 'none', most: 600 },
} as const;

export type CheckId = keyof typeof choiceChecks | keyof typeof amountChecks;

export function isCheck(attribute: string): attribute is CheckId {
  return attribute in choiceChecks || attribute in amountChecks;
}

/** The answer that something is to be seen to, as the last of the list; the middle ones are not. */
export function isToSeeTo(attribute: string, answer: string): boolean {
  const answers: readonly string[] | undefined = (
    choiceChecks as Readonly<Record<string, readonly string[]>>
  )[attribute];
  return answers !== undefined && attribute !== 'check.dressed' && answers.at(-1) === answer;
}
