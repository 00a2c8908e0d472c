/** Bayes over what may have happened. The order of answers makes no difference, and what cannot be told is left out. */
import type { Sign } from '../records/found-signs';
import type { Culprit } from '../records/sighting';
import { signAnswers, type SignAnswer, type SignQuestion } from '../tables/signs';
import { lastAnswers, likelihood, type Suspicion } from './suspicion';
import { inquiry } from '../tables/counting';

/** Share of each suspicion after what was found, in their order; they add up to one, or are all 0 where nothing is possible. */
export function posterior(suspicions: readonly Suspicion[], signs: readonly Sign[]): number[] {
  const answers = lastAnswers(signs);
  const weights = suspicions.map((it) =>
    answers.reduce((weight, sign) => weight * likelihood(it, sign), it.prior),
  );
  const sum = weights.reduce((all, it) => all + it, 0);
  return weights.map((it) => (sum > 0 ? it / sum : 0));
}

/** Shares by culprit. */
export function byCulprit(
  suspicions: readonly Suspicion[],
  shares: readonly number[],
): ReadonlyMap<Culprit, number> {
  const sums = new Map<Culprit, number>();
  suspicions.forEach(({ culprit }, index) =>
    sums.set(culprit, (sums.get(culprit) ?? 0) + (shares[index] ?? 0)),
  );
  return sums;
}

/** Bits. */
export function entropy(shares: Iterable<number>): number {
  let sum = 0;
  for (const share of shares) if (share > 0) sum -= share * Math.log2(share);
  return sum;
}

/** Bits about who it was that an answer to this question is expected to bring. */
export function expectedInformation(
  suspicions: readonly Suspicion[],
  shares: readonly number[],
  question: SignQuestion,
): number {
  const now = entropy(byCulprit(suspicions, shares).values());
  const answers: readonly SignAnswer[] = signAnswers[question];
  const left = answers.reduce((sum, answer) => {
    const joint = suspicions.map(
      (it, index) => (shares[index] ?? 0) * likelihood(it, { question, answer }),
    );
    const chance = joint.reduce((all, it) => all + it, 0);
    if (chance === 0) return sum;
    const after = byCulprit(
      suspicions,
      joint.map((it) => it / chance),
    );
    return sum + chance * entropy(after.values());
  }, 0);
  return Math.max(0, now - left);
}

/** The question that is expected to tell most; `undefined` where none tells enough. */
export function nextQuestion(
  suspicions: readonly Suspicion[],
  signs: readonly Sign[],
  open: readonly SignQuestion[],
): SignQuestion | undefined {
  const shares = posterior(suspicions, signs);
  const [best] = open
    .map((question) => ({ question, bits: expectedInformation(suspicions, shares, question) }))
    .sort((a, b) => b.bits - a.bits);
  return best && best.bits >= inquiry.leastInformation.value ? best.question : undefined;
}
