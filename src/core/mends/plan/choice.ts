/** Which mends are made and which may not be, and what every link weighs for that. */
import type { Link, LinkState, PlanProblem } from './problem';

/** One byte a candidate: 0 open, 1 made, 2 not to be made. */
export type Choice = Uint8Array;
/** Of a candidate: made. */
export const made = 1;
/** Of a candidate: not to be made. */
export const barred = 2;

/** Nothing made, nothing barred. */
export function noChoice(problem: PlanProblem): Choice {
  return new Uint8Array(problem.candidates.length);
}

/** With this one made as well, and what it excludes barred. */
export function making(problem: PlanProblem, choice: Choice, mend: number): Choice {
  const after = choice.slice();
  after[mend] = made;
  for (const other of problem.candidates[mend]?.excludes ?? []) {
    if (after[other] !== made) after[other] = barred;
  }
  return after;
}

/** The same with these mends barred, where they are not made. */
export function barring(choice: Choice, mends: readonly number[]): Choice {
  const after = choice.slice();
  for (const mend of mends) if (after[mend] !== made) after[mend] = barred;
  return after;
}

/** Places of the mends that are made, lowest first. */
export function chosenOf(choice: Choice): number[] {
  const chosen: number[] = [];
  choice.forEach((state, index) => {
    if (state === made) chosen.push(index);
  });
  return chosen;
}

/** Which of a link’s mends are in that state, one bit each. */
export function maskOf(link: Link, choice: Choice, state: 1 | 2): number {
  let mask = 0;
  for (let bit = 0; bit < link.mends.length; bit += 1) {
    if (choice[link.mends[bit] as number] === state) mask |= 1 << bit;
  }
  return mask;
}

/** The state a link is in. Throws where mends were made that exclude each other: a slip of ours. */
export function stateOf(link: Link, choice: Choice): LinkState {
  if (link.mends.length === 0) return link.states[0] as LinkState;
  const mask = maskOf(link, choice, made);
  const state = link.states.find((it) => it.mask === mask);
  if (!state) throw new Error(`no state ${mask} of ${link.bay} ${link.by.spot.kind}`);
  return state;
}

/** What is minimised over the links: birds lost, or whether an animal is shut out. */
export type Metric = 'weight' | 'minutes';

/** Weight or minutes of a link’s state; Infinity where it holds. */
export function weightIn(state: LinkState, metric: Metric): number {
  return state[metric] ?? Infinity;
}

/** What the mends made take: hundredths of money and minutes. */
export function sumsOf(
  { candidates }: PlanProblem,
  choice: Choice,
): { readonly cents: number; readonly minutes: number } {
  let cents = 0;
  let minutes = 0;
  choice.forEach((state, index) => {
    if (state !== made) return;
    cents += candidates[index]?.cents ?? 0;
    minutes += candidates[index]?.minutes ?? 0;
  });
  return { cents, minutes };
}
